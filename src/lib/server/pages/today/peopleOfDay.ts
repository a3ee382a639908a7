/** Who is at home, who is in charge, and who comes. */
import { PEOPLE_OF_DAY_SAYS } from '$words/answers/today';
import { homeSpans, inChargeSpans, nextAtHome } from '$core/people/presence';
import type { PersonView } from '$views/today';
import { clockText, dayAhead, weekdayName } from '$words/general';
import type { Facts } from './todayFacts';

const spanTime = (minute: number, clock: '24h' | '12h') =>
	clockText(
		`${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
		clock
	);

export function peopleViews({ home, day, minute, relation, sessions }: Facts): PersonView[] {
	const { clock } = home.home.household;
	const at = relation === 'today' ? minute : 9 * 60;
	const groups = new Map<string, string[]>();
	const carrying: PersonView[] = [];
	for (const member of home.members) {
		if (member.role === 'device') continue;
		const spans = homeSpans(member, day.date);
		if (spans.length === 0) continue;
		const carries = inChargeSpans(member, day.date);
		const now = carries.find((span) => span.from <= at && at < span.to);
		const later = carries.find((span) => span.from > at);
		const inPail =
			relation === 'today' && sessions.some((s) => !s.isOver && s.plan.people.includes(member.id));
		const busy = inPail ? PEOPLE_OF_DAY_SAYS.inSession : '';
		if (now && relation === 'today')
			carrying.unshift({
				name: member.name,
				words: `${busy}${now.to >= 1440 ? PEOPLE_OF_DAY_SAYS.allDay : PEOPLE_OF_DAY_SAYS.until(spanTime(now.to, clock))}`,
				carriesNow: true
			});
		else if (carries.length > 0 && (later ?? now)) {
			const from = (later ?? now) as { from: number };
			carrying.push({
				name: member.name,
				words: busy + PEOPLE_OF_DAY_SAYS.from(spanTime(from.from, clock)),
				carriesNow: false
			});
		} else {
			const here = spans.find((span) => span.from <= at && at < span.to);
			const comes = spans.find((span) => span.from > at);
			const words = here
				? here.to >= 1440
					? PEOPLE_OF_DAY_SAYS.atHome
					: PEOPLE_OF_DAY_SAYS.hereUntil(spanTime(here.to, clock))
				: comes
					? PEOPLE_OF_DAY_SAYS.homeAt(spanTime(comes.from, clock))
					: PEOPLE_OF_DAY_SAYS.wasHere;
			groups.set(words, [...(groups.get(words) ?? []), member.name]);
		}
	}
	return [
		...carrying,
		...[...groups].map(([words, names]) => ({ name: names.join(', '), words, carriesNow: false }))
	];
}

export function peopleWords({ home, day, relation }: Facts): string {
	if (relation === 'past') return '';
	for (const member of home.members) {
		if (member.role !== 'helper') continue;
		const next = nextAtHome(member, day.date);
		if (next === null) continue;
		if (next === day.date)
			return PEOPLE_OF_DAY_SAYS.isHere(
				member.name,
				relation === 'today' ? PEOPLE_OF_DAY_SAYS.today : PEOPLE_OF_DAY_SAYS.thatDay
			);
		return PEOPLE_OF_DAY_SAYS.comes(
			member.name,
			relation === 'today' ? dayAhead(next, day.date) : PEOPLE_OF_DAY_SAYS.on(weekdayName(next))
		);
	}
	return '';
}

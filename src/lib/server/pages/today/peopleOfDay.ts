/** Who is at home, who is in charge, and who comes. */
import { PEOPLE_OF_DAY_SAYS } from '$words/answers/today';
import { homeSpans, inChargeSpans, nextAtHome } from '$core/people/presence';
import type { PersonView } from '$views/today';
import { awayOn } from '$core/people/weekOccurrences';
import { effectivePauses } from '$core/schedule/projection';
import { clockText, dayAhead, PAUSE_WORDS, weekdayName } from '$words/general';
import type { Facts } from './todayFacts';

const spanTime = (minute: number, clock: '24h' | '12h') =>
	clockText(
		`${String(Math.floor(minute / 60) % 24).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`,
		clock
	);

/** Why somebody is away on a day, and how long it lasts; null for who is not. */
function awayWords({ projection, day }: Facts, member: string): string | null {
	const pause = effectivePauses(projection.home)
		.filter((one) => one.scope === 'member' && one.target === member)
		.filter((one) => one.from <= day.date && day.date <= one.to)
		.sort((a, b) => b.to - a.to)[0];
	if (!pause) return null;
	const word = PAUSE_WORDS[pause.reason] ?? '';
	return pause.to === day.date ? word : PEOPLE_OF_DAY_SAYS.awayUntil(word, dayAhead(pause.to, day.date));
}

export function peopleViews(facts: Facts): PersonView[] {
	const { home, day, minute, relation, sessions } = facts;
	const { clock } = home.home.household;
	const at = relation === 'today' ? minute : 9 * 60;
	const groups = new Map<string, string[]>();
	const carrying: PersonView[] = [];
	for (const member of home.members) {
		if (member.role === 'device') continue;
		const away = awayWords(facts, member.id);
		if (away !== null) {
			groups.set(away, [...(groups.get(away) ?? []), member.name]);
			continue;
		}
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

export function peopleWords({ home, day, relation, projection }: Facts): string {
	const pauses = effectivePauses(projection.home);
	if (relation === 'past') return '';
	for (const member of home.members) {
		if (member.role !== 'helper') continue;
		const next = nextAtHome(member, day.date);
		if (next === null || awayOn(pauses, next).has(member.id)) continue;
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

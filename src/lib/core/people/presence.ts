/** Who is at home and who carries the day. Handbook page 5, "Who carries the day". */
import { addDays, toDay, weekdayOf, type CivilDay } from '../calendar/civil';
import type { Member } from '../household/home';

export interface DaySpan {
	/** Minutes after midnight. */
	readonly from: number;
	readonly to: number;
}

const minutesOfDay = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

function spansOn(spans: Member['carries'] | undefined, day: CivilDay): DaySpan[] {
	return (spans ?? [])
		.filter((span) => span.weekdays.includes(weekdayOf(day)))
		.map((span) => ({ from: minutesOfDay(span.from), to: minutesOfDay(span.to) }))
		.sort((a, b) => a.from - b.from);
}

/** True on the days of a stretch away, such as a school term. */
export function isAway(member: Member, day: CivilDay): boolean {
	return member.away.some((span) => toDay(span.from) <= day && day <= toDay(span.to));
}

/** When a member is at home on a day: the whole day where nothing else is said, never on a day away. */
export function homeSpans(member: Member, day: CivilDay): DaySpan[] {
	if (isAway(member, day)) return [];
	return member.home === undefined ? [{ from: 0, to: 1440 }] : spansOn(member.home, day);
}

/** When a member carries the day. */
export function carrySpans(member: Member, day: CivilDay): DaySpan[] {
	if (isAway(member, day)) return [];
	return spansOn(member.carries, day);
}

/** The first day from `day` on, within two weeks, on which a member is at home; null for none. */
export function nextAtHome(member: Member, day: CivilDay): CivilDay | null {
	for (let i = 0; i < 14; i++) if (homeSpans(member, addDays(day, i)).length > 0) return addDays(day, i);
	return null;
}

/** Who carries the day at a minute of it: an organiser or adult at home who is named for it; null for nobody. */
export function whoCarries(
	members: readonly Member[],
	day: CivilDay,
	minute: number,
	awayIds: ReadonlySet<string> = new Set()
): Member | null {
	const grown = members.filter(
		(one) => (one.role === 'organiser' || one.role === 'adult') && !awayIds.has(one.id)
	);
	const at = (spans: readonly DaySpan[]) => spans.some((span) => span.from <= minute && minute < span.to);
	return (
		grown.find((one) => at(carrySpans(one, day))) ??
		// Nobody is named for this hour: whoever of them is at home, the organiser first.
		grown.find((one) => one.role === 'organiser' && at(homeSpans(one, day))) ??
		grown.find((one) => at(homeSpans(one, day))) ??
		null
	);
}

/** Who is at home and who carries the day. Handbook page 5, "Who carries the day". */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
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

/** When a member is at home on a day: the whole day where nothing else is said. */
export function homeSpans(member: Member, day: CivilDay): DaySpan[] {
	return member.home === undefined ? [{ from: 0, to: 1440 }] : spansOn(member.home, day);
}

/** When a member carries the day. */
export function carrySpans(member: Member, day: CivilDay): DaySpan[] {
	return spansOn(member.carries, day);
}

/** The first day from `day` on, within two weeks, on which a member is at home; null for none. */
export function nextAtHome(member: Member, day: CivilDay): CivilDay | null {
	for (let i = 0; i < 14; i++) if (homeSpans(member, addDays(day, i)).length > 0) return addDays(day, i);
	return null;
}

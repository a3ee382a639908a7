/** Weeks of a household, rows and weeks of a month. Rules: "Days and weeks". */
import {
	addDays,
	firstOfMonth,
	monthIndexOf,
	partsOf,
	weekdayOf,
	type CivilDay,
	type Weekday
} from './civil';

/** Which month a whole week belongs to: that of its first day, or that of its fourth. */
export type WeekBelongs = 'start' | 'middle';

/** Days since the week's first day: 0 to 6. */
export function dayOfWeekIndex(day: CivilDay, weekStart: Weekday): number {
	return (weekdayOf(day) - weekStart + 7) % 7;
}

/** The first day of the week that holds `day`. */
export function weekStartOf(day: CivilDay, weekStart: Weekday): CivilDay {
	return addDays(day, -dayOfWeekIndex(day, weekStart));
}

/** Row of the month, from 1: the 1st is in row 1, each `weekStart` day after the 1st begins the next row. */
export function rowOfMonth(day: CivilDay, weekStart: Weekday): number {
	const { day: dayOfMonth } = partsOf(day);
	const first = addDays(day, 1 - dayOfMonth);
	return Math.floor((dayOfMonth - 1 + dayOfWeekIndex(first, weekStart)) / 7) + 1;
}

const belongingOffset = (belongs: WeekBelongs) => (belongs === 'start' ? 0 : 3);

/** The first day of week `week` (from 1) of a month, by its month index. */
export function startOfWeekInMonth(
	monthIndex: number,
	week: number,
	weekStart: Weekday,
	belongs: WeekBelongs
): CivilDay {
	const offset = belongingOffset(belongs);
	// The first day, on or after the 1st, whose weekday is that of the week's deciding day.
	const first = firstOfMonth(monthIndex);
	const deciding = (((weekStart - 1 + offset) % 7) + 1) as Weekday;
	const ahead = (deciding - weekdayOf(first) + 7) % 7;
	return addDays(first, ahead - offset + 7 * (week - 1));
}

/** Week of the month (from 1, whole weeks) and the month index it belongs to. */
export function weekOfMonth(
	day: CivilDay,
	weekStart: Weekday,
	belongs: WeekBelongs
): { week: number; monthIndex: number } {
	const start = weekStartOf(day, weekStart);
	const deciding = addDays(start, belongingOffset(belongs));
	return { week: Math.floor((partsOf(deciding).day - 1) / 7) + 1, monthIndex: monthIndexOf(deciding) };
}

/** How many whole weeks belong to a month: 4 or 5. */
export function weeksInMonth(monthIndex: number, weekStart: Weekday, belongs: WeekBelongs): number {
	const first = startOfWeekInMonth(monthIndex, 1, weekStart, belongs);
	const next = startOfWeekInMonth(monthIndex + 1, 1, weekStart, belongs);
	return (next - first) / 7;
}

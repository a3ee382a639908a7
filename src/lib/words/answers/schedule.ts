/** What the house answers and tells in schedule: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const LOAD_SCHEDULE_SAYS = {
	thisWeekDayByDay: 'This week, day by day',
	theWeekOf: (dayMonth: Shown) => `The week of ${dayMonth}`,
	next: (next: Shown) => `Next: ${next}`,
	noZone: 'No zone',
	catchUpDay: 'Catch-up day',
	aFreeDay: 'A free day',
	aFreeDayWithSet: (count: Shown, count2: Shown) => `A free day, with ${count} ${count2} set on it`,
	theHomeIsPausedFrom: (dayMonth: Shown, dayMonth2: Shown) =>
		`The home is paused from ${dayMonth} to ${dayMonth2}.`
} as const;

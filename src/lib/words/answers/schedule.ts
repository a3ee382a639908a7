/** What the house answers and tells in schedule: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const LOAD_SCHEDULE_SAYS = {
	days: (n: number) => (n === 1 ? 'one day' : `${n} days`),
	visit: (from: Shown, to: Shown, zone: Shown) => `${from} to ${to}: ${zone}`,
	away: ', away',
	visitOfNoZone: 'no zone',
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

/** When a job is next, as it is found by name. */
export const FIND_JOB_SAYS = {
	noZoneDay: 'has no zone day to come',
	zoneIsOn: (day: Shown) => `its zone is on again ${day}`,
	overdue: 'is overdue',
	dueToday: 'is due today',
	onCall: 'comes when it is called',
	noDate: 'has no date to come',
	comes: (day: Shown) => `comes ${day}`
} as const;

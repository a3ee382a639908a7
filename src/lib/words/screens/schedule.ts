/** What the screens of schedule say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const SCHEDULE_ROUND = {
	done: ', done',
	theYear: (year: Shown) => `The year ${year}`
} as const;

export const SCHEDULE_ROUND_TOP = {
	theYear: 'The year',
	done: ', done',
	theWeekBefore: 'The week before',
	theWeekAfter: 'The week after',
	theWeeksOf: (year: Shown) => `The weeks of ${year}`
} as const;

export const SCHEDULE_WEEK = {
	today: 'today',
	to: 'New day',
	moveIt: 'Move this job',
	skipUntilNextTime: 'Skip until next time',
	changeThisJob: 'Change this job',
	addAJob: 'Add a job',
	whichJob: 'Which job',
	addItForThisDay: 'Add it for this day',
	jobsOf: (name: Shown) => `Jobs of ${name}`,
	minutes: (name: Shown, who: Shown, minutes: Shown) => `${name}, ${who}, ${minutes} minutes`,
	min: (minutes: Shown) => `${minutes} min`,
	andMore: (count: Shown) => `and ${count} more`,
	dailyRoutineMin: (basics: Shown, basics2: Shown, basicsMinutes: Shown) =>
		`Daily routine: ${basics} ${basics2}, ${basicsMinutes} min`,
	addOneOn: (name: Shown) => `Add a job on ${name}`
} as const;

export const SCHEDULE_PAGE = {
	month: 'Month',
	asAList: 'As a list',
	anyJob: 'any job',
	schedulePailRound: 'Schedule · Pail Round',
	weeks: 'Weeks',
	before: 'Earlier weeks',
	after: 'Later weeks',
	pauses: 'Pauses',
	calendar: 'Calendar',
	undo: 'Undo',
	yearlyJob: 'Yearly job',
	week: 'Week',
	min: 'min',
	minDone: 'min done',
	whenIs: 'When is',
	showItsNextDate: 'Show the next date',
	showItsWeek: 'Show that week',
	andMore: (count: Shown) => ` and ${count} more`,
	isOn: (name: Shown) => `${name} is on.`,
	nothingButTheDailyRoutine: (told: Shown) => `Nothing but the daily routine${told}.`,
	itemLine: (name: Shown, who: string, minutes: Shown) => `${name}, ${who || 'anyone'}, ${minutes} minutes`
} as const;

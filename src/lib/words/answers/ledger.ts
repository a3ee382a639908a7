/** What the house answers and tells in ledger: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const ENTRY_ACTIONS_SAYS = {
	chooseWhatIsPaused: 'Choose what is paused.',
	chooseWhichOne: 'Choose which one.',
	chooseWhyItIsPaused: 'Choose why it is paused.',
	keepTheNoteShort: 'Keep it to 60 characters.',
	chooseWhatWasDone: 'Choose what was done.',
	thatCannotBeWrittenDown: 'That cannot be written down.',
	thisFormWasNotUnderstood: 'This form was not understood. Reload the page and try again.',
	somebodyElseWroteThatAsk:
		'Somebody else wrote that. Ask them, or whoever organises the home, to take it back.',
	hasTickedItAlready: (memberName: Shown) => `${memberName} has ticked it already.`,
	youCanPauseYourOwn: 'You can pause your own days; for the rest ask whoever organises the home.',
	stillClean: 'Still clean',
	startedNotFinished: 'Started, not finished',
	skippedUntilNextTime: 'Skipped until next time',
	skippedUntilNextTimeIt: (nameOf: Shown) =>
		`Skipped until next time: ${nameOf}. It never counts as overdue.`,
	movedTheRestTheDaily: 'Moved the rest. The daily routine stays on today.',
	aLightDayJobsTake: 'Light cleaning this day: jobs take their short version, if they have one.',
	aUsualDayAgain: 'Usual cleaning again.',
	aDeepDayJobsAre: 'Thorough cleaning this day: jobs are done thoroughly, if they say how.',
	moved: (nameOf: Shown) => `Moved: ${nameOf}.`,
	addedForThatDay: (nameOf: Shown) => `Added for that day: ${nameOf}.`,
	called: (nameOf: Shown) => `Called: ${nameOf}.`,
	keptAZoneThatIs: 'Saved. A zone that is not clear spends its sittings on clearing.',
	theHome: 'The home',
	thatPerson: 'That person',
	theRoom: 'The room',
	theLayer: 'The layer',
	theJob: 'The job',
	isPausedWhatFallsDue: (word: Shown) =>
		`${word} is paused. What falls due meanwhile is skipped and never counts as overdue.`
} as const;

export const WHO_MAY_SAYS = {
	thatJobIsNotOn: 'That job is not on your list, so nothing was written. Ask whoever it belongs to.',
	eachTicksTheirOwnHere: 'Each ticks their own here. Let them tick it, or ask a grown-up.',
	tapWhoDidItFirst: 'Tap who did it first, then tick it.',
	thatJobIsSomebodyElses: 'That job is somebody else’s own, so its days are theirs to move.'
} as const;

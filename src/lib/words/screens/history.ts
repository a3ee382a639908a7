/** What the screens of history say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const HISTORY_DAY = {
	countItAgain: 'Count it again',
	andMore: (more: Shown) => `and ${more} more`,
	ofMin: (number: Shown) => `of ${number} min`,
	min: 'min'
} as const;

export const HISTORY_JOB_PAGE = {
	itTakes: 'It takes',
	lastDone: 'Last done',
	nextDue: 'Next due',
	wasThisAMistake: 'Was this a mistake?',
	itStaysHereStruckThrough:
		'It stays here, struck through, and the job is back on its day if that is not over.',
	undo: 'Undo',
	youSaidMinutesItHas: (said: Shown) => `You said ${said} minutes; it has not been timed yet.`,
	aboutMinutes: (takes: Shown) => `about ${takes} minutes`,
	mostlyYouSaid: (range: Shown, said: Shown) => `, mostly ${range}; you said ${said}.`,
	ofMin: (said: Shown) => `of ${said} min`,
	allTimes: (countOfTimes: Shown) => `All ${countOfTimes} times`
} as const;

export const HISTORY_WRITE_IN = {
	done: 'done',
	stillClean: 'still clean',
	startedNotFinished: 'started, not finished',
	skippedUntilNextTime: 'skipped until next time',
	what: 'What',
	who: 'Who',
	onWhichDay: 'On which day',
	minutesIfYouKnow: 'Minutes, if you know',
	howItWent: 'How it went',
	saveItInHistory: 'Save it in History',
	noJobs: 'No jobs yet',
	noJobsLine: 'What was done is one of the jobs of this home. Add some first.',
	addJobs: 'Add jobs from the library'
} as const;

export const HISTORY_HOW_TO_READ = {
	howADayIsRead: 'How a day is read',
	dashesAreMinutes:
		'Each job has a line like these. The dashes are the minutes it took; the upright stroke is how long it was expected to take.',
	sooner: (work: Shown, expected: Shown) => `Took ${work} minutes of the ${expected} expected.`,
	longer: (work: Shown, more: Shown) => `Took ${work} minutes, ${more} more than expected.`,
	ofMin: (expected: Shown) => `of ${expected} min`,
	chooseAJob: 'Choose a job there, and all its times stand here.'
} as const;

export const HISTORY_PAGE = {
	allWork: 'all work',
	everyone: 'everyone',
	theWholeHouse: 'the whole house',
	historyPailRound: 'History · Pail Round',
	history: 'History',
	show: 'Show',
	whichWork: 'Which work',
	by: 'by',
	byWhom: 'By whom',
	inIt: 'in',
	inWhichRoom: 'In which room',
	backFrom: 'back from',
	backFromWhichDay: 'Back from which day',
	addSomethingDone: 'Add something done',
	days: 'Days',
	earlierDays: 'Earlier days',
	allTimesOfAJob: 'All times of a job',
	backToAllDays: 'Back to all days',
	chooseAJobToSee: 'Choose a job to see all its times.',
	forWhatWasDoneAnd: 'For what was done and not ticked.'
} as const;

export const HISTORY_MONTH_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`,
	min: (minutes: Shown) => `${minutes} min`
} as const;

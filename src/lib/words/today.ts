/** Every label of Today and of a job's sheet. */
import type { CivilDay } from '$core/calendar/civil';
import type { MissRule } from '$core/calendar/recurrence';
import { dayAhead, duration, lowerNumber, numberWord, plural } from './general';

export const TODAY = {
	title: 'Today',
	next: 'Next',
	start: 'Start',
	doneAlready: 'Done already',
	done: 'Done',
	undo: 'Undo',
	howMany: 'How many minutes have you got?',
	howManyShort: 'How many minutes?',
	otherWays: 'Other ways to clean',
	close: 'Close',
	command: 'Type a command',
	dayBefore: 'The day before',
	dayAfter: 'The day after',
	backToToday: 'Back to today',
	anotherDay: 'Another day',
	showDay: 'Show this day',
	whichDay: 'Which day',
	keys: 'Keyboard keys',
	enough: 'Enough for today, move the rest …',
	enoughTitle: 'Enough for today?',
	enoughYes: 'Move the rest',
	enoughNo: 'Keep them on today',
	nothingDone: 'Nothing is done yet.',
	nothingLeft: 'Nothing left to do today',
	nothingLeftLine: 'Everything for today is done, moved or skipped.',
	nothingDue: 'Nothing falls due today.',
	addJobs: 'Add jobs from the library',
	nothingOnDay: 'Nothing to do that day',
	nothingInPart: 'Nothing here',
	whoTicks: 'Who are you? Tap your name, then tick.',
	happened: 'What was done',
	nothingWritten: 'Nothing was written down for this day.',
	notDone: 'Not done that day',
	notDoneLine: 'Each was kept, moved or skipped by its own rule.',
	overdue: 'Overdue, not urgent',
	notUrgent: 'not urgent',
	show: 'Show them',
	inProgress: 'In progress',
	inProgressLine: 'It runs by itself. Ready at the time shown.',
	seenTo: 'I have seen to it',
	noZone: 'No zone today',
	noZoneLine: 'The zone lists wait where they are.',
	clearing: 'Not decluttered yet: its time goes into clearing first, the deep list waits.',
	home: 'Looking after the home',
	homeThatDay: 'At home that day',
	fewer: 'Show fewer',
	bagLeft: 'The bag is gone',
	boxEmpty: 'The box is empty',
	zoneOfWeek: 'zone of the week'
} as const;

/** "This week: Porch & hall"; where each zone has its day: "Today: Porch & hall". */
export const zoneTitle = (name: string, relation: 'past' | 'today' | 'coming', isOfDay = false) =>
	isOfDay
		? `${relation === 'today' ? 'Today' : 'That day'}: ${name}`
		: `${relation === 'today' ? 'This' : 'That'} week: ${name}`;

/** A zone's day on which none of its jobs comes. */
export const zoneDayWords = (card: number | null) =>
	card === null
		? 'None of its jobs comes on this day.'
		: `Week ${card} of the month, none of its jobs comes.`;

/** "Day 3 of 5, 5 of 11 jobs done" */
export function zoneWords(
	card: number | null,
	day: number,
	days: number,
	settled: number,
	counted: number
): string {
	const where =
		card !== null
			? `Week ${card} of the month, `
			: days < 2
				? ''
				: day === days
					? `Last day of ${lowerNumber(days)}, `
					: `Day ${day} of ${days}, `;
	return `${where}${zoneProgress(settled, counted, plural(counted, 'job'))}`;
}

/** How far a zone is: "5 of 11 jobs done". */
export const zoneProgress = (settled: number, counted: number, jobs = ''): string =>
	counted === 0 ? NO_JOB_ON_LIST : [`${settled} of ${counted}`, jobs, 'done'].filter(Boolean).join(' ');

export const NO_JOB_ON_LIST = 'no job on its list yet';

export const countOfJobs = (jobs: number, minutes: number) =>
	`${jobs} ${plural(jobs, 'job')}, ${duration(minutes).replace(/ minutes?$/, ' min')}`;

export const sittingName = (jobs: number, zone: string) =>
	`${numberWord(jobs)} ${plural(jobs, 'job')} of ${zone}`;

export const bringBack = (jobs: number) =>
	jobs > 0 ? `Bring the other ${jobs} back to today` : 'Bring the rest back to today';

export const doneCount = (jobs: number) => `${jobs} done`;
export const moreOverdue = (jobs: number) => `${jobs} more`;
export const canBeDoneNow = (jobs: number) => `${jobs} more can be done now, but need not`;
export const overdueLine = (jobs: number) => `${jobs} overdue`;
export const inSomebodysList = (name: string) => `${name} is at it`;

export const overdueSummary = (inSight: number, waiting: number): string =>
	waiting === 0
		? inSight === 0
			? 'Nothing is overdue.'
			: 'What is overdue is in today’s list above.'
		: inSight === 0
			? 'None of it is urgent.'
			: 'The urgent ones are in today’s list; for these there is time.';

export const timeOn = (day: CivilDay | null, today: CivilDay) =>
	day === null ? 'no time in the next two weeks' : `there is time ${onDay(day, today)}`;

const onDay = (day: CivilDay, today: CivilDay) => {
	const words = dayAhead(day, today);
	return words === 'today' || words === 'tomorrow' ? words : `on ${words}`;
};

/** What happens to the rest of a day that ends early: "5 come on Saturday, 4 next time". */
export function enoughText(
	counts: Readonly<Record<MissRule, number>>,
	catchUp: string | null,
	basics: number
): string {
	const skipped = counts.letgo + (catchUp === null ? counts.catchup : 0);
	const parts = [
		basics > 0 ? `${numberWord(basics)} daily ${plural(basics, 'job stays', 'jobs stay')} on today.` : '',
		catchUp !== null && counts.catchup > 0
			? `${numberWord(counts.catchup)} ${plural(counts.catchup, 'moves', 'move')} to ${catchUp}, your catch-up day.`
			: '',
		counts.stays > 0
			? `${numberWord(counts.stays)} ${plural(counts.stays, 'stays', 'stay')} overdue until ${plural(counts.stays, 'it is', 'they are')} done.`
			: '',
		skipped > 0 ? `${numberWord(skipped)} ${plural(skipped, 'is', 'are')} skipped until next time.` : '',
		counts.carry > 0
			? `${numberWord(counts.carry)} ${plural(counts.carry, 'waits', 'wait')} for the next visit of the zone.`
			: ''
	].filter((part) => part !== '');
	return `${parts.join(' ')} Nothing is deleted; you can bring them back today.`;
}

export const SHEET = {
	toBuy: 'To buy',
	who: 'Who did it',
	minutes: 'Minutes, if you know',
	found: 'How dirty was it?',
	foundHelp: 'This changes how often we ask.',
	notSaid: 'not said',
	clean: 'less than usual',
	normal: 'as usual',
	heavy: 'very',
	done: 'Done',
	looked: 'Still clean',
	part: 'Started, not finished',
	letgo: 'Skip until next time',
	note: 'Note:',
	noteOnce: 'Note for this time:',
	needs: 'Take with you:',
	doNow: 'Do it now',
	moveTo: 'Move to another day',
	moveYes: 'Move it to this day',
	edit: 'Change this job',
	history: 'All times it was done',
	howOften: 'How often',
	ifMissed: 'If missed',
	lastDone: 'Last done',
	nextDue: 'Next due'
} as const;

/** A word to whoever does one time of a job. */
export const NOTE = {
	write: (time: string) => `Write a note for ${time}`,
	change: (time: string) => `Change the note for ${time}`,
	label: (time: string) => `Note for ${time}`,
	help: 'Whoever does it then reads it. It goes when that is done.',
	for: (day: string) => (['today', 'tomorrow'].includes(day) ? day : `the one of ${day}`),
	forNext: 'the next time',
	save: 'Save this note',
	saved: 'Saved. Whoever does it then reads it.',
	takenAway: 'That note is taken away.'
} as const;

export const ONCE = {
	short: 'Add a job',
	title: 'Add a job for one day',
	under: 'It comes once, on its day, and stays until it is done.',
	name: 'What is to do',
	day: 'On which day',
	minutes: 'How many minutes',
	who: 'Who does it',
	anyone: 'whoever comes first',
	room: 'In which room',
	add: 'Add this job'
} as const;

export const skipThe = (day: string) => `Skip the one of ${day}`;

/** Other ways to clean: what each is called, and what it does. */
/** Jobs that come only when somebody asks for them. */
export const ON_CALL = { title: 'When needed', add: (name: string) => `Put on today: ${name}` } as const;

/** How much a day is: light, usual, deep. */
export const DAY_DEPTH = {
	label: 'How thorough today is',
	names: { quick: 'Light cleaning', usual: 'Usual cleaning', deep: 'Thorough cleaning' },
	lines: {
		quick: 'every job in its short version, where it has one',
		usual: 'every job the way it is usually done',
		deep: 'every job thoroughly, where it says how'
	}
} as const;

export const OTHER_WAYS = {
	basics: { morning: 'Morning routine', midday: 'Midday routine', evening: 'Evening routine' },
	basicsLine: (jobs: number, minutes: number) =>
		jobs === 0
			? 'all done for now'
			: `${jobs} ${plural(jobs, 'job')}, about ${Math.max(1, Math.round(minutes))} min`,
	round: 'Weekly quick clean',
	roundLine: 'up to seven jobs, at most ten minutes each',
	zone: (name: string | null, minutes: number) => `${minutes} minutes in ${name ?? 'a zone'}`,
	zoneLine: (jobs: number | null, isOfDay: boolean) => {
		const [one, none] = isOfDay
			? ['today’s zone', 'no zone has its day today']
			: ['this week’s zone', 'no zone has its week just now'];
		if (jobs === null) return none;
		return jobs === 0 ? `${one}, all done` : `${one}, ${lowerNumber(jobs)} ${plural(jobs, 'job')} left`;
	},
	zoneClearing: 'it is not decluttered yet: one spot of it',
	clearing: 'Declutter one spot',
	clearingLine: 'keep, give away, throw out; 15 min',
	visitors: 'Quick tidy before visitors',
	visitorsLine: 'what they will see, until they ring',
	reset: 'Evening kitchen',
	resetLine: 'ten minutes, ready for tomorrow',
	detail: 'Deep cleaning',
	detailLine: 'pick four or five big jobs',
	bigday: 'Clean the whole house in a day',
	bigdayLine: 'with rests, laundry beside it',
	laundry: 'Laundry',
	laundryLine: (going: number, waiting: number) =>
		`${going === 0 ? 'no washing on' : `${going} ${plural(going, 'load')} on the way`}, ${waiting === 0 ? 'nothing' : `${waiting} ${plural(waiting, 'load')}`} to wash`
} as const;

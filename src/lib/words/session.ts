/** The words of pails: what each kind and each way of filling is called. */
import type { SessionKind } from '$core/session/kinds';
import { listNames } from './general';

export const KIND_WORDS: Readonly<
	Record<SessionKind, { title: string; short: string; note: string | null }>
> = {
	bite: { title: 'How many minutes have you got?', short: 'the session', note: null },
	basics: { title: 'Daily routine', short: 'the routine', note: null },
	round: {
		title: 'Weekly quick clean',
		short: 'the quick clean',
		note: 'Each job stops at ten minutes, finished or not, it counts as done.'
	},
	zone: { title: 'Minutes in the zone', short: 'the zone jobs', note: null },
	clearing: { title: 'Declutter one spot', short: 'the decluttering', note: null },
	visitors: {
		title: 'Quick tidy before visitors',
		short: 'the quick tidy',
		note: 'What visitors see comes first. If time runs short, the last jobs are left out.'
	},
	reset: { title: 'Evening kitchen', short: 'the evening kitchen', note: null },
	bigday: {
		title: 'Clean the whole house in a day',
		short: 'the big day',
		note: 'From the top of the house down, with rests, and laundry beside it.'
	},
	detail: {
		title: 'Deep cleaning',
		short: 'the deep cleaning',
		note: 'Four or five big jobs. Leave out what you do not want.'
	}
};

export const OFFER_TITLES = {
	worth: 'Most important first',
	room: 'One room',
	longest: 'Most overdue first',
	start: 'Start a bigger job'
} as const;

/** How likely all of it is done in time, in tenths. */
export function chanceText(tenths: number): string {
	if (tenths >= 10) return 'You will almost certainly finish in time';
	if (tenths <= 0) return 'You will hardly finish in time';
	const how =
		tenths >= 7
			? 'You will probably finish'
			: tenths >= 4
				? 'You may finish'
				: 'You will probably not finish';
	return `${how} in time (${tenths} ${tenths === 1 ? 'time' : 'times'} in 10)`;
}

/** What is asked of a session that nobody touched until well past its bell. */
export const ALONE = {
	title: 'What got done?',
	says: 'Say which, and it is written down.',
	sum: 'Nobody pressed anything, so its jobs are back on today’s list and no minutes count.',
	done: 'Done',
	did: (job: string) => `${job} got done`
} as const;

/** The head of a running session: what is pressed beside the work. */
export const RUN_HEAD = {
	more: 'More for this session',
	change: 'Change the jobs',
	changeLine: 'Put in, leave out, always keep',
	callLine: 'A grown-up hears it on their phone',
	otherRuns: 'Another session of yours is running. End or pause it first, then continue this one.',
	pause: 'Pause',
	resume: 'Continue',
	end: 'End session now',
	endLine: 'What is not done stays on today’s list',
	visitorsEnd: 'They are here, stop',
	bellLine: 'Press to change how loud it rings',
	done: 'Done',
	isDone: (who: string, step: string) => `${who} is done: ${step}`,
	notify: 'Notify me',
	notifyLine: 'This device tells you when the bell rings or a wait is over'
} as const;

/** What no longer fits before the end: one job by name, and how many more. */
export function offText(names: readonly string[]): string {
	const [first = '', ...rest] = names;
	return `No longer fits before the end: ${first}${rest.length > 0 ? ` and ${rest.length} more` : ''}.`;
}

/** What a session is filled by. */
export const WHO_AND_HOW = {
	minutes: 'Minutes you have',
	comeIn: 'Minutes until visitors come',
	for: 'For',
	with: 'With',
	withWhom: (names: readonly string[]) => (names.length === 0 ? 'With others' : `With ${listNames(names)}`),
	how: 'How',
	ways: [
		{ value: 'free', label: 'No fixed way' },
		{ value: 'room', label: 'All together, one room after another' },
		{ value: 'role', label: 'One dusts everywhere, another wipes, another …' },
		{ value: 'share', label: 'Everybody has their own list' }
	],
	theySee: 'They see',
	pick: 'Pick jobs',
	setTime: 'Set the time',
	more: 'How thorough, which rooms',
	depth: 'How thorough',
	depths: [
		{ value: '', label: 'As usual' },
		{ value: 'quick', label: 'Quick, where a job has that' },
		{ value: 'deep', label: 'Deep, where a job has that' }
	],
	floors: 'Floors',
	floorsWays: [
		{ value: '', label: 'As the house rules say' },
		{ value: 'with-room', label: 'Room by room' },
		{ value: 'at-end', label: 'All floors last' }
	],
	rooms: 'Only in'
} as const;

/** Opens the offers and who does it, on a phone. */
export const OTHER_USES = { title: 'Other jobs, other people' } as const;

/** Whether time is kept to spare: the other way of the one that is on. */
export const FILL_UP = { more: 'Use every minute', less: 'Keep some time to spare' } as const;

/** How thorough one job of a session is. */
export const DEPTH_OF_JOB = {
	label: 'How thorough',
	names: { quick: 'Quick', usual: 'Usual', deep: 'Deep' }
} as const;

/** A round with the zone's sitting after it, or without. */
export const sittingLink = (on: boolean, minutes: number) =>
	on ? 'Without the zone jobs after it' : `Then the zone jobs, ${minutes} min more`;

/** Counting into the three containers. */
export const CLEARING = {
	what: 'What it is, to put away',
	whatAsk: 'what it is',
	where: 'Where it belongs',
	whereAsk: 'belongs where?'
} as const;

/** What goes into the hot wash when a session is over. */
export const WASH_AFTER = {
	what: (names: readonly string[]) => `Into the hot wash: ${names.join(', ')}.`,
	load: 'Cleaning cloths',
	put: 'Put them on the laundry list'
} as const;

/** A session with nothing in it. */
export const NOTHING = {
	title: (names: string) => `Nothing to do now for ${names}`,
	line: 'Take a break, or start a session for somebody else.',
	left: 'What waits does not fit: more minutes, or other people, may help.'
} as const;

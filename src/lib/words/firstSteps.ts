/** What the first steps say of what the days do not hold. */
import type { RecommendReason } from '$core/setup/recommend';
import { numberWord } from './general';

export const LEFT_OUT = {
	label: 'What does not fit',
	says: 'Dishes, washing, floors, kitchen, bathroom, beds, dusting and bins come first; of the rest, what matters most. The others stay in the library: add them when you like.',
	which: 'Show which ones',
	takeAll: 'Add them anyway',
	onlyWhatFits: 'Only what fits into the days',
	lessOften: 'Do some jobs less often',
	asOften: 'Do all as often as usual',
	morePeople: 'Add somebody who helps'
} as const;

/** What a pattern does without. */
export const WITHOUT = {
	title: (pattern: string, count: number): string =>
		count === 0
			? `What ${pattern} does without is in`
			: `${pattern} does without ${numberWord(count).toLowerCase()} ${count === 1 ? 'job' : 'jobs'}`,
	says: 'This way of cleaning has no day for them. They stay in the library; add them if you want them in your weeks.',
	add: 'Add them too',
	leave: 'Leave them out again'
} as const;

/** Daily jobs that are more than a part of the day holds. */
export const BEYOND_PARTS = {
	title: (count: number): string =>
		`${numberWord(count)} daily ${count === 1 ? 'job is' : 'jobs are'} more than a part of the day holds`,
	says: (minutes: number): string =>
		`Morning, midday and evening have about ${minutes} minutes each for the daily routine, washing and what is each person’s own not counted. These stay in the library: add them when you like.`
} as const;

/** What comes less often so that it fits. */
export const RARER = {
	title: (count: number): string =>
		`${numberWord(count)} ${count === 1 ? 'job comes' : 'jobs come'} less often, so that more fits`,
	says: 'What a week cannot do without, the daily routine and what is done for health come as often as before.',
	which: 'Show how often',
	line: (one: { readonly name: string; readonly room: string; readonly comes: string }): string =>
		`${one.name}, ${one.room}: ${one.comes}`
} as const;

/** "Four jobs do not fit into your days" */
export const leftOutTitle = (count: number): string =>
	`${numberWord(count)} ${count === 1 ? 'job does' : 'jobs do'} not fit into your days`;

export const everythingTitle = (isOver: boolean): string =>
	isOver ? 'Everything is in, though it does not fit into your days' : 'Everything is in';

/** "Vacuum the study, Study: 12 min a week" */
export const leftOutLine = (one: {
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
}): string => `${one.name}, ${one.room}: ${one.minutes < 1 ? 'under 1' : one.minutes} min a week`;

export const longerDays = (minutes: number): string => `Plan ${minutes} minutes a day`;

export const RECOMMENDED = 'Suits you';

/** Why a pattern is recommended. */
export function recommendText(reason: RecommendReason): string {
	switch (reason.code) {
		case 'few-minutes':
			return `You have ${reason.minutes} minutes a day: this one needs the fewest.`;
		case 'out-on-weekdays':
			return 'All grown-ups are out on weekdays: the Saturday does the most.';
		case 'children':
			return `With ${reason.count} children, each can have a list of their own.`;
		case 'small-home':
			return `${reason.rooms === 1 ? 'One room' : `${reason.rooms} rooms`}${reason.alone ? ' and one grown-up' : ''}: no plan of weeks is needed.`;
		case 'many-rooms':
			return `${reason.rooms} rooms: a part of them each week, and nothing piles up.`;
		case 'most-homes':
			return 'It fits most homes.';
	}
}

/** More zones than days on which one can be on. */
export const sharedDaysText = (zones: number, days: number): string =>
	`${numberWord(zones)} zones have ${numberWord(days).toLowerCase()} ${days === 1 ? 'day' : 'days'} between them: the last ones share a day with the first. Choose fewer zones, or fewer free days under “How you clean”.`;

/** Loads of laundry in words: what they are, where they are, and what hands do next. */
import type { Load, LoadKind, Stage } from '$core/laundry/laundry';
import { numberWord, plural } from './general';

export const LOAD_WORDS: Readonly<Record<LoadKind, string>> = {
	person: 'Clothes',
	bed: 'Bed linen',
	towels: 'Towels',
	cloths: 'Cleaning cloths'
};

/** What hands do to bring a load to a stage. */
export function actWords(load: Pick<Load, 'dry'>, next: Stage | null): string {
	switch (next) {
		case 'collected':
			return 'Collect the load';
		case 'washing':
			return 'Start the wash';
		case 'drying':
			return load.dry === 'line' ? 'Hang out the load' : 'Put in the dryer';
		case 'folding':
			return 'Fold the load';
		case 'away':
			return 'Put the load away';
		default:
			return '';
	}
}

/** Where a load is, in words. */
export function placeWords(load: Pick<Load, 'dry'>, stage: Stage): string {
	switch (stage) {
		case 'collected':
			return 'in the basket';
		case 'washing':
			return 'in the washing machine';
		case 'drying':
			return load.dry === 'line' ? 'on the washing line' : 'in the dryer';
		case 'folding':
			return 'on the table';
		default:
			return '';
	}
}

/** Beside the way back after an illness. */
export const waitingToWash = (loads: number) =>
	loads === 1 ? 'One load waits to be washed.' : `${loads} loads wait to be washed.`;

/** A load of a wash day that went by. */
export const missedWords = (day: string) => `not washed on ${day}`;

export const LAUNDRY = {
	title: 'Laundry',
	doneBy: 'All laundry done by',
	add: 'Add a load',
	empty: 'Every load that waits for the machine stands here in its basket. Add one when a hamper is full.'
} as const;

export interface StageOnShelf {
	readonly key: Exclude<Stage, 'waiting'>;
	readonly name: string;
	/** How long it takes, in words. */
	readonly words: string;
}

export const STAGES: readonly StageOnShelf[] = [
	{ key: 'collected', name: 'Collected', words: '' },
	{ key: 'washing', name: 'Washing', words: '60 to 75 min' },
	{ key: 'drying', name: 'Drying', words: '75 to 90 min' },
	{ key: 'folding', name: 'Folding', words: '10 min' },
	{ key: 'away', name: 'Away', words: '5 min' }
];

/** "Two loads on the way." */
export const onTheWay = (loads: number): string =>
	loads === 0
		? 'Nothing is in the machine or drying.'
		: `${numberWord(loads)} ${plural(loads, 'load')} on the way.`;

/** "Ten loads to wash" */
export const toWashTitle = (loads: number): string =>
	loads === 0 ? 'Nothing to wash' : `${numberWord(loads)} ${plural(loads, 'load')} to wash`;

export const leftWords = (left: number): string => (left === 0 ? 'none' : `${left} to wash`);

export const PILE = {
	today: 'on today’s list',
	start: 'Start',
	startLabel: (name: string) => `Start now: ${name}`,
	startedLabel: (name: string) => `I started: ${name}`,
	remove: 'Remove',
	removeLabel: (name: string) => `Remove from the list: ${name}`
} as const;

export const DONE_BY = {
	aDay: 'Loads a day',
	by: 'All done by',
	rate: (loads: number) => `${loads} a day`,
	nothing: 'Nothing waits to be washed.',
	days: 'Days on which you wash; none means any day',
	saveDays: 'Save these days'
} as const;

export const ADD_LOAD = {
	name: 'Its name, if you like',
	hint: 'Tea towels',
	kind: 'What it is',
	kinds: [
		{ value: 'person', label: 'Somebody’s clothes' },
		{ value: 'bed', label: 'Bed linen' },
		{ value: 'towels', label: 'Towels' },
		{ value: 'cloths', label: 'Cleaning cloths, 60°' }
	],
	owner: 'Whose',
	everybody: 'the house’s',
	dry: 'How it dries',
	ways: [
		{ value: 'line', label: 'on a washing line' },
		{ value: 'machine', label: 'in the dryer' }
	],
	add: 'Add this load'
} as const;

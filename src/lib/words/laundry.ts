/** Loads of laundry in words: what they are, where they are, and what hands do next. */
import type { Load, LoadKind, Stage } from '$core/laundry/laundry';

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

export const PILE = {
	nothing: 'Nothing waits to be washed.',
	jobs: 'On today’s list',
	start: 'Start',
	startLabel: (name: string) => `Start now: ${name}`
} as const;

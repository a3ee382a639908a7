/** What the screens of laundry say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const LAUNDRY_LINES = {
	undo: 'Undo',
	next: 'Next',
	min: 'min',
	undoOf: (name: Shown) => `Undo: ${name}`,
	wetTooLongSince: (latest: Shown) => `, wet too long since ${latest}`,
	byAtTheLatest: (latest: Shown) => `, by ${latest} at the latest`
} as const;

export const LAUNDRY_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

/** Which pattern suits a home, and why. Rules: "Patterns". */
import type { Draft } from './draft';

/** What speaks for a pattern. */
export type RecommendReason =
	| { readonly code: 'few-minutes'; readonly minutes: number }
	| { readonly code: 'out-on-weekdays' }
	| { readonly code: 'children'; readonly count: number }
	/** `alone`: one grown-up, where that is known. */
	| { readonly code: 'small-home'; readonly rooms: number; readonly alone: boolean }
	| { readonly code: 'many-rooms'; readonly rooms: number }
	| { readonly code: 'most-homes' };

export interface Recommendation {
	readonly pattern: string;
	readonly reason: RecommendReason;
}

/** Fewer minutes a day than this hold no week of zones. */
const FEW_MINUTES = 15;
const SMALL = { rooms: 4, people: 1 };
const MANY_ROOMS = 9;
const MANY_CHILDREN = 3;

/** The pattern that suits the answers so far; what was not answered yet says nothing. */
export function recommendPattern(draft: Pick<Draft, 'minutesADay' | 'people' | 'rooms'>): Recommendation {
	const { minutesADay, people, rooms } = draft;
	const grown = people.filter((one) => one.role === 'adult' || one.role === 'organiser');
	const children = people.filter((one) => one.role === 'child').length;
	if (minutesADay !== undefined && minutesADay <= FEW_MINUTES)
		return { pattern: 'light-and-thorough', reason: { code: 'few-minutes', minutes: minutesADay } };
	if (children >= MANY_CHILDREN)
		return { pattern: 'family-lists', reason: { code: 'children', count: children } };
	if (grown.length > 0 && grown.every((one) => one.presence === 'evenings'))
		return { pattern: 'saturday-morning', reason: { code: 'out-on-weekdays' } };
	if (rooms.length > 0 && rooms.length <= SMALL.rooms && grown.length <= SMALL.people && children === 0)
		return {
			pattern: 'upkeep',
			reason: { code: 'small-home', rooms: rooms.length, alone: grown.length === 1 }
		};
	if (rooms.length >= MANY_ROOMS)
		return { pattern: 'rolling-zones', reason: { code: 'many-rooms', rooms: rooms.length } };
	return { pattern: 'rolling-zones', reason: { code: 'most-homes' } };
}

/** Steps on which zones are thought of, before a pattern is. */
const BEFORE_PATTERN: readonly Draft['step'][] = ['rooms', 'zones'];

/**
 * The pattern of the answers so far: the one that was taken, or, before any was, the one that suits. Whoever has parted
 * their rooms into zones has asked for zones. Rules: "Patterns".
 */
export function patternOf(draft: Draft): string {
	const { pattern, patternTaken, zones, step } = draft;
	if (patternTaken || zones !== undefined || BEFORE_PATTERN.includes(step)) return pattern;
	return recommendPattern(draft).pattern;
}

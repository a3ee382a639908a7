/** The ways of cleaning among which a home chooses, its own among them. Rules: "First steps taken again". */
import type { Home } from '../household/home';
import type { Pattern } from './pattern';

/** The id of a home's own way among the answers. */
export const AS_IT_IS = 'as-it-is';

/** More zones than a pattern can want. */
const MOST_ZONES = 7;

/** It as a pattern, with what is said of it: one that lays nothing anew, as the home lives by it already. */
export function patternOfHome({ household: { rhythm }, zones }: Home, says: string): Pattern {
	return {
		format: 'pail-round/pattern',
		version: 1,
		id: AS_IT_IS,
		name: rhythm.pattern,
		says,
		forWhom: says.slice(0, 120),
		rhythm: {
			scheme: rhythm.scheme.type,
			extra: rhythm.scheme.extra,
			zones: Math.min(MOST_ZONES, zones.length),
			zoneDays: rhythm.zoneDays,
			sittingMinutes: rhythm.sittingMinutes,
			catchUpDays: rhythm.catchUpDays,
			freeDays: rhythm.freeDays,
			subjects: rhythm.subjects
		},
		basicsAPart: 15,
		rules: [{ of: {}, place: { how: 'keep' } }]
	};
}

/** The ways among which the answers choose: those that there are, and before them that of a home, where it is none of them. */
export const waysOf = (home: Home | null, patterns: readonly Pattern[], says: string): readonly Pattern[] =>
	home === null || patterns.some((one) => one.name === home.household.rhythm.pattern)
		? patterns
		: [patternOfHome(home, says), ...patterns];

/** One of them by its id. Where there is none of that id, nothing is laid anew: that by which a home lives, else the first. */
export const wayAmong = (ways: readonly Pattern[], id: string, home: Home | null): Pattern =>
	ways.find((one) => one.id === id) ??
	ways.find((one) => one.name === home?.household.rhythm.pattern) ??
	(ways[0] as Pattern);

/** The way by which a home cleans, where it is none of those that there are. Rules: "First steps taken again". */
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

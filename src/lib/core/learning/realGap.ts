/** How often a job is really done. */
import type { CivilDay } from '../calendar/civil';

/** So many of the last days say how often. */
const LAST_DAYS = 12;
/** Fewer days on which it was done say nothing yet. */
const LEAST_DAYS = 3;

/**
 * Mean days from one day on which a job was done to the next, over the last twelve such days; null for fewer than three.
 * Several times on one day are one. Rules: "Estimate of minutes".
 * @param done - the days on which it was done, in any order
 */
export function realGap(done: readonly CivilDay[]): number | null {
	const days = [...new Set(done)].sort((a, b) => a - b).slice(-LAST_DAYS);
	const [first, last] = [days[0], days[days.length - 1]];
	if (days.length < LEAST_DAYS || first === undefined || last === undefined) return null;
	return (last - first) / (days.length - 1);
}

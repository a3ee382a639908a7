/** How likely it is that several jobs, one after another, are done in time. Rules: "Chance of finishing". */
import { normalCdf } from './minutes';

/** Minutes whose logarithm is normal: the median, and the spread of the logarithm (0: exactly the median). */
export interface SpreadMinutes {
	readonly median: number;
	readonly sigma: number;
	/** It stops here, finished or not; left out: it does not. */
	readonly most?: number | undefined;
}

/** Cells into which the time to the bell is cut. */
const CELLS = 192;
/** A probability that counts for nothing. */
const NOTHING = 1e-15;

const atMost = ({ median, sigma, most }: SpreadMinutes, minutes: number): number => {
	if (most !== undefined && minutes >= most) return 1;
	return minutes <= 0 ? 0 : normalCdf(Math.log(minutes / median) / sigma);
};

/**
 * The probability, from 0 to 1, that `fixedMinutes` and the sum of independent minutes are at most `bell`. The jobs are
 * folded one into the next on a grid; the last, the widest, is taken exactly.
 */
export function chanceOfSum(bell: number, lane: readonly SpreadMinutes[], fixedMinutes = 0): number {
	const sure = lane.filter((one) => one.sigma <= 0 || one.median <= 0);
	const time = bell - fixedMinutes - sure.reduce((sum, one) => sum + Math.max(0, one.median), 0);
	const spread = lane
		.filter((one) => one.sigma > 0 && one.median > 0)
		.sort((a, b) => a.median * a.sigma - b.median * b.sigma);
	if (time < -1e-9) return 0;
	const last = spread.pop();
	if (!last) return 1;
	const cell = time / CELLS;
	// What lies in a cell is taken to lie in its middle; so do sums of so many cells, by as many halves.
	let sums = new Float64Array(CELLS);
	sums[0] = 1;
	for (const job of spread) {
		const masses = new Float64Array(CELLS);
		let below = 0;
		// Where it has its mass: nothing is folded beside that.
		let [from, until] = [CELLS, 0];
		for (let k = 0; k < CELLS && below < 1; k++) {
			const upTo = atMost(job, (k + 1) * cell);
			masses[k] = upTo - below;
			below = upTo;
			if ((masses[k] as number) < NOTHING) continue;
			from = Math.min(from, k);
			until = k + 1;
		}
		const folded = new Float64Array(CELLS);
		for (let i = 0; i < CELLS; i++) {
			const share = sums[i] as number;
			if (share < NOTHING) continue;
			const end = Math.min(until, CELLS - i);
			for (let k = from; k < end; k++)
				folded[i + k] = (folded[i + k] as number) + share * (masses[k] as number);
		}
		sums = folded;
	}
	const half = (spread.length * cell) / 2;
	let chance = 0;
	for (let i = 0; i < CELLS; i++) chance += (sums[i] as number) * atMost(last, time - i * cell - half);
	return Math.min(1, chance);
}

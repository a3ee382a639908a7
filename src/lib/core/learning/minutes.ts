/**
 * How long a job really takes. Rules: "Estimate of minutes": the logarithm of the minutes is
 * normal; a prior from the starter minutes; timings that the bell cut off are lower bounds.
 */

export interface Timing {
	readonly minutes: number;
	/** Cut off by the bell: it took longer than this. */
	readonly cut: boolean;
}

export interface Estimate {
	/** Posterior median, in minutes. */
	readonly median: number;
	/** 10 % and 90 % points for one more timing. */
	readonly low: number;
	readonly high: number;
}

/** The starter minutes count as so many timings: a guess is a guess. */
const PRIOR_WEIGHT = 1;
const PRIOR_SIGMA = 0.35;
const PRIOR_SHAPE = 4;
/** From so many uncut timings on, the spread is learnt too. */
const LEARN_SPREAD_FROM = 5;

/** Complementary error function (Numerical Recipes' Chebyshev fit, relative error below 1.2e-7). */
function erfc(x: number): number {
	const z = Math.abs(x);
	const t = 1 / (1 + z / 2);
	const tail =
		t *
		Math.exp(
			-z * z -
				1.26551223 +
				t *
					(1.00002368 +
						t *
							(0.37409196 +
								t *
									(0.09678418 +
										t *
											(-0.18628806 +
												t *
													(0.27886807 +
														t * (-1.13520398 + t * (1.48851587 + t * (-0.82215223 + t * 0.17087277))))))))
		);
	return x >= 0 ? tail : 2 - tail;
}

/** The standard normal distribution function. */
export function normalCdf(z: number): number {
	return erfc(-z / Math.SQRT2) / 2;
}

function spreadOf(uncut: readonly number[], prior: number): number {
	const n = uncut.length;
	if (n < LEARN_SPREAD_FROM) return PRIOR_SIGMA;
	const mean = uncut.reduce((sum, x) => sum + x, 0) / n;
	const squares = uncut.reduce((sum, x) => sum + (x - mean) ** 2, 0);
	const shape = PRIOR_SHAPE + n / 2;
	const scale =
		3 * PRIOR_SIGMA ** 2 + squares / 2 + (PRIOR_WEIGHT * n * (mean - prior) ** 2) / (2 * (PRIOR_WEIGHT + n));
	return Math.sqrt(scale / (shape - 1));
}

const GRID = 801;
/** The 90 % point of a standard normal variable. */
const NINETY = 1.2815515655446004;

/**
 * The estimate from `startMinutes` and the timings so far, for one person and one depth. Minutes must be above 0.
 * Without timings that were cut off it has a closed form; with them the posterior is summed on a grid, and what was
 * computed is kept. Rules: "Estimate of minutes".
 */
export function estimateMinutes(startMinutes: number, timings: readonly Timing[]): Estimate {
	const prior = Math.log(startMinutes);
	const uncut = timings.filter((t) => !t.cut).map((t) => Math.log(t.minutes));
	const sigma = spreadOf(uncut, prior);
	const weight = PRIOR_WEIGHT + uncut.length;
	const centre = (PRIOR_WEIGHT * prior + uncut.reduce((sum, x) => sum + x, 0)) / weight;
	const width = sigma / Math.sqrt(weight);
	if (uncut.length === timings.length) {
		const ninety = NINETY * Math.hypot(width, sigma);
		return { median: Math.exp(centre), low: Math.exp(centre - ninety), high: Math.exp(centre + ninety) };
	}
	const cut = timings.filter((t) => t.cut).map((t) => Math.log(t.minutes));
	return kept([centre, width, sigma, ...cut].join(' '), () => bent(centre, width, sigma, cut));
}

/** Estimates that took a grid, by what they are of; the oldest go first. */
const KEPT = new Map<string, Estimate>();
const KEPT_AT_MOST = 4000;

function kept(key: string, make: () => Estimate): Estimate {
	const known = KEPT.get(key);
	if (known) return known;
	const made = make();
	KEPT.set(key, made);
	if (KEPT.size > KEPT_AT_MOST) KEPT.delete(KEPT.keys().next().value as string);
	return made;
}

/** The posterior where timings were cut off: each says only that it took longer, which bends the normal. */
function bent(centre: number, width: number, sigma: number, cut: readonly number[]): Estimate {
	const furthest = Math.max(centre, ...cut);
	const from = centre - 7 * width;
	const to = furthest + 7 * width + 2 * sigma;
	const step = (to - from) / (GRID - 1);
	const means = new Float64Array(GRID);
	const weights = new Float64Array(GRID);
	let top = -Infinity;
	for (let i = 0; i < GRID; i++) {
		const mean = from + i * step;
		const z = (mean - centre) / width;
		let log = -(z * z) / 2;
		for (const x of cut) log += Math.log(Math.max(1e-300, normalCdf((mean - x) / sigma)));
		means[i] = mean;
		weights[i] = log;
		top = Math.max(top, log);
	}
	let total = 0;
	let first = 0;
	for (let i = 0; i < GRID; i++) {
		const weight = Math.exp((weights[i] as number) - top);
		weights[i] = weight;
		total += weight;
		first += weight * (means[i] as number);
	}
	const predictive = (x: number) => {
		let sum = 0;
		for (let i = 0; i < GRID; i++) {
			const weight = weights[i] as number;
			// What weighs nothing changes no digit that is shown.
			if (weight > 1e-12) sum += weight * normalCdf((x - (means[i] as number)) / sigma);
		}
		return sum / total;
	};
	const quantile = (p: number) => {
		let low = from - 6 * sigma;
		let high = to + 6 * sigma;
		for (let i = 0; i < 40; i++) {
			const middle = (low + high) / 2;
			if (predictive(middle) < p) low = middle;
			else high = middle;
		}
		return Math.exp((low + high) / 2);
	};
	return { median: Math.exp(first / total), low: quantile(0.1), high: quantile(0.9) };
}

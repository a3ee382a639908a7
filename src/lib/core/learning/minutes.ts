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

const PRIOR_WEIGHT = 3;
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

/**
 * The estimate from `startMinutes` and the timings so far, for one person and one depth. Minutes must be above
 * 0. Rules: "Estimate of minutes".
 */
export function estimateMinutes(startMinutes: number, timings: readonly Timing[]): Estimate {
	const prior = Math.log(startMinutes);
	const uncut = timings.filter((t) => !t.cut).map((t) => Math.log(t.minutes));
	const cut = timings.filter((t) => t.cut).map((t) => Math.log(t.minutes));
	const sigma = spreadOf(uncut, prior);
	// Without cut timings the posterior of the mean is normal; the cut ones bend it, so it is summed on a grid.
	const weight = PRIOR_WEIGHT + uncut.length;
	const centre = (PRIOR_WEIGHT * prior + uncut.reduce((sum, x) => sum + x, 0)) / weight;
	const width = sigma / Math.sqrt(weight);
	const furthest = Math.max(centre, ...cut);
	const from = centre - 7 * width;
	const to = furthest + 7 * width + (cut.length > 0 ? 2 * sigma : 0);
	const step = (to - from) / (GRID - 1);
	const means: number[] = [];
	const logs: number[] = [];
	for (let i = 0; i < GRID; i++) {
		const mean = from + i * step;
		const z = (mean - centre) / width;
		const censored = cut.reduce(
			(sum, x) => sum + Math.log(Math.max(1e-300, normalCdf((mean - x) / sigma))),
			0
		);
		means.push(mean);
		logs.push(-(z * z) / 2 + censored);
	}
	const top = Math.max(...logs);
	const weights = logs.map((log) => Math.exp(log - top));
	const total = weights.reduce((sum, w) => sum + w, 0);
	const posteriorMean = weights.reduce((sum, w, i) => sum + w * (means[i] ?? 0), 0) / total;
	const predictive = (x: number) =>
		weights.reduce((sum, w, i) => sum + w * normalCdf((x - (means[i] ?? 0)) / sigma), 0) / total;
	const quantile = (p: number) => {
		let low = from - 6 * sigma;
		let high = to + 6 * sigma;
		for (let i = 0; i < 60; i++) {
			const middle = (low + high) / 2;
			if (predictive(middle) < p) low = middle;
			else high = middle;
		}
		return Math.exp((low + high) / 2);
	};
	return { median: Math.exp(posteriorMean), low: quantile(0.1), high: quantile(0.9) };
}

/** Which jobs could come in, for which others: every exchange that is worth more, the likeliest first. */
import type { Problem } from './problem';
import type { State } from './state';

export interface Exchange {
	readonly add: number;
	readonly drop: readonly number[];
}

/** Two jobs are given for one only where so few are planned: there are too many pairs else. */
const PAIRS_UP_TO = 16;

/**
 * Exchanges of one plan, judged by what they gain less the minutes that they would have to win, at `density` worth a
 * minute. A job that must be in comes for any that need not.
 */
export function exchangesOf(problem: Problem, state: State, density: number, must: number): Exchange[] {
	const { jobs, worth, jobMinutes, until, from, who } = problem;
	const value = (j: number) => (worth[j] as number) + (problem.must[j] === 1 ? must : 0);
	const minutes = (j: number) => jobMinutes[j] as number;
	const all = Array.from({ length: jobs }, (_, j) => j);
	const planned = all.filter((j) => state.in[j] === 1);
	const busy = planned.reduce((sum, j) => sum + minutes(j), 0);
	const room = until.reduce((sum, end, p) => sum + Math.max(0, end - (from[p] as number)), 0) - busy;
	const drops: number[][] = [[], ...planned.map((k) => [k])];
	if (planned.length <= PAIRS_UP_TO)
		planned.forEach((k, i) => planned.slice(i + 1).forEach((l) => drops.push([k, l])));
	const found: (Exchange & { readonly rank: number })[] = [];
	for (const add of all) {
		if (state.in[add] === 1 || (who[add] as Int32Array).length === 0) continue;
		for (const drop of drops) {
			const gain = value(add) - drop.reduce((sum, k) => sum + value(k), 0);
			const over = minutes(add) - drop.reduce((sum, k) => sum + minutes(k), 0) - room;
			if (gain > 1e-6 && over <= 0)
				found.push({ add, drop, rank: gain - density * Math.max(0, over + room * 0.5) });
		}
	}
	return found.sort((a, b) => b.rank - a.rank || a.add - b.add);
}

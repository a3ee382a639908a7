/** A plan in the making: which steps, in which one order, and who does each job. */
import type { Problem } from './problem';

export interface State {
	order: Int32Array;
	n: number;
	/** By job: the person; kept where the job is not planned. */
	who: Int32Array;
	/** By job: 1 where it is planned. */
	in: Uint8Array;
	worth: number;
	/** Another order has another number. */
	version: number;
	/** Timed with this order. */
	endCost: number;
	laneSum: number;
	moves: number;
}

export function emptyState(problem: Problem): State {
	return {
		order: new Int32Array(problem.steps + 1),
		n: 0,
		who: Int32Array.from(problem.who, (list) => list[0] ?? 0),
		in: new Uint8Array(problem.jobs),
		worth: 0,
		version: 0,
		endCost: 0,
		laneSum: problem.from.reduce((sum, from) => sum + from, 0),
		moves: 0
	};
}

/** True where every job is in. */
export const isWhole = (state: State): boolean => state.in.every((one) => one === 1);

export function copyState(from: State, to: State): void {
	to.order.set(from.order);
	to.n = from.n;
	to.who.set(from.who);
	to.in.set(from.in);
	to.worth = from.worth;
	to.version = from.version;
	to.endCost = from.endCost;
	to.laneSum = from.laneSum;
	to.moves = from.moves;
}

/** Takes jobs out of the order; what is left stays possible, as every rule binds planned steps only. */
export function removeJobs(problem: Problem, state: State, gone: Uint8Array, version: number): void {
	let n = 0;
	for (let i = 0; i < state.n; i++) {
		const s = state.order[i] as number;
		if (gone[problem.job[s] as number] === 0) state.order[n++] = s;
	}
	state.n = n;
	state.version = version;
	let worth = 0;
	for (let j = 0; j < problem.jobs; j++) {
		if (gone[j] === 1) state.in[j] = 0;
		if (state.in[j] === 1) worth += problem.worth[j] as number;
	}
	state.worth = worth;
}

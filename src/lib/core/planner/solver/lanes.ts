/** Of many people only some are tried for a job. */
import type { Problem } from './problem';
import type { State } from './state';

/** Lanes tried for a job, of those who may do it: in the first breath, and after it. */
const FIRST_LANES = 2;
const LANES = 3;

export type LaneFilter = (person: number) => boolean;

const everyLane: LaneFilter = () => true;

export class Lanes {
	private readonly busy: Float64Array;
	private readonly tried: Uint8Array;
	private readonly isTried: LaneFilter;

	constructor(
		private readonly problem: Problem,
		private readonly random: () => number
	) {
		this.busy = new Float64Array(problem.people);
		this.tried = new Uint8Array(problem.people);
		this.isTried = (p) => this.tried[p] === 1;
	}

	/** Those with least to do, of those who may do a job. */
	lightest(state: State, j: number): LaneFilter {
		const able = this.problem.who[j] as Int32Array;
		if (able.length <= FIRST_LANES) return everyLane;
		this.weigh(state);
		this.tried.fill(0);
		const order = [...able].sort((a, b) => (this.busy[a] as number) - (this.busy[b] as number) || a - b);
		for (const p of order.slice(0, FIRST_LANES)) this.tried[p] = 1;
		return this.isTried;
	}

	/** Any few of those who may do a job. */
	some(j: number): LaneFilter {
		const able = this.problem.who[j] as Int32Array;
		if (able.length < LANES) return everyLane;
		this.tried.fill(0);
		for (let k = 0; k < LANES; k++) this.tried[able[Math.floor(this.random() * able.length)] as number] = 1;
		return this.isTried;
	}

	private weigh({ order, n, who }: State): void {
		const { from, job, minutes } = this.problem;
		this.busy.set(from);
		for (let i = 0; i < n; i++) {
			const s = order[i] as number;
			this.busy[who[job[s] as number] as number]! += minutes[s] as number;
		}
	}
}

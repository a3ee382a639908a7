/** Which jobs are taken out of a plan, to be put back otherwise: a stretch of time, a room, or a few at random. */
import { isLargeProblem, type Problem } from './problem';
import type { State } from './state';
import type { Timing } from './timing';

/** Of all choices so many are a stretch of time, and so many a room. */
const STRETCHES = 0.3;
const ROOMS = 0.3;
/** Jobs that are taken out at random at most, and how often some more are, so that people can change places; among many steps fewer. */
const [SIZE, SIZE_OF_MANY] = [6, 5];
const [CHANGES, CHANGES_OF_MANY] = [0.1, 0.03];

export class Ruin {
	/** By job: 1 where it is taken out. */
	readonly gone: Uint8Array;
	private readonly size: number;
	private readonly changes: number;

	constructor(
		private readonly problem: Problem,
		private readonly timing: Timing,
		private readonly random: () => number
	) {
		this.gone = new Uint8Array(problem.jobs);
		const isLarge = isLargeProblem(problem);
		this.size = isLarge ? SIZE_OF_MANY : SIZE;
		this.changes = isLarge ? CHANGES_OF_MANY : CHANGES;
	}

	/** Chooses anew; while the end is `pulled` forward the plan stays with its people. */
	choose(state: State, pulled: boolean): void {
		const { random, gone } = this;
		const { n, order } = state;
		gone.fill(0);
		if (n === 0) return;
		const planned = state.in.reduce((sum, one) => sum + one, 0);
		const kind = random();
		const size = 1 + Math.floor(random() * Math.max(2, Math.min(pulled ? 7 : this.size, planned * 0.4)));
		const centre = order[Math.floor(random() * n)] as number;
		if (kind < STRETCHES) this.stretch(state, centre, size);
		else if (kind < STRETCHES + ROOMS) this.room(state, centre);
		else for (let k = 0; k < size; k++) this.mark(order[Math.floor(random() * n)] as number);
		if (!pulled && random() < this.changes) this.changePlaces(state);
	}

	private mark(s: number): void {
		this.gone[this.problem.job[s] as number] = 1;
	}

	/** The jobs nearest in time to a step, of all people or of its own. */
	private stretch({ order, n, who }: State, centre: number, size: number): void {
		const { job } = this.problem;
		const { start } = this.timing;
		const of = this.random() < 0.5 ? -1 : (who[job[centre] as number] as number);
		this.timing.time(order, n, who);
		const at = start[centre] as number;
		const away = (s: number) => Math.abs((start[s] as number) - at);
		const near = Array.from(order.subarray(0, n))
			.filter((s) => of < 0 || who[job[s] as number] === of)
			.sort((a, b) => away(a) - away(b) || a - b);
		let left = size;
		for (const s of near) {
			if (left === 0) break;
			if (this.gone[job[s] as number] === 0) left--;
			this.mark(s);
		}
	}

	/** A room, or part of it. */
	private room({ order, n }: State, centre: number): void {
		const { room } = this.problem;
		for (let i = 0; i < n; i++) {
			const s = order[i] as number;
			if (room[s] === room[centre] && this.random() < 0.75) this.mark(s);
		}
		this.mark(centre);
	}

	/** Now and then some more, so that people can change places. */
	private changePlaces(state: State): void {
		for (let j = 0; j < this.problem.jobs; j++)
			if (state.in[j] === 1 && this.random() < 0.15) this.gone[j] = 1;
	}
}

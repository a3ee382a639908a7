/**
 * Fits a chosen set of jobs before the bell: the bell is lifted, all of them are put in, and what runs over it is worked
 * down to nothing. Finds orders that no job alone can be put into. No clock is asked, as in the search.
 */
import { Inserter } from './insertion';
import { Lanes } from './lanes';
import type { Problem } from './problem';
import { Ruin } from './ruin';
import { shiftStep } from './shiftStep';
import { copyState, emptyState, removeJobs, type State } from './state';
import { Timing } from './timing';

/** Past every bell, in minutes. */
const NO_BELL = 1e5;
const TRIES = 3;
const JITTER = 0.6;
/** Single steps moved before each larger change. */
const SHIFTS = 60;
/** Minutes by which a change may be worse in the beginning. */
const BAR = 3;

export class Fitting {
	private readonly free: Problem;
	private readonly timing: Timing;
	private readonly inserter: Inserter;
	private readonly lanes: Lanes;
	private readonly ruin: Ruin;
	private readonly state: State;
	private readonly before: State;
	private readonly best: State;
	private readonly queue: number[] = [];
	private versions = 0;
	private readonly version = () => ++this.versions;
	private readonly unrest = () => this.random() * JITTER;
	private readonly cost = () => this.over() + this.timing.endCost() * 0.05 + this.timing.laneSum() * 0.02;

	constructor(
		private readonly problem: Problem,
		private readonly random: () => number
	) {
		this.free = { ...problem, until: problem.until.map((until) => until + NO_BELL) };
		this.timing = new Timing(this.free);
		this.inserter = new Inserter(this.free, this.timing);
		this.lanes = new Lanes(this.free, random);
		this.ruin = new Ruin(this.free, this.timing, random);
		this.state = emptyState(problem);
		this.before = emptyState(problem);
		this.best = emptyState(problem);
	}

	/** Steps timed so far. */
	work(): number {
		return this.timing.work();
	}

	/**
	 * The jobs of `from` without `drop` and with `add`, all before the bell, in at most `work` steps timed; null where
	 * none was found. What is answered is used again by the next call.
	 */
	fit(from: State, add: readonly number[], drop: readonly number[], work: number): State | null {
		const { state, before, ruin, timing } = this;
		const since = timing.work();
		copyState(from, state);
		ruin.gone.fill(0);
		for (const j of drop) ruin.gone[j] = 1;
		removeJobs(this.free, state, ruin.gone, this.version());
		if (!this.putIn(add, 0)) return null;
		let value = this.measure();
		let bestValue = value;
		copyState(state, this.best);
		while (this.over() > 1e-9) {
			const done = (timing.work() - since) / work;
			if (done >= 1) return null;
			const bar = BAR * (1 - done);
			for (let k = 0; k < SHIFTS; k++) value = this.shift(value, bar);
			copyState(state, before);
			ruin.choose(state, false);
			const gone = this.goneJobs();
			removeJobs(this.free, state, ruin.gone, this.version());
			const whole = this.putIn(gone, 0.7);
			const reached = whole ? this.measure() : Infinity;
			if (reached > value + bar) {
				copyState(before, state);
				this.measure();
			} else value = reached;
			if (value < bestValue - 1e-9) {
				bestValue = value;
				copyState(state, this.best);
			} else if (value > bestValue + BAR) {
				copyState(this.best, state);
				value = this.measure();
			}
		}
		return state;
	}

	/** Minutes of all lanes past their ends. */
	private over(): number {
		const { until, from } = this.problem;
		let over = 0;
		for (let p = 0; p < this.problem.people; p++) {
			const end = this.timing.laneEnd[p] as number;
			if (end > (from[p] as number)) over += Math.max(0, end - (until[p] as number));
		}
		return over;
	}

	private measure(): number {
		const { state, timing } = this;
		timing.time(state.order, state.n, state.who);
		state.endCost = timing.endCost();
		state.laneSum = timing.laneSum();
		state.moves = timing.moves();
		return this.cost();
	}

	private goneJobs(): number[] {
		this.queue.length = 0;
		this.ruin.gone.forEach((gone, j) => {
			if (gone === 1 && this.state.in[j] === 1) this.queue.push(j);
		});
		return this.queue;
	}

	/** Puts jobs in, the longest first with some `noise`; false where one finds no place at all. */
	private putIn(jobs: readonly number[], noise: number): boolean {
		const { state, cost, version, unrest: jitter, problem } = this;
		const rank = new Map(
			jobs.map((j) => [j, (problem.jobMinutes[j] as number) * (1 + noise * (2 * this.random() - 1))])
		);
		return [...jobs]
			.sort((a, b) => (rank.get(b) as number) - (rank.get(a) as number) || a - b)
			.every((j) =>
				this.inserter.insert(state, j, { cost, jitter, lanes: this.lanes.some(j), tries: TRIES, version })
			);
	}

	/** Moves one step within the order; back again where that is worse than the bar allows. */
	private shift(value: number, bar: number): number {
		const { state, timing } = this;
		const back = shiftStep(this.problem, state, this.random);
		if (!back) return value;
		if (timing.time(state.order, state.n, state.who)) {
			const reached = this.cost();
			if (reached <= value + bar) {
				state.version = this.version();
				return reached;
			}
		}
		back();
		this.measure();
		return value;
	}
}

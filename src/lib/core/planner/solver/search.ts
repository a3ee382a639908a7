/**
 * Large-neighbourhood search: part of the plan is taken out (a room, a stretch of time, a person, a few at random) and
 * put back otherwise. A worse plan is kept while it is little worse, by a bar that sinks to nothing. No clock is
 * asked: the work is counted in steps timed, so that the same input gives the same plan on every machine.
 */
import { seededRandom } from '../../random';
import { exchangesOf, type Exchange } from './exchanges';
import { Fitting } from './fitting';
import { Inserter } from './insertion';
import { Lanes } from './lanes';
import { isLargeProblem, type Problem } from './problem';
import { Ruin } from './ruin';
import { shiftStep } from './shiftStep';
import { copyState, emptyState, isWhole, removeJobs, type State } from './state';
import { Timing } from './timing';

/** Work of one round, in steps timed. */
export const ROUND_WORK = 100_000;

const MUST = 1e6;
/** Places timed for each insertion, in the first breath and after it. */
const FIRST_TRIES = 4;
const TRIES = 3;
/** Unrest in the judgement of places. */
const JITTER = 0.5;
/** Jobs that find no place before the rest is left untried. */
const PATIENCE = 8;
/** A second first plan is tried where the first took at most one part in so many of its work. */
const SECOND_TRY = 4;
/** The part of the rounds that looks for worth; the rest pulls the end forward. */
const SHARE_FOR_WORTH = 0.85;
/**
 * Of those that look for worth, the part that takes out and puts back; the rest fits chosen jobs in. Among many steps all
 * of them take out and put back: there are more exchanges than can be tried.
 */
const SHARE_OF_RUIN = 0.5;
/** By how much of the mean worth of a job a plan may be worse in the beginning; among many steps by less. */
const [BAR, BAR_OF_MANY] = [0.5, 0.25];
/** Steps timed for each exchange that is tried; more each time that all have been. */
const EXCHANGE_WORK = 40_000;
/** What each counts for at least. */
const LEAST_WORK = 500;

const never = () => 0;

/** A search for the best plan of one problem. */
export class Search {
	/** The best plan so far. */
	readonly best: State;
	private bestValue = -Infinity;
	private readonly state: State;
	private value = -Infinity;
	private readonly before: State;
	private readonly timing: Timing;
	private readonly inserter: Inserter;
	private readonly lanes: Lanes;
	private readonly ruin: Ruin;
	private readonly random: () => number;
	private readonly queue: Int32Array;
	private readonly rank: Float64Array;
	/** Worth of all jobs, and by the minute. */
	private readonly all: number;
	private readonly density: number;
	/** True: worth is settled, the end is pulled forward. */
	private pulling = false;
	private readonly fitting: Fitting;
	/** Exchanges of the best plan, how many of them were tried, and how long each is tried. */
	private exchanges: readonly Exchange[] | null = null;
	private tried = 0;
	private patience = 1;
	private versions = 0;
	private readonly version = () => ++this.versions;
	private readonly unrest = () => this.random() * JITTER;
	/** What an insertion is judged by. */
	private readonly cost = () =>
		this.pulling
			? this.timing.endCost() + this.timing.laneSum() * 0.02 + this.timing.moves() * 0.001
			: this.timing.laneSum() + this.timing.hops() * this.problem.hopCost + this.timing.moves() * 0.01;

	constructor(
		private readonly problem: Problem,
		seed = 1
	) {
		this.random = seededRandom(seed);
		this.timing = new Timing(problem);
		this.inserter = new Inserter(problem, this.timing);
		this.lanes = new Lanes(problem, this.random);
		this.ruin = new Ruin(problem, this.timing, this.random);
		this.fitting = new Fitting(problem, this.random);
		this.state = emptyState(problem);
		this.best = emptyState(problem);
		this.before = emptyState(problem);
		this.queue = new Int32Array(problem.jobs);
		this.rank = new Float64Array(problem.jobs);
		this.all = problem.worth.reduce((sum, one) => sum + one, 0);
		this.density =
			this.all /
			Math.max(
				1,
				problem.jobMinutes.reduce((sum, one) => sum + one, 0)
			);
	}

	/** True where the best plan holds every job. */
	isWhole(): boolean {
		return isWhole(this.best);
	}

	/** A first plan: whole in itself, the same each time, in about `limit` steps timed. */
	greedy(limit = Infinity): void {
		const { timing, problem } = this;
		const begun = timing.work();
		this.insertAll((j) => this.perMinute(j), limit);
		// Small things first can leave no room for the one that matters: where there is time, by worth alone, too.
		if (timing.work() - begun < limit / SECOND_TRY && !isWhole(this.best)) {
			removeJobs(problem, this.state, this.ruin.gone.fill(1), this.version());
			this.insertAll((j) => problem.worth[j] as number, limit / SECOND_TRY);
		}
		this.toBest();
	}

	/** Looks for worth, then pulls the end forward; yields after each round, true where it found better. */
	*rounds(count: number): Generator<boolean> {
		const { jobs } = this.problem;
		if (jobs === 0) return;
		const start = this.timing.work();
		const mean = this.all / jobs;
		let pulledFrom = start;
		const share = isWhole(this.best) ? 0 : Math.ceil(count * SHARE_FOR_WORTH);
		const isLarge = isLargeProblem(this.problem);
		const ruin = isLarge ? share : Math.ceil(share * SHARE_OF_RUIN);
		const bar = mean * (isLarge ? BAR_OF_MANY : BAR);
		for (let i = 0; i < count; i++) {
			if (i >= ruin && i < share && !isWhole(this.best)) {
				yield this.exchange();
				continue;
			}
			const round = this.timing.work() + ROUND_WORK;
			if (!this.pulling && (i >= share || isWhole(this.best))) {
				this.pulling = true;
				pulledFrom = this.timing.work();
				this.toBest();
			}
			const left = (this.pulling ? count : ruin) - i;
			const from = this.pulling ? pulledFrom : start;
			yield this.run(round, from, round + (left - 1) * ROUND_WORK, this.pulling ? 1.5 : bar);
		}
	}

	/** Tries exchanges of the best plan for a round; true where one came out. */
	private exchange(): boolean {
		const { fitting } = this;
		const until = fitting.work() + ROUND_WORK;
		let better = false;
		// What finds no place at all costs no step; it is counted all the same, so that every round ends.
		for (let tries = 0; fitting.work() + tries * LEAST_WORK < until; tries++) {
			this.exchanges ??= exchangesOf(this.problem, this.best, this.density, MUST);
			const next = this.exchanges[this.tried++];
			if (!next) {
				if (this.exchanges.length === 0) return better;
				this.tried = 0;
				this.patience = Math.min(8, this.patience * 2);
				continue;
			}
			const found = fitting.fit(this.best, [next.add], next.drop, EXCHANGE_WORK * this.patience);
			if (!found) continue;
			copyState(found, this.state);
			this.state.version = this.version();
			this.measure(this.state);
			if (!this.note()) continue;
			better = true;
			this.exchanges = null;
			this.tried = 0;
			this.patience = 1;
		}
		return better;
	}

	private measure(state: State): void {
		const { timing } = this;
		timing.time(state.order, state.n, state.who);
		state.endCost = timing.endCost();
		state.laneSum = timing.laneSum();
		state.moves = timing.moves();
	}

	/** Required jobs that are not in. */
	private missing(state: State): number {
		let missing = 0;
		for (let j = 0; j < this.problem.jobs; j++)
			if (this.problem.must[j] === 1 && state.in[j] === 0) missing++;
		return missing;
	}

	/** What is best of all: worth, then the end, then fewer moves. */
	private truth(state: State): number {
		return state.worth * 1e4 - state.endCost - state.moves * 1e-3 - this.missing(state) * MUST * 1e4;
	}

	/** What the search climbs: while it looks for worth, minutes that are free count a little. */
	private climb(state: State): number {
		return this.pulling
			? this.truth(state) - state.laneSum * 0.02
			: state.worth - state.laneSum * this.density * 0.04 - this.missing(state) * MUST;
	}

	private perMinute(j: number): number {
		return (this.problem.worth[j] as number) / ((this.problem.jobMinutes[j] as number) + 0.7);
	}

	/** Keeps the plan in hand where it is the best so far. */
	private note(): boolean {
		const reached = this.truth(this.state);
		if (reached <= this.bestValue + 1e-9) return false;
		this.bestValue = reached;
		copyState(this.state, this.best);
		return true;
	}

	private toBest(): void {
		copyState(this.best, this.state);
		this.value = this.climb(this.state);
	}

	private sorted(n: number): Int32Array {
		const { rank } = this;
		return this.queue.subarray(0, n).sort((a, b) => (rank[b] as number) - (rank[a] as number) || a - b);
	}

	/** Puts all jobs in, best first. */
	private insertAll(judged: (j: number) => number, limit: number): void {
		const { problem, state, timing, cost, version } = this;
		const from = timing.work();
		for (let j = 0; j < problem.jobs; j++) {
			this.rank[j] = problem.must[j] === 1 ? MUST + (problem.worth[j] as number) : judged(j);
			this.queue[j] = j;
		}
		for (const j of this.sorted(problem.jobs)) {
			if (problem.must[j] === 0 && timing.work() - from > limit) break;
			const lanes = this.lanes.lightest(state, j);
			this.inserter.insert(state, j, { cost, jitter: never, lanes, tries: FIRST_TRIES, version });
		}
		this.measure(state);
		this.note();
	}

	/** Puts jobs back in, best first; `noise` mixes their order. */
	private putIn(noise: number, onlyGone: boolean): void {
		const { problem, state, cost, version, unrest: jitter } = this;
		const { gone } = this.ruin;
		let n = 0;
		for (let j = 0; j < problem.jobs; j++) {
			if (state.in[j] === 1 || (onlyGone && gone[j] === 0)) continue;
			this.rank[j] =
				(problem.must[j] === 1 ? MUST : this.perMinute(j)) * (1 + noise * (this.random() - 0.5)) +
				(this.pulling && gone[j] === 1 ? 100 : 0);
			this.queue[n++] = j;
		}
		const list = this.sorted(n);
		// A few steps per insertion are timed many times over: past so many failures the rest is not tried.
		for (let i = 0, failed = 0; i < n && failed < PATIENCE; i++) {
			const j = list[i] as number;
			const lanes = this.lanes.some(j);
			if (!this.inserter.insert(state, j, { cost, jitter, lanes, tries: TRIES, version })) failed++;
		}
	}

	/** Moves single steps; true where that found better. */
	private shift(times: number, bar: number): boolean {
		const { state, timing } = this;
		const { order, who } = state;
		let better = false;
		for (let k = 0; k < times && state.n > 1; k++) {
			const was = this.value;
			const { endCost, laneSum, moves, version } = state;
			const back = shiftStep(this.problem, state, this.random);
			if (!back) continue;
			if (!timing.time(order, state.n, who)) {
				back();
				continue;
			}
			state.endCost = timing.endCost();
			state.laneSum = timing.laneSum();
			state.moves = timing.moves();
			state.version = this.version();
			this.value = this.climb(state);
			if (this.note()) better = true;
			else if (this.value < was - bar) {
				back();
				Object.assign(state, { endCost, laneSum, moves, version });
				this.value = was;
			}
		}
		return better;
	}

	/** Work up to `until`; the bar for worse plans sinks from `bar` to nothing over the work from `since` to `over`. */
	private run(until: number, since: number, over: number, bar: number): boolean {
		const { state, before, timing, ruin } = this;
		let better = false;
		while (timing.work() < until) {
			const done = (timing.work() - since) / Math.max(1, over - since);
			const open = bar * Math.max(0, 1 - done);
			if (this.shift(this.pulling ? 40 : 6, open * 0.3)) better = true;
			copyState(state, before);
			const was = this.value;
			ruin.choose(state, this.pulling);
			removeJobs(this.problem, state, ruin.gone, this.version());
			this.putIn(this.pulling ? 0.8 : this.random() < 0.5 ? 0.5 : 1.2, this.pulling && isWhole(before));
			this.measure(state);
			if (state.n === 0 && before.n === 0) return better;
			this.value = this.climb(state);
			if (this.note()) better = true;
			else if (this.value < was - open) {
				copyState(before, state);
				this.value = was;
			}
		}
		return better;
	}
}

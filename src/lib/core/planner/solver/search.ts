/**
 * Large-neighbourhood search: part of the plan is taken out (a room, a stretch of time, a person, a few at random) and
 * put back otherwise. A worse plan is kept while it is little worse, by a bar that sinks to nothing. No clock is
 * asked: the work is counted in steps timed, so that the same input gives the same plan on every machine.
 */
import { seededRandom } from '../../random';
import { inserter } from './insertion';
import type { Problem } from './problem';
import { copyState, emptyState, removeJobs, type State } from './state';
import { timing } from './timing';

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
/** Lanes tried for a job, of those who may do it. */
const FIRST_LANES = 2;
const LANES = 3;
/** The part of the rounds that looks for worth; the rest pulls the end forward. */
const SHARE_FOR_WORTH = 0.85;

function moveStep(order: Int32Array, from: number, to: number): void {
	const s = order[from] as number;
	if (to < from) order.copyWithin(to + 1, to, from);
	else order.copyWithin(from, from + 1, to + 1);
	order[to] = s;
}

export function search(problem: Problem, seed = 1) {
	const time = timing(problem);
	const insert = inserter(problem, time);
	const random = seededRandom(seed);
	const { jobs } = problem;
	const state = emptyState(problem);
	const best = emptyState(problem);
	const before = emptyState(problem);
	const gone = new Uint8Array(jobs);
	const queue = new Int32Array(jobs);
	const rank = new Float64Array(jobs);
	const all = problem.worth.reduce((sum, one) => sum + one, 0);
	const minutes = problem.jobMinutes.reduce((sum, one) => sum + one, 0);
	const density = all / Math.max(1, minutes);
	const whole = (s: State) => s.in.every((one) => one === 1);
	let bestValue = -Infinity;
	let value = -Infinity;
	/** True: worth is settled, the end is pulled forward. */
	let pulling = false;

	const measure = (s: State) => {
		time.time(s.order, s.n, s.who);
		s.makespan = time.makespan();
		s.laneSum = time.laneSum();
		s.moves = time.moves();
	};
	const musts = (s: State) => {
		let missing = 0;
		for (let j = 0; j < jobs; j++) if (problem.must[j] === 1 && s.in[j] === 0) missing++;
		return missing;
	};
	/** What is best of all: worth, then the end, then fewer moves. */
	const truth = (s: State) => s.worth * 1e4 - s.makespan - s.moves * 1e-3 - musts(s) * MUST * 1e4;
	/** What the search climbs: while it looks for worth, minutes that are free count a little. */
	const climb = (s: State) =>
		pulling ? truth(s) - s.laneSum * 0.02 : s.worth - s.laneSum * density * 0.04 - musts(s) * MUST;
	const cost = () =>
		pulling
			? time.makespan() + time.laneSum() * 0.02 + time.moves() * 0.001
			: time.laneSum() + time.moves() * 0.01;
	let versions = 0;
	const version = () => ++versions;
	const never = () => 0;
	const unrest = () => random() * JITTER;

	const busy = new Float64Array(problem.people);
	const tried = new Uint8Array(problem.people);
	const isTried = (p: number) => tried[p] === 1;
	const everyLane = () => true;
	function weigh() {
		busy.set(problem.from);
		for (let i = 0; i < state.n; i++) {
			const s = state.order[i] as number;
			busy[state.who[problem.job[s] as number] as number]! += problem.minutes[s] as number;
		}
	}
	/** Of many people only some are tried for a job: in the first breath those with least to do, later any. */
	function lightest(j: number): (p: number) => boolean {
		const able = problem.who[j] as Int32Array;
		if (able.length <= FIRST_LANES) return everyLane;
		weigh();
		tried.fill(0);
		const order = [...able].sort((a, b) => (busy[a] as number) - (busy[b] as number) || a - b);
		for (const p of order.slice(0, FIRST_LANES)) tried[p] = 1;
		return isTried;
	}
	function someLanes(j: number): (p: number) => boolean {
		const able = problem.who[j] as Int32Array;
		if (able.length < LANES) return everyLane;
		tried.fill(0);
		for (let k = 0; k < LANES; k++) tried[able[Math.floor(random() * able.length)] as number] = 1;
		return isTried;
	}

	function note(): boolean {
		const reached = truth(state);
		if (reached <= bestValue + 1e-9) return false;
		bestValue = reached;
		copyState(state, best);
		return true;
	}

	/** Puts jobs in, best first; `noise` mixes their order. */
	function putIn(noise: number, jitter: () => number, onlyGone: boolean, atMost: number) {
		let n = 0;
		for (let j = 0; j < jobs; j++) {
			if (state.in[j] === 1 || (onlyGone && gone[j] === 0)) continue;
			const per = (problem.worth[j] as number) / ((problem.jobMinutes[j] as number) + 0.7);
			rank[j] =
				(problem.must[j] === 1 ? MUST : per) * (1 + noise * (random() - 0.5)) +
				(pulling && gone[j] === 1 ? 100 : 0);
			queue[n++] = j;
		}
		const list = queue.subarray(0, n).sort((a, b) => (rank[b] as number) - (rank[a] as number) || a - b);
		let failed = 0;
		for (let i = 0; i < n && failed < atMost; i++) {
			// A few steps per insertion are timed many times over: past this the rest is not tried.
			if (
				!insert(state, list[i] as number, {
					cost,
					jitter,
					lanes: someLanes(list[i] as number),
					tries: TRIES,
					version
				})
			)
				failed++;
		}
	}

	/** A first plan: whole in itself, the same each time, in little time. */
	function greedy(limit = Infinity): void {
		const begun = time.work();
		const perMinute = (j: number) => (problem.worth[j] as number) / ((problem.jobMinutes[j] as number) + 0.7);
		insertAll(perMinute, limit);
		// Small things first can leave no room for the one that matters: where there is time, by worth alone, too.
		if (time.work() - begun < limit / SECOND_TRY && !whole(best)) {
			removeJobs(problem, state, gone.fill(1), version());
			insertAll((j) => problem.worth[j] as number, limit / SECOND_TRY);
		}
		toBest();
	}

	function insertAll(judged: (j: number) => number, limit: number): void {
		const from = time.work();
		for (let j = 0; j < jobs; j++) {
			rank[j] = problem.must[j] === 1 ? MUST + (problem.worth[j] as number) : judged(j);
			queue[j] = j;
		}
		queue.sort((a, b) => (rank[b] as number) - (rank[a] as number) || a - b);
		for (const j of queue) {
			if (problem.must[j] === 0 && time.work() - from > limit) break;
			insert(state, j, { cost, jitter: never, lanes: lightest(j), tries: FIRST_TRIES, version });
		}
		measure(state);
		note();
	}

	function mark(j: number) {
		gone[j] = 1;
	}
	/** Chooses what to take out. */
	function choose(): void {
		gone.fill(0);
		const { n, order } = state;
		if (n === 0) return;
		const planned = state.in.reduce((sum, one) => sum + one, 0);
		const kind = random();
		const size = 1 + Math.floor(random() * Math.max(2, Math.min(pulling ? 7 : 6, planned * 0.4)));
		const centre = order[Math.floor(random() * n)] as number;
		if (kind < 0.3) {
			// A stretch of time, of all people or of one.
			const of = random() < 0.5 ? -1 : (state.who[problem.job[centre] as number] as number);
			time.time(order, n, state.who);
			const at = time.start[centre] as number;
			let left = size;
			const near = Array.from({ length: n }, (_, i) => order[i] as number)
				.filter((s) => of < 0 || state.who[problem.job[s] as number] === of)
				.sort(
					(a, b) =>
						Math.abs((time.start[a] as number) - at) - Math.abs((time.start[b] as number) - at) || a - b
				);
			for (const s of near) {
				if (left === 0) break;
				if (gone[problem.job[s] as number] === 0) left--;
				mark(problem.job[s] as number);
			}
		} else if (kind < 0.6) {
			// A room, or part of it.
			const r = problem.room[centre];
			for (let i = 0; i < n; i++) {
				const s = order[i] as number;
				if (problem.room[s] === r && random() < 0.75) mark(problem.job[s] as number);
			}
			mark(problem.job[centre] as number);
		} else {
			for (let k = 0; k < size; k++) mark(problem.job[order[Math.floor(random() * n)] as number] as number);
		}
		if (pulling) return;
		// Two people change places now and then.
		if (random() < 0.1) for (let j = 0; j < jobs; j++) if (state.in[j] === 1 && random() < 0.15) mark(j);
	}

	/** Moves single steps within the one order, where their own job leaves them room; true where that found better. */
	function shift(times: number, bar: number): boolean {
		let better = false;
		const { order } = state;
		for (let k = 0; k < times && state.n > 1; k++) {
			const at = Math.floor(random() * state.n);
			const s = order[at] as number;
			const j = problem.job[s] as number;
			let lo = at;
			while (lo > 0 && problem.job[order[lo - 1] as number] !== j) lo--;
			let hi = at;
			while (hi < state.n - 1 && problem.job[order[hi + 1] as number] !== j) hi++;
			const to = lo + Math.floor(random() * (hi - lo + 1));
			if (to === at) continue;
			const was = value;
			const [makespan, laneSum, moves, numbered] = [
				state.makespan,
				state.laneSum,
				state.moves,
				state.version
			];
			moveStep(order, at, to);
			if (time.time(order, state.n, state.who)) {
				state.makespan = time.makespan();
				state.laneSum = time.laneSum();
				state.moves = time.moves();
				state.version = version();
				value = climb(state);
				if (note()) better = true;
				else if (value >= was - bar) continue;
				else {
					moveStep(order, to, at);
					Object.assign(state, { makespan, laneSum, moves, version: numbered });
					value = was;
				}
			} else moveStep(order, to, at);
		}
		return better;
	}

	/** Work up to `until`; the bar for worse plans sinks from `bar` to nothing over the work from `since` to `over`. */
	function run(until: number, since: number, over: number, bar: number): boolean {
		let better = false;
		while (time.work() < until) {
			const done = (time.work() - since) / Math.max(1, over - since);
			const open = bar * Math.max(0, 1 - done);
			if (shift(pulling ? 40 : 6, open * 0.3)) better = true;
			copyState(state, before);
			const was = value;
			choose();
			removeJobs(problem, state, gone, version());
			putIn(pulling ? 0.8 : random() < 0.5 ? 0.5 : 1.2, unrest, pulling && whole(before), PATIENCE);
			measure(state);
			if (state.n === 0 && before.n === 0) return better;
			value = climb(state);
			if (note()) better = true;
			else if (value < was - open) {
				copyState(before, state);
				value = was;
			}
		}
		return better;
	}

	function toBest() {
		copyState(best, state);
		value = climb(state);
	}

	return {
		greedy,
		best,
		bestValue: () => bestValue,
		work: time.work,
		whole: () => whole(best),
		/** Looks for worth, then pulls the end forward; yields after each round, true where it found better. */
		*rounds(count: number): Generator<boolean> {
			if (jobs === 0) return;
			const start = time.work();
			const mean = all / jobs;
			const share = whole(best) ? 0 : Math.ceil(count * SHARE_FOR_WORTH);
			for (let i = 0; i < count; i++) {
				const round = start + (i + 1) * ROUND_WORK;
				if (i === share || (i < share && whole(best))) {
					pulling = true;
					toBest();
				}
				const from = pulling ? start + share * ROUND_WORK : start;
				const over = start + (pulling ? count : share) * ROUND_WORK;
				yield run(round, from, over, pulling ? 1.5 : mean * 0.5);
			}
		}
	};
}

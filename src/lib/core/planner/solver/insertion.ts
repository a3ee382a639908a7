/** Puts one job into an order where it costs least. */
import type { Problem } from './problem';
import type { State } from './state';
import type { Timing } from './timing';

export interface InsertOptions {
	/** What a plan with the job in it is judged by: lower is better. */
	readonly cost: () => number;
	/** Unrest in the judgement of places, from 0 to 1, so that a search does not always fall into the same one. */
	readonly jitter: () => number;
	/** The people that are tried. */
	readonly lanes: (person: number) => boolean;
	/** Places that are timed; all others are judged by what they would push back in their own lane. */
	readonly tries: number;
	/** A number for the order that comes of it. */
	readonly version: () => number;
}

/**
 * Returns a function that puts a job in where it costs least, with all its steps, and returns true; false where no
 * place that was tried keeps all rules.
 */
export function inserter(problem: Problem, timing: Timing) {
	const { job, room, class: classes, appliance, waitMin, first, count, before, after, minutes } = problem;
	const trial = new Int32Array(problem.steps + 1);
	const best = new Int32Array(problem.steps + 1);
	let bestCost = Infinity;
	let bestWho = -1;
	let firstAt = 0;
	let keptVersion = -1;
	const startNow = new Float64Array(problem.steps);
	const endNow = new Float64Array(problem.steps);
	const laneBusy = new Float64Array(problem.people);
	const { until, walk, rooms, release } = problem;
	/** The latest start of each step in the order as it is; what is put in leaves it the same or makes it earlier. */
	const latest = new Float64Array(problem.steps);
	const laneLatest = new Float64Array(problem.people);
	const laneNext = new Int32Array(problem.people);
	const highLatest = new Float64Array(rooms * 9);
	/** Attended minutes and least waits from a step to the end of its job. */
	const tail = new Float64Array(problem.steps);
	for (let j = 0; j < problem.jobs; j++) {
		for (let s = (first[j] as number) + (count[j] as number) - 1; s >= (first[j] as number); s--) {
			const last = s === (first[j] as number) + (count[j] as number) - 1;
			tail[s] = (minutes[s] as number) + (last ? 0 : (waitMin[s] as number) + (tail[s + 1] as number));
		}
	}

	/** Backwards through the order: how late each step may begin so that what hangs on it still ends in time. */
	function findLatest(order: Int32Array, n: number, who: Int32Array): void {
		laneLatest.set(until);
		laneNext.fill(-1);
		highLatest.fill(Infinity);
		for (let i = n - 1; i >= 0; i--) {
			const s = order[i] as number;
			const p = who[job[s] as number] as number;
			const r = room[s] as number;
			const c = classes[s] as number;
			const next = laneNext[p] as number;
			let last = laneLatest[p] as number;
			if (next >= 0) last -= walk[r * rooms + (room[next] as number)] as number;
			const j = job[s] as number;
			if (s + 1 < (first[j] as number) + (count[j] as number))
				last = Math.min(last, (latest[s + 1] as number) - (waitMin[s] as number));
			if (c > 0) last = Math.min(last, highLatest[r * 9 + c] as number);
			last -= minutes[s] as number;
			latest[s] = last;
			laneLatest[p] = last;
			laneNext[p] = s;
			if (c > 0)
				for (let k = r * 9; k < r * 9 + c; k++) if ((highLatest[k] as number) > last) highLatest[k] = last;
		}
	}

	/** False where a step that begins at `from` at the earliest would push the next one of its lane too late. */
	function leavesRoom(s: number, from: number, p: number, next: number): boolean {
		if (from + (tail[s] as number) > (until[p] as number)) return false;
		if (next < 0) return true;
		const walked = walk[(room[s] as number) * rooms + (room[next] as number)] as number;
		return from + (minutes[s] as number) + walked <= (latest[next] as number);
	}

	/** The span of places `[lo, hi]` that class order and pairs leave to a step. */
	function span(order: Int32Array, n: number, s: number, from: number, whole: boolean): [number, number] {
		let lo = from;
		let hi = n;
		const c = classes[s] as number;
		const r = room[s] as number;
		const j = job[s] as number;
		const earlier = before[j] as Int32Array;
		const follows = after[j] as Int32Array;
		const floors = problem.floorsAtEnd;
		const { topDown, level } = problem;
		const down = level[r] as number;
		const isFloor = c === 6 || c === 7;
		for (let i = n - 1; i >= lo; i--) {
			const o = order[i] as number;
			const k = classes[o] as number;
			if (c > 0 && k > 0) {
				if (room[o] === r && k < c) {
					lo = i + 1;
					break;
				}
				if ((floors && isFloor && k < 6) || (topDown && (level[room[o] as number] as number) < down)) {
					lo = i + 1;
					break;
				}
			}
			if (earlier.length > 0 && earlier.includes(job[o] as number)) {
				lo = i + 1;
				break;
			}
		}
		for (let i = 0; i < hi; i++) {
			const o = order[i] as number;
			const k = classes[o] as number;
			if (c > 0 && k > 0) {
				if (room[o] === r && k > c) {
					hi = i;
					break;
				}
				const later = topDown && (level[room[o] as number] as number) > down;
				if (later || (floors && c < 6 && (k === 6 || k === 7))) {
					hi = i;
					break;
				}
			}
			if (whole && follows.length > 0 && follows.includes(job[o] as number)) {
				hi = i;
				break;
			}
		}
		return [lo, hi];
	}

	function place(order: Int32Array, n: number, s: number, at: number) {
		order.copyWithin(at + 1, at, n);
		order[at] = s;
	}
	function take(order: Int32Array, n: number, at: number) {
		order.copyWithin(at, at + 1, n);
	}

	/** The steps of a lane before and after a place of the trial order; -1: none. */
	function neighbours(n: number, at: number, p: number, who: Int32Array): [number, number] {
		let i = at - 1;
		while (i >= 0 && who[job[trial[i] as number] as number] !== p) i--;
		let k = at;
		while (k < n && who[job[trial[k] as number] as number] !== p) k++;
		return [i < 0 ? -1 : (trial[i] as number), k >= n ? -1 : (trial[k] as number)];
	}

	/** Places for the steps after the first: where nobody waits for it any more, and the places about that one. */
	function follow(
		j: number,
		n: number,
		s: number,
		lastAt: number,
		who: Int32Array,
		cost: () => number
	): void {
		const p = who[j] as number;
		if (s >= (first[j] as number) + (count[j] as number)) {
			// Timed just before by whoever placed the last step.
			const value = cost();
			if (value < bestCost) {
				bestCost = value;
				bestWho = p;
				best.set(trial);
			}
			return;
		}
		const ready = (timing.end[s - 1] as number) + (waitMin[s - 1] as number);
		const [lo, hi] = span(trial, n, s, lastAt + 1, true);
		if (lo > hi) return;
		let fits = hi;
		let earlier = -1;
		let later = -1;
		for (let i = lo; i < hi; i++) {
			const o = trial[i] as number;
			if (who[job[o] as number] !== p) continue;
			if ((timing.start[o] as number) < ready) earlier = i;
			else {
				fits = i;
				later = i + 1;
				break;
			}
		}
		const open = [fits, earlier, later].filter((at) => {
			if (at < lo || at > hi) return false;
			const [last, next] = neighbours(n, at, p, who);
			const walked = last < 0 ? 0 : (walk[(room[last] as number) * rooms + (room[s] as number)] as number);
			const from = last < 0 ? 0 : (timing.end[last] as number) + walked;
			return leavesRoom(s, Math.max(from, ready), p, next);
		});
		let stood = 0;
		for (const at of open) {
			if (stood === 2) break;
			place(trial, n, s, at);
			if (timing.timeFrom(trial, n + 1, who, firstAt, j)) {
				stood++;
				follow(j, n + 1, s + 1, at, who, cost);
			}
			take(trial, n + 1, at);
		}
	}

	const places = new Int32Array((problem.steps + 1) * problem.people);
	const placeWho = new Int32Array((problem.steps + 1) * problem.people);
	const pushes = new Float64Array((problem.steps + 1) * problem.people);

	/** Gathers the places that differ for the first step of a job in one lane, and judges each. */
	function gather(state: State, j: number, p: number, found: number, jitter: () => number): number {
		const { order, n, who } = state;
		const s = first[j] as number;
		const r = room[s] as number;
		const a = appliance[s] as number;
		const [lo, hi] = span(order, n, s, 0, count[j] === 1);
		let low = Math.max(release[s] as number, problem.from[p] as number);
		let last = -1;
		for (let i = 0; i < lo; i++) {
			const o = order[i] as number;
			if (who[job[o] as number] === p) last = o;
			if (room[o] === r && (classes[o] as number) > 0 && (classes[o] as number) < (classes[s] as number))
				low = Math.max(low, endNow[o] as number);
		}
		let nextAt = lo - 1;
		let next = -1;
		let differs = true;
		for (let at = lo; at <= hi; at++) {
			if (nextAt < at) {
				nextAt = at;
				while (nextAt < n && who[job[order[nextAt] as number] as number] !== p) nextAt++;
				next = nextAt < n ? (order[nextAt] as number) : -1;
			}
			const walked = last < 0 ? 0 : (walk[(room[last] as number) * rooms + r] as number);
			const from = last < 0 ? low : Math.max(low, (endNow[last] as number) + walked);
			// Later places only begin later: what has no room for its own steps here has none further on.
			if (from + (tail[s] as number) > (until[p] as number)) break;
			if (differs && leavesRoom(s, from, p, next)) {
				const over = from + (minutes[s] as number);
				const onward = next < 0 ? 0 : (walk[r * rooms + (room[next] as number)] as number);
				const push =
					next < 0
						? over - (last < 0 ? (problem.from[p] as number) : (endNow[last] as number))
						: Math.max(0, over + onward - (startNow[next] as number));
				places[found] = at;
				placeWho[found] = p;
				pushes[found] = (push + from * 0.02) * (1 + jitter()) + jitter();
				found++;
			}
			const o = at < n ? (order[at] as number) : -1;
			if (o >= 0 && who[job[o] as number] === p) last = o;
			// Two places differ where something between them stands in this step's way.
			differs = o >= 0 && (who[job[o] as number] === p || room[o] === r || (a >= 0 && appliance[o] === a));
		}
		return found;
	}

	/** What insertions into one order have in common; an order that was not changed is not looked at again. */
	function look(state: State): void {
		const { order, n, who, version } = state;
		timing.keep(order, n, who);
		findLatest(order, n, who);
		laneBusy.fill(0);
		for (let i = 0; i < n; i++) {
			const o = order[i] as number;
			startNow[o] = timing.start[o] as number;
			endNow[o] = timing.end[o] as number;
			laneBusy[who[job[o] as number] as number]! += minutes[o] as number;
		}
		keptVersion = version;
	}

	return function insert(
		state: State,
		j: number,
		{ cost, jitter, lanes, tries, version }: InsertOptions
	): boolean {
		bestCost = Infinity;
		bestWho = -1;
		const { order, n, who } = state;
		const kept = who[j] as number;
		if (state.version !== keptVersion) look(state);
		let found = 0;
		for (const p of problem.who[j] as Int32Array) {
			if (!lanes(p)) continue;
			// No lane holds more than it has minutes.
			const busy = (laneBusy[p] as number) + (problem.jobMinutes[j] as number);
			if (busy > (until[p] as number) - (problem.from[p] as number)) continue;
			found = gather(state, j, p, found, jitter);
		}
		const s = first[j] as number;
		for (let k = 0; k < tries && k < found; k++) {
			let pick = -1;
			for (let i = 0; i < found; i++)
				if (pushes[i] !== Infinity && (pick < 0 || (pushes[i] as number) < (pushes[pick] as number)))
					pick = i;
			if (pick < 0) break;
			pushes[pick] = Infinity;
			const at = places[pick] as number;
			who[j] = placeWho[pick] as number;
			trial.set(order);
			place(trial, n, s, at);
			firstAt = at;
			if (timing.timeFrom(trial, n + 1, who, at, j)) follow(j, n + 1, s + 1, at, who, cost);
		}
		if (bestCost === Infinity) {
			who[j] = kept;
			return false;
		}
		order.set(best);
		state.n = n + (count[j] as number);
		who[j] = bestWho;
		state.in[j] = 1;
		state.version = version();
		state.worth += problem.worth[j] as number;
		return true;
	};
}

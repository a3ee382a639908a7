/** Puts one job into an order where it costs least. */
import { LatestStarts } from './latestStarts';
import type { Problem } from './problem';
import { firstPlace, lastPlace } from './span';
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

/** Steps after the first are tried at so many places that stand. */
const FOLLOWING = 2;

/** Puts jobs into orders of one problem; its arrays are used again by each call. */
export class Inserter {
	private readonly trial: Int32Array;
	private readonly best: Int32Array;
	private bestCost = Infinity;
	private bestWho = -1;
	/** Of the order that was looked at last: its number, and what it is by itself. */
	private version = -1;
	private readonly latest: LatestStarts;
	private readonly startNow: Float64Array;
	private readonly endNow: Float64Array;
	private readonly laneBusy: Float64Array;
	/** Places found for a first step: where, in whose lane, and what each would push back. */
	private readonly places: Int32Array;
	private readonly placeWho: Int32Array;
	private readonly pushes: Float64Array;
	private found = 0;

	constructor(
		private readonly problem: Problem,
		private readonly timing: Timing
	) {
		const { steps, people } = problem;
		this.trial = new Int32Array(steps + 1);
		this.best = new Int32Array(steps + 1);
		this.latest = new LatestStarts(problem);
		this.startNow = new Float64Array(steps);
		this.endNow = new Float64Array(steps);
		this.laneBusy = new Float64Array(people);
		this.places = new Int32Array((steps + 1) * people);
		this.placeWho = new Int32Array((steps + 1) * people);
		this.pushes = new Float64Array((steps + 1) * people);
	}

	/**
	 * Puts a job in where it costs least, with all its steps, and returns true; false where no place that was tried
	 * keeps all rules, and then nothing is changed.
	 */
	insert(state: State, j: number, options: InsertOptions): boolean {
		const { who } = state;
		const kept = who[j] as number;
		this.bestCost = Infinity;
		this.bestWho = -1;
		if (state.version !== this.version) this.look(state);
		this.found = 0;
		for (const p of this.problem.who[j] as Int32Array)
			if (options.lanes(p) && this.hasMinutes(p, j)) this.gather(state, j, p, options.jitter);
		for (let k = 0; k < options.tries; k++) {
			const pick = this.leastPush();
			if (pick < 0) break;
			this.pushes[pick] = Infinity;
			who[j] = this.placeWho[pick] as number;
			this.tryAt(state, j, this.places[pick] as number, options.cost);
		}
		if (this.bestCost === Infinity) {
			who[j] = kept;
			return false;
		}
		state.order.set(this.best);
		state.n += this.problem.count[j] as number;
		who[j] = this.bestWho;
		state.in[j] = 1;
		state.version = options.version();
		state.worth += this.problem.worth[j] as number;
		return true;
	}

	/** What insertions into one order have in common; an order that was not changed is not looked at again. */
	private look({ order, n, who, version }: State): void {
		const { job, minutes } = this.problem;
		this.timing.keep(order, n, who);
		this.latest.find(order, n, who);
		this.laneBusy.fill(0);
		for (let i = 0; i < n; i++) {
			const o = order[i] as number;
			this.startNow[o] = this.timing.start[o] as number;
			this.endNow[o] = this.timing.end[o] as number;
			this.laneBusy[who[job[o] as number] as number]! += minutes[o] as number;
		}
		this.version = version;
	}

	/** No lane holds more than it has minutes. */
	private hasMinutes(p: number, j: number): boolean {
		const { until, from, jobMinutes } = this.problem;
		const busy = (this.laneBusy[p] as number) + (jobMinutes[j] as number);
		return busy <= (until[p] as number) - (from[p] as number);
	}

	/** Of the places that were not tried yet the one that pushes least; -1: none. */
	private leastPush(): number {
		let pick = -1;
		for (let i = 0; i < this.found; i++) {
			const push = this.pushes[i] as number;
			if (push !== Infinity && (pick < 0 || push < (this.pushes[pick] as number))) pick = i;
		}
		return pick;
	}

	/** Times a job with its first step at a place, and goes on to its further steps. */
	private tryAt({ order, n, who }: State, j: number, at: number, cost: () => number): void {
		const s = this.problem.first[j] as number;
		this.trial.set(order);
		put(this.trial, n, s, at);
		if (this.timing.timeFrom(this.trial, n + 1, who, at, j)) this.follow(j, n + 1, s + 1, at, at, who, cost);
	}

	/** When a step could begin in a lane by the rules of its own room, whatever place it takes. */
	private earliest({ order, who }: State, s: number, p: number, lo: number): { low: number; last: number } {
		const { job, room, class: classes, release, from } = this.problem;
		const r = room[s] as number;
		const c = classes[s] as number;
		let low = Math.max(release[s] as number, from[p] as number);
		let last = -1;
		for (let i = 0; i < lo; i++) {
			const o = order[i] as number;
			if (who[job[o] as number] === p) last = o;
			const k = classes[o] as number;
			if (room[o] === r && k > 0 && k < c) low = Math.max(low, this.endNow[o] as number);
		}
		return { low, last };
	}

	/** Gathers the places that differ for the first step of a job in one lane, and judges each. */
	private gather(state: State, j: number, p: number, jitter: () => number): void {
		const { problem } = this;
		const { job, room, appliance, walk, rooms, minutes, from } = problem;
		const { order, n, who } = state;
		const s = problem.first[j] as number;
		const r = room[s] as number;
		const a = appliance[s] as number;
		const lo = firstPlace(problem, order, n, s, 0);
		const hi = lastPlace(problem, order, n, s, problem.count[j] === 1);
		const begin = this.earliest(state, s, p, lo);
		let { last } = begin;
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
			const t = last < 0 ? begin.low : Math.max(begin.low, (this.endNow[last] as number) + walked);
			// Later places only begin later: what has no room for its own steps here has none further on.
			if (!this.latest.endsInTime(s, t, p)) break;
			if (differs && this.latest.leavesRoom(s, t, p, next)) {
				const over = t + (minutes[s] as number);
				const onward = next < 0 ? 0 : (walk[r * rooms + (room[next] as number)] as number);
				const push =
					next < 0
						? over - (last < 0 ? (from[p] as number) : (this.endNow[last] as number))
						: Math.max(0, over + onward - (this.startNow[next] as number));
				this.places[this.found] = at;
				this.placeWho[this.found] = p;
				this.pushes[this.found++] = (push + t * 0.02) * (1 + jitter()) + jitter();
			}
			const o = at < n ? (order[at] as number) : -1;
			if (o >= 0 && who[job[o] as number] === p) last = o;
			// Two places differ where something between them stands in this step's way.
			differs = o >= 0 && (who[job[o] as number] === p || room[o] === r || (a >= 0 && appliance[o] === a));
		}
	}

	/**
	 * Places the steps of a job after its first, each after `lastAt`: where nobody waits for it any more, and at the
	 * places about that one. `firstAt` is the place of the first step.
	 */
	private follow(
		j: number,
		n: number,
		s: number,
		lastAt: number,
		firstAt: number,
		who: Int32Array,
		cost: () => number
	): void {
		const { first, count } = this.problem;
		if (s >= (first[j] as number) + (count[j] as number)) {
			// Timed just before by whoever placed the last step.
			const value = cost();
			if (value >= this.bestCost) return;
			this.bestCost = value;
			this.bestWho = who[j] as number;
			this.best.set(this.trial);
			return;
		}
		let stood = 0;
		for (const at of this.placesAfter(j, n, s, lastAt + 1, who)) {
			if (stood === FOLLOWING) break;
			put(this.trial, n, s, at);
			if (this.timing.timeFrom(this.trial, n + 1, who, firstAt, j)) {
				stood++;
				this.follow(j, n + 1, s + 1, at, firstAt, who, cost);
			}
			take(this.trial, n + 1, at);
		}
	}

	/** The place at which nobody waits for a step any more, the one before and the one after, where they leave room. */
	private placesAfter(j: number, n: number, s: number, from: number, who: Int32Array): number[] {
		const { problem, trial, timing } = this;
		const { job, room, waitMin, walk, rooms, appliance } = problem;
		const p = who[j] as number;
		const a = appliance[s] as number;
		const ready = (timing.end[s - 1] as number) + (waitMin[s - 1] as number);
		const lo = firstPlace(problem, trial, n, s, from);
		const hi = lastPlace(problem, trial, n, s, true);
		if (lo > hi) return [];
		let fits = hi;
		let earlier = -1;
		let later = -1;
		for (let i = lo; i < hi; i++) {
			const o = trial[i] as number;
			// What stands in this step's way: its own lane, and whoever has its appliance.
			if (who[job[o] as number] !== p && (a < 0 || appliance[o] !== a)) continue;
			if ((timing.start[o] as number) < ready) earlier = i;
			else {
				fits = i;
				later = i + 1;
				break;
			}
		}
		return [fits, earlier, later].filter((at) => {
			if (at < lo || at > hi) return false;
			const [last, next] = this.neighbours(n, at, p, who);
			const walked = last < 0 ? 0 : (walk[(room[last] as number) * rooms + (room[s] as number)] as number);
			const over = last < 0 ? 0 : (timing.end[last] as number) + walked;
			return this.latest.leavesRoom(s, Math.max(over, ready), p, next);
		});
	}

	/** The steps of a lane before and after a place of the trial order; -1: none. */
	private neighbours(n: number, at: number, p: number, who: Int32Array): [number, number] {
		const { job } = this.problem;
		const { trial } = this;
		let i = at - 1;
		while (i >= 0 && who[job[trial[i] as number] as number] !== p) i--;
		let k = at;
		while (k < n && who[job[trial[k] as number] as number] !== p) k++;
		return [i < 0 ? -1 : (trial[i] as number), k >= n ? -1 : (trial[k] as number)];
	}
}

function put(order: Int32Array, n: number, s: number, at: number): void {
	order.copyWithin(at + 1, at, n);
	order[at] = s;
}

function take(order: Int32Array, n: number, at: number): void {
	order.copyWithin(at, at + 1, n);
}

/**
 * Times one order of steps: each begins as early as the hard rules let it, given that what stands earlier in the
 * order goes first wherever two steps stand in each other's way. Where a longest wait would be passed, the step
 * that begins the wait is moved later and all is timed again: the longest path of the scheduling literature.
 */
import type { Problem } from './problem';
import { layoutOf, type TimingLayout } from './timingLayout';

/** Times that a longest wait may push back what begins it before an order is given up. */
const PASSES = 40;

/** Places between two marks at which the timing of a kept order can be taken up. */
const STRIDE = 8;

/** What a rule answers where a step can never stand there. */
const NEVER = Infinity;

const REFUSED = 0;
const DONE = 1;
/** A step was moved later, so all is timed again. */
const AGAIN = 2;
type Outcome = typeof REFUSED | typeof DONE | typeof AGAIN;

/** Of a finished timing: what `timeFrom` begins with. */
class Marks {
	readonly start: Float64Array;
	readonly end: Float64Array;
	readonly bound: Float64Array;
	readonly inOrder: Int32Array;
	private readonly times: Float64Array;
	private readonly facts: Int32Array;

	constructor(
		steps: number,
		jobs: number,
		private readonly ofTimes: number,
		private readonly ofFacts: number
	) {
		const marks = Math.ceil(steps / STRIDE) + 1;
		this.start = new Float64Array(steps);
		this.end = new Float64Array(steps);
		this.bound = new Float64Array(steps);
		this.inOrder = new Int32Array(jobs);
		this.times = new Float64Array(marks * ofTimes);
		this.facts = new Int32Array(marks * ofFacts);
	}

	set(mark: number, times: Float64Array, facts: Int32Array): void {
		this.times.set(times, mark * this.ofTimes);
		this.facts.set(facts, mark * this.ofFacts);
	}

	takeUp(mark: number, times: Float64Array, facts: Int32Array): void {
		times.set(this.times.subarray(mark * this.ofTimes, (mark + 1) * this.ofTimes));
		facts.set(this.facts.subarray(mark * this.ofFacts, (mark + 1) * this.ofFacts));
	}
}

/**
 * Times orders of one problem; its arrays are used again by each call. The rules stand in methods of their own, each of
 * which says from when a step may begin, or `NEVER`.
 */
export class Timing {
	/** By step; of the order that was timed last. Minutes. */
	readonly start: Float64Array;
	readonly end: Float64Array;
	/** By person: end of the last step, or the lane's beginning where there is none. */
	readonly laneEnd: Float64Array;
	private readonly bound: Float64Array;
	private readonly times: Float64Array;
	private readonly facts: Int32Array;
	private readonly at: TimingLayout;
	private readonly hasPairs: boolean;
	/** By job: its steps in the order. */
	private readonly inOrder: Int32Array;
	private readonly marks: Marks;
	private isMarking = false;
	private worked = 0;

	constructor(private readonly problem: Problem) {
		const { steps, jobs, people } = problem;
		this.hasPairs = problem.before.some((list) => list.length > 0);
		this.at = layoutOf(problem, this.hasPairs);
		this.start = new Float64Array(steps);
		this.end = new Float64Array(steps);
		this.bound = new Float64Array(steps);
		this.times = new Float64Array(this.at.beginTimes.length);
		this.facts = new Int32Array(this.at.beginFacts.length);
		this.laneEnd = this.times.subarray(0, people);
		this.inOrder = new Int32Array(jobs);
		this.marks = new Marks(steps, jobs, this.times.length, this.facts.length);
	}

	/** Times `order[0..n)` with the person of each job; false where a rule cannot be kept. */
	time(order: Int32Array, n: number, who: Int32Array): boolean {
		const { release, job } = this.problem;
		for (let i = 0; i < n; i++) {
			const s = order[i] as number;
			this.bound[s] = release[s] as number;
		}
		if (this.hasPairs) {
			this.inOrder.fill(0);
			for (let i = 0; i < n; i++) this.inOrder[job[order[i] as number] as number]!++;
		}
		return this.passes(order, n, who, 0);
	}

	/** The same, and keeps what `timeFrom` begins with. */
	keep(order: Int32Array, n: number, who: Int32Array): boolean {
		const { marks } = this;
		this.isMarking = true;
		const kept = this.time(order, n, who);
		this.isMarking = false;
		marks.start.set(this.start);
		marks.end.set(this.end);
		marks.bound.set(this.bound);
		marks.inOrder.set(this.inOrder);
		if (n % STRIDE === 0) marks.set(n / STRIDE, this.times, this.facts);
		return kept;
	}

	/**
	 * Times an order that is the kept one up to place `at`, with steps of job `j` put in there or later. Begins where
	 * the two part, so most of the work is not done again; the answer is the same as that of `time`.
	 */
	timeFrom(order: Int32Array, n: number, who: Int32Array, at: number, j: number): boolean {
		const { release, job, first } = this.problem;
		const { marks } = this;
		this.start.set(marks.start);
		this.end.set(marks.end);
		this.bound.set(marks.bound);
		let last = first[j] as number;
		for (let i = at; i < n; i++) {
			const s = order[i] as number;
			if (job[s] !== j) continue;
			this.bound[s] = release[s] as number;
			last = s;
		}
		if (this.hasPairs) {
			this.inOrder.set(marks.inOrder);
			this.inOrder[j] = last - (first[j] as number) + 1;
		}
		const mark = Math.floor(at / STRIDE);
		marks.takeUp(mark, this.times, this.facts);
		const outcome = this.pass(order, n, who, mark * STRIDE);
		return outcome === AGAIN ? this.passes(order, n, who, 1) : outcome === DONE;
	}

	/** End of the last attended step of all, in minutes. */
	makespan(): number {
		let last = 0;
		for (let p = 0; p < this.problem.people; p++) {
			const end = this.times[p] as number;
			// A lane without a step ends where it begins, which is no end of work.
			if (end > (this.problem.from[p] as number)) last = Math.max(last, end);
		}
		return last;
	}

	/** The same, with what the hops cost: of plans of one worth the least of it is best. Rules: "What makes a plan better". */
	endCost(): number {
		const { hopCost } = this.problem;
		return this.makespan() + (hopCost > 0 ? hopCost * this.hops() : 0);
	}

	/** Times that a job is taken up again after a job of another room came between; 0 where they do not count. */
	hops(): number {
		return this.facts[this.at.hops] as number;
	}

	/** Sum of the ends of all lanes, in minutes. */
	laneSum(): number {
		let sum = 0;
		for (let p = 0; p < this.problem.people; p++) sum += this.times[p] as number;
		return sum;
	}

	/** Changes of room of all people. */
	moves(): number {
		return this.facts[this.at.moved] as number;
	}

	/** Steps timed so far: the measure of work of a search, the same on every machine. */
	work(): number {
		return this.worked;
	}

	private passes(order: Int32Array, n: number, who: Int32Array, round: number): boolean {
		for (; round < PASSES; round++) {
			this.times.set(this.at.beginTimes);
			this.facts.set(this.at.beginFacts);
			const outcome = this.pass(order, n, who, 0);
			if (outcome !== AGAIN) return outcome === DONE;
		}
		return false;
	}

	/** One pass from place `begin` of the order. */
	private pass(order: Int32Array, n: number, who: Int32Array, begin: number): Outcome {
		const { job, index, minutes, deadline, until, breaks, appliance, class: classes } = this.problem;
		const { surfaces } = this.problem;
		const { start, end, times } = this;
		let outcome: Outcome = DONE;
		// Each timing costs a little by itself, beside its steps.
		this.worked += n - begin + 16;
		for (let i = begin; i < n; i++) {
			if (this.isMarking && i % STRIDE === 0) this.marks.set(i / STRIDE, times, this.facts);
			const s = order[i] as number;
			const j = job[s] as number;
			const p = who[j] as number;
			let t = this.inLane(s, p);
			if ((index[s] as number) > 0) t = this.afterWait(s, t);
			else if (this.hasPairs) t = this.afterPairs(j, t);
			if ((classes[s] as number) > 0) t = this.inClassOrder(s, t);
			if ((appliance[s] as number) >= 0) t = this.atAppliance(s, j, t);
			if (surfaces > 0) t = this.onSurfaces(s, t);
			const spans = breaks[p] as Float64Array;
			if (spans.length > 0) t = besideBreaks(spans, t, minutes[s] as number);
			const e = t + (minutes[s] as number);
			if (t === NEVER || t > (deadline[s] as number) || e > (until[p] as number)) return REFUSED;
			if ((index[s] as number) > 0 && this.pushesBack(s, t)) outcome = AGAIN;
			start[s] = t;
			end[s] = e;
			this.book(s, j, p, e);
		}
		return outcome;
	}

	/** After the last step of its person, with the walk between the two, and not before it is released. */
	private inLane(s: number, p: number): number {
		const { room, walk, rooms } = this.problem;
		let t = this.times[p] as number;
		const r = room[s] as number;
		const last = this.facts[p] as number;
		if (last !== r && last >= 0) t += walk[last * rooms + r] as number;
		const bound = this.bound[s] as number;
		return bound > t ? bound : t;
	}

	/** After the step before it in its job, and the least wait between the two. */
	private afterWait(s: number, t: number): number {
		const ready = (this.end[s - 1] as number) + (this.problem.waitMin[s - 1] as number);
		return ready > t ? ready : t;
	}

	/** After the whole of each job that goes first, of those in the order. */
	private afterPairs(j: number, t: number): number {
		const list = this.problem.before[j] as Int32Array;
		for (let k = 0; k < list.length; k++) {
			const other = list[k] as number;
			const steps = this.inOrder[other] as number;
			if (steps === 0) continue;
			if (this.facts[this.at.placed + other] !== steps) return NEVER;
			const over = this.end[(this.problem.first[other] as number) + steps - 1] as number;
			if (over > t) t = over;
		}
		return t;
	}

	/** After the lower classes of its room; top down after the storeys above; floors after all else, where that is asked. */
	private inClassOrder(s: number, t: number): number {
		const { times, facts, at, problem } = this;
		const c = problem.class[s] as number;
		const r = problem.room[s] as number;
		const highest = facts[at.highest + r] as number;
		if (highest > c) return NEVER;
		if (highest < c) {
			if ((times[at.same + r] as number) > (times[at.lower + r] as number))
				times[at.lower + r] = times[at.same + r] as number;
			facts[at.highest + r] = c;
		}
		if ((times[at.lower + r] as number) > t) t = times[at.lower + r] as number;
		if (problem.topDown) {
			const down = problem.level[r] as number;
			if (down < (facts[at.level] as number)) return NEVER;
			if (down > (facts[at.level] as number)) {
				facts[at.level] = down;
				if ((times[at.here] as number) > (times[at.above] as number))
					times[at.above] = times[at.here] as number;
			}
			if ((times[at.above] as number) > t) t = times[at.above] as number;
		}
		if (problem.floorsAtEnd) {
			if (c < 6 && facts[at.floors] === 1) return NEVER;
			if ((c === 6 || c === 7) && (times[at.allLow] as number) > t) t = times[at.allLow] as number;
		}
		return t;
	}

	/** Once its appliance is free, or where its own job holds it already. */
	private atAppliance(s: number, j: number, t: number): number {
		const { facts, at } = this;
		const a = this.problem.appliance[s] as number;
		const holder = facts[at.holder + a] as number;
		if (holder >= 0 && holder !== j) return NEVER;
		const free = this.times[at.applianceFree + a] as number;
		return facts[at.lastAt + a] !== j && free > t ? free : t;
	}

	/** Once its surfaces are done with, and never on one where a product is that must not meet its own. */
	private onSurfaces(s: number, t: number): number {
		const { facts, at } = this;
		const used = this.problem.uses[s] as Problem['uses'][number];
		for (let k = 0; k < used.length; k++) {
			const use = used[k] as (typeof used)[number];
			const place = at.onSurface + use.surface;
			if (use.rinse) facts[place] = 0;
			if ((facts[place] as number) & use.against) return NEVER;
			const dry = this.times[at.surfaceFree + use.surface] as number;
			if (dry > t) t = dry;
			facts[place] = (facts[place] as number) | use.bits;
		}
		return t;
	}

	/** True where the longest wait before a step is passed: the step that begins the wait is bound to a later start. */
	private pushesBack(s: number, t: number): boolean {
		const { waitMax, minutes } = this.problem;
		const longest = waitMax[s - 1] as number;
		if (t <= (this.end[s - 1] as number) + longest) return false;
		this.bound[s - 1] = t - longest - (minutes[s - 1] as number);
		return true;
	}

	/** Counts a hop where the person came into another room since the last step of this job. */
	private countHop(s: number, j: number, p: number): void {
		const { facts, at, problem } = this;
		const place = facts[at.steps + p]!++;
		if (
			(problem.index[s] as number) > 0 &&
			(facts[at.cameIn + p] as number) > (facts[at.lastOf + j] as number)
		)
			facts[at.hops]!++;
		facts[at.lastOf + j] = place;
		if (facts[p] !== problem.room[s]) facts[at.cameIn + p] = place;
	}

	/** Writes down what a step that ends at `e` leaves behind it. */
	private book(s: number, j: number, p: number, e: number): void {
		const { times, facts, at, problem } = this;
		const r = problem.room[s] as number;
		const c = problem.class[s] as number;
		const a = problem.appliance[s] as number;
		times[p] = e;
		if (problem.hopCost > 0) this.countHop(s, j, p);
		const last = facts[p] as number;
		if (last !== r) {
			if (last >= 0) facts[at.moved]!++;
			facts[p] = r;
		}
		if (c > 0) {
			if (e > (times[at.same + r] as number)) times[at.same + r] = e;
			if (problem.topDown && e > (times[at.here] as number)) times[at.here] = e;
			if (problem.floorsAtEnd) {
				if (c === 6 || c === 7) facts[at.floors] = 1;
				else if (c < 6 && e > (times[at.allLow] as number)) times[at.allLow] = e;
			}
		}
		if (a >= 0) {
			const waits = problem.waits[s] === 1;
			facts[at.lastAt + a] = j;
			facts[at.holder + a] = waits && (problem.frees[s] as number) >= 0 ? j : -1;
			times[at.applianceFree + a] = waits ? e + (problem.waitMin[s] as number) : e;
		}
		if (problem.surfaces > 0)
			for (const use of problem.uses[s] as Problem['uses'][number]) times[at.surfaceFree + use.surface] = e;
		if (this.hasPairs) facts[at.placed + j]!++;
	}
}

/** The earliest start from `t` at which a step of `length` minutes meets none of the breaks. */
function besideBreaks(spans: Float64Array, t: number, length: number): number {
	for (let k = 0; k < spans.length; k += 2)
		if (t < (spans[k + 1] as number) && t + length > (spans[k] as number)) t = spans[k + 1] as number;
	return t;
}

/**
 * Times one order of steps: each begins as early as the hard rules let it, given that what stands earlier in the
 * order goes first wherever two steps stand in each other's way. Where a longest wait would be passed, the step
 * that begins the wait is moved later and all is timed again: the longest path of the scheduling literature.
 */
import type { Problem } from './problem';

export interface Timing {
	/** By step; of the order that was timed last. */
	readonly start: Float64Array;
	readonly end: Float64Array;
	/** By person: end of the last step, or its beginning where there is none. */
	readonly laneEnd: Float64Array;
	/** Times `order[0..n)` with the person of each job; false where a rule cannot be kept. */
	time(order: Int32Array, n: number, who: Int32Array): boolean;
	/** The same, and keeps what `timeFrom` begins with. */
	keep(order: Int32Array, n: number, who: Int32Array): boolean;
	/**
	 * Times an order that is the kept one up to place `at`, with steps of job `j` put in there or later. Begins where
	 * the two part, so most of the work is not done again; the answer is the same as that of `time`.
	 */
	timeFrom(order: Int32Array, n: number, who: Int32Array, at: number, j: number): boolean;
	/** End of the last attended step of all. */
	makespan(): number;
	/** Sum of the ends of all lanes. */
	laneSum(): number;
	/** Changes of room of all people. */
	moves(): number;
	/** Steps timed so far: the measure of work of a search, the same on every machine. */
	work(): number;
}

/** Times that a longest wait may push back what begins it before an order is given up. */
const PASSES = 40;

/** Places between two marks at which the timing of a kept order can be taken up. */
const STRIDE = 8;

/** A place to time orders of a problem; its arrays are used again by each call. */
export function timing(problem: Problem): Timing {
	const { steps, rooms, people, appliances, surfaces, jobs } = problem;
	const { job, before, release, from, startRoom, freeFrom, holder, first } = problem;
	const hasPairs = before.some((list) => list.length > 0);
	const ofSteps = {
		start: new Float64Array(steps),
		end: new Float64Array(steps),
		bound: new Float64Array(steps)
	};
	const { start, end, bound } = ofSteps;

	// All that changes while an order is timed stands in two arrays, so that it is marked and taken up in one go.
	// By room: when the lower classes have ended, and when the highest so far has. Within a room classes only rise.
	const LOWER = people;
	const SAME = LOWER + rooms;
	const APP_FREE = SAME + rooms;
	const SURFACE_FREE = APP_FREE + appliances;
	const ALL_LOW = SURFACE_FREE + surfaces;
	// Of the storey in hand: when all above it ended, and when its own steps have.
	const ABOVE = ALL_LOW + 1;
	const HERE = ABOVE + 1;
	const HIGHEST = people;
	const APP_HOLDER = HIGHEST + rooms;
	const APP_LAST = APP_HOLDER + appliances;
	const ON_SURFACE = APP_LAST + appliances;
	const FLOORS = ON_SURFACE + surfaces;
	const MOVED = FLOORS + 1;
	const LEVEL = MOVED + 1;
	const PLACED = LEVEL + 1;
	const changing = {
		times: new Float64Array(HERE + 1),
		facts: new Int32Array(PLACED + (hasPairs ? jobs : 0))
	};
	const { times, facts } = changing;
	const laneEnd = times.subarray(0, people);

	const beginTimes = new Float64Array(times.length);
	beginTimes.set(from, 0);
	beginTimes.set(freeFrom, APP_FREE);
	const beginFacts = new Int32Array(facts.length);
	beginFacts.set(startRoom, 0);
	beginFacts.set(holder, APP_HOLDER);
	beginFacts.fill(-1, APP_LAST, APP_LAST + appliances);

	const inOrder = new Int32Array(jobs);
	const keptStart = new Float64Array(steps);
	const keptEnd = new Float64Array(steps);
	const keptBound = new Float64Array(steps);
	const keptInOrder = new Int32Array(jobs);
	const marks = Math.ceil(steps / STRIDE) + 1;
	const markTimes = new Float64Array(marks * times.length);
	const markFacts = new Int32Array(marks * facts.length);
	let marking = false;
	let worked = 0;

	/** One pass from place `begin`; 0: a rule cannot be kept, 1: done, 2: a step was moved later, so again. */
	function pass(order: Int32Array, n: number, who: Int32Array, begin: number): 0 | 1 | 2 {
		// Taken to hand once a pass: most of a search is spent here, and looking each up anew at each step costs a tenth.
		const { job, index, room, class: classes, minutes, appliance, waitMin, waitMax, waits, frees } = problem;
		const { deadline, until, breaks, walk, level, floorsAtEnd, topDown } = problem;
		const { start, end, bound } = ofSteps;
		const { times, facts } = changing;
		let result: 1 | 2 = 1;
		// Each timing costs a little by itself, beside its steps.
		worked += n - begin + 16;
		for (let i = begin; i < n; i++) {
			if (marking && i % STRIDE === 0) {
				markTimes.set(times, (i / STRIDE) * times.length);
				markFacts.set(facts, (i / STRIDE) * facts.length);
			}
			const s = order[i] as number;
			const j = job[s] as number;
			const p = who[j] as number;
			const r = room[s] as number;
			const c = classes[s] as number;
			const length = minutes[s] as number;
			let t = times[p] as number;
			const lastRoom = facts[p] as number;
			if (lastRoom !== r && lastRoom >= 0) t += walk[lastRoom * rooms + r] as number;
			if ((bound[s] as number) > t) t = bound[s] as number;
			if ((index[s] as number) > 0) {
				const ready = (end[s - 1] as number) + (waitMin[s - 1] as number);
				if (ready > t) t = ready;
			} else if (hasPairs) {
				const list = before[j] as Int32Array;
				for (let k = 0; k < list.length; k++) {
					const other = list[k] as number;
					if (inOrder[other] === 0) continue;
					if (facts[PLACED + other] !== inOrder[other]) return 0;
					const over = end[(first[other] as number) + (inOrder[other] as number) - 1] as number;
					if (over > t) t = over;
				}
			}
			if (c > 0) {
				const highest = facts[HIGHEST + r] as number;
				if (highest > c) return 0;
				if (highest < c) {
					if ((times[SAME + r] as number) > (times[LOWER + r] as number))
						times[LOWER + r] = times[SAME + r] as number;
					facts[HIGHEST + r] = c;
				}
				if ((times[LOWER + r] as number) > t) t = times[LOWER + r] as number;
				if (topDown) {
					const down = level[r] as number;
					if (down < (facts[LEVEL] as number)) return 0;
					if (down > (facts[LEVEL] as number)) {
						facts[LEVEL] = down;
						if ((times[HERE] as number) > (times[ABOVE] as number)) times[ABOVE] = times[HERE] as number;
					}
					if ((times[ABOVE] as number) > t) t = times[ABOVE] as number;
				}
				if (floorsAtEnd) {
					if (c < 6 && facts[FLOORS] === 1) return 0;
					if ((c === 6 || c === 7) && (times[ALL_LOW] as number) > t) t = times[ALL_LOW] as number;
				}
			}
			const a = appliance[s] as number;
			if (a >= 0) {
				const h = facts[APP_HOLDER + a] as number;
				if (h >= 0 && h !== j) return 0;
				if (facts[APP_LAST + a] !== j && (times[APP_FREE + a] as number) > t)
					t = times[APP_FREE + a] as number;
			}
			const used = surfaces > 0 ? (problem.uses[s] as Problem['uses'][number]) : null;
			if (used) {
				for (let k = 0; k < used.length; k++) {
					const use = used[k] as (typeof used)[number];
					if (use.rinse) facts[ON_SURFACE + use.surface] = 0;
					if ((facts[ON_SURFACE + use.surface] as number) & use.against) return 0;
					const dry = times[SURFACE_FREE + use.surface] as number;
					if (dry > t) t = dry;
					facts[ON_SURFACE + use.surface] = (facts[ON_SURFACE + use.surface] as number) | use.bits;
				}
			}
			const spans = breaks[p] as Float64Array;
			for (let k = 0; k < spans.length; k += 2)
				if (t < (spans[k + 1] as number) && t + length > (spans[k] as number)) t = spans[k + 1] as number;
			if (t > (deadline[s] as number)) return 0;
			const e = t + length;
			if (e > (until[p] as number)) return 0;
			if ((index[s] as number) > 0) {
				const q = s - 1;
				if (t > (end[q] as number) + (waitMax[q] as number)) {
					bound[q] = t - (waitMax[q] as number) - (minutes[q] as number);
					result = 2;
				}
			}
			start[s] = t;
			end[s] = e;
			times[p] = e;
			if (lastRoom !== r) {
				if (lastRoom >= 0) facts[MOVED]!++;
				facts[p] = r;
			}
			if (c > 0) {
				if (e > (times[SAME + r] as number)) times[SAME + r] = e;
				if (topDown && e > (times[HERE] as number)) times[HERE] = e;
				if (floorsAtEnd) {
					if (c === 6 || c === 7) facts[FLOORS] = 1;
					else if (c < 6 && e > (times[ALL_LOW] as number)) times[ALL_LOW] = e;
				}
			}
			if (a >= 0) {
				facts[APP_LAST + a] = j;
				facts[APP_HOLDER + a] = waits[s] === 1 && (frees[s] as number) >= 0 ? j : -1;
				times[APP_FREE + a] = waits[s] === 1 ? e + (waitMin[s] as number) : e;
			}
			if (used) {
				for (let k = 0; k < used.length; k++)
					times[SURFACE_FREE + (used[k] as (typeof used)[number]).surface] = e;
			}
			if (hasPairs) facts[PLACED + j]!++;
		}
		return result;
	}

	function passes(order: Int32Array, n: number, who: Int32Array, round: number): boolean {
		for (; round < PASSES; round++) {
			times.set(beginTimes);
			facts.set(beginFacts);
			const result = pass(order, n, who, 0);
			if (result !== 2) return result === 1;
		}
		return false;
	}

	function time(order: Int32Array, n: number, who: Int32Array): boolean {
		for (let i = 0; i < n; i++) {
			const s = order[i] as number;
			bound[s] = release[s] as number;
		}
		if (hasPairs) {
			inOrder.fill(0);
			for (let i = 0; i < n; i++) inOrder[job[order[i] as number] as number]!++;
		}
		return passes(order, n, who, 0);
	}

	function keep(order: Int32Array, n: number, who: Int32Array): boolean {
		marking = true;
		const kept = time(order, n, who);
		marking = false;
		keptStart.set(start);
		keptEnd.set(end);
		keptBound.set(bound);
		keptInOrder.set(inOrder);
		if (n % STRIDE === 0) {
			markTimes.set(times, (n / STRIDE) * times.length);
			markFacts.set(facts, (n / STRIDE) * facts.length);
		}
		return kept;
	}

	function timeFrom(order: Int32Array, n: number, who: Int32Array, at: number, j: number): boolean {
		start.set(keptStart);
		end.set(keptEnd);
		bound.set(keptBound);
		let last = first[j] as number;
		for (let i = at; i < n; i++) {
			const s = order[i] as number;
			if (job[s] !== j) continue;
			bound[s] = release[s] as number;
			last = s;
		}
		if (hasPairs) {
			inOrder.set(keptInOrder);
			inOrder[j] = last - (first[j] as number) + 1;
		}
		const mark = Math.floor(at / STRIDE);
		times.set(markTimes.subarray(mark * times.length, (mark + 1) * times.length));
		facts.set(markFacts.subarray(mark * facts.length, (mark + 1) * facts.length));
		const result = pass(order, n, who, mark * STRIDE);
		return result === 2 ? passes(order, n, who, 1) : result === 1;
	}

	const makespan = () => {
		let last = 0;
		for (let p = 0; p < people; p++) {
			// A lane without a step ends where it begins, which is no end of work.
			if ((times[p] as number) > (from[p] as number)) last = Math.max(last, times[p] as number);
		}
		return last;
	};
	const laneSum = () => {
		let sum = 0;
		for (let p = 0; p < people; p++) sum += times[p] as number;
		return sum;
	};
	const moves = () => facts[MOVED] as number;
	return { start, end, laneEnd, time, keep, timeFrom, makespan, laneSum, moves, work: () => worked };
}

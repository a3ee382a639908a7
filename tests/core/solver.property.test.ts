/** The parts of the solver, each held against a plain telling of what it does. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { firstPlan } from '../../src/lib/core/planner/makePlan';
import type { Plan, PlanEntry, PlanInput } from '../../src/lib/core/planner/plan';
import { Inserter } from '../../src/lib/core/planner/solver/insertion';
import { Lanes } from '../../src/lib/core/planner/solver/lanes';
import { LatestStarts } from '../../src/lib/core/planner/solver/latestStarts';
import { flatten, type Problem } from '../../src/lib/core/planner/solver/problem';
import { Ruin } from '../../src/lib/core/planner/solver/ruin';
import { Search } from '../../src/lib/core/planner/solver/search';
import { firstPlace, lastPlace } from '../../src/lib/core/planner/solver/span';
import {
	copyState,
	emptyState,
	isWhole,
	removeJobs,
	type State
} from '../../src/lib/core/planner/solver/state';
import { Timing } from '../../src/lib/core/planner/solver/timing';
import { seededRandom } from '../../src/lib/core/random';
import { oneStep, planInput, problem as small } from './plans';

/** A plan as the solver holds it: one order of steps, and who does each job. */
function stateOf(input: PlanInput, problem: Problem, plan: Plan): State {
	const placeOf = (id: string) => problem.source.indexOf(input.jobs.findIndex((job) => job.id === id));
	const state = emptyState(problem);
	for (const entry of plan.entries) {
		const j = placeOf(entry.job);
		state.order[state.n++] = (problem.first[j] as number) + entry.step;
		state.who[j] = input.people.findIndex((one) => one.id === entry.person);
		if (state.in[j] === 0) state.worth += problem.worth[j] as number;
		state.in[j] = 1;
	}
	state.version = 1;
	return state;
}

function entriesOf(input: PlanInput, problem: Problem, state: State, timing: Timing): PlanEntry[] {
	return Array.from(state.order.subarray(0, state.n)).map((s) => {
		const j = problem.job[s] as number;
		return {
			job: input.jobs[problem.source[j] as number]?.id ?? '',
			step: problem.index[s] as number,
			person: input.people[state.who[j] as number]?.id ?? '',
			start: timing.start[s] as number,
			end: timing.end[s] as number
		};
	});
}

/** Rules that a plan of some of the jobs can break. */
const broken = (input: PlanInput, entries: readonly PlanEntry[]) =>
	checkPlan(input, entries).filter((one) => one.rule !== 'missing-job');

describe('the timing of an order', () => {
	it('keeps every rule, and no step could begin earlier for itself', () => {
		fc.assert(
			fc.property(planInput(6, 10), (input) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const timing = new Timing(problem);
				expect(timing.time(state.order, state.n, state.who)).toBe(true);
				const entries = entriesOf(input, problem, state, timing);
				expect(broken(input, entries)).toEqual([]);
				for (const [i, entry] of entries.entries()) {
					const step = input.jobs.find((job) => job.id === entry.job)?.steps[entry.step];
					// A step before a longest wait may stand later so that the wait is kept.
					if (step?.waitMax !== undefined || entry.start < 0.01) continue;
					const earlier = entries.map((one, k) =>
						k === i ? { ...one, start: one.start - 0.01, end: one.end - 0.01 } : one
					);
					expect(broken(input, earlier).length, JSON.stringify(entry)).toBeGreaterThan(0);
				}
			}),
			{ numRuns: 150, seed: 51 }
		);
	});

	it('counts the end of the last step, the lanes and the changes of room as they are', () => {
		fc.assert(
			fc.property(planInput(6, 10), (input) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const timing = new Timing(problem);
				timing.time(state.order, state.n, state.who);
				const entries = entriesOf(input, problem, state, timing);
				expect(timing.makespan()).toBeCloseTo(Math.max(0, ...entries.map((one) => one.end)), 9);
				const lanes = input.people.map((person) => {
					const own = entries.filter((one) => one.person === person.id).sort((a, b) => a.start - b.start);
					const rooms = own.map((one) => input.jobs.find((job) => job.id === one.job)?.steps[one.step]?.room);
					const places = person.room === undefined ? rooms : [person.room, ...rooms];
					return {
						end: own.at(-1)?.end ?? person.from,
						moves: places.filter((room, i) => i > 0 && room !== places[i - 1]).length
					};
				});
				expect(timing.laneSum()).toBeCloseTo(
					lanes.reduce((sum, one) => sum + one.end, 0),
					9
				);
				expect(timing.moves()).toBe(lanes.reduce((sum, one) => sum + one.moves, 0));
			}),
			{ numRuns: 150, seed: 52 }
		);
	});

	it('counts as a hop each taking up of a job after another room came between, and as no hop what stays in a room', () => {
		let seen = 0;
		fc.assert(
			fc.property(planInput(6, 10), (plain) => {
				const input = { ...plain, hopCost: 0.5 };
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const timing = new Timing(problem);
				timing.time(state.order, state.n, state.who);
				const entries = entriesOf(input, problem, state, timing);
				const roomOf = (one: { job: string; step: number }) =>
					input.jobs.find((job) => job.id === one.job)?.steps[one.step]?.room;
				let hops = 0;
				for (const person of input.people) {
					const own = entries.filter((one) => one.person === person.id).sort((a, b) => a.start - b.start);
					own.forEach((one, i) => {
						const last = own.slice(0, i).findLastIndex((before) => before.job === one.job);
						if (last < 0) return;
						const from = roomOf(own[last] as (typeof own)[number]);
						if (own.slice(last + 1, i).some((between) => roomOf(between) !== from)) hops++;
					});
				}
				seen += hops;
				expect(timing.hops()).toBe(hops);
				expect(timing.endCost()).toBeCloseTo(timing.makespan() + hops * 0.5, 9);
			}),
			{ numRuns: 200, seed: 53 }
		);
		expect(seen).toBeGreaterThan(10);
	});

	it('refuses what can never stand: a floor before its ceiling, a step over your time, a job before its pair', () => {
		const tall = small(10, [oneStep('high', 2, 1, { class: 2 }), oneStep('floor', 2, 1, { class: 6 })], {
			pairs: [['floor', 'later']]
		});
		const problem = flatten({ ...tall, jobs: [...tall.jobs, oneStep('later', 1), oneStep('long', 9)] });
		const timing = new Timing(problem);
		const who = new Int32Array(problem.jobs);
		const time = (...order: number[]) => timing.time(Int32Array.from([...order, 0]), order.length, who);
		expect([time(0, 1), time(1, 0)]).toEqual([true, false]);
		expect([time(1, 2), time(2, 1)]).toEqual([true, false]);
		expect([time(3), time(3, 0)]).toEqual([true, false]);
		expect(time()).toBe(true);
		expect([timing.makespan(), timing.moves()]).toEqual([0, 0]);
	});
});

describe('the places that are left to a step', () => {
	/** Told plainly: one step of a room goes before another of it by class, jobs go before their pairs. */
	const breaks = (problem: Problem, before: number, after: number): boolean => {
		const [c, k] = [problem.class[before] as number, problem.class[after] as number];
		const sameRoom = problem.room[before] === problem.room[after];
		if (c > 0 && k > 0 && sameRoom && c > k) return true;
		if (problem.floorsAtEnd && c > 0 && k > 0 && (c === 6 || c === 7) && k < 6) return true;
		const mustWait = problem.before[problem.job[before] as number] as Int32Array;
		return mustWait.includes(problem.job[after] as number);
	};

	it('are those between what goes before it and what goes after it', () => {
		fc.assert(
			fc.property(planInput(6, 10), fc.nat(), (input, which) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const out = Array.from({ length: problem.jobs }, (_, j) => j).filter((j) => state.in[j] === 0);
				const j = out[which % Math.max(1, out.length)];
				if (j === undefined || problem.count[j] !== 1) return;
				const s = problem.first[j] as number;
				const { order, n } = state;
				const lo = firstPlace(problem, order, n, s, 0);
				const hi = lastPlace(problem, order, n, s, true);
				for (let at = 0; at <= n; at++) {
					const ahead = Array.from(order.subarray(0, at));
					const behind = Array.from(order.subarray(at, n));
					const stands =
						!ahead.some((one) => breaks(problem, one, s)) && !behind.some((one) => breaks(problem, s, one));
					expect(at >= lo && at <= hi, `place ${at} of ${n}, ${lo} to ${hi}`).toBe(stands);
				}
			}),
			{ numRuns: 300, seed: 53 }
		);
	});
});

describe('the latest starts', () => {
	it('rule out no place at which a step could stand', () => {
		let ruledOut = 0;
		fc.assert(
			fc.property(planInput(6, 10), fc.nat(), (input, which) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const out = Array.from({ length: problem.jobs }, (_, j) => j).filter((j) => state.in[j] === 0);
				const j = out[which % Math.max(1, out.length)];
				if (j === undefined || problem.count[j] !== 1) return;
				const s = problem.first[j] as number;
				const p = (problem.who[j] as Int32Array)[0] as number;
				const { order, n } = state;
				const who = Int32Array.from(state.who);
				who[j] = p;
				const timing = new Timing(problem);
				timing.keep(order, n, state.who);
				const now = Float64Array.from(timing.end);
				const latest = new LatestStarts(problem);
				latest.find(order, n, state.who);
				const inLane = (one: number) => state.who[problem.job[one] as number] === p;
				for (let at = 0; at <= n; at++) {
					const last = Array.from(order.subarray(0, at)).filter(inLane).at(-1);
					const next = Array.from(order.subarray(at, n)).find(inLane) ?? -1;
					const from = last === undefined ? (problem.from[p] as number) : (now[last] as number);
					if (latest.leavesRoom(s, from, p, next)) continue;
					ruledOut++;
					const trial = Int32Array.from([...order.subarray(0, at), s, ...order.subarray(at, n), 0]);
					expect(new Timing(problem).time(trial, n + 1, who)).toBe(false);
				}
			}),
			{ numRuns: 1500, seed: 54 }
		);
		expect(ruledOut).toBeGreaterThan(40);
	});
});

describe('an insertion', () => {
	const options = { cost: () => 0, jitter: () => 0, lanes: () => true, tries: 4, version: () => 7 };

	it('keeps all rules with the whole job in, or leaves the plan as it was', () => {
		let put = 0;
		fc.assert(
			fc.property(planInput(7, 10), (input) => {
				const problem = flatten(input);
				const timing = new Timing(problem);
				const inserter = new Inserter(problem, timing);
				const state = emptyState(problem);
				state.version = 1;
				for (let j = 0; j < problem.jobs; j++) {
					const before = emptyState(problem);
					copyState(state, before);
					state.version = before.version = 10 + j;
					const done = inserter.insert(state, j, {
						...options,
						cost: () => timing.laneSum(),
						version: () => 100 + j
					});
					if (!done) {
						expect(state).toEqual(before);
						continue;
					}
					put++;
					expect([state.in[j], state.n]).toEqual([1, before.n + (problem.count[j] as number)]);
					expect(state.worth).toBeCloseTo(before.worth + (problem.worth[j] as number), 9);
					expect(timing.time(state.order, state.n, state.who)).toBe(true);
					expect(broken(input, entriesOf(input, problem, state, timing))).toEqual([]);
					// What was there keeps its order.
					const others = Array.from(state.order.subarray(0, state.n)).filter((s) => problem.job[s] !== j);
					expect(others).toEqual(Array.from(before.order.subarray(0, before.n)));
				}
			}),
			{ numRuns: 120, seed: 55 }
		);
		expect(put).toBeGreaterThan(100);
	});

	it('tries the lanes that it is given, and no others', () => {
		const input = small(20, [oneStep('a', 3), oneStep('b', 3)], {
			people: ['p', 'q'].map((id) => ({ id, from: 0, until: 20, barred: [] }))
		});
		const problem = flatten(input);
		const inserter = new Inserter(problem, new Timing(problem));
		const state = emptyState(problem);
		state.version = 1;
		expect(inserter.insert(state, 0, { ...options, lanes: () => false })).toBe(false);
		expect(inserter.insert(state, 0, { ...options, lanes: (p) => p === 1 })).toBe(true);
		expect(state.who[0]).toBe(1);
	});
});

describe('what is taken out', () => {
	it('is planned, is something, and is the same for the same chance', () => {
		fc.assert(
			fc.property(planInput(8, 15), fc.nat(1000), fc.boolean(), (input, seed, pulled) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const choose = () => {
					const ruin = new Ruin(problem, new Timing(problem), seededRandom(seed));
					ruin.choose(state, pulled);
					return ruin.gone;
				};
				const gone = choose();
				expect(choose()).toEqual(gone);
				if (state.n === 0) return void expect(gone.every((one) => one === 0)).toBe(true);
				expect(gone.some((one) => one === 1)).toBe(true);
				gone.forEach((one, j) => {
					if (one === 1) expect(state.in[j]).toBe(1);
				});
				const rest = emptyState(problem);
				copyState(state, rest);
				removeJobs(problem, rest, gone, 99);
				const left = Array.from(rest.order.subarray(0, rest.n));
				expect(left.some((s) => gone[problem.job[s] as number] === 1)).toBe(false);
				expect(rest.worth).toBeCloseTo(
					problem.worth.reduce((sum, one, j) => sum + (rest.in[j] === 1 ? one : 0), 0),
					9
				);
				expect(new Timing(problem).time(rest.order, rest.n, rest.who)).toBe(true);
			}),
			{ numRuns: 250, seed: 56 }
		);
	});
});

describe('the lanes that are tried', () => {
	it('are few, of people who may do the job, and the first ones have least to do', () => {
		fc.assert(
			fc.property(planInput(6, 15), fc.nat(1000), (input, seed) => {
				const problem = flatten(input);
				const state = stateOf(input, problem, firstPlan(input));
				const lanes = new Lanes(problem, seededRandom(seed));
				const busy = Array.from({ length: problem.people }, (_, p) =>
					Array.from(state.order.subarray(0, state.n))
						.filter((s) => state.who[problem.job[s] as number] === p)
						.reduce((sum, s) => sum + (problem.minutes[s] as number), problem.from[p] as number)
				);
				for (let j = 0; j < problem.jobs; j++) {
					const able = Array.from(problem.who[j] as Int32Array);
					const chosen = able.filter(lanes.lightest(state, j));
					expect(chosen.length).toBe(Math.min(2, able.length));
					const left = able.filter((p) => !chosen.includes(p));
					for (const p of chosen)
						for (const q of left) expect(busy[p]).toBeLessThanOrEqual(busy[q] as number);
					const some = able.filter(lanes.some(j));
					expect(some.length).toBeGreaterThan(0);
					expect(some.length).toBeLessThanOrEqual(Math.max(3, able.length));
				}
			}),
			{ numRuns: 150, seed: 57 }
		);
	});
});

describe('a search', () => {
	it('only ever gets better, keeps what is required, and is the same each time', () => {
		fc.assert(
			fc.property(planInput(7, 12), (input) => {
				const required = {
					...input,
					jobs: input.jobs.map((job, i) => (i === 0 ? { ...job, optional: false } : job))
				};
				const problem = flatten(required);
				const run = () => {
					const search = new Search(problem);
					search.greedy();
					const worths = [search.best.worth];
					const held = search.best.in[0] === 1;
					for (const _ of search.rounds(2)) {
						worths.push(search.best.worth);
						// A required job that is in never makes room for others.
						if (held) expect(search.best.in[0]).toBe(1);
					}
					return {
						worths,
						order: Array.from(search.best.order.subarray(0, search.best.n)),
						whole: search.isWhole()
					};
				};
				const one = run();
				expect(run()).toEqual(one);
				const missing = problem.must[0] === 1 && !one.order.some((s) => problem.job[s] === 0);
				if (!missing) expect(one.worths).toEqual([...one.worths].sort((a, b) => a - b));
				if (one.whole) expect(new Set(one.order.map((s) => problem.job[s])).size).toBe(problem.jobs);
			}),
			{ numRuns: 6, seed: 58 }
		);
	}, 60_000);

	it('of nothing is nothing', () => {
		const search = new Search(flatten(small(10, [])));
		search.greedy();
		expect([...search.rounds(3)]).toEqual([]);
		expect([search.best.n, isWhole(search.best)]).toEqual([0, true]);
	});
});

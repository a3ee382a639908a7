/** The planner against any problem: every plan keeps every rule, is reproducible, and is never worse than the first. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { attendedMinutes, type Plan, type PlanInput } from '../../src/lib/core/planner/plan';
import { betterPlans, firstPlan, makePlan } from '../../src/lib/core/planner/makePlan';
import { flatten } from '../../src/lib/core/planner/solver/problem';
import { Timing } from '../../src/lib/core/planner/solver/timing';
import { oneStep, planInput, problem } from './plans';

const EFFORT = { rounds: 2, exactNodes: 0 };

function expectSound(input: PlanInput, plan: Plan) {
	expect(checkPlan(input, plan.entries)).toEqual([]);
	const planned = new Set(plan.entries.map((entry) => entry.job));
	expect(plan.left).toEqual(input.jobs.filter((job) => !planned.has(job.id)).map((job) => job.id));
	expect(plan.worth).toBeCloseTo(
		input.jobs.reduce((sum, job) => (planned.has(job.id) ? sum + job.worth : sum), 0),
		9
	);
	expect(plan.end).toBe(Math.max(0, ...plan.entries.map((entry) => entry.end)));
}

/** Worth first, then the end. */
const isWorse = (a: Plan, b: Plan) =>
	a.worth < b.worth - 1e-9 || (Math.abs(a.worth - b.worth) < 1e-9 && a.end > b.end + 1e-9);

describe('any plan', () => {
	it('keeps every hard rule, by the checker that the planner does not know', () => {
		fc.assert(
			fc.property(planInput(10), (input) => {
				for (const plan of betterPlans(input, EFFORT)) expectSound(input, plan);
			}),
			{ numRuns: 120, seed: 31 }
		);
	}, 120_000);

	it('brings what is worth most forward where that is asked, and loses nothing by it', () => {
		/** Worth by the minute times when it is done. */
		const waiting = (input: PlanInput, plan: Plan) =>
			plan.entries.reduce((sum, entry) => {
				const job = input.jobs.find((one) => one.id === entry.job);
				if (!job) return sum;
				const minutes = Math.max(0.5, attendedMinutes(job));
				return sum + (job.worth * (entry.end - entry.start) * entry.end) / minutes;
			}, 0);
		fc.assert(
			fc.property(planInput(8), (input) => {
				const [plain, best] = [firstPlan(input), firstPlan({ ...input, bestFirst: true })];
				expectSound(input, best);
				expect(best.worth).toBeCloseTo(plain.worth, 9);
				expect(best.end).toBeLessThanOrEqual(plain.end + 1e-9);
				expect(waiting(input, best)).toBeLessThanOrEqual(waiting(input, plain) + 1e-6);
			}),
			{ numRuns: 150, seed: 5 }
		);
		const two = problem(20, [oneStep('small', 5, 1), oneStep('great', 5, 9, { room: 'b' })]);
		const order = (input: PlanInput) => firstPlan(input).entries.map((entry) => entry.job);
		expect(order({ ...two, bestFirst: true })).toEqual(['great', 'small']);
	}, 60_000);

	it('is never worse than the one before, nor than the first', () => {
		fc.assert(
			fc.property(planInput(9), (input) => {
				let known = firstPlan(input);
				for (const plan of betterPlans(input, EFFORT)) {
					expect(isWorse(plan, known)).toBe(false);
					known = plan;
				}
			}),
			{ numRuns: 120, seed: 32 }
		);
	}, 120_000);

	it('is the same for the same input', () => {
		fc.assert(
			fc.property(planInput(8), (input) => {
				expect(makePlan(input, EFFORT)).toEqual(makePlan(structuredClone(input), EFFORT));
			}),
			{ numRuns: 60, seed: 33 }
		);
	}, 120_000);

	it('of more minutes, exactly solved, is never worth less', () => {
		fc.assert(
			fc.property(planInput(4), fc.integer({ min: 1, max: 10 }), (input, more) => {
				const exactly = { rounds: 2, exactNodes: 20_000 };
				const short = makePlan(input, exactly);
				const long = makePlan({ ...input, bell: input.bell + more }, exactly);
				if (short.exact && long.exact) expect(long.worth).toBeGreaterThanOrEqual(short.worth - 1e-9);
			}),
			{ numRuns: 100, seed: 34 }
		);
	}, 120_000);
});

/** All orders of single steps, one after the other: worth and end of the best that the checker lets pass. */
function byTryingAll(input: PlanInput): { worth: number; end: number } {
	const best = { worth: 0, end: 0 };
	const person = input.people[0];
	if (!person) return best;
	const walk = (from: string | undefined, to: string) =>
		from === undefined || from === to
			? 0
			: 0.5 + Math.abs(['a', 'b'].includes(from) === ['a', 'b'].includes(to) ? 0 : 2);
	const go = (entries: Plan['entries'], rest: PlanInput['jobs'], at: number, room: string | undefined) => {
		const worth = input.jobs
			.filter((j) => entries.some((e) => e.job === j.id))
			.reduce((sum, j) => sum + j.worth, 0);
		if (checkPlan(input, entries).length === 0) {
			const better = worth > best.worth + 1e-9 || (Math.abs(worth - best.worth) < 1e-9 && at < best.end);
			if (better) Object.assign(best, { worth, end: at });
		}
		for (const job of rest) {
			const [step] = job.steps;
			if (!step) continue;
			// Every half minute at which it could begin up to the bell: no cleverness of the planner is repeated here.
			const earliest = at + walk(room, step.room);
			for (const begin of new Set([earliest, job.release ?? 0, 6, 11, ...entries.map((e) => e.end)])) {
				if (begin < earliest || begin + step.minutes > input.bell) continue;
				const entry = { job: job.id, step: 0, person: person.id, start: begin, end: begin + step.minutes };
				go(
					[...entries, entry],
					rest.filter((j) => j !== job),
					entry.end,
					step.room
				);
			}
		}
	};
	go([], input.jobs, person.from, person.room);
	return best;
}

describe('a small problem', () => {
	it('is solved exactly: as good as all orders tried one by one', () => {
		const small = planInput(4, 4).map((input) => ({
			...input,
			people: input.people.slice(0, 1),
			jobs: input.jobs.map((job) => ({
				...job,
				steps: job.steps.slice(0, 1).map((s) => ({ ...s, waitMin: undefined, waitMax: undefined }))
			}))
		}));
		fc.assert(
			fc.property(small, (input) => {
				const plan = makePlan(input);
				expect(plan.exact).toBe(true);
				const best = byTryingAll({ ...input, jobs: input.jobs.filter((job) => job.worth > 0) });
				expect(plan.worth).toBeCloseTo(best.worth, 9);
				expect(plan.end).toBeCloseTo(best.end, 9);
			}),
			{ numRuns: 120, seed: 35 }
		);
	}, 120_000);

	it('of up to about ten steps says that it is exact', () => {
		let exact = 0;
		let all = 0;
		fc.assert(
			fc.property(planInput(4), (input) => {
				if (input.jobs.reduce((sum, job) => sum + job.steps.length, 0) > 10) return;
				all++;
				if (makePlan(input).exact) exact++;
			}),
			{ numRuns: 80, seed: 36 }
		);
		expect(all).toBeGreaterThan(60);
		expect(exact / all).toBeGreaterThan(0.95);
	}, 120_000);
});

describe('timing from a kept order', () => {
	it('gives the same times as timing the whole order', () => {
		fc.assert(
			fc.property(planInput(8), fc.nat(), fc.nat(), (input, which, where) => {
				const problem = flatten(input);
				const plan = firstPlan(input);
				const planned = [...new Set(plan.entries.map((e) => e.job))];
				const out = planned[which % Math.max(1, planned.length)];
				if (out === undefined) return;
				const placeOf = (id: string) => problem.source.indexOf(input.jobs.findIndex((job) => job.id === id));
				const stepOf = (e: Plan['entries'][number]) => (problem.first[placeOf(e.job)] as number) + e.step;
				const who = Int32Array.from(problem.who, (list) => list[0] ?? 0);
				for (const e of plan.entries) who[placeOf(e.job)] = input.people.findIndex((p) => p.id === e.person);
				const base = plan.entries.filter((e) => e.job !== out).map(stepOf);
				const first = problem.first[placeOf(out)] as number;
				const at = where % (base.length + 1);
				const order = Int32Array.from([...base.slice(0, at), first, ...base.slice(at), 0]);
				const [one, other] = [new Timing(problem), new Timing(problem)];
				one.keep(Int32Array.from([...base, 0]), base.length, who);
				const fromMark = one.timeFrom(order, base.length + 1, who, at, placeOf(out));
				const whole = other.time(order, base.length + 1, who);
				expect(fromMark).toBe(whole);
				if (!whole) return;
				for (const s of [...base, first]) expect(one.start[s]).toBe(other.start[s]);
				expect([one.makespan(), one.laneSum(), one.moves()]).toEqual([
					other.makespan(),
					other.laneSum(),
					other.moves()
				]);
			}),
			{ numRuns: 200, seed: 37 }
		);
	}, 60_000);
});

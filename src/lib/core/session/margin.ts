/** Plans that keep their word: done before the bell as surely as is promised, and nothing twice. Rules: "Chance of finishing". */
import { chanceOfFitting, STARTER_SPREAD, type Habit } from '../planner/chance';
import { isBetterForAll } from '../planner/company';
import { attendedMinutes, type Plan, type PlanInput, type PlanJob } from '../planner/plan';
import type { Filling } from './fill';
import { KIND_RULES } from './kinds';
import { isUncapped } from './sessionSteps';

/** Makes a plan of a problem, with whatever effort was asked for. */
export type Solve = (input: PlanInput) => Plan;

/** A problem as far as it was narrowed, and its plan. */
export interface Solved {
	readonly input: PlanInput;
	readonly plan: Plan;
}

/** The habit of a job as it was planned: its minutes are the learned ones already, and a cap that binds is kept. */
export function habitInPlan(filled: Filling, id: string): Habit {
	const { habits, kind } = filled.request;
	const job = filled.input.jobs.find((one) => one.id === id);
	const line = filled.lineOf.get(id);
	const { cap } = KIND_RULES[kind];
	const isCapped =
		job !== undefined && cap !== null && !(line && isUncapped(line, filled.request.gathered.after));
	const spread = habits?.get(id)?.spread ?? STARTER_SPREAD;
	return isCapped ? { factor: 1, spread, most: cap } : { factor: 1, spread };
}

/** By planned job of a line, the lines that it does along. */
export function coveredIn(filled: Filling, plan: Plan): Map<string, string> {
	const found = new Map<string, string>();
	for (const id of new Set(plan.entries.map((entry) => entry.job))) {
		const covers = filled.lineOf.get(id)?.line.job.covers ?? [];
		for (const [other, line] of filled.lineOf)
			if (other !== id && covers.includes(line.line.job.id)) found.set(other, id);
	}
	return found;
}

/** Solved so that nothing is done twice: what a planned job does along is left to it. */
function withoutCovered(filled: Filling, input: PlanInput, solve: Solve): Solved {
	let problem = input;
	let plan = solve(problem);
	for (;;) {
		const covered = coveredIn(filled, plan);
		const twice = new Set(plan.entries.map((entry) => entry.job).filter((id) => covered.has(id)));
		if (twice.size === 0) return { input: problem, plan };
		problem = { ...problem, jobs: problem.jobs.filter((job) => !twice.has(job.id)) };
		plan = solve(problem);
	}
}

/** A plan keeps its word: it is done before the bell with this probability at least. Rules: "Chance of finishing". */
export const KEEPS_ITS_WORD = 0.8;
/** Jobs of most worth that are tried beside a plan that keeps its word. */
const SPARE_JOBS = 6;
/** Of jobs that are tried alone, the ones of most worth. */
const TRIED_ALONE = 16;

/** How likely it is that a plan of a filled pail is done before its own bell, 0 to 1. */
export const chanceOf = (filled: Filling, plan: Plan): number =>
	chanceOfFitting({ ...filled.input, bell: filled.request.bell }, plan, (id) => habitInPlan(filled, id));

/**
 * Solved so that it keeps its word: of the fullest plan what gives least for its minutes is left out until it does, of
 * all that is in it, of the lane that ends last, or but for the best job of each, whichever comes to more. The margin binds what is optional: what must
 * be in stays, however late that makes it.
 */
export function withMargin(filled: Filling, input: PlanInput, solve: Solve): Solved {
	const whole = withoutCovered(filled, input, solve);
	if (filled.request.brim || chanceOf(filled, whole.plan) >= KEEPS_ITS_WORD) return whole;
	const ways: readonly Way[] = input.people.length > 1 ? ['least', 'last-lane', 'a-job-each'] : ['least'];
	const kept = ways.flatMap((way) => cutDown(filled, input, whole, solve, way) ?? []);
	const best = kept.reduce<Solved | null>(
		(a, one) => (a && !isBetterForAll(input, one.plan, a.plan) ? a : one),
		null
	);
	if (best) return best;
	// Only what must be in, where there is such a thing; else the one job that is likeliest.
	const must = whole.input.jobs.filter((job) => !job.optional);
	if (must.length > 0) return withoutCovered(filled, { ...input, jobs: must }, solve);
	return likeliest(filled, input, solve) ?? whole;
}

/** What is given up first: what gives least of all, or in the lane that ends last; or all but the best job of each. */
type Way = 'least' | 'last-lane' | 'a-job-each';

/** Of each person in a plan the job that gives most for its minutes. */
function bestOfEach(input: PlanInput, plan: Plan, yields: (job: PlanJob) => number): ReadonlySet<string> {
	return new Set(
		input.people.flatMap(({ id }) => {
			const theirs = new Set(plan.entries.filter((one) => one.person === id).map((one) => one.job));
			const jobs = input.jobs.filter((job) => theirs.has(job.id)).sort((a, b) => yields(b) - yields(a));
			return jobs[0]?.id ?? [];
		})
	);
}

/** The fullest plan without what gives least, until it keeps its word; null where nothing optional is left to give up. */
function cutDown(filled: Filling, input: PlanInput, whole: Solved, solve: Solve, way: Way): Solved | null {
	const planned = new Set(whole.plan.entries.map((entry) => entry.job));
	const yields = (job: PlanJob) => job.worth / (attendedMinutes(job) + 0.5);
	const kept = input.jobs.filter((job) => planned.has(job.id));
	const stays = way === 'a-job-each' ? bestOfEach(input, whole.plan, yields) : new Set<string>();
	const mayGo = () => kept.filter((job) => job.optional && !stays.has(job.id));
	let latest = whole.plan;
	while (mayGo().length > 0) {
		const last = latest.entries.reduce((a, b) => (b.end > a.end ? b : a)).person;
		const theirs = new Set(
			way === 'last-lane' ? latest.entries.filter((one) => one.person === last).map((one) => one.job) : []
		);
		const [out] = mayGo().sort(
			(a, b) =>
				Number(theirs.has(b.id)) - Number(theirs.has(a.id)) || yields(a) - yields(b) || (a.id < b.id ? -1 : 1)
		);
		kept.splice(kept.indexOf(out as PlanJob), 1);
		if (kept.length === 0) return null;
		const plan = solve({ ...input, jobs: kept.map((job) => ({ ...job, optional: false })) });
		if (plan.entries.length > 0) latest = plan;
		if (plan.left.length === 0 && chanceOf(filled, plan) >= KEEPS_ITS_WORD)
			return filledUp(filled, input, plan, solve);
	}
	return null;
}

/**
 * A plan that keeps its word with what still goes in beside it: a shorter end for all leaves some with nothing to do,
 * though what they could take makes nobody late.
 */
function filledUp(filled: Filling, input: PlanInput, begun: Plan, solve: Solve): Solved {
	const covered = coveredIn(filled, begun);
	let inPlan = new Set(begun.entries.map((entry) => entry.job));
	let best = begun;
	const spare = input.jobs
		.filter((job) => !inPlan.has(job.id) && !covered.has(job.id))
		.sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, SPARE_JOBS);
	for (const { id } of spare) {
		const wanted = new Set([...inPlan, id]);
		const jobs = input.jobs.filter((job) => wanted.has(job.id)).map((job) => ({ ...job, optional: false }));
		const plan = solve({ ...input, jobs });
		if (plan.left.length > 0 || chanceOf(filled, plan) < KEEPS_ITS_WORD) continue;
		if ([...coveredIn(filled, plan).keys()].some((other) => wanted.has(other))) continue;
		inPlan = wanted;
		best = plan;
	}
	const left = input.jobs.filter((job) => !inPlan.has(job.id)).map((job) => job.id);
	return { input, plan: { ...best, left } };
}

/** The one job that is done in time as is promised, or the likeliest of all; null where none fits. */
function likeliest(filled: Filling, input: PlanInput, solve: Solve): Solved | null {
	const alone = [...input.jobs]
		.sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, TRIED_ALONE)
		.map((job) => ({ ...input, jobs: [job] }))
		.map((problem) => ({ input: problem, plan: solve(problem) }))
		.filter(({ plan }) => plan.entries.length > 0)
		.map((one) => ({ ...one, chance: chanceOf(filled, one.plan) }));
	const sure = alone.filter((one) => one.chance >= KEEPS_ITS_WORD);
	const by = (a: (typeof alone)[number], b: (typeof alone)[number]) =>
		sure.length > 0 ? b.plan.worth - a.plan.worth : b.chance - a.chance;
	return (sure.length > 0 ? sure : alone).sort(by)[0] ?? null;
}

/** Why a job is left out, by chance: each reason that is given is true, told without the code that gave it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { makePlan } from '../../src/lib/core/planner/makePlan';
import type { Plan, PlanInput, PlanJob } from '../../src/lib/core/planner/plan';
import { whyLeft } from '../../src/lib/core/planner/whyLeft';
import { planInput } from './plans';

const EXACT = { rounds: 2, exactNodes: 30_000 };
const LONG = 2000;

/** What must never meet on one surface. */
const NEVER = new Set(['bleach+acid', 'caustic+acid', 'caustic+bleach', 'caustic+caustic']);
const mustNotMeet = (a = '', b = '') => NEVER.has(`${a}+${b}`) || NEVER.has(`${b}+${a}`);
const surfacesOf = (job: PlanJob) =>
	job.steps.flatMap((step) =>
		(step.uses ?? []).flatMap((use) => use.families.map((family) => [use.surface, family]))
	);

/** Whether some of the jobs must stay out, however much time there is; null where that could not be settled. */
function cannotBoth(input: PlanInput, jobs: readonly PlanJob[]): boolean | null {
	const plan = makePlan(
		{
			...input,
			bell: LONG,
			taken: [],
			people: input.people.map((one) => ({ ...one, from: 0, until: LONG, breaks: undefined })),
			jobs: jobs.map((job) => ({ ...job, worth: 1, release: undefined, deadline: undefined }))
		},
		EXACT
	);
	if (plan.left.length === 0) return false;
	return plan.exact ? true : null;
}

/** Whether a job fits with nobody else's work beside it; null where that could not be settled. */
function fitsAlone(input: PlanInput, job: PlanJob): boolean | null {
	const plan = makePlan({ ...input, jobs: [{ ...job, worth: 1 }] }, EXACT);
	if (plan.left.length === 0) return true;
	return plan.exact ? false : null;
}

/** The reasons of a plan that are not true, in words. */
function untrue(input: PlanInput, plan: Plan): string[] {
	const wrong: string[] = [];
	for (const id of plan.left) {
		const job = input.jobs.find((one) => one.id === id) as PlanJob;
		const why = whyLeft(input, plan, id, { bell: input.bell, coveredBy: null });
		const planned = (other: string) => plan.entries.some((entry) => entry.job === other);
		const other = input.jobs.find((one) => 'job' in why && one.id === why.job);
		const able = input.people.filter((one) => !one.barred.includes(id));
		const holds = {
			nobody: () => able.length === 0,
			appliance: () =>
				(input.taken ?? []).some(
					(one) =>
						job.steps.some((step) => step.appliance === one.appliance) &&
						one.until + job.steps.reduce((sum, step) => sum + step.minutes, 0) > input.bell
				),
			danger: () =>
				other !== undefined &&
				planned(other.id) &&
				surfacesOf(job).some(([surface, a]) =>
					surfacesOf(other).some(([on, b]) => on === surface && mustNotMeet(a, b))
				) &&
				cannotBoth(input, [job, other]) !== false,
			order: () => other !== undefined && planned(other.id) && cannotBoth(input, [job, other]) !== false,
			covered: () => false,
			'too-long': () => fitsAlone(input, job) !== true,
			worth: () => fitsAlone(input, job) !== false
		}[why.code];
		if (!holds()) wrong.push(`${id}: ${JSON.stringify(why)}`);
	}
	return wrong;
}

describe('the reason why a job is left out', () => {
	it('is true, whichever it is', () => {
		const seen = new Set<string>();
		fc.assert(
			fc.property(planInput(4), (input) => {
				const jobs = input.jobs.map((job) => ({
					...job,
					release: undefined,
					deadline: undefined,
					worth: job.worth + 0.5
				}));
				const one = { ...input, jobs };
				const plan = makePlan(one, EXACT);
				for (const id of plan.left)
					seen.add(whyLeft(one, plan, id, { bell: one.bell, coveredBy: null }).code);
				expect(untrue(one, plan)).toEqual([]);
			}),
			{ numRuns: 200, seed: 91 }
		);
		expect([...seen].sort()).toEqual(['appliance', 'danger', 'nobody', 'order', 'too-long', 'worth']);
	}, 120_000);
});

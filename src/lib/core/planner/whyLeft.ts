/** Why a job is not in a plan: the first reason that is true. Rules: "Why a job is left out". */
import { dangerBits, familyBits } from '../cupboard/meet';
import { firstPlan } from './makePlan';
import { attendedMinutes, type Plan, type PlanInput, type PlanJob } from './plan';

export type WhyLeft =
	/** Nobody here may do it. */
	| { readonly code: 'nobody' }
	| { readonly code: 'appliance'; readonly appliance: string }
	/** A product of it must not meet one of the other job; a rinse between would help. */
	| { readonly code: 'danger'; readonly job: string }
	/** The order of things forbids it beside the other job. */
	| { readonly code: 'order'; readonly job: string }
	| { readonly code: 'covered'; readonly job: string }
	/** Longer than the time; `minutes` are its own. */
	| { readonly code: 'too-long'; readonly minutes: number }
	| { readonly code: 'worth' };

/** Past every bell, in minutes: whether two jobs go together at all. */
const LONG = 24 * 60;

/** Minutes of a job from its first step to its last, least waits between them included. */
function spanMinutes(job: PlanJob): number {
	return job.steps.reduce(
		(sum, step, i) => sum + step.minutes + (i < job.steps.length - 1 ? (step.waitMin ?? 0) : 0),
		0
	);
}

function meets(one: PlanJob, other: PlanJob): boolean {
	const uses = (job: PlanJob) => job.steps.flatMap((step) => step.uses ?? []);
	return uses(one).some((a) =>
		uses(other).some(
			(b) => a.surface === b.surface && (dangerBits(familyBits(a.families)) & familyBits(b.families)) !== 0
		)
	);
}

/** True where two jobs can both be done, whatever the time. */
function goTogether(input: PlanInput, one: PlanJob, other: PlanJob): boolean {
	const free = { from: 0, until: LONG, breaks: undefined };
	const plan = firstPlan({
		...input,
		bell: LONG,
		taken: [],
		people: input.people.map((person) => ({ ...person, ...free })),
		jobs: [one, other].map((job) => ({ ...job, optional: true, worth: Math.max(1, job.worth) }))
	});
	return plan.left.length === 0;
}

/**
 * The first true reason for which a job of the problem is not in its plan, in the order of the rules. `bell` are the
 * whole minutes, where the problem was kept within fewer; `coveredBy` names the planned job that does it along.
 */
export function whyLeft(
	input: PlanInput,
	plan: Plan,
	id: string,
	{ bell, coveredBy }: { readonly bell: number; readonly coveredBy: string | null }
): WhyLeft {
	if (coveredBy !== null) return { code: 'covered', job: coveredBy };
	const job = input.jobs.find((one) => one.id === id);
	if (!job) return { code: 'worth' };
	const able = input.people.filter((one) => !one.barred.includes(id) && (job.by ?? one.id) === one.id);
	if (able.length === 0) return { code: 'nobody' };
	const taken = input.taken?.find(
		(one) =>
			one.until + attendedMinutes(job) > bell && job.steps.some((step) => step.appliance === one.appliance)
	);
	if (taken) return { code: 'appliance', appliance: taken.appliance };
	const planned = new Set(plan.entries.map((entry) => entry.job));
	const others = input.jobs.filter((one) => planned.has(one.id));
	const clashes = others.filter((one) => !goTogether(input, job, one));
	const danger = clashes.find((one) => meets(job, one));
	if (danger) return { code: 'danger', job: danger.id };
	const order = clashes[0];
	if (order) return { code: 'order', job: order.id };
	const longest = Math.max(...able.map((one) => Math.min(bell, one.until) - one.from));
	if (spanMinutes(job) > longest) return { code: 'too-long', minutes: spanMinutes(job) };
	return { code: 'worth' };
}

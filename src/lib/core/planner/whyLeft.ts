/** Why a job is not in a plan: the first reason that is true. Rules: "Why a job is left out". */
import { dangerBits, familyBits } from '../cupboard/meet';
import { firstPlan, makePlan } from './makePlan';
import { attendedMinutes, moveMinutes, type Plan, type PlanInput, type PlanJob, type PlanStep } from './plan';

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

/** Minutes of a job from its first step to its last, with least waits, and walks where they are longer. */
function spanMinutes(input: PlanInput, job: PlanJob): number {
	return job.steps.reduce((sum, step, i) => {
		const next = job.steps[i + 1];
		const between = next ? Math.max(step.waitMin ?? 0, moveMinutes(input, step.room, next.room)) : 0;
		return sum + step.minutes + between;
	}, 0);
}

/** True where all of a few jobs go into a plan: by the first plan, else by all there are of so small a problem. */
function fit(input: PlanInput, jobs: readonly PlanJob[]): boolean {
	const asked = {
		...input,
		jobs: jobs.map((one) => ({ ...one, optional: true, worth: Math.max(1, one.worth) }))
	};
	return (
		firstPlan(asked).left.length === 0 || makePlan(asked, { rounds: 1, exactNodes: 5000 }).left.length === 0
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

/** True where no rule speaks of two jobs together: no room, appliance or surface in common, no order between them. */
function areApart(input: PlanInput, one: PlanJob, other: PlanJob): boolean {
	if (input.floors === 'at-end' || input.topDown) return false;
	const ids = [one.id, other.id];
	if (input.pairs.some((pair) => ids.some((id) => pair.includes(id)))) return false;
	const has = (job: PlanJob, what: (step: PlanStep) => readonly (string | undefined)[]) =>
		new Set(job.steps.flatMap((step) => what(step).filter((key) => key !== undefined)));
	const keys = (step: PlanStep) => [
		`room ${step.room}`,
		step.appliance && `appliance ${step.appliance}`,
		...(step.uses ?? []).map((use) => `surface ${use.surface}`)
	];
	const mine = has(one, keys);
	return [...has(other, keys)].every((key) => !mine.has(key));
}

/** True where two jobs can both be done, whatever the time. */
function goTogether(input: PlanInput, one: PlanJob, other: PlanJob): boolean {
	if (areApart(input, one, other)) return true;
	const free = { from: 0, until: LONG, breaks: undefined };
	const people = input.people.map((person) => ({ ...person, ...free }));
	return fit({ ...input, bell: LONG, taken: [], people }, [one, other]);
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
	const job = input.jobs.find((one) => one.id === id);
	if (!job) return coveredBy === null ? { code: 'worth' } : { code: 'covered', job: coveredBy };
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
	if (coveredBy !== null) return { code: 'covered', job: coveredBy };
	// Kept within fewer minutes than the bell, a job may be too long for them alone: that is no reason of its own.
	if (!fit({ ...input, bell }, [job])) return { code: 'too-long', minutes: spanMinutes(input, job) };
	return { code: 'worth' };
}

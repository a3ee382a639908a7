/** Why a job of a session hangs aside: the planner's own reason, or that of the way it was filled. Rules: "Why a job is left out". */
import { carriedOut } from '../cupboard/kits';
import { firstPlan } from '../planner/makePlan';
import { whyLeft, type WhyLeft } from '../planner/whyLeft';
import type { Plan, PlanInput, PlanJob } from '../planner/plan';
import type { Filling } from './fill';
import { KIND_RULES } from './kinds';
import { chanceOf, coveredIn, KEEPS_ITS_WORD } from './margin';
import type { PailOffer } from './offers';

export type WhyAside =
	| WhyLeft
	/** It would carry a tool out of the one room that it is for; both by name. */
	| { readonly code: 'tool'; readonly tool: string; readonly room: string }
	/** The offer keeps to one room, and the job does not. */
	| { readonly code: 'other-room'; readonly room: string }
	/** This kind of session has as many jobs as it may. */
	| { readonly code: 'most'; readonly jobs: number }
	/** It goes into the time beside all that is planned, and all of it is then less surely done before the bell. */
	| { readonly code: 'margin' };

/** True where a job goes into the whole time beside all that is planned, but not so surely as a plan keeps its word. */
function onlyTheMargin(filled: Filling, input: PlanInput, plan: Plan, job: PlanJob): boolean {
	if (filled.request.brim) return false;
	const planned = new Set(plan.entries.map((entry) => entry.job));
	const jobs = filled.input.jobs.filter((one) => planned.has(one.id) || one === job);
	const { floors, topDown } = input;
	const withIt = firstPlan({
		...filled.input,
		floors,
		topDown,
		jobs: jobs.map((one) => ({ ...one, optional: false }))
	});
	return withIt.left.length === 0 && chanceOf(filled, withIt) < KEEPS_ITS_WORD;
}

/** The reason of each job that is on and not in the plan of an offer, by job. */
export function whyAside(filled: Filling, { name, about, input, plan }: PailOffer): Record<string, WhyAside> {
	const planned = new Set(plan.entries.map((entry) => entry.job));
	const covered = coveredIn(filled, plan);
	const among = { ...filled.input, floors: input.floors, topDown: input.topDown };
	const most = KIND_RULES[filled.request.kind].jobs;
	const ofKind = [...planned].filter((id) => !filled.request.gathered.after?.has(id)).length;
	const { home } = filled.request;
	const reason = (job: PlanJob): WhyAside => {
		const line = filled.lineOf.get(job.id)?.line;
		const [tool] = line ? carriedOut(home.home, line.job) : [];
		if (tool?.boundTo !== undefined)
			return { code: 'tool', tool: tool.name, room: home.roomById.get(tool.boundTo)?.name ?? '' };
		const why = whyLeft(among, plan, job.id, {
			bell: filled.request.bell,
			coveredBy: covered.get(job.id) ?? null
		});
		if (why.code !== 'worth') return why;
		if (name === 'room' && about !== null && job.steps.some((step) => step.room !== about))
			return { code: 'other-room', room: about };
		if (most !== null && ofKind >= most) return { code: 'most', jobs: most };
		return onlyTheMargin(filled, input, plan, job) ? { code: 'margin' } : why;
	};
	return Object.fromEntries(
		filled.input.jobs.filter((job) => !planned.has(job.id)).map((job) => [job.id, reason(job)])
	);
}

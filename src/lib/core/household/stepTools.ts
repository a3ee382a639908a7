/** What a step is done with, out of what its job needs at hand. Rules: "Kits". */
import type { Depth } from './fields';
import type { Job } from './jobSchema';

type Step = Job['depths']['usual']['steps'][number];

/** All that a job needs at hand: its words, then ids of the cupboard. */
export const atHand = (job: Pick<Job, 'needs' | 'things'>): string[] => [...job.needs, ...job.things];

const stepsOf = (job: Job): Step[] => Object.values(job.depths).flatMap((depth) => depth?.steps ?? []);

/**
 * What a job needs at one depth: what its steps there are done with, and what no step of it names. Rules: "Kits".
 */
export function atHandAt(job: Job, depth: Depth): string[] {
	const named = new Set(stepsOf(job).flatMap((step) => step.tools ?? []));
	const here = new Set((job.depths[depth] ?? job.depths.usual).steps.flatMap((step) => step.tools ?? []));
	return atHand(job).filter((one) => !named.has(one) || here.has(one));
}

/** A job whose steps are done with nothing that it does not need: what is taken off the job leaves its steps. */
export function withinNeeds(job: Job): Job {
	const needed = new Set(atHand(job));
	if (stepsOf(job).every((step) => (step.tools ?? []).every((one) => needed.has(one)))) return job;
	const kept = ({ tools = [], ...step }: Step): Step => {
		const left = tools.filter((one) => needed.has(one));
		return left.length > 0 ? { ...step, tools: left } : step;
	};
	const depthOf = (depth: Job['depths']['usual']) => ({ ...depth, steps: depth.steps.map(kept) });
	const { quick, usual, deep } = job.depths;
	return {
		...job,
		depths: {
			...(quick ? { quick: depthOf(quick) } : {}),
			usual: depthOf(usual),
			...(deep ? { deep: depthOf(deep) } : {})
		}
	};
}

/** The uses of products in a job, step by step, as the judge takes them. Rules: "What must not meet". */
import type { Depth } from '../household/fields';
import type { Cupboard } from '../household/cupboardSchema';
import type { Job, JobStep } from '../household/jobSchema';
import type { Use } from './cautions';

/** The steps of a job at a depth; one that it does not have is done as usual. */
export const stepsAt = (job: Job, depth: Depth): readonly JobStep[] =>
	(job.depths[depth] ?? job.depths.usual).steps;

/** What may be in a use, as far as the cupboard is not sure. */
function perhapsOf(use: JobStep['products'][number], cupboard: Cupboard): readonly string[] {
	const product = cupboard.products.find((one) => one.id === use.product);
	return product ? product.perhaps : [];
}

/**
 * The uses of a job at a depth in their order, by a person. `step` of a use is the number of its step. A surface that is
 * not named counts as one with all other such of its room: the strictest reading.
 */
export function usesOfJob(job: Job, depth: Depth, cupboard: Cupboard, person: string): Use[] {
	return stepsAt(job, depth).flatMap((step, i) =>
		step.products.map((use): Use => {
			const perhaps = perhapsOf(use, cupboard);
			return {
				step: String(i),
				person,
				surface: use.surface,
				surfaceOf: `${step.room ?? job.room}/${use.surface ?? ''}`,
				families: use.families.filter((family) => !perhaps.includes(family)),
				perhaps,
				rinse: use.rinse,
				wet: use.water === 'wet',
				floor: use.floor,
				contactMinutes: use.contactMinutes
			};
		})
	);
}

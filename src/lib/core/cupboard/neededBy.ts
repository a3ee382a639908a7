/** Which products of the cupboard a job needs, and whether they are there. Rules: "Supplies". */
import type { Cupboard, Product } from '../household/cupboardSchema';
import type { Depth } from '../household/fields';
import type { Job, JobStep } from '../household/jobSchema';
import { levelOf, type Supply } from './shopping';
import { stepsAt } from './usesOfJob';

type Use = JobStep['products'][number];

/** Kinds of which a home has so many that none of them is meant in particular. */
const COMMON: readonly string[] = ['water', 'surfactant'];

/** The products that will do for a use: the one that it names, else those that hold the same, and nothing unsure. */
export function productsFor(use: Use, cupboard: Cupboard): Product[] {
	if (use.product !== undefined) return cupboard.products.filter((one) => one.id === use.product);
	return cupboard.products.filter(
		(one) =>
			one.perhaps.length === 0 &&
			one.families.length === use.families.length &&
			one.families.every((family) => use.families.includes(family))
	);
}

/** True where a use asks for something in particular: a product by name, or a kind of which a home has one or two. */
const isParticular = (use: Use) =>
	use.product !== undefined || use.families.some((family) => !COMMON.includes(family));

/**
 * What a job needs of the cupboard at a depth, each with the products that will do: the particular uses of its steps,
 * and the products among the things that it names.
 */
export function needsOf(job: Job, depth: Depth, cupboard: Cupboard): Product[][] {
	const found: Product[][] = [];
	const add = (products: Product[]) => {
		const key = products.map((one) => one.id).join();
		if (products.length > 0 && !found.some((list) => list.map((one) => one.id).join() === key))
			found.push(products);
	};
	for (const step of stepsAt(job, depth))
		for (const use of step.products) if (isParticular(use)) add(productsFor(use, cupboard));
	for (const id of job.things) add(cupboard.products.filter((one) => one.id === id));
	return found;
}

export interface Missing {
	/** What is out, as the first that would do. */
	readonly product: Product;
	/** Others of the cupboard that hold the same and are there. */
	readonly instead: readonly Product[];
}

/**
 * What a job needs and is out. `instead` is empty where nothing of the same is there; a need of which any product that
 * will do is there is not missing, but where the job names the one that is out, another of the same is offered.
 */
export function missingFor(
	job: Job,
	depth: Depth,
	cupboard: Cupboard,
	supplies: readonly Supply[]
): Missing[] {
	return needsOf(job, depth, cupboard).flatMap((products): Missing[] => {
		const [first] = products;
		const isOut = (one: Product) => levelOf(supplies, one.id) === 'out';
		if (!first || !products.every(isOut)) return [];
		const instead = cupboard.products.filter(
			(one) =>
				!isOut(one) &&
				one.perhaps.length === 0 &&
				first.perhaps.length === 0 &&
				one.families.length === first.families.length &&
				one.families.every((family) => first.families.includes(family)) &&
				first.families.some((family) => !COMMON.includes(family))
		);
		return [{ product: first, instead }];
	});
}

/** The products that a job, at any of its depths, needs or may use, by their ids. */
export const mayNeed = (job: Job, cupboard: Cupboard): Set<string> =>
	new Set(
		(['quick', 'usual', 'deep'] as const).flatMap((depth) =>
			job.depths[depth] ? needsOf(job, depth, cupboard).flatMap((list) => list.map((one) => one.id)) : []
		)
	);

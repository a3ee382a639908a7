/** What to mind in a job, or in one of its steps, by the products of its steps. Rules: "Care with products". */
import type { Home } from '../household/home';
import type { Depth } from '../household/fields';
import type { Job } from '../household/jobSchema';
import { careOf, caresTogether, type Care } from './care';
import type { Pet, Use, UsePerson } from './cautions';
import type { Family } from './products';
import { usesOfJob } from './usesOfJob';

/**
 * What the library wrote by hand before it was told by the products of the steps, in homes that were begun then: with
 * the families that say the same now.
 */
const TOLD_BY_PRODUCTS: readonly {
	readonly headline: string;
	readonly text: string;
	readonly by: readonly string[];
}[] = [
	{
		headline: 'Acid: never with bleach.',
		text: 'Nothing with bleach on this surface until it is rinsed; never on stone.',
		by: ['acid']
	},
	{ headline: 'Alcohol burns.', text: 'No flame near it; window open.', by: ['alcohol'] },
	{ headline: 'Gloves on.', text: 'Washing soda is harsh to the skin.', by: ['carbonate'] }
];
const WET_FLOOR = { headline: 'Wet floor.', text: 'Keep people and animals off until it is dry.' };

/** Cautions that were written for a job by hand, but for those that its products tell. */
export function ownCautions(job: Job): Job['cautions'] {
	const uses = Object.values(job.depths).flatMap(
		(depth) => depth?.steps.flatMap((step) => step.products) ?? []
	);
	const holds = (families: readonly string[]) =>
		uses.some((use) => use.families.some((family) => families.includes(family)));
	const same = (one: { headline: string; text: string }, other: { headline: string; text: string }) =>
		one.headline === other.headline && one.text === other.text;
	return job.cautions.filter(
		(caution) =>
			!TOLD_BY_PRODUCTS.some((told) => same(told, caution) && holds(told.by)) &&
			!(same(WET_FLOOR, caution) && uses.some((use) => use.floor))
	);
}

/** The uses of a job as they are judged for care, each with the number of its step. */
function caresByStep(
	{ cupboard, pets }: Pick<Home, 'cupboard' | 'pets'>,
	job: Job,
	depth: Depth,
	person: UsePerson | null
): { readonly step: number; readonly cares: readonly Care[] }[] {
	const kinds = pets.map((pet): Pet => pet.kind);
	return usesOfJob(job, depth, cupboard, person?.id ?? '').map((use) => ({
		step: Number(use.step),
		cares: careOf(
			{
				families: use.families as readonly Family[],
				perhaps: (use.perhaps ?? []) as readonly Family[],
				surface: use.surface,
				rinse: use.rinse,
				wet: use.wet,
				floor: use.floor,
				contactMinutes: use.contactMinutes
			},
			kinds,
			person
		)
	}));
}

/** Whether what a use put down is still there at the end of a step: nothing has rinsed it off. */
function isStillThere(uses: readonly Use[], at: number, step: number): boolean {
	const use = uses[at] as Use;
	return !uses
		.slice(at + 1)
		.some((later) => later.rinse && later.surfaceOf === use.surfaceOf && Number(later.step) <= step);
}

/** What earlier steps of a job left on a surface, and must still not be met. */
function caresLeft(home: Pick<Home, 'cupboard' | 'pets'>, job: Job, depth: Depth, step: number): Care[][] {
	const uses = usesOfJob(job, depth, home.cupboard, '');
	return uses
		.filter((use, i) => Number(use.step) < step && isStillThere(uses, i, step))
		.map((use) =>
			careOf({
				families: use.families as readonly Family[],
				perhaps: (use.perhaps ?? []) as readonly Family[]
			}).filter((care) => care.code === 'never-with')
		);
}

/**
 * What to mind in one step of a job, for whoever does it, the gravest first: what is in hand, and what earlier steps left
 * on a surface until it is rinsed.
 */
export const caresOfStep = (
	home: Pick<Home, 'cupboard' | 'pets'>,
	job: Job,
	depth: Depth,
	step: number,
	person: UsePerson | null = null
): Care[] =>
	caresTogether([
		...caresByStep(home, job, depth, person)
			.filter((one) => one.step === step)
			.map((one) => one.cares),
		...caresLeft(home, job, depth, step)
	]);

/** What to mind in the whole of a job; the gravest first, each once. */
export const caresOfJob = (
	home: Pick<Home, 'cupboard' | 'pets'>,
	job: Job,
	depth: Depth,
	person: UsePerson | null = null
): Care[] => caresTogether(caresByStep(home, job, depth, person).map((one) => one.cares));

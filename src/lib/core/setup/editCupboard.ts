/** Changes of the cupboard: products, tools, kits and mixes, with what follows in the jobs that name them. */
import type { Cupboard, Kit, Mix, Product, Tool } from '../household/cupboardSchema';
import type { Home, Job } from '../household/home';
import { allFamilies } from '../cupboard/products';
import { finish, refuse, type Edit, type Effect } from './edit';
import { freeId } from './library';
import { withinNeeds } from '../household/stepTools';

type Use = Job['depths']['usual']['steps'][number]['products'][number];

const withCupboard = (home: Home, part: Partial<Cupboard>): Home => ({
	...home,
	cupboard: { ...home.cupboard, ...part }
});

/** The jobs with every use of a product changed. */
function withUses(jobs: readonly Job[], product: string, change: (use: Use) => Use): Job[] {
	const depth = <T extends Job['depths']['usual'] | undefined>(one: T): T =>
		one && {
			...one,
			steps: one.steps.map((step) =>
				step.products.some((use) => use.product === product)
					? {
							...step,
							products: step.products.map((use) => (use.product === product ? change(use) : use))
						}
					: step
			)
		};
	return jobs.map((job) => {
		if (!usesProduct(job, product)) return job;
		const { quick, usual, deep } = job.depths;
		return {
			...job,
			depths: {
				...(quick ? { quick: depth(quick) } : {}),
				usual: depth(usual),
				...(deep ? { deep: depth(deep) } : {})
			}
		};
	});
}

/** True where a job names a product: a step of it, at any depth, or the list of what it needs at hand. */
export const usesProduct = (job: Job, product: string): boolean =>
	job.things.includes(product) ||
	Object.values(job.depths).some((depth) =>
		depth?.steps.some((step) => step.products.some((use) => use.product === product))
	);

const without = (list: readonly string[], id: string) => list.filter((one) => one !== id);

/** The home where nobody and no job names a thing that is taken away. */
const withoutThing = (home: Home, id: string): Home => ({
	...home,
	jobs: home.jobs.map((job) =>
		job.things.includes(id) ? withinNeeds({ ...job, things: without(job.things, id) }) : job
	),
	members: home.members.map((member) =>
		member.kit?.includes(id) ? { ...member, kit: without(member.kit, id) } : member
	)
});

const idsOf = (cupboard: Cupboard) =>
	new Set(
		[...cupboard.products, ...cupboard.tools, ...cupboard.kits, ...cupboard.mixes].map((one) => one.id)
	);

/** An id for something new in the cupboard. */
export const newCupboardId = (home: Home, name: string): string => freeId(name, idsOf(home.cupboard));

const put = <T extends { id: string }>(list: readonly T[], one: T): T[] =>
	list.some((known) => known.id === one.id)
		? list.map((known) => (known.id === one.id ? one : known))
		: [...list, one];

/** Adds a product or changes it; the jobs that name it follow with what is in it. */
export function putProduct(home: Home, product: Product): Edit {
	const families = allFamilies(product);
	const jobs =
		families.length === 0 ? home.jobs : withUses(home.jobs, product.id, (use) => ({ ...use, families }));
	return finish({ ...withCupboard(home, { products: put(home.cupboard.products, product) }), jobs });
}

/** Several products at once, such as those of the starter shelf. */
export function putProducts(home: Home, products: readonly Product[]): Edit {
	if (products.length === 0) return refuse({ code: 'none-chosen' });
	return finish(
		withCupboard(home, {
			products: products.reduce((list, one) => put(list, one), home.cupboard.products)
		})
	);
}

/** Takes a product away: off the kits, and jobs that named it keep what kind of product they need. */
export function removeProduct(home: Home, id: string): Edit {
	const { cupboard } = home;
	if (!cupboard.products.some((one) => one.id === id))
		return refuse({ code: 'unknown', what: 'product', id });
	const naming = home.jobs.filter((job) => usesProduct(job, id));
	const effects: Effect[] =
		naming.length === 0
			? []
			: [
					{
						code: 'jobs-without-product',
						count: naming.length,
						names: naming.slice(0, 4).map((job) => job.name)
					}
				];
	const left = withoutThing(home, id);
	return finish(
		{
			...withCupboard(left, {
				products: cupboard.products.filter((one) => one.id !== id),
				kits: cupboard.kits.map((kit) => ({ ...kit, contents: without(kit.contents, id) })),
				mixes: cupboard.mixes.map((mix) => ({
					...mix,
					parts: mix.parts.map(({ product, ...part }) =>
						product === id || !product ? part : { ...part, product }
					)
				}))
			}),
			jobs: withUses(left.jobs, id, ({ product: _product, ...use }) => use)
		},
		effects
	);
}

/** Adds a tool or changes it; `jobs`: those that need it, by their ids, where that is said. */
export function putTool(home: Home, tool: Tool, jobs?: readonly string[]): Edit {
	const next = withCupboard(home, { tools: put(home.cupboard.tools, tool) });
	if (jobs === undefined) return finish(next);
	const needing = new Set(jobs);
	return finish({
		...next,
		jobs: next.jobs.map((job) => {
			if (job.things.includes(tool.id) === needing.has(job.id)) return job;
			const rest = without(job.things, tool.id);
			return withinNeeds({ ...job, things: needing.has(job.id) ? [...rest, tool.id] : rest });
		})
	});
}

/** Takes a tool away, and off the kits and jobs. */
export function removeTool(home: Home, id: string): Edit {
	const { cupboard } = home;
	if (!cupboard.tools.some((one) => one.id === id)) return refuse({ code: 'unknown', what: 'tool', id });
	return finish(
		withCupboard(withoutThing(home, id), {
			tools: cupboard.tools.filter((one) => one.id !== id),
			kits: cupboard.kits.map((kit) => ({ ...kit, contents: without(kit.contents, id) }))
		})
	);
}

/** Adds a kit or changes it. */
export const putKit = (home: Home, kit: Kit): Edit =>
	finish(withCupboard(home, { kits: put(home.cupboard.kits, kit) }));

/** Takes a kit apart; what was in it stays in the cupboard. */
export function removeKit(home: Home, id: string): Edit {
	if (!home.cupboard.kits.some((one) => one.id === id)) return refuse({ code: 'unknown', what: 'kit', id });
	return finish(withCupboard(home, { kits: home.cupboard.kits.filter((one) => one.id !== id) }));
}

/** Keeps a bottle of a mix; one that would be a danger is refused by the checks of the home. */
export const putMix = (home: Home, mix: Mix): Edit =>
	finish(withCupboard(home, { mixes: put(home.cupboard.mixes, mix) }));

/** A bottle of a mix is empty, or poured away. */
export function removeMix(home: Home, id: string): Edit {
	if (!home.cupboard.mixes.some((one) => one.id === id)) return refuse({ code: 'unknown', what: 'mix', id });
	return finish(withCupboard(home, { mixes: home.cupboard.mixes.filter((one) => one.id !== id) }));
}

/** The number of the poison information centre. */
export const setPoisonCentre = (home: Home, number: string): Edit =>
	finish(withCupboard(home, { poisonCentre: number }));

/** A capital letter for a new kit: the first of its name that is free, else the first that is. */
export function freeLetter(home: Home, name: string): string {
	const used = new Set(home.cupboard.kits.map((kit) => kit.letter));
	const own = [...name.toUpperCase()].filter((letter) => /^\p{Lu}$/u.test(letter));
	const alphabet = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
	return [...own, ...alphabet].find((letter) => !used.has(letter)) ?? 'A';
}

/** What a product is: plain descriptions, the starter shelf, and how a product is judged. Rules: "Products of a home". */
import type { Product, VESSELS } from '../household/cupboardSchema';
import type { productFamily } from '../household/fields';
import { FAMILIES, isDangerAlone } from './meet';
import type { z } from 'zod';

export type Family = z.infer<typeof productFamily>;
export type Vessel = (typeof VESSELS)[number];

/** What is known to be in something, and what may be. */
export interface Contents {
	readonly families: readonly Family[];
	readonly perhaps: readonly Family[];
}

/**
 * What people say of a bottle, and what that means. Where a description fits several families, all of them count, as
 * nobody knows which it is: the strictest reading. "not-sure" may be anything.
 */
export const DESCRIPTIONS = {
	soap: { families: ['surfactant'], perhaps: [] },
	limescale: { families: ['acid'], perhaps: [] },
	chlorine: { families: ['bleach'], perhaps: [] },
	glass: { families: [], perhaps: ['alcohol', 'ammonia', 'surfactant'] },
	spirit: { families: ['alcohol'], perhaps: [] },
	ammonia: { families: ['ammonia'], perhaps: [] },
	stains: { families: ['peroxide'], perhaps: [] },
	drains: { families: ['caustic'], perhaps: [] },
	germs: { families: [], perhaps: ['quat', 'alcohol', 'bleach', 'peroxide'] },
	quat: { families: ['quat'], perhaps: [] },
	scouring: { families: ['abrasive'], perhaps: ['bleach', 'acid'] },
	bakingSoda: { families: ['soda'], perhaps: [] },
	washingSoda: { families: ['carbonate'], perhaps: [] },
	polish: { families: ['polish'], perhaps: [] },
	solvent: { families: ['solvent'], perhaps: [] },
	scent: { families: ['oil'], perhaps: [] },
	water: { families: ['water'], perhaps: [] },
	notSure: { families: [], perhaps: FAMILIES.filter((family) => family !== 'water') }
} as const satisfies Readonly<Record<string, Contents>>;

export type Description = keyof typeof DESCRIPTIONS;

/** What several descriptions of one product say together. What is known is no longer only perhaps. */
export function contentsOf(descriptions: readonly Description[]): Contents {
	const told = descriptions.map((one): Contents => DESCRIPTIONS[one]);
	const families = [...new Set(told.flatMap((one) => one.families))];
	const perhaps = [...new Set(told.flatMap((one) => one.perhaps))].filter(
		(family) => !families.includes(family)
	);
	return { families, perhaps };
}

/** The descriptions by which a product was told; empty where its families were set one by one. */
export function descriptionsOf(contents: Contents): Description[] {
	const same = (one: Contents) =>
		one.families.length === contents.families.length &&
		one.perhaps.length === contents.perhaps.length &&
		one.families.every((family) => contents.families.includes(family)) &&
		one.perhaps.every((family) => contents.perhaps.includes(family));
	const names = Object.keys(DESCRIPTIONS) as Description[];
	const one = names.find((name) => same(DESCRIPTIONS[name]));
	if (one) return [one];
	const parts = names.filter(
		(name) =>
			DESCRIPTIONS[name].perhaps.length === 0 &&
			DESCRIPTIONS[name].families.every((family) => contents.families.includes(family))
	);
	return same(contentsOf(parts)) ? parts : [];
}

/** All that is or may be in it: what steps that name the product carry. */
export const allFamilies = (contents: Contents): Family[] => [
	...contents.families,
	...contents.perhaps.filter((family) => !contents.families.includes(family))
];

/** True where what is known to be in it is a danger by itself. */
export const isAlone = (contents: Contents): boolean => isDangerAlone(contents.families);

export interface Starter {
	readonly id: string;
	readonly description: readonly Description[];
	readonly vessel: Vessel;
	/** Locked away by default, as it is for 16 and over. */
	readonly locked?: true;
	/** On the shelf of nearly every home. */
	readonly usual?: true;
	readonly strength?: number;
}

/** About what stands in most homes: to begin the shelf with a touch each. Names are words of the interface. */
export const STARTER_SHELF: readonly Starter[] = [
	{ id: 'dish-liquid', description: ['soap'], vessel: 'bottle', usual: true },
	{ id: 'all-purpose-spray', description: ['soap'], vessel: 'spray', usual: true },
	{ id: 'floor-soap', description: ['soap'], vessel: 'jug', usual: true },
	{ id: 'hand-soap', description: ['soap'], vessel: 'bottle' },
	{ id: 'wash-powder', description: ['soap'], vessel: 'tub', usual: true },
	{ id: 'wool-wash', description: ['soap'], vessel: 'jug' },
	{ id: 'bath-spray', description: ['limescale'], vessel: 'spray', locked: true },
	{ id: 'glass-spray', description: ['glass'], vessel: 'spray', usual: true },
	{ id: 'vinegar', description: ['limescale'], vessel: 'bottle', usual: true, locked: true },
	{ id: 'citric-acid', description: ['limescale'], vessel: 'tub', locked: true },
	{ id: 'limescale-remover', description: ['limescale'], vessel: 'spray', locked: true },
	{ id: 'toilet-cleaner', description: ['limescale'], vessel: 'bottle', locked: true },
	{ id: 'thin-bleach', description: ['chlorine'], vessel: 'jug', locked: true, strength: 5 },
	{ id: 'chlorine-tablets', description: ['chlorine'], vessel: 'tub', locked: true },
	{ id: 'oxygen-bleach', description: ['stains'], vessel: 'tub', locked: true },
	{ id: 'disinfectant-spray', description: ['quat'], vessel: 'spray', locked: true },
	{ id: 'surgical-spirit', description: ['spirit'], vessel: 'bottle', locked: true },
	{ id: 'ammonia', description: ['ammonia'], vessel: 'bottle', locked: true },
	{ id: 'drain-opener', description: ['drains'], vessel: 'bottle', locked: true },
	{ id: 'oven-cleaner', description: ['drains'], vessel: 'spray', locked: true },
	{ id: 'scouring-cream', description: ['scouring'], vessel: 'bottle' },
	{ id: 'baking-soda', description: ['bakingSoda'], vessel: 'jar', usual: true },
	{ id: 'washing-soda', description: ['washingSoda'], vessel: 'jar', locked: true },
	{ id: 'wood-polish', description: ['polish'], vessel: 'tin' },
	{ id: 'white-spirit', description: ['solvent'], vessel: 'bottle', locked: true },
	{ id: 'scented-oil', description: ['scent'], vessel: 'bottle' }
];

/** A product of the starter shelf as one of the home, under a name. */
export function fromShelf(starter: Starter, name: string, id: string): Product {
	const { families, perhaps } = contentsOf(starter.description);
	return {
		id,
		name,
		families: [...families],
		perhaps: [...perhaps],
		vessel: starter.vessel,
		place: '',
		locked: starter.locked ?? false,
		...(starter.strength === undefined ? {} : { strength: starter.strength })
	};
}

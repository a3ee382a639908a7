/** Mixes people make themselves: scaled to a bottle, how long they keep, where they are right. Rules: "Mixes". */
import { addDays, toDay, type CivilDay } from '../calendar/civil';
import type { Mix } from '../household/cupboardSchema';
import { SURFACES } from '../household/home';
import { worstLevel } from './cautions';
import { inMeasures, type InMeasures } from './dilution';
import { FAMILIES } from './meet';
import { mixDanger } from '../household/dangerPairs';
import { allFamilies, type Family } from './products';
import { refusedFamilies } from './surfaces';

export interface Recipe {
	readonly id: string;
	/** What goes in beside water, as a part of the whole volume. */
	readonly parts: readonly { readonly families: readonly Family[]; readonly share: number }[];
	readonly keepsDays: number;
	readonly water: 'cold' | 'warm' | 'hot';
}

/** The usual home-made mixes. Bleach is mixed by its strength instead, with `dilute`. */
export const RECIPES: readonly Recipe[] = [
	{ id: 'floor', parts: [{ families: ['surfactant'], share: 0.002 }], keepsDays: 1, water: 'hot' },
	{ id: 'dusting', parts: [{ families: ['surfactant'], share: 0.01 }], keepsDays: 14, water: 'warm' },
	{ id: 'glass', parts: [{ families: ['alcohol'], share: 0.25 }], keepsDays: 180, water: 'cold' },
	{ id: 'limescale', parts: [{ families: ['acid'], share: 0.5 }], keepsDays: 180, water: 'cold' },
	{ id: 'soda', parts: [{ families: ['soda'], share: 0.03 }], keepsDays: 1, water: 'warm' }
];

/** Bleach mixed with water is thrown away after a day, whatever else is in it. */
export const BLEACH_KEEPS_DAYS = 1;

export interface ScaledPart {
	readonly families: readonly Family[];
	readonly ml: number;
	readonly measures: InMeasures;
}

export interface Scaled {
	readonly parts: readonly ScaledPart[];
	readonly waterMl: number;
	readonly keepsDays: number;
}

/** A recipe for a bottle or bucket of `ml`. Throws RangeError for no volume. */
export function scaleRecipe(recipe: Recipe, ml: number): Scaled {
	if (!(ml > 0) || !Number.isFinite(ml)) throw new RangeError(`no volume: ${ml} ml`);
	const parts = recipe.parts.map((part) => {
		const amount = part.share * ml;
		return { families: part.families, ml: amount, measures: inMeasures(amount) };
	});
	const inIt = parts.reduce((sum, part) => sum + part.ml, 0);
	return { parts, waterMl: ml - inIt, keepsDays: recipe.keepsDays };
}

export interface MixFacts {
	/** Two families in it that must never meet; null for none. */
	readonly danger: readonly [string, string] | null;
	/** Surfaces that refuse it. */
	readonly notOn: readonly (typeof SURFACES)[number][];
	/** Families that it must never meet. */
	readonly neverWith: readonly Family[];
}

/** What is worth knowing of a mix before it is poured. Rules: "What must not meet", "Surfaces". */
export function mixFacts(parts: readonly { readonly families: readonly Family[] }[]): MixFacts {
	const families = allFamilies({ families: [...new Set(parts.flatMap((one) => one.families))], perhaps: [] });
	return {
		danger: mixDanger(parts),
		notOn: SURFACES.filter((surface) => refusedFamilies(surface, families).length > 0),
		neverWith: neverWith(families)
	};
}

/** The families that any of some must never meet, one after the other. */
export const neverWith = (families: readonly Family[]): Family[] =>
	FAMILIES.filter((other) => worstLevel(families, [other], true) === 'danger');

/** The day from which a mix is no longer good. Bleach never keeps longer than a day. */
export function goodUntil(mix: Pick<Mix, 'mixedOn' | 'keepsDays' | 'parts'>): CivilDay {
	const holdsBleach = mix.parts.some((part) => part.families.includes('bleach'));
	return addDays(toDay(mix.mixedOn), holdsBleach ? BLEACH_KEEPS_DAYS : mix.keepsDays);
}

/** Dilution by C1·V1 = C2·V2, in millilitres and in kitchen measures. Rules: "Dilution". */

/** Parts per million in one percent. */
const PPM_PER_PERCENT = 10_000;

/** Above this a mix of bleach is for the worst only, by the label. Ppm. */
export const STRONG_PPM = 1000;

/** The measures of a kitchen, in ml, the largest first. */
export const MEASURES = [
	{ name: 'cup', ml: 240 },
	{ name: 'tablespoon', ml: 15 },
	{ name: 'teaspoon', ml: 5 }
] as const;

export interface InMeasures {
	/** How many of each, largest first; teaspoons in quarters, the rest whole. Those of none are left out. */
	readonly counts: readonly { readonly name: (typeof MEASURES)[number]['name']; readonly count: number }[];
	/** What they hold together, ml. */
	readonly ml: number;
	/** How far that is from what was wanted, in percent of it; above 0: more. */
	readonly errorPercent: number;
}

/** The smallest part of a teaspoon that can be measured. */
const PART = 0.25;

/** An amount of ml in level cups, tablespoons and teaspoons, at least a quarter of a teaspoon. */
export function inMeasures(ml: number): InMeasures {
	const quarters = Math.max(1, Math.round(ml / (MEASURES[2].ml * PART)));
	let left = quarters * PART * MEASURES[2].ml;
	const counts: { name: (typeof MEASURES)[number]['name']; count: number }[] = [];
	for (const { name, ml: size } of MEASURES) {
		const count =
			name === 'teaspoon' ? Math.round(left / (size * PART)) * PART : Math.floor(left / size + 1e-9);
		if (count > 0) counts.push({ name, count });
		left -= count * size;
	}
	const held = quarters * PART * MEASURES[2].ml;
	return { counts, ml: held, errorPercent: ((held - ml) / ml) * 100 };
}

export type Dilution =
	| {
			readonly ok: true;
			/** Of the bottle, ml. */
			readonly productMl: number;
			readonly waterMl: number;
			readonly measures: InMeasures;
			/** What the kitchen measures come to in the whole, ppm. */
			readonly ppmMeasured: number;
			/** Above 1000 ppm: only for the worst, by the label. */
			readonly strong: boolean;
	  }
	| { readonly ok: false; readonly why: 'no-strength' | 'no-target' | 'no-volume' | 'too-strong' };

/**
 * How much of a bottle of `percent` by weight makes `ml` of `targetPpm` (C1·V1 = C2·V2). Refuses what is no strength
 * (above 0, at most 100 %), no target, no volume, and a target stronger than the bottle.
 */
export function dilute(percent: number, targetPpm: number, ml: number): Dilution {
	if (!(percent > 0 && percent <= 100)) return { ok: false, why: 'no-strength' };
	if (!(targetPpm > 0) || !Number.isFinite(targetPpm)) return { ok: false, why: 'no-target' };
	if (!(ml > 0) || !Number.isFinite(ml)) return { ok: false, why: 'no-volume' };
	const ppm = percent * PPM_PER_PERCENT;
	if (targetPpm > ppm) return { ok: false, why: 'too-strong' };
	const productMl = (targetPpm * ml) / ppm;
	const measures = inMeasures(productMl);
	return {
		ok: true,
		productMl,
		waterMl: ml - productMl,
		measures,
		// The bottle is filled up to the same volume, whatever was measured.
		ppmMeasured: Math.min(ppm, (measures.ml * ppm) / ml),
		strong: targetPpm > STRONG_PPM
	};
}

/** Usual targets, ppm, by what they are for. */
export const TARGETS = [
	{ use: 'food', ppm: 200, rinse: true },
	{ use: 'hard', ppm: 500, rinse: false },
	{ use: 'toilet', ppm: 1000, rinse: false },
	{ use: 'worst', ppm: 5000, rinse: false }
] as const;

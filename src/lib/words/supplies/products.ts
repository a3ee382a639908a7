/** What products and surfaces are called. */
import type { Contents, Description, Family } from '$core/cupboard/products';
import type { Level } from '$core/cupboard/shopping';
import { listNames } from '../general';

/** A family as one word of a product's line. */
export const FAMILY_WORDS: Readonly<Record<Family, string>> = {
	bleach: 'bleach',
	acid: 'acid',
	ammonia: 'ammonia',
	alcohol: 'alcohol',
	peroxide: 'oxygen bleach',
	caustic: 'strong alkali',
	soda: 'baking soda',
	carbonate: 'washing soda',
	surfactant: 'soap',
	quat: 'disinfectant',
	abrasive: 'abrasive',
	polish: 'polish',
	solvent: 'solvent',
	oil: 'scented oil',
	water: 'water'
};

export const DESCRIPTION_WORDS: Readonly<Record<Description, string>> = {
	soap: 'Soap, washing-up, all-purpose',
	limescale: 'Against limescale, vinegar',
	chlorine: 'Bleach, chlorine',
	glass: 'For glass, kind not known',
	spirit: 'Spirit, alcohol',
	ammonia: 'Ammonia',
	stains: 'Oxygen, for stains',
	drains: 'For drains or ovens',
	germs: 'Against germs, kind not known',
	quat: 'Disinfectant without alcohol or chlorine',
	scouring: 'Scouring powder or cream',
	bakingSoda: 'Baking soda',
	washingSoda: 'Washing soda',
	polish: 'Polish, wax',
	solvent: 'Spray can, white spirit',
	scent: 'Scented oil',
	water: 'Water alone',
	notSure: 'Not sure'
};

export const VESSEL_WORDS = {
	spray: 'Spray',
	bottle: 'Bottle',
	jug: 'Jug',
	jar: 'Jar',
	tin: 'Tin',
	tub: 'Tub'
} as const;

export const STARTER_NAMES: Readonly<Record<string, string>> = {
	'dish-liquid': 'Dish liquid',
	'all-purpose-spray': 'All-purpose spray',
	'floor-soap': 'Floor soap',
	'hand-soap': 'Hand soap',
	'wash-powder': 'Wash powder',
	'wool-wash': 'Wool wash',
	'bath-spray': 'Bathroom spray',
	'glass-spray': 'Glass spray',
	vinegar: 'Vinegar',
	'citric-acid': 'Citric acid',
	'limescale-remover': 'Limescale remover',
	'toilet-cleaner': 'Toilet cleaner',
	'thin-bleach': 'Thin bleach',
	'chlorine-tablets': 'Chlorine tablets',
	'oxygen-bleach': 'Oxygen bleach',
	'disinfectant-spray': 'Disinfectant spray',
	'surgical-spirit': 'Surgical spirit',
	ammonia: 'Ammonia',
	'drain-opener': 'Drain opener',
	'oven-cleaner': 'Oven cleaner',
	'scouring-cream': 'Scouring cream',
	'baking-soda': 'Baking soda',
	'washing-soda': 'Washing soda',
	'wood-polish': 'Wood polish',
	'white-spirit': 'White spirit',
	'scented-oil': 'Scented oil'
};

export const LEVEL_WORDS: Readonly<Record<Level, string>> = { plenty: 'plenty', low: 'low', out: 'out' };

/** What a surface is called in a sentence. */
export const SURFACE_WORDS: Readonly<Record<string, string>> = {
	paint: 'washable paint',
	glass: 'glass',
	tile: 'tiles',
	grout: 'grout, the joints of tiles',
	stone: 'stone',
	steel: 'stainless steel',
	aluminium: 'aluminium',
	plated: 'brass or plated taps',
	enamel: 'enamel',
	hob: 'a glass hob',
	wood: 'wood',
	laminate: 'laminate or parquet',
	screen: 'screens',
	wool: 'wool or silk',
	matt: 'matt paint',
	plastic: 'plastic'
};

/** The same, as short as a list of surfaces wants it. */
export const SURFACE_SHORT: Readonly<Record<string, string>> = {
	...SURFACE_WORDS,
	grout: 'grout',
	plated: 'brass taps',
	hob: 'glass hobs',
	laminate: 'laminate',
	wool: 'wool',
	tile: 'tiles',
	paint: 'paint'
};

/** What is in a product, on one line. */
export function contentsWords({ families, perhaps }: Contents): string {
	if (perhaps.length > 8) return 'not sure what';
	const known = families.map((family) => FAMILY_WORDS[family]).join(', ');
	const maybe = listNames(
		perhaps.map((family) => FAMILY_WORDS[family]),
		'or'
	);
	if (!maybe) return known;
	return known ? `${known}, perhaps ${maybe}` : maybe;
}

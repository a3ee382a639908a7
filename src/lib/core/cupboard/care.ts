/** What to mind with a product in hand: the danger first, one thing each. Rules: "Care with products". */
import { judgeUses, type Pet, type UsePerson } from './cautions';
import { neverWith } from './mixes';
import type { Contents, Family } from './products';
import { isDangerAlone } from './meet';
import { bearsShortly, refusedFamilies, refusesRinse, SHORT_CONTACT } from './surfaces';

export interface InHand extends Contents {
	readonly surface?: string | undefined;
	readonly floor?: boolean | undefined;
	readonly rinse?: boolean | undefined;
	/** With much water. */
	readonly wet?: boolean | undefined;
	readonly contactMinutes?: number | undefined;
}

export type Care =
	/** A danger by itself: not to be used at all. */
	| { readonly code: 'alone' }
	/** The surface refuses it. */
	| { readonly code: 'not-on'; readonly surface: string; readonly families: readonly Family[] }
	/** The surface bears a damp cloth, and no more water. */
	| { readonly code: 'damp-only'; readonly surface: string }
	/** `of`: what in hand it is that must not meet them. */
	| {
			readonly code: 'never-with';
			readonly families: readonly Family[];
			readonly of: readonly Family[];
	  }
	/** So many minutes at most, then rinse. */
	| { readonly code: 'briefly'; readonly minutes: number }
	| { readonly code: 'gloves' }
	| { readonly code: 'eyes' }
	| { readonly code: 'air' }
	| { readonly code: 'cold-water' }
	| { readonly code: 'flame' }
	| { readonly code: 'slippery' }
	/** Somebody grown up near: who is 8 to 11, with soap. */
	| { readonly code: 'adult-near' }
	/** Animals that mind what stands in the air. */
	| { readonly code: 'pets'; readonly pets: readonly Pet[] }
	/** Nobody walks on it until it is dry; `pets` are the animals of the home that would. */
	| { readonly code: 'wet-floor'; readonly pets: readonly Pet[] };

const GLOVES: readonly Family[] = ['carbonate', 'bleach', 'acid', 'caustic'];
const AIR: readonly Family[] = ['bleach', 'solvent', 'caustic'];
const FLAME: readonly Family[] = ['alcohol', 'solvent'];

const all = (one: Contents) => [...one.families, ...one.perhaps];
const holds = (one: Contents, some: readonly Family[]) => all(one).some((family) => some.includes(family));

/** The animals of the home that mind a use of a product. */
function petsThatMind(use: InHand, pets: readonly Pet[], floor: boolean): Pet[] {
	const one = {
		step: 'it',
		person: '',
		surfaceOf: 'it',
		families: use.families,
		perhaps: use.perhaps,
		floor
	};
	return [...new Set(pets)].filter((pet) => judgeUses([one], [], [pet]).pets.length > 0);
}

/**
 * What to mind with a use of a product, in the order of its gravity: what is a danger to people first, then what to
 * wear and open, then what is lost, then the animals of the home and the floor.
 */
export function careOf(use: InHand, pets: readonly Pet[] = [], person: UsePerson | null = null): Care[] {
	const cares: Care[] = [];
	if (isDangerAlone(use.families)) return [{ code: 'alone' }];
	const never = neverWith(all(use));
	if (never.length > 0) cares.push({ code: 'never-with', families: never, of: all(use) });
	const refused =
		use.surface === undefined ? [] : (refusedFamilies(use.surface, all(use)) as readonly Family[]);
	if (refused.length > 0 && use.surface !== undefined)
		cares.push(
			refused.every((family) => bearsShortly(use.surface as string, family))
				? { code: 'briefly', minutes: Math.min(use.contactMinutes ?? SHORT_CONTACT, SHORT_CONTACT) }
				: { code: 'not-on', surface: use.surface, families: refused }
		);
	if ((use.rinse || use.wet) && use.surface !== undefined && refusesRinse(use.surface))
		cares.push({ code: 'damp-only', surface: use.surface });
	if (holds(use, GLOVES)) cares.push({ code: 'gloves' });
	if (holds(use, ['caustic'])) cares.push({ code: 'eyes' });
	if (holds(use, AIR)) cares.push({ code: 'air' });
	if (holds(use, ['bleach'])) cares.push({ code: 'cold-water' });
	if (holds(use, FLAME)) cares.push({ code: 'flame' });
	if (use.floor === true && holds(use, ['polish'])) cares.push({ code: 'slippery' });
	const age = person?.age ?? null;
	if (age !== null && age < 12 && holds(use, ['surfactant'])) cares.push({ code: 'adult-near' });
	const inAir = petsThatMind(use, pets, false);
	if (inAir.length > 0) cares.push({ code: 'pets', pets: inAir });
	if (use.floor)
		cares.push({
			code: 'wet-floor',
			pets: petsThatMind(use, pets, true).filter((pet) => !inAir.includes(pet))
		});
	return cares;
}

/** Cares that are a danger to people: drawn in madder, read first. */
export const isGrave = (care: Care): boolean =>
	care.code === 'alone' || care.code === 'never-with' || care.code === 'not-on' || care.code === 'damp-only';

/** The cares of several uses together, each once, the gravest first. */
export function caresTogether(lists: readonly (readonly Care[])[]): Care[] {
	const ORDER: readonly Care['code'][] = [
		'alone',
		'not-on',
		'damp-only',
		'never-with',
		'briefly',
		'gloves',
		'eyes',
		'air',
		'cold-water',
		'flame',
		'slippery',
		'adult-near',
		'pets',
		'wet-floor'
	];
	const found: Care[] = [];
	for (const care of lists.flat()) {
		if (care.code === 'never-with') {
			const known = found.findIndex((one) => one.code === 'never-with');
			const before = found[known];
			if (before?.code === 'never-with') {
				found[known] = {
					...before,
					families: [...new Set([...before.families, ...care.families])],
					of: [...new Set([...before.of, ...care.of])]
				};
				continue;
			}
		}
		const same = JSON.stringify(care);
		if (!found.some((one) => JSON.stringify(one) === same)) found.push(care);
	}
	return found.sort((a, b) => ORDER.indexOf(a.code) - ORDER.indexOf(b.code));
}

/**
 * What a row of uses of products has against it: pairs that meet, surfaces that do not take it, people who may not,
 * animals that mind. One answer for a job, a plan, a mix or a single question. Rules: "What must not meet", "Surfaces",
 * "Ages and products", "Pets and products".
 */
import { familiesAtAge } from './ages';
import { mustNotMeet } from './meet';
import { bearsShortly, refusedFamilies, refusesRinse, SHORT_CONTACT } from './surfaces';

export interface Use {
	readonly step: string;
	readonly person: string;
	/** A code of the table; another word, or none, refuses nothing. */
	readonly surface?: string | undefined;
	/** Names the very surface, basin or bucket. */
	readonly surfaceOf: string;
	readonly families: readonly string[];
	/** What may be in it as well: it counts like the rest, but makes nothing a danger in itself. */
	readonly perhaps?: readonly string[] | undefined;
	/** With much water, without being a rinse: for surfaces that bear only a damp cloth. */
	readonly wet?: boolean | undefined;
	/** A rinsing with plenty of water: it parts what came before from what comes after. */
	readonly rinse?: boolean | undefined;
	readonly floor?: boolean | undefined;
	/** How long it stays before it is taken off, in minutes; left out: unknown. */
	readonly contactMinutes?: number | undefined;
}

export interface UsePerson {
	readonly id: string;
	/** Years; null for a grown-up whose age is not known. */
	readonly age: number | null;
	readonly excludes: readonly string[];
	/** Families allowed before the age for them, as an adult confirmed. */
	readonly allows?: readonly string[] | undefined;
}

export type Pet = 'cat' | 'bird' | 'dog' | 'small' | 'fish';

/** Two uses by their steps, the earlier first; one that has the pair in itself stands twice. */
export type StepPair = readonly [string, string];

export interface Judged {
	readonly dangers: readonly StepPair[];
	readonly cautions: readonly StepPair[];
	readonly notes: readonly StepPair[];
	/** An entry for each reason that holds. */
	readonly refused: readonly { readonly step: string; readonly why: 'surface' | 'age' | 'exclusion' }[];
	/** Borne by their surface for a moment, as they are rinsed off at once. */
	readonly short: readonly string[];
	/** Where an animal of the home calls for care. */
	readonly pets: readonly string[];
}

type Level = 'danger' | 'caution' | 'note';

const NOTES: readonly (readonly [string, string])[] = [
	['quat', 'surfactant'],
	['soda', 'acid'],
	['carbonate', 'acid']
];

const meets = (a: string, b: string, [one, other]: readonly [string, string]) =>
	(a === one && b === other) || (a === other && b === one);

/** The level of two families that meet; `twice`: in two uses, not in one. */
function levelOf(a: string, b: string, twice: boolean): Level | null {
	if ((a !== b || twice) && mustNotMeet([a], [b])) return 'danger';
	if (a !== b && (a === 'bleach' || b === 'bleach') && a !== 'water' && b !== 'water') return 'caution';
	return NOTES.some((pair) => meets(a, b, pair)) ? 'note' : null;
}

/** All that is or may be in a use. */
const held = (use: Pick<Use, 'families' | 'perhaps'>): readonly string[] =>
	use.perhaps && use.perhaps.length > 0 ? [...use.families, ...use.perhaps] : use.families;

/** The worst level of any two families of two uses, or of one use with itself; null for none. */
export function worstLevel(
	first: readonly string[],
	second: readonly string[],
	twice: boolean
): Level | null {
	const levels = new Set(first.flatMap((a) => second.map((b) => levelOf(a, b, twice))));
	return (['danger', 'caution', 'note'] as const).find((level) => levels.has(level)) ?? null;
}

/** Families that call for care where such an animal lives, and whether any work on a floor does. */
const PET_CARE: Readonly<Record<Pet, { readonly families: readonly string[]; readonly floors: boolean }>> = {
	cat: { families: ['oil'], floors: true },
	dog: { families: [], floors: true },
	bird: { families: ['bleach', 'ammonia', 'caustic', 'solvent', 'oil'], floors: false },
	small: { families: ['bleach', 'ammonia', 'caustic', 'solvent'], floors: false },
	fish: { families: ['bleach', 'quat', 'solvent'], floors: false }
};

/** Pairs of uses on one surface without a rinse between them, each once, at its worst level. */
function pairsOf(uses: readonly Use[]): Record<Level, StepPair[]> {
	const found: Record<Level, StepPair[]> = { danger: [], caution: [], note: [] };
	uses.forEach((first, i) => {
		const alone = worstLevel(first.families, first.families, false);
		if (alone) found[alone].push([first.step, first.step]);
		for (const then of uses.slice(i + 1)) {
			if (then.surfaceOf !== first.surfaceOf) continue;
			const level = worstLevel(held(first), held(then), true);
			if (level) found[level].push([first.step, then.step]);
			if (then.rinse) break;
		}
	});
	return found;
}

/** What the surface of a use says: it takes it, bears it for a moment, or refuses it. */
function onSurface(use: Use, next: Use | undefined): 'takes' | 'short' | 'refused' {
	if (use.surface === undefined) return 'takes';
	if ((use.rinse || use.wet) && refusesRinse(use.surface)) return 'refused';
	const refused = refusedFamilies(use.surface, held(use));
	if (refused.length === 0) return 'takes';
	const isShort = use.contactMinutes !== undefined && use.contactMinutes <= SHORT_CONTACT;
	const isBorne = refused.every((family) => bearsShortly(use.surface as string, family));
	return isShort && isBorne && next?.rinse ? 'short' : 'refused';
}

/** Judges uses in their order. */
export function judgeUses(
	uses: readonly Use[],
	people: readonly UsePerson[],
	pets: readonly Pet[] = []
): Judged {
	const { danger, caution, note } = pairsOf(uses);
	const refused: { step: string; why: 'surface' | 'age' | 'exclusion' }[] = [];
	const short: string[] = [];
	uses.forEach((use, i) => {
		const next = uses.slice(i + 1).find((one) => one.surfaceOf === use.surfaceOf);
		const said = onSurface(use, next);
		if (said === 'refused') refused.push({ step: use.step, why: 'surface' });
		if (said === 'short') short.push(use.step);
		const person = people.find((one) => one.id === use.person);
		const allowed = familiesAtAge(person?.age ?? null);
		if (allowed && !held(use).every((family) => allowed.includes(family) || person?.allows?.includes(family)))
			refused.push({ step: use.step, why: 'age' });
		if (held(use).some((family) => person?.excludes.includes(family)))
			refused.push({ step: use.step, why: 'exclusion' });
	});
	const minds = (use: Use, pet: Pet) =>
		(use.floor === true && PET_CARE[pet].floors) ||
		held(use).some((family) => PET_CARE[pet].families.includes(family));
	return {
		dangers: danger,
		cautions: caution,
		notes: note,
		refused,
		short,
		pets: uses.filter((use) => pets.some((pet) => minds(use, pet))).map((use) => use.step)
	};
}

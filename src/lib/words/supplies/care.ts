/** What to mind with a product, and what comes of two that meet. */
import type { Care } from '$core/cupboard/care';
import type { Pet } from '$core/cupboard/cautions';
import type { Family } from '$core/cupboard/products';
import { capital, listNames, lowerNumber } from '../general';
import { FAMILY_WORDS, SURFACE_WORDS } from './products';

const PET_WORDS: Readonly<Record<Pet, string>> = {
	cat: 'the cat',
	dog: 'the dog',
	bird: 'the birds',
	small: 'the small animals',
	fish: 'the fish'
};

/** What comes of two that meet, in a few words. */
export function meetWords(families: readonly Family[], other: readonly Family[]): string {
	const both = (a: Family, b: Family) =>
		(families.includes(a) && other.includes(b)) || (families.includes(b) && other.includes(a));
	if (both('bleach', 'acid')) return 'Poisonous gas.';
	if (both('bleach', 'ammonia')) return 'Poisonous fumes.';
	if (both('caustic', 'acid') || both('caustic', 'caustic')) return 'It heats up and spits.';
	if (both('caustic', 'bleach') || both('caustic', 'ammonia')) return 'Heat and gases.';
	if (both('bleach', 'alcohol')) return 'Harmful fumes.';
	if (both('bleach', 'peroxide')) return 'It reacts violently.';
	if (both('peroxide', 'acid')) return 'It burns skin and eyes.';
	return 'It is dangerous.';
}

/** A care as a line: what, and why or how. */
export const careLine = (care: Care) => ({ ...careWords(care), ofProduct: true });

function careWords(care: Care): { headline: string; text: string; grave: boolean } {
	switch (care.code) {
		case 'alone':
			return {
				headline: 'Do not use it.',
				text: 'What is in it must never meet. Leave it shut, and ask where to hand it in.',
				grave: true
			};
		case 'not-on':
			return {
				headline: `Not on ${SURFACE_WORDS[care.surface] ?? 'this'}.`,
				text: `It does not bear ${listNames(
					care.families.map((family) => FAMILY_WORDS[family]),
					'or'
				)}.`,
				grave: true
			};
		case 'damp-only':
			return {
				headline: `Only a damp cloth on ${SURFACE_WORDS[care.surface] ?? 'this'}.`,
				text: 'It swells where water stands.',
				grave: true
			};
		case 'never-with':
			return {
				headline: `Never with ${listNames(
					care.families.map((family) => FAMILY_WORDS[family]),
					'or'
				)}.`,
				text: `${meetWords(care.of, care.families)} Rinse with plenty of water between.`,
				grave: true
			};
		case 'briefly':
			return {
				headline: `${capital(lowerNumber(care.minutes))} minutes at most, then rinse.`,
				text: '',
				grave: false
			};
		case 'gloves':
			return { headline: 'Gloves on.', text: '', grave: false };
		case 'eyes':
			return { headline: 'Cover your eyes.', text: '', grave: false };
		case 'air':
			return { headline: 'Open the window.', text: '', grave: false };
		case 'cold-water':
			return {
				headline: 'Cold water only.',
				text: 'Mixed fresh, and thrown away after a day.',
				grave: false
			};
		case 'flame':
			return { headline: 'No flame near it.', text: '', grave: false };
		case 'slippery':
			return { headline: 'Slippery.', text: 'Not where people walk.', grave: false };
		case 'adult-near':
			return { headline: 'With an adult near.', text: '', grave: false };
		case 'pets':
			return {
				headline: `Keep ${listNames(care.pets.map((pet) => PET_WORDS[pet]))} out of the room.`,
				text: care.pets.includes('fish') ? 'Cover the tank.' : '',
				grave: false
			};
		case 'wet-floor':
			return {
				headline: 'Wet floor.',
				text: `Nobody walks on it until it is dry${care.pets.length > 0 ? `, nor ${listNames(care.pets.map((pet) => PET_WORDS[pet]))}` : ''}.`,
				grave: false
			};
	}
}

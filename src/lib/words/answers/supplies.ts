/** What the house answers and tells in supplies: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const CUPBOARD_SAYS = {
	chooseWhatStandsInYour: 'Choose what stands in your cupboard.',
	giveTheProductAName: 'Give the product a name.',
	sayWhatIsOrChoose: (name: Shown) => `Say what ${name} is, or choose Not sure.`,
	giveTheToolAName: 'Give the tool a name.',
	giveTheKitAName: 'Give the kit a name.',
	onTheShelf: (join: Shown) => `${join}: on the shelf.`,
	itIsRemoved: 'It is removed.',
	isSaved: (text: Shown) => `${text} is saved.`
} as const;

export const LEVELS_SAYS = {
	thatIsNotInThe: 'That is not in the cupboard any more. Reload the page.',
	reloadThePageAndTry: 'Reload the page and try again.',
	writeWhatToBuy: 'Write what to buy.',
	keepItTo80Characters: 'Keep it to 80 characters.',
	thereAreThingsOnThe: (told: Shown) => `There are ${told} things on the list already. Tick some off first.`
} as const;

export const MIX_FORM_SAYS = {
	chooseWhatToMix: 'Choose what to mix.'
} as const;

export const MIXING_SAYS = {
	ofWater: (amountWords: Shown) => `${amountWords} of water`,
	thereIsNoSuchBottle: 'There is no such bottle here any more.',
	goBackToTheMixing: 'Go back to the mixing table and choose another.'
} as const;

export const SUPPLIES_SAYS = {
	inKit: (kit: Shown) => `in the ${kit} kit`,
	anotherOne: 'another one',
	andOver: (from: Shown, joined: Shown) => `${from} and over: ${joined}`,
	lockedAway: 'Locked away.'
} as const;

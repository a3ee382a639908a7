/** A card is kept when it is printed, so that its code can be entered later. Looking at it keeps nothing. */
import { KEEP_CARD_SAYS } from '$words/answers/print';
import type { Box } from '$core/cards/card';
import { fail } from '@sveltejs/kit';
import { codeForCard } from '../../repo/cardRepo';
import { typed } from '../guard';
import { useCase } from '../useCase';

export interface AskedCard {
	readonly title: string;
	readonly boxes: readonly Box[];
	readonly at: number;
}

/** Keeps the card that an address asks for; the same card again is the same one. */
export function keepCard(household: string, form: FormData, asked: () => Promise<AskedCard | null>) {
	return useCase(household, form, async (db) => {
		const card = await asked();
		if (!card) return fail(404, { message: KEEP_CARD_SAYS.thereIsNothingToPrint, values: typed(form) });
		return { kept: await codeForCard(db, household, card.title, card.boxes, card.at) };
	});
}

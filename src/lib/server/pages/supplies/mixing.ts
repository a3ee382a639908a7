/** The mixing table, the bottles that stand ready, and their labels. */
import { MIXING_SAYS } from '$words/answers/supplies';
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { careOf, caresTogether } from '$core/cupboard/care';
import { goodUntil } from '$core/cupboard/mixes';
import type { Mix } from '$core/household/cupboardSchema';
import type { MixingView, MixView } from '$views/supplies';
import { listNames, shortDate } from '$words/general';
import { amountWords } from '$words/supplies/amounts';
import { careLine } from '$words/supplies/care';
import { FAMILY_WORDS } from '$words/supplies/products';
import { MIXING } from '$words/supplies/mixing';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { supplyFacts } from './facts';

function mixView(mix: Mix, today: CivilDay): MixView {
	const until = goodUntil(mix);
	const isOver = until < today;
	const families = [...new Set(mix.parts.flatMap((part) => part.families))];
	const held = { families, perhaps: [] };
	return {
		id: mix.id,
		name: mix.name,
		parts: `${listNames([
			...mix.parts.map(
				(part) => `${amountWords(part.ml)} of ${part.families.map((one) => FAMILY_WORDS[one]).join(', ')}`
			),
			MIXING_SAYS.ofWater(amountWords(mix.waterMl))
		])}`,
		mixed: MIXING.mixedOn(shortDate(toDay(mix.mixedOn))),
		until: isOver ? MIXING.over(shortDate(until)) : MIXING.goodUntil(shortDate(until)),
		isOver,
		cares: caresTogether([careOf(held)]).map((care) => careLine(care))
	};
}

export async function loadMixing(asker: Asker): Promise<MixingView> {
	const { home, today, revision, mayEdit } = await supplyFacts(asker);
	const { cupboard } = home.home;
	const bleach = cupboard.products.find(
		(one) => one.families.includes('bleach') && one.strength !== undefined
	);
	return {
		revision,
		formId: uuidv7(),
		mayEdit,
		mixes: cupboard.mixes.map((mix) => mixView(mix, today)),
		strength: bleach?.strength === undefined ? '' : String(bleach.strength)
	};
}

/** The label of one bottle. */
export async function loadLabel(asker: Asker, id: string) {
	const { home, today } = await supplyFacts(asker);
	const mix = home.home.cupboard.mixes.find((one) => one.id === id);
	if (!mix)
		error(404, {
			message: MIXING_SAYS.thereIsNoSuchBottle,
			remedy: MIXING_SAYS.goBackToTheMixing
		});
	return { mix: mixView(mix, today), household: home.home.household.name, on: isoOf(today) };
}

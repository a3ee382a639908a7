/** The list to buy, on its page and as text. */
import type { BuyingView } from '$views/supplies';
import { BUYING } from '$words/supplies/buying';
import { v7 as uuidv7 } from 'uuid';
import type { Asker } from '../../services/ledger/whoMay';
import { supplyFacts, toBuyViews } from './facts';

export async function loadBuying(asker: Asker): Promise<BuyingView> {
	return { list: toBuyViews(await supplyFacts(asker)), formId: uuidv7() };
}

/** A line each, as it is sent to whoever goes to the shop. */
export async function buyingText(asker: Asker): Promise<string> {
	const list = toBuyViews(await supplyFacts(asker));
	if (list.length === 0) return `${BUYING.none}. ${BUYING.noneLine}\n`;
	return list.map((one) => `- ${one.name}${one.extra ? '' : ` (${one.words})`}\n`).join('');
}

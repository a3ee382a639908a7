/** What an answer to a press means: only the house's own word takes a press off the device. */
import type { ActionResult } from '@sveltejs/kit';

export type HouseAnswer =
	/** Written, now or before. */
	| { readonly kind: 'taken' }
	/** The house says why not; it is shown, and the press given up. */
	| { readonly kind: 'refused'; readonly message: string }
	/** Nobody answered, or somebody between: kept, and sent again. */
	| { readonly kind: 'kept'; readonly why: 'away' | 'signed-out' | 'busy' };

/**
 * Reads the answer to an action. The house's own has a `type`; what has none comes from a door on the way (signed out,
 * restarting, a proxy) and decides nothing.
 */
export function houseAnswer(status: number, text: string, read: (text: string) => ActionResult): HouseAnswer {
	let result: ActionResult | null = null;
	try {
		const type: unknown = (JSON.parse(text) as { type?: unknown } | null)?.type;
		if (type === 'success' || type === 'failure') result = read(text);
	} catch {
		// No JSON: the page of a proxy, or an answer that was cut off.
	}
	if (result?.type === 'success' && status < 400) return { kind: 'taken' };
	if (result?.type === 'failure' && result.status < 500) {
		const message: unknown = result.data?.message;
		if (typeof message === 'string' && message !== '') return { kind: 'refused', message };
	}
	if (status === 401) return { kind: 'kept', why: 'signed-out' };
	return { kind: 'kept', why: status >= 500 ? 'busy' : 'away' };
}

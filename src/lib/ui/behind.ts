/** A home that somebody else changed meanwhile. */
import { invalidateAll } from '$app/navigation';
import type { ActionResult } from '@sveltejs/kit';

/** How the house says that what was sent was made from a page that is not as the home is now. */
const BEHIND = 409;

/** Reads the page anew where it is behind the home: what is shown is true, and the same press is taken the next time. */
export async function catchUp(result: ActionResult): Promise<void> {
	if (result.type === 'failure' && result.status === BEHIND) await invalidateAll();
}

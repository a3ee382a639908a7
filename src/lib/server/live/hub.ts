/**
 * Tells open pages that their home has changed. Every process counts for itself: while somebody listens, it asks the
 * database how far their homes have come, so that it makes no difference which process wrote. Only a number goes
 * out; what has changed is read anew by whoever may see it.
 */
import { reading } from '../db/pool';
import { log } from '../log';
import { changesOf } from '../repo/householdRepo';

/** How often the homes that are listened to are looked at. */
const EVERY = 200;

type Tell = (count: number) => void;

interface Watched {
	readonly tells: Set<Tell>;
	/** What was told last; null before the first look. */
	count: number | null;
}

const homes = new Map<string, Watched>();
let timer: NodeJS.Timeout | null = null;
let looking = false;

async function look(): Promise<void> {
	if (looking) return;
	looking = true;
	try {
		const counts = await reading((db) => changesOf(db, [...homes.keys()]));
		for (const [household, watched] of homes) {
			const count = counts.get(household);
			if (count === undefined || count === watched.count) continue;
			watched.count = count;
			for (const tell of watched.tells) tell(count);
		}
	} catch (cause) {
		// The record book is away: the next look finds what was missed.
		log.debug({ err: cause }, 'live: no look');
	} finally {
		looking = false;
	}
}

/**
 * Listens to a home. `since` is the count that the listener knows; where the home has come further, it is told at
 * the next look. Returns how to stop.
 */
export function listen(household: string, since: number | null, tell: Tell): () => void {
	let known = since;
	const mine: Tell = (count) => {
		if (count === known) return;
		known = count;
		tell(count);
	};
	const watched = homes.get(household) ?? { tells: new Set<Tell>(), count: null };
	homes.set(household, watched);
	watched.tells.add(mine);
	if (watched.count !== null) mine(watched.count);
	timer ??= setInterval(() => void look(), EVERY);
	return () => {
		watched.tells.delete(mine);
		if (watched.tells.size > 0) return;
		homes.delete(household);
		if (homes.size > 0 || timer === null) return;
		clearInterval(timer);
		timer = null;
	};
}

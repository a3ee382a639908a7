/** Offers the next part of the work once what is on has held. */
import type { CivilDay } from '$core/calendar/civil';
import { LAYERS } from '$core/household/home';
import { readHolding } from '$core/learning/holding';
import type { TodayView } from '$views/today';
import { LAYER_OFF } from '$words/house';
import { allEntries } from '../../repo/ledgerRepo';
import type { House } from '../../repo/openHouse';
import { revisionOf } from '../../repo/homeRows';

export async function growing(
	house: House,
	household: string,
	today: CivilDay
): Promise<TodayView['growing']> {
	const { home } = house;
	if (home.home.household.layers.length === LAYERS.length) return null;
	const next = await house.read(`what may come on ${today}`, async (db) => {
		const entries = (await allEntries(db, household)).map((stored) => stored.entry);
		return readHolding(home, entries, today).next;
	});
	if (next === null) return null;
	const revision = await house.read('revision', (db) => revisionOf(db, household));
	return { layer: next, words: LAYER_OFF.mayCome(next), revision };
}

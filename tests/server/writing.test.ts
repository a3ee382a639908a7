/** How a home writes holds for all that a request of it says, and for no other request that runs beside it. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { reading } from '../../src/lib/server/db/pool';
import { writingFor } from '../../src/lib/server/writing';
import { longDate } from '../../src/lib/words/general';
import { homeData, makeHome } from '../core/home';
import { someHomes } from './asking';

const homes = someHomes();

describe('a sentence with a date', () => {
	it('is written as the home of its request writes, while those of others are answered', async () => {
		const usual = await homes.household();
		const own = homeData().household as object;
		const other = await homes.household(
			makeHome({ household: { ...own, dates: 'monthFirst', units: 'cups' } })
		);
		const gate: { open: () => void } = { open: () => undefined };
		const both = new Promise<void>((done) => (gate.open = done));
		const day = toDay('2027-03-03');
		let began = 0;
		const answer = (household: string) =>
			writingFor(household, async () => {
				await reading((db) => loadHome(db, household));
				// Neither speaks before both have read.
				if (++began === 2) gate.open();
				await both;
				// A home that is only looked at changes nothing.
				await reading((db) => loadHome(db, household === usual ? other : usual));
				return longDate(day);
			});
		expect(await Promise.all([answer(usual), answer(other)])).toEqual([
			'Wednesday, 3 March',
			'Wednesday, March 3'
		]);
		expect(longDate(day)).toBe('Wednesday, 3 March');
	});
});

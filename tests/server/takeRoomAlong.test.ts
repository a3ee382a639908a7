/** A room goes along to another home of whoever organises both, through the action of the page. */
import { randomUUID } from 'node:crypto';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { transaction } from '../../src/lib/server/db/pool';
import { makeAccount } from '../../src/lib/server/repo/accountRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { addMembership } from '../../src/lib/server/repo/membershipRepo';
import { homesBeside, takeRoomAlong } from '../../src/lib/server/services/home/takeRoomAlong';
import { recordEntries } from '../../src/lib/server/services/ledger/recordEntries';
import { done } from '../core/entries';
import { form, newId, said, someHomes } from './asking';

const { household, pool } = someHomes();
const TODAY = toDay('2027-03-03');

/** Somebody who organises the first home, and is a member of the second. */
async function inBoth(here: string, there: string, as: string) {
	const account = randomUUID();
	await makeAccount(pool(), { id: account, email: `${account}@family.test`, passwordHash: 'x' }, 1);
	await addMembership(pool(), here, 'ada', account, 1);
	await addMembership(pool(), there, as, account, 1);
	const home = (id: string) => ({
		id,
		name: id === here ? 'Here' : 'There',
		isDemo: false,
		revision: 1,
		changes: 1
	});
	return { householdId: here, homes: [home(here), home(there)], access: { signIn: { account } } };
}

const jobsOf = async (id: string) => (await loadHome(pool(), id))?.home.jobs.length ?? 0;

describe('a room that goes along', () => {
	it('is there with its jobs and its record, once, however often it is sent', async () => {
		const [here, there] = [await household(), await household()];
		await transaction(
			(db) =>
				recordEntries(
					db,
					here,
					[done('bench', '2027-02-24'), done('dishes', '2027-02-25', { part: 'morning' })],
					TODAY,
					5
				),
			pool()
		);
		const asker = await inBoth(here, there, 'ada');
		const before = await jobsOf(there);
		const ask = { op: 'takeAlong', room: 'porch', to: there, id: newId(), revision: '1' };
		const tried = await takeRoomAlong(asker, form({ ...ask, try: '1' }));
		expect(tried).toMatchObject({ tried: true });
		expect(await jobsOf(there)).toBe(before);
		const answers = await Promise.all([takeRoomAlong(asker, form(ask)), takeRoomAlong(asker, form(ask))]);
		expect(answers.map((one) => said(one).status)).toEqual([200, 200]);
		const porch = (await loadHome(pool(), here))?.home.jobs.filter((job) => job.room === 'porch') ?? [];
		expect(await jobsOf(there)).toBe(before + porch.length);
		const record = await allEntries(pool(), there);
		expect(record.map((one) => [one.entry.outcome, one.entry.by, one.receivedAt])).toEqual([
			['done', 'ada', 5]
		]);
		// Nothing has changed where it comes from.
		expect((await allEntries(pool(), here)).length).toBe(2);
		expect(await jobsOf(here)).toBe(before);
	});

	it('goes only where whoever asks organises', async () => {
		const [here, there] = [await household(), await household()];
		const asker = await inBoth(here, there, 'ben');
		expect(await homesBeside(asker)).toEqual([]);
		const before = await jobsOf(there);
		const answer = await takeRoomAlong(
			asker,
			form({ op: 'takeAlong', room: 'porch', to: there, id: newId() })
		);
		expect(said(answer)).toMatchObject({
			status: 400,
			message: 'Choose one of the other homes that you organise.'
		});
		expect(await jobsOf(there)).toBe(before);
		expect(await homesBeside({ ...asker, access: { signIn: null } })).toEqual([]);
	});

	it('that is gone by now is told so, and nothing is written', async () => {
		const [here, there] = [await household(), await household()];
		const asker = await inBoth(here, there, 'ada');
		const answer = await takeRoomAlong(
			asker,
			form({ op: 'takeAlong', room: 'gone', to: there, id: newId() })
		);
		expect(said(answer)).toMatchObject({ status: 400 });
		expect(said(answer).message).toMatch(/room is not in this home any more/);
	});
});

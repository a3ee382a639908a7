/** Somebody moves out: their work is the others', their past is kept, and nothing opens the home to them any more. */
import { describe, expect, it, vi } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { readHouseholdFile } from '../../src/lib/core/formats/householdFile';
import { transaction } from '../../src/lib/server/db/pool';
import { exportHousehold, importHousehold } from '../../src/lib/server/services/home/wholeHome';
import { loadLedger } from '../../src/lib/server/pages/history/loadLedger';
import { loadMember } from '../../src/lib/server/pages/people/memberEdit';
import { loadCrew } from '../../src/lib/server/pages/people/loadCrew';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { givenBetween } from '../../src/lib/server/repo/assignmentRepo';
import { changeHomeOnce, loadHome } from '../../src/lib/server/repo/homeRepo';
import { revisionOf } from '../../src/lib/server/repo/homeRows';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { PLAIN_PERSON, type Home } from '../../src/lib/core/household/home';
import { makeAccount } from '../../src/lib/server/repo/accountRepo';
import { addMembership, pinOf, setPin } from '../../src/lib/server/repo/membershipRepo';
import { tick } from '../../src/lib/server/services/ledger/entryActions';
import { give, put } from '../../src/lib/server/services/people/week';
import { leave } from '../../src/lib/server/services/people/leave';
import { job, makeHome } from '../core/home';
import { asAda, form, newId, NOW, said, someHomes } from './asking';

const { household, pool, setClock } = someHomes();
const TODAY = toDay('2027-03-03');
const daily = (id: string, who: object) => job(id, { cadence: { type: 'daily' }, missRule: 'letgo', who });
const made = () =>
	makeHome({
		jobs: [
			daily('bens', { mode: 'fixed', members: ['ben'] }),
			daily('turns', { mode: 'turns', members: ['ada', 'ben'] }),
			daily('all', { mode: 'shared', members: [] })
		],
		zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
	});
const look = (id: string) =>
	loadToday({ household: id, on: null, open: null, me: 'ada', now: Date.parse(NOW) });
const gone = (id: string, more: Record<string, string> = {}, by: string | null = 'ada') =>
	leave(id, 'ben', form({ id: newId(), ...more }), by).catch((to: unknown) => to as { location?: string });

describe('somebody who moves out', () => {
	it('leaves their work to the others and their past in History, and has no way in any more', async () => {
		const id = await household(made());
		setClock(NOW);
		const before = {
			id: newId(),
			line: 'bens',
			outcome: 'done',
			date: '2027-03-02',
			by: 'ben',
			minutes: '9'
		};
		expect(said(await tick(asAda(id), form(before))).status).toBe(200);
		expect(said(await give(asAda(id), form({ id: newId() }))).status).toBe(200);
		expect(said(await put(asAda(id), form({ id: newId(), turn: 'all@2027-03-04', to: 'ben' }))).status).toBe(
			200
		);
		await setPin(pool(), id, 'ben', 'hashed', Date.parse(NOW));
		const given = async () =>
			(await givenBetween(pool(), id, TODAY, addDays(TODAY, 20))).filter((turn) => turn.member === 'ben');
		expect((await given()).length).toBeGreaterThan(0);
		expect((await loadMember(id, 'ben')).namedIn).toBe(2);

		// First it is only told.
		expect(await gone(id, { try: '1' })).toMatchObject({
			tried: true,
			saved: 'Ben has moved out.',
			effects: [
				'Two jobs that name them go to the others: bens and turns.',
				'What was done stays in History.'
			]
		});
		expect((await loadHome(pool(), id))?.members.map((one) => one.id)).toContain('ben');

		expect(await gone(id)).toMatchObject({ location: '/people' });
		const home = await loadHome(pool(), id);
		expect(home?.members.map((one) => one.id)).toEqual(['ada', 'cy']);
		expect(home?.home.jobs.map((one) => [one.id, one.who.mode, one.who.members])).toEqual([
			['bens', 'shared', []],
			['turns', 'turns', ['ada']],
			['all', 'shared', []]
		]);
		expect([await given(), await pinOf(pool(), id, 'ben')]).toEqual([[], null]);
		const rows = (await look(id)).parts.flatMap((part) => part.rows);
		expect(rows.map((row) => row.line).sort()).toEqual(['all', 'bens', 'turns']);
		expect(rows.flatMap((row) => row.whoIds)).not.toContain('ben');
		expect((await loadCrew(id, null)).people.map((one) => one.name)).toEqual(['Ada', 'Cy']);
		await expect(loadMember(id, 'ben')).rejects.toMatchObject({ status: 404 });
		// What was done is still told by name.
		const all = { job: null, by: null, room: null, to: null, open: '2027-03-02', page: null, entry: null };
		const history = await loadLedger({ household: id, ...all, me: 'ada', now: Date.parse(NOW) });
		expect(history.days.flatMap((day) => day.lines).map((one) => [one.name, one.by])).toEqual([
			['bens', 'Ben']
		]);
		// So it is where the home goes to as a whole.
		let text = '';
		for await (const piece of exportHousehold(pool(), id)) text += piece;
		const read = readHouseholdFile(text, TODAY);
		if (!read.ok) throw new Error(JSON.stringify(read.problems));
		const copy = newId();
		await transaction((db) => importHousehold(db, copy, read.file, 9, () => undefined), pool() as never);
		const there = await loadLedger({ household: copy, ...all, me: 'ada', now: Date.parse(NOW) });
		expect(there.days.flatMap((day) => day.lines).map((one) => one.by)).toEqual(['Ben']);
	});

	it('on the day they came is still called by name in what they did, by another process too', async () => {
		const id = await household(made());
		setClock(NOW);
		const before = (await loadHome(pool(), id))?.home as Home;
		const members = [
			...before.members,
			{ ...PLAIN_PERSON, id: 'dee', name: 'Dee', role: 'adult' as const, carries: [] }
		];
		const edit = { id: newId(), revision: await revisionOf(pool(), id) };
		await inHousehold(id, (db) =>
			changeHomeOnce(db, id, edit, { ...before, members }, TODAY, Date.parse(NOW))
		);
		const work = { id: newId(), line: 'all', outcome: 'done', date: '2027-03-03', by: 'dee', minutes: '9' };
		expect(said(await tick(asAda(id), form(work))).status).toBe(200);
		await leave(id, 'dee', form({ id: newId() }), 'ada').catch(() => undefined);
		const all = { job: null, by: null, room: null, to: null, open: '2027-03-03', page: null, entry: null };
		const history = await loadLedger({ household: id, ...all, me: 'ada', now: Date.parse(NOW) });
		expect(history.days.flatMap((day) => day.lines).map((one) => one.by)).toEqual(['Dee']);
		vi.resetModules();
		const other = await import('../../src/lib/server/repo/homeRepo');
		const home = await other.loadHome(pool(), id);
		expect([home?.members.length, home?.everyMember.get('dee')?.name]).toEqual([3, 'Dee']);
	});

	it('is not the only one who organises the home with a password', async () => {
		const home = made();
		const two = home.members.map((one) => (one.id === 'cy' ? { ...one, role: 'organiser' as const } : one));
		const id = await household({ ...home, members: two });
		setClock(NOW);
		const account = async (member: string) => {
			const made = { id: newId(), email: `${newId()}@family.test`, passwordHash: '' };
			await makeAccount(pool(), made, 1);
			await addMembership(pool(), id, member, made.id, 1);
		};
		await account('ada');
		const asks = () => leave(id, 'ada', form({ id: newId() }), 'cy').catch((to: unknown) => to);
		expect(said(await asks())).toMatchObject({
			status: 400,
			message: expect.stringMatching(/Only Ada organises this home with a password/)
		});
		await account('cy');
		expect(await asks()).toMatchObject({ location: '/people' });
	});

	it('is nobody who is the last to organise the home, nor whoever says so', async () => {
		const id = await household(made());
		setClock(NOW);
		const asks = (member: string, by: string | null) => leave(id, member, form({ id: newId() }), by);
		expect(said(await asks('ada', 'ada')).message).toContain('Nobody takes themselves out');
		expect(said(await asks('ada', null)).message).toBe(
			'Nobody else organises this home. Make somebody else an organiser first.'
		);
		expect(said(await asks('nobody', 'ada')).status).toBe(400);
		expect((await loadHome(pool(), id))?.members).toHaveLength(3);
	});
});

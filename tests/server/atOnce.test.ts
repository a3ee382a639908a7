/**
 * Two at the same instant, through the real services and two connections, many times over: nothing doubled, nothing
 * lost, no error, whoever comes first.
 */
import { isRedirect, type RequestEvent } from '@sveltejs/kit';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { effectiveLedger } from '../../src/lib/core/schedule/series';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import type { SessionPlan } from '../../src/lib/core/session/sessionPlan';
import { addFamilyDevice, inviteMember } from '../../src/lib/server/services/access/doors';
import { comeIn } from '../../src/lib/server/services/access/joining';
import { editHouse } from '../../src/lib/server/services/home/house';
import { tick } from '../../src/lib/server/services/ledger/entryActions';
import { closeForgotten, startSession } from '../../src/lib/server/services/session/addEvent';
import { carry, event } from '../../src/lib/server/services/session/press';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { devicesOf } from '../../src/lib/server/repo/deviceRepo';
import { signInsOf } from '../../src/lib/server/repo/signInRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { readHistory, revisionOf } from '../../src/lib/server/repo/homeRows';
import { allEntries, entriesOfDay } from '../../src/lib/server/repo/ledgerRepo';
import { loadProjection } from '../../src/lib/server/repo/projectionRepo';
import { loadSession } from '../../src/lib/server/repo/sessionRepo';
import { session as planOf, step } from '../core/sessions';
import { asAda, asMember, form, newId, NOW, said, someHomes, type Fields } from './asking';

const TIMES = 200;
const TODAY = toDay('2027-03-03');
const { household, pool, setClock } = someHomes();

const ledgerOf = async (home: string) => (await allEntries(pool(), home)).map((one) => one.entry);
/** What a session has written in the ledger: of this session alone, however long the ledger is by now. */
async function writtenBy(session: string): Promise<{ outcome: string; job: string }[]> {
	const [rows] = await (
		pool() as unknown as { query(sql: string, values: unknown[]): Promise<unknown[]> }
	).query('SELECT outcome, job_id AS job FROM ledger WHERE session_id = ?', [session]);
	return rows as { outcome: string; job: string }[];
}
const asBen = (home: string) => asMember(home, 'adult', 'ben');
const both = <T>(one: () => Promise<T>, other: () => Promise<T>) => Promise.all([one(), other()]);

async function begin(home: string, plan: SessionPlan, date = TODAY, at = Date.parse(NOW)): Promise<string> {
	const id = newId();
	const begun = await inHousehold(home, (db) =>
		startSession(db, home, { id, member: plan.people[0] ?? 'ada', date, plan }, at)
	);
	expect(begun).toEqual({ ok: true });
	return id;
}

const end = (home: string, id: string) => event(asAda(home), id, form({ id: newId(), kind: 'setDown' }));

/** What the projection would be if it were made anew. */
async function isAsRebuilt(home: string): Promise<void> {
	const prepared = prepareHome(await readHistory(pool(), home));
	const rebuilt = projectHome(prepared, await ledgerOf(home));
	const kept = await loadProjection(pool(), home);
	for (const [id, series] of rebuilt.series) expect(kept.series.get(id) ?? null, id).toEqual(series);
}

describe('two at once', () => {
	it('the same step on two phones is one piece of work', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const id = await begin(home, planOf([step('bench', 0, 5), step('toilet', 0, 5)], 20));
			const press = () => event(asAda(home), id, form({ id: newId(), kind: 'stepDone', step: '0' }));
			const answers = await both(press, press);
			expect(answers.map((one) => said(one).status)).toEqual([200, 200]);
			expect(await writtenBy(id)).toHaveLength(1);
			await end(home, id);
		}
		await isAsRebuilt(home);
	});

	it('two steps of one job by two people finish it, and the pail with it', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const id = await begin(home, planOf([step('toilet', 0, 1, { last: false }), step('toilet', 1, 5)], 20));
			const press = (at: number) => () =>
				event(asAda(home), id, form({ id: newId(), kind: 'stepDone', step: String(at) }));
			await both(press(0), press(1));
			expect((await writtenBy(id)).map((one) => one.outcome)).toEqual(['done']);
			expect((await loadSession(pool(), home, id))?.isOver).toBe(true);
		}
		await isAsRebuilt(home);
	});

	it('the same press with the same id is one press', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const id = await begin(home, planOf([step('bench', 0, 5), step('toilet', 0, 5)], 20));
			const press = newId();
			const send = () => event(asAda(home), id, form({ id: press, kind: 'stepDone', step: '0' }));
			expect((await both(send, send)).map((one) => said(one).status)).toEqual([200, 200]);
			expect((await loadSession(pool(), home, id))?.events.map((one) => one.kind)).toEqual([
				'started',
				'stepDone'
			]);
			await end(home, id);
		}
	});

	it('the last two jobs, ticked by two people, end the pail with both in the ledger', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const plan = planOf([step('bench', 0, 5), step('counters', 0, 5)], 20);
			const id = await begin(home, plan);
			const press = (at: number) => () =>
				event(asAda(home), id, form({ id: newId(), kind: 'stepDone', step: String(at) }));
			await both(press(0), press(1));
			const stored = await loadSession(pool(), home, id);
			expect(stored?.isOver).toBe(true);
			const jobs = (await writtenBy(id)).map((one) => one.job);
			expect(jobs.sort()).toEqual(['bench', 'counters']);
		}
	});

	it('what is left of a pail goes to tomorrow once, whoever sends it', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const id = await begin(home, planOf([step('bench', 0, 5), step('toilet', 0, 5)], 20));
			await end(home, id);
			const send = () => carry(asAda(home), id, form({ id: newId() }));
			expect((await both(send, send)).map((one) => said(one).status)).toEqual([200, 200]);
		}
		// Each job went once, in the first round; the others found it moved.
		const moved = (await ledgerOf(home)).flatMap((one) => (one.outcome === 'moved' ? [one] : []));
		expect(moved.length).toBeGreaterThan(0);
		expect(moved.map((one) => one.job).sort()).toEqual([...new Set(moved.map((one) => one.job))].sort());
		for (const one of moved) expect([one.dueOn, one.to]).toEqual([TODAY, addDays(TODAY, 1)]);
		await isAsRebuilt(home);
	}, 60_000);

	it('a forgotten pail is closed once', async () => {
		const home = await household();
		const plan = planOf([step('toilet', 0, 1, { last: false }), step('toilet', 1, 5)], 20);
		for (let i = 0; i < TIMES; i++) {
			const id = await begin(home, plan, addDays(TODAY, -1), Date.parse(NOW) - 86_400_000);
			await event(asAda(home), id, form({ id: newId(), kind: 'stepDone', step: '0', ago: '43200000' }));
			const close = () => inHousehold(home, (db) => closeForgotten(db, home, Date.parse(NOW)));
			expect((await both(close, close)).sort()).toEqual([0, 1]);
			expect((await writtenBy(id)).map((one) => one.outcome)).toEqual(['part']);
		}
	});

	it('one job ticked on two devices counts once, with its minutes', async () => {
		const home = await household();
		let day = TODAY;
		for (let i = 0; i < TIMES; i++) {
			const at = new Date(Date.parse(NOW) + i * 86_400_000);
			setClock(at.toISOString());
			const fields = (by: string): Fields => ({
				id: newId(),
				line: 'counters',
				outcome: 'done',
				by,
				minutes: '5',
				...(i % 2 === 0 ? { seen: '' } : {})
			});
			const answers = await both(
				() => tick(asAda(home), form(fields('ada'))),
				() => tick(asBen(home), form(fields('ben')))
			);
			expect(answers.map((one) => said(one).status)).toEqual([200, 200]);
			const today = (await entriesOfDay(pool(), home, day)).map((one) => one.entry);
			expect(effectiveLedger(today)).toHaveLength(1);
			expect(answers.filter((one) => /ticked it already/.test(said(one).message))).toHaveLength(1);
			day = addDays(day, 1);
		}
		setClock(NOW);
		await isAsRebuilt(home);
	}, 120_000);

	it('of two changes of the home one is kept, and the other is told so', async () => {
		const home = await household();
		for (let i = 0; i < TIMES; i++) {
			const revision = String(await revisionOf(pool(), home));
			const edit = (name: string) => () =>
				editHouse(
					asAda(home),
					form({ op: 'changeRoom', room: 'porch', name: `${name} ${i}`, id: newId(), revision })
				);
			const answers = await both(edit('Porch'), edit('Doorway'));
			expect(answers.map((one) => said(one).status).sort()).toEqual([200, 409]);
			const name = (await loadHome(pool(), home))?.roomById.get('porch')?.name;
			expect([`Porch ${i}`, `Doorway ${i}`]).toContain(name);
			expect(await revisionOf(pool(), home)).toBe(Number(revision) + 1);
		}
	}, 120_000);

	it('an invitation lets one phone in', async () => {
		const home = await household();
		const locals = { householdId: home, isDemo: false, access: { signIn: null } };
		const at = { locals, url: new URL('http://house.test/') } as unknown as RequestEvent;
		for (let i = 0; i < TIMES; i++) {
			// Tries at the door run dry; these come from as many houses as there are rounds.
			const phone = () =>
				({
					locals,
					url: at.url,
					request: new Request('http://house.test/', { headers: { 'user-agent': `phone ${i}` } }),
					getClientAddress: () => `10.0.${Math.floor(i / 10)}.1`,
					cookies: { get: () => undefined, set: () => undefined, delete: () => undefined }
				}) as unknown as RequestEvent;
			const made = await inviteMember(at, form({ id: newId(), member: 'ben' }));
			const code = (made as { made: { code: string } }).made.code;
			const before = (await signInsOf(pool(), { account: null, household: home, member: 'ben' }, 0)).length;
			const join = () =>
				comeIn(phone(), form({ code })).catch((sent: unknown) => {
					if (!isRedirect(sent)) throw sent;
					return 'in' as const;
				});
			const answers = await both(join, join);
			expect(answers.filter((one) => one === 'in')).toHaveLength(1);
			const after = (await signInsOf(pool(), { account: null, household: home, member: 'ben' }, 0)).length;
			expect(after - before).toBe(1);
		}
	}, 120_000);

	it('the last place for a shared device goes to one of two who add one', async () => {
		const home = await household();
		const at = { locals: { ...asAda(home), isDemo: false } } as unknown as RequestEvent;
		const add = () => addFamilyDevice(at, form({ id: newId(), name: 'Kitchen tablet' }));
		for (let i = 0; i < 19; i++) await add();
		const answers = await both(add, add);
		expect(answers.map((one) => said(one).status).sort()).toEqual([200, 400]);
		expect(await devicesOf(pool(), home)).toHaveLength(20);
	});
});

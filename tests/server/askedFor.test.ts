/** What people ask of each other: a swap, a job that comes when it is called, help, and what a child can do already. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import type { Member } from '../../src/lib/core/household/home';
import { mentorsOf } from '../../src/lib/core/people/mentors';
import { rungToPractise } from '../../src/lib/core/people/rungs';
import { loadMine } from '../../src/lib/server/pages/child/mine';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { askSwap } from '../../src/lib/server/repo/assignmentRepo';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { call, tick } from '../../src/lib/server/services/ledger/entryActions';
import { help } from '../../src/lib/server/services/people/child';
import { already } from '../../src/lib/server/services/people/growth';
import { answer } from '../../src/lib/server/services/people/week';
import { job, makeHome } from '../core/home';
import { asAda, asMember, form, newId, NOW, said, someHomes } from './asking';

const { household, pool, setClock } = someHomes();
const RUNGS = ['Pair', 'Fold', 'All of it'];
const made = () =>
	makeHome({
		members: [
			{ id: 'ada', name: 'Ada', role: 'organiser' },
			{ id: 'ben', name: 'Ben', role: 'adult' },
			{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2019-05-01' },
			{ id: 'dot', name: 'Dot', role: 'child', bornOn: '2022-05-01' }
		],
		jobs: [
			job('socks', { cadence: { type: 'daily' }, missRule: 'letgo', rungs: RUNGS, aloneFrom: 10 }),
			job('squeegee', { cadence: { type: 'onCall' }, missRule: 'letgo' }),
			job('bench')
		],
		zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
	});
const look = (id: string, me = 'ada') =>
	loadToday({ household: id, on: null, open: null, me, now: Date.parse(NOW) });

describe('a job that comes when it is called', () => {
	it('is put on Today with one press, once, and is gone from what can be called', async () => {
		const id = await household(made());
		setClock(NOW);
		expect((await look(id)).onCall).toEqual([{ line: 'squeegee', name: 'squeegee' }]);
		const press = form({ id: newId(), line: 'squeegee', date: '2027-03-03' });
		for (let i = 0; i < 2; i++) expect(said(await call(asAda(id), press)).status).toBe(200);
		const view = await look(id);
		expect(view.onCall).toEqual([]);
		expect(view.parts.flatMap((part) => part.rows).filter((row) => row.line === 'squeegee')).toHaveLength(1);
	});
});

describe('a swap that is asked for', () => {
	it('stands on Today of the one who is asked, and goes with the answer', async () => {
		const id = await household(made());
		setClock(NOW);
		const swap = newId();
		const asked = { id: swap, from: 'ben', to: 'ada', line: 'bench', due: toDay('2027-03-03'), back: null };
		await inHousehold(id, (db) => askSwap(db, id, asked, Date.parse(NOW)));
		expect((await look(id)).swaps).toEqual([{ id: swap, words: 'Ben asks: will you take bench today?' }]);
		expect((await look(id, 'ben')).swaps).toEqual([]);
		await answer(asAda(id), form({ id: newId(), swap, answer: 'no' }));
		expect((await look(id)).swaps).toEqual([]);
	});
});

describe('a call for help', () => {
	it('promises nobody before somebody has pressed', async () => {
		const id = await household(made());
		setClock(NOW);
		const done = (await help(asMember(id, 'child', 'cy'), form({ id: newId(), line: 'socks' }), false)) as {
			said: string;
		};
		expect(done.said).toBe('Called. Nobody has answered yet.');
		expect((await loadMine(asMember(id, 'child', 'cy'))).calling).toBe(true);
	});
});

describe('who a child practises beside', () => {
	const home = made();
	const day = toDay('2027-03-03');
	const member = (id: string) => home.members.find((one) => one.id === id) as Member;
	const socks = home.jobs[0] as (typeof home.jobs)[number];
	const signed = (who: string): LedgerEntry[] =>
		RUNGS.map((_, rung) => ({
			outcome: 'rung',
			id: newId(),
			date: day,
			by: 'ada',
			member: who,
			chore: 'socks',
			rung,
			how: 'signed'
		}));
	const mentors = (child: string, entries: LedgerEntry[] = []) =>
		mentorsOf(member(child), socks, home.members, entries, day).map((one) => one.id);
	it('is older, may do the job, and has learnt it', () => {
		expect(mentors('cy')).toEqual(['ada', 'ben']);
		expect(mentors('dot')).toEqual(['ada', 'ben']);
		expect(mentors('dot', signed('cy'))).toEqual(['ada', 'ben', 'cy']);
		// Never the other way round.
		expect(mentors('cy', signed('dot'))).toEqual(['ada', 'ben']);
	});
	it('stands on the child’s page by name, or as a grown-up', async () => {
		const id = await household(made());
		setClock(NOW);
		const { growing } = await loadMine(asMember(id, 'child', 'cy'));
		expect(growing).toEqual(['Pair, with a grown-up']);
	});
});

describe('what a child can do already', () => {
	it('is signed off in one press, for one job or for all, and the job is theirs at once', async () => {
		const id = await household(made());
		setClock(NOW);
		const child = made().members[2] as Member;
		const socks = made().jobs[0] as ReturnType<typeof made>['jobs'][number];
		const left = async () =>
			rungToPractise(
				socks,
				child,
				(await allEntries(pool(), id)).map((one) => one.entry),
				toDay('2027-03-03')
			);
		expect(await left()).toMatchObject({ rung: 0 });
		const press = form({ id: newId(), member: 'cy', job: 'socks' });
		for (let i = 0; i < 2; i++) await already(asAda(id), press);
		expect(await left()).toBeNull();
		expect(await allEntries(pool(), id)).toHaveLength(3);
		expect(said(await already(asAda(id), form({ id: newId(), member: 'dot', job: 'gone' }))).status).toBe(
			400
		);
		await already(asAda(id), form({ id: newId(), member: 'dot' }));
		expect(await allEntries(pool(), id)).toHaveLength(6);
	});
});

describe('whoever helps on certain days', () => {
	const helped = () =>
		makeHome({
			members: [
				{ id: 'ada', name: 'Ada', role: 'organiser' },
				{ id: 'ruth', name: 'Ruth', role: 'helper', home: [{ weekdays: [3], from: '09:00', to: '13:00' }] },
				{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2019-05-01' }
			],
			jobs: [
				job('windows', { cadence: { type: 'daily' }, missRule: 'letgo', aloneFrom: 14 }),
				job('stairs', { cadence: { type: 'daily' }, missRule: 'letgo' }),
				job('supper', { cadence: { type: 'daily' }, missRule: 'letgo', parts: ['evening'] }),
				job('ledgers', {
					cadence: { type: 'daily' },
					missRule: 'letgo',
					who: { mode: 'fixed', members: ['ada'] }
				})
			],
			zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
		});
	const names = (list: readonly { name: string }[]) => list.map((one) => one.name).sort();

	it('sees on such a day what is free for them, and may tick it; on others nothing is', async () => {
		const id = await household(helped());
		setClock(NOW);
		const ruth = asMember(id, 'helper', 'ruth');
		const view = await loadMine(ruth);
		expect([view.words, names(view.free)]).toEqual(['Nothing given to you today', ['stairs', 'windows']]);
		expect(names((await loadMine(asMember(id, 'child', 'cy'))).free)).toEqual(['stairs', 'supper']);
		const press = (line: string, by = 'ruth') =>
			form({ id: newId(), line, outcome: 'done', date: '2027-03-03', by });
		expect(said(await tick(ruth, press('windows'))).status).toBe(200);
		for (const [line, by] of [
			['ledgers', 'ruth'],
			['supper', 'ruth'],
			['stairs', 'ada']
		] as const)
			expect(said(await tick(ruth, press(line, by))).status, line).toBe(403);
		const after = await loadMine(ruth);
		expect([names(after.free), after.things.map((one) => [one.name, one.state])]).toEqual([
			['stairs'],
			[['windows', 'done']]
		]);
		expect(said(await tick(asMember(id, 'child', 'cy'), press('windows', 'cy'))).status).toBe(403);
		setClock('2027-03-04T10:00:00Z');
		expect((await loadMine(ruth)).free).toEqual([]);
		expect((await loadMine(ruth)).words).toBe('Today is not one of your days');
	});
});

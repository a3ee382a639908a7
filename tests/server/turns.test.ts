/** Jobs whose turns differ: which thing it is this time, and whether it is the deep one, everywhere and in the record. */
import { describe, expect, it } from 'vitest';
import { loadFill } from '../../src/lib/server/pages/session/loadFill';
import { loadRun } from '../../src/lib/server/pages/session/running';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { timingsOf } from '../../src/lib/server/repo/timingsOf';
import { dayDepth, tick, undo } from '../../src/lib/server/services/ledger/entryActions';
import { event } from '../../src/lib/server/services/session/press';
import { start } from '../../src/lib/server/services/session/startSession';
import { job, makeHome, step } from '../core/home';
import { asAda, form, newId, NOW, someHomes } from './asking';

const { household, pool, setClock } = someHomes();
const deep = { minutes: 25, steps: [step('All of it', 25)] };
const home = () =>
	household(
		makeHome({
			jobs: [
				job('appliance', {
					name: 'One appliance',
					room: 'kitchen',
					variants: ['Kettle', 'Toaster'],
					cadence: { type: 'daily' },
					missRule: 'letgo'
				}),
				job('fridge', {
					name: 'Fridge',
					room: 'kitchen',
					cadence: { type: 'daily' },
					missRule: 'letgo',
					deepEvery: 2,
					depths: { usual: { minutes: 10, steps: [step('Wipe it', 10)] }, deep }
				})
			],
			zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
		})
	);
const look = (id: string, at = NOW, open: string | null = null) =>
	loadToday({ household: id, on: null, open, me: 'ada', now: Date.parse(at) });
const rowsOf = (view: Awaited<ReturnType<typeof look>>) => view.parts.flatMap((part) => part.rows);
const ledger = async (id: string) => (await allEntries(pool(), id)).map((one) => one.entry);
const ticked = async (id: string, line: string, at: string, minutes?: string) => {
	setClock(at);
	const entry = newId();
	await tick(
		asAda(id),
		form({ id: entry, line, outcome: 'done', by: 'ada', ...(minutes ? { minutes } : {}) })
	);
	return entry;
};

describe('a job that alternates', () => {
	it('says which it is on Today, on its sheet, in the session, among what is done and in the record', async () => {
		const id = await home();
		setClock(NOW);
		const view = await look(id, NOW, 'appliance');
		expect(rowsOf(view).map((row) => row.name)).toContain('One appliance: Kettle');
		expect(view.sheet?.row.name).toBe('One appliance: Kettle');
		const pail = await loadFill(asAda(id), new URLSearchParams({ in: 'appliance', minutes: '30' }));
		expect(pail.jobs.appliance?.name).toBe('One appliance: Kettle');
		const session = newId();
		await start(asAda(id), form({ id: session, minutes: '30', member: 'ada', in: 'appliance' })).catch(
			() => undefined
		);
		const run = await loadRun(asAda(id), session, null);
		const at = run.plan.steps.findIndex((one) => one.line === 'appliance');
		expect(run.plan.steps[at]?.jobName).toBe('One appliance: Kettle');
		await event(asAda(id), session, form({ id: newId(), kind: 'stepDone', step: String(at) }));
		expect(await ledger(id)).toMatchObject([{ job: 'appliance', outcome: 'done', variant: 'Kettle' }]);
		expect((await look(id)).done.map((one) => one.name)).toEqual(['One appliance: Kettle']);
	});

	it('moves on when it is done and not by the date, and back when that is undone', async () => {
		const id = await home();
		const on = async (at: string) => rowsOf(await look(id, at)).find((row) => row.line === 'appliance')?.name;
		expect([await on('2027-03-03T10:00:00Z'), await on('2027-03-06T10:00:00Z')]).toEqual([
			'One appliance: Kettle',
			'One appliance: Kettle'
		]);
		const entry = await ticked(id, 'appliance', '2027-03-06T10:00:00Z');
		expect(await on('2027-03-07T10:00:00Z')).toBe('One appliance: Toaster');
		await undo(asAda(id), form({ id: newId(), of: entry }));
		expect(await on('2027-03-07T10:00:00Z')).toBe('One appliance: Kettle');
	});
});

describe('planned an hour, takes two', () => {
	it('after three rounds of 105 minutes it is seen as 91, and what is planned next is as long', async () => {
		const id = await household(
			makeHome({
				zones: ['front', 'back'].map((one) => ({ id: one, name: one, weave: 'check', list: [] })),
				jobs: [
					job('floors', {
						cadence: { type: 'daily' },
						missRule: 'letgo',
						depths: { usual: { minutes: 60, steps: [step('All floors', 60)] } }
					})
				]
			})
		);
		const planned = async (at: string) => {
			setClock(at);
			const pail = await loadFill(asAda(id), new URLSearchParams({ in: 'floors', minutes: '120' }));
			return pail.input.jobs.find((one) => one.id === 'floors')?.steps[0]?.minutes;
		};
		expect(await planned('2027-03-01T10:00:00Z')).toBe(60);
		for (const day of ['01', '02', '03']) await ticked(id, 'floors', `2027-03-${day}T18:00:00Z`, '105');
		expect(await planned('2027-03-04T10:00:00Z')).toBeCloseTo(91, -0.3);
	});
});

describe('a job that is deep every second time', () => {
	it('is recorded at its depth, and the deep time teaches nothing about the usual one', async () => {
		const id = await home();
		await ticked(id, 'fridge', '2027-03-03T10:00:00Z', '10');
		await ticked(id, 'fridge', '2027-03-04T10:00:00Z', '25');
		await ticked(id, 'fridge', '2027-03-05T10:00:00Z', '9');
		expect((await ledger(id)).map((entry) => ('depth' in entry ? entry.depth : ''))).toEqual([
			null,
			'deep',
			null
		]);
		expect((await timingsOf(pool(), id, ['fridge'])).get('fridge')).toEqual([
			{ minutes: 9, cut: false },
			{ minutes: 10, cut: false }
		]);
	});
});

describe('a day that is declared light or deep', () => {
	const quick = { minutes: 4, steps: [step('Only what shows', 4)] };
	const both = () =>
		household(
			makeHome({
				jobs: [
					job('fridge', {
						room: 'kitchen',
						cadence: { type: 'daily' },
						missRule: 'letgo',
						depths: { quick, usual: { minutes: 10, steps: [step('Wipe it', 10)] }, deep }
					}),
					job('plain', { room: 'kitchen', cadence: { type: 'daily' }, missRule: 'letgo' })
				],
				zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
			})
		);
	const minutes = async (id: string, at: string) =>
		Object.fromEntries(rowsOf(await look(id, at)).map((row) => [row.line, row.minutes]));
	const declare = (id: string, depth: string) => dayDepth(asAda(id), form({ id: newId(), depth }));

	it('has the short versions of its jobs, for that day alone, and usual again when it is said', async () => {
		const id = await both();
		setClock(NOW);
		expect(await minutes(id, NOW)).toEqual({ fridge: 10, plain: 5 });
		await declare(id, 'quick');
		expect((await look(id)).depth).toBe('quick');
		expect(await minutes(id, NOW)).toEqual({ fridge: 4, plain: 5 });
		const pail = await loadFill(asAda(id), new URLSearchParams({ minutes: '30' }));
		expect(pail.input.jobs.find((one) => one.id === 'fridge')?.steps[0]?.minutes).toBe(4);
		expect(await minutes(id, '2027-03-04T10:00:00Z')).toEqual({ fridge: 10, plain: 5 });
		await declare(id, 'deep');
		expect(await minutes(id, NOW)).toEqual({ fridge: 25, plain: 5 });
		await declare(id, 'usual');
		expect(await minutes(id, NOW)).toEqual({ fridge: 10, plain: 5 });
	});

	it('is recorded at the depth at which it was done', async () => {
		const id = await both();
		setClock(NOW);
		await declare(id, 'quick');
		await ticked(id, 'fridge', NOW, '4');
		expect((await ledger(id)).filter((entry) => 'job' in entry)).toMatchObject([{ depth: 'quick' }]);
		expect((await timingsOf(pool(), id, ['fridge'])).get('fridge')).toBeUndefined();
	});

	it('a session can be thorough by itself, and its record says so', async () => {
		const id = await both();
		setClock(NOW);
		const asked = { minutes: '60', depth: 'deep', in: 'fridge' };
		const pail = await loadFill(asAda(id), new URLSearchParams(asked));
		expect(pail.input.jobs.find((one) => one.id === 'fridge')?.steps[0]?.minutes).toBe(25);
		const session = newId();
		await start(asAda(id), form({ id: session, member: 'ada', ...asked })).catch(() => undefined);
		const run = await loadRun(asAda(id), session, null);
		const at = run.plan.steps.findIndex((one) => one.line === 'fridge');
		expect(run.plan.steps[at]).toMatchObject({ text: 'All of it', minutes: 25 });
		await event(asAda(id), session, form({ id: newId(), kind: 'stepDone', step: String(at) }));
		expect(await ledger(id)).toMatchObject([{ job: 'fridge', depth: 'deep' }]);
	});

	it('one job of a session has a depth of its own, against that of the day and of the session', async () => {
		const id = await both();
		setClock(NOW);
		await declare(id, 'deep');
		const offered = await loadFill(asAda(id), new URLSearchParams({ minutes: '60', depth: 'deep' }));
		expect(offered.jobs.fridge).toMatchObject({ depth: 'deep' });
		expect(offered.jobs.fridge?.depths.map((one) => one.depth)).toEqual(['quick', 'usual', 'deep']);
		expect(offered.jobs.plain?.depths).toEqual([]);
		for (const [depth, minutes] of [
			['usual', 10],
			['quick', 4]
		] as const) {
			const href = offered.jobs.fridge?.depths.find((one) => one.depth === depth)?.href ?? '';
			const pail = await loadFill(asAda(id), new URL(href, 'https://home.test').searchParams);
			expect(pail.jobs.fridge?.depth).toBe(depth);
			expect(pail.input.jobs.find((one) => one.id === 'fridge')?.steps[0]?.minutes).toBe(minutes);
		}
		const session = newId();
		const asked = { minutes: '60', depth: 'deep', in: 'fridge', depths: 'fridge:quick,plain:deep,:,x' };
		await start(asAda(id), form({ id: session, member: 'ada', ...asked })).catch(() => undefined);
		const run = await loadRun(asAda(id), session, null);
		const at = run.plan.steps.findIndex((one) => one.line === 'fridge');
		await event(asAda(id), session, form({ id: newId(), kind: 'stepDone', step: String(at) }));
		expect((await ledger(id)).filter((entry) => 'job' in entry)).toMatchObject([
			{ job: 'fridge', depth: 'quick' }
		]);
	});
});

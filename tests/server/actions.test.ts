/** The actions behind the pages: each form written once, or refused in words with nothing written. */
import { describe, expect, it } from 'vitest';
import { isRedirect } from '@sveltejs/kit';
import * as entryActions from '../../src/lib/server/services/ledger/entryActions';
import { editFamily, giveRibbon } from '../../src/lib/server/services/people/family';
import * as house from '../../src/lib/server/services/home/house';
import { loadHouse } from '../../src/lib/server/pages/house/house';
import { loadJobEditor } from '../../src/lib/server/pages/house/jobEditor';
import { addJob, editJob } from '../../src/lib/server/services/home/job';
import { loadGrowing, loadPauses, loadRhythm } from '../../src/lib/server/pages/house/keeping';
import { editGrowing, editRhythm } from '../../src/lib/server/services/home/settings';
import { loadLedger } from '../../src/lib/server/pages/history/loadLedger';
import * as fills from '../../src/lib/server/pages/session/loadFill';
import * as startPail from '../../src/lib/server/services/session/startSession';
import * as pails from '../../src/lib/server/pages/session/running';
import * as presses from '../../src/lib/server/services/session/press';
import { loadSchedule } from '../../src/lib/server/pages/schedule/loadSchedule';
import { jobsFromCsv, ledgerFromCsv } from '../../src/lib/server/services/files/tables';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { revisionOf } from '../../src/lib/server/repo/homeRows';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { asAda, form, newId, NOW, said, someHomes, type Fields } from './asking';

type Act = (asker: ReturnType<typeof asAda>, data: FormData) => Promise<unknown>;
const byAda = (act: Act) => (home: string, data: FormData) => act(asAda(home), data);
const { tick, skip, enough, undo, move, extra, call, judge, pause } = entryActions;
const entries = {
	tick: byAda(tick),
	skip: byAda(skip),
	enough: byAda(enough),
	undo: byAda(undo),
	move: byAda(move),
	extra: byAda(extra),
	call: byAda(call),
	judge: byAda(judge),
	pause: byAda(pause)
};
const editHouse = byAda(house.editHouse);
const start = byAda(startPail.start);
const event = (home: string, session: string, data: FormData) => presses.event(asAda(home), session, data);
const loadRun = (home: string, session: string) => pails.loadRun(asAda(home), session, null);

const { household, pool, setClock } = someHomes();

const ledgerOf = async (home: string) => (await allEntries(pool(), home)).map((one) => one.entry);

const KINDS: readonly [string, (home: string, data: FormData) => Promise<unknown>, Fields, string][] = [
	['tick', entries.tick, { line: 'bench', outcome: 'done', minutes: '4,5', by: 'ada' }, 'done'],
	['tick looked', entries.tick, { line: 'toilet', outcome: 'looked', by: 'ada' }, 'looked'],
	['tick a part of the day', entries.tick, { line: 'dishes/evening', outcome: 'done', by: 'ben' }, 'done'],
	['half', entries.tick, { line: 'bench', outcome: 'part', share: '0.25' }, 'part'],
	['skip', entries.skip, { line: 'bench', dueOn: '2027-03-10' }, 'skipped'],
	['enough', entries.enough, {}, 'enough'],
	['move', entries.move, { line: 'bench', dueOn: '2027-03-10', to: '2027-03-12' }, 'moved'],
	['extra', entries.extra, { line: 'bench', date: '2027-03-06' }, 'extra'],
	['call', entries.call, { line: 'bench', date: '2027-03-06' }, 'called'],
	['judge', entries.judge, { zone: 'front', clutter: 'not-yet' }, 'judgement'],
	[
		'pause',
		entries.pause,
		{ scope: 'room', target: 'porch', from: '2027-03-04', to: '2027-03-06', reason: 'other' },
		'pause'
	],
	[
		'pause of a day',
		entries.pause,
		{ scope: 'household', from: '2027-03-04', to: '', reason: 'holiday' },
		'pause'
	]
];

describe('what is written in the ledger', () => {
	it.each(KINDS)('%s: once, however often it is sent, and undone once', async (_, act, fields, outcome) => {
		const home = await household();
		const id = newId();
		const send = () => act(home, form({ ...fields, id }));
		const answers = [await send(), await send(), ...(await Promise.all([send(), send()]))];
		for (const answer of answers) expect(said(answer)).toMatchObject({ status: 200 });
		expect(said(answers[0]).message).toMatch(/^[A-Z].*\.$/);
		expect((await ledgerOf(home)).map((entry) => [entry.id, entry.outcome])).toEqual([[id, outcome]]);
		const back = newId();
		for (let i = 0; i < 2; i++)
			expect(said(await entries.undo(home, form({ id: back, of: id })))).toMatchObject({
				message: 'Undone.'
			});
		expect((await ledgerOf(home)).map((entry) => entry.outcome)).toEqual([outcome, 'undo']);
	});

	it.each([
		['no id', { id: '' }, /not understood/],
		['an id that is none', { id: 'mine' }, /not understood/],
		['a job that is gone', { line: 'ghost' }, /not in this home any more/],
		['a part that is none', { line: 'bench/noon' }, /part/],
		['somebody who does not live here', { by: 'zed' }, /does not live here/],
		['minutes of nought', { minutes: '0' }, /more than 0/],
		['minutes in words', { minutes: 'ten' }, /Minutes are a number/],
		['more than a day', { minutes: '1e9' }, /at most 1440/],
		['a day to come', { date: '2027-03-09' }, /still to come/],
		['a date that is none', { date: '2027-02-31' }, /no date/],
		['a year that is a slip', { date: '0027-03-03' }, /too far away/],
		['an outcome that is none', { outcome: 'forgot' }, /says what happened/],
		['a share past the whole', { outcome: 'part', share: '3' }, /less than 1/],
		['far too many words', { line: 'x'.repeat(500) }, /not understood/],
		['what was found, oddly', { found: '<script>' }, /found/]
	])(
		'a tick with %s is refused in words, with what was typed, and nothing is written',
		async (_, over, pattern) => {
			const home = await household();
			const answer = said(
				await entries.tick(home, form({ id: newId(), line: 'bench', outcome: 'done', by: 'ada', ...over }))
			);
			expect([answer.status >= 400 && answer.status < 500, answer.message]).toEqual([
				true,
				expect.stringMatching(pattern)
			]);
			for (const [name, value] of Object.entries(over)) expect(answer.values[name]).toBe(value);
			expect(await ledgerOf(home)).toEqual([]);
		}
	);

	it('takes back only what is in its own ledger', async () => {
		const [home, other] = [await household(), await household()];
		const id = newId();
		await entries.tick(home, form({ id, line: 'bench', outcome: 'done', by: 'ada' }));
		expect(said(await entries.undo(other, form({ id: newId(), of: id }))).status).toBe(400);
		expect(await ledgerOf(other)).toEqual([]);
		expect(said(await entries.undo(home, form({ id: newId(), of: newId() }))).message).toMatch(
			/not in this home’s history/
		);
	});

	it('from a page without scripts counts once by the seed of the page', async () => {
		const home = await household();
		const seed = newId();
		for (let i = 0; i < 3; i++)
			await entries.tick(home, form({ seed, line: 'bench', outcome: 'done', by: 'ada' }));
		await entries.tick(home, form({ seed, line: 'toilet', outcome: 'done', by: 'ada' }));
		expect((await ledgerOf(home)).length).toBe(2);
	});
});

const EDITS: readonly [string, (home: string, data: FormData) => Promise<unknown>, Fields][] = [
	['moveRoom', editHouse, { op: 'moveRoom', room: 'porch', zone: 'back' }],
	['takeProposal', editHouse, { op: 'takeProposal', move: ['porch>back', 'kitchen>front'] }],
	['addRoom', editHouse, { op: 'addRoom', kind: 'study', storey: '1', name: 'Chart Room', zone: 'front' }],
	[
		'changeRoom',
		editHouse,
		{ op: 'changeRoom', room: 'porch', name: 'Front Porch', storey: '0', seen: 'on' }
	],
	['reorderRoom', editHouse, { op: 'reorderRoom', room: 'porch', by: '-1' }],
	['mergeRooms', editHouse, { op: 'mergeRooms', room: 'porch', into: 'kitchen' }],
	['retireRoom', editHouse, { op: 'retireRoom', room: 'porch' }],
	['addZone', editHouse, { op: 'addZone', name: 'Yard' }],
	['changeZone', editHouse, { op: 'changeZone', zone: 'front', item: ['rack', 'rail', 'door'] }],
	['nameZone', editHouse, { op: 'nameZone', zone: 'front', name: 'Fore', weave: 'dots' }],
	['reorderZone', editHouse, { op: 'reorderZone', zone: 'front', by: '1' }],
	['retireZone', editHouse, { op: 'retireZone', zone: 'front', into: 'back' }],
	['a job from the library', addJob, { job: 'living-window', room: 'kitchen' }],
	['a layer that rests', editGrowing, { layer: 'long', on: '0' }],
	['a job retired', (home, data) => editJob(home, 'bench', data), { op: 'retire' }],
	['a job copied', (home, data) => editJob(home, 'bench', data), { op: 'copy', to: 'kitchen' }],
	['last done', (home, data) => editJob(home, 'skirting', data), { op: 'lastDone', day: '2027-02-20' }]
];

async function sent(act: (home: string, data: FormData) => Promise<unknown>, home: string, fields: Fields) {
	try {
		return await act(home, form(fields));
	} catch (thrown) {
		if (isRedirect(thrown)) return { saved: 'Redirected.' };
		throw thrown;
	}
}

describe('a change of the home', () => {
	it.each(EDITS)('%s: tried, it writes nothing; sent, it is written once', async (_, act, fields) => {
		const home = await household();
		const before = await revisionOf(pool(), home);
		const tried = said(await sent(act, home, { ...fields, try: '1' }));
		expect(tried).toMatchObject({ status: 200 });
		expect(await revisionOf(pool(), home)).toBe(before);
		const id = newId();
		for (let i = 0; i < 3; i++) {
			const answer = said(await sent(act, home, { ...fields, id, revision: String(before) }));
			expect(answer, answer.message).toMatchObject({ status: 200 });
		}
		expect(await revisionOf(pool(), home)).toBe(before + 1);
	});

	it.each(EDITS)(
		'%s: from a home that somebody changed meanwhile is not written over it',
		async (_, act, fields) => {
			const home = await household();
			const seen = await revisionOf(pool(), home);
			await editHouse(home, form({ op: 'addRoom', kind: 'store', storey: '0', name: 'Coal', id: newId() }));
			const answer = said(await sent(act, home, { ...fields, id: newId(), revision: String(seen) }));
			expect(answer).toMatchObject({
				status: 409,
				message: expect.stringContaining('Somebody changed the home')
			});
			expect(await revisionOf(pool(), home)).toBe(seen + 1);
		}
	);

	it('two at the same moment: one is written, the other told', async () => {
		const home = await household();
		const revision = String(await revisionOf(pool(), home));
		const answers = await Promise.all(
			['Ada’s corner', 'Ben’s corner'].map((name) =>
				editHouse(home, form({ op: 'addZone', name, id: newId(), revision }))
			)
		);
		expect(answers.map((answer) => said(answer).status).sort()).toEqual([200, 409]);
		expect((await loadHome(pool(), home))?.home.zones.length).toBe(3);
	});

	it.each([
		[{ op: 'moveRoom', room: 'moat', zone: 'back' }, /room is not in this home/],
		[{ op: 'moveRoom', room: 'porch', zone: 'moat' }, /zone is not in this home/],
		[{ op: 'moveRoom', room: 'porch', zone: 'front' }, /like that already/],
		[{ op: 'addRoom', kind: 'cave', storey: '0' }, /what kind of room/],
		[{ op: 'addRoom', kind: 'store', storey: 'up' }, /which storey/],
		[{ op: 'addRoom', kind: 'store', storey: '0', name: 'x'.repeat(200) }, /80 characters/],
		[{ op: 'addZone', name: '' }, /Give the zone a name/],
		[{ op: 'nameZone', zone: 'front', name: ' ' }, /name/],
		[{ op: 'retireZone', zone: 'front', into: 'front' }, /zone is not in this home/],
		[{ op: 'explode' }, /./]
	])('%j is refused in words', async (fields, pattern) => {
		const home = await household();
		const answer = said(await sent(editHouse, home, { ...(fields as unknown as Fields), id: newId() }));
		expect(answer.status).toBe(400);
		expect(answer.message).toMatch(pattern);
		expect(await revisionOf(pool(), home)).toBe(1);
	});
});

describe('the rhythm of the house', () => {
	const settings = {
		scheme: 'rows',
		extra: 'free',
		minutesADay: '45',
		sittingMinutes: '12,5',
		dayStartsAt: '3:30',
		weekStart: '7',
		zoneDays: ['1', '2', '3'],
		catchUpDays: ['6'],
		freeDays: ['7'],
		'subject-1': 'Bathrooms'
	};
	it('is kept whole, or told what is wrong', async () => {
		const home = await household();
		expect(said(await editRhythm(home, form({ ...settings, id: newId() }))).status).toBe(200);
		expect((await loadHome(pool(), home))?.home.household).toMatchObject({
			weekStart: 7,
			dayStartsAt: '03:30',
			minutesADay: 45,
			rhythm: {
				scheme: { type: 'rows', extra: 'free' },
				sittingMinutes: 12.5,
				zoneDays: [1, 2, 3],
				catchUpDays: [6],
				freeDays: [7],
				subjects: { '1': 'Bathrooms' }
			}
		});
	});
	it('loses no job where zones take turns no more, or one has no day: what follows is said, tried and saved', async () => {
		const home = await household();
		const lists = async () => (await loadHome(pool(), home))?.home.zones.map((zone) => zone.list) ?? [];
		const items = (await lists()).flat();
		expect(items.length).toBeGreaterThan(0);
		const tried = async (over: Fields) => {
			const query = new URLSearchParams();
			for (const [name, value] of Object.entries({ ...settings, ...over }))
				for (const one of [value].flat()) query.append(name, String(one));
			return (await loadRhythm(home, query)).view.missed.join(' ');
		};
		const keep = async (over: Fields) => {
			const answer = await editRhythm(home, form({ ...settings, ...over, id: newId() }));
			return ((answer as { effects?: readonly string[] }).effects ?? []).join(' ');
		};
		// One zone has Monday, the other none.
		const oneDay: Fields = { scheme: 'weekdays', 'zone-1': 'back' };
		expect(await tried(oneDay)).toContain('Front has no day, so its three deep jobs do not come up.');
		expect(await keep(oneDay)).toContain('Front has no day');
		// It was said, and is no news of what is changed next; where zones are planned it stands as long as it is so.
		expect(await keep({ ...oneDay, minutesADay: '50' })).not.toContain('no day');
		expect((await loadHouse(home, { room: null, zone: null })).missed.join(' ')).toContain(
			'Front has no day'
		);
		expect((await lists()).flat()).toEqual(items);
		expect(await tried({ scheme: 'none' })).toContain('come 60 to 90 days after they were last done instead');
		expect(await keep({ scheme: 'none' })).toContain('Three deep jobs come 60 to 90 days after');
		const jobs = (await loadHome(pool(), home))?.home.jobs ?? [];
		for (const id of items)
			expect(jobs.find((job) => job.id === id)?.cadence).toEqual({ type: 'afterDone', min: 60, max: 90 });
		expect((await loadHouse(home, { room: null, zone: null })).missed).toEqual([]);
	});
	it.each([
		[{ scheme: 'spiral' }, /how the zones come round/],
		[{ scheme: 'cycle', anchor: 'soon' }, /week in which zone 1 is on/],
		[{ scheme: 'cycle', anchor: '0027-03-01' }, /too far away/],
		[{ scheme: 'weekdays', 'zone-1': 'moat' }, /no zone "moat"/],
		[{ minutesADay: '-3' }, /more than 0/],
		[{ minutesADay: '1e9' }, /at most 1440/],
		[{ sittingMinutes: 'long' }, /Minutes for the zone each day/],
		[{ dayStartsAt: '25:00' }, /such as 04:00/],
		[{ weekStart: '9' }, /weekday/i]
	])('with %j is refused in words', async (over, pattern) => {
		const home = await household();
		const answer = said(
			await editRhythm(home, form({ ...settings, ...(over as unknown as Fields), id: newId() }))
		);
		expect([answer.status, answer.message]).toEqual([400, expect.stringMatching(pattern)]);
		expect(await revisionOf(pool(), home)).toBe(1);
	});
	it.each([
		[{ scheme: 'cycle', anchor: 'soon' }, 'anchor'],
		[{ scheme: 'cycle', anchor: '0027-03-01' }, 'anchor'],
		[{ minutesADay: '-3' }, 'minutesADay'],
		[{ dayStartsAt: '25:00' }, 'dayStartsAt'],
		[{ weekStart: '9' }, 'weekStart'],
		[{ timeZone: 'Nowhere/At all' }, 'timeZone']
	])('with %j names the field that is wrong', async (over, field) => {
		const home = await household();
		const answer = said(
			await editRhythm(home, form({ ...settings, ...(over as unknown as Fields), id: newId() }))
		);
		expect([answer.status, answer.field]).toEqual([400, field]);
	});
});

describe('a pail', () => {
	const begin = async (home: string, fields: Fields = {}) => {
		const id = newId();
		const answer = await sent(start, home, { id, minutes: '15', member: 'ada', ...fields });
		return { id, answer: said(answer) };
	};
	it('is started once, pressed once, set down once; the ledger has what was finished', async () => {
		const home = await household();
		const { id } = await begin(home);
		const again = await sent(start, home, { id, minutes: '15', member: 'ada' });
		expect(said(again).message).toBe('Redirected.');
		const run = await loadRun(home, id);
		const press = newId();
		for (let i = 0; i < 2; i++)
			await event(home, id, form({ id: press, kind: 'stepDone', step: '0', ago: '0' }));
		expect((await loadRun(home, id)).events.map((one) => one.kind)).toEqual(['started', 'stepDone']);
		await event(home, id, form({ id: newId(), kind: 'setDown' }));
		const after = said(await event(home, id, form({ id: newId(), kind: 'stepDone', step: '1' })));
		expect([after.status, after.message]).toEqual([409, 'This session has ended already.']);
		const first = run.plan.steps[0];
		const finished = (await ledgerOf(home)).filter((entry) => entry.outcome === 'done');
		expect(finished.length).toBe(first?.last ? 1 : 0);
	});

	it('that was left open counts as closed at the end of its day, on its page as well, before anything is written', async () => {
		const home = await household();
		const { id } = await begin(home);
		setClock('2027-03-04T09:00:00Z');
		const run = await loadRun(home, id);
		setClock(NOW);
		expect(run.events.map((one) => one.kind)).toEqual(['started', 'closed']);
		expect((await loadRun(home, id)).events.map((one) => one.kind)).toEqual(['started']);
	});

	it('that was left open yesterday is in nobody’s way today, before the house has closed it', async () => {
		const home = await household();
		const { id } = await begin(home);
		setClock('2027-03-04T09:00:00Z');
		const filled = await fills.loadFill(asAda(home), new URLSearchParams({ minutes: '15', for: 'ada' }));
		expect(filled.running).toBeNull();
		const today = await begin(home);
		expect(today.answer.message).toBe('Redirected.');
		expect((await loadRun(home, today.id)).events.map((one) => one.kind)).toEqual(['started']);
		expect((await loadRun(home, id)).events.map((one) => one.kind)).toEqual(['started', 'closed']);
		setClock(NOW);
	});

	it('takes no press from before the last one, and none from half a day ago at its own instant', async () => {
		const home = await household();
		const { id } = await begin(home);
		await event(home, id, form({ id: newId(), kind: 'paused', ago: String(9 * 3_600_000) }));
		const { events } = await loadRun(home, id);
		expect(events[1]?.at).toBe(events[0]?.at);
	});

	it.each([
		[{ minutes: '0' }, 400],
		[{ minutes: 'ten' }, 400],
		[{ member: 'zed' }, 400],
		[{ line: 'ghost' }, 410],
		[{ id: 'mine' }, 400]
	])('with %j is refused in words', async (over, status) => {
		const home = await household();
		const { answer } = await begin(home, over as unknown as Fields);
		expect(answer.status).toBe(status);
		expect(answer.message).toMatch(/^[A-Z].*\.$/);
	});

	it('of a big day: what strength did not reach goes to tomorrow, once', async () => {
		const home = await household();
		const { id } = await begin(home, { kind: 'bigday', minutes: '240' });
		await event(home, id, form({ id: newId(), kind: 'setDown' }));
		const press = newId();
		const carried = said(await presses.carry(asAda(home), id, form({ id: press })));
		expect(carried.message).toMatch(/tomorrow/);
		const moved = (await ledgerOf(home)).filter((entry) => entry.outcome === 'moved');
		expect(moved.length).toBeGreaterThan(0);
		await presses.carry(asAda(home), id, form({ id: press }));
		expect((await ledgerOf(home)).filter((entry) => entry.outcome === 'moved')).toHaveLength(moved.length);
		expect(said(await presses.carry(asAda(home), id, form({ id: 'old' }))).status).toBe(400);
		const other = await household();
		expect(said(await presses.carry(asAda(other), id, form({ id: newId() }))).status).toBe(404);
	});

	it('of a clearing asks which spot, and is started with it', async () => {
		const home = await household();
		const { answer } = await begin(home, { kind: 'clearing' });
		expect([answer.status, answer.message]).toEqual([400, expect.stringMatching(/which spot/)]);
		const { id } = await begin(home, {
			kind: 'clearing',
			spot: 'hall bench',
			room: 'porch',
			portion: 'half'
		});
		expect((await loadRun(home, id)).plan.clearing).toMatchObject({
			spot: 'hall bench',
			room: 'porch',
			portion: 'half'
		});
		await event(home, id, form({ id: newId(), kind: 'counted', into: 'bin' }));
		await event(home, id, form({ id: newId(), kind: 'counted', detail: '{"into":"give"}' }));
		expect(
			said(await event(home, id, form({ id: newId(), kind: 'counted', detail: '{"into":"river"}' }))).status
		).toBe(400);
		expect(said(await event(home, id, form({ id: newId(), kind: 'counted', detail: '{' }))).status).toBe(400);
		expect((await loadRun(home, id)).events.map((one) => one.into)).toEqual([undefined, 'bin', 'give']);
	});

	it('takes a job in while it runs, of this home alone, with the server’s own steps', async () => {
		const home = await household();
		const { id } = await begin(home, { out: 'bench' });
		const before = (await loadRun(home, id)).plan.steps.map((one) => one.line);
		expect(before).not.toContain('bench');
		const forged = JSON.stringify({ line: 'bench', steps: [] });
		expect(said(await event(home, id, form({ id: newId(), kind: 'added', detail: forged }))).status).toBe(
			400
		);
		await event(home, id, form({ id: newId(), kind: 'added', line: 'bench' }));
		expect((await loadRun(home, id)).events.at(-1)?.steps?.map((one) => one.line)).toEqual(
			expect.arrayContaining(['bench'])
		);
		expect(said(await event(home, id, form({ id: newId(), kind: 'added', line: 'ghost' }))).message).toMatch(
			/not in this home/
		);
	});

	it('a plan that the page never showed, or that breaks a rule, is planned anew', async () => {
		const home = await household();
		for (const plan of [
			'{',
			'[["bench",0,"ada",0]]',
			'[["ghost",0,"ada",0,5]]',
			'[["bench",0,"zed",0,5]]',
			'[["bench",0,"ada",0,0.5]]'
		]) {
			const { id } = await begin(home, { plan });
			expect((await loadRun(home, id)).plan.steps.length, plan).toBeGreaterThan(0);
			await event(home, id, form({ id: newId(), kind: 'setDown' }));
		}
	});

	it.each([
		[{ kind: 'explode' }, 400],
		[{ kind: 'stepDone', step: '99' }, 400],
		[{ kind: 'stepDone', step: 'x' }, 400]
	])('a press of %j is refused in words', async (fields, status) => {
		const home = await household();
		const { id } = await begin(home);
		const answer = said(await event(home, id, form({ id: newId(), ...(fields as unknown as Fields) })));
		expect(answer.status).toBe(status);
		expect((await loadRun(home, id)).events.length).toBe(1);
	});
});

describe('tables that come in', () => {
	it('are told first, written once, and not over somebody’s change', async () => {
		const home = await household();
		const text =
			'id,name,room,cadence,minutes\nbench,The bench,Porch,weekly Mon,7.5\n,Dust the rail,porch,zone,4\n';
		const told = (await jobsFromCsv(home, form({ text }))) as { report?: { says: string } };
		expect(told.report?.says).toBe('1 new, 1 changed, 0 as they are.');
		expect(await revisionOf(pool(), home)).toBe(1);
		const id = newId();
		for (let i = 0; i < 2; i++) await jobsFromCsv(home, form({ text, write: '1', id }));
		expect(await revisionOf(pool(), home)).toBe(2);
		const jobs = (await loadHome(pool(), home))?.home.jobs ?? [];
		expect(jobs.filter((job) => job.name === 'Dust the rail').length).toBe(1);
	});
	it('of the ledger: the same file again writes nothing twice', async () => {
		const home = await household();
		const text = 'date,job,by,minutes\n2027-02-24,bench,Ada,4\n2027-02-25,toilet,ben,6\n';
		for (let i = 0; i < 2; i++) await ledgerFromCsv(home, form({ text, write: '1' }));
		expect((await ledgerOf(home)).length).toBe(2);
		const bad = (await ledgerFromCsv(
			home,
			form({ text: `${text}2027-02-31,bench,Ada,4\n`, write: '1' })
		)) as {
			report?: { reports: { line: number }[] };
		};
		expect(bad.report?.reports.map((report) => report.line)).toEqual([4]);
		expect((await ledgerOf(home)).length).toBe(2);
	});
});

describe('another household', () => {
	it('is on none of the pages', async () => {
		const [home, other] = [await household(), await household()];
		const at = Date.parse(NOW);
		await editHouse(home, form({ op: 'addRoom', kind: 'store', storey: '0', name: 'Zanzibar', id: newId() }));
		await entries.pause(
			home,
			form({
				id: newId(),
				scope: 'room',
				target: 'zanzibar',
				from: '2027-03-04',
				to: '2027-03-05',
				reason: 'other',
				note: 'Zanzibar'
			})
		);
		await entries.tick(home, form({ id: newId(), line: 'bench', outcome: 'done', by: 'ada', minutes: '77' }));
		const started = newId();
		await sent(start, home, { id: started, minutes: '15', member: 'ben' });
		const nobody = { job: null, by: null, room: null, me: null, open: null, on: null };
		const pages = (of: string): Promise<unknown>[] => [
			loadToday({ ...nobody, household: of, now: at }),
			loadSchedule({ ...nobody, household: of, mode: null, find: null }),
			loadPauses(of),
			loadGrowing(of),
			loadRhythm(of, null),
			loadLedger({ ...nobody, household: of, to: null, page: null, entry: null, now: at }),
			loadHouse(of, { room: null, zone: null }),
			fills.loadFill(asAda(of), new URLSearchParams({ minutes: '15', for: 'ada' })),
			loadJobEditor(of, 'bench', { room: null })
		];
		const texts = async (of: string) => (await Promise.all(pages(of))).map((page) => JSON.stringify(page));
		const own = await texts(home);
		expect(own.filter((page) => page.includes('Zanzibar')).length).toBeGreaterThan(1);
		for (const page of await texts(other)) {
			expect(page).not.toMatch(/zanzibar/i);
			expect(page).not.toContain(started);
		}
		await expect(loadRun(other, started)).rejects.toMatchObject({ status: 404 });
		expect(said(await event(other, started, form({ id: newId(), kind: 'setDown' }))).status).toBe(404);
		await expect(loadJobEditor(other, 'coal-hole', { room: null })).rejects.toMatchObject({ status: 404 });
	});
});

describe('what the family agrees', () => {
	const agree = async (home: string, fields: Fields) =>
		said(await editFamily(home, form({ id: newId(), ...fields })));
	const agreed = async (home: string) => (await loadHome(pool(), home))?.home.household.family;
	it('is kept: shares set by hand, the gate, how it works together', async () => {
		const home = await household();
		const shares = { part: 'shares', by: 'hand', 'hand-ada': '3', 'hand-ben': '1,5', 'hand-cy': '' };
		expect((await agree(home, shares)).message).toContain('The shares hold');
		expect((await agree(home, { part: 'gate', gate: 'screens', together: 'role' })).message).toBe('Saved.');
		expect(await agreed(home)).toMatchObject({
			shares: { by: 'hand', byHand: { ada: 3, ben: 1.5, cy: 0 }, agreedOn: '2027-03-03' },
			gate: 'screens',
			together: 'role'
		});
		expect(await agree(home, { part: 'gate', gate: '', together: 'nonsense' })).toMatchObject({
			status: 400,
			field: 'together',
			message: 'Choose how the family likes to work together.'
		});
		expect(await agreed(home)).toMatchObject({ gate: 'screens', together: 'role' });
		await agree(home, { part: 'gate', gate: '', together: 'room' });
		expect(await agreed(home)).toMatchObject({ gate: null, together: 'room' });
	});
	it('goes round as a ribbon, with duties and choices, and is swapped only among those it goes round', async () => {
		const home = await household();
		await agree(home, {
			part: 'ribbon',
			members: ['cy'],
			every: 'week',
			duties: 'Post\n',
			choices: 'Supper'
		});
		expect((await agreed(home))?.ribbon).toMatchObject({
			members: ['cy'],
			every: 'week',
			duties: ['Post'],
			choices: ['Supper']
		});
		expect(said(await giveRibbon(home, form({ to: 'ben' }))).status).toBe(400);
		expect(said(await giveRibbon(home, form({ to: 'cy' }))).message).toContain('Cy is today’s captain');
	});
	it('is refused in words where a part is no number, or nobody has any', async () => {
		const home = await household();
		const before = await agreed(home);
		for (const part of ['ten', '-1', '1001'])
			expect((await agree(home, { part: 'shares', by: 'hand', 'hand-ada': part })).status, part).toBe(400);
		expect((await agree(home, { part: 'shares', by: 'hand' })).status).toBe(400);
		expect((await agree(home, { part: 'shares', by: 'luck' })).status).toBe(400);
		expect(await agreed(home)).toEqual(before);
	});
});

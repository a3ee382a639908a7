/** Today's page, through the real actions: what it adds up to, what it proposes, and what taking back leaves of it. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { job, makeHome } from '../core/home';
import { draft, library, patterns } from '../core/library';
import { loadToday, NoSuchDay } from '../../src/lib/server/pages/today/loadToday';
import { loadRun } from '../../src/lib/server/pages/session/running';
import * as presses from '../../src/lib/server/services/session/press';
import { start } from '../../src/lib/server/services/session/startSession';
import {
	enough,
	extra,
	move,
	note,
	pause,
	skip,
	tick,
	undo
} from '../../src/lib/server/services/ledger/entryActions';
import { put } from '../../src/lib/server/services/people/week';
import type { JobRow, TodayView } from '../../src/lib/views/today';
import { asAda, form, newId, NOW, said, someHomes, type Fields } from './asking';

const { household, setClock } = someHomes();

interface Look {
	readonly on?: string | null;
	readonly open?: string | null;
	readonly me?: string | null;
	readonly isDevice?: boolean;
	readonly at?: string;
}
const look = (home: string, { on = null, open = null, me = 'ada', isDevice = false, at = NOW }: Look = {}) =>
	loadToday({ household: home, on, open, me, isDevice, now: Date.parse(at) });

const hanging = (today: TodayView): JobRow[] => [
	...today.parts.flatMap((part) => part.rows),
	...today.parts.flatMap((part) => part.sitting?.jobs ?? [])
];
/** The page without what is new at each look. */
const still = (today: TodayView) => ({ ...today, formId: '' });
const names = (tags: readonly JobRow[]) => tags.map((tag) => tag.line).sort();

type Act = (asker: ReturnType<typeof asAda>, data: FormData) => Promise<unknown>;
async function act(home: string, what: Act, fields: Fields): Promise<string> {
	const id = newId();
	expect(said(await what(asAda(home), form({ id, ...fields }))).status, JSON.stringify(fields)).toBe(200);
	return id;
}

describe('a zone that has its day', () => {
	it('counts the jobs of its rooms that come on the day, and no week', async () => {
		setClock(NOW);
		const pattern = patterns().find((one) => one.id === 'a-zone-a-day');
		if (!pattern) throw new Error('no pattern');
		const made = homeFromDraft(draft({ minutesADay: 240 }), library(), pattern, toDay('2027-03-01'));
		if (!made.ok) throw new Error(JSON.stringify(made.problems));
		const home = await household(made.home);
		const { zone, ...today } = await look(home);
		const rooms = new Set(
			made.home.rooms
				.filter((room) => made.home.zones.some((one) => one.id === room.zone && one.name === zone?.mark.name))
				.map((room) => room.id)
		);
		const isOfZone = (row: JobRow) => {
			const job = made.home.jobs.find((one) => row.line.startsWith(one.id));
			return job !== undefined && job.layer !== 'basics' && rooms.has(job.room);
		};
		const due = hanging({ zone, ...today }).filter(isOfZone);
		expect(due.length).toBeGreaterThan(1);
		expect(zone).toMatchObject({ isOfDay: true, settled: 0, counted: due.length });
		expect(zone?.words).toMatch(new RegExp(`^Week 1 of the month, 0 of ${due.length} jobs done$`));
		// Jobs that are called alike say which room they are in.
		const called = zone?.next.map((one) => one.name) ?? [];
		expect(new Set(called).size).toBe(called.length);
		expect(zone?.next.map((one) => one.line)).toEqual(expect.arrayContaining([due[0]?.line]));
		await act(home, tick, { line: due[0]?.line ?? '', outcome: 'done', by: 'ada' });
		// What it covers is settled with it.
		const after = (await look(home)).zone;
		expect([after?.counted, (after?.settled ?? 0) > 0]).toEqual([due.length, true]);
	});
});

describe('what Today adds up to', () => {
	it('is what hangs on it: minutes of parts and of the sitting, no job twice', async () => {
		const home = await household();
		const today = await look(home);
		const tags = hanging(today);
		expect(new Set(tags.map((tag) => tag.line)).size).toBe(tags.length);
		expect(tags.reduce((sum, tag) => sum + tag.minutes, 0)).toBe(today.minutesLeft);
		for (const part of today.parts) {
			const all = part.rows.length + (part.sitting?.jobs.length ?? 0);
			expect(part.count.startsWith(`${all} job`), part.count).toBe(all > 0);
		}
		expect(tags.length).toBeGreaterThan(3);
	});

	it('becomes less by what is ticked, and more by what is put in', async () => {
		const home = await household();
		const before = await look(home);
		const ticked = await act(home, tick, { line: 'bench', outcome: 'done', by: 'ben', minutes: '7' });
		const after = await look(home);
		expect(names(hanging(after))).toEqual(names(hanging(before)).filter((line) => line !== 'bench'));
		expect(after.minutesLeft).toBe(before.minutesLeft - 5);
		expect(after.done).toMatchObject([{ line: 'bench', outcome: 'done', by: 'Ben', minutes: 7, note: null }]);
		await act(home, undo, { of: ticked });
		expect(names(hanging(await look(home)))).toEqual(names(hanging(before)));
		// A day without the job gets it, once, however often it is put there.
		const tomorrow = async () => names(hanging(await look(home, { on: '2027-03-04' })));
		const without = await tomorrow();
		for (let i = 0; i < 2; i++) await act(home, extra, { line: 'bench', date: '2027-03-04' });
		expect(await tomorrow()).toEqual([...without, 'bench'].sort());
	});

	it('keeps what was half done, with the minutes that are left of it', async () => {
		const home = await household();
		await act(home, tick, { line: 'bench', outcome: 'part', share: '0.4', by: 'ada' });
		const today = await look(home);
		const bench = hanging(today).find((tag) => tag.line === 'bench');
		expect(bench).toMatchObject({ minutes: 3, glyph: 'part' });
		expect(today.done.map((one) => one.outcome)).toEqual(['part']);
	});

	it('says at the end of the day what hangs at the present time: earlier parts come along', async () => {
		const home = await household();
		const [morning, evening] = [
			await look(home, { at: '2027-03-03T07:30:00Z' }),
			await look(home, { at: '2027-03-03T19:30:00Z' })
		];
		expect(morning.parts.map((part) => part.key)).toEqual(['morning', 'midday', 'evening']);
		expect(evening.parts.map((part) => part.key)).toEqual(['evening']);
		expect(names(hanging(evening))).toEqual(names(hanging(morning)));
		expect([morning.running, evening.running]).toEqual(['morning', 'evening']);
	});

	it('keeps the basics alone after enough for today, and what was done', async () => {
		const home = await household();
		const basics = ['counters', 'dishes/evening', 'dishes/morning', 'reset'];
		expect(names(hanging(await look(home))).length).toBeGreaterThan(basics.length);
		await act(home, tick, { line: 'toilet', outcome: 'done', by: 'ada' });
		await act(home, enough, {});
		const today = await look(home);
		expect(names(hanging(today)).filter((line) => !line.startsWith('reset'))).toEqual(basics.slice(0, 3));
		expect(today.enough).not.toBeNull();
		expect(today.done.map((one) => one.line)).toEqual(['toilet']);
	});
});

describe('what is undone', () => {
	const acts: readonly [string, Act, Fields][] = [
		['a tick', tick, { line: 'bench', outcome: 'done', by: 'ada' }],
		['another one', tick, { line: 'dishes/evening', outcome: 'done', by: 'ben', minutes: '12' }],
		['a look', tick, { line: 'toilet', outcome: 'looked', by: 'ada' }],
		['a half', tick, { line: 'counters', outcome: 'part', share: '0.5' }],
		['a zone job', tick, { line: 'rail', outcome: 'done', by: 'ben' }],
		['a skip', skip, { line: 'bench', dueOn: '2027-03-10' }],
		['a move', move, { line: 'bench', dueOn: '2027-03-10', to: '2027-03-04' }],
		['an extra', extra, { line: 'bench', date: '2027-03-05' }],
		['enough', enough, {}]
	];

	it('leaves Today as it was, in whatever order it was done and undone', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.shuffledSubarray(
					acts.map((_, i) => i),
					{ minLength: 1 }
				),
				fc.infiniteStream(fc.nat()),
				async (which, picks) => {
					const home = await household();
					const looks = async () => [
						still(await look(home)),
						still(await look(home, { on: '2027-03-04' })),
						still(await look(home, { on: '2027-03-10' }))
					];
					const before = await looks();
					const ids: string[] = [];
					for (const i of which) {
						const [, what, fields] = acts[i] as (typeof acts)[number];
						ids.push(await act(home, what, fields));
					}
					expect(await looks()).not.toEqual(before);
					while (ids.length > 0) {
						const [of] = ids.splice((picks.next().value as number) % ids.length, 1);
						await act(home, undo, { of: of as string });
					}
					expect(await looks()).toEqual(before);
				}
			),
			{ numRuns: 12, seed: 81 }
		);
	});
});

describe('what comes next', () => {
	it('is for whoever looks before it is for others, and is nothing that somebody is at', async () => {
		const home = await household();
		const ada = await look(home, { me: 'ada' });
		expect(ada.next).not.toBeNull();
		expect(hanging(ada).map((tag) => tag.line)).toContain(ada.next?.line);
		// What lies in a running session is somebody's already.
		const id = newId();
		await start(asAda(home), form({ id, minutes: '30', member: 'ada' })).catch((to: unknown) => {
			if ((to as { location?: string }).location !== `/timer/${id}`) throw to;
		});
		const busy = await look(home, { me: 'ben' });
		const taken = hanging(busy).filter((tag) => tag.inPail !== null);
		expect(taken.length).toBeGreaterThan(0);
		expect(busy.pails).toMatchObject([{ session: id, name: 'Ada', phase: 'running' }]);
		expect(taken.map((tag) => tag.line)).not.toContain(busy.next?.line);
		expect(taken.every((tag) => tag.glyph === 'running')).toBe(true);
		await presses.event(asAda(home), id, form({ id: newId(), kind: 'setDown', step: '', ago: '0' }));
		const free = await look(home, { me: 'ben' });
		expect([free.pails, hanging(free).some((tag) => tag.inPail !== null)]).toEqual([[], false]);
	});

	it('is somebody’s who is at home: not theirs who come later, and not theirs who are ill, whose work is offered anew', async () => {
		const fixed = (id: string, member: string, weight: number) =>
			job(id, {
				weight,
				cadence: { type: 'daily' },
				missRule: 'letgo',
				who: { mode: 'fixed', members: [member] }
			});
		const home = await household(
			makeHome({
				members: [
					{ id: 'ada', name: 'Ada', role: 'organiser' },
					{ id: 'ben', name: 'Ben', role: 'adult', home: [{ weekdays: [3], from: '17:00', to: '24:00' }] },
					{ id: 'cy', name: 'Cy', role: 'child', bornOn: '2012-05-01' }
				],
				jobs: [
					fixed('bens', 'ben', 5),
					fixed('cys', 'cy', 1),
					fixed('adas', 'ada', 2),
					job('shared', {
						weight: 4,
						cadence: { type: 'daily' },
						missRule: 'letgo',
						who: { mode: 'shared', members: [] }
					})
				],
				zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
			})
		);
		const wall = (at = NOW) => look(home, { me: null, isDevice: true, at });
		// At 10:40 Ben is out: what is his is not next, however much it weighs.
		expect((await wall()).next?.line).toBe('shared');
		expect((await look(home, { me: 'ben', at: '2027-03-03T17:30:00Z' })).next?.line).toBe('bens');
		setClock(NOW);
		const given = async () =>
			hanging(await wall()).flatMap((row) => (row.line === 'shared' ? [row.who, row.whoIds] : []));
		await act(home, put, { turn: 'shared@2027-03-03', to: 'cy' });
		expect(await given()).toEqual(['Cy', ['cy']]);
		const ill = { scope: 'member', target: 'cy', from: '2027-03-03', to: '2027-03-04', reason: 'ill' };
		await act(home, pause, ill);
		const view = await wall();
		expect(view.people).toContainEqual({ name: 'Cy', words: 'ill until tomorrow', carriesNow: false });
		expect(view.people.filter((one) => one.name.includes('Cy'))).toHaveLength(1);
		// It is anybody's again, and the next thing.
		expect(await given()).toEqual(['anyone', []]);
		expect(view.next?.line).toBe('shared');
		// What is Cy's alone rests as long as Cy does.
		expect(hanging(view).map((row) => row.line)).not.toContain('cys');
	});

	it('goes on through the whole day until nothing is left', async () => {
		const home = await household();
		const seen: string[] = [];
		for (;;) {
			const today = await look(home);
			if (!today.next) {
				expect([hanging(today), today.minutesLeft]).toEqual([[], 0]);
				break;
			}
			expect(seen).not.toContain(today.next.line);
			seen.push(today.next.line);
			await act(home, tick, { line: today.next.line, outcome: 'done', by: 'ada' });
		}
		const today = await look(home);
		// A job that covers another one ticks it, too.
		expect(today.done.map((one) => one.line)).toEqual(expect.arrayContaining(seen));
	});

	it('is the same on a device of the family, in nobody’s name', async () => {
		const home = await household();
		const device = await look(home, { me: null, isDevice: true });
		expect([device.me, device.isDevice]).toEqual(['', true]);
		expect(names(hanging(device))).toEqual(names(hanging(await look(home))));
	});
});

describe('another day', () => {
	it('that is over shows what was done on it, and hangs nothing for ticking', async () => {
		const home = await household();
		await act(home, tick, { line: 'bench', outcome: 'done', by: 'ben', date: '2027-03-02' });
		await act(home, tick, { line: 'toilet', outcome: 'done', by: 'ada' });
		const yesterday = await look(home, { on: '2027-03-02' });
		expect([yesterday.relation, yesterday.next, yesterday.pails, yesterday.overdue]).toEqual([
			'past',
			null,
			[],
			[]
		]);
		expect(yesterday.done.map((one) => [one.line, one.by])).toEqual([['bench', 'Ben']]);
		expect((await look(home)).done.map((one) => one.line)).toEqual(['toilet']);
		// The next morning today is yesterday, with the same work on it.
		const then = await look(home, { on: '2027-03-03', at: '2027-03-04T09:00:00Z' });
		expect([then.relation, then.done.map((one) => one.line)]).toEqual(['past', ['toilet']]);
		expect(then.wentBy.map((tag) => tag.line)).toEqual(
			expect.arrayContaining(['counters', 'dishes/morning'])
		);
		// Done the day before, it was done for this day.
		expect(then.wentBy.map((tag) => tag.line)).not.toContain('bench');
	});

	it('that is to come shows what will fall due, and nothing of it can be done from its sheet yet', async () => {
		const home = await household();
		const friday = await look(home, { on: '2027-03-05', open: 'counters' });
		expect([friday.relation, friday.date, friday.next]).toEqual(['coming', '2027-03-05', null]);
		expect(friday.sheet).toMatchObject({ isFuture: true, skippable: null });
		await act(home, move, { line: 'bench', dueOn: '2027-03-10', to: '2027-03-05' });
		expect(names(hanging(await look(home, { on: '2027-03-05' })))).toEqual(
			[...names(hanging(friday)), 'bench'].sort()
		);
		expect(names(hanging(await look(home, { on: '2027-03-10' })))).not.toContain('bench');
	});

	it('names the days beside it, and stays within the days that there are', async () => {
		const home = await household();
		for (const [on, before, after] of [
			['2027-02-28', '2027-02-27', '2027-03-01'],
			['2028-02-29', '2028-02-28', '2028-03-01'],
			['2026-12-31', '2026-12-30', '2027-01-01']
		] as const)
			expect(await look(home, { on })).toMatchObject({ date: on, before, after, today: '2027-03-03' });
		for (const on of ['2027-02-29', 'tomorrow', '', '0001-01-01', '9999-12-31', '2027-03-03T00:00:00Z'])
			await expect(look(home, { on }), on).rejects.toThrow(NoSuchDay);
		await expect(look('01900000-0000-7000-9000-0000000fffff')).rejects.toThrow(/no household/);
	});

	it('begins when the household’s day does, and not at midnight', async () => {
		const home = await household();
		setClock('2027-03-04T00:40:00Z');
		const late = await look(home, { at: '2027-03-04T00:40:00Z' });
		setClock(NOW);
		expect([late.date, late.relation, late.running]).toEqual(['2027-03-03', 'today', 'evening']);
	});
});

describe('the sheet of a job', () => {
	it('tells its steps and its last time, and opens nothing that is not of the day', async () => {
		const home = await household();
		await act(home, tick, { line: 'toilet', outcome: 'done', by: 'ben', minutes: '8', date: '2027-03-01' });
		const { sheet } = await look(home, { open: 'toilet' });
		expect(sheet?.steps.map((one) => [one.text, one.minutes])).toEqual([
			['Put the cleaner on', 1],
			['Brush and wipe', 5]
		]);
		expect(sheet?.steps[0]?.wait).toMatch(/5.*15/);
		expect(sheet?.last).toMatch(/1 Mar.*Ben.*8/);
		expect(sheet?.ticks).toEqual([]);
		for (const open of ['ghost', '', 'dishes/noon', '__proto__', 'constructor'])
			expect((await look(home, { open })).sheet, open).toBeNull();
	});

	it('lists what was ticked on the day, so that it can be undone there', async () => {
		const home = await household();
		const first = await act(home, tick, { line: 'bench', outcome: 'part', share: '0.5', by: 'ada' });
		const second = await act(home, tick, { line: 'bench', outcome: 'done', by: 'ben' });
		expect((await look(home, { open: 'bench' })).sheet?.ticks.map((one) => one.entry)).toEqual([
			first,
			second
		]);
		await act(home, undo, { of: second });
		expect((await look(home, { open: 'bench' })).sheet?.ticks.map((one) => one.entry)).toEqual([first]);
	});
});

describe('a note on one time of a job', () => {
	it('is on its row and sheet for whoever does it, on a session of it, and gone when it is done', async () => {
		const home = await household();
		const row = async (at = NOW) => hanging(await look(home, { at })).find((one) => one.line === 'bench');
		expect((await row())?.notes).toEqual([]);
		const sheet = (await look(home, { open: 'bench' })).sheet;
		expect(sheet?.oneTime).toMatchObject({ dueOn: '2027-03-03', text: '' });
		const written = { line: 'bench', dueOn: '2027-03-03', note: 'The key is under the mat.' };
		const id = newId();
		const answer = said(await note(asAda(home), form({ id, ...written })));
		expect([answer.status, answer.message]).toEqual([200, 'Saved. Whoever does it then reads it.']);
		// Sent a second time it is one.
		expect(said(await note(asAda(home), form({ id, ...written }))).status).toBe(200);
		expect((await row())?.notes).toEqual(['The key is under the mat.']);
		expect((await look(home, { open: 'bench', me: 'ben' })).sheet?.oneTime?.text).toBe(
			'The key is under the mat.'
		);
		const session = newId();
		const started = await start(asAda(home), form({ id: session, line: 'bench', member: 'ada' })).catch(
			(thrown: unknown) => thrown
		);
		expect(started).toMatchObject({ status: 303 });
		const run = await loadRun(asAda(home), session, null);
		expect(run.notes).toEqual({ bench: ['The key is under the mat.'] });
		await act(home, tick as Act, { line: 'bench', outcome: 'done', by: 'ada', date: '2027-03-03' });
		expect(hanging(await look(home)).flatMap((one) => one.notes)).toEqual([]);
	});

	it('that is too long is refused in words, nothing is written, and what was typed comes back', async () => {
		const home = await household();
		const long = said(
			await note(
				asAda(home),
				form({ id: newId(), line: 'bench', dueOn: '2027-03-03', note: 'x'.repeat(201) })
			)
		);
		expect([long.status, long.message, long.values.note?.length]).toEqual([
			400,
			'A note has at most 200 letters.',
			201
		]);
		const child = said(
			await note(
				{ householdId: home, viewer: { role: 'child', member: 'cy' }, me: 'cy' } as never,
				form({ id: newId(), line: 'bench', dueOn: '2027-03-03', note: 'hello' })
			)
		);
		expect(child.status).toBe(403);
		expect(hanging(await look(home)).flatMap((one) => one.notes)).toEqual([]);
	});
});

/** Pages around sessions: filling, the laundry, what is left open, what runs by itself, and what is said in words. */
import { describe, expect, it } from 'vitest';
import { loadAllJobs } from '../../src/lib/server/pages/house/allJobs';
import { loadFill } from '../../src/lib/server/pages/session/loadFill';
import { loadLaundry } from '../../src/lib/server/pages/laundry/laundry';
import * as laundry from '../../src/lib/server/services/laundry/laundry';
import { leftOpenDone } from '../../src/lib/server/services/session/leftOpen';
import * as pails from '../../src/lib/server/pages/session/running';
import * as presses from '../../src/lib/server/services/session/press';
import { say } from '../../src/lib/server/pages/command/saying';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { judge } from '../../src/lib/server/services/ledger/entryActions';
import { start } from '../../src/lib/server/services/session/startSession';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { asideOf } from '../../src/lib/words/offer';
import { homeData, job, makeHome, step } from '../core/home';
import { asAda, asMember, form, newId, NOW, said, someHomes, type Fields } from './asking';

const { household, pool, setClock } = someHomes();
const later = (minutes: number) => new Date(Date.parse(NOW) + minutes * 60_000).toISOString();

const fill = (home: string, asked: Record<string, string>) =>
	loadFill(asAda(home), new URLSearchParams(asked));
const today = (home: string, me: string | null, more: { isDevice?: boolean; minutes?: number } = {}) =>
	loadToday({
		household: home,
		on: null,
		open: null,
		me,
		isDevice: more.isDevice ?? false,
		now: Date.parse(NOW) + (more.minutes ?? 0) * 60_000
	});
async function begin(home: string, fields: Fields = {}): Promise<string> {
	const id = newId();
	// A pail that has begun leads to its page.
	await start(asAda(home), form({ id, minutes: '20', member: 'ada', ...fields })).catch((to: unknown) => {
		if ((to as { location?: string }).location !== `/timer/${id}`) throw to;
	});
	return id;
}
const press = (home: string, id: string, fields: Fields) =>
	presses.event(asAda(home), id, form({ id: newId(), ...fields }));
const run = (home: string, id: string) => pails.loadRun(asAda(home), id, null);

describe('filling a pail', () => {
	it('for visitors nobody waits for another, whatever the household does otherwise', async () => {
		const home = await household();
		expect((await fill(home, { kind: 'visitors', with: 'ben' })).together).toBe('free');
		expect((await fill(home, { kind: 'visitors', with: 'ben', how: 'room' })).together).toBe('room');
	});
	it('says why a job hangs aside, and what was put in and does not fit', async () => {
		const home = await household();
		const view = await fill(home, { minutes: '5', in: 'toilet,rail' });
		expect(view.cannot.length).toBeGreaterThan(0);
		expect(view.cannot.join(' ')).toMatch(/does not fit into 5 minutes/);
		const aside = asideOf(view.plan, view.jobs, view.why);
		expect(aside.length).toBeGreaterThan(0);
		for (const one of aside)
			expect(one.why).toMatch(/longer than your time|matter more|order of things|does it along/);
		expect((await fill(home, { minutes: '30', in: 'ghost' })).cannot).toEqual([
			'A job that was put in is not in this home any more.'
		]);
	});
	it('takes the day as it comes: what Today calls next is in, the evening waits until it is asked for', async () => {
		const home = await household();
		setClock('2027-03-03T08:00:00Z');
		try {
			const now = Date.parse('2027-03-03T08:00:00Z');
			const { next } = await loadToday({
				household: home,
				on: null,
				open: null,
				me: 'ada',
				isDevice: false,
				now
			});
			const view = await fill(home, { minutes: '30', for: 'ada' });
			expect(view.plan.entries.map((entry) => entry.job)).toContain(next?.line);
			const ids = (one: typeof view) => one.input.jobs.map((job) => job.id);
			const evening = (id: string) => id.endsWith('/evening');
			expect(ids(view).some(evening)).toBe(false);
			expect(ids(await fill(home, { minutes: '30', for: 'ada', later: '1' })).some(evening)).toBe(true);
			expect(view.chance).toBeGreaterThanOrEqual(0.8);
		} finally {
			setClock(NOW);
		}
	});
	it('offers nothing that stands in a running pail, and offers again what was taken out of it', async () => {
		const home = await household();
		const id = await begin(home, { in: 'bench' });
		const has = async () => {
			const view = await fill(home, { minutes: '60', for: 'ben' });
			return view.input.jobs.some((job) => job.id === 'bench');
		};
		expect(await has()).toBe(false);
		await press(home, id, { kind: 'dropped', line: 'bench' });
		expect(await has()).toBe(true);
	});
	it('keeps the washing machine free of a second load while one is washed', async () => {
		const home = await household();
		const load = newId();
		await laundry.add(asAda(home), form({ id: load, kind: 'towels', dry: 'line' }));
		await laundry.tell(asAda(home), form({ id: newId(), load, stage: 'washing' }));
		expect((await fill(home, { minutes: '30' })).input.taken).toEqual([{ appliance: 'washer', until: 60 }]);
	});
	it.each([
		['0', 'at least 1 minute'],
		['9000', 'at most 600 minutes'],
		['soon', 'a number']
	])('refuses %s minutes in words', async (minutes, words) => {
		const home = await household();
		await expect(fill(home, { minutes })).rejects.toMatchObject({
			status: 400,
			body: { message: expect.stringContaining(words) }
		});
	});
});

describe('the laundry', () => {
	const add = (home: string, fields: Fields = {}) =>
		laundry.add(asAda(home), form({ id: newId(), kind: 'person', ...fields }));
	it('names a load after whose it is, where nothing else is said', async () => {
		const home = await household();
		expect(said(await add(home, { owner: 'ben' })).message).toBe('On the list to wash: Ben’s clothes.');
		expect(said(await add(home, { owner: 'zed', kind: 'bed' })).message).toBe(
			'On the list to wash: Bed linen.'
		);
		expect(said(await add(home, { name: '  Curtains ' })).message).toBe('On the list to wash: Curtains.');
		const { waiting, pile } = await loadLaundry(asAda(home));
		expect(waiting.map((one) => [one.name, one.degrees])).toEqual([
			['Ben’s clothes', 40],
			['Bed linen', 60],
			['Curtains', 40]
		]);
		// From a Wednesday on at one a day; the Sunday is free.
		expect(pile.map((row) => row.gone)).toEqual(['Fri 5', 'Thu 4', 'Wed 3']);
	});
	it('sent twice is one load, told twice one stage', async () => {
		const home = await household();
		const id = newId();
		for (let i = 0; i < 2; i++) await laundry.add(asAda(home), form({ id, kind: 'cloths', dry: 'machine' }));
		const event = newId();
		for (let i = 0; i < 2; i++)
			await laundry.tell(asAda(home), form({ id: event, load: id, stage: 'washing' }));
		const { going, waiting } = await loadLaundry(asAda(home));
		expect(waiting).toEqual([]);
		expect(going.map((one) => [one.stage, one.act, one.degrees])).toEqual([
			['washing', 'Put in the dryer', 60]
		]);
	});
	it('off the pile goes only what nobody has begun', async () => {
		const home = await household();
		const load = newId();
		await laundry.add(asAda(home), form({ id: load, kind: 'towels' }));
		await laundry.tell(asAda(home), form({ id: newId(), load, stage: 'collected' }));
		const refused = said(await laundry.drop(asAda(home), form({ load })));
		expect([refused.status, refused.message]).toEqual([409, expect.stringMatching(/under way/)]);
		await laundry.tell(asAda(home), form({ id: newId(), load, stage: 'undo' }));
		expect(said(await laundry.drop(asAda(home), form({ load }))).message).toBe(
			'It is removed from the list.'
		);
	});
	it('that is away stays away, whatever another phone still tells of it', async () => {
		const home = await household();
		const load = newId();
		await laundry.add(asAda(home), form({ id: load, kind: 'towels' }));
		const going = async () => (await loadLaundry(asAda(home))).going.map((one) => one.stage);
		for (const stage of ['away', 'folding'])
			await laundry.tell(asAda(home), form({ id: newId(), load, stage }));
		expect(await going()).toEqual([]);
		await laundry.tell(asAda(home), form({ id: newId(), load, stage: 'undo' }));
		expect((await loadLaundry(asAda(home))).waiting).toHaveLength(1);
	});
	it.each([
		[laundry.add, { kind: 'river' }, 400],
		[laundry.add, { id: 'mine', kind: 'towels' }, 400],
		[laundry.tell, { load: 'x', stage: 'washing' }, 400],
		[laundry.tell, { load: newId(), stage: 'flying' }, 400],
		[laundry.tell, { load: newId(), stage: 'washing' }, 404],
		[laundry.drop, { load: 'x' }, 400]
	] as const)('refuses in words what cannot be read (%#)', async (act, fields, status) => {
		const home = await household();
		const answer = said(await act(asAda(home), form({ id: newId(), ...(fields as unknown as Fields) })));
		expect(answer.status).toBe(status);
		expect(answer.message).toMatch(/^[A-Z].*\.$/);
		expect((await loadLaundry(asAda(home))).waiting).toEqual([]);
	});
});

describe('what runs by itself', () => {
	it('hangs on Today, for the one who hears its bell: the owner, else whoever looks after the home, and the wall', async () => {
		const home = await household();
		for (const [owner, name] of [
			['ben', 'Shirts'],
			['', 'Towels']
		] as const) {
			const load = newId();
			await laundry.add(asAda(home), form({ id: load, kind: 'person', name, owner, dry: 'machine' }));
			await laundry.tell(asAda(home), form({ id: newId(), load, stage: 'washing' }));
		}
		const heard = async (me: string | null, isDevice = false) =>
			(await today(home, me, { isDevice })).strings
				.filter((one) => one.heard)
				.map((one) => one.label)
				.sort();
		expect(await heard('ada')).toEqual(['Towels']);
		expect(await heard('ben')).toEqual(['Shirts']);
		expect(await heard(null, true)).toEqual(['Shirts', 'Towels']);
		const [string] = (await today(home, 'ada')).strings;
		expect(string).toMatchObject({ time: '11:40', room: 'Put in the dryer', rings: false, href: '/laundry' });
		// An hour after its wash a load is wet too long; the bell for it is at that very instant.
		const wet = (await today(home, 'ada', { minutes: 121 })).strings[0];
		expect(wet).toMatchObject({ rings: true, room: 'Put in the dryer, wet too long' });
		expect(wet?.hurryAt).toBe(Date.parse(NOW) + 120 * 60_000);
		const { going } = await loadLaundry(asMember(home, 'device', null));
		expect(going.every((one) => one.heard)).toBe(true);
	});
	it('of a running pail rings on the pages of the pail alone; set down, it rings here', async () => {
		const home = await household();
		const id = await begin(home, { in: 'toilet', minutes: '30' });
		const plan = (await run(home, id)).plan;
		const soak = plan.steps.findIndex((one) => one.wait !== null);
		await press(home, id, { kind: 'stepDone', step: String(soak) });
		const strings = async () => (await today(home, 'ada', { minutes: 1 })).strings;
		expect(await strings()).toMatchObject([{ label: 'Toilet cleaner', heard: false, trailing: false }]);
		await press(home, id, { kind: 'setDown' });
		expect(await strings()).toMatchObject([{ label: 'Toilet cleaner', heard: true, trailing: true }]);
		await press(home, id, { kind: 'fetched', step: String(soak) });
		expect(await strings()).toEqual([]);
	});
});

describe('a clearing that was left', () => {
	it('leaves a bag with its day, and boxes, until somebody says that they are gone', async () => {
		const home = await household();
		const id = await begin(home, { kind: 'clearing', spot: 'hall bench', room: 'porch', minutes: '15' });
		await press(home, id, { kind: 'counted', into: 'give' });
		await press(home, id, { kind: 'counted', into: 'put', room: 'loft', thing: 'kite' });
		await press(home, id, { kind: 'closing' });
		const { errands } = await run(home, id);
		// Catch-up is on Saturday, and errands with it.
		expect(errands[0]).toMatchObject({ date: '2027-03-06' });
		await press(home, id, {
			kind: 'bagPlaced',
			place: 'by the door',
			carrier: 'ben',
			leavesOn: errands[0]?.date ?? ''
		});
		await press(home, id, { kind: 'walked', room: 'loft', boxed: '1' });
		const { leftOpen } = await today(home, 'ada');
		expect(leftOpen.map((one) => [one.kind, one.name])).toEqual([
			['closing', 'Put away: hall bench'],
			['bag', 'Give-away bag, by the door'],
			['box', 'Box in the Loft']
		]);
		expect(leftOpen[1]?.words).toMatch(/^1 thing, leaves .*with Ben$/);
		expect(leftOpen[2]?.words).toContain('kite');
		for (const one of leftOpen.slice(1)) {
			const gone = () => leftOpenDone(home, form({ kind: one.kind, of: one.id }));
			expect(said(await leftOpenDone(await household(), form({ kind: one.kind, of: one.id }))).status).toBe(
				404
			);
			expect(said(await gone()).status).toBe(200);
		}
		expect((await today(home, 'ada')).leftOpen.map((one) => one.kind)).toEqual(['closing']);
		expect(said(await leftOpenDone(home, form({ kind: 'river', of: 'x' }))).status).toBe(400);
		await press(home, id, { kind: 'judged', clutter: 'nearly' });
		expect((await today(home, 'ada')).leftOpen).toEqual([]);
	});
});

describe('a paused session', () => {
	it('waits while another is begun, and goes on once that one is over or paused', async () => {
		const home = await household();
		const round = await begin(home, { minutes: '30' });
		// While it runs nothing else is begun.
		const id = newId();
		const start2 = () => start(asAda(home), form({ id, minutes: '10', member: 'ada' }));
		expect(said(await start2()).status).toBe(409);
		await press(home, round, { kind: 'paused' });
		expect((await fill(home, { minutes: '10' })).running).toBeNull();
		const basics = await begin(home, { minutes: '10' });
		expect((await run(home, basics)).plan.steps.length).toBeGreaterThan(0);
		const taken = new Set((await run(home, round)).plan.steps.map((step) => step.line));
		for (const step of (await run(home, basics)).plan.steps) expect(taken.has(step.line)).toBe(false);
		const refused = said(await press(home, round, { kind: 'resumed' }));
		expect([refused.status, refused.message]).toEqual([409, expect.stringContaining('Another session')]);
		await press(home, basics, { kind: 'setDown' });
		expect(said(await press(home, round, { kind: 'resumed' })).status).toBe(200);
	});
});

describe('a zone that is not decluttered', () => {
	it('has clearing as its sitting, in its own rooms, of a sitting’s length', async () => {
		const home = await household();
		expect((await fill(home, { kind: 'zone' })).kind).toBe('zone');
		await judge(asAda(home), form({ id: newId(), zone: 'front', clutter: 'not-yet' }));
		const view = await fill(home, { kind: 'zone' });
		expect([view.kind, view.minutes]).toEqual(['clearing', 15]);
		const own = (await loadHome(pool(), home))?.home.rooms.filter((room) => room.zone === 'front');
		expect(view.clearRooms.map((room) => room.id).sort()).toEqual(own?.map((room) => room.id).sort());
		// Any other spot can be chosen where it was not the zone that was asked for; the zone's rooms come first.
		const any = await fill(home, { kind: 'clearing' });
		expect(any.clearRooms.length).toBeGreaterThan(view.clearRooms.length);
		expect(own?.map((room) => room.id)).toContain(any.clearRooms[0]?.id);
	});
});

describe('a sitting of the zone', () => {
	it('tells what of the zone is for others, runs already, or is not for whoever sits', async () => {
		const data = homeData();
		const jobs = data.jobs as Record<string, unknown>[];
		const acid = [{ families: ['acid'] }];
		const home = await household(
			makeHome({
				zones: [
					{ id: 'front', name: 'Front', weave: 'stripe', list: ['rail', 'drain', 'door', 'rack'] },
					{ id: 'back', name: 'Back', weave: 'check', list: [] }
				],
				members: [
					{ id: 'ada', name: 'Ada', role: 'organiser', excludes: { families: ['acid'] } },
					{ id: 'ben', name: 'Ben', role: 'adult' }
				],
				jobs: [
					...jobs.map((one) =>
						one.id === 'rail' ? { ...one, who: { mode: 'fixed', members: ['ben'] } } : one
					),
					job('drain', {
						layer: 'zone',
						cadence: { type: 'zone' },
						missRule: 'carry',
						depths: { usual: { minutes: 5, steps: [step('Descale', 5, { products: acid })] } }
					})
				]
			})
		);
		const told = async (asked = {}) => (await fill(home, { kind: 'zone', ...asked })).elsewhere;
		expect(await told()).toEqual(['For Ben: rail.', 'Not for Ada: drain.']);
		// With Ben in it, all of it is for those in it.
		expect(await told({ with: 'ben' })).toEqual([]);
		await begin(home, { member: 'ben', in: 'rail', out: 'drain' });
		expect(await told()).toContain('In another session now: rail.');
		// Ten minutes of whatever is on are a choice, and leave everything else without a word.
		expect((await fill(home, { kind: 'bite' })).elsewhere).toEqual([]);
	});
});

describe('work in somebody’s own room', () => {
	it('is theirs on Today and in sessions, and no job of anybody else’s', async () => {
		const home = await household(
			makeHome({
				zones: [],
				rooms: [{ id: 'den', name: 'Den', kind: 'child', storey: 0, walkOrder: 1, owners: ['dee'] }],
				members: [
					{ id: 'ada', name: 'Ada', role: 'organiser' },
					{ id: 'dee', name: 'Dee', role: 'child', bornOn: '2013-01-01' }
				],
				jobs: [job('dust', { room: 'den', cadence: { type: 'daily' }, missRule: 'letgo' })]
			})
		);
		const row = (await today(home, 'ada')).parts.flatMap((part) => part.rows)[0];
		expect(row).toMatchObject({ name: 'dust', who: 'Dee' });
		const ada = await fill(home, { kind: 'bite' });
		expect(Object.keys(ada.jobs)).toEqual([]);
		const dee = await loadFill(asMember(home, 'child', 'dee'), new URLSearchParams({ kind: 'bite' }));
		expect(Object.keys(dee.jobs)).toEqual(['dust']);
		expect((await loadAllJobs(home)).jobs.map((one) => one.who)).toEqual(['Dee']);
	});
});

describe('a step', () => {
	it('says what it is done with, in the session and on the sheet of its job', async () => {
		const rest = (homeData().jobs as Record<string, unknown>[]).filter((one) => one.id !== 'bench');
		const steps = [
			step('Brush it', 2, { tools: ['brush'] }),
			step('Dry it', 3, { tools: ['Old towel', 'brush'] })
		];
		const home = await household(
			makeHome({
				cupboard: { tools: [{ id: 'brush', name: 'Stiff brush' }] },
				jobs: [
					job('bench', {
						needs: ['Old towel'],
						things: ['brush'],
						depths: { usual: { minutes: 5, steps } }
					}),
					...rest
				]
			})
		);
		const id = await begin(home, { in: 'bench' });
		const view = await run(home, id);
		const own = view.plan.steps.flatMap((one, i) => (one.job === 'bench' ? [view.tools[i]] : []));
		expect(own).toEqual([['Stiff brush'], ['Old towel', 'Stiff brush']]);
		const shown = await loadToday({
			household: home,
			on: null,
			open: 'bench',
			me: 'ada',
			isDevice: false,
			now: Date.parse(NOW)
		});
		expect(shown.sheet?.steps.map((one) => one.tools)).toEqual(own);
	});
});

describe('a device whose clock is wrong', () => {
	it('cannot bring a press into the future, nor before what happened since', async () => {
		const home = await household();
		const id = await begin(home, { minutes: '30' });
		setClock(later(10));
		try {
			// Its clock was put back by hours: what it says is "in the future".
			await press(home, id, { kind: 'paused', ago: '-7200000' });
			// Its clock was put forward by hours: what it says is long before the session began.
			await press(home, id, { kind: 'resumed', ago: String(5 * 3_600_000) });
			const { events } = await run(home, id);
			expect(events.map((one) => one.at - Date.parse(NOW))).toEqual([0, 600_000, 600_000]);
		} finally {
			setClock(NOW);
		}
	});
});

describe('a few words', () => {
	const words = async (home: string, text: string, who: Parameters<typeof say>[0] = asAda(home)) =>
		say(who, text);
	it('lead to a pail, a clearing, a tick, a cloth, a load, a list', async () => {
		const home = await household();
		expect(await words(home, '15 kitchen')).toMatchObject({
			says: 'Shows a session of 15 minutes in Kitchen, ready to start.',
			act: { kind: 'go', href: '/timer?minutes=15&for=ada&rooms=kitchen' }
		});
		expect((await words(home, 'clear bench')).act).toMatchObject({
			href: expect.stringContaining('kind=clearing')
		});
		expect(await words(home, 'done bench by ben 4 min')).toMatchObject({
			says: 'Writes down: bench done, by Ben, 4 min.',
			act: { kind: 'send', action: '/?/tick', values: { line: 'bench', by: 'ben', minutes: '4' } }
		});
		expect(await words(home, 'ben away till friday')).toMatchObject({
			act: {
				values: { scope: 'member', target: 'ben', from: '2027-03-03', to: '2027-03-05', reason: 'away' }
			}
		});
		expect(await words(home, 'what’s late')).toMatchObject({
			act: null,
			says: expect.stringMatching(/overdue/)
		});
		expect(await words(home, 'wash started')).toMatchObject({
			act: null,
			says: expect.stringContaining('No load is at that stage')
		});
		await laundry.add(asAda(home), form({ id: newId(), kind: 'towels' }));
		expect(await words(home, 'wash started')).toMatchObject({
			says: 'Towels is in the washing machine from now on.',
			act: { action: '/laundry?/tell', values: { stage: 'washing' } }
		});
	});
	it('mean one’s own home and oneself', async () => {
		const home = await household();
		const asBen = asMember(home, 'adult', 'ben');
		expect((await words(home, '10', asBen)).act).toMatchObject({ href: '/timer?minutes=10&for=ben' });
		expect((await words(home, 'done bench', asBen)).says).toContain('by Ben');
	});
	it('that mean nothing here get suggestions that do', async () => {
		const home = await household();
		const unknown = await words(home, 'mow the moon');
		expect(unknown).toMatchObject({ act: null, says: expect.stringContaining('not understood') });
		expect(unknown.suggestions.length).toBeGreaterThan(0);
		for (const suggestion of unknown.suggestions)
			expect((await words(home, suggestion)).says, suggestion).not.toContain('not understood');
		expect((await words(home, '')).says).toBe('Type a command.');
	});
});

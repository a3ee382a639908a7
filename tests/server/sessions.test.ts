/** Sessions of several people, caps, clearings and loads against the database; each query with another home's ids, too. */
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { SessionPlan } from '../../src/lib/core/session/sessionPlan';
import { minutesDoneBetween } from '../../src/lib/core/people/minutesDone';
import { readLoad } from '../../src/lib/core/laundry/laundry';
import { transaction } from '../../src/lib/server/db/pool';
import { bagLeft, boxGone, leftTheHouse, openBags, openBoxes } from '../../src/lib/server/repo/clearingRepo';
import { addLoad, dropLoad, loadOf, openLoads, tellLoad } from '../../src/lib/server/repo/laundryRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { loadSessionsAround } from '../../src/lib/server/repo/sessionRepo';
import { timingsOf } from '../../src/lib/server/repo/timingsOf';
import { day, testId } from '../core/entries';
import { session, step } from '../core/sessions';
import { at, beginSession, T0 } from './beginSession';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
let count = 0;
beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const on = () => db.pool as never;
const begin = (plan: SessionPlan) => beginSession(db, ++count, plan);

describe('a session of several people', () => {
	const plan = session(
		[
			step('bench', 0, 4),
			step('toilet', 0, 2, { who: 'ben', last: false }),
			step('toilet', 1, 4, { who: 'ben' })
		],
		20
	);
	it('is everybody’s who is in it: none of them is in a second one', async () => {
		const s = await begin(plan);
		const bens = session([step('bench', 0, 4, { who: 'ben' })], 10);
		expect(await s.start(testId(), bens)).toMatchObject({
			ok: false,
			refusal: { code: 'already-running', session: s.id, member: 'ben' }
		});
		await s.add('setDown', 5);
		expect(await s.start(testId(), bens)).toEqual({ ok: true });
	});
	it('writes each job in the name of whoever did it', async () => {
		const s = await begin(plan);
		await s.add('stepDone', 4, 0);
		await s.add('stepDone', 3, 1);
		await s.add('stepDone', 9, 2);
		expect(await s.ledger()).toMatchObject([
			{ job: 'bench', by: 'ada', minutes: 4 },
			{ job: 'toilet', by: 'ben' }
		]);
		expect((await s.load()).isOver).toBe(true);
	});
	it('counts the same tick from two phones at once, once', async () => {
		const s = await begin(plan);
		await Promise.all([s.add('stepDone', 4, 0), s.add('stepDone', 4, 0), s.add('stepDone', 4.1, 0)]);
		expect(await s.ledger()).toHaveLength(1);
	});
	it('a job that is put in is ticked like the others', async () => {
		const s = await begin(session([step('toilet', 0, 5)], 20));
		await s.add('added', 1, null, {
			line: 'bench',
			steps: [step('bench', 0, 3)],
			entry: { worth: 1, held: true, can: ['ada'] }
		});
		expect(await s.add('stepDone', 4, 1)).toEqual({ ok: true });
		expect(await s.ledger()).toMatchObject([{ job: 'bench', outcome: 'done' }]);
		expect(await s.add('stepDone', 5, 7)).toMatchObject({ ok: false, refusal: { code: 'step-unknown' } });
	});
	it('a job stopped at its cap is done, and its time is a lower bound', async () => {
		const s = await begin(
			session([step('bench', 0, 6, { last: false }), step('bench', 1, 4), step('toilet', 0, 4)], 60, {
				kind: 'round',
				cap: 10
			})
		);
		await s.add('stepDone', 6, 0);
		await s.add('capped', 10, 1);
		expect(await s.ledger()).toMatchObject([{ job: 'bench', outcome: 'done', cutOff: true, minutes: 10 }]);
		await s.add('stepUndone', 10.05, 1);
		expect((await s.ledger()).map((entry) => entry.outcome)).toEqual(['done', 'undo']);
		expect((await timingsOf(on(), s.household, ['bench'])).get('bench')).toEqual([
			{ minutes: 10, cut: true }
		]);
		expect((await timingsOf(on(), 'another', ['bench'])).size).toBe(0);
	});
	it('a kind of its own small jobs writes nothing for them', async () => {
		const s = await begin(
			session([step('~basket-porch', 0, 2), step('bench', 0, 2)], 30, { kind: 'visitors', fixedBell: true })
		);
		await s.add('stepDone', 2, 0);
		await s.add('stepDone', 4, 1);
		expect(await s.ledger()).toMatchObject([{ job: 'bench' }]);
	});
});

describe('a clearing', () => {
	const plan = session([], 15, {
		kind: 'clearing',
		steps: [],
		people: ['ada'],
		clearing: {
			spot: 'bench',
			room: 'porch',
			roomName: 'Porch',
			portion: 'all',
			zone: 'front',
			closingMinutes: 12
		}
	});
	async function sorted() {
		const s = await begin(plan);
		await s.add('counted', 1, null, { into: 'bin' });
		await s.add('counted', 2, null, { into: 'give' });
		await s.add('counted', 3, null, { into: 'give' });
		await s.add('counted', 4, null, { into: 'put', room: 'porch', thing: 'sock' });
		await s.add('closing', 15);
		return s;
	}
	it('stays open until it is put away, also after it was set down and on another day', async () => {
		const s = await sorted();
		expect((await s.load()).closing).toBe('open');
		await s.add('setDown', 16);
		const later = await loadSessionsAround(on(), s.household, day('2027-03-09'));
		expect(later.map((one) => [one.id, one.closing])).toEqual([[s.id, 'open']]);
		expect(await s.add('binOut', 60)).toEqual({ ok: true });
		expect(await s.add('stepDone', 61, 0)).toMatchObject({ ok: false });
	});
	it('is over once all is put away, and stands in the record with its minutes and its things', async () => {
		const s = await sorted();
		await s.add('binOut', 16);
		await s.add('bagPlaced', 17, null, { place: 'by the door', carrier: 'ada', leavesOn: '2027-03-06' });
		await s.add('walked', 18, null, { room: 'porch' });
		expect((await s.load()).isOver).toBe(false);
		await s.add('judged', 19, null, { clutter: 'nearly' });
		expect((await s.load()).isOver).toBe(true);
		const all = await s.ledger();
		expect(all.filter((entry) => entry.outcome === 'cleared')).toMatchObject([
			{ by: 'ada', room: 'porch', spot: 'bench', minutes: 19, binned: 1, given: 2, put: 1, session: s.id }
		]);
		const home = await loadHome(on(), s.household);
		if (!home) throw new Error('no home');
		const from = (await s.load()).date;
		expect(minutesDoneBetween(home, all, from, from).get('ada')?.minutes).toBe(19);
		// Pressed again, or ended by another phone: it stands there once.
		await s.add('setDown', 21);
		expect((await s.ledger()).filter((one) => one.outcome === 'cleared')).toHaveLength(1);
	});
	it('set down half way is in the record as well; one in which nothing was done is not', async () => {
		const s = await sorted();
		await s.add('setDown', 16);
		expect((await s.ledger()).filter((e) => e.outcome === 'cleared')).toMatchObject([
			{ minutes: 16, binned: 1 }
		]);
		const none = await begin(plan);
		await none.add('setDown', 0.1);
		expect(await none.ledger()).toEqual([]);
	});
	it('leaves a bag until it has left, a box beside a full place, and the zone’s judgement', async () => {
		const s = await sorted();
		await s.add('binOut', 16);
		await s.add('bagPlaced', 17, null, { place: 'in the hall', carrier: 'ben', leavesOn: '2027-03-06' });
		await s.add('bagPlaced', 18, null, { place: 'in the car', carrier: 'ben', leavesOn: '2027-03-06' });
		await s.add('walked', 19, null, { room: 'porch', boxed: true });
		expect((await s.load()).closing).toBe('open');
		await s.add('judged', 20, null, { clutter: 'nearly' });
		expect((await s.load()).closing).toBe('done');
		expect((await s.ledger()).filter((e) => e.outcome === 'judgement')).toMatchObject([
			{ outcome: 'judgement', zone: 'front', clutter: 'nearly' }
		]);
		const [bag] = await openBags(on(), s.household);
		expect(bag).toMatchObject({ things: 2, place: 'in the car', carrier: 'ben', leavesOn: '2027-03-06' });
		const [box] = await openBoxes(on(), s.household);
		expect(box).toMatchObject({ room: 'porch', things: 'sock' });
		expect(await leftTheHouse(on(), s.household, T0)).toEqual({ binned: 1, given: 0 });
		// Another home has none of it, and can move none of it.
		const other = await makeHousehold(db.pool, ++count);
		expect([await openBags(on(), other), await openBoxes(on(), other)]).toEqual([[], []]);
		expect(await transaction((c) => bagLeft(c, other, bag?.id ?? '', T0), db.pool)).toBe(false);
		expect(await transaction((c) => boxGone(c, other, box?.id ?? '', T0), db.pool)).toBe(false);
		expect(await transaction((c) => bagLeft(c, s.household, bag?.id ?? '', at(99)), db.pool)).toBe(true);
		expect(await transaction((c) => boxGone(c, s.household, box?.id ?? '', at(99)), db.pool)).toBe(true);
		expect([await openBags(on(), s.household), await openBoxes(on(), s.household)]).toEqual([[], []]);
		expect(await leftTheHouse(on(), s.household, T0)).toEqual({ binned: 1, given: 2 });
		expect(await leftTheHouse(on(), other, T0)).toEqual({ binned: 0, given: 0 });
	});
});

describe('loads of laundry', () => {
	const load = (id: string) => ({
		id,
		name: 'Towels',
		kind: 'towels' as const,
		owner: null,
		dry: 'line' as const,
		washMinutes: 60,
		dryMinutes: 90
	});
	it('are put on the pile once, told once, undone, and gone when they are away', async () => {
		const household = await makeHousehold(db.pool, ++count);
		const other = await makeHousehold(db.pool, ++count);
		const id = testId();
		for (let i = 0; i < 2; i++) await transaction((c) => addLoad(c, household, load(id), T0), db.pool);
		expect(await openLoads(on(), household)).toHaveLength(1);
		const press = testId();
		const tell = (
			stage: 'washing' | 'drying' | 'folding' | 'away' | 'undo',
			minute: number,
			home = household,
			eventId = testId()
		) =>
			transaction((c) => tellLoad(c, home, id, { id: eventId, stage, at: at(minute), by: 'ada' }), db.pool);
		expect(await tell('washing', 1, household, press)).toBe(true);
		await tell('washing', 1, household, press);
		const found = await loadOf(on(), household, id);
		expect(found?.events).toHaveLength(1);
		expect(found && readLoad(found, at(5))).toMatchObject({ stage: 'washing', fetchAt: at(61) });
		expect(await tell('drying', 62, other)).toBe(false);
		expect([await loadOf(on(), other, id), await openLoads(on(), other)]).toEqual([null, []]);
		expect(await transaction((c) => dropLoad(c, household, id), db.pool)).toBe(false);
		await tell('drying', 62);
		await tell('undo', 63);
		expect(readLoad((await loadOf(on(), household, id)) as never, at(64)).stage).toBe('washing');
		for (const stage of ['drying', 'folding', 'away'] as const) await tell(stage, 70);
		expect(await openLoads(on(), household)).toEqual([]);
		await tell('undo', 71);
		expect(await openLoads(on(), household)).toHaveLength(1);
	});
	it('that nobody has begun can be taken off the pile, by its own home', async () => {
		const household = await makeHousehold(db.pool, ++count);
		const other = await makeHousehold(db.pool, ++count);
		const id = testId();
		await transaction((c) => addLoad(c, household, load(id), T0), db.pool);
		expect(await transaction((c) => dropLoad(c, other, id), db.pool)).toBe(false);
		expect(await transaction((c) => dropLoad(c, household, id), db.pool)).toBe(true);
		expect(await openLoads(on(), household)).toEqual([]);
	});
});

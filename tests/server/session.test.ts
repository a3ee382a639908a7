import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { session as sessionOf, step as stepOf } from '../core/sessions';
import { readSession } from '../../src/lib/core/session/sessionState';
import type { PailStep } from '../../src/lib/core/session/fill';
import { transaction } from '../../src/lib/server/db/pool';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { loadSession, loadSessionsAround } from '../../src/lib/server/repo/sessionRepo';
import { addEvent, startSession } from '../../src/lib/server/services/session/addEvent';
import { day, testId } from '../core/entries';
import { at, beginSession, T0 } from './beginSession';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
let count = 50;
beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const step = (line: string, n: number, minutes: number, last: boolean): PailStep =>
	stepOf(line, n, minutes, { last, room: 'porch', roomName: 'Porch' });
const plan = sessionOf(
	[step('bench', 0, 4, true), step('toilet', 0, 2, false), step('toilet', 1, 4, true)],
	10
);
const begin = () => beginSession(db, ++count, plan);

describe('a session', () => {
	it('starts once, and a person has one at a time', async () => {
		const s = await begin();
		expect(await s.start()).toEqual({ ok: true });
		expect((await s.load()).events).toHaveLength(1);
		const second = await transaction(
			(c) => startSession(c, s.household, { id: testId(), member: 'ada', date: day('2027-03-03'), plan }, T0),
			db.pool
		);
		expect(second).toMatchObject({ ok: false, refusal: { code: 'already-running', session: s.id } });
	});

	it('writes a finished job in the ledger with the tick that finished it, and takes it back with the step', async () => {
		const s = await begin();
		await s.add('stepDone', 5, 0);
		expect(await s.ledger()).toMatchObject([
			{ outcome: 'done', job: 'bench', minutes: 5, by: 'ada', session: s.id }
		]);
		await s.add('stepUndone', 5.05, 0);
		expect((await s.ledger()).map((e) => e.outcome)).toEqual(['done', 'undo']);
		await s.add('stepDone', 6, 0);
		expect((await s.ledger()).map((e) => e.outcome)).toEqual(['done', 'undo', 'done']);
	});

	it('never runs back: a press that waited on a phone comes after what another did meanwhile', async () => {
		const s = await begin();
		await s.add('paused', 5);
		await s.add('stepDone', 2, 0);
		const { events } = await s.load();
		expect(events.map((event) => [event.kind, event.at])).toEqual([
			['started', T0],
			['paused', at(5)],
			['stepDone', at(5)]
		]);
		expect(readSession(plan, events, at(9)).worked).toBe(5 * 60_000);
	});

	it('counts the same press once, from one phone or from two', async () => {
		const s = await begin();
		const press = testId();
		await s.add('stepDone', 5, 0, {}, press);
		await s.add('stepDone', 6, 0, {}, press);
		await Promise.all([s.add('stepDone', 7, 0), s.add('stepDone', 7, 0)]);
		expect(await s.ledger()).toHaveLength(1);
		expect((await s.load()).events.filter((e) => e.kind === 'stepDone')).toHaveLength(1);
	});

	it('set down leaves what was begun partly done, with the minutes really worked', async () => {
		const s = await begin();
		await s.add('stepDone', 4, 0);
		await s.add('stepDone', 6, 1);
		await s.add('paused', 7);
		await s.add('resumed', 97);
		await s.add('setDown', 98);
		await s.add('setDown', 99);
		expect(await s.ledger()).toMatchObject([
			{ outcome: 'done', job: 'bench', minutes: 4 },
			{ outcome: 'part', job: 'toilet', minutes: 4, cutOff: true, share: 0.67 }
		]);
		expect((await s.load()).isOver).toBe(true);
		expect(await s.add('stepDone', 100, 2)).toMatchObject({ ok: false, refusal: { code: 'session-over' } });
	});

	it('is over with its last step, and that can be undone for a while', async () => {
		const s = await begin();
		for (const [i, minute] of [4, 6, 9].entries()) await s.add('stepDone', minute, i);
		expect((await s.load()).isOver).toBe(true);
		await s.add('stepUndone', 9.05, 2);
		expect((await s.load()).isOver).toBe(false);
		expect((await s.ledger()).map((e) => e.outcome)).toEqual(['done', 'done', 'undo']);
	});

	it('shows the same time left wherever and whenever it is read', async () => {
		const s = await begin();
		await s.add('fiveMore', 3);
		const session = await s.load();
		expect(readSession(session.plan, session.events, at(9)).left).toBe(6 * 60_000);
		const around = await loadSessionsAround(db.pool as never, s.household, day('2027-03-04'));
		expect(around.map((one) => one.id)).toEqual([s.id]);
	});

	it('refuses a step that is not there, and a session of another home', async () => {
		const s = await begin();
		expect(await s.add('stepDone', 1, 99)).toMatchObject({ ok: false, refusal: { code: 'step-unknown' } });
		const other = await makeHousehold(db.pool, ++count);
		expect(await loadSession(db.pool as never, other, s.id)).toBeNull();
		const foreign = await transaction(
			(c) => addEvent(c, other, s.id, { id: testId(), kind: 'setDown', at: T0, step: null }),
			db.pool
		);
		expect(foreign).toMatchObject({ ok: false, refusal: { code: 'session-unknown' } });
	});

	it('goes on where a job is gone meanwhile, and writes nothing for it', async () => {
		const household = await makeHousehold(db.pool, ++count);
		const id = testId();
		const ghost = sessionOf([step('ghost', 0, 2, true), step('bench', 0, 2, true)], 5);
		await transaction(
			(c) => startSession(c, household, { id, member: 'ada', date: day('2027-03-03'), plan: ghost }, T0),
			db.pool
		);
		for (const i of [0, 1]) {
			expect(
				await transaction(
					(c) => addEvent(c, household, id, { id: testId(), kind: 'stepDone', at: at(2 + i), step: i }),
					db.pool
				)
			).toEqual({ ok: true });
		}
		expect(
			(await allEntries(db.pool as never, household)).map((s) => ('job' in s.entry ? s.entry.job : ''))
		).toEqual(['bench']);
	});
});

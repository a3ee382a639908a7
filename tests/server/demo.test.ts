import { writeFileSync, mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { householdTime } from '../../src/lib/core/calendar/instant';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { agendaOf } from '../../src/lib/core/schedule/agenda';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { migrate } from '../../src/lib/server/db/migrate';
import { loadDemo } from '../../src/lib/server/demo/loadDemo';
import { makeLedger } from '../../src/lib/server/demo/makeLedger';
import { firstHousehold } from '../../src/lib/server/repo/householdRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { loadProjection } from '../../src/lib/server/repo/projectionRepo';
import { day } from '../core/entries';
import { demoHome, homeData } from '../core/home';
import { makeDatabase, type TestDatabase } from './database';

const DEMO = 'demo/station-house.json';
let db: TestDatabase;
beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const empty = async () => {
	for (const table of [
		'session_event',
		'session',
		'standing',
		'laundry_load',
		'supply',
		'zone_standing',
		'ledger',
		'job',
		'member',
		'room',
		'zone',
		'home_revision',
		'household'
	]) {
		await db.pool.query(`DELETE FROM ${table}`);
	}
};

describe('the demo home', () => {
	it.each([
		['a Wednesday', '2027-03-03T10:40:00Z'],
		['a Monday in winter', '2026-11-23T09:10:00Z'],
		['a Saturday', '2027-03-06T11:00:00Z'],
		['a Sunday evening', '2027-07-04T19:00:00Z']
	])('on %s has something done, open, late and waiting', async (_, start) => {
		await empty();
		const now = Date.parse(start);
		expect(await loadDemo(DEMO, now, db.pool)).toBe(true);
		const household = await firstHousehold(db.pool as never);
		const home = household && (await loadHome(db.pool as never, household));
		if (!home) throw new Error('no home');
		const { date } = householdTime(now, home.home.household);
		const projection = await loadProjection(db.pool as never, household);
		const read = readDay(home, projection, date);
		const has = (state: string) => read.lines.filter((l) => l.state === state).length;
		expect({
			done: has('done') > 0,
			open: has('open') > 0,
			late: has('late') > 0,
			waiting: has('waiting') > 0,
			due: has('due') > 0
		}).toEqual({
			done: true,
			open: true,
			late: true,
			waiting: true,
			due: true
		});
		expect(agendaOf(home, projection, read, 'morning', 120).minutesLeft).toBeGreaterThan(10);
	});

	it('is loaded once: a second start leaves everything as it is', async () => {
		expect(await loadDemo(DEMO, Date.now(), db.pool)).toBe(false);
	});

	it('has the same eight weeks for the same start, all of them believable', () => {
		const home = prepareHome([{ from: day('2027-01-04'), home: demoHome() }]);
		const one = makeLedger(home, day('2027-03-03'), 640, 1901);
		expect(makeLedger(home, day('2027-03-03'), 640, 1901)).toEqual(one);
		expect(one.length).toBeGreaterThan(700);
		expect(new Set(one.map((m) => m.entry.id)).size).toBe(one.length);
		for (const { entry } of one) expect(entry.date).toBeLessThanOrEqual(day('2027-03-03'));
	});

	it('that cannot be read says where and what to do, and writes nothing', async () => {
		await empty();
		const dir = mkdtempSync(join(tmpdir(), 'pail-'));
		const file = (name: string, text: string) => {
			const path = join(dir, name);
			writeFileSync(path, text);
			return path;
		};
		const broken = file('cut.json', '{"format": ');
		await expect(loadDemo(broken, Date.now(), db.pool)).rejects.toThrow(
			/cannot be read as JSON.*put the original back/s
		);
		const odd = file('odd.json', JSON.stringify({ ...homeData(), extra: 1 }));
		await expect(loadDemo(odd, Date.now(), db.pool)).rejects.toThrow(/Unknown field "extra"/);
		expect(await firstHousehold(db.pool as never)).toBeNull();
	});
});

describe('migrations', () => {
	it('apply once, and refuse a file that was changed afterwards', async () => {
		expect(await migrate(db.url, 'db/migrations')).toEqual([]);
		const dir = mkdtempSync(join(tmpdir(), 'pail-'));
		writeFileSync(join(dir, '0001-home-and-ledger.sql'), 'SELECT 1;');
		await expect(migrate(db.url, dir)).rejects.toThrow(/was changed after it was applied/);
	});
});

import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { run } from '../../scripts/lib/run.mjs';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { recordEntries } from '../../src/lib/server/services/ledger/recordEntries';
import { day, done, entry } from '../core/entries';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

let db: TestDatabase;
const dir = mkdtempSync(join(tmpdir(), 'pail-backup-'));
beforeAll(async () => {
	db = await makeDatabase();
});
afterAll(() => db?.drop());

const script = (name: string, ...args: string[]) =>
	run(process.execPath, [`scripts/${name}.mjs`, ...args], {
		capture: true,
		env: { ...process.env, DATABASE_URL: db.url }
	});

const TABLES = [
	'household',
	'home_revision',
	'zone',
	'room',
	'member',
	'job',
	'ledger',
	'standing',
	'zone_standing',
	'session',
	'session_event',
	'migration'
];

async function everything(): Promise<unknown> {
	const all: Record<string, unknown> = {};
	for (const table of TABLES) {
		const [rows] = await db.pool.query(`SELECT * FROM ${table}`);
		all[table] = (rows as unknown[]).map((row) => JSON.stringify(row)).sort();
	}
	return all;
}

describe('backup and restore', () => {
	it('bring back everything, to the letter', async () => {
		const household = await makeHousehold(db.pool, 900);
		const record = (...entries: Parameters<typeof recordEntries>[2][number][]) =>
			inHousehold(household, (c) => recordEntries(c, household, entries, day('2027-03-03'), 5), db.pool);
		await record(
			done('bench', '2027-03-03', { minutes: 4.5 }),
			entry({
				outcome: 'pause',
				date: '2027-03-03',
				scope: 'room',
				target: 'loft',
				from: '2027-03-04',
				to: '2027-03-05',
				reason: 'other',
				note: "Łódź “q” 🎨 \\ ' ;"
			})
		);
		const before = await everything();
		const file = join(dir, 'kept.sql.gz');
		expect((await script('backup', file)).code).toBe(0);
		await record(done('toilet', '2027-03-03'));
		await db.pool.query('DELETE FROM standing');
		expect(await everything()).not.toEqual(before);
		const restored = await script('restore', file);
		expect(restored.output).toContain('Everything is back');
		expect(await everything()).toEqual(before);
	});

	it('refuse what is no whole backup, and change nothing', async () => {
		const before = await everything();
		const odd = join(dir, 'odd.sql.gz');
		writeFileSync(odd, 'not a backup');
		const refused = await script('restore', odd);
		expect(refused.code).toBe(1);
		expect(refused.output).toMatch(/nothing was changed/);
		expect((await script('restore', join(dir, 'missing.gz'))).output).toMatch(/Say which backup/);
		expect(await everything()).toEqual(before);
	});
});

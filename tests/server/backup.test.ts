import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { gunzipSync, gzipSync } from 'node:zlib';
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

const script = (name: string, args: string[], env: Record<string, string> = {}) =>
	run(process.execPath, [`scripts/${name}.mjs`, ...args], {
		capture: true,
		env: { ...process.env, DATABASE_URL: db.url, ...env }
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

async function countOf(household: string): Promise<number> {
	const [rows] = await db.pool.query('SELECT changes FROM household WHERE id = ?', [household]);
	return Number((rows as { changes: number }[])[0]?.changes);
}

async function everything(): Promise<unknown> {
	const all: Record<string, unknown> = {};
	for (const table of TABLES) {
		const [rows] = await db.pool.query(`SELECT * FROM ${table}`);
		// The count of a home's changes goes on at a restore, so that nobody takes it for what it was.
		all[table] = (rows as object[]).map((row) => JSON.stringify({ ...row, changes: undefined })).sort();
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
		expect((await script('backup', [file])).code).toBe(0);
		await record(done('toilet', '2027-03-03'));
		await db.pool.query('DELETE FROM standing');
		expect(await everything()).not.toEqual(before);
		const counted = await countOf(household);
		const restored = await script('restore', [file]);
		expect(restored.output).toContain('Everything is back');
		expect(await everything()).toEqual(before);
		expect(await countOf(household)).toBeGreaterThan(counted);
	});

	it('refuse what is no whole backup, and change nothing', async () => {
		const before = await everything();
		const odd = join(dir, 'odd.sql.gz');
		writeFileSync(odd, 'not a backup');
		const refused = await script('restore', [odd]);
		expect(refused.code).toBe(1);
		expect(refused.output).toMatch(/nothing was changed/);
		expect((await script('restore', [join(dir, 'missing.gz')])).output).toMatch(/Say which backup/);
		expect(await everything()).toEqual(before);
	});
});

describe('a backup of another time', () => {
	const gz = (name: string, text: string) => {
		const file = join(dir, name);
		writeFileSync(file, gzipSync(text));
		return file;
	};
	const plain = (file: string) => gunzipSync(readFileSync(file)).toString();

	it('ends the ways in that it holds', async () => {
		const household = await makeHousehold(db.pool, 901);
		await db.pool.query(
			"INSERT INTO sign_in (id, token_hash, household_id, member_id, how, agent, made_at, seen_at, expires_at) VALUES (UUID(), REPEAT('a', 64), ?, 'ben', 'join', '', 1, 1, 9e15)",
			[household]
		);
		await db.pool.query(
			"INSERT INTO invitation (household_id, id, member_id, code_hash, made_at, expires_at) VALUES (?, UUID(), 'ben', REPEAT('b', 64), 1, 9e15)",
			[household]
		);
		const file = join(dir, 'ways.sql.gz');
		expect((await script('backup', [file])).code).toBe(0);
		await db.pool.query('UPDATE sign_in SET ended_at = 2');
		expect((await script('restore', [file])).code).toBe(0);
		const [open] = await db.pool.query(
			'SELECT (SELECT COUNT(*) FROM sign_in WHERE ended_at IS NULL) + (SELECT COUNT(*) FROM invitation WHERE used_at IS NULL) AS n'
		);
		expect((open as { n: number }[])[0]?.n).toBe(0);
	});

	it('that is older is brought up to date, one that is newer is refused', async () => {
		const old = await makeDatabase(4);
		await old.pool.query(
			"INSERT INTO household (id, name, revision, created_at) VALUES ('01900000-0000-7000-9000-000000000777', 'Older', 0, 5)"
		);
		const file = join(dir, 'older.sql.gz');
		expect((await script('backup', [file], { DATABASE_URL: old.url })).code).toBe(0);
		await old.drop();
		const keep = join(dir, 'now.sql.gz');
		await script('backup', [keep]);
		const restored = await script('restore', [file]);
		expect(restored.output).toContain('Everything is back');
		const [rows] = await db.pool.query('SELECT name, deleted_at FROM household');
		expect(rows).toEqual([{ name: 'Older', deleted_at: null }]);
		await script('restore', [keep]);

		const before = await everything();
		const newer = gz(
			'newer.sql.gz',
			plain(keep).replace(/newest migration: .*/, 'newest migration: 9999-later.sql')
		);
		const refused = await script('restore', [newer]);
		expect(refused.code).toBe(1);
		expect(refused.output).toMatch(/newer version of Pail Round \(9999-later.sql\), so nothing was changed/);
		expect(await everything()).toEqual(before);
	}, 60_000);

	it('that fails half-way leaves what was there', async () => {
		const keep = join(dir, 'whole.sql.gz');
		await script('backup', [keep]);
		const before = await everything();
		const broken = gz(
			'broken.sql.gz',
			plain(keep).replace(/INSERT INTO `ledger`/, 'INSERT INTO `no_such_table`')
		);
		const failed = await script('restore', [broken]);
		expect(failed.code).toBe(1);
		expect(failed.output).toMatch(/nothing was changed/);
		expect(await everything()).toEqual(before);
	}, 60_000);

	it('that is encrypted says nothing to others, and opens with its passphrase alone', async () => {
		const before = await everything();
		const file = join(dir, 'sealed.sql.gz.age');
		const secret = { PAIL_BACKUP_PASSPHRASE: 'nine wet mops on a line', PAIL_BACKUP_WORK_FACTOR: '10' };
		expect((await script('backup', [file, '--encrypt'], secret)).code).toBe(0);
		expect(readFileSync(file).includes(Buffer.from('Pail Round backup'))).toBe(false);
		const wrong = await script('restore', [file], { PAIL_BACKUP_PASSPHRASE: 'another passphrase' });
		expect([wrong.code, wrong.output]).toEqual([1, expect.stringMatching(/does not open this backup/)]);
		expect((await script('restore', [file], secret)).output).toContain('Everything is back');
		expect(await everything()).toEqual(before);
	}, 60_000);
});

/** A database of its own for each test file, on the server that DATABASE_URL names. */
import { randomBytes } from 'node:crypto';
import { cpSync, mkdtempSync, readdirSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createConnection, type Pool } from 'mysql2/promise';
import { migrate } from '../../src/lib/server/db/migrate';
import { openPool } from '../../src/lib/server/db/pool';
import { createHousehold } from '../../src/lib/server/repo/homeRows';
import { rebuildProjection } from '../../src/lib/server/repo/projectionRepo';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { day } from '../core/entries';
import { makeHome } from '../core/home';

const DIR = 'db/migrations';

/** A folder with the oldest migrations. */
export function firstOf(count: number): string {
	const dir = mkdtempSync(join(tmpdir(), 'pail-migrations-'));
	for (const name of readdirSync(DIR).sort().slice(0, count)) cpSync(join(DIR, name), join(dir, name));
	return dir;
}

export interface TestDatabase {
	readonly url: string;
	readonly pool: Pool;
	drop(): Promise<void>;
}

/** A database with all its tables; or with those of so many migrations alone, as they were once. */
export async function makeDatabase(migrations?: number): Promise<TestDatabase> {
	const server = process.env.DATABASE_URL;
	if (!server) throw new Error('The store tests need DATABASE_URL; run them with `npm test`.');
	const name = `pail_test_${randomBytes(5).toString('hex')}`;
	const admin = await createConnection(server);
	await admin.query(`CREATE DATABASE ${name}`);
	const url = new URL(server);
	url.pathname = `/${name}`;
	await migrate(url.href, migrations === undefined ? DIR : firstOf(migrations));
	const pool = openPool(url.href);
	return {
		url: url.href,
		pool,
		async drop() {
			await pool.end();
			await admin.query(`DROP DATABASE ${name}`);
			await admin.end();
		}
	};
}

/** Test files share a process, and what it keeps of a home by its id: no two databases have the same ids. */
const idsOf = new WeakMap<Pool, string>();

/** A household with the small test home; returns its id. */
export async function makeHousehold(pool: Pool, n = 1, home = makeHome()): Promise<string> {
	const ids = idsOf.get(pool) ?? randomBytes(4).toString('hex');
	idsOf.set(pool, ids);
	const id = `${ids}-0000-7000-9000-${String(n).padStart(12, '0')}`;
	const connection = await pool.getConnection();
	try {
		await createHousehold(connection, id, home, day('2027-01-04'), 1);
		await rebuildProjection(connection, id, prepareHome([{ from: day('2027-01-04'), home }]));
	} finally {
		connection.release();
	}
	return id;
}

/** The ids of all homes of a database. */
export async function allHomes(pool: Pool): Promise<string[]> {
	const [rows] = await pool.query('SELECT id FROM household');
	return (rows as { id: string }[]).map((row) => row.id);
}

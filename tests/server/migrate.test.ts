/** Migrations: whatever cuts a start off, the next one goes on with it, and nothing is lost. */
import { fork } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createConnection, type Connection } from 'mysql2/promise';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { migrate, migrationsIn, pendingMigrations } from '../../src/lib/server/db/migrate';
import { firstOf } from './database';
import { repeatable, statementsOf } from '../../src/lib/server/db/statements';

const DIR = 'db/migrations';
let admin: Connection;
const made: string[] = [];
beforeAll(async () => {
	admin = await createConnection(process.env.DATABASE_URL as string);
});
afterAll(async () => {
	for (const name of made) await admin.query(`DROP DATABASE IF EXISTS ${name}`);
	await admin.end();
});

async function emptyDatabase(): Promise<string> {
	const name = `pail_migrate_${randomBytes(5).toString('hex')}`;
	await admin.query(`CREATE DATABASE ${name}`);
	made.push(name);
	const url = new URL(process.env.DATABASE_URL as string);
	url.pathname = `/${name}`;
	return url.href;
}

/** The tables as they are, without what differs by the instant. */
async function schemaOf(url: string): Promise<string> {
	const connection = await createConnection(url);
	const [tables] = await connection.query('SHOW TABLES');
	const shown: string[] = [];
	for (const row of tables as Record<string, string>[]) {
		const [create] = await connection.query(`SHOW CREATE TABLE ${Object.values(row)[0]}`);
		shown.push(
			(create as { 'Create Table': string }[])[0]?.['Create Table'].replace(/ AUTO_INCREMENT=\d+/, '') ?? ''
		);
	}
	await connection.end();
	return shown.join('\n\n');
}

class Killed extends Error {}

/** Starts again and again, killed one phase of one step later each time, until a start comes to its end. */
async function killedAtEveryStep(url: string): Promise<number> {
	for (let kills = 0; ; kills++) {
		let at = 0;
		try {
			await migrate(url, DIR, {
				leaseMs: 30,
				onStep: () => {
					// Before the step, after it but before its record, and after the record: then the next one.
					if (at++ === kills % 3) throw new Killed();
				}
			});
			return kills;
		} catch (error) {
			if (!(error instanceof Killed)) throw error;
		}
	}
}

describe('migrations', () => {
	it('are parted into their statements, whatever stands in them', () => {
		expect(
			statementsOf(
				"-- a; b\nCREATE TABLE a (b VARCHAR(9) DEFAULT 'x;''y');\n\nUPDATE a SET b = \"\\\";\" ; # c;\n"
			)
		).toEqual(["CREATE TABLE a (b VARCHAR(9) DEFAULT 'x;''y')", 'UPDATE a SET b = "\\";"']);
	});

	it('each do nothing when they are run a second time', async () => {
		const url = await emptyDatabase();
		await migrate(url, DIR);
		const before = await schemaOf(url);
		const connection = await createConnection(url);
		for (const { statements } of migrationsIn(DIR))
			for (const statement of statements) await connection.query(repeatable(statement));
		await connection.end();
		expect(await schemaOf(url)).toBe(before);
	});

	it('killed at every step boundary and within, a first start comes up whole', async () => {
		const whole = await emptyDatabase();
		await migrate(whole, DIR);
		const url = await emptyDatabase();
		const kills = await killedAtEveryStep(url);
		const steps = migrationsIn(DIR).reduce((sum, one) => sum + one.statements.length, 0);
		expect(kills).toBeGreaterThanOrEqual(3 * steps);
		expect(await schemaOf(url)).toBe(await schemaOf(whole));
		expect(await pendingMigrations(url, DIR)).toEqual([]);
	}, 120_000);

	it.each([1, 2, 3, 4])(
		'killed at every step, an upgrade from the %d oldest loses nothing',
		async (count) => {
			const url = await emptyDatabase();
			await migrate(url, firstOf(count));
			const connection = await createConnection(url);
			await connection.query(
				"INSERT INTO household (id, name, revision, created_at) VALUES ('01900000-0000-7000-9000-000000000001', 'Old', 0, 5)"
			);
			let told: [string, readonly string[]] | null = null;
			await expect(
				migrate(url, DIR, {
					leaseMs: 30,
					beforeUpgrade: async (...what) => {
						told = what;
						throw new Killed();
					}
				})
			).rejects.toBeInstanceOf(Killed);
			expect(told?.[1]).toEqual(readdirSync(DIR).sort().slice(count));
			await killedAtEveryStep(url);
			const [rows] = await connection.query('SELECT name FROM household');
			expect(rows).toEqual([{ name: 'Old' }]);
			await connection.end();
			const whole = await emptyDatabase();
			await migrate(whole, DIR);
			const columns = (text: string) =>
				text
					.split('\n')
					.map((line) => line.trim().replace(/,$/, ''))
					.sort();
			expect(columns(await schemaOf(url))).toEqual(columns(await schemaOf(whole)));
		},
		120_000
	);

	it('cut off by the program before, with half of a file carried out, are gone on with', async () => {
		const url = await emptyDatabase();
		await migrate(url, firstOf(2));
		const connection = await createConnection(url);
		const { statements } = migrationsIn(DIR)[2] as { statements: readonly string[] };
		for (const statement of statements.slice(0, 7)) await connection.query(statement);
		await connection.query('DROP TABLE migration_step');
		await connection.end();
		expect(await migrate(url, DIR)).toEqual(readdirSync(DIR).sort().slice(2));
	});

	it('are carried out by one of several that start together, killed processes included', async () => {
		const url = await emptyDatabase();
		const child = (kill: boolean) =>
			new Promise<number>((done) => {
				const process = fork('tests/server/migrateChild.ts', [url, kill ? 'kill' : ''], {
					execArgv: ['--import', 'tsx'],
					stdio: 'ignore'
				});
				process.once('exit', (code) => done(code ?? -1));
			});
		const codes = await Promise.all([child(true), child(false), child(false)]);
		expect(codes.slice(1)).toEqual([0, 0]);
		expect(await pendingMigrations(url, DIR)).toEqual([]);
		const connection = await createConnection(url);
		const [rows] = await connection.query('SELECT COUNT(*) AS n FROM migration_step');
		const steps = migrationsIn(DIR).reduce((sum, one) => sum + one.statements.length, 0);
		expect((rows as { n: number }[])[0]?.n).toBe(steps);
		await connection.end();
	}, 60_000);

	it('refuse a file that was changed after it was applied, and a database that is newer', async () => {
		const url = await emptyDatabase();
		const dir = firstOf(2);
		await migrate(url, dir);
		const first = join(dir, readdirSync(dir).sort()[0] as string);
		writeFileSync(first, `${readFileSync(first, 'utf8')}\n-- later`);
		await expect(migrate(url, dir)).rejects.toThrow(/was changed after it was applied/);
		await migrate(url, DIR);
		await expect(migrate(url, firstOf(2))).rejects.toThrow(/made by a newer version/);
	});
});

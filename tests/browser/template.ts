/** Databases for the browser tests: prepared once a run as the app prepares its own, then copied for each stack. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { createConnection, type Connection, type RowDataPacket } from 'mysql2/promise';
import { run } from '../../scripts/lib/run.mjs';

const on = (server: string, database: string): URL => {
	const url = new URL(server);
	url.pathname = `/${database}`;
	return url;
};

async function tablesOf(admin: Connection, database: string): Promise<string[]> {
	const [rows] = await admin.query<RowDataPacket[]>(
		'SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ?',
		[database]
	);
	return rows.map((row) => row.name as string);
}

/** The database that others are copied from, made by the first that asks in this run. */
async function template(admin: Connection, server: string, at: string, demo: boolean): Promise<string> {
	const name = `pail_template_${process.env.PAIL_TEST_RUN}_${demo ? 'demo' : 'empty'}_${Date.parse(at)}`;
	await admin.query('SELECT GET_LOCK(?, 120)', [name]);
	try {
		if ((await tablesOf(admin, name)).length > 0) return name;
		await admin.query(`CREATE DATABASE ${name}`);
		const dir = join(process.env.PAIL_TEST_DIR ?? '.pail/browser', name);
		mkdirSync(dir, { recursive: true });
		const clockFile = join(dir, 'clock');
		writeFileSync(clockFile, at);
		const prepared = await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts'], {
			capture: true,
			env: {
				...process.env,
				DATABASE_URL: on(server, name).href,
				PAIL_CLOCK: clockFile,
				...(demo ? {} : { PAIL_DEMO: 'no' })
			}
		});
		if (prepared.code !== 0) throw new Error(prepared.output);
		return name;
	} finally {
		await admin.query('SELECT RELEASE_LOCK(?)', [name]);
	}
}

/** A database of its own, as `npm start` leaves it on its first day, and a connection that may drop it. */
export async function copyOfHome(
	name: string,
	at: string,
	demo: boolean
): Promise<{ admin: Connection; url: URL }> {
	const server = process.env.DATABASE_URL;
	if (!server) throw new Error('The browser tests need DATABASE_URL; run them with `npm test`.');
	const admin = await createConnection(server);
	const from = await template(admin, server, at, demo);
	await admin.query(`CREATE DATABASE ${name}`);
	const copier = await createConnection(on(server, name).href);
	await copier.query('SET foreign_key_checks = 0');
	for (const table of await tablesOf(admin, from)) {
		const [[made]] = (await admin.query(`SHOW CREATE TABLE ${from}.\`${table}\``)) as unknown as [
			[{ 'Create Table': string }]
		];
		await copier.query(made['Create Table']);
		await copier.query(`INSERT INTO \`${table}\` SELECT * FROM ${from}.\`${table}\``);
	}
	await copier.end();
	return { admin, url: on(server, name) };
}

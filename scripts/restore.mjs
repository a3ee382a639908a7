/**
 * `npm run restore -- FILE`: brings everything back from a backup. It is made whole and brought up to date in a
 * database beside, and only then takes the place of what is there, which is backed up first.
 */
import { spawn } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { checkBackup, isEncrypted, makeBackup, openBackup, passphrase, stampNow } from './lib/backups.mjs';
import { clientArguments, withDatabase } from './lib/client.mjs';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { run } from './lib/run.mjs';
import { dataDir } from './lib/state.mjs';
import { fail, Missing, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));

/** Loads a backup into an empty database. */
async function load(client, url, name, sql) {
	const { args, env } = clientArguments(url);
	const child = spawn(client, [...args, name], { stdio: ['pipe', 'inherit', 'pipe'], env });
	let said = '';
	child.stderr.on('data', (data) => (said = (said + data).slice(-2000)));
	const ended = new Promise((done) => child.on('close', done));
	child.stdin.write('SET FOREIGN_KEY_CHECKS = 0;\n');
	await pipeline(sql, child.stdin).catch(() => undefined);
	if ((await ended) !== 0)
		throw new Missing(`The backup could not be brought back, and nothing was changed.\n${said.trim()}`);
}

/** What the backup holds of ways in is ended: who was let in or put out since it was made is not known by it. */
const WAYS_IN = [
	'UPDATE sign_in SET ended_at = ? WHERE ended_at IS NULL',
	'UPDATE invitation SET used_at = ? WHERE used_at IS NULL',
	'UPDATE password_reset SET used_at = ? WHERE used_at IS NULL',
	// Whoever remembers a home by the count of its changes reads it anew.
	'UPDATE household SET changes = changes + 1000000 + FLOOR(RAND() * 1000000000) WHERE ? > 0',
	'UPDATE device SET key_hash = NULL, revoked_at = COALESCE(revoked_at, ?) WHERE key_hash IS NOT NULL'
];

const tablesOf = async (connection, name) => {
	const [rows] = await connection.query(
		"SELECT table_name AS name FROM information_schema.tables WHERE table_schema = ? AND table_type = 'BASE TABLE'",
		[name]
	);
	return rows.map((row) => row.name);
};

/** One statement moves all tables: those that are there aside, those of the backup in their place. */
async function swap(connection, name, beside, aside) {
	await connection.query(`CREATE DATABASE \`${aside}\``);
	const moves = [
		...(await tablesOf(connection, name)).map((table) => [name, table, aside]),
		...(await tablesOf(connection, beside)).map((table) => [beside, table, name])
	];
	await connection.query('SET FOREIGN_KEY_CHECKS = 0');
	await connection.query(
		`RENAME TABLE ${moves.map(([from, table, to]) => `\`${from}\`.\`${table}\` TO \`${to}\`.\`${table}\``).join(', ')}`
	);
}

async function restore(url, client, file, secret) {
	const kept = join(dataDir(), 'backups', `before-restore-${stampNow()}.sql.gz`);
	await makeBackup(url, kept);
	tell(`What was there before is kept in ${kept}`);
	const name = url.pathname.slice(1);
	const mark = randomBytes(4).toString('hex');
	const [beside, aside] = [`${name}_restore_${mark}`, `${name}_before_${mark}`];
	const { createConnection } = await import('mysql2/promise');
	const connection = await createConnection(url.href);
	try {
		await connection.query(`CREATE DATABASE \`${beside}\` CHARACTER SET utf8mb4 COLLATE utf8mb4_unicode_ci`);
		await load(client, url, beside, await openBackup(file, secret));
		const other = new URL(url.href);
		other.pathname = `/${beside}`;
		const { code, output } = await run(process.execPath, ['--import', 'tsx', 'scripts/migrate.ts'], {
			capture: true,
			env: { ...process.env, DATABASE_URL: other.href }
		});
		if (code !== 0)
			throw new Missing(
				`The backup could not be brought up to date, and nothing was changed.\n${output.trim()}`
			);
		const restored = await createConnection(other.href);
		for (const statement of WAYS_IN) await restored.query(statement, [Date.now()]);
		await restored.end();
		await swap(connection, name, beside, aside);
	} finally {
		await connection.query(`DROP DATABASE IF EXISTS \`${beside}\``).catch(() => undefined);
		await connection.query(`DROP DATABASE IF EXISTS \`${aside}\``).catch(() => undefined);
		await connection.end();
	}
}

try {
	const file = process.argv[2];
	if (!file || !existsSync(file))
		throw new Missing('Say which backup to bring back: npm run restore -- FILE');
	needNode();
	await needModules();
	const client = await needProgram('mariadb', 'mariadb-client', 'restoring');
	const secret = (await isEncrypted(file)) ? await passphrase('The passphrase of this backup: ') : null;
	const newest = await checkBackup(file, secret);
	const own = readdirSync('db/migrations').sort().at(-1) ?? '';
	if (newest > own)
		throw new Missing(
			`${file} was made by a newer version of Pail Round (${newest}), so nothing was changed. Install that version first.`
		);
	await withDatabase((url) => restore(url, client, file, secret));
	tell('Everything is back. A server that is running goes on with it.');
	tell(
		'Everybody signs in again, and devices of the family are let in anew: ways in of before the restore are ended.'
	);
} catch (error) {
	fail(error);
}

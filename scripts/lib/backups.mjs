/** Backups: written whole or not at all, encrypted on request, and what is in one. Needs the node modules. */
import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, mkdirSync, renameSync, rmSync } from 'node:fs';
import { dirname } from 'node:path';
import { createInterface } from 'node:readline/promises';
import { Readable, Writable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { clientArguments } from './client.mjs';
import { needProgram } from './needs.mjs';
import { Missing } from './tell.mjs';

const HEAD = '-- Pail Round backup; newest migration: ';
const AGE = 'age-encryption.org/v1';

export const stampNow = () => new Date().toISOString().slice(0, 19).replace(/:/g, '-');

/** The passphrase from PAIL_BACKUP_PASSPHRASE, or asked for where somebody sits at the terminal. */
export async function passphrase(question) {
	if (process.env.PAIL_BACKUP_PASSPHRASE) return process.env.PAIL_BACKUP_PASSPHRASE;
	if (!process.stdin.isTTY)
		throw new Missing(
			'Set the passphrase in PAIL_BACKUP_PASSPHRASE, or start this in a terminal, which asks for it.'
		);
	const asking = createInterface({
		input: process.stdin,
		output: new Writable({ write: (_chunk, _encoding, done) => done() }),
		terminal: true
	});
	process.stdout.write(question);
	const typed = await asking.question('');
	asking.close();
	process.stdout.write('\n');
	if (typed.length < 8) throw new Missing('A passphrase has at least 8 characters. Nothing was done.');
	return typed;
}

/** The newest migration of a database; empty where it has none. */
async function newestMigration(url) {
	const { createConnection } = await import('mysql2/promise');
	const connection = await createConnection(url.href);
	try {
		const [there] = await connection.query("SHOW TABLES LIKE 'migration'");
		if (there.length === 0) return '';
		const [rows] = await connection.query('SELECT MAX(name) AS newest FROM migration');
		return rows[0]?.newest ?? '';
	} finally {
		await connection.end();
	}
}

/** Everything of a database in one file; with a passphrase encrypted. */
export async function makeBackup(url, file, secret = null) {
	const dump = await needProgram('mariadb-dump', 'mariadb-client', 'backups');
	const newest = await newestMigration(url);
	mkdirSync(dirname(file), { recursive: true });
	const encrypter = secret === null ? null : new (await import('age-encryption')).Encrypter();
	encrypter?.setPassphrase(secret);
	// How long the key of the passphrase takes, as a power of two: only tests, whose passphrases are no secret, make it short.
	if (process.env.PAIL_BACKUP_WORK_FACTOR)
		encrypter?.setScryptWorkFactor(Number(process.env.PAIL_BACKUP_WORK_FACTOR));
	const { args, env } = clientArguments(url);
	// Nothing is awaited until it is read: what a program that has ended said to nobody is thrown away by Node.
	const child = spawn(
		dump,
		[...args, '--single-transaction', '--hex-blob', '--skip-dump-date', url.pathname.slice(1)],
		{ stdio: ['ignore', 'pipe', 'inherit'], env }
	);
	const ended = new Promise((done) => child.on('close', done));
	const gzip = createGzip();
	gzip.write(`${HEAD}${newest}\n`);
	// Written beside and renamed when whole: a backup that was cut off is never taken for one.
	const out = createWriteStream(`${file}.part`, { mode: 0o600 });
	try {
		if (encrypter === null) await pipeline(child.stdout, gzip, out);
		else {
			await Promise.all([
				pipeline(child.stdout, gzip),
				encrypter.encrypt(Readable.toWeb(gzip)).then((stream) => pipeline(Readable.fromWeb(stream), out))
			]);
		}
		if ((await ended) !== 0) throw new Missing('The backup was not finished; see above.');
		renameSync(`${file}.part`, file);
	} catch (error) {
		rmSync(`${file}.part`, { force: true });
		if (error?.code === 'ENOSPC')
			throw new Missing(`There is no room left on the disk for ${file}. Make room, and try again.`);
		throw error;
	}
}

/** The SQL of a backup, as a stream. */
export async function openBackup(file, secret = null) {
	if (!(await isEncrypted(file))) return createReadStream(file).pipe(createGunzip());
	const { Decrypter } = await import('age-encryption');
	const decrypter = new Decrypter();
	decrypter.addPassphrase(secret ?? '');
	let open;
	try {
		open = await decrypter.decrypt(Readable.toWeb(createReadStream(file)));
	} catch {
		throw new Missing('That passphrase does not open this backup, so nothing was changed.');
	}
	const sql = createGunzip();
	void pipeline(Readable.fromWeb(open), sql).catch((error) => sql.destroy(error));
	return sql;
}

export async function isEncrypted(file) {
	for await (const chunk of createReadStream(file, { end: AGE.length - 1 }))
		return chunk.toString('latin1') === AGE;
	return false;
}

/** Reads a backup to its end before anything is touched: the newest migration it holds. */
export async function checkBackup(file, secret) {
	let head = '';
	let tail = '';
	let recorded = '';
	try {
		for await (const chunk of await openBackup(file, secret)) {
			const text = chunk.toString('latin1');
			if (head.length < 4096) head += text;
			// Backups from before they said so: the table of migrations says it.
			const rows = /INSERT INTO `migration` VALUES([\s\S]*?);\n/.exec(tail + text)?.[1];
			if (rows)
				recorded =
					[...rows.matchAll(/\('(\d{4}-[a-z0-9-]+\.sql)'/g)]
						.map((m) => m[1])
						.sort()
						.at(-1) ?? '';
			tail = (tail + text).slice(-20_000);
		}
	} catch (error) {
		if (error instanceof Missing) throw error;
		throw new Missing(`${file} cannot be read to its end, so nothing was changed. Take another backup.`);
	}
	if (!/MariaDB dump/.test(head) || !/Dump completed/.test(tail))
		throw new Missing(`${file} is no backup of Pail Round, so nothing was changed.`);
	return new RegExp(`^${HEAD}(.*)$`, 'm').exec(head)?.[1] || recorded;
}

/** `npm run backup [-- FILE]`: keeps everything of the database in one file. */
import { spawn } from 'node:child_process';
import { createWriteStream, mkdirSync, renameSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGzip } from 'node:zlib';
import { clientArguments, withDatabase } from './lib/client.mjs';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { fail, Missing, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
try {
	needNode();
	await needModules();
	const dump = await needProgram('mariadb-dump', 'mariadb-client', 'backups');
	const stamp = new Date().toISOString().slice(0, 19).replace(/:/g, '-');
	const file = process.argv[2] ?? join('.pail', 'backups', `pail-round-${stamp}.sql.gz`);
	mkdirSync(dirname(file), { recursive: true });
	await withDatabase(async (url) => {
		const { args, env } = clientArguments(url);
		const child = spawn(
			dump,
			[...args, '--single-transaction', '--hex-blob', '--skip-dump-date', url.pathname.slice(1)],
			{
				stdio: ['ignore', 'pipe', 'inherit'],
				env
			}
		);
		const ended = new Promise((done) => child.on('close', done));
		// Written beside and renamed when whole: a backup that was cut off is never taken for one.
		await pipeline(child.stdout, createGzip(), createWriteStream(`${file}.part`, { mode: 0o600 }));
		if ((await ended) !== 0) throw new Missing('The backup was not finished; see above.');
		renameSync(`${file}.part`, file);
	});
	tell(`Everything is kept in ${file}\nBring it back with: npm run restore -- ${file}`);
} catch (error) {
	fail(error);
}

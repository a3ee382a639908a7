/** `npm run restore -- FILE`: brings everything back from a backup. What is there now is backed up first. */
import { spawn } from 'node:child_process';
import { createReadStream, existsSync } from 'node:fs';
import { join } from 'node:path';
import { Readable } from 'node:stream';
import { pipeline } from 'node:stream/promises';
import { createGunzip } from 'node:zlib';
import { clientArguments, withDatabase } from './lib/client.mjs';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { run } from './lib/run.mjs';
import { fail, Missing, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));

/** Reads the whole file once before anything is touched: a backup that is cut off or none at all stops here. */
async function check(file) {
	let head = '';
	let tail = '';
	try {
		for await (const chunk of createReadStream(file).pipe(createGunzip())) {
			if (head.length < 4096) head += chunk.toString('latin1');
			tail = (tail + chunk.toString('latin1')).slice(-200);
		}
	} catch {
		throw new Missing(`${file} cannot be read to its end, so nothing was changed. Take another backup.`);
	}
	if (!/MariaDB dump/.test(head) || !/Dump completed/.test(tail)) {
		throw new Missing(`${file} is no backup of Pail Round, so nothing was changed.`);
	}
}

try {
	const file = process.argv[2];
	if (!file || !existsSync(file))
		throw new Missing('Say which backup to bring back: npm run restore -- FILE');
	needNode();
	await needModules();
	const client = await needProgram('mariadb', 'mariadb-client', 'restoring');
	await check(file);
	await withDatabase(async (url) => {
		const kept = join(
			'.pail',
			'backups',
			`before-restore-${new Date().toISOString().slice(0, 19).replace(/:/g, '-')}.sql.gz`
		);
		const { code } = await run(process.execPath, ['scripts/backup.mjs', kept], {
			capture: true,
			env: { ...process.env, DATABASE_URL: url.href }
		});
		if (code !== 0) throw new Missing('What is there now could not be kept first, so nothing was changed.');
		tell(`What was there before is kept in ${kept}`);
		const { args, env } = clientArguments(url);
		const name = url.pathname.slice(1);
		const child = spawn(client, [...args, name], { stdio: ['pipe', 'inherit', 'inherit'], env });
		const ended = new Promise((done) => child.on('close', done));
		await pipeline(Readable.from(clearing()), child.stdin, { end: false });
		await pipeline(createReadStream(file), createGunzip(), child.stdin);
		if ((await ended) !== 0)
			throw new Missing(`The backup could not be brought back. What was there before is in ${kept}.`);
	});
	tell('Everything is back. A server that is running goes on with it.');
} catch (error) {
	fail(error);
}

/** The dump drops and makes its own tables; checks of references wait until all are there. */
function* clearing() {
	yield 'SET FOREIGN_KEY_CHECKS = 0;\n';
}

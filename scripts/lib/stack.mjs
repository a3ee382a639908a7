/**
 * The whole app for tests and pictures: a database of its own, a clock that can be set, the built server.
 * Needs the node modules; nothing else.
 */
import { fork } from 'node:child_process';
import { mkdirSync, openSync, rmSync, writeFileSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { needBuild } from './build.mjs';
import { freePort, startDatabase } from './database.mjs';
import { run } from './run.mjs';

/**
 * Serves the built app against a database; resolves when it listens.
 * @param {{ url: string, port: number, clockFile?: string, quiet?: boolean, entry?: string, env?: Record<string, string>, logFile?: string }} options
 */
export async function serve({ url, port, clockFile, quiet = true, entry = 'server.mjs', env = {}, logFile }) {
	const log = logFile ? openSync(logFile, 'a') : null;
	const server = fork(entry, [], {
		detached: true,
		stdio:
			log !== null
				? ['ignore', log, log, 'ipc']
				: quiet
					? ['ignore', 'ignore', 'ignore', 'ipc']
					: ['ignore', 'inherit', 'inherit', 'ipc'],
		env: {
			...process.env,
			DATABASE_URL: url,
			PORT: String(port),
			HOST: '127.0.0.1',
			...(clockFile ? { PAIL_CLOCK: clockFile } : {}),
			...env
		}
	});
	await new Promise((done, reject) => {
		server.once('message', done);
		server.once('exit', (code) => reject(new Error(`the server ended with ${code}`)));
	});
	return {
		async stop(/** @type {NodeJS.Signals} */ signal = 'SIGTERM') {
			if (server.exitCode !== null) return;
			const ended = new Promise((done) => server.once('exit', done));
			server.kill(signal);
			await ended;
		}
	};
}

/**
 * A fresh demo home at an instant, served. `dir` is where its data lives while it runs.
 * @param {{ dir: string, at: string }} options
 */
export async function startStack({ dir, at }) {
	dir = resolve(dir);
	mkdirSync(dir, { recursive: true });
	const clockFile = join(dir, 'clock');
	const setClock = (/** @type {string} */ instant) => writeFileSync(clockFile, instant);
	setClock(at);
	await needBuild();
	const database = await startDatabase(join(dir, 'db'));
	const port = await freePort();
	const prepare = async () => {
		const { code, output } = await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts'], {
			capture: true,
			env: { ...process.env, DATABASE_URL: database.url, PAIL_CLOCK: clockFile }
		});
		if (code !== 0) throw new Error(output);
	};
	await prepare();
	let server = await serve({ url: database.url, port, clockFile });
	return {
		url: `http://127.0.0.1:${port}`,
		databaseUrl: database.url,
		database,
		setClock,
		/** Ends the server as a power cut would, and starts it again. */
		async killAndRestart() {
			await server.stop('SIGKILL');
			server = await serve({ url: database.url, port, clockFile });
		},
		async stop() {
			await server.stop();
			await database.stop();
			rmSync(dir, { recursive: true, force: true });
		}
	};
}

/**
 * `npm start`: installs what is missing, starts the database, migrates, loads the demo home, builds, serves.
 * Node built-ins only, as it runs before any module is there.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { needBuild } from './scripts/lib/build.mjs';
import { startDatabase } from './scripts/lib/database.mjs';
import { forPhones, ownCertificate } from './scripts/lib/home.mjs';
import { needModules, needNode } from './scripts/lib/needs.mjs';
import { run } from './scripts/lib/run.mjs';
import { fail, Missing, tell } from './scripts/lib/tell.mjs';

process.chdir(import.meta.dirname);
const fresh = process.argv.includes('--fresh');
/** For the phones of the house: on its network, by HTTPS with a certificate of its own. */
const home = process.argv.includes('--home');
let database = null;
let server = null;
let stopping = null;

function stop(code) {
	stopping ??= (async () => {
		if (server && server.exitCode === null) {
			const ended = new Promise((done) => server.once('exit', done));
			server.kill('SIGTERM');
			await ended;
		}
		await database?.stop();
		process.exit(code);
	})();
	return stopping;
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stop(0));

/** Sets the old data aside, dated, and says where. */
function setAside() {
	if (process.env.DATABASE_URL) {
		throw new Missing(
			"--fresh sets aside the data of the app's own database. DATABASE_URL names another server: make an empty database there instead."
		);
	}
	if (!existsSync('.pail/db')) return;
	const stamp = new Date().toISOString().slice(0, 19).replace(/:/g, '-');
	const to = join('.pail', 'set-aside', `db-${stamp}`);
	mkdirSync(join('.pail', 'set-aside'), { recursive: true });
	renameSync('.pail/db', to);
	tell(`The old data is kept in ${to}.`);
}

try {
	needNode();
	await needModules();
	if (fresh) {
		if (existsSync('.pail/db/server.json')) await (await startDatabase('.pail/db')).stop();
		setAside();
	}
	if (!process.env.DATABASE_URL) {
		database = await startDatabase('.pail/db');
		process.env.DATABASE_URL = database.url;
	}
	await needBuild();
	const { code } = await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts']);
	if (code !== 0) throw new Missing('The database could not be made ready; see above.');
	const host = process.env.HOST ?? (home ? '0.0.0.0' : '127.0.0.1');
	const own = home && !process.env.TLS_CERT ? await ownCertificate('.pail/tls') : null;
	const secure = own !== null || Boolean(process.env.TLS_CERT);
	// In a group of its own, so that Ctrl-C is handled here and everything stops in order.
	server = fork('server.mjs', [], {
		detached: true,
		env: {
			...process.env,
			HOST: host,
			PORT: process.env.PORT ?? '3000',
			...(own ? { TLS_CERT: own.cert, TLS_KEY: own.key } : {})
		}
	});
	server.once('message', async ({ listening }) => {
		if (home) return tell(await forPhones(listening.port, own));
		const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
		tell(
			`\nPail Round is open at ${secure ? 'https' : 'http'}://${shown}:${listening.port}\nStop it with Ctrl-C.`
		);
	});
	server.once('exit', (code) => stop(code ?? 1));
} catch (error) {
	await database?.stop();
	fail(error);
}

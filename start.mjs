/**
 * `npm start`: installs what is missing, starts the database, migrates, loads the demo home, builds, serves. While it
 * runs it looks after both: a database that dies is started again, and so is the app.
 * Node built-ins only, as it runs before any module is there.
 */
import { fork } from 'node:child_process';
import { existsSync, mkdirSync, renameSync } from 'node:fs';
import { join } from 'node:path';
import { needBuild } from './scripts/lib/build.mjs';
import { startDatabase } from './scripts/lib/database.mjs';
import { askAddress, forPhones, ownCertificate } from './scripts/lib/home.mjs';
import { needModules, needNode } from './scripts/lib/needs.mjs';
import { noted } from './scripts/lib/processes.mjs';
import { run } from './scripts/lib/run.mjs';
import { dataDir, takeFolder } from './scripts/lib/state.mjs';
import { fail, inWords, Missing, tell } from './scripts/lib/tell.mjs';
import { hasRoom, noRoomText } from './scripts/lib/room.mjs';

process.chdir(import.meta.dirname);
const fresh = process.argv.includes('--fresh');
/** For the phones of the house: on its network, by HTTPS with a certificate of its own. */
const home = process.argv.includes('--home');
const dir = dataDir();
let folder = null;
let database = null;
let server = null;
let stopping = null;

function stop(code) {
	stopping ??= (async () => {
		if (server && server.exitCode === null && server.signalCode === null) {
			const ended = new Promise((done) => server.once('exit', done));
			server.kill('SIGTERM');
			await ended;
		}
		await database?.stop();
		folder?.leave();
		process.exit(code);
	})();
	return stopping;
}
for (const signal of ['SIGINT', 'SIGTERM', 'SIGHUP']) process.on(signal, () => stop(0));

/** A number that a port can have. */
function portOf(text) {
	if (!/^\d{1,5}$/.test(text) || Number(text) > 65535)
		throw new Missing(`PORT=${text} is no port: give a number from 1 to 65535, such as PORT=3000 npm start.`);
	return text;
}

/** Sets the old data aside, dated, and says where. */
function setAside() {
	if (process.env.DATABASE_URL) {
		throw new Missing(
			"--fresh sets aside the data of the app's own database. DATABASE_URL names another server: make an empty database there instead."
		);
	}
	if (!existsSync(join(dir, 'db'))) return;
	const stamp = new Date().toISOString().slice(0, 19).replace(/:/g, '-');
	const to = join(dir, 'set-aside', `db-${stamp}`);
	mkdirSync(join(dir, 'set-aside'), { recursive: true });
	renameSync(join(dir, 'db'), to);
	tell(`The old data is kept in ${to}.`);
}

/** Serves the app; one that ends by itself is started again, but not for ever where it cannot stay up. */
function serveApp(env, listening) {
	const began = Date.now();
	// In a group of its own, so that Ctrl-C is handled here and everything stops in order.
	// Asked for at each start: a database that came up on another port has another address.
	server = fork('server.mjs', [], { detached: true, env: env() });
	folder.say({ server: noted(server.pid) });
	server.once('message', listening);
	server.once('exit', (code) => {
		if (stopping) return;
		if (code !== null && code !== 0 && Date.now() - began < 5000) return void stop(code);
		tell('The app ended by itself and is started again.');
		serveApp(env, () => tell('The app is open again.'));
	});
}

/** Looks whether the database still runs; one that died is started again, on the port that the app knows. */
function watchDatabase() {
	let busy = false;
	let said = '';
	/** What stays the same from try to try is said once. */
	const tellOnce = (text) => {
		if (text !== said) tell(text);
		said = text;
	};
	setInterval(async () => {
		if (busy || stopping || database.runs()) return;
		busy = true;
		if (!said) tell('The database ended by itself and is started again …');
		try {
			// Without room it would end again at once, or at the next write.
			if (!hasRoom(dir)) throw new Error(noRoomText(dir));
			const { port } = database;
			database = await startDatabase(join(dir, 'db'), 'pail_round', port);
			folder.say({ database: noted(database.pid) });
			if (database.port !== port) {
				// Another program took its port meanwhile: the app is told the new one.
				process.env.DATABASE_URL = database.url;
				server.kill('SIGTERM');
			}
			tell('The database runs again.');
			said = '';
		} catch (error) {
			tellOnce(
				`The database could not be started again, and is tried until it can be: ${inWords(error) ?? error.message}`
			);
			await new Promise((done) => setTimeout(done, 5000));
		} finally {
			busy = false;
		}
	}, 500).unref();
}

try {
	needNode();
	const port = portOf(process.env.PORT ?? '3000');
	folder = await takeFolder(dir);
	await needModules();
	if (fresh) {
		if (existsSync(join(dir, 'db', 'server.json'))) await (await startDatabase(join(dir, 'db'))).stop();
		setAside();
	}
	if (!process.env.DATABASE_URL) {
		database = await startDatabase(join(dir, 'db'));
		process.env.DATABASE_URL = database.url;
		folder.say({ database: noted(database.pid) });
	}
	await needBuild();
	const { code } = await run(process.execPath, ['--import', 'tsx', 'scripts/prepare.ts']);
	if (code !== 0) throw new Missing('The database could not be made ready; see above.');
	const host = process.env.HOST ?? (home ? '0.0.0.0' : '127.0.0.1');
	const own = home && !process.env.TLS_CERT ? await ownCertificate(join(dir, 'tls')) : null;
	const secure = own !== null || Boolean(process.env.TLS_CERT);
	if (home && !process.env.ORIGIN) await askAddress(port, secure);
	const env = () => ({
		...process.env,
		HOST: host,
		PORT: port,
		...(own ? { TLS_CERT: own.cert, TLS_KEY: own.key } : {})
	});
	serveApp(env, async ({ listening }) => {
		const shown = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
		const address = `${secure ? 'https' : 'http'}://${shown}:${listening.port}`;
		folder.say({ address });
		if (home) return tell(await forPhones(listening.port, own));
		tell(`\nPail Round is open at ${address}\nStop it with Ctrl-C.`);
	});
	if (database) watchDatabase();
} catch (error) {
	await database?.stop();
	folder?.leave();
	fail(error);
}

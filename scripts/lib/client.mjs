/** The database for the scripts beside the app: the one that DATABASE_URL names, or the app's own. */
import { startDatabase } from './database.mjs';
import { join } from 'node:path';
import { dataDir, readState } from './state.mjs';

/** Runs `work` with the database's URL; the app's own is started for it where it does not run already. */
export async function withDatabase(work) {
	if (process.env.DATABASE_URL) return work(new URL(process.env.DATABASE_URL));
	const dir = join(dataDir(), 'db');
	const before = readState(join(dir, 'server.json'))?.pid ?? null;
	const database = await startDatabase(dir);
	try {
		return await work(new URL(database.url));
	} finally {
		// A server that the app is using is left running.
		if (database.pid !== before) await database.stop();
	}
}

/** Arguments for MariaDB's own programs; the password goes by the environment, where others do not see it. */
export function clientArguments(url) {
	return {
		args: [
			'--no-defaults',
			`--host=${url.hostname}`,
			`--port=${url.port || 3306}`,
			`--user=${decodeURIComponent(url.username)}`,
			'--protocol=tcp',
			'--default-character-set=utf8mb4'
		],
		env: { ...process.env, MYSQL_PWD: decodeURIComponent(url.password) }
	};
}

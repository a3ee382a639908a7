/** Brings the database up to date and loads the demo home where there is none. Run by `npm start`. */
import { join } from 'node:path';
import { makeBackup } from './lib/backups.mjs';
import { dataDir } from './lib/state.mjs';
import { now } from '../src/lib/server/clock';
import { migrate } from '../src/lib/server/db/migrate';
import { openPool } from '../src/lib/server/db/pool';
import { loadDemo } from '../src/lib/server/demo/loadDemo';

const url = process.env.DATABASE_URL;
if (!url) {
	console.error('DATABASE_URL is not set.');
	process.exit(2);
}
const pool = openPool(url);
try {
	const applied = await migrate(url, 'db/migrations', {
		// An upgrade that goes wrong must not be the end of what was there.
		beforeUpgrade: async (newest) => {
			const stamp = new Date().toISOString().slice(0, 19).replace(/:/g, '-');
			const file = join(dataDir(), 'backups', `before-upgrade-from-${newest.slice(0, 4)}-${stamp}.sql.gz`);
			await makeBackup(new URL(url), file);
			console.log(`The tables are brought up to date. Everything as it was is kept in ${file}`);
		}
	});
	if (applied.length > 0) console.log(`Tables brought up to date: ${applied.join(', ')}`);
	// PAIL_DEMO=no begins with an empty house: the first steps come up at once.
	if (process.env.PAIL_DEMO === 'no') console.log('No demo home was asked for.');
	else if (await loadDemo('demo/station-house.json', now(), pool))
		console.log('The demo home has been loaded.');
} catch (error) {
	console.error((error as Error).message);
	process.exitCode = 1;
} finally {
	await pool.end();
}

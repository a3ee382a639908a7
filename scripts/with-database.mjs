/** Runs a command with DATABASE_URL set to the app's own database: `node scripts/with-database.mjs COMMAND …`. */
import { join } from 'node:path';
import { withDatabase } from './lib/client.mjs';
import { needModules } from './lib/needs.mjs';
import { run } from './lib/run.mjs';
import { fail } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
try {
	await needModules();
	await withDatabase(async (url) => {
		const [command, ...args] = process.argv.slice(2);
		const { code } = await run(command, args, { env: { ...process.env, DATABASE_URL: url.href } });
		process.exitCode = code;
	});
} catch (error) {
	fail(error);
}

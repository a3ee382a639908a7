/** `npm run bench`: the figures of the app, each beside a peer or a floor from the same run. */
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { needBuild } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { run } from './lib/run.mjs';
import { fail } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
let database = null;
try {
	needNode();
	await needModules();
	await needProgram('chromium', 'chromium', 'the figure of the bell');
	await needBuild();
	mkdirSync('.pail', { recursive: true });
	const dir = mkdtempSync(join('.pail', 'bench-'));
	database = await startDatabase(join(dir, 'db'));
	const { code } = await run(
		process.execPath,
		['--expose-gc', '--import', 'tsx', 'tests/bench/bench.ts', dir, ...process.argv.slice(2)],
		{
			env: { ...process.env, DATABASE_URL: database.url }
		}
	);
	await database.stop();
	rmSync(dir, { recursive: true, force: true });
	process.exitCode = code;
} catch (error) {
	await database?.stop();
	fail(error);
}

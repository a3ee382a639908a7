/** `npm run bench`: the figures of the app, each beside a peer or a floor from the same run. */
import { mkdtempSync, mkdirSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { needBuild } from './lib/build.mjs';
import { startDatabase } from './lib/database.mjs';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { run } from './lib/run.mjs';
import { fail, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
const ALL = [
	'core',
	'occurrences',
	'editor',
	'balance',
	'today',
	'phone',
	'ground',
	'family',
	'sessions',
	'files'
];
/** Parts that need the demo home begin with the one that loads it. */
const TOGETHER = {
	ground: ['core', 'occurrences', 'today', 'ground'],
	phone: ['today', 'phone'],
	family: ['today', 'family'],
	sessions: ['today', 'sessions']
};
let database = null;
try {
	needNode();
	await needModules();
	await needProgram('chromium', 'chromium', 'the figure of the bell');
	await needBuild();
	mkdirSync('.pail', { recursive: true });
	const dir = mkdtempSync(join('.pail', 'bench-'));
	database = await startDatabase(join(dir, 'db'));
	const asked = process.argv.slice(2);
	const parts = asked.length === 0 ? ALL : [...new Set(asked.flatMap((one) => TOGETHER[one] ?? [one]))];
	let missed = 0;
	for (const part of parts) {
		const { code } = await run(
			process.execPath,
			[
				'--expose-gc',
				'--import',
				'tsx',
				'--import',
				'./tests/bench/framework.mjs',
				'tests/bench/bench.ts',
				dir,
				part
			],
			{ env: { ...process.env, DATABASE_URL: database.url } }
		);
		if (code !== 0) missed++;
	}
	tell(
		missed === 0 ? '\nAll figures reached.' : `\nFigures were missed in ${missed} of ${parts.length} parts.`
	);
	await database.stop();
	rmSync(dir, { recursive: true, force: true });
	process.exitCode = missed === 0 ? 0 : 1;
} catch (error) {
	await database?.stop();
	fail(error);
}

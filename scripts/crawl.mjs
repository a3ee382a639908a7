/** `npm run crawl`: every screen of three homes at six widths and in both lights, each of them told where something is wrong. */
import { join } from 'node:path';
import { run } from './lib/run.mjs';

process.chdir(join(import.meta.dirname, '..'));
const { code } = await run(process.execPath, ['test.mjs', 'browser'], {
	env: { ...process.env, PAIL_CRAWL: 'whole', PAIL_BROWSER_FILES: 'crawl' }
});
process.exitCode = code;

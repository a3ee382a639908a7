/**
 * `npm test`: installs what the tests need, starts a database for them, runs unit, database and browser tests,
 * and ends with `N passed, N failed`. Node built-ins only, as it runs before any module is there.
 */
import { existsSync, mkdirSync, mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { startDatabase } from './scripts/lib/database.mjs';
import { needBuild } from './scripts/lib/build.mjs';
import { needModules, needNode, needProgram, needPythonModule } from './scripts/lib/needs.mjs';
import { run } from './scripts/lib/run.mjs';
import { fail, tell } from './scripts/lib/tell.mjs';

process.chdir(import.meta.dirname);
const only = process.argv.slice(2);
const wants = (kind) => only.length === 0 || only.includes(kind);
let passed = 0;
let failed = 0;
let database = null;

const count = (ok) => (ok ? passed++ : failed++);

async function step(name, command, args) {
	const { code, output } = await run(command, args, { capture: true });
	count(code === 0);
	tell(`${code === 0 ? 'ok    ' : 'FAILED'} ${name}`);
	if (code !== 0) tell(output.trim().split('\n').slice(-60).join('\n'));
}

/** Formatting, lint and types: beside the unit tests, which wait for nothing of them. */
async function styles() {
	await step('formatting', 'npx', ['prettier', '--check', '--cache', '.']);
	await step('lint', 'npx', ['eslint', '.']);
	await step('types', 'npx', [
		'svelte-check',
		'--tsconfig',
		'./tsconfig.json',
		'--fail-on-warnings',
		'--output',
		'human'
	]);
}

async function vitest(name, report, env, more) {
	await run(
		'npx',
		['vitest', 'run', ...more, '--reporter=dot', '--reporter=json', `--outputFile.json=${report}`],
		{ env: { ...env, LOG_LEVEL: 'silent' } }
	);
	addReport(report, (json) => {
		for (const file of json.testResults)
			for (const one of file.assertionResults.filter((test) => test.status === 'failed'))
				tell(`FAILED ${name}: ${one.fullName}`);
		return [
			json.numPassedTests,
			json.numFailedTests +
				json.testResults.filter((r) => r.status === 'failed' && r.assertionResults.length === 0).length
		];
	});
}

/** Vitest and Playwright leave their numbers in a file; a run that leaves none has failed as a whole. */
function addReport(file, read) {
	if (!existsSync(file)) {
		failed++;
		tell('FAILED no report was written');
		return;
	}
	const [ok, bad] = read(JSON.parse(readFileSync(file, 'utf8')));
	passed += ok;
	failed += bad;
	if (ok + bad === 0) {
		failed++;
		tell('FAILED no test was run');
	}
}

/** Names of the browser tests that passed, but not at once. */
function unsteady(suites) {
	return suites.flatMap((suite) => [
		...unsteady(suite.suites ?? []),
		...(suite.specs ?? [])
			.filter((spec) => spec.tests.some((one) => one.status === 'flaky'))
			.map((spec) => `${suite.file}: ${spec.title}`)
	]);
}

process.on('SIGINT', async () => {
	await database?.stop();
	process.exit(130);
});

try {
	needNode();
	await needModules();
	mkdirSync('.pail', { recursive: true });
	const dir = mkdtempSync(join('.pail', 'test-'));
	database = await startDatabase(join(dir, 'db'), 'pail_round', null, true);
	const env = { ...process.env, DATABASE_URL: database.url };
	await run('npx', ['svelte-kit', 'sync'], { capture: true });
	// What waits more than it works runs beside what works: two cores are seldom both at rest.
	const styled = wants('style') ? styles() : Promise.resolve();
	if (wants('whole') || wants('browser')) await needBuild();
	const killed = wants('whole')
		? step('killed for 40 s under a stream of work', process.execPath, [
				'scripts/faults.mjs',
				'--minutes',
				'0.67',
				'--seed',
				'11'
			])
		: Promise.resolve();
	if (wants('unit')) {
		await needPythonModule('icalendar', 'python3-icalendar', 'a second reader of the calendar feed');
		await vitest('unit', join(dir, 'vitest.json'), env, []);
	}
	await Promise.all([styled, killed]);
	if (wants('whole'))
		await vitest('whole', join(dir, 'whole.json'), { ...env, PAIL_TEST_DIR: join(dir, 'whole') }, [
			'--config',
			'vitest.whole.config.ts'
		]);
	if (wants('browser')) {
		await needProgram('chromium-headless-shell', 'chromium-headless-shell', 'the browser tests').catch(() =>
			needProgram('chromium', 'chromium', 'the browser tests')
		);
		await needProgram('pdftotext', 'poppler-utils', 'the tests of what is printed');
		const report = join(dir, 'browser.json');
		// `npm run crawl` asks for one file.
		const files = process.env.PAIL_BROWSER_FILES?.split(' ') ?? [];
		await run('npx', ['playwright', 'test', ...files], {
			env: { ...env, PAIL_TEST_DIR: join(dir, 'browser'), PLAYWRIGHT_JSON_OUTPUT_FILE: report }
		});
		addReport(report, ({ stats, suites }) => {
			for (const name of unsteady(suites)) tell(`UNSTEADY passed only the second time: ${name}`);
			return [stats.expected + stats.flaky, stats.unexpected];
		});
	}
	await database.stop();
	rmSync(dir, { recursive: true, force: true });
	tell(`\n${passed} passed, ${failed} failed`);
	process.exitCode = failed > 0 ? 1 : 0;
} catch (error) {
	await database?.stop();
	fail(error);
}

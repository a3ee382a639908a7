/** `npm run screenshots`: the pictures in docs/screenshots, from the demo home at Wednesday 3 March 2027, 10:40. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { startStack } from './lib/stack.mjs';
import { fail, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
const DIR = 'docs/screenshots';
const at = (time) => `2027-03-03T${time}Z`;
/** The walk through the demo home's rooms, half way down, and two rhythms side by side. */
async function firstSteps(page, url, shoot) {
	await page.goto(`${url}/begin`);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	const hang = async (key) => {
		const rooms = await page.locator('[data-room]').count();
		await page.getByRole('button', { name: new RegExp(`^${key}(,|$)`) }).click();
		await page.waitForFunction((before) => document.querySelectorAll('[data-room]').length > before, rooms);
	};
	for (const key of ['Bedroom', 'Stairs, hall', 'Bathroom', 'Child’s room']) await hang(key);
	await page.getByRole('button', { name: 'Cat', exact: true }).click();
	await page.getByRole('button', { name: 'Cat', exact: true, pressed: true }).waitFor();
	await shoot(page, 'first-steps');
	await page.getByRole('button', { name: 'Walk on downstairs' }).click();
	await page.getByRole('heading', { name: 'What is on the ground floor?' }).waitFor();
	for (const key of ['Living room', 'Kitchen', 'Laundry', 'Stairs, hall']) await hang(key);
	await page.goto(`${url}/begin?step=rhythm&beside=saturday-morning`);
	await page.getByRole('region', { name: 'Four weeks of Saturday morning' }).waitFor();
	await shoot(page, 'patterns');
}

/** Kit's own page in the afternoon, and the look round the porch once the boots are paired. */
async function childsPage(page, url, shoot) {
	await page.request.post(`${url}/demo/as`, { form: { as: 'kit' }, headers: { origin: url } });
	await page.goto(`${url}/mine`);
	await shoot(page, 'child-phone');
	const boots = page.locator('[data-line="pair-up-the-boots"]');
	await boots.getByRole('button', { name: /^Done/ }).click();
	await page.getByRole('link', { name: 'Look round' }).click();
	await page.getByRole('heading', { name: 'The mat' }).waitFor();
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await page.getByRole('link', { name: 'Clear, next' }).click();
	await page.getByRole('heading', { name: 'The bench' }).waitFor();
	await shoot(page, 'look-round-phone');
}

let stack = null;
try {
	needNode();
	await needModules();
	const chromium = await needProgram('chromium', 'chromium', 'the pictures');
	mkdirSync(DIR, { recursive: true });
	stack = await startStack({ dir: '.pail/screenshots', at: at('09:55:00') });
	const playwright = await import('@playwright/test');
	const browser = await playwright.chromium.launch({
		executablePath: chromium,
		args: [
			'--no-sandbox',
			'--disable-quic',
			'--disable-background-networking',
			'--disable-component-update',
			'--disable-sync'
		]
	});
	const open = async (width, height, light) => {
		const context = await browser.newContext({
			viewport: { width, height },
			deviceScaleFactor: width < 600 ? 2 : 1,
			timezoneId: 'Europe/London',
			reducedMotion: 'reduce'
		});
		if (light) await context.addCookies([{ name: 'light', value: light, url: stack.url }]);
		return context.newPage();
	};
	const shoot = async (page, name) => {
		await page.evaluate(() => document.fonts.ready);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await page.screenshot({ path: join(DIR, `${name}.png`) });
		tell(`${name}.png`);
	};
	const press = async (page, presses) => {
		for (let i = 0; i < presses; i++) {
			await page.waitForFunction(
				(from) => performance.now() - from > 650,
				await page.evaluate(() => performance.now())
			);
			const step = await page.locator('.count').textContent();
			await page.locator('[data-giant]').click();
			await page.waitForFunction((before) => document.querySelector('.count')?.textContent !== before, step);
		}
	};
	/** Starts what a job begins, so that its wait runs by itself. */
	const startJob = async (page, line, presses) => {
		await page.goto(`${stack.url}/?open=${line}`);
		await page.evaluate(
			async ({ line }) => {
				const body = new FormData();
				body.set('id', crypto.randomUUID());
				body.set('line', line);
				body.set('member', 'ottilie');
				await fetch('/pail?/start', { method: 'POST', body, headers: { 'x-sveltekit-action': 'true' } });
			},
			{ line }
		);
		await page.goto(`${stack.url}/pail?for=ottilie`);
		await page.getByRole('link', { name: 'Go to it' }).click();
		await page.waitForURL(/pail\/.+/);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await press(page, presses);
	};
	const wide = await open(1280, 800);
	// Two things run by themselves when the pictures are taken.
	stack.setClock(at('10:38:00'));
	await startJob(wide, 'shower-head-soak', 1);
	await wide.getByRole('button', { name: 'Set it down' }).click();
	await wide.getByRole('heading', { name: /The pail is/ }).waitFor();
	stack.setClock(at('10:40:00'));
	await wide.goto(`${stack.url}/`);
	await shoot(wide, 'today');
	await wide.goto(`${stack.url}/?open=bins-to-the-gate`);
	await wide.getByRole('dialog').waitFor();
	await shoot(wide, 'sheet');
	await wide.goto(`${stack.url}/pail?minutes=20`);
	await shoot(wide, 'fill');
	await wide.goto(`${stack.url}/ledger?open=2027-03-02`);
	await shoot(wide, 'ledger');

	const phone = await open(390, 844, 'day');
	await phone.goto(`${stack.url}/`);
	await shoot(phone, 'today-phone');

	for (const [path, name] of [
		['/house', 'house'],
		['/rota', 'rota'],
		['/house/job/stair-skirting', 'rhythm'],
		['/crew', 'crew'],
		['/crew/week?turn=fold-the-towels@2027-03-03', 'week'],
		['/paper?kind=room&room=lamp-room', 'paper']
	]) {
		await wide.goto(`${stack.url}${path}`);
		await shoot(wide, name);
	}
	await phone.goto(`${stack.url}/rota`);
	await shoot(phone, 'rota-phone');
	await firstSteps(await open(1280, 800), stack.url, shoot);

	// A pail on its way: five minutes, the second step in hand.
	await wide.goto(`${stack.url}/pail?minutes=15&for=ottilie`);
	await wide.getByRole('button', { name: 'Start' }).click();
	await wide.waitForURL(/pail\/.+/);
	const pail = wide.url();
	stack.setClock(at('10:43:00'));
	await wide.reload();
	await wide.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await press(wide, 1);
	stack.setClock(at('10:46:53'));
	await wide.reload();
	await shoot(wide, 'pail');
	const evening = await open(390, 844, 'evening');
	await evening.goto(pail);
	await shoot(evening, 'pail-phone-evening');
	const eveningWide = await open(1280, 800, 'evening');
	await eveningWide.goto(`${stack.url}/`);
	await shoot(eveningWide, 'today-evening');
	await childsPage(await open(390, 844, 'day'), stack.url, shoot);
	await browser.close();
	await stack.stop();
} catch (error) {
	await stack?.stop();
	fail(error);
}

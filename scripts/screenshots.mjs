/** `npm run screenshots`: the pictures in docs/screenshots, from the demo home at Wednesday 3 March 2027, 10:40. */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { needModules, needNode, needProgram } from './lib/needs.mjs';
import { startStack } from './lib/stack.mjs';
import { fail, tell } from './lib/tell.mjs';

process.chdir(join(import.meta.dirname, '..'));
const DIR = 'docs/screenshots';
const at = (time) => `2027-03-03T${time}Z`;
/** The walk through the demo home's rooms, half way down. */
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
}

/** Kit's own page in the afternoon. */
async function childsPage(page, url, shoot) {
	await page.request.post(`${url}/demo/as`, { form: { as: 'kit' }, headers: { origin: url } });
	await page.goto(`${url}/mine`);
	await shoot(page, 'child-phone');
}

/** A second press within 600 ms is the same one: from here on it is another. */
const pressable = async (page) =>
	page.waitForFunction(
		(from) => performance.now() - from > 650,
		await page.evaluate(() => performance.now())
	);

/** Until the house has answered every press: what comes next is taken of what it knows. */
const sent = (page) =>
	page.waitForFunction(() => !Object.keys(localStorage).some((key) => key.startsWith('pail-press')));

const begun = async (page) => {
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/timer\/[0-9a-f-]{36}/);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
};

/** Three people in one pail, a few minutes in. */
async function together(page, stack, shoot, press) {
	await page.goto(`${stack.url}/timer?minutes=40&for=ottilie&with=bram,juno`);
	await page.locator('[data-settled=yes]').waitFor({ timeout: 30_000 });
	await shoot(page, 'fill');
	await begun(page);
	stack.setClock(at('10:42:00'));
	await page.reload();
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await press(page, 2);
	await page.getByRole('button', { name: 'End session now' }).click();
	await page.getByRole('heading', { name: /All done|has ended/ }).waitFor();
	await sent(page);
	stack.setClock(at('10:40:00'));
}

/** The bench in the porch, sorted and half carried home. */
async function clearing(page, stack, shoot) {
	await page.goto(`${stack.url}/timer?kind=clearing&for=ottilie`);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await page.getByLabel('Which spot').fill('Hall bench');
	await page.getByRole('combobox', { name: /^In which room:/ }).click();
	await page.getByRole('option', { name: 'Platform Porch', exact: true }).click();
	await page.getByText('A half').click();
	await page.getByRole('button', { name: /They are ready/ }).click();
	await page.waitForURL(/timer\/[0-9a-f-]{36}/);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	const into = async (name, times) => {
		for (let i = 1; i <= times; i++) {
			await page.getByRole('button', { name: new RegExp(`^${name}, `) }).click();
			await page.getByRole('button', { name: `${name}, ${i} so far` }).waitFor();
		}
	};
	const things = [
		['torch', 'Lamp Room'],
		['jar lid', 'Lamp Room'],
		['glue', 'Ticket Office'],
		['sock', 'Bunk Room']
	];
	for (const [i, [thing, room]] of things.entries()) {
		await page.getByPlaceholder('what it is').fill(thing);
		await page.getByRole('combobox', { name: /^Where it belongs:/ }).click();
		await page.getByRole('option', { name: room, exact: true }).click();
		await page.getByRole('button', { name: /^Put away, / }).click();
		await page.getByRole('button', { name: `Put away, ${i + 1} so far` }).waitFor();
	}
	await into('Bin', 7);
	await into('Give away', 11);
	await sent(page);
	stack.setClock(at('10:45:30'));
	await page.reload();
	await shoot(page, 'clearing-phone');
	await page.getByRole('button', { name: 'The spot is clear, put things away' }).click();
	await pressable(page);
	await page.getByRole('button', { name: 'Bag is out' }).click();
	await page.getByText('it is out').waitFor();
	await pressable(page);
	await page.getByRole('button', { name: 'Bag stands there' }).click();
	await page.getByText('Stays on the list').waitFor();
	await page.getByRole('button', { name: 'Finish later' }).click();
	await sent(page);
}

/** Half an hour before they ring, in the afternoon. */
async function visitors(page, stack, shoot) {
	stack.setClock(at('16:35:00'));
	await page.goto(`${stack.url}/timer?kind=visitors&minutes=30&for=ottilie&with=bram,juno,kit,pip`);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await begun(page);
	stack.setClock(at('16:37:00'));
	await page.reload();
	await shoot(page, 'visitors-phone');
	await page.getByRole('button', { name: 'More for this session' }).click();
	await page.getByRole('menuitem', { name: /They are here/ }).click();
	await sent(page);
	stack.setClock(at('10:40:00'));
}

/** Three loads on their way at the hour of the pictures. */
async function laundry(page, stack, shoot) {
	const told = async (time, press, then) => {
		stack.setClock(at(time));
		await page.goto(`${stack.url}/laundry`);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await page.getByRole('button', { name: press }).first().click();
		await page.getByText(then).first().waitFor();
	};
	await told('07:00:00', 'I started: Bunk sheets', 'in the washing machine');
	await told('08:20:00', 'Hang out the load', 'on the washing line');
	await told('09:00:00', 'I started: School shirts', 'in the washing machine');
	stack.setClock(at('10:10:00'));
	await page.goto(`${stack.url}/laundry`);
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await page
		.locator('.loads > li', { hasText: 'School shirts' })
		.getByRole('button', { name: 'Hang out the load' })
		.click();
	await page.getByText('11:40').first().waitFor();
	await told('10:25:00', 'I started: Towels', 'in the washing machine');
	stack.setClock(at('10:40:00'));
	await page.goto(`${stack.url}/laundry`);
	await shoot(page, 'laundry');
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
		// What was pressed last may have slid the page.
		await page.evaluate(() => scrollTo({ top: 0, behavior: 'instant' }));
		await page.screenshot({ path: join(DIR, `${name}.png`) });
		tell(`${name}.png`);
	};
	const press = async (page, presses) => {
		for (let i = 0; i < presses; i++) {
			await page.waitForFunction(
				(from) => performance.now() - from > 650,
				await page.evaluate(() => performance.now())
			);
			const said = () => document.querySelector('.count, .press h1')?.textContent;
			const step = await page.evaluate(said);
			await page.locator('[data-giant]').click();
			await page.waitForFunction(
				(before) => document.querySelector('.count, .press h1')?.textContent !== before,
				step
			);
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
				await fetch('/timer?/start', { method: 'POST', body, headers: { 'x-sveltekit-action': 'true' } });
			},
			{ line }
		);
		await page.goto(`${stack.url}/timer?for=ottilie`);
		await page.getByRole('link', { name: 'Go to this session' }).click();
		await page.waitForURL(/timer\/.+/);
		await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
		await press(page, presses);
	};
	const wide = await open(1280, 800);
	// Two things run by themselves when the pictures are taken.
	stack.setClock(at('10:38:00'));
	await startJob(wide, 'shower-head-soak', 1);
	await wide.getByRole('button', { name: 'End session now' }).click();
	await wide.getByRole('heading', { name: /All done|has ended/ }).waitFor();
	await sent(wide);
	stack.setClock(at('10:40:00'));
	await wide.goto(`${stack.url}/`);
	await shoot(wide, 'today');
	await wide.goto(`${stack.url}/history?open=2027-03-02`);
	await shoot(wide, 'history');

	const phone = await open(390, 844, 'day');
	await phone.goto(`${stack.url}/`);
	await shoot(phone, 'today-phone');
	await phone.goto(`${stack.url}/supplies/list`);
	await shoot(phone, 'to-buy-phone');

	for (const [path, name] of [
		['/house', 'house'],
		['/house/job/bins-to-the-gate', 'job-editor'],
		['/schedule', 'schedule'],
		['/people', 'people'],
		['/people/week?turn=fold-the-towels@2027-03-03', 'week'],
		['/supplies?product=limescale-remover&on=tile&after=thin-bleach', 'supplies'],
		['/print?kind=room&room=lamp-room', 'print']
	]) {
		await wide.goto(`${stack.url}${path}`);
		await shoot(wide, name);
	}
	await firstSteps(await open(1280, 800), stack.url, shoot);

	// A pail on its way: five minutes, the second step in hand.
	await wide.goto(`${stack.url}/timer?minutes=15&for=ottilie`);
	await wide.getByRole('button', { name: 'Start' }).click();
	await wide.waitForURL(/timer\/.+/);
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
	await wide.goto(pail);
	await wide.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
	await wide.getByRole('button', { name: 'End session now' }).click();
	await wide.getByRole('heading', { name: /All done|has ended/ }).waitFor();
	await sent(wide);
	stack.setClock(at('10:40:00'));
	await together(wide, stack, shoot, press);
	await laundry(await open(1280, 800, 'day'), stack, shoot);
	await clearing(await open(390, 844, 'day'), stack, shoot);
	await visitors(await open(390, 844, 'day'), stack, shoot);
	await childsPage(await open(390, 844, 'day'), stack.url, shoot);
	await browser.close();
	await stack.stop();
} catch (error) {
	await stack?.stop();
	fail(error);
}

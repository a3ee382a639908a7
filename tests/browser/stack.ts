/** A demo home of its own for a test file: database, clock and server. */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { randomBytes } from 'node:crypto';
import axe from 'axe-core';
import { test as base, type Locator, type Page } from '@playwright/test';
import { createConnection } from 'mysql2/promise';
import { freePort } from '../../scripts/lib/database.mjs';
import { serve } from '../../scripts/lib/stack.mjs';
import { copyOfHome } from './template';

export interface Stack {
	readonly url: string;
	readonly database: string;
	readonly clockFile: string;
	/** Sets the household's clock. */
	setClock(instant: string): void;
	/** Ends the server as a power cut would, and starts it again on the same address. */
	killAndRestart(): Promise<void>;
	/** Takes the database away from the server, and gives it back. */
	withoutDatabase(work: () => Promise<void>): Promise<void>;
	query<T>(sql: string): Promise<T[]>;
}

/** The morning on which the pictures are made, too. */
export const MORNING = '2027-03-03T10:40:00Z';

export async function makeStack(at = MORNING, demo = true): Promise<Stack & { stop(): Promise<void> }> {
	const name = `pail_browser_${randomBytes(5).toString('hex')}`;
	const { admin, url } = await copyOfHome(name, at, demo);
	const dir = join(process.env.PAIL_TEST_DIR ?? '.pail/browser', name);
	mkdirSync(dir, { recursive: true });
	const clockFile = join(dir, 'clock');
	writeFileSync(clockFile, at);

	// Between the app and its database stands a gate that can be shut: to the app, the server goes away.
	const { createServer, connect } = await import('node:net');
	const open = new Set<import('node:net').Socket>();
	const gatePort = await freePort();
	const gate = createServer((socket) => {
		const to = connect(Number(url.port), url.hostname);
		for (const one of [socket, to]) {
			open.add(one);
			one.on('close', () => open.delete(one));
			one.on('error', () => undefined);
		}
		socket.pipe(to);
		to.pipe(socket);
		socket.on('close', () => to.destroy());
		to.on('close', () => socket.destroy());
	});
	const openGate = () => new Promise<void>((done) => gate.listen(gatePort, '127.0.0.1', done));
	const shutGate = () =>
		new Promise<void>((done) => {
			gate.close(() => done());
			for (const socket of open) socket.destroy();
		});
	await openGate();
	const gated = new URL(url);
	gated.port = String(gatePort);

	const port = await freePort();
	// The address that links in mail carry.
	await admin.query(
		`INSERT INTO ${name}.setting (name, value, changed_at) VALUES ('origin', 'http://127.0.0.1:${port}', 0)`
	);
	let running = await serve({ url: gated.href, port, clockFile });
	return {
		url: `http://127.0.0.1:${port}`,
		database: url.href,
		clockFile,
		setClock: (instant) => writeFileSync(clockFile, instant),
		async killAndRestart() {
			await running.stop('SIGKILL');
			running = await serve({ url: gated.href, port, clockFile });
		},
		async withoutDatabase(work) {
			await shutGate();
			try {
				await work();
			} finally {
				await openGate();
			}
		},
		async query<T>(sql: string) {
			const connection = await createConnection(url.href);
			const [rows] = await connection.query(sql);
			await connection.end();
			return rows as T[];
		},
		async stop() {
			await running.stop();
			await shutGate();
			await admin.query(`DROP DATABASE ${name}`);
			await admin.end();
		}
	};
}

/**
 * A test with a database, clock and server, and pages that complain aloud: no script error goes unseen.
 * Files share a stack where their options are the same; one that makes homes names a stack of its own.
 */
export const test = base.extend<object, { stack: Stack; demo: boolean; stackOf: string }>({
	/** False: an empty house, without the demo. */
	demo: [true, { option: true, scope: 'worker' }],
	stackOf: ['', { option: true, scope: 'worker' }],
	stack: [
		// Another name is another worker, so another stack.
		async ({ demo, stackOf: _name }, use) => {
			const stack = await makeStack(MORNING, demo);
			await use(stack);
			await stack.stop();
		},
		{ scope: 'worker' }
	],
	baseURL: async ({ stack }, use) => use(stack.url),
	// Where no page is asked for, as at the doors, no browser has to do anything.
	page: async ({ page, stack, demo }, use) => {
		// As somebody who asked to look round the demo: tests that begin homes share their stack with those that look.
		if (demo) await page.context().addCookies([{ name: 'demo', value: 'look', url: stack.url }]);
		const errors: string[] = [];
		page.on('pageerror', (error) => errors.push(String(error)));
		await use(page);
		base.expect(errors, 'script errors on the page').toEqual([]);
	}
});

export const { expect } = base;

export const PASSWORD = 'four plain words here';

/** Sends a form as a page of the house would, with the cookies of this page. */
export async function sendForm(
	page: Page,
	stack: Stack,
	path: string,
	form: Record<string, string>
): Promise<void> {
	const response = await page.request.post(path, {
		headers: { origin: stack.url, accept: 'text/html' },
		form
	});
	base.expect(response.status(), path).toBeLessThan(400);
}

/** Somebody who has an account: what begins a home of one's own. */
export async function signUp(page: Page, stack: Stack): Promise<string> {
	const email = `${randomBytes(6).toString('hex')}@family.test`;
	await sendForm(page, stack, '/sign-up?/up', { email, password: PASSWORD });
	return email;
}

const TAGS = ['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa', 'wcag22aa'];

/** What axe finds on a page, and whether it runs off the side. */
export async function expectAccessible(page: Page, name = ''): Promise<void> {
	// What lies under a bar that sticks can be scrolled out from under it: it is no smaller for that.
	const stuck = await page.evaluateHandle(() => {
		const found = [...document.querySelectorAll<HTMLElement>('body *')].filter(
			(one) => getComputedStyle(one).position === 'sticky'
		);
		for (const one of found) one.style.position = 'static';
		return found;
	});
	// The program is given to a page once: the second look at it finds it there.
	if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
	const violations = await page.evaluate(async (tags) => {
		const { axe } = window as unknown as { axe: typeof import('axe-core') };
		const result = await axe.run({
			runOnly: { type: 'tag', values: tags },
			// Only what is wrong is told in full: the rest costs most of the time.
			resultTypes: ['violations']
		});
		return result.violations.map((one) => ({ id: one.id, nodes: one.nodes.map((n) => n.target.join(' ')) }));
	}, TAGS);
	await stuck.evaluate((found) => found.forEach((one) => one.style.removeProperty('position')));
	base.expect(violations.map((v) => `${name} ${v.id}: ${v.nodes.join(', ')}`)).toEqual([]);
	const over = await page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
	base.expect(over, `${name} runs off the side`).toBeLessThanOrEqual(0);
}

/** The widths and lights that a page is looked at in: each width once, each light once. */
const LOOKS = [
	{ width: 1280, height: 800, light: 'day' },
	{ width: 390, height: 844, light: 'evening' }
] as const;

/** What axe finds on a page that is loaded once and resized, wide by day and narrow in the evening. */
export async function expectAccessibleAnywhere(page: Page, name = ''): Promise<void> {
	for (const { width, height, light } of LOOKS) {
		await page.setViewportSize({ width, height });
		await page.evaluate(async (to) => {
			document.documentElement.dataset.light = to;
			const frame = () => new Promise((done) => requestAnimationFrame(done));
			// One frame to lay it out anew, one for what follows the new size by script.
			await frame();
			await frame();
			await Promise.all(document.getAnimations().map((one) => one.finished.catch(() => undefined)));
		}, light);
		await expectAccessible(page, `${name}, ${width} wide, ${light}`);
	}
}

/** Chooses one of several in a field of the kit. */
export async function choose(scope: Page | Locator, label: string, option: string): Promise<void> {
	await scope.getByRole('combobox', { name: new RegExp(`^${label}:`) }).click();
	const name = new RegExp(`^${option.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(,|$)`);
	const options = pageOf(scope).getByRole('option');
	// A long list still slides to what is chosen when it opens: a press that met it on its way is pressed again.
	await expect(async () => {
		if ((await options.count()) > 0)
			await options.and(pageOf(scope).getByRole('option', { name })).first().click();
		await expect(options).toHaveCount(0, { timeout: 1000 });
	}).toPass();
}

const pageOf = (scope: Page | Locator): Page => ('page' in scope ? scope.page() : scope);

/** Types a day (YYYY-MM-DD) into a field of the kit, part by part as the home writes it. */
export async function typeDay(scope: Page | Locator, label: string, day: string): Promise<void> {
	const field = scope.getByRole('group', { name: label, exact: true });
	const [year, month, date] = day.split('-');
	await field.getByRole('spinbutton').first().focus();
	await pageOf(scope).keyboard.type(`${date}${month}${year}`);
	await expect(field.locator('xpath=../following-sibling::input[1]')).toHaveValue(day);
}

/** Waits until the page's scripts have taken over. */
export async function ready(page: Page): Promise<void> {
	await page.waitForFunction(() => document.documentElement.dataset.ready === 'yes');
}

/** Holds what is sent to an action until it is let go. */
export async function holdSending(page: Page, action: string): Promise<() => void> {
	let letGo: () => void = () => undefined;
	const free = new Promise<void>((done) => (letGo = done));
	await page.route(new RegExp(`\\?/${action}$`), async (route) => {
		await free;
		await route.continue();
	});
	return letGo;
}

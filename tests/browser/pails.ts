/** Pails in the browser: begin one, press on it, set it down; and a page that writes down what rings. */
import type { BrowserContext, Page } from '@playwright/test';
import { expect, ready } from './stack';

export const giant = (page: Page) => page.locator('[data-giant]');

export async function begin(page: Page, path: string) {
	await page.goto(path);
	await ready(page);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	return new URL(page.url()).pathname;
}
/** Nothing waits on this device any more: each press has been answered. */
export async function allSent(page: Page) {
	await page.waitForFunction(() => !Object.keys(localStorage).some((key) => key.startsWith('pail-press')));
}
/** A second press within 600 ms is the same one: from here on it is another. */
export async function another(page: Page) {
	const at = await page.evaluate(() => performance.now());
	await page.waitForFunction((since) => performance.now() - since > 620, at);
}
/** What stands in the head of a session; on a phone it lies behind one button. */
export async function besideTheWork(page: Page, name: string | RegExp) {
	const more = page.getByRole('button', { name: 'More for this session' });
	if (await more.isVisible()) {
		await more.click();
		await page.getByRole('menuitem', { name }).click();
	} else await page.getByRole('button', { name }).click();
}
export async function setDown(page: Page, name: string | RegExp = 'End session now') {
	await besideTheWork(page, name);
	await expect(page.getByRole('heading', { name: /All done|has ended/ })).toBeVisible();
	await allSent(page);
}
/** What a page without sound, locks and notifications is given instead; each writes down what was asked of it. */
export async function withStubs(target: Page | BrowserContext) {
	await target.addInitScript(() => {
		const heard = { shakes: [] as number[], locks: 0, told: [] as string[], strikes: 0 };
		Object.assign(window, { heard });
		navigator.vibrate = (pattern) => {
			heard.shakes.push(Array.isArray(pattern) ? pattern.length : 1);
			return true;
		};
		Object.defineProperty(navigator, 'wakeLock', {
			value: {
				request: async () => {
					heard.locks++;
					return { release: async () => undefined };
				}
			}
		});
		class Told {
			static permission = 'granted';
			static requestPermission = async () => 'granted';
			constructor(_title: string, options: { body: string }) {
				heard.told.push(options.body);
			}
		}
		Object.defineProperty(window, 'Notification', { value: Told, configurable: true });
		const start = OscillatorNode.prototype.start;
		OscillatorNode.prototype.start = function (when) {
			heard.strikes++;
			return start.call(this, when);
		};
	});
}
export const heard = (page: Page) =>
	page.evaluate(
		() =>
			(window as unknown as { heard: { shakes: number[]; locks: number; told: string[]; strikes: number } })
				.heard
	);

/** Chooses one of the other ways to clean, as a person would on Today. */
export async function otherWay(page: Page, name: string): Promise<void> {
	await ready(page);
	await page.getByRole('link', { name: 'Other ways to clean' }).click();
	await page
		.getByRole('dialog')
		.getByRole('link', { name: new RegExp(`^${name}`) })
		.click();
}

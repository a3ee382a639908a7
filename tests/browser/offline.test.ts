import { readdirSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, ready, sendForm, test } from './stack';

test.use({ stackOf: 'the lost connection', serviceWorkers: 'allow' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:50:00Z'));

/** The parts of all pages that the device has by now; those of typefaces that are not used apart. */
const parts = (page: Page) =>
	page.evaluate(async () => {
		let found = 0;
		for (const name of await caches.keys())
			if (name.startsWith('parts ')) found += (await (await caches.open(name)).keys()).length;
		return found;
	});

/** The pages that the device has by now. */
const kept = (page: Page) =>
	page.evaluate(async () => {
		await navigator.serviceWorker.ready;
		for (const name of await caches.keys())
			if (name.startsWith('pages '))
				return (await (await caches.open(name)).keys()).map((one) => new URL(one.url).pathname).sort();
		return [];
	});

test('the list to buy opens in a shop without a connection, though it was never open before', async ({
	page,
	context,
	stack
}) => {
	await page.goto('/supplies');
	await ready(page);
	await expect.poll(() => kept(page)).toEqual(['/', '/supplies/list']);
	const built = readdirSync('build/client/_app/immutable', { recursive: true, encoding: 'utf8' });
	await expect
		.poll(() => parts(page), { timeout: 30_000 })
		.toBe(built.filter((name) => /\.(js|css|woff2)$/.test(name)).length);
	await context.setOffline(true);
	await page.goto('/supplies/list');
	await ready(page);
	await expect(page.getByText(/^No connection. This page is as it was on \w+ at /)).toBeVisible();
	const spirit = page.getByRole('checkbox', { name: 'Surgical spirit' });
	await spirit.click();
	await expect(page.getByText('1 tick waits for the connection. Nothing is lost.')).toBeVisible();
	// Today is kept, too; what is not says so, and where one can go.
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
	await ready(page);
	await page.goto('/house');
	await expect(page.getByRole('heading', { name: 'No connection' })).toBeVisible();
	await page.getByRole('link', { name: 'Shopping list' }).click();
	await expect(spirit).toBeChecked();
	await context.setOffline(false);
	await expect
		.poll(
			async () =>
				(await stack.query<{ level: string }>("SELECT level FROM supply WHERE id = 'surgical-spirit'"))[0]
					?.level
		)
		.toBe('plenty');
	await expect(page.getByText(/^No connection/)).toHaveCount(0);
});

test('who signs out leaves no page of theirs on the device', async ({ page, stack }) => {
	await page.goto('/');
	await ready(page);
	await expect.poll(() => kept(page)).toEqual(['/', '/supplies/list']);
	await page.evaluate(() => fetch('/sign-in?/out', { method: 'POST', body: new FormData() }));
	await expect.poll(() => kept(page)).toEqual([]);
	await sendForm(page, stack, '/demo/look', {});
});

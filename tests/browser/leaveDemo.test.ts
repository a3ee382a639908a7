import { readFileSync } from 'node:fs';
import { expect, ready, signUp, test } from './stack';

test.use({ stackOf: 'the one who leaves' });

const demo = JSON.parse(readFileSync('demo/station-house.json', 'utf8')) as { rooms: { name: string }[] };

for (const width of [1280, 390]) {
	test(`every page of the demo leads to a home of one’s own, ${width} wide`, async ({ page }) => {
		await page.setViewportSize({ width, height: 844 });
		for (const path of [
			'/',
			'/timer',
			'/schedule',
			'/schedule?view=month',
			'/house',
			'/house/library',
			'/house/rhythm',
			'/house/growing',
			'/house/pauses',
			'/house/files',
			'/history'
		]) {
			await page.goto(path);
			const way = page.getByRole('link', { name: /Begin your own home/ }).filter({ visible: true });
			await expect(way, path).toHaveCount(1);
			await expect(way, path).toHaveAttribute('href', '/begin');
		}
	});
}

test('the demo is taken along as a start, and stays as it was', async ({ page, stack }) => {
	const rowsOf = () =>
		stack.query<{ rooms: number; entries: number }>(
			`SELECT (SELECT COUNT(*) FROM room r WHERE r.household_id = h.id) AS rooms,
				(SELECT COUNT(*) FROM ledger l WHERE l.household_id = h.id) AS entries
			FROM household h WHERE h.is_demo = 1`
		);
	const before = await rowsOf();
	await signUp(page, stack);
	await page.goto('/');
	await ready(page);
	await page.getByRole('link', { name: 'Begin your own home' }).click();
	await ready(page);
	await page.getByRole('button', { name: 'Start from the demo home’s rooms' }).click();
	await ready(page);
	await expect(page.locator('[data-room]')).toHaveCount(demo.rooms.length);
	await page.getByRole('link', { name: 'First morning' }).click();
	await page.getByRole('button', { name: 'Begin our home' }).click();
	await expect(page).toHaveURL(new RegExp(`^${stack.url}/$`));
	await page.goto('/house');
	for (const room of demo.rooms) {
		await expect(page.getByRole('link', { name: room.name }).first(), room.name).toBeVisible();
	}
	expect(await rowsOf()).toEqual(before);
	const homes = await stack.query<{ n: number }>('SELECT COUNT(*) AS n FROM household');
	expect(homes[0]?.n).toBe(2);
});

test('the demo is looked at as any of its people, and its mail stays in it', async ({ page, stack }) => {
	// Somebody has a home here by now: whoever is nobody in particular asks to look round the demo.
	await page.context().clearCookies();
	await page.goto('/');
	await expect(page.getByRole('heading', { name: 'Log in' })).toBeVisible();
	await page.getByRole('button', { name: 'Look around the demo home' }).click();
	await expect(page).toHaveURL(`${stack.url}/`);
	await page.goto('/people/access');
	await ready(page);
	const row = page.getByRole('listitem').filter({ hasText: 'Bram' });
	await row.getByText('More').click();
	await row.getByLabel('Send it by mail to').fill('bram@vales.test');
	await row.getByRole('button', { name: 'Send' }).click();
	await expect(page.getByText('in the mail of the demo')).toBeVisible();
	await page.goto('/demo/outbox');
	await expect(page.getByText('To bram@vales.test')).toBeVisible();
	await expect(page.getByText(/\/join\?code=/)).toBeVisible();

	await page.goto('/');
	await ready(page);
	const menu = page.getByRole('link', { name: /^Menu of this home/ }).filter({ visible: true });
	await menu.click();
	await page.getByRole('button', { name: 'Look at it as Kit' }).click();
	await expect(page).toHaveURL(`${stack.url}/mine`);
	await expect(page.getByRole('heading', { name: 'Kit', level: 1 })).toBeVisible();
	expect((await page.request.get('/house')).status()).toBe(403);
	await ready(page);
	await menu.click();
	await page.getByRole('button', { name: 'Look at it as Bram' }).click();
	await expect(page).toHaveURL(`${stack.url}/`);
	expect((await page.request.get('/people/access')).status()).toBe(403);
	expect((await page.request.get('/demo/outbox')).status()).toBe(404);
});

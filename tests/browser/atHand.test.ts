/** A job at hand, from Today to its editor and back, in the demo and in a home begun through the first steps, at each size. */
import type { BrowserContextOptions } from '@playwright/test';
import { beginFamily, at } from './household';
import { expect, expectAccessible, ready, test } from './stack';

test.use({ stackOf: 'a job at hand' });
test.beforeAll(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

const SIZES = {
	phone: { viewport: { width: 390, height: 844 }, hasTouch: true },
	'a tablet upright': { viewport: { width: 834, height: 1112 }, hasTouch: true },
	desktop: { viewport: { width: 1280, height: 800 } }
} satisfies Record<string, BrowserContextOptions>;

for (const [size, options] of Object.entries(SIZES))
	for (const home of ['the demo', 'a home begun through the first steps'] as const)
		test(`a job for one day, its note, its tick, its editor and its way back: ${home}, ${size}`, async ({
			browser,
			stack
		}) => {
			const context =
				home === 'the demo'
					? await browser.newContext({ baseURL: stack.url, ...options })
					: await at(browser, stack, await beginFamily(stack), options);
			if (home === 'the demo') await context.addCookies([{ name: 'demo', value: 'look', url: stack.url }]);
			const page = await context.newPage();
			const name = `Clean before the party, ${size}`;
			await page.goto('/');
			await ready(page);
			// Three touches and its name.
			await page.getByRole('button', { name: 'Add a job', exact: true }).click();
			await page.getByRole('textbox', { name: 'What is to do' }).fill(name);
			await page.getByRole('button', { name: 'Add this job' }).click();
			const row = page.locator('[data-line]').filter({ hasText: name });
			await expect(row).toBeVisible();
			await expect(page.getByRole('dialog')).toHaveCount(0);

			if (size === 'a tablet upright') {
				// Rolls stand in two columns.
				const isRight = await page
					.locator('ul.linen:has([data-line])')
					.evaluateAll((rolls) => rolls.map((one) => one.getBoundingClientRect().left > innerWidth / 2 - 20));
				expect(new Set(isRight)).toEqual(new Set([true, false]));
			}

			// The row opens its sheet, with a note for this time; the sheet leads to its editor.
			await row.getByRole('link', { name }).click();
			const sheet = page.getByRole('dialog');
			await sheet.getByRole('button', { name: 'Write a note for today' }).click();
			await sheet.getByRole('textbox', { name: 'Note for today' }).fill('The good glasses as well.');
			await sheet.getByRole('button', { name: 'Save this note' }).click();
			await expect(row).toContainText('The good glasses as well.');

			// The ring ticks, the row stays with its undo.
			await row.getByRole('button', { name: `Done: ${name}` }).click();
			await row.getByRole('button', { name: `Undo: ${name}` }).click();
			await expect(row.getByRole('button', { name: `Done: ${name}` })).toBeVisible();
			await expectAccessible(page, `Today, ${home}, ${size}`);

			await row.getByRole('link', { name }).click();
			await sheet.getByRole('link', { name: 'Change this job' }).click();
			await expect(page.getByRole('heading', { name })).toBeVisible();
			await ready(page);
			await page.getByRole('button', { name: /^How many minutes/ }).click();
			await page.getByRole('spinbutton', { name: /^How many minutes/ }).fill('25');
			await page.getByRole('button', { name: 'Save', exact: true }).click();
			await expect(page.getByText('Saved. It holds from today.')).toBeVisible();

			// The change of the job is taken back.
			await page.goto('/house/changes');
			await ready(page);
			const changes = page.getByRole('listitem').filter({ hasText: name });
			await changes.getByRole('button', { name: /^Undo/ }).first().click();
			await expect(page.getByText('Undone. The home is as it was before that change.')).toBeVisible();
			await page.goto('/');
			await ready(page);
			await expect(row).toContainText('15 min');
			await context.close();
		});

test('places that had other addresses are found at them', async ({ page }) => {
	for (const [from, to] of [
		['/pail', '/timer'],
		['/rota', '/schedule'],
		['/crew', '/people'],
		['/ledger', '/history'],
		['/paper', '/print']
	] as const) {
		await page.goto(`${from}?on=2027-03-04`);
		await expect(page).toHaveURL(new RegExp(`${to}\\?on=2027-03-04$`));
	}
});

import type { Route } from '@playwright/test';
import { expect, ready, test } from './stack';

test.use({ stackOf: 'the lost connection' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

/** A gate for requests: they wait until it is opened. */
function gate() {
	let open: () => void = () => undefined;
	const opened = new Promise<void>((done) => (open = done));
	return { opened, open };
}

test('an answer that never came: it says so, keeps what was typed, and the same press again counts once', async ({
	page,
	stack
}) => {
	await page.goto('/?open=stair-treads');
	await ready(page);
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Minutes, if you know').fill('7');
	// The house gets the press, its answer is lost on the way.
	const lose = async (route: Route) => {
		await route.fetch();
		await route.abort();
	};
	await page.route('**/*?/tick*', lose);
	await sheet.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByText('The server does not answer just now.')).toBeVisible();
	await expect(sheet.getByLabel('Minutes, if you know')).toHaveValue('7');
	await page.unroute('**/*?/tick*', lose);
	await sheet.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByText('Done: Stair treads').first()).toBeVisible();
	await expect(page.getByText('The server does not answer just now.')).toHaveCount(0);
	expect(
		await stack.query(
			`SELECT COUNT(*) AS n FROM ledger WHERE job_id = 'stair-treads' AND date = '2027-03-03' AND minutes = 7`
		)
	).toEqual([{ n: 1 }]);
});

test('what is typed while an answer is on its way stays', async ({ page }) => {
	await page.goto('/?open=stair-skirting');
	await ready(page);
	const sheet = page.getByRole('dialog');
	const held = gate();
	await page.route('**/*?/tick*', async (route) => {
		await held.opened;
		await route.continue();
	});
	await sheet.getByLabel('Minutes, if you know').fill('-3');
	await sheet.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(sheet.locator('form[action^="/?/tick"]')).toHaveAttribute('aria-busy', 'true');
	await sheet.getByLabel('Minutes, if you know').fill('12');
	held.open();
	await expect(sheet.getByRole('alert')).toContainText('Minutes must be more than 0.');
	await expect(sheet.getByLabel('Minutes, if you know')).toHaveValue('12');
});

test('a link that is touched while an answer is on its way leads where it says', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	const tick = gate();
	const way = gate();
	await page.route('**/*?/tick*', async (route) => {
		await tick.opened;
		await route.continue();
	});
	await page.route('**/history/__data.json*', async (route) => {
		await way.opened;
		await route.continue();
	});
	await page.locator('[data-tick]').first().click();
	const asked = page.waitForRequest('**/history/__data.json*');
	await page.getByRole('link', { name: 'History' }).first().click();
	await asked;
	const answered = page.waitForResponse('**/*?/tick*');
	tick.open();
	await answered;
	way.open();
	await expect(page.getByRole('heading', { level: 1, name: /History/ })).toBeVisible();
});

test('a form that is pressed twice before its answer is one entry', async ({ page, stack }) => {
	await page.goto('/house/pauses');
	await ready(page);
	await page.getByLabel('A note, if you like').fill('twice');
	await page.evaluate(() => {
		const form = document.querySelector<HTMLFormElement>('form[action*="pause"]');
		form?.requestSubmit();
		form?.requestSubmit();
	});
	await expect(page.getByText('twice').first()).toBeVisible();
	expect(
		await stack.query(
			`SELECT COUNT(*) AS n FROM ledger WHERE outcome = 'pause' AND JSON_SEARCH(detail, 'one', 'twice') IS NOT NULL`
		)
	).toEqual([{ n: 1 }]);
});

test('a page that something else has changed before it is hydrated is made anew, once, and works', async ({
	browser,
	stack
}) => {
	// A day on which nobody has said that it is enough.
	stack.setClock('2027-03-04T10:40:00Z');
	const context = await browser.newContext({ baseURL: stack.url });
	await context.addCookies([{ name: 'demo', value: 'look', url: stack.url }]);
	const page = await context.newPage();
	let asked = 0;
	// As a translator does: words stand in elements of its own.
	await page.route(`${stack.url}/`, async (route) => {
		if (route.request().method() !== 'GET') return route.continue();
		asked++;
		const response = await route.fetch();
		const sent = await response.text();
		const body = sent.replace(/<h1 class="m-0 wrap-anywhere">.*?<\/h1>/s, '<font>Heute</font>');
		expect(body).not.toBe(sent);
		await route.fulfill({ response, body });
	});
	await page.goto('/');
	await expect(page.locator('h1')).toHaveText(/Thursday/);
	await ready(page);
	expect(asked).toBe(2);
	const line = await page.locator('li [data-tick]').first().getAttribute('data-tick');
	const row = page.locator(`li[data-line="${line}"]`);
	await row.getByRole('button', { name: /^Done: / }).click();
	await expect(row.locator('s')).toBeVisible();
	// From then on its pages are hydrated in one go.
	await page.goto('/');
	await ready(page);
	expect(asked).toBe(3);
	await expect(page.locator('h1')).toHaveText(/Thursday/);
	await context.close();
});

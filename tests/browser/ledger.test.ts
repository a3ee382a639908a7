import { choose, expect, expectAccessibleAnywhere, ready, test, typeDay } from './stack';

test.use({ stackOf: 'the Ledger' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

test('the Ledger tells who did what, when, and how long; a line opens its page', async ({ page }) => {
	await page.goto('/history');
	await ready(page);
	await expect(page.getByRole('link', { name: /Bram: stove ash/ }).first()).toBeVisible();
	await page.getByRole('link', { name: /^Tue 2 / }).click();
	await page.getByRole('link', { name: /^Vacuum the ground floor/ }).click();
	const right = page.getByRole('region', { name: 'All times of a job' });
	await expect(right.getByRole('heading', { name: 'Vacuum the ground floor' })).toBeVisible();
	await expect(right).toContainText('weekly on Tuesdays and Fridays');
	await expect(right).toContainText(/Last done\s*Tue 2 Mar/);
	await expect(right).toContainText(/Next due\s*Fri 5 Mar/);
	await expect(right).toContainText(
		/takes\s+about \d+ minutes, mostly [\s\S]*you said 15\.\s+Done (about )?every/
	);
});

test('filters by person, room and job, and turns back a page', async ({ page }) => {
	await page.goto('/history');
	await ready(page);
	await choose(page, 'By whom', 'Nan Wren');
	await expect(page).toHaveURL(/by=nan-wren/);
	await expect(page.getByText('Nan Wren:').first()).toBeVisible();
	await expect(page.getByText('Bram:')).toHaveCount(0);
	await choose(page, 'By whom', 'everyone');
	await choose(page, 'In which room', 'Signal Loft');
	await expect(page).toHaveURL(/room=signal-loft/);
	await expect(page.getByRole('region', { name: 'Days' })).toContainText('own loft');
	await page.goto('/history?job=bins-to-the-gate');
	await expect(page.getByRole('region', { name: 'All times of a job' })).toContainText('Bins to the gate');
	await page.goto('/history');
	await page.getByRole('link', { name: 'Earlier days' }).click();
	await expect(page.getByRole('region', { name: 'Days' })).toContainText('Fri');
	await expect(page).toHaveURL(/to=2027-02/);
});

test('a month as a calendar: of everyone, of one, and the month before', async ({ page }) => {
	await page.goto('/people');
	await ready(page);
	await page.getByRole('link', { name: 'A month of who did how much' }).click();
	await expect(page.getByRole('heading', { name: 'Who did how much in March 2027' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'The month after' })).toHaveCount(0);
	const whole = (await page.getByRole('link', { name: /^Everyone / }).textContent()) ?? '';
	const today = page.getByRole('link', { name: /^Wed 3 March: \d/ });
	await expect(today).toBeVisible();
	await page.getByRole('link', { name: /^Nan Wren / }).click();
	await expect(page.getByRole('link', { name: /^Wed 3 March: nothing/ })).toBeVisible();
	await expect(page.getByRole('link', { name: /^Everyone / })).toHaveText(whole);
	await page.getByRole('link', { name: 'The month before' }).click();
	await expect(page.getByRole('heading', { name: 'Who did how much in February 2027' })).toBeVisible();
	await expect(page.getByRole('link', { name: /^Nan Wren / })).toHaveAttribute('aria-current', 'true');
	await page.getByRole('link', { name: /: \d/ }).first().click();
	await expect(page).toHaveURL(/\/history\?to=2027-02-\d\d.*by=nan-wren/);
	await page.goto('/history/month?month=2027-99');
	await expect(page.getByRole('heading', { name: 'Who did how much in March 2027' })).toBeVisible();
	await ready(page);
	await expectAccessibleAnywhere(page, '/history/month');
});

test('takes an entry back: it stays, struck, and can be put in again', async ({ page }) => {
	await page.goto('/history?open=2027-03-03');
	await ready(page);
	await page.getByRole('link', { name: /^Stove ash/ }).click();
	await expect(page.getByRole('heading', { name: 'Stove ash' })).toBeVisible();
	await page.getByRole('button', { name: 'Undo' }).click();
	const row = page.getByRole('listitem').filter({ hasText: 'Stove ash' });
	await expect(row).toContainText('undone at 10:40');
	await page.goto('/');
	await expect(page.locator('[data-line="stove-ash"]')).toHaveCount(1);
	await page.goto('/history?open=2027-03-03');
	await ready(page);
	await page.getByRole('button', { name: 'Count it again' }).click();
	await expect(row).not.toContainText('undone');
	await page.goto('/');
	await expect(page.locator('[data-line="stove-ash"]')).toHaveCount(0);
});

test('writes in a day, and says what is wrong with what cannot be', async ({ page }) => {
	await page.goto('/history');
	await ready(page);
	await page.getByRole('link', { name: 'Add something done' }).click();
	const sheet = page.getByRole('dialog');
	await choose(sheet, 'What', 'Paper and post');
	await sheet.getByLabel('Minutes, if you know').fill('ten');
	await sheet.getByRole('button', { name: 'Save it in History' }).click();
	await expect(sheet.getByRole('alert')).toContainText('Minutes are a number');
	await expect(sheet.getByLabel('Minutes, if you know')).toHaveValue('ten');
	await expect(sheet.getByLabel('Minutes, if you know')).toHaveAttribute('aria-invalid', 'true');
	await typeDay(sheet, 'On which day', '2027-03-09');
	await sheet.getByLabel('Minutes, if you know').fill('14');
	await sheet.getByRole('button', { name: 'Save it in History' }).click();
	await expect(sheet.getByRole('alert')).toContainText('still to come');
	await typeDay(sheet, 'On which day', '2027-02-28');
	await choose(sheet, 'Who', 'Bram');
	await sheet.getByRole('button', { name: 'Save it in History' }).click();
	await expect(sheet).toHaveCount(0);
	await page.goto('/history?job=paper-and-post');
	await expect(page.getByRole('region', { name: 'Days' })).toContainText('Bram: paper and post');
});

test('without scripts, too, what is wrong stands beside its field, with all that was typed', async ({
	stack,
	browser
}) => {
	const context = await browser.newContext({ baseURL: stack.url, javaScriptEnabled: false });
	const page = await context.newPage();
	await page.goto('/history?write=1');
	const minutes = page.getByLabel('Minutes, if you know');
	await minutes.fill('ten');
	await page.getByRole('button', { name: 'Save it in History' }).click();
	await expect(minutes).toHaveAccessibleDescription(/Minutes are a number/);
	await expect(minutes).toHaveValue('ten');
	await minutes.fill('11');
	await page.getByRole('button', { name: 'Save it in History' }).click();
	await expect(page.getByText('11', { exact: true }).first()).toBeVisible();
	await context.close();
});

test('axe finds nothing on the Ledger, wide and narrow', async ({ page }) => {
	for (const path of ['/history', '/history?write=1', '/history?by=pip&room=signal-loft']) {
		await page.goto(path);
		await ready(page);
		if (path.includes('write')) await expect(page.getByRole('dialog')).toBeVisible();
		await expectAccessibleAnywhere(page, path);
	}
	// Narrow, a job stands where the days stood, and leads back to them.
	await page.goto('/history');
	await ready(page);
	await page.getByRole('link', { name: /^Stove ash/ }).click();
	await expect(page.getByRole('heading', { name: 'Stove ash' })).toBeVisible();
	await page.getByRole('button', { name: 'Back to all days' }).click();
	await expect(page.getByRole('link', { name: /^Stove ash/ })).toBeVisible();
});

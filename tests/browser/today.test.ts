import { expect, expectAccessibleAnywhere, ready, test } from './stack';

test.use({ stackOf: 'Today' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

const tag = (line: string) => `[data-line="${line}"]`;

test('Today says what is on, what is late, what waits, and who is here', async ({ page }) => {
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
	await expect(page.getByText(/left on the line, in \d+ jobs/)).toBeVisible();
	await expect(
		page.getByRole('article', { name: 'Next' }).getByRole('button', { name: 'Start' })
	).toBeVisible();
	await expect(page.locator('#held').getByText('2 turns late')).toBeVisible();
	await page.getByRole('button', { name: /^\d+ more$/ }).click();
	await expect(page.getByText('waits for Saturday').first()).toBeVisible();
	await expect(page.getByText('paint drying, to Friday')).toBeVisible();
	await expect(page.getByText('carries the day')).toBeVisible();
	await expect(page.getByText('day 3 of 5')).toBeVisible();
});

test('one touch ticks, shows it at once, and takes it back', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	const button = page.locator(`[data-tick="wipe-the-counters"]`);
	await button.click();
	await expect(page.getByRole('status')).toContainText('Done: Wipe the counters.');
	await expect(button).toHaveCount(0);
	await page.getByRole('status').getByRole('button', { name: 'Take it back' }).click();
	await expect(page.getByRole('status')).toContainText('Taken back.');
	await expect(button).toBeVisible();
});

test('the sheet looks, lets go, does half, says what was found, and skips ahead', async ({ page, stack }) => {
	await page.goto('/');
	await ready(page);
	await page.locator(`${tag('kitchen-reset')} a.name`).click();
	const sheet = page.getByRole('dialog');
	await expect(sheet).toContainText('Sink last, dry the tap');
	await sheet.getByLabel('heavy').check();
	await sheet.getByLabel('Minutes, if you know').fill('12,5');
	await sheet.getByRole('button', { name: 'Half done' }).click();
	await expect(sheet).toHaveCount(0);
	await expect(page.locator(tag('kitchen-reset'))).toContainText('50 % done');
	expect(
		await stack.query(
			"SELECT outcome, found, minutes FROM ledger WHERE job_id = 'kitchen-reset' ORDER BY seq DESC LIMIT 1"
		)
	).toEqual([{ outcome: 'part', found: 'heavy', minutes: '12.50' }]);
	await page.goto('/?open=dryer-filter');
	await ready(page);
	await sheet.getByRole('button', { name: /Skip the turn/ }).click();
	await expect(page.getByRole('status')).toContainText('Skipped: Fluff filter');
	await page.goto('/?open=stair-skirting');
	await ready(page);
	await sheet.getByRole('button', { name: 'Looked, not needed' }).click();
	await expect(page.getByRole('status')).toContainText('Looked at, not needed: Stair skirting.');
});

test('what cannot be written says why and keeps what was typed', async ({ page }) => {
	await page.goto('/?open=stair-treads');
	await ready(page);
	const sheet = page.getByRole('dialog');
	for (const [minutes, says] of [
		['0', 'Minutes must be more than 0.'],
		['-3', 'Minutes must be more than 0.'],
		['1e9', 'Minutes are at most 1440, a whole day.'],
		['ten', 'Minutes are a number']
	] as const) {
		await sheet.getByLabel('Minutes, if you know').fill(minutes);
		await sheet.getByRole('button', { name: 'Done', exact: true }).click();
		await expect(sheet.getByRole('alert')).toContainText(says);
		await expect(sheet.getByLabel('Minutes, if you know')).toHaveValue(minutes);
	}
});

test('keys do what touches do', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	const next = await page.getByRole('article', { name: 'Next' }).getAttribute('data-line');
	await page.keyboard.press('d');
	await expect(page.getByRole('status')).toContainText('Done:');
	await expect(page.getByRole('article', { name: 'Next' })).not.toHaveAttribute('data-line', next ?? '');
	await page.keyboard.press('u');
	await expect(page.getByRole('status')).toContainText('Taken back.');
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Tuesday, 2 March');
	await expect(page.getByRole('heading', { name: 'What happened' })).toBeVisible();
	await page.keyboard.press('t');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Thursday, 4 March');
	await expect(page.locator(tag('washroom-floor-to-pipes')).first()).toBeVisible();
});

test('enough for today leaves the basics, and hangs again', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(1);
	await page.getByRole('button', { name: 'Enough for today' }).click();
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(0);
	await expect(page.locator(tag('kitchen-reset'))).toHaveCount(1);
	await page.getByRole('button', { name: /Hang the other \d+ again/ }).click();
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(1);
});

test('a crowded part spreads at a touch', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	const spread = page.getByRole('button', { name: /jobs, / }).last();
	await spread.click();
	await expect(page.getByRole('button', { name: 'push together' })).toBeVisible();
	await expect(page.locator(`${tag('bins-to-the-gate')} .where`)).toBeVisible();
});

test('without scripts the page is the same, and its forms work', async ({ browser, stack }) => {
	const context = await browser.newContext({ javaScriptEnabled: false, baseURL: stack.url });
	const page = await context.newPage();
	await page.goto('/?open=sweep-the-lamp-room');
	const sheet = page.getByRole('region', { name: 'Sweep the Lamp Room floor' });
	await sheet.getByRole('button', { name: 'Let go' }).click();
	await expect(page.getByRole('status')).toContainText('Let go: Sweep the Lamp Room floor.');
	await context.close();
});

test('a day that is none, a page that is none: both say so kindly', async ({ page }) => {
	for (const path of [
		'/?on=2027-02-31',
		'/?on=yesterday',
		'/?on=2099-01-01',
		'/no-such-page',
		'/timer/01900000-0000-7000-8000-000000000001'
	]) {
		const response = await page.goto(path);
		expect(response?.status(), path).toBe(404);
		await expect(page.getByRole('link', { name: 'Back to Today' })).toBeVisible();
	}
});

test('when the database goes away the page says so, keeps what was typed, and works when it is back', async ({
	page,
	stack
}) => {
	await page.goto('/?open=fold-the-towels');
	await ready(page);
	const sheet = page.getByRole('dialog');
	await sheet.getByLabel('Minutes, if you know').fill('9');
	await stack.withoutDatabase(async () => {
		await sheet.getByRole('button', { name: 'Done', exact: true }).click();
		await expect(sheet.getByRole('alert')).toContainText('nothing was written');
		await expect(sheet.getByLabel('Minutes, if you know')).toHaveValue('9');
		const other = await page.context().newPage();
		const response = await other.goto('/');
		expect(response?.status()).toBe(503);
		await expect(other.getByText('The record book cannot be reached just now.')).toBeVisible();
		await other.close();
	});
	await sheet.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByRole('status')).toContainText('Done: Fold the towels.');
	expect(
		await stack.query(
			"SELECT COUNT(*) AS n FROM ledger WHERE job_id = 'fold-the-towels' AND date = '2027-03-03'"
		)
	).toEqual([{ n: 1 }]);
});

test('a form that is sent twice counts once', async ({ page, stack }) => {
	await page.goto('/');
	const id = '01900000-0000-7000-8000-00000000abcd';
	for (let i = 0; i < 2; i++) {
		const response = await page.request.post('/?/tick', {
			form: { id, line: 'one-pile-up-spot', date: '2027-03-03', by: 'juno', outcome: 'done' },
			headers: { origin: stack.url }
		});
		expect(response.status()).toBe(200);
	}
	expect(await stack.query(`SELECT COUNT(*) AS n FROM ledger WHERE id = '${id}'`)).toEqual([{ n: 1 }]);
});

test('odd forms are refused with words, never with a crash', async ({ page, stack }) => {
	await page.goto('/');
	const post = (form: Record<string, string>, action = 'tick') =>
		page.request.post(`/?/${action}`, { form, headers: { origin: stack.url, accept: 'application/json' } });
	for (const form of [
		{ line: 'ghost', outcome: 'done', id: '01900000-0000-7000-8000-00000000aaaa' },
		{ line: 'wipe-the-counters', outcome: 'done', id: 'mine' },
		{
			line: 'wipe-the-counters',
			outcome: 'done',
			date: '2027-02-31',
			id: '01900000-0000-7000-8000-00000000aaab'
		},
		{
			line: 'wipe-the-counters',
			outcome: 'done',
			date: '2027-03-09',
			id: '01900000-0000-7000-8000-00000000aaac'
		},
		{ line: "'; DROP TABLE ledger; --", outcome: 'done', id: '01900000-0000-7000-8000-00000000aaad' },
		{ line: 'x'.repeat(5000), outcome: 'done' },
		{}
	] as Record<string, string>[]) {
		const body = (await (await post(form)).json()) as { type: string; status: number; data: string };
		expect(body.type, JSON.stringify(form).slice(0, 80)).toBe('failure');
		expect(body.status).toBeGreaterThanOrEqual(400);
		expect(body.status).toBeLessThan(500);
	}
	const undoOther = await post(
		{ of: '01900000-0000-7000-8000-0000000000ff', id: '01900000-0000-7000-8000-00000000aaae' },
		'undo'
	);
	expect(((await undoOther.json()) as { type: string }).type).toBe('failure');
});

test('axe finds nothing on Today, wide and narrow, by day and in the evening, and nothing runs off the side', async ({
	page
}) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	for (const path of ['/', '/?open=stair-skirting', '/?on=2027-03-02', '/?on=2027-03-05']) {
		await page.goto(path);
		await ready(page);
		if (path.includes('open')) await expect(page.getByRole('dialog')).toBeVisible();
		await expectAccessibleAnywhere(page, path);
	}
});

test('the skip link is the first stop, and leads past the places', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	await page.keyboard.press('Tab');
	await expect(page.getByRole('link', { name: 'Skip to the work' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.locator('#content')).toBeFocused();
});

test('the evening light is chosen with one touch, and stays', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Evening light' }).click();
	await expect(page.locator('html')).toHaveAttribute('data-light', 'evening');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-light', 'evening');
});

test('after a week in which nothing was done the Line still ends at the side, also when a part is spread', async ({
	page,
	stack
}) => {
	stack.setClock('2027-03-10T10:40:00Z');
	await page.goto('/');
	await ready(page);
	const over = () => page.evaluate(() => document.documentElement.scrollWidth - innerWidth);
	const spread = page.getByRole('button', { name: /^\d+ jobs, / });
	await expect(spread.first()).toBeVisible();
	expect(await over()).toBe(0);
	for (let i = (await spread.count()) - 1; i >= 0; i--) {
		await spread.nth(i).click();
		await expect(page.getByRole('button', { name: 'push together' })).toBeVisible();
		expect(await over(), `part ${i}`).toBe(0);
		await page.getByRole('button', { name: 'push together' }).click();
		await expect(page.getByRole('button', { name: 'push together' })).toHaveCount(0);
	}
});

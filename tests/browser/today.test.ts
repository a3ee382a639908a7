import { expect, expectAccessibleAnywhere, ready, test } from './stack';

test.use({ stackOf: 'Today' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

const tag = (line: string) => `[data-line="${line}"]`;

test('Today says what is on, what is overdue, what was moved, and who is here', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
	await expect(page.getByText(/to do in \d+ jobs, \d+ done/)).toBeVisible();
	await expect(
		page.getByRole('article', { name: 'Next' }).getByRole('button', { name: 'Start' })
	).toBeVisible();
	const overdue = page.getByRole('region', { name: 'Overdue, not urgent' });
	await expect(overdue.getByText('missed twice')).toBeVisible();
	await overdue.getByRole('button', { name: /^\d+ more$/ }).click();
	await expect(overdue.getByText('moved to Saturday, your catch-up day').first()).toBeVisible();
	await expect(overdue.getByText('paint drying, paused until Friday')).toBeVisible();
	await expect(page.getByRole('region', { name: 'Looking after the home' })).toContainText('until 17:00');
	await expect(page.getByText('Day 3 of 5')).toBeVisible();
});

test('every job of the day hangs with its name in full, its room, who and its minutes', async ({ page }) => {
	await page.goto('/');
	const rows = page.locator('li[data-line]');
	expect(await rows.count()).toBeGreaterThan(10);
	for (const row of await rows.all()) {
		await expect(row.locator('a.name')).toBeVisible();
		await expect(row).toContainText(/ · .+\d/);
		const cut = await row.locator('a.name').evaluate((name) => name.scrollWidth > name.clientWidth + 1);
		expect(cut).toBe(false);
	}
});

test('a ring ticks: the row stays, struck, with its undo, and then goes', async ({ page }) => {
	await page.clock.install({ time: new Date('2027-03-03T10:40:00Z') });
	await page.goto('/');
	await ready(page);
	const row = page.locator(tag('wipe-the-counters'));
	const ring = row.getByRole('button', { name: /^Done: Wipe the counters/ });
	await ring.click();
	await expect(row.getByRole('status')).toContainText('Done: Wipe the counters.');
	const undo = row.getByRole('button', { name: 'Undo: Wipe the counters' });
	await expect(undo).toBeVisible();
	await undo.click();
	await expect(ring).toBeVisible();
	await page.clock.runFor(1000);
	await ring.click();
	await expect(undo).toBeVisible();
	await page.clock.runFor(6500);
	await expect(row).toHaveCount(0);
	// What was done can be taken back from its sheet as long as the day lasts.
	await page.goto('/?open=wipe-the-counters');
	await ready(page);
	await page.getByRole('dialog').getByRole('button', { name: 'Undo' }).click();
	await expect(page.locator(tag('wipe-the-counters'))).toHaveCount(1);
});

test('a second tap within a moment ticks nothing, wherever it lands', async ({ page, stack }) => {
	await page.goto('/');
	await ready(page);
	await page.evaluate(() => {
		const [one, other] = [...document.querySelectorAll<HTMLButtonElement>('li [data-tick]')];
		one?.click();
		other?.click();
	});
	await expect(page.getByRole('button', { name: /^Undo: / })).toHaveCount(1);
	expect(
		await stack.query(
			"SELECT COUNT(*) AS n FROM ledger WHERE date = '2027-03-03' AND received_at >= 1804070400000"
		)
	).toEqual([{ n: expect.any(Number) }]);
	await page.getByRole('button', { name: /^Undo: / }).click();
	await expect(page.getByRole('button', { name: /^Undo: / })).toHaveCount(0);
});

test('the focus goes where the work goes: to the way back, and to the ring again', async ({
	page,
	stack
}) => {
	await page.goto('/');
	await ready(page);
	const row = page.locator(tag('pair-up-the-boots'));
	await row.getByRole('button', { name: /^Done: / }).focus();
	await page.keyboard.press('Enter');
	const undo = row.getByRole('button', { name: /^Undo: / });
	await expect(undo).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(row.getByRole('button', { name: /^Done: / })).toBeFocused();
	await row.locator('a.name').focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('dialog')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(row.locator('a.name')).toBeFocused();
	await expect(page).toHaveURL(`${stack.url}/`);
	// The arrow keys go from job to job.
	await page.keyboard.press('ArrowDown');
	await expect(row.locator('a.name')).not.toBeFocused();
	await page.keyboard.press('ArrowUp');
	await expect(row.locator('a.name')).toBeFocused();
});

test('the sheet says what was found, skips, and puts one time on another day', async ({ page, stack }) => {
	await page.goto('/');
	await ready(page);
	await page.locator(`${tag('kitchen-reset')} a.name`).click();
	const sheet = page.getByRole('dialog');
	await expect(sheet).toContainText('Sink last, dry the tap');
	await sheet.getByRole('radio', { name: 'very' }).click();
	await sheet.getByLabel('Minutes, if you know').fill('12,5');
	await sheet.getByRole('button', { name: 'Started, not finished' }).click();
	await expect(sheet).toHaveCount(0);
	await expect(page.locator(tag('kitchen-reset'))).toContainText('50 % done');
	expect(
		await stack.query(
			"SELECT outcome, found, minutes FROM ledger WHERE job_id = 'kitchen-reset' ORDER BY seq DESC LIMIT 1"
		)
	).toEqual([{ outcome: 'part', found: 'heavy', minutes: '12.50' }]);
	await page.goto('/?open=dryer-filter');
	await ready(page);
	await sheet.getByRole('button', { name: /Skip the one of/ }).click();
	await expect(page.getByText('Skipped until next time: Fluff filter')).toBeVisible();
	await page.goto('/?open=stair-skirting');
	await ready(page);
	await sheet.getByRole('button', { name: /Move to another day/ }).click();
	await sheet.getByRole('button', { name: 'Move it to this day' }).click();
	await expect(page.getByText('Moved: Stair skirting.')).toBeVisible();
	await page.goto('/?on=2027-03-04');
	await expect(page.locator(tag('stair-skirting'))).toHaveCount(1);
});

test('other ways to clean: a menu with a line for each of what it does', async ({ page }) => {
	await page.goto('/');
	await ready(page);
	await page.getByRole('link', { name: 'Other ways to clean' }).click();
	const menu = page.getByRole('dialog', { name: 'Other ways to clean' });
	await expect(menu.getByRole('link')).toHaveCount(9);
	await expect(menu).toContainText('up to seven jobs, at most ten minutes each');
	await expect(menu.getByRole('link', { name: /Laundry/ })).toContainText(/to wash/);
	await menu.getByRole('link', { name: /Quick tidy before visitors/ }).click();
	await expect(page).toHaveURL(/\/timer\?kind=visitors/);
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
	await expect(page.getByText(/^Done: /)).toBeVisible();
	await expect(page.getByRole('article', { name: 'Next' })).not.toHaveAttribute('data-line', next ?? '');
	await page.keyboard.press('u');
	await expect(page.getByText('Undone.')).toBeVisible();
	await page.keyboard.press('ArrowLeft');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Tuesday, 2 March');
	await expect(page.getByRole('heading', { name: 'What was done' })).toBeVisible();
	await page.keyboard.press('t');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Thursday, 4 March');
	await expect(page.locator(tag('washroom-floor-to-pipes')).first()).toBeVisible();
});

test('enough for today says first what happens to each, leaves the basics, and brings them back', async ({
	page
}) => {
	await page.goto('/');
	await ready(page);
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(1);
	const enough = page.getByRole('button', { name: /^Enough for today/ });
	await enough.click();
	const asks = page.getByRole('alertdialog');
	await expect(asks).toContainText(/daily jobs? stays? on today/);
	await expect(asks).toContainText('Nothing is deleted');
	await asks.getByRole('button', { name: 'Keep them on today' }).click();
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(1);
	await enough.click();
	await asks.getByRole('button', { name: 'Move the rest' }).click();
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(0);
	await expect(page.locator(tag('kitchen-reset'))).toHaveCount(1);
	await page.getByRole('button', { name: /Bring the other \d+ back/ }).click();
	await expect(page.locator(tag('bins-to-the-gate'))).toHaveCount(1);
});

test('without scripts the page is the same, and its forms work', async ({ browser, stack }) => {
	const context = await browser.newContext({ javaScriptEnabled: false, baseURL: stack.url });
	const page = await context.newPage();
	await page.goto('/?open=sweep-the-lamp-room');
	const sheet = page.getByRole('region', { name: 'Sweep the Lamp Room floor' });
	await sheet.getByRole('button', { name: 'Skip until next time' }).click();
	await expect(page.getByRole('status')).toContainText('Skipped until next time: Sweep the Lamp Room floor.');
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
		await expect(other.getByText('The records cannot be reached just now.')).toBeVisible();
		await other.close();
	});
	await sheet.getByRole('button', { name: 'Done', exact: true }).click();
	await expect(page.getByText('Done: Fold the towels.')).toBeVisible();
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

test('dark colours are chosen with one touch, and stay', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('button', { name: 'Dark colours' }).click();
	await expect(page.locator('html')).toHaveAttribute('data-light', 'evening');
	await page.reload();
	await expect(page.locator('html')).toHaveAttribute('data-light', 'evening');
});

test('after a week in which nothing was done every job hangs with its name, and nothing runs off the side', async ({
	page,
	stack
}) => {
	stack.setClock('2027-03-10T10:40:00Z');
	for (const width of [1280, 820, 640, 390, 320]) {
		await page.setViewportSize({ width, height: 900 });
		await page.goto('/');
		await ready(page);
		expect(await page.evaluate(() => document.documentElement.scrollWidth - innerWidth), `${width}`).toBe(0);
		for (const name of await page.locator('li[data-line] a.name').all()) await expect(name).toBeVisible();
	}
});

test('a note for one time is written on the sheet, read on the row and in the session', async ({ page }) => {
	await page.goto('/?open=wipe-the-counters');
	await ready(page);
	const sheet = page.getByRole('dialog');
	await sheet.getByRole('button', { name: 'Write a note for today' }).click();
	await sheet.getByRole('textbox', { name: 'Note for today' }).fill('Leave the jam pan, it soaks.');
	await sheet.getByRole('button', { name: 'Save this note' }).click();
	const row = page.locator(tag('wipe-the-counters'));
	await expect(row).toContainText('Leave the jam pan, it soaks.');
	await page.goto('/?open=wipe-the-counters');
	await ready(page);
	await expect(sheet.getByText('Note for this time: Leave the jam pan, it soaks.')).toBeVisible();
	await sheet.getByRole('button', { name: 'Do it now' }).click();
	await expect(page.getByText('Note: Leave the jam pan, it soaks.')).toBeVisible();
});

test('nothing moves under a finger: neither when the page comes to life nor when its letters come', async ({
	page
}) => {
	let release = (): void => undefined;
	const held = new Promise<void>((done) => (release = done));
	await page.route('**/*.woff2', async (route) => {
		await held;
		await route.continue();
	});
	await page.addInitScript(() => {
		const moved = { by: 0 };
		Object.assign(window, { moved });
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries()) moved.by += (entry as unknown as { value: number }).value;
		}).observe({ type: 'layout-shift', buffered: true });
	});
	await page.goto('/', { waitUntil: 'commit' });
	await ready(page);
	release();
	const moved = await page.evaluate(async () => {
		await document.fonts.ready;
		const frame = () => new Promise((done) => requestAnimationFrame(done));
		await frame();
		await frame();
		return (window as unknown as { moved: { by: number } }).moved.by;
	});
	expect(moved).toBeLessThan(0.02);
});

test('with Today come two files of letters, and scripts that are compiled as they come', async ({ page }) => {
	const files: string[] = [];
	page.on('response', (response) => files.push(response.url()));
	await page.goto('/');
	await ready(page);
	await page.evaluate(() => document.fonts.ready);
	const letters = files.filter((one) => one.endsWith('.woff2'));
	expect(letters.filter((one) => one.includes('-ext-'))).toEqual([]);
	expect(letters.length).toBeLessThanOrEqual(2);
	const [first] = await page.evaluate(() =>
		[...document.querySelectorAll<HTMLLinkElement>('link[rel=modulepreload]')]
			.map((one) => one.href)
			.filter((href) => href.includes('/entry/start.'))
	);
	const script = await (await page.request.get(first ?? '')).text();
	expect(script.startsWith('//# allFunctionsCalledOnLoad')).toBe(true);
});

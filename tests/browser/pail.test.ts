import type { Page } from '@playwright/test';
import { besideTheWork } from './pails';
import { choose, expect, expectAccessibleAnywhere, ready, test } from './stack';

test.use({ stackOf: 'a pail', deviceScaleFactor: 1 });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

const left = (page: Page) => page.getByRole('img', { name: /left|over your time/ });
const giant = (page: Page) => page.locator('[data-giant]');

async function start(page: Page, minutes: number, member = 'ottilie') {
	await page.goto(`/timer?minutes=${minutes}&for=${member}`);
	await ready(page);
	await page.getByRole('button', { name: 'Start' }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	return page.url();
}

/** Sets the pail down, so that the next test finds its person free. */
async function setDown(page: Page) {
	await besideTheWork(page, 'End session now');
	await expect(page.getByRole('heading', { name: /All done|has ended/ })).toBeVisible();
	await allSent(page);
}

/** Nothing waits on this device any more: each press, not only the first of them, has been answered. */
async function allSent(page: Page) {
	await page.waitForFunction(() => !Object.keys(localStorage).some((key) => key.startsWith('pail-press')));
}

test('a pail shows what fits before it starts, for any minutes and anybody', async ({ page }) => {
	await page.goto('/');
	await page.getByRole('link', { name: '10 minutes' }).first().click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('A session of 10 minutes');
	await page.getByLabel('Minutes you have').fill('7');
	await page.getByRole('button', { name: 'Pick jobs' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('A session of 7 minutes');
	await choose(page, 'For', 'Pip');
	await expect(page.getByText('10:40 to 10:47, for Pip.')).toBeVisible();
	// Pip is five: nothing with a product in it.
	await expect(page.getByText('Wipe the counters')).toHaveCount(0);
});

test('minutes that make no sense are refused with words', async ({ page }) => {
	for (const minutes of ['0', '-3', '1e9', 'ten', '']) {
		const response = await page.goto(`/timer?minutes=${minutes}`);
		expect(response?.status(), minutes).toBe(400);
		await expect(page.getByText(/Minutes are a number|takes at/)).toBeVisible();
	}
});

test('the clock is instants: reload, a second device and a closed tab change nothing', async ({
	page,
	stack,
	browser
}) => {
	const url = await start(page, 15);
	await expect(left(page)).toHaveAccessibleName('15:00 left');
	// A pail fills the screen, and still leads to a home of one's own.
	await expect(page.getByRole('link', { name: 'Begin your own home' })).toBeVisible();
	stack.setClock('2027-03-03T10:44:00Z');
	await page.reload();
	await expect(left(page)).toHaveAccessibleName(/^1[01]:\d\d left/);
	const other = await (await browser.newContext()).newPage();
	await other.goto(url);
	await expect(left(other)).toHaveAccessibleName(/^1[01]:\d\d left/);
	await other.context().close();
	await page.goto('about:blank');
	stack.setClock('2027-03-03T10:50:00Z');
	await page.goto(url);
	await expect(left(page)).toHaveAccessibleName(/^[45]:\d\d left/);
	await ready(page);
	await setDown(page);
});

test('the server is killed in the middle: the pail goes on as if nothing had been', async ({
	page,
	stack
}) => {
	const url = await start(page, 15);
	await giant(page).click();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await stack.killAndRestart();
	stack.setClock('2027-03-03T10:45:00Z');
	await page.goto(url);
	await ready(page);
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await expect(left(page)).toHaveAccessibleName(/^(9|10):\d\d left/);
	await setDown(page);
});

test('a press while the server is away is kept, shown, and sent once', async ({ page, stack }) => {
	await start(page, 15);
	const id = page.url().split('/').pop();
	await page.route('**/timer/*?/event', (route) => route.abort());
	await giant(page).click();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await expect(page.getByText('Not saved on the server yet')).toBeVisible();
	// A page that is opened again still has it.
	await page.reload();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await expect(page.getByText('Not saved on the server yet')).toBeVisible();
	await page.unroute('**/timer/*?/event');
	await expect(page.getByText('Not saved on the server yet')).toHaveCount(0);
	expect(
		await stack.query(
			`SELECT COUNT(*) AS n FROM session_event WHERE session_id = '${id}' AND kind = 'stepDone'`
		)
	).toEqual([{ n: 1 }]);
	await setDown(page);
});

test('a press without a connection counts from when it was made', async ({ page, stack }) => {
	await page.clock.install();
	await start(page, 15);
	const id = page.url().split('/').pop();
	await page.route('**/timer/*?/event', (route) => route.abort());
	await page.getByRole('button', { name: 'Pause' }).click();
	await expect(page.getByText('Not saved on the server yet')).toBeVisible();
	// Seven minutes later, on the device and in the house, the connection is back.
	stack.setClock('2027-03-03T10:47:00Z');
	await page.unroute('**/timer/*?/event');
	const arrived = page.waitForResponse((response) => response.url().includes('event'));
	await page.clock.fastForward(7 * 60_000);
	await arrived;
	await expect(page.getByText('Not saved on the server yet')).toHaveCount(0);
	const [row] = await stack.query<{ at: number }>(
		`SELECT at FROM session_event WHERE session_id = '${id}' AND kind = 'paused'`
	);
	expect(Math.abs((row?.at ?? 0) - Date.parse('2027-03-03T10:40:00Z'))).toBeLessThan(60_000);
	await expect(left(page)).toHaveAccessibleName(/^1[45]:\d\d left, paused/);
	await setDown(page);
});

test('a press that could not be sent is sent by the next page that opens', async ({ page, stack }) => {
	await start(page, 15);
	const id = page.url().split('/').pop();
	await page.route('**/timer/*?/event', (route) => route.abort());
	await besideTheWork(page, 'End session now');
	await expect(page.getByText('Not saved on the server yet')).toBeVisible();
	await page.unroute('**/timer/*?/event');
	// The page is closed in the very moment; Today is opened later.
	await page.goto('/');
	await ready(page);
	await expect
		.poll(() => stack.query(`SELECT kind FROM session_event WHERE session_id = '${id}' AND kind = 'setDown'`))
		.toEqual([{ kind: 'setDown' }]);
	// The phone forgets it once the answer is there, which comes after it was written.
	await expect
		.poll(() => page.evaluate(() => Object.keys(localStorage).filter((key) => key.startsWith('pail-press'))))
		.toEqual([]);
});

test('a second press within 600 ms is the same press; undo takes the step back', async ({ page }) => {
	await start(page, 15);
	await giant(page).dblclick();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await page.getByRole('button', { name: 'Undo, not done' }).click();
	await expect(page.getByText('Step 1 of')).toBeVisible();
	await setDown(page);
});

test('pause and resume cost no time; five more is added; space presses the button', async ({
	page,
	stack
}) => {
	await start(page, 5);
	// The instant is the server's: its clock is put forward only when the press has arrived there.
	const paused = page.waitForResponse((response) => response.url().includes('event'));
	await page.getByRole('button', { name: 'Pause' }).click();
	await paused;
	await expect(giant(page)).toHaveText('Continue');
	await expect(left(page)).toHaveAccessibleName(/paused/);
	stack.setClock('2027-03-03T11:20:00Z');
	await page.reload();
	await ready(page);
	await expect(left(page)).toHaveAccessibleName('5:00 left, paused');
	const arrived = page.waitForResponse((response) => response.url().includes('event'));
	await page.locator('body').press('Space');
	await arrived;
	await expect(giant(page)).toContainText('Done');
	stack.setClock('2027-03-03T11:26:00Z');
	await page.reload();
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toBeVisible();
	await page.getByRole('button', { name: 'Five more minutes' }).click();
	await expect(left(page)).toHaveAccessibleName(/^[34]:\d\d left/);
	await setDown(page);
});

test('the bell rings by sound and sight, once, at its instant', async ({ page, stack }) => {
	await page.addInitScript(() => {
		const rung: number[] = [];
		Object.assign(window, { rung });
		navigator.vibrate = (pattern) => {
			rung.push(Array.isArray(pattern) ? pattern.length : 1);
			return true;
		};
	});
	await start(page, 2);
	stack.setClock('2027-03-03T10:41:58.500Z');
	await page.reload();
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toHaveCount(0);
	// The page counts on by itself from what the server last said.
	await page.route('**/__data.json*', (route) => route.abort());
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toBeVisible();
	expect(await page.evaluate(() => (window as unknown as { rung: number[] }).rung)).toEqual([1]);
	await page.unroute('**/__data.json*');
	await page.getByRole('button', { name: 'Partly' }).click();
	await expect(page.getByRole('heading', { name: 'The session has ended.' })).toBeVisible();
});

test('run to its end it says what got done, minutes planned and worked, and the ledger has it', async ({
	page,
	stack
}) => {
	await start(page, 10, 'bram');
	const steps = Number((await page.getByText(/Step 1 of \d+/).textContent())?.match(/of (\d+)/)?.[1]);
	for (let i = 1; i <= steps; i++) {
		stack.setClock(new Date(Date.parse('2027-03-03T10:40:00Z') + i * 60_000).toISOString());
		await expect(page.getByText(`Step ${i} of`)).toBeVisible();
		await giant(page).click();
		if (i < steps) {
			await expect(page.getByText(`Step ${i + 1} of`)).toBeVisible();
			// The same finger may press again after 600 ms.
			await page.waitForFunction(
				(at) => performance.now() - at > 650,
				await page.evaluate(() => performance.now())
			);
		}
	}
	await expect(page.getByRole('heading', { name: 'All done.' })).toBeVisible();
	await expect(page.getByText(/min worked, .* planned/)).toBeVisible();
	await allSent(page);
	const id = page.url().split('/').pop();
	const [row] = await stack.query<{ n: number }>(
		`SELECT COUNT(*) AS n FROM ledger WHERE session_id = '${id}' AND outcome = 'done'`
	);
	expect(row?.n).toBeGreaterThan(0);
	await page.getByRole('link', { name: 'Back to Today' }).click();
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, 3 March');
});

test('two pails of one person: the second says where the first is', async ({ page }) => {
	const first = await start(page, 5, 'juno');
	await page.goto('/timer?minutes=5&for=juno');
	await ready(page);
	await page.getByRole('link', { name: 'Go to this session' }).click();
	await expect(page).toHaveURL(first);
	await setDown(page);
});

test('what is open when the household day ends is closed with the minutes really worked', async ({
	page,
	stack
}) => {
	stack.setClock('2027-03-03T22:00:00Z');
	const url = await start(page, 10, 'ottilie');
	await page.getByRole('button', { name: 'Pause' }).click();
	await expect(giant(page)).toHaveText('Continue');
	stack.setClock('2027-03-04T09:00:00Z');
	await page.goto('/');
	await page.goto(url);
	await expect(page.getByRole('heading', { name: /has ended/ })).toBeVisible();
});

test('without scripts a pail can be started, stepped and set down', async ({ browser, stack }) => {
	stack.setClock('2027-03-04T09:30:00Z');
	const context = await browser.newContext({ javaScriptEnabled: false, baseURL: stack.url });
	const page = await context.newPage();
	await page.goto('/timer?minutes=15&for=ottilie');
	await page.getByRole('button', { name: 'Start' }).click();
	await giant(page).click();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await besideTheWork(page, 'End session now');
	await expect(page.getByRole('heading', { name: 'The session has ended.' })).toBeVisible();
	await context.close();
});

test('axe finds nothing on a pail, wide and narrow, by day and in the evening; the great button is big enough', async ({
	page,
	stack
}) => {
	stack.setClock('2027-03-05T10:00:00Z');
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await page.goto('/timer?minutes=20');
	await ready(page);
	await expectAccessibleAnywhere(page, 'fill');
	await start(page, 10);
	await expectAccessibleAnywhere(page, 'running');
	const box = await giant(page).boundingBox();
	expect((box?.height ?? 0) / 844).toBeGreaterThan(0.24);
	await setDown(page);
	await expectAccessibleAnywhere(page, 'finished');
});

test('on a small phone a danger and a soak that is due stand whole over the great button', async ({
	browser,
	stack
}) => {
	const context = await browser.newContext({
		baseURL: stack.url,
		viewport: { width: 390, height: 664 },
		reducedMotion: 'reduce'
	});
	await context.addCookies([{ name: 'demo', value: 'look', url: stack.url }]);
	const page = await context.newPage();
	await start(page, 120, 'bram');
	const danger = page.getByText(/^Never with/).first();
	const due = page.getByRole('listitem').filter({ hasText: /ready now|hurry/ });
	let seen = { danger: 0, due: 0 };
	for (let i = 0; i < 16 && (seen.danger === 0 || seen.due === 0); i++) {
		stack.setClock(new Date(Date.parse('2027-03-03T10:40:00Z') + i * 480_000).toISOString());
		await page.reload();
		await ready(page);
		const top = (await giant(page).boundingBox())?.y ?? 0;
		for (const [what, one] of [
			['danger', danger],
			['due', due.first()]
		] as const) {
			if ((await one.count()) === 0 || !(await one.isVisible())) continue;
			const box = await one.boundingBox();
			expect((box?.y ?? 0) + (box?.height ?? 0), `${what} ends over the button`).toBeLessThanOrEqual(top);
			seen = { ...seen, [what]: seen[what] + 1 };
		}
		const step = await page.getByText(/^Step \d+ of/).textContent();
		await giant(page).click();
		await expect(page.getByText(/^Step \d+ of/)).not.toHaveText(step ?? '');
	}
	expect(seen.danger).toBeGreaterThan(0);
	expect(seen.due).toBeGreaterThan(0);
	await setDown(page);
	await context.close();
});

/** Sessions to their very end, and clocks that are wrong, jump, or slept. */
import type { Page, Request } from '@playwright/test';
import { allSent, another, begin, giant, heard, otherWay, setDown, withStubs } from './pails';
import { expect, expectAccessible, ready, test } from './stack';

test.use({ stackOf: 'long sessions' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

/** Presses Done until nothing is left; what waits for a soak is passed by setting the clock on. */
async function toTheEnd(page: Page, setOn: () => Promise<void>) {
	const over = page.getByRole('heading', { name: /All done/ });
	for (let i = 0; i < 60; i++) {
		if (await over.isVisible()) return;
		const count = page.getByText(/^Step \d+ of/);
		const before = (await count.textContent()) ?? '';
		if (await page.getByText(/^Not before/).isVisible()) await setOn();
		await another(page);
		await giant(page).click();
		await expect(
			over.or(page.getByText(/^Step \d+ of/).filter({ hasNotText: before })).first()
		).toBeVisible();
	}
	await expect(over).toBeVisible();
}

test('a load rings on Today when its wash is over, and again when it is wet too long; it is told until it is heard', async ({
	page,
	stack
}) => {
	await withStubs(page);
	await page.goto('/laundry');
	await ready(page);
	await page.getByRole('button', { name: 'I started: Towels' }).click();
	await expect(page.getByText('in the washing machine', { exact: true })).toBeVisible();
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('link', { name: 'Towels', exact: true })).toBeVisible();
	const lookAgain = () => page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
	for (const [instant, words, strikes] of [
		['2027-03-03T11:40:05Z', 'Towels is ready: Hang out the load.', 3],
		['2027-03-03T12:40:05Z', 'Towels must come out now', 5]
	] as const) {
		await expect(page.getByText(words)).toHaveCount(0);
		stack.setClock(instant);
		await lookAgain();
		await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
		await expect.poll(async () => (await heard(page)).shakes).toContain(strikes);
		await page.getByRole('button', { name: 'I heard it' }).click();
		await expect(page.getByRole('alert')).toHaveCount(0);
	}
});

test('an evening reset is gone through to its last step, and what it did is written down', async ({
	page,
	stack
}) => {
	stack.setClock('2027-03-03T19:30:00Z');
	await page.goto('/');
	await otherWay(page, 'Evening kitchen');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('Evening kitchen');
	await expect(page.locator('[data-settled=yes]')).toBeVisible({ timeout: 30_000 });
	// What stands about the plan belongs to the plan that is shown.
	await expect(page.getByRole('link', { name: 'Leave out Kitchen reset' })).toBeVisible();
	await expect(page.getByRole('link', { name: 'Add Kitchen reset' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	const path = new URL(page.url()).pathname;
	let minute = 31;
	await toTheEnd(page, async () => {
		await allSent(page);
		stack.setClock(`2027-03-03T19:${(minute += 5)}:00Z`);
		await page.reload();
		await ready(page);
	});
	await allSent(page);
	await expectAccessible(page, 'the end of a reset');
	const rows = await stack.query<{ job_id: string; outcome: string }>(
		`SELECT job_id, outcome FROM ledger WHERE session_id = '${path.split('/').pop()}'`
	);
	expect(rows.length).toBeGreaterThan(0);
	for (const row of rows) expect(row.outcome).toBe('done');
});

test('a big day: a rest in the middle, the laundry underneath; at the end the rest goes to tomorrow', async ({
	page,
	stack
}) => {
	await page.goto('/timer?kind=bigday&for=bram');
	await ready(page);
	await expect(page.locator('[data-settled=yes]')).toBeVisible({ timeout: 30_000 });
	await expect(page.getByText(/Load the washing machine/).first()).toBeVisible();
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	await giant(page).click();
	await allSent(page);
	// After 75 minutes of work there is a rest.
	stack.setClock('2027-03-03T11:56:00Z');
	await page.reload();
	await ready(page);
	await expect(page.getByRole('heading', { level: 1 })).toHaveText(/^A rest of \d+ minutes$/);
	await expectAccessible(page, 'a rest');
	await setDown(page);
	await expectAccessible(page, 'the end of a big day');
	const id = new URL(page.url()).pathname.split('/').pop();
	await page.getByRole('button', { name: 'Move the rest to tomorrow' }).click();
	await expect(page.getByText(/tomorrow’s now|comes tomorrow by itself/)).toBeVisible();
	await expect(page.getByRole('button', { name: 'Move the rest to tomorrow' })).toHaveCount(0);
	const moved = await stack.query<{ job_id: string; moved_to: string }>(
		"SELECT job_id FROM ledger WHERE outcome = 'moved' AND date = '2027-03-03'"
	);
	const [stored] = await stack.query<{ plan: unknown }>(`SELECT plan FROM session WHERE id = '${id}'`);
	const plan = (typeof stored?.plan === 'string' ? JSON.parse(stored.plan) : stored?.plan) as {
		steps: { job: string }[];
	};
	expect(moved.length).toBeGreaterThan(0);
	const planned = new Set(plan.steps.map((step) => step.job));
	for (const row of moved) expect([...planned]).toContain(row.job_id);
	// They hang tomorrow.
	await page.goto('/?on=2027-03-04');
	await ready(page);
	await expect(page.locator(`[data-line="${moved[0]?.job_id}"]`).first()).toBeVisible();
});

test('a device clock that jumps by hours changes nothing, on the page or in what is sent', async ({
	page,
	stack
}) => {
	const path = await begin(page, '/timer?minutes=15&for=ottilie');
	await expect(page.getByText('Step 1 of')).toBeVisible();
	const left = page.locator('.great');
	const before = (await left.textContent()) ?? '';
	await page.evaluate(() => {
		const real = Date.now;
		Date.now = () => real() + 5 * 3_600_000;
	});
	await page.context().setOffline(true);
	await giant(page).click();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await expect(page.getByText('Not saved on the server yet')).toBeVisible();
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toHaveCount(0);
	expect((await left.textContent()) ?? '').toContain(before.slice(0, 2));
	// Put back below where it was, while the press still waits.
	await page.evaluate(() => {
		const ahead = Date.now;
		Date.now = () => ahead() - 9 * 3_600_000;
	});
	await page.context().setOffline(false);
	await expect(page.getByText('Not saved on the server yet')).toHaveCount(0, { timeout: 20_000 });
	const [row] = await stack.query<{ at: number | string }>(
		`SELECT at FROM session_event WHERE session_id = '${path.split('/').pop()}' AND kind = 'stepDone'`
	);
	// The house's clock stands still in this test: what waited a moment counts from that moment, not from hours away.
	const away = Math.abs(Number(row?.at) - Date.parse('2027-03-03T10:40:00Z'));
	expect(away).toBeLessThan(60_000);
	await setDown(page);
});

test('a press kept from a page that was left is sent later with its own instant, whatever the device says', async ({
	page,
	stack
}) => {
	const path = await begin(page, '/timer?minutes=15&for=ottilie');
	await page.context().setOffline(true);
	await giant(page).click();
	await expect(page.getByText('Step 2 of')).toBeVisible();
	await page.evaluate(() => window.stop());
	// The page is closed; when the device is opened again its clock is wrong by hours.
	await page.goto('about:blank').catch(() => undefined);
	await page.context().setOffline(false);
	stack.setClock('2027-03-03T10:44:00Z');
	await page.addInitScript(() => {
		const real = Date.now;
		Date.now = () => real() - 7 * 3_600_000;
	});
	await page.goto('/history');
	await ready(page);
	await allSent(page);
	const [row] = await stack.query<{ at: number | string }>(
		`SELECT at FROM session_event WHERE session_id = '${path.split('/').pop()}' AND kind = 'stepDone'`
	);
	const after = Number(row?.at) - Date.parse('2027-03-03T10:40:00Z');
	expect(after).toBeGreaterThanOrEqual(0);
	expect(after).toBeLessThan(60_000);
	await page.goto(path);
	await ready(page);
	await setDown(page);
});

test('a device that slept with its clock stopped tells the bell at waking, without a connection too', async ({
	page
}) => {
	await withStubs(page);
	// What the house still says to a question from before would set the clock right at once.
	let asked = 0;
	const isQuestion = (request: Request) => /\/alive$|__data\.json/.test(request.url());
	page.on('request', (request) => void (isQuestion(request) && asked++));
	page.on('requestfinished', (request) => void (isQuestion(request) && asked--));
	page.on('requestfailed', (request) => void (isQuestion(request) && asked--));
	await begin(page, '/timer?minutes=10&for=ottilie');
	await allSent(page);
	await page.context().setOffline(true);
	await expect.poll(() => asked).toBe(0);
	await page.evaluate(() => {
		let hidden = true;
		Object.defineProperty(document, 'visibilityState', {
			get: () => (hidden ? 'hidden' : 'visible'),
			configurable: true
		});
		document.dispatchEvent(new Event('visibilitychange'));
		// Asleep for a quarter of an hour: only the clock on the wall went on.
		const real = Date.now;
		Date.now = () => real() + 15 * 60_000;
		hidden = false;
		document.dispatchEvent(new Event('visibilitychange'));
	});
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toBeVisible();
	await expect(page.getByRole('alert').filter({ hasText: '10:50: Time is up. Stop here.' })).toBeVisible();
	await page.context().setOffline(false);
	// The house knows better: there the quarter of an hour has not gone by.
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toHaveCount(0, {
		timeout: 20_000
	});
	await setDown(page);
});

test.describe('summer time', () => {
	test.use({ timezoneId: 'America/New_York' });
	test('that begins in the middle of a pail moves its bell on the wall, not its minutes', async ({
		page,
		stack
	}) => {
		// In this house the clocks go forward at 01:00; the device lives in another zone.
		stack.setClock('2027-03-28T00:50:00Z');
		await page.goto('/timer?minutes=20&for=ottilie');
		await ready(page);
		await expect(page.getByText('00:50 to 02:10')).toBeVisible();
		await begin(page, '/timer?minutes=20&for=ottilie');
		await allSent(page);
		stack.setClock('2027-03-28T01:05:00Z');
		await page.reload();
		await ready(page);
		await expect(page.locator('.great')).toContainText(/^0?[45]:|5/);
		stack.setClock('2027-03-28T01:10:30Z');
		await page.reload();
		await ready(page);
		await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toBeVisible();
		await setDown(page, 'End session now');
	});
});

for (const [how, broken] of [
	['the connection goes', { abort: true }],
	['the house answers with an error', { abort: false }]
] as const) {
	test(`while a running pail is read anew and ${how}, it stays and goes on`, async ({ page }) => {
		await begin(page, '/timer?minutes=15&for=ottilie');
		await allSent(page);
		let asked = 0;
		await page.route('**/__data.json*', (route) => {
			asked++;
			return broken.abort ? route.abort() : route.fulfill({ status: 503, body: 'away' });
		});
		// The page looks for other phones' presses by itself, and asks again for what did not come.
		await expect.poll(() => asked, { timeout: 20_000 }).toBeGreaterThan(1);
		await expect(page.getByText('Step 1 of')).toBeVisible();
		await giant(page).click();
		await expect(page.getByText('Step 2 of')).toBeVisible();
		await page.unroute('**/__data.json*');
		await allSent(page);
		await expect(page.getByText('Not saved on the server yet')).toHaveCount(0);
		await expect(page.getByText('Step 2 of')).toBeVisible();
		await setDown(page);
	});
}

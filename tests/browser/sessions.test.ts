/** Sessions as a household runs them: every kind, together, before visitors, clearing, the laundry, and by words. */
import { allSent, another, begin, besideTheWork, giant, heard, otherWay, setDown, withStubs } from './pails';
import {
	choose,
	expect,
	expectAccessible,
	expectAccessibleAnywhere,
	holdSending,
	ready,
	test
} from './stack';

test.use({ stackOf: 'sessions' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

test('every kind of session is two touches from Today', async ({ page }) => {
	for (const [name, title] of [
		['Morning routine', 'Daily routine'],
		['Weekly quick clean', 'Weekly quick clean'],
		['15 minutes in Porch & hall', 'Minutes in the zone'],
		['Quick tidy before visitors', 'Quick tidy before visitors'],
		['Evening kitchen', 'Evening kitchen'],
		['Deep cleaning', 'Deep cleaning'],
		['Clean the whole house in a day', 'Clean the whole house in a day']
	] as const) {
		await page.goto('/');
		await otherWay(page, name);
		await expect(page.getByRole('heading', { level: 1 })).toHaveText(title);
		await expect(page.getByRole('button', { name: 'Start', exact: true }), name).toBeVisible();
	}
	await page.goto('/');
	await otherWay(page, 'Declutter one spot');
	await expect(page.getByRole('button', { name: /They are ready/ })).toBeVisible();
});

test('several ways to fill it; a job is taken out, held, and put in, and the plan follows', async ({
	page
}) => {
	await page.goto('/timer?minutes=20&for=ottilie');
	await ready(page);
	const ways = page.getByRole('navigation', { name: 'Ways to use the time' }).getByRole('link');
	expect(await ways.count()).toBeGreaterThanOrEqual(2);
	await page.getByRole('link', { name: /One room/ }).click();
	await expect(page.getByRole('link', { name: /One room/ })).toHaveAttribute('aria-current', 'true');
	await page.goto('/timer?minutes=20&for=ottilie');
	await ready(page);
	const out = page.getByRole('link', { name: /^Leave out / }).first();
	const name = ((await out.getAttribute('aria-label')) ?? '').replace('Leave out ', '');
	await out.click();
	await expect(page.getByRole('link', { name: `Leave out ${name}` })).toHaveCount(0);
	const held = page.getByRole('link', { name: /^Always keep / }).first();
	const heldName = ((await held.getAttribute('aria-label')) ?? '').replace('Always keep ', '');
	await held.click();
	await expect(page.getByRole('link', { name: `Do not keep ${heldName}` })).toBeVisible();
	const aside = page.getByRole('link', { name: /^Add / }).first();
	const put = ((await aside.getAttribute('aria-label')) ?? '').replace('Add ', '');
	await aside.click();
	await expect(
		page.getByRole('link', { name: `Do not keep ${put}` }).or(page.getByText(`${put} does not fit`))
	).toBeVisible();
	await expect(page.getByText(/times in (10|ten)|almost certainly|will hardly/)).toBeVisible();
});

test('the plan that the page shows is the one that starts', async ({ page, stack }) => {
	await page.goto('/timer?minutes=20&for=ottilie&with=bram');
	await ready(page);
	await expect(page.locator('[data-settled=yes]')).toBeVisible({ timeout: 30_000 });
	const shown = JSON.parse(await page.locator('input[name=plan]').inputValue()) as [string, number, string][];
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	const id = page.url().split('/').pop();
	const [row] = await stack.query<{ plan: string }>(
		`SELECT CAST(plan AS CHAR) AS plan FROM session WHERE id = '${id}'`
	);
	const stored: unknown = row?.plan;
	const started = (typeof stored === 'string' ? JSON.parse(stored) : stored) as {
		steps: { line: string; step: number; who: string }[];
	};
	expect(started.steps.map((step) => [step.line, step.step, step.who])).toEqual(
		shown.map(([line, step, who]) => [line, step, who])
	);
	await ready(page);
	await setDown(page);
});

test('a better plan does not come in under the pointer, but when it has left', async ({ page }) => {
	const path = '/timer?minutes=45&for=ottilie&with=bram,juno&brim=1';
	const plan = page.locator('input[name=plan]');
	// The page comes with the first plan; the worker's last one shows where nobody looks closer.
	await page.goto(path);
	await ready(page);
	await expect(page.locator('[data-settled=yes]')).toBeVisible({ timeout: 30_000 });
	const best = await plan.inputValue();
	const html = await (await page.request.get(path)).text();
	const first = /name="plan" value="([^"]*)"/.exec(html)?.[1]?.replaceAll('&quot;', '"');
	expect(first).toBeTruthy();
	expect(first).not.toBe(best);
	await page.goto(path);
	await ready(page);
	await page.locator('.body').dispatchEvent('pointerenter');
	const held = await plan.inputValue();
	await expect(page.locator('[data-settled=yes]')).toBeVisible({ timeout: 30_000 });
	expect(await plan.inputValue()).toBe(held);
	await page.locator('.body').dispatchEvent('pointerleave');
	await expect(plan).toHaveValue(best);
});

test('without HTTPS one line says what is missing', async ({ page }) => {
	await page.addInitScript(() => Object.defineProperty(window, 'isSecureContext', { value: false }));
	await page.goto('/timer?minutes=10&for=ottilie');
	await expect(page.getByText('Without HTTPS the screen may fall asleep')).toBeVisible();
});

test('a zone sitting is cut by the bell: what was in hand is partly done', async ({ page, stack }) => {
	await begin(page, '/timer?kind=zone&for=ottilie');
	const id = page.url().split('/').pop();
	stack.setClock('2027-03-03T10:55:05Z');
	await page.reload();
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Time is up. Stop here.' })).toBeVisible();
	await page.getByRole('button', { name: 'Partly' }).click();
	await expect(page.getByRole('heading', { name: /All done|has ended/ })).toBeVisible();
	await allSent(page);
	const rows = await stack.query<{ outcome: string; cut_off: number }>(
		`SELECT outcome, cut_off FROM ledger WHERE session_id = '${id}'`
	);
	expect(rows).toEqual([{ outcome: 'part', cut_off: 1 }]);
});

test('a soak is fetched in time: it rings, says where to go, and hurries before its longest time', async ({
	page,
	stack
}) => {
	await withStubs(page);
	await begin(page, '/timer?minutes=30&for=ottilie&in=toilet-washroom');
	while ((await page.getByRole('heading', { level: 1 }).textContent()) !== 'Put the cleaner under the rim') {
		const before = await page.getByText(/^Step \d+ of/).textContent();
		await giant(page).click();
		await expect(page.getByText(/^Step \d+ of/)).not.toHaveText(before ?? '');
		await another(page);
	}
	await giant(page).click();
	await expect(page.getByText('Toilet cleaner', { exact: true })).toBeVisible();
	await allSent(page);
	expect((await heard(page)).locks).toBeGreaterThan(0);
	const since = (await heard(page)).shakes.length;
	stack.setClock('2027-03-03T10:46:30Z');
	await expect(page.getByText(/ready now, Washroom/)).toBeVisible({ timeout: 15_000 });
	await expect.poll(async () => (await heard(page)).shakes.slice(since)).toContain(3);
	stack.setClock('2027-03-03T10:54:30Z');
	await expect(page.getByText(/hurry, Washroom/)).toBeVisible({ timeout: 15_000 });
	await expect.poll(async () => (await heard(page)).shakes.slice(since)).toContain(5);
	await setDown(page);
});

test('a bell that nobody could hear is told at waking, with what it meant', async ({ page, stack }) => {
	await withStubs(page);
	const path = await begin(page, '/timer?minutes=10&for=ottilie');
	await page.waitForFunction((id) => localStorage.getItem(`pail-seen ${id}`) !== null, path.split('/').pop());
	await page.goto('about:blank');
	stack.setClock('2027-03-03T10:57:00Z');
	await page.goto(path);
	await ready(page);
	await expect(page.getByRole('alert')).toContainText('10:50: Time is up. Stop here.');
	await page.getByRole('button', { name: 'Five more minutes' }).click();
	await expect(page.getByRole('alert')).toHaveCount(0);
	await setDown(page);
});

test('a joint session on two phones: each sees their own lane and the common waits', async ({
	page,
	browser,
	stack
}) => {
	const path = await begin(page, '/timer?minutes=20&for=ottilie&with=juno');
	await expect(page.getByRole('article', { name: 'Ottilie' })).toBeVisible();
	await expect(page.getByRole('article', { name: 'Juno' })).toBeVisible();
	const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 } })).newPage();
	await phone.goto(`${stack.url}${path}?as=juno`);
	await ready(phone);
	const own = (await phone.getByRole('heading', { level: 1 }).textContent()) ?? '';
	await expect(page.getByRole('article', { name: 'Juno' })).toContainText(new RegExp(own.slice(1), 'i'));
	await giant(phone).click();
	await expect(phone.getByText('Step 2 of')).toBeVisible();
	await expect(page.getByRole('article', { name: 'Juno' })).not.toContainText(new RegExp(own.slice(1), 'i'));
	// The connection goes on one of them: presses go on, and arrive once when it is back.
	await phone.context().setOffline(true);
	await another(phone);
	await giant(phone).click();
	await expect(phone.getByText('Step 3 of')).toBeVisible();
	await expect(phone.getByText('Not saved on the server yet')).toBeVisible();
	await phone.context().setOffline(false);
	await expect(phone.getByText('Not saved on the server yet')).toHaveCount(0, { timeout: 20_000 });
	const [row] = await stack.query<{ n: number }>(
		`SELECT COUNT(*) AS n FROM session_event WHERE session_id = '${path.split('/').pop()}' AND kind = 'stepDone'`
	);
	expect(row?.n).toBe(2);
	await phone.context().close();
	await stack.killAndRestart();
	await page.goto(`${stack.url}${path}`);
	await ready(page);
	await expect(page.getByRole('article', { name: 'Ottilie' })).toBeVisible();
	await setDown(page);
});

test('a job is put in and taken out while it runs', async ({ page }) => {
	await begin(page, '/timer?minutes=15&for=ottilie');
	await besideTheWork(page, 'Change the jobs');
	const dialog = page.getByRole('dialog');
	const takeOut = dialog.getByRole('button', { name: /^Leave out / }).last();
	const name = ((await takeOut.getAttribute('aria-label')) ?? '').replace('Leave out ', '');
	await takeOut.click();
	await expect(dialog.getByRole('button', { name: `Add back ${name}` })).toBeVisible();
	const putIn = dialog.getByRole('button', { name: /^Add (?!back)/ }).first();
	const added = ((await putIn.getAttribute('aria-label')) ?? '').replace('Add ', '');
	await putIn.click();
	await expect(dialog.getByRole('button', { name: `Leave out ${added}` })).toBeVisible();
	await page.keyboard.press('Escape');
	await allSent(page);
	await setDown(page);
});

test('a weekly round stops a job at ten minutes, and it counts as done', async ({ page, stack }) => {
	await begin(page, '/timer?kind=round&for=ottilie');
	const id = page.url().split('/').pop();
	stack.setClock('2027-03-03T10:50:10Z');
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: 'Stop here, next' }).click();
	await expect(page.getByText('Ten minutes are over')).toHaveCount(0);
	await allSent(page);
	expect(await stack.query(`SELECT outcome, cut_off FROM ledger WHERE session_id = '${id}'`)).toEqual([
		{ outcome: 'done', cut_off: 1 }
	]);
	await setDown(page);
});

test('visitors: the plan shrinks as they come earlier, and ends when they are here', async ({
	page,
	stack
}) => {
	await page.goto('/timer?kind=visitors&minutes=30&for=ottilie&with=bram,juno');
	await ready(page);
	await expect(page.getByRole('button', { name: 'Waiting Room', pressed: true })).toBeVisible();
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	await expect(page.getByRole('heading', { level: 1 })).toContainText('11:10');
	const lines = () => page.locator('.line li').count();
	const before = await lines();
	await page.getByRole('button', { name: /earlier/ }).click();
	await page.getByRole('button', { name: 'in 15 min' }).click();
	await expect(page.getByText('15 min left')).toBeVisible();
	await expect(page.getByText('Left out:')).toBeVisible();
	// The time is told at once, the plan is made anew beside it.
	await expect.poll(lines).toBeLessThan(before);
	await allSent(page);
	stack.setClock('2027-03-03T10:45:00Z');
	await page.reload();
	await ready(page);
	await expect(page.getByText('10 min left')).toBeVisible();
	await expectAccessible(page, 'visitors');
	await setDown(page, 'They are here, stop');
});

test('a clearing is counted, rung, put away room All together, one room after another, and leaves its bag on Today', async ({
	page,
	stack
}) => {
	await page.setViewportSize({ width: 390, height: 844 });
	await page.goto('/timer?kind=clearing&for=ottilie');
	await ready(page);
	await expectAccessible(page, 'choosing a spot');
	await page.getByLabel('Which spot').fill('Hall bench');
	await choose(page, 'In which room', 'Platform Porch');
	await page.getByText('A half').click();
	await page.getByRole('button', { name: /They are ready/ }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	const path = new URL(page.url()).pathname;
	const bin = page.getByRole('button', { name: /^Bin, / });
	await bin.click();
	await bin.click();
	await page.getByRole('button', { name: 'Undo: 2nd to the bin' }).click();
	await expect(page.getByRole('button', { name: 'Bin, 1 so far' })).toBeVisible();
	for (let i = 1; i <= 3; i++) {
		await page.getByRole('button', { name: /^Give away, / }).click();
		await expect(page.getByRole('button', { name: `Give away, ${i} so far` })).toBeVisible();
	}
	for (const [thing, room] of [
		['torch', 'Lamp Room'],
		['sock', 'Bunk Room']
	] as const) {
		await page.getByPlaceholder('what it is').fill(thing);
		await choose(page, 'Where it belongs', room);
		await page.getByRole('button', { name: /^Put away, / }).click();
	}
	await expect(page.getByRole('button', { name: 'Put away, 2 so far' })).toBeVisible();
	await expectAccessible(page, 'clearing');
	await allSent(page);
	stack.setClock('2027-03-03T10:55:10Z');
	await page.reload();
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Time is up. Stop sorting.' })).toBeVisible();
	await page.getByRole('button', { name: 'Now put it away' }).click();
	await expect(page.getByRole('heading', { name: 'Now put it away' })).toBeVisible();
	await another(page);
	await giant(page).click();
	await expect(page.getByText('it is out')).toBeVisible();
	await page.getByLabel('Where it leaves the house').fill('by the porch door');
	await another(page);
	await page.getByRole('button', { name: 'Bag stands there' }).click();
	await expect(page.getByText('Stays on the list until it has left.')).toBeVisible();
	await expectAccessible(page, 'closing');
	// Left in the middle, the walk stays on today's list.
	await page.getByRole('button', { name: 'Finish later' }).click();
	await allSent(page);
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('link', { name: 'Put away: Hall bench' })).toBeVisible();
	await expect(page.getByText('Give-away bag, by the porch door')).toBeVisible();
	await page.goto(path);
	await ready(page);
	await page.getByText('The place is full').click();
	await page.getByRole('button', { name: 'Put away, next' }).click();
	await expect(page.getByText('In a box beside its place.')).toBeVisible();
	await another(page);
	await page.getByRole('button', { name: 'Put away, next' }).click();
	await page.getByRole('button', { name: 'Nearly', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Hall bench: put away' })).toBeVisible();
	await allSent(page);
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('link', { name: 'Put away: Hall bench' })).toHaveCount(0);
	await page.getByRole('button', { name: 'The box is empty' }).click();
	await expect(page.getByText('waits for its place')).toHaveCount(0);
	await page.getByRole('button', { name: 'The bag is gone' }).click();
	await expect(page.getByText('Give-away bag, by the porch door')).toHaveCount(0);
});

test('a load goes from the pile to away, on the line of Today, and rings when it waits wet', async ({
	page,
	stack
}) => {
	await page.goto('/laundry');
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Ten loads to wash' })).toBeVisible();
	const itsName = page.getByLabel('Its name, if you like');
	await itsName.fill('Tea towels');
	const letGo = await holdSending(page, 'add');
	await page.getByRole('button', { name: 'Add this load' }).click();
	// The next one is written while it is on its way.
	await itsName.fill('Aprons');
	letGo();
	await expect(page.getByRole('heading', { name: 'Eleven loads to wash' })).toBeVisible();
	await expect(itsName).toHaveValue('Aprons');
	await page.unrouteAll();
	await page.getByRole('button', { name: 'Remove from the list: Tea towels' }).click();
	await expect(page.getByRole('heading', { name: 'Ten loads to wash' })).toBeVisible();
	await page.getByRole('button', { name: 'I started: Towels' }).click();
	await expect(page.getByText('in the washing machine', { exact: true })).toBeVisible();
	await expect(page.getByText('by 12:40 at the latest')).toBeVisible();
	await expectAccessible(page, 'laundry');
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('link', { name: 'Towels', exact: true })).toBeVisible();
	stack.setClock('2027-03-03T12:45:00Z');
	await page.goto('/laundry');
	await ready(page);
	await expect(page.getByText('wet too long since 12:40')).toBeVisible();
	await page.getByRole('button', { name: 'Hang out the load' }).first().click();
	await expect(page.getByText('on the washing line', { exact: true }).first()).toBeVisible();
	await page.getByRole('button', { name: 'Undo: Towels' }).click();
	await expect(page.getByText('wet too long since 12:40')).toBeVisible();
	await page.getByRole('button', { name: '2 a day' }).click();
	await expect(page.getByRole('row', { name: /^2 a day/ })).toHaveAttribute('aria-current', 'true');
	await page.setViewportSize({ width: 390, height: 844 });
	await expectAccessible(page, 'laundry on the phone');
});

test('a few words: what they will do shows first; unknown ones get suggestions; one key opens it', async ({
	page,
	stack
}) => {
	// A week on: whatever the other tests did is another day's.
	stack.setClock('2027-03-10T10:40:00Z');
	await page.goto('/');
	await ready(page);
	await page.keyboard.press('/');
	const field = page.getByRole('combobox', { name: 'Type a command' });
	await expect(field).toBeFocused();
	await field.fill('done wipe counters by bram');
	await expect(page.getByText('Writes down: Wipe the counters done, by Bram.')).toBeVisible();
	expect(
		await stack.query("SELECT id FROM ledger WHERE job_id = 'wipe-the-counters' AND date = '2027-03-10'")
	).toEqual([]);
	await expectAccessible(page, 'saying it');
	await field.press('Enter');
	await expect
		.poll(() =>
			stack.query("SELECT by_member FROM ledger WHERE job_id = 'wipe-the-counters' AND date = '2027-03-10'")
		)
		.toEqual([{ by_member: 'bram' }]);
	await field.fill('xyzzy');
	await expect(page.getByText('That is not understood.')).toBeVisible();
	await page.getByRole('option', { name: 'what’s overdue' }).click();
	await expect(page.getByText(/jobs are overdue|job is overdue|Nothing is overdue/)).toBeVisible();
	await field.fill('bram away till friday');
	await expect(page.getByText('Bram is away from today to Friday')).toBeVisible();
	await page.getByRole('option', { name: 'Save the pause' }).click();
	await expect
		.poll(() =>
			stack.query(
				"SELECT COUNT(*) AS n FROM ledger WHERE outcome = 'pause' AND by_member = 'ottilie' AND date = '2027-03-10'"
			)
		)
		.toEqual([{ n: 1 }]);
	await field.fill('15 kitchen');
	await expect(page.getByText('a session of 15 minutes in Lamp Room')).toBeVisible();
	await field.press('Enter');
	await expect(page.getByRole('heading', { level: 1 })).toHaveText('A session of 15 minutes');
	await expect(page.getByRole('dialog')).toHaveCount(0);
});

test.describe('without scripts', () => {
	test.use({ javaScriptEnabled: false });
	test('a clearing is counted and closed, a load is told, words are understood', async ({ page }) => {
		await page.goto('/timer?kind=clearing&for=bram');
		await page.getByLabel('Which spot').fill('Desk');
		await page.getByRole('button', { name: /They are ready/ }).click();
		await page.getByRole('button', { name: /^Bin, / }).click();
		await expect(page.getByRole('button', { name: 'Bin, 1 so far' })).toBeVisible();
		await besideTheWork(page, 'End session now');
		await page.goto('/say?text=wash%20started');
		await expect(page.getByText('is in the washing machine from now on.')).toBeVisible();
		await page.getByRole('button', { name: 'Save this step' }).click();
		await page.goto('/laundry');
		await expect(page.getByText('in the washing machine').first()).toBeVisible();
	});
});

test('axe finds nothing on choosing, on a joint session, nor on what is said, wide and narrow', async ({
	page
}) => {
	for (const path of [
		'/timer?minutes=20&for=ottilie&with=bram,juno',
		'/timer?kind=visitors&for=ottilie',
		'/timer?kind=bigday&for=ottilie',
		'/say?text=what%27s%20late'
	]) {
		await page.goto(path);
		await ready(page);
		await expectAccessibleAnywhere(page, path);
	}
	await begin(page, '/timer?minutes=20&for=bram&with=juno');
	await expectAccessibleAnywhere(page, 'together');
	await expect(giant(page)).toBeVisible();
	await setDown(page);
});

/** A phone in one hand: every page within its width, and the touches of a day. */
import type { Locator, Page } from '@playwright/test';
import { expect, ready, test, choose, typeDay } from './stack';

test.use({ stackOf: 'a phone', viewport: { width: 390, height: 844 }, hasTouch: true, deviceScaleFactor: 1 });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

/** Words and fields that reach past the edge of the screen, or out of the box that cuts them off. */
function cutOff(page: Page): Promise<string[]> {
	return page.evaluate(() => {
		const found: string[] = [];
		const width = document.documentElement.clientWidth;
		const seen = (element: Element) => {
			const style = getComputedStyle(element);
			const box = element.getBoundingClientRect();
			return style.visibility !== 'hidden' && style.opacity !== '0' && box.width > 2 && box.height > 2;
		};
		for (const element of document.querySelectorAll<HTMLElement>('body *')) {
			if (element.closest('svg, script, style, noscript, [hidden], details:not([open]) > :not(summary)'))
				continue;
			if (!seen(element)) continue;
			const own = [...element.childNodes].filter((node) => node.nodeType === 3 && node.textContent?.trim());
			const isField = element.matches('input:not([type=hidden]), select, button, a');
			if (own.length === 0 && !isField) continue;
			// What is meant to be pushed aside in its own frame may lie outside of the screen.
			let frame: Element | null = element.parentElement;
			while (frame && !['auto', 'scroll'].includes(getComputedStyle(frame).overflowX))
				frame = frame.parentElement;
			if (frame && frame !== document.documentElement && frame !== document.body) continue;
			const box = element.getBoundingClientRect();
			if (box.right > width + 1 || box.left < -1)
				found.push(
					`${element.tagName} "${(element.textContent ?? '').trim().slice(0, 30)}" ${box.left}-${box.right}`
				);
			if (
				element.scrollWidth > element.clientWidth + 2 &&
				getComputedStyle(element).overflowX === 'hidden' &&
				own.length > 0
			)
				found.push(`cut: "${(element.textContent ?? '').trim().slice(0, 40)}"`);
		}
		return found;
	});
}

const PAGES = [
	'/',
	'/?on=2027-03-05',
	'/timer?minutes=15',
	'/supplies?product=thin-bleach',
	'/supplies/list',
	'/supplies/mix',
	'/supplies/kits',
	'/supplies/door',
	'/schedule',
	'/schedule?show=month',
	'/schedule?show=list',
	'/house',
	'/house?room=washroom',
	'/house?zone=bath',
	'/house/job/stair-skirting',
	'/house/job/new?room=lamp-room',
	'/house/library?q=window',
	'/house/rhythm',
	'/house/pauses',
	'/house/growing',
	'/house/files',
	'/history?open=2027-03-02',
	'/begin',
	'/more',
	'/people',
	'/people/week?turn=fold-the-towels@2027-03-03',
	'/people/learning?who=kit',
	'/people/family',
	'/people/bram',
	'/people/access',
	'/own',
	'/sign-in',
	'/join'
];

for (const path of PAGES) {
	test(`nothing of ${path} is cut off on a phone, wide or narrow`, async ({ page }) => {
		await page.goto(path);
		await ready(page);
		for (const width of [390, 360]) {
			await page.setViewportSize({ width, height: 844 });
			expect(await cutOff(page), `${width} wide`).toEqual([]);
		}
	});
}

test('what hangs below the first screen is laid out last, and moves nothing that is seen', async ({
	page,
	browser,
	stack
}) => {
	// Without scripts it comes by itself.
	const plain = await browser.newContext({
		baseURL: stack.url,
		viewport: { width: 390, height: 844 },
		javaScriptEnabled: false,
		storageState: await page.context().storageState()
	});
	const unscripted = await plain.newPage();
	await unscripted.goto('/');
	const parts = await unscripted.locator('section.below').all();
	expect(parts.length).toBeGreaterThan(0);
	for (const part of parts) {
		await expect(part).toHaveCSS('content-visibility', 'visible');
		expect((await part.boundingBox())?.y).toBeGreaterThan(844);
	}
	await plain.close();

	await page.addInitScript(() => {
		const seen = Object.assign(window, { moved: 0 });
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries()) seen.moved += (entry as unknown as { value: number }).value;
		}).observe({ type: 'layout-shift', buffered: true });
	});
	await page.goto('/');
	await ready(page);
	for (const part of await page.locator('section.below').all())
		expect(await part.evaluate((one) => getComputedStyle(one).contentVisibility)).toBe('visible');
	// Letters that come late move a line by a hair; a part that moved would be a hundred times as much.
	expect(await page.evaluate(() => (window as unknown as { moved: number }).moved)).toBeLessThan(0.01);
});

test('the whole home is laid under a cloth and taken out again; the sheet of weeks shows it', async ({
	page
}) => {
	await page.goto('/house/pauses');
	await ready(page);
	await choose(page, 'Why', 'on holiday');
	await typeDay(page, 'From', '2027-03-21');
	await typeDay(page, 'To', '2027-03-15');
	await page.getByRole('button', { name: 'Save the pause' }).tap();
	await expect(page.getByRole('alert')).toContainText('ends on or after the day on which it begins');
	// What was typed is still there, and needs but one change.
	await expect(page.locator('input[name=from]')).toHaveValue('2027-03-21');
	await typeDay(page, 'From', '2027-03-14');
	await page.getByRole('button', { name: 'Save the pause' }).tap();
	await expect(page.getByText('The home is paused.')).toBeVisible();
	await expect(page.locator('input[name=from]')).toHaveValue('2027-03-03');
	const covered = page.getByRole('link', { name: /: The whole home$/ });
	await expect(covered).toHaveCount(2);
	await expect(page.getByRole('link', { name: 'Sunday, 14 March: The whole home' })).toBeVisible();
	await page.getByRole('listitem').filter({ hasText: 'The whole home' }).getByRole('button').tap();
	await expect(covered).toHaveCount(0);
});

test('the round turns under its hand, by thumb and by its buttons', async ({ page }) => {
	await page.goto('/schedule');
	await ready(page);
	const dial = page.getByRole('group', { name: /^The weeks of/ });
	await expect(dial).toBeVisible();
	await page.getByRole('link', { name: 'The week after' }).tap();
	await expect(page).toHaveURL(/on=2027-03-08/);
	const box = await dial.boundingBox();
	if (!box) throw new Error('no dial');
	// Three weeks on: the thumb draws the dial to the left.
	const y = box.y + 60;
	await page.mouse.move(box.x + 300, y);
	await page.mouse.down();
	await page.mouse.move(box.x + 230, y, { steps: 5 });
	await page.mouse.move(box.x + 130, y, { steps: 5 });
	await page.mouse.up();
	await expect(page).toHaveURL(/on=2027-03-(22|29)/);
	await page.getByRole('link', { name: 'The week before' }).tap();
	await expect(page).toHaveURL(/on=2027-03-(15|22)/);
	expect(await cutOff(page)).toEqual([]);
});

test('a day of the month leads to its week', async ({ page }) => {
	await page.goto('/schedule?show=month');
	await ready(page);
	await page.getByRole('link', { name: /^17/ }).tap();
	await expect(page).toHaveURL(/on=2027-03-17/);
	await expect(page.getByRole('heading', { name: /Wed 17/ })).toBeVisible();
});

test('a room that is renamed stays as visitors see it', async ({ page }) => {
	await page.goto('/house?room=platform-porch');
	await ready(page);
	await page.getByText('Rename, move, merge, take along or remove').tap();
	await expect(page.getByLabel('Visitors see it')).toBeChecked();
	await page.getByLabel('Name', { exact: true }).fill('Platform Door');
	await page.getByRole('button', { name: 'Save', exact: true }).tap();
	await expect(page.getByRole('heading', { name: 'Platform Door' })).toBeVisible();
	await page.reload();
	await ready(page);
	await page.getByText('Rename, move, merge, take along or remove').tap();
	await expect(page.getByLabel('Visitors see it')).toBeChecked();
});

test('a home is begun by touch, and its first job ticked', async ({ browser, stack }) => {
	const context = await browser.newContext({
		baseURL: stack.url,
		viewport: { width: 390, height: 844 },
		hasTouch: true,
		timezoneId: 'Europe/Oslo'
	});
	const page = await context.newPage();
	await page.goto('/house');
	await ready(page);
	await page
		.getByRole('link', { name: /Begin your own home/ })
		.filter({ visible: true })
		.tap();
	await expect(page).toHaveURL(/\/begin$/);
	await ready(page);
	for (const [i, key] of ['Bedroom', 'Bathroom'].entries()) {
		await page.getByRole('button', { name: new RegExp(`^${key}(,|$)`) }).tap();
		await expect(page.locator('[data-room]')).toHaveCount(i + 1);
	}
	await page.getByRole('button', { name: 'Next: the floor below' }).tap();
	await expect(page.getByRole('heading', { name: 'What is on the ground floor?' })).toBeVisible();
	for (const [i, key] of ['Kitchen', 'Living room'].entries()) {
		await page.getByRole('button', { name: new RegExp(`^${key}(,|$)`) }).tap();
		await expect(page.locator('[data-room]')).toHaveCount(i + 3);
	}
	for (const step of ['zones', 'rhythm', 'people', 'first-morning']) {
		await page.goto(`/begin?step=${step}`);
		await ready(page);
		expect(await cutOff(page), step).toEqual([]);
		if (step === 'zones') {
			await page.getByLabel('Name of zone 1').fill('Up under the roof, where it is warm');
			await page.getByRole('button', { name: 'Save the name' }).first().tap();
			await expect(page.getByLabel('Name of zone 1')).toHaveValue('Up under the roof, where it is warm');
		}
		if (step === 'people') {
			for (const name of ['Maren', 'Tove']) {
				await page.getByLabel(/^(Your own name|Name)$/).fill(name);
				await page.getByRole('button', { name: 'Add adult' }).tap();
				await expect(page.getByRole('button', { name: `Remove ${name}` })).toBeVisible();
			}
			await page.getByRole('button', { name: 'Bedroom belongs to Maren' }).tap();
			await expect(page.getByRole('button', { name: 'Bedroom belongs to Maren' })).toHaveAttribute(
				'aria-pressed',
				'true'
			);
		}
	}
	await page.getByRole('button', { name: 'Begin our home' }).tap();
	await expect(page.getByRole('heading', { name: 'Make an account' })).toBeVisible();
	await ready(page);
	expect(await cutOff(page)).toEqual([]);
	await page.getByLabel('E-mail').fill('maren@family.test');
	await page.getByLabel('Password').fill('password123');
	await page.getByRole('button', { name: 'Sign up and open it' }).tap();
	await expect(page.getByRole('alert')).toContainText('everybody tries first');
	await page.getByLabel('Password').fill('seven wet towels');
	await page.getByRole('button', { name: 'Sign up and open it' }).tap();
	await expect(page).toHaveURL(`${stack.url}/`);
	await ready(page);
	expect(await cutOff(page)).toEqual([]);
	await page.locator('[data-tick]').first().tap();
	await expect(page.getByText(/^Done:/)).toBeVisible();
	// The device said where it lies, and the rhythm of the house can say otherwise.
	await page.goto('/house/rhythm');
	await ready(page);
	await page.getByText('Where the home lies').tap();
	await expect(page.getByRole('combobox', { name: 'Time zone: Europe/Oslo' })).toBeVisible();
	await choose(page, 'Time zone', 'Europe/Lisbon');
	await page.getByRole('button', { name: 'Save' }).tap();
	await expect(page.getByText('The cleaning days and house rules hold from today.')).toBeVisible();
	expect(
		await stack.query(`SELECT COUNT(*) AS n FROM home_revision WHERE settings LIKE '%Europe/Lisbon%'`)
	).toEqual([{ n: 1 }]);
	await context.close();
});

test('from nothing to the first ticked job in forty touches, with two grown-ups and two children', async ({
	browser,
	stack
}) => {
	const context = await browser.newContext({
		baseURL: stack.url,
		viewport: { width: 390, height: 844 },
		hasTouch: true
	});
	const page = await context.newPage();
	await page.goto('/begin');
	await ready(page);
	let touches = 0;
	const tap = async (one: Locator) => {
		touches++;
		await one.tap();
	};
	/** A field is one touch, and what is typed into it is typed. */
	const write = async (label: string | RegExp, text: string) => {
		await tap(page.getByLabel(label));
		await page.keyboard.type(text);
	};
	const button = (name: string | RegExp) => page.getByRole('button', { name });
	const rooms = page.locator('[data-room]');
	for (const [i, key] of ['Bedroom', 'Child’s room', 'Bathroom'].entries()) {
		await tap(button(new RegExp(`^${key}(,|$)`)));
		await expect(rooms).toHaveCount(i + 1);
	}
	await tap(button('Next: the floor below'));
	await expect(page.getByRole('heading', { name: 'What is on the ground floor?' })).toBeVisible();
	for (const [i, key] of ['Kitchen', 'Living room', 'Toilet', 'Stairs, hall'].entries()) {
		await tap(button(new RegExp(`^${key}(,|$)`)));
		await expect(rooms).toHaveCount(i + 4);
	}
	await tap(button(/^(Next: zones|To the zones)$/));
	await tap(button('Next: how you clean'));
	await tap(button(/^Take /));
	await expect(page.getByRole('heading', { name: 'Who lives here?' })).toBeVisible();
	for (const [name, add, age] of [
		['Maren', 'Add adult', null],
		['Ivo', 'Add adult', null],
		['Tove', 'Add child', 9],
		['Bo', 'Add child', 5]
	] as const) {
		await write(/^(Your own name|Name)$/, name);
		await tap(button(add));
		await expect(button(`Remove ${name}`)).toBeVisible();
		if (age !== null) {
			await tap(
				page.getByRole('group', { name: `How old ${name} is` }).getByLabel(`${age} years`, { exact: true })
			);
			await expect(button(`Change the age of ${name}`)).toBeVisible();
		}
	}
	await tap(button('Child’s room belongs to Tove'));
	await tap(button('Next: the first morning'));
	await tap(button('Begin our home'));
	await expect(page.getByRole('heading', { name: 'Make an account' })).toBeVisible();
	await ready(page);
	await write('E-mail', 'few-touches@family.test');
	await write('Password', 'seven wet towels');
	await tap(button('Sign up and open it'));
	await expect(page).toHaveURL(`${stack.url}/`);
	await ready(page);
	await tap(page.locator('[data-tick]').first());
	await expect(page.getByText(/^Done:/)).toBeVisible();
	expect(touches).toBeLessThanOrEqual(40);
	const [home] = await stack.query<{ names: string }>(
		"SELECT GROUP_CONCAT(name ORDER BY place) AS names FROM member WHERE household_id = (SELECT m.household_id FROM membership m JOIN account a ON a.id = m.account_id WHERE a.email = 'few-touches@family.test')"
	);
	expect(home?.names).toBe('Maren,Ivo,Tove,Bo');
	await context.close();
});

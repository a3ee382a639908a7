import { expect, expectAccessibleAnywhere, PASSWORD, ready, sendForm, test } from './stack';
import type { Page } from '@playwright/test';

test.use({ demo: false });

/** Goes on with Tab until the element with this name has the focus: as somebody without a mouse would. */
async function tabTo(page: Page, name: RegExp, role = 'button'): Promise<void> {
	for (let i = 0; i < 140; i++) {
		await page.keyboard.press('Tab');
		const here = await page.evaluate(() => {
			const element = document.activeElement as HTMLElement | null;
			const label =
				element?.getAttribute('aria-label') ??
				(element as HTMLInputElement | null)?.labels?.[0]?.textContent ??
				element?.textContent ??
				'';
			return { label: label.replace(/\s+/g, ' ').trim(), role: element?.tagName.toLowerCase() ?? '' };
		});
		const fits =
			role === 'field'
				? ['input', 'select', 'textarea'].includes(here.role)
				: ['button', 'a', 'summary'].includes(here.role);
		if (fits && name.test(here.label)) return;
	}
	throw new Error(`nothing called ${name} was reached with Tab`);
}

async function press(page: Page, name: RegExp) {
	await tabTo(page, name);
	await page.keyboard.press('Enter');
}

const EMAIL = 'ada@family.test';

test.describe('a home is begun and changed', () => {
	// The second goes on in the home of the first: tried again, both are.
	test.describe.configure({ mode: 'serial' });

	test('from an empty house to the first ticked job, by keyboard alone', async ({ page, stack }) => {
		stack.setClock('2027-03-03T08:00:00Z');
		await page.goto('/');
		await expect(page).toHaveURL(/\/begin$/);
		await ready(page);
		await expect(page.getByRole('heading', { name: 'What is upstairs?' })).toBeVisible();
		for (const [key, rooms] of [
			['Bedroom', 1],
			['Bathroom', 2]
		] as const) {
			await press(page, new RegExp(`^${key}`));
			await expect(page.locator('[data-room]')).toHaveCount(rooms);
		}
		await press(page, /^Next: the floor below$/);
		await expect(page.getByRole('heading', { name: 'What is on the ground floor?' })).toBeVisible();
		for (const [key, rooms] of [
			['Kitchen', 3],
			['Living room', 4],
			['Stairs, hall', 5]
		] as const) {
			await press(page, new RegExp(`^${key}`));
			await expect(page.locator('[data-room]')).toHaveCount(rooms);
		}
		// Left in the middle, and resumed where it was.
		await page.goto('/');
		await expect(page).toHaveURL(/\/begin$/);
		await ready(page);
		await expect(page.locator('[data-room]')).toHaveCount(5);
		await press(page, /^(Next: zones|To the zones)$/);
		await expect(page.getByRole('heading', { name: 'Rooms that lie together' })).toBeVisible();
		await press(page, /^Next: how you clean$/);
		await expect(page.getByRole('heading', { name: 'Choose how you clean' })).toBeVisible();
		await expect(page.getByRole('region', { name: 'Four weeks of Rolling zones' })).toBeVisible();
		await press(page, /^Take Rolling zones$/);
		await tabTo(page, /^Your own name/, 'field');
		await page.keyboard.type('Ada');
		await press(page, /^Add adult$/);
		await expect(page.getByRole('button', { name: 'Remove Ada' })).toBeVisible();
		await press(page, /^Next: the first morning$/);
		await expect(page.getByRole('heading', { name: 'The first morning' })).toBeVisible();
		await press(page, /^Begin our home$/);
		// A home is somebody's: whoever begins it takes a key to it.
		await expect(page.getByRole('heading', { name: 'Make an account' })).toBeVisible();
		await tabTo(page, /^E-mail/, 'field');
		await page.keyboard.type(EMAIL);
		await tabTo(page, /^Password/, 'field');
		await page.keyboard.type(PASSWORD);
		await press(page, /^Sign up and open it$/);
		await expect(page).toHaveURL(new RegExp(`^${stack.url}/$`));
		await ready(page);
		await expect(page.getByText('Next', { exact: true })).toBeVisible();
		const next = page.locator('article[data-line]').first();
		const line = await next.getAttribute('data-line');
		await page.keyboard.press('d');
		await expect(page.getByText(/^Done:/)).toBeVisible();
		await expect(page.locator(`article[data-line="${line}"]`)).toHaveCount(0);
		const rows = await stack.query<{ n: number }>("SELECT COUNT(*) AS n FROM ledger WHERE outcome = 'done'");
		expect(rows[0]?.n).toBeGreaterThan(0);
	});

	test('the first steps run again and change one thing; the rest stays', async ({ page, stack }) => {
		await sendForm(page, stack, '/sign-in?/in', { email: EMAIL, password: PASSWORD });
		await page.goto('/house/rhythm');
		await ready(page);
		const before = await stack.query<{ n: number }>(
			'SELECT COUNT(*) AS n FROM job WHERE until_revision IS NULL'
		);
		await page.getByRole('button', { name: 'Run the first steps again' }).click();
		await expect(page).toHaveURL(/\/begin$/);
		await ready(page);
		await page.getByRole('button', { name: /^Ground floor/ }).click();
		// The keys of another floor hang elsewhere: what is touched before they are there is another one.
		await expect(page.getByRole('heading', { name: 'What is on the ground floor?' })).toBeVisible();
		await page.getByRole('button', { name: 'Study', exact: true }).click();
		await expect(page.getByRole('heading', { name: 'Study' })).toBeVisible();
		await page.getByRole('link', { name: 'First morning' }).click();
		await page.getByRole('button', { name: 'Save the changes' }).click();
		await expect(page).toHaveURL(new RegExp(`^${stack.url}/$`));
		await page.goto('/house');
		await expect(page.getByRole('link', { name: /Study/ })).toBeVisible();
		const after = await stack.query<{ n: number }>(
			'SELECT COUNT(*) AS n FROM job WHERE until_revision IS NULL'
		);
		expect((after[0]?.n ?? 0) - (before[0]?.n ?? 0)).toBeGreaterThan(3);
	});
});

test('what is missing or odd is said, and nothing is lost', async ({ browser, stack }) => {
	const context = await browser.newContext({ baseURL: stack.url });
	const page = await context.newPage();
	await page.goto('/begin?step=first-morning');
	await ready(page);
	await expect(page.getByText('No rooms yet.')).toBeVisible();
	await expect(page.getByText('minutes a day')).toHaveCount(0);
	await expect(page.getByRole('button', { name: 'Begin our home' })).toBeDisabled();
	await page.goto('/begin?step=rhythm');
	await ready(page);
	await page.getByLabel('Minutes a day').fill('ten');
	await page.getByRole('button', { name: 'Save the minutes' }).click();
	await expect(page.getByRole('alert')).toContainText('Minutes are a number');
	await expect(page.getByLabel('Minutes a day')).toHaveAccessibleDescription(/Minutes are a number/);
	await expect(page.getByLabel('Minutes a day')).toHaveValue('ten');
	await page.getByLabel('Minutes a day').fill('62,5');
	const kept = page.waitForResponse((one) => one.url().includes('/begin?/touch'));
	await page.getByRole('button', { name: 'Save the minutes' }).click();
	await kept;
	await page.reload();
	await expect(page.getByLabel('Minutes a day')).toHaveValue('62.5');
	await page.goto('/begin?step=people');
	await ready(page);
	await page.getByRole('button', { name: 'Add child' }).click();
	await expect(page.getByLabel('Your own name')).toHaveAccessibleDescription('Say a name first.');
	const response = await page.request.post('/begin?/touch', {
		headers: { origin: stack.url, accept: 'text/html' },
		form: { op: 'hang', kind: 'ballroom', storey: '0' }
	});
	expect(response.status()).toBe(400);
	await context.close();
});

test('what is typed and not saved is kept before the steps go on, or asked about', async ({
	browser,
	stack
}) => {
	const context = await browser.newContext({ baseURL: stack.url });
	const page = await context.newPage();
	await page.goto('/begin');
	await ready(page);
	await page.getByRole('button', { name: /^Bedroom/ }).click();
	await page.getByRole('button', { name: 'Rename' }).click();
	await page.getByLabel('Its name').fill('Ada’s nest');
	// Another touch shows another room.
	await page.getByRole('button', { name: /^Kitchen/ }).click();
	await expect(page.getByRole('heading', { name: 'Kitchen' })).toBeVisible();
	await page.getByRole('button', { name: 'To the zones' }).click();
	await expect(page.getByText('Ada’s nest').first()).toBeVisible();
	await page.getByLabel('Name of zone 1').fill('The quiet end');
	await page.getByRole('button', { name: /^Next: how you clean/ }).click();
	await page.getByLabel(/^Minutes a day/).fill('ten');
	await page.getByRole('button', { name: /^Take / }).click();
	// What cannot be is told, and the steps stay.
	await expect(page.getByLabel(/^Minutes a day/)).toHaveAccessibleDescription(/Minutes are a number/);
	await page.getByLabel(/^Minutes a day/).fill('70');
	await page.getByRole('button', { name: /^Take / }).click();
	await page.getByLabel('Your own name').fill('Ada');
	await page.getByRole('button', { name: /^Next: the first morning/ }).click();
	await page.getByLabel('What the home is called').fill('The old mill');
	await page.getByRole('link', { name: 'People' }).click();
	await expect(page.getByText('Ada', { exact: true }).first()).toBeVisible();
	await page.getByLabel('Name', { exact: true }).fill('Bo');
	await page.getByRole('button', { name: /^Next: the first morning/ }).click();
	await expect(page.getByLabel('Name', { exact: true })).toHaveAccessibleDescription(/^Who is that\?/);
	await page.getByRole('button', { name: 'Add adult' }).click();
	await expect(page.getByText('Bo', { exact: true }).first()).toBeVisible();
	await page.getByRole('button', { name: /^Next: the first morning/ }).click();
	await expect(page.getByLabel('What the home is called')).toHaveValue('The old mill');
	await page.getByRole('link', { name: 'How you clean' }).click();
	await expect(page.getByLabel(/^Minutes a day/)).toHaveValue('70');
	await page.getByRole('link', { name: 'Zones', exact: true }).click();
	await expect(page.getByLabel('Name of zone 1')).toHaveValue('The quiet end');
	await context.close();
});

test('axe finds nothing on the first steps, and nothing runs off the side', async ({ page }) => {
	await page.goto('/begin');
	await ready(page);
	for (const [i, key] of ['Bedroom', 'Bathroom', 'Kitchen'].entries()) {
		await page.getByRole('button', { name: new RegExp(`^${key}(,|$)`) }).click();
		await expect(page.locator('[data-room]')).toHaveCount(i + 1);
	}
	for (const step of ['rooms', 'zones', 'rhythm', 'people', 'first-morning']) {
		await page.goto(`/begin?step=${step}`);
		await ready(page);
		await expectAccessibleAnywhere(page, step);
	}
});

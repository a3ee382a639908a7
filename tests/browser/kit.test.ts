import { expect, expectAccessibleAnywhere, ready, test } from './stack';

/** The parts of the kit by keyboard alone, as every screen has them. */
test.beforeEach(async ({ page }) => {
	await page.goto('/kit');
	await ready(page);
});

test('buttons: Enter and Space press, a sending or switched-off one takes no press', async ({ page }) => {
	const told = page.getByText(/^Last: /);
	await page.getByRole('button', { name: 'Start', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(told).toHaveText('Last: Start');
	await page.getByRole('button', { name: 'Done already' }).focus();
	await page.keyboard.press('Space');
	await expect(told).toHaveText('Last: Done already');
	for (const sending of await page.getByRole('button', { name: 'Saving' }).all()) {
		await expect(sending).toHaveAttribute('aria-busy', 'true');
		await expect(sending).toHaveAttribute('aria-disabled', 'true');
	}
	for (const off of await page.getByRole('button', { name: 'Cannot now' }).all())
		await expect(off).toBeDisabled();
});

test('a menu opens, is walked by arrows, and gives the focus back', async ({ page }) => {
	const trigger = page.getByRole('button', { name: 'Other ways to clean' });
	await trigger.focus();
	await page.keyboard.press('Enter');
	const menu = page.getByRole('menu');
	await expect(menu.getByRole('menuitem', { name: /Quick tidy/ })).toBeFocused();
	await page.keyboard.press('ArrowDown');
	await expect(menu.getByRole('menuitem', { name: /Fifteen minutes/ })).toBeFocused();
	// What is switched off is passed over.
	await page.keyboard.press('ArrowDown');
	await expect(menu.getByRole('menuitem', { name: /Quick tidy/ })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Last: Quick tidy')).toBeVisible();
	await expect(trigger).toBeFocused();
});

test('a sheet keeps the focus, Escape closes it; a question has the safe answer in hand', async ({
	page
}) => {
	const opens = page.getByRole('button', { name: 'Open a sheet' });
	await opens.focus();
	await page.keyboard.press('Enter');
	const sheet = page.getByRole('dialog', { name: 'Washroom toilet' });
	await expect(sheet).toBeVisible();
	for (let i = 0; i < 4; i++) {
		await page.keyboard.press('Tab');
		expect(await sheet.evaluate((it) => it.contains(document.activeElement))).toBe(true);
	}
	await page.keyboard.press('Escape');
	await expect(sheet).toHaveCount(0);
	await expect(opens).toBeFocused();
	await page.getByRole('button', { name: 'Delete …' }).focus();
	await page.keyboard.press('Enter');
	const asks = page.getByRole('alertdialog');
	await expect(asks.getByRole('button', { name: 'Keep it as it is' })).toBeFocused();
	await page.keyboard.press('Enter');
	await expect(asks).toHaveCount(0);
	await expect(page.getByText('Last: deleted')).toHaveCount(0);
});

test('a message carries its undo, in reach', async ({ page }) => {
	await page.getByRole('button', { name: 'Say it' }).focus();
	await page.keyboard.press('Enter');
	await page.getByRole('button', { name: 'Undo' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Last: undone')).toBeVisible();
});

test('fields: labels, what is wrong beside them, one sentence of help', async ({ page }) => {
	const wrong = page.getByLabel('Minutes', { exact: true });
	await expect(wrong).toHaveAttribute('aria-invalid', 'true');
	await expect(wrong).toHaveAccessibleDescription('Write the minutes as a number, such as 10.');
	await page.getByRole('button', { name: 'What is this: Name?' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Two jobs may have one name.')).toBeVisible();
	await page.keyboard.press('Escape');
	await expect(page.getByText('Two jobs may have one name.')).toHaveCount(0);
});

test('a choice of several: arrows choose, typing finds, what cannot be chosen says why', async ({ page }) => {
	const room = page.getByRole('combobox', { name: /^Room: / });
	await room.focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('the paint is drying until Friday')).toBeVisible();
	await page.keyboard.press('ArrowDown');
	await page.keyboard.press('Enter');
	await expect(page.getByRole('combobox', { name: 'Room: Lamp Room' })).toBeFocused();
	await expect(page.getByText('Last: lamp-room')).toBeVisible();
});

test('dates and times are typed in the home’s order, or picked', async ({ page }) => {
	const day = page.getByRole('group', { name: 'Day', exact: true });
	await expect(day).toContainText('03/03/2027');
	await day.getByRole('spinbutton').first().focus();
	await page.keyboard.type('16');
	await expect(page.getByText('Last: 2027-03-16')).toBeVisible();
	await day.getByRole('spinbutton').first().focus();
	await page.keyboard.press('ArrowUp');
	await expect(page.getByText('Last: 2027-03-17')).toBeVisible();
	await page.getByRole('button', { name: 'Pick a date: Day', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('heading', { name: /March 2027/ })).toBeVisible();
	await page.keyboard.press('ArrowRight');
	await page.keyboard.press('Enter');
	await expect(page.getByText('Last: 2027-03-18')).toBeVisible();
	const time = page.getByRole('group', { name: 'Time' });
	await time.getByRole('spinbutton').first().focus();
	await page.keyboard.type('0915');
	await expect(page.getByText('Last: 09:15')).toBeVisible();
});

test('numbers step and are bounded; a scale has two handles', async ({ page }) => {
	const minutes = page.getByRole('spinbutton', { name: 'Usual minutes' });
	await minutes.focus();
	await page.keyboard.press('ArrowUp');
	await expect(page.getByText('Last: 7')).toBeVisible();
	await minutes.fill('9999');
	await page.keyboard.press('Tab');
	await expect(minutes).toHaveValue('240');
	await minutes.fill('about ten');
	await page.keyboard.press('Tab');
	await expect(minutes).toHaveValue('240');
	await page.getByRole('slider', { name: 'At least' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByText('Last: 6 to 15')).toBeVisible();
	await page.getByLabel('Four figures').focus();
	await page.keyboard.type('2748');
	await expect(page.getByText('Last: 2748')).toBeVisible();
});

test('choices in sight: rows of toggles, radios, switches and checks', async ({ page }) => {
	await page.getByRole('button', { name: 'Friday' }).focus();
	await page.keyboard.press('Space');
	await expect(page.getByText('Last: 2,5')).toBeVisible();
	await page.getByRole('radio', { name: 'keep it until it is done' }).focus();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByText('Last: until')).toBeVisible();
	await page.getByRole('radio', { name: /^Equally/ }).focus();
	await page.keyboard.press('ArrowDown');
	await expect(page.getByText('Last: shares age')).toBeVisible();
	await page.getByRole('switch', { name: /Weekly jobs/ }).focus();
	await page.keyboard.press('Space');
	await expect(page.getByText('Last: weekly true')).toBeVisible();
	await page.getByRole('checkbox', { name: 'The floors come last' }).focus();
	await page.keyboard.press('Space');
	await expect(page.getByText('Last: floors true')).toBeVisible();
});

test('tabs, a table that is put in order, a command line, a shelf', async ({ page }) => {
	await page.getByRole('tab', { name: 'Week' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByText('The month.')).toBeVisible();
	const jobs = page.getByRole('region', { name: 'Jobs' });
	await jobs.getByRole('button', { name: 'Job', exact: true }).focus();
	await page.keyboard.press('Enter');
	await expect(jobs.getByRole('row').nth(1)).toContainText('Brush the cat');
	await expect(jobs.getByRole('columnheader').first()).toHaveAttribute('aria-sort', 'ascending');
	await page.getByRole('combobox', { name: 'Type a command' }).fill('mop');
	await expect(page.getByRole('option', { name: /Mop the Lamp Room/ })).toHaveAttribute(
		'aria-selected',
		'true'
	);
	await page.keyboard.press('Enter');
	await expect(page.getByText('Last: Mop the Lamp Room')).toBeVisible();
	const more = page.getByRole('button', { name: 'Rename, move or remove' });
	await more.focus();
	await expect(page.getByText('What is rarely needed.')).toBeHidden();
	await page.keyboard.press('Enter');
	await expect(page.getByText('What is rarely needed.')).toBeVisible();
	await expect(more).toHaveAttribute('aria-expanded', 'true');
	await page.keyboard.press('Space');
	await expect(page.getByText('What is rarely needed.')).toBeHidden();
	await page.getByRole('button', { name: /^More options/ }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('What lies on the shelf.')).toBeVisible();
});

test('axe finds nothing in the kit, in both lights, and nothing runs off the side', async ({ page }) => {
	await page.emulateMedia({ reducedMotion: 'reduce' });
	await expectAccessibleAnywhere(page, '/kit');
});

test('where colours are the reader’s own, what is chosen has a frame, and what is not has none', async ({
	page
}) => {
	await page.emulateMedia({ forcedColors: 'active' });
	await page.goto('/kit');
	await ready(page);
	const framed = (chosen: string) =>
		page
			.locator(chosen)
			.first()
			.evaluate((one) => getComputedStyle(one).outlineStyle);
	expect(await framed('main [aria-selected=true], main [data-state=on], main [aria-pressed=true]')).toBe(
		'solid'
	);
	expect(await framed('main [aria-selected=false], main [data-state=off]')).toBe('none');
	await page.goto('/schedule');
	await ready(page);
	expect(await framed('header nav [aria-current=page], nav [aria-current=page]')).toBe('solid');
});

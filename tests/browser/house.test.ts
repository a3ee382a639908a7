import type { Page } from '@playwright/test';
import {
	choose,
	expect,
	expectAccessible,
	expectAccessibleAnywhere,
	holdSending,
	ready,
	test,
	typeDay
} from './stack';

test.use({ stackOf: 'the House' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

test('a proposal is told, shown, and taken; nothing moves by itself', async ({ page }) => {
	await page.goto('/house');
	await ready(page);
	await expect(page.getByRole('heading', { name: 'House' })).toBeVisible();
	const label = page.getByRole('region', { name: /^Move the Washroom to zone 3/ });
	await expect(label).toContainText('They share the same pipes and caddy.');
	await expect(page.getByText(/min needed, \d+ available/).first()).toBeVisible();
	await label.getByRole('button', { name: 'Move this room' }).click();
	await expect(page.getByText('The zones are evener.')).toBeVisible();
	await expect(page.getByText(/min over/)).toHaveCount(0);
	await expect(page.getByRole('list', { name: 'Rooms of Bath' })).toContainText('Washroom');
});

test('a room moves by keyboard: first it is said what follows, then it is done', async ({ page }) => {
	await page.goto('/house?room=washroom');
	await ready(page);
	await choose(page, 'Zone', '1 Porch & hall');
	await page.getByRole('button', { name: 'Move this room' }).click();
	const label = page.getByRole('region', { name: 'Washroom lies in Porch & hall.' });
	await expect(label).toContainText('go to the end of the list of Porch & hall');
	await expect(label).toContainText('What was done stays in History.');
	await label.getByRole('button', { name: 'Save these changes' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('status').filter({ hasText: 'Washroom lies in Porch & hall.' })).toBeVisible();
});

test('a room is dragged by keys in the list of its zone', async ({ page }) => {
	await page.goto('/house');
	await ready(page);
	const chip = page
		.getByRole('list', { name: 'Rooms of Waiting & tickets' })
		.getByRole('listitem', { name: 'Ticket Office' });
	await chip.focus();
	await page.keyboard.press('Enter');
	await page.getByRole('list', { name: 'Rooms of Sleepers' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByRole('region', { name: 'Ticket Office lies in Sleepers.' })).toBeVisible();
	await page.getByRole('button', { name: 'Change nothing' }).first().click();
	await page.reload();
	await expect(page.getByRole('list', { name: 'Rooms of Waiting & tickets' })).toContainText('Ticket Office');
});

test('rooms and zones are added, renamed, put in order, and retired', async ({ page }) => {
	await page.goto('/house');
	await ready(page);
	await page.getByRole('button', { name: 'Add a room' }).click();
	await choose(page, 'Kind', 'Store');
	await page.getByLabel('Name, if it has one').fill('Coal Shed <b>');
	await page.getByRole('button', { name: 'Add this room' }).click();
	await expect(page.getByRole('link', { name: /Coal Shed <b>/ })).toBeVisible();
	await page.getByRole('link', { name: /Coal Shed <b>/ }).click();
	await page.getByText('Rename, move, merge, take along or remove').click();
	await page.getByLabel('Name', { exact: true }).fill('Coal Shed');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Coal Shed', exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'Remove this room …' }).click();
	await page.getByRole('button', { name: 'Save these changes' }).click();
	await expect(page.getByText('Coal Shed is removed.')).toBeVisible();
	await expect(page.getByRole('link', { name: /Coal Shed/ })).toHaveCount(0);

	await page.goto('/house?zone=bath');
	await ready(page);
	await expect(page.getByText(/visits and \d+ days in the coming twelve months/)).toBeVisible();
	const list = page.getByRole('list', { name: 'The zone’s jobs, in order' });
	const first = await list.getByRole('listitem').first().getByRole('link').textContent();
	await list.getByRole('button', { name: `${first} one down` }).click();
	await expect(list.getByRole('listitem').nth(1)).toContainText(first ?? '');
	await list.getByRole('listitem').first().getByRole('button', { name: 'every time' }).click();
	await expect(list.getByRole('listitem').first().getByRole('button', { name: 'every 2nd' })).toBeVisible();
	await choose(page, 'What to do first', 'the most overdue first');
	await page.getByRole('button', { name: 'Save', exact: true }).first().click();
	await expect(page.getByText('Saved.', { exact: true })).toBeVisible();
	await page.getByRole('button', { name: 'not yet' }).click();
	await expect(page.getByRole('button', { name: 'not yet' })).toHaveAttribute('aria-pressed', 'true');
});

test('how often a job comes is a sentence; its next six dates follow at once', async ({ page }) => {
	await page.goto('/house/job/bins-to-the-gate');
	await ready(page);
	const dates = page.getByRole('list', { name: 'The next six times' });
	await expect(dates.getByRole('listitem')).toHaveCount(6);
	await page.getByRole('button', { name: /^How often: / }).click();
	await choose(page, 'How often', 'every so many weeks');
	await page.getByRole('spinbutton', { name: 'Every how many weeks' }).fill('2');
	await page.keyboard.press('Tab');
	await page.getByRole('button', { name: 'Wednesday', exact: true }).click();
	await page.getByRole('button', { name: 'Thursday', exact: true }).click();
	await expect(dates).toContainText('Thu4 Mar');
	await expect(dates).toContainText('Thu18 Mar');
	await expect(page.getByRole('button', { name: 'How often: every second week on Thursdays' })).toBeVisible();
	await choose(page, 'How often', 'so many days after it was last done');
	// The number and its peg are one.
	await page.getByRole('spinbutton', { name: 'At most' }).fill('21');
	await page.keyboard.press('Tab');
	await page.getByRole('slider', { name: 'due at, days' }).focus();
	await page.keyboard.press('ArrowRight');
	await expect(page.getByRole('spinbutton', { name: 'At most' })).toHaveValue('22');
	await page.getByRole('button', { name: /^More options/ }).click();
	await page.getByRole('radio', { name: 'keep it until it is done' }).click();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	await page.goto('/history?job=bins-to-the-gate');
	await expect(page.getByRole('region', { name: 'All times of a job' })).toContainText(
		'10 to 22 days after it was last done'
	);
});

test('every so many months on a weekday, and once on one day', async ({ page, stack }) => {
	await page.goto('/house/job/mirrors');
	await ready(page);
	await page.getByRole('button', { name: /^How often: / }).click();
	await choose(page, 'How often', 'every so many months');
	await page.getByRole('radio', { name: 'On a weekday of the month' }).click();
	await choose(page, 'Which one', 'last');
	await choose(page, 'Weekday', 'Friday');
	await expect(
		page.getByRole('button', { name: 'How often: every three months on the last Friday' })
	).toBeVisible();
	await expect(page.getByRole('list', { name: 'The next six times' }).getByRole('listitem')).toHaveCount(6);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	// What was open stays open over it, and the hand where it was.
	await expect(page.getByRole('button', { name: 'Save', exact: true })).toBeFocused();
	await choose(page, 'How often', 'once, on one day');
	await expect(page.getByRole('list', { name: 'The next six times' }).getByRole('listitem')).toHaveCount(1);
	const kept = page.waitForResponse((one) => one.request().method() === 'POST');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await kept;
	await expect(page.getByRole('button', { name: 'How often: once, on Thursday, 4 March' })).toBeVisible();
	expect(await stack.query('SELECT COUNT(*) AS n FROM household WHERE deleted_at IS NULL')).toEqual([
		{ n: 1 }
	]);
});

test('what cannot be is said beside the sentence, and nothing is written', async ({ page, stack }) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	await page.getByRole('button', { name: /^How often: / }).click();
	await choose(page, 'How often', 'in certain months of the year');
	await page.getByRole('button', { name: 'April', exact: true }).click();
	await page.getByRole('button', { name: 'October', exact: true }).click();
	await expect(page.getByRole('status').first()).not.toBeEmpty();
	const before = await stack.query<{ n: number }>('SELECT MAX(revision) AS n FROM home_revision');
	// What is wrong is opened and told beside its field, all of it at once.
	await page.getByRole('button', { name: /^How often: / }).click();
	await page.getByRole('button', { name: /^All details/ }).click();
	const steps = page.getByRole('group', { name: 'Usual: its steps' });
	await steps.getByLabel('Minutes of step 1').fill('a while');
	await page.getByRole('tab', { name: 'What it needs' }).click();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert').filter({ hasText: 'With no month it never falls due' })).toHaveCount(
		1
	);
	const months = page.getByRole('group', { name: 'In these months' });
	await expect(months).toHaveAccessibleDescription(/With no month it never falls due/);
	const minutes = steps.getByLabel('Minutes of step 1');
	await expect(minutes).toHaveAccessibleDescription('Minutes are a number, such as 5 or 12.5.');
	await expect(minutes).toHaveValue('a while');
	// Mended, it is told no longer.
	await minutes.fill('3');
	await expect(page.getByText('Minutes are a number')).toBeHidden();
	expect(await stack.query('SELECT MAX(revision) AS n FROM home_revision')).toEqual(before);
	await page.getByRole('button', { name: 'May', exact: true }).click();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
});

test('who leaves with something changed and not saved is asked first', async ({ page }) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	const to = page.getByRole('link', { name: 'Schedule', exact: true });
	await page.getByRole('button', { name: /^More options/ }).click();
	const early = page.getByRole('spinbutton', { name: 'Can be done so many days early' });
	const was = await early.inputValue();
	await early.fill('9');
	await page.keyboard.press('Tab');
	await to.click();
	const ask = page.getByRole('alertdialog', { name: 'Leave without saving?' });
	await expectAccessibleAnywhere(page, 'leaving');
	await ask.getByRole('button', { name: 'Stay here' }).click();
	await expect(early).toHaveValue('9');
	// As it was again, nothing is asked.
	await early.fill(was);
	await page.keyboard.press('Tab');
	await to.click();
	await expect(page).toHaveURL(/schedule/);
	await page.goBack();
	await ready(page);
	await page.getByRole('button', { name: /^More options/ }).click();
	await early.fill('9');
	await page.keyboard.press('Tab');
	await to.click();
	await ask.getByRole('button', { name: 'Leave', exact: true }).click();
	await expect(page).toHaveURL(/schedule/);
	// Saved, it is left without a word.
	await page.goBack();
	await ready(page);
	await page.getByRole('button', { name: /^More options/ }).click();
	await early.fill('8');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	await to.click();
	await expect(page).toHaveURL(/schedule/);
});

/** Somebody else gives a job other minutes, on a page of theirs. */
async function changeMinutes(other: Page, job: string, to: string) {
	await other.goto(`/house/job/${job}`);
	await ready(other);
	await other.getByRole('button', { name: /^How many minutes/ }).click();
	await other.getByRole('spinbutton', { name: /^How many minutes/ }).fill(to);
	await other.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(other.getByText('Saved. It holds from today.')).toBeVisible();
}

test('a page that is behind the home says so, keeps what is typed, and the next press is taken', async ({
	page
}) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	await page.getByRole('button', { name: /^More options/ }).click();
	const early = page.getByRole('spinbutton', { name: 'Can be done so many days early' });
	await early.fill('5');
	await page.keyboard.press('Tab');
	const other = await page.context().newPage();
	await changeMinutes(other, 'mirrors', '22');
	await other.close();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Somebody changed the home meanwhile')).toBeVisible();
	await expect(early).toHaveValue('5');
	await expect(async () => {
		await page.getByRole('button', { name: 'Save', exact: true }).click();
		await expect(page.getByText('Saved. It holds from today.')).toBeVisible({ timeout: 2_000 });
	}).toPass();
});

test('what somebody else changed of the same job is not written over without a word', async ({ page }) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	const early = page.getByRole('spinbutton', { name: 'Can be done so many days early' });
	await page.getByRole('button', { name: /^More options/ }).click();
	await early.fill('6');
	await page.keyboard.press('Tab');
	const other = await page.context().newPage();
	await changeMinutes(other, 'stair-treads', '27');
	await other.close();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Somebody changed this job meanwhile')).toBeVisible();
	await expect(early).toHaveValue('6');
	await page.getByRole('link', { name: 'Discard my changes' }).click();
	await expect(page.getByRole('button', { name: /^How many minutes.*: 27$/ })).toBeVisible();
	await expect(page.getByText('Somebody changed this job meanwhile')).toHaveCount(0);
});

test('what is typed while a change is on its way stays, and counts as nobody else’s', async ({ page }) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	await page.getByRole('button', { name: /^More options/ }).click();
	const early = page.getByRole('spinbutton', { name: 'Can be done so many days early' });
	await early.fill('3');
	await page.keyboard.press('Tab');
	let letGo = await holdSending(page, 'edit');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await early.fill('4');
	await page.keyboard.press('Tab');
	letGo();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	await expect(early).toHaveValue('4');
	await expect(page.getByText('Somebody changed this job meanwhile')).toHaveCount(0);
	await page.unrouteAll();
	// It is not saved yet: who leaves is asked.
	await page.getByRole('link', { name: 'Schedule', exact: true }).click();
	const ask = page.getByRole('alertdialog');
	await expect(ask).toBeVisible();
	await ask.getByRole('button', { name: 'Stay here' }).click();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(async () => {
		await page.reload();
		await ready(page);
		await page.getByRole('button', { name: /^More options/ }).click();
		await expect(early).toHaveValue('4', { timeout: 1_000 });
	}).toPass();

	await page.goto('/house?room=platform-porch');
	await ready(page);
	await page.getByText('Rename, move, merge, take along or remove').click();
	const name = page.getByLabel('Name', { exact: true });
	await name.fill('Porch A');
	letGo = await holdSending(page, 'edit');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await name.fill('Porch A and B');
	letGo();
	await expect(page.getByRole('heading', { name: 'Porch A', exact: true })).toBeVisible();
	await expect(name).toHaveValue('Porch A and B');
	await page.unrouteAll();
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('heading', { name: 'Porch A and B', exact: true })).toBeVisible();
});

test('a job without a name is asked for one beside it, and its dates stand there meanwhile', async ({
	page
}) => {
	await page.goto('/house/job/new?room=lamp-room');
	await ready(page);
	await expect(page.getByRole('list', { name: 'The next six times' }).getByRole('listitem')).toHaveCount(6);
	await page.getByRole('button', { name: 'Add this job' }).click();
	await expect(page.getByLabel('Name of the job')).toHaveAccessibleDescription('Give it a name.');
	await expect(page).toHaveURL(/job\/new/);
});

test('a step is added, and the minutes of the whole follow', async ({ page }) => {
	await page.goto('/house/job/stair-treads');
	await ready(page);
	await page.getByRole('button', { name: /^All details/ }).click();
	const steps = page.getByRole('group', { name: 'Usual: its steps' });
	const count = await steps.getByLabel(/^Step \d+$/).count();
	await steps.getByRole('button', { name: 'Add a step' }).click();
	await steps.getByLabel(`Step ${count + 1}`, { exact: true }).fill('The brass edges');
	await steps.getByLabel(`Minutes of step ${count + 1}`).fill('3,5');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	await page.goto('/?open=stair-treads');
	await expect(page.getByRole('dialog')).toContainText('The brass edges');
});

test('the library is searched, and one touch hangs a job', async ({ page }) => {
	await page.goto('/house/library');
	await ready(page);
	await page.getByLabel('Words to look for').fill('sofa');
	await page.getByRole('button', { name: 'Search' }).click();
	await expect(page.getByText(/of 166\s+jobs/)).toBeVisible();
	const had = page.getByText(/^You have it/);
	const before = await had.count();
	await page.getByRole('button', { name: 'Add to Waiting Room' }).first().click();
	await expect(page.getByText(/^Added: .*Waiting Room\.$/)).toBeVisible();
	await expect(had).toHaveCount(before + 1);
});

test('a job of one’s own, copied to another room, and retired: what was done stays', async ({ page }) => {
	await page.goto('/house/job/new?room=lamp-room');
	await ready(page);
	await page.getByLabel('Name of the job').fill('Polish the lamps');
	await page.getByRole('button', { name: 'Add this job' }).click();
	await expect(page).toHaveURL(/room=lamp-room/);
	await page.getByRole('link', { name: 'Polish the lamps' }).click();
	await ready(page);
	await choose(page, 'The same job in another room', 'Signal Loft');
	await page.getByRole('button', { name: 'Copy it there' }).click();
	await expect(page.getByText('The job is in that room, too.')).toBeVisible();
	await page.getByRole('button', { name: 'Remove this job …' }).click();
	await page.getByRole('alertdialog').getByRole('button', { name: 'Remove this job' }).click();
	await expect(page).toHaveURL(/\/house$/);
});

test('the rhythm of the house: old and new side by side, then kept', async ({ page }) => {
	await page.goto('/house/rhythm');
	await ready(page);
	await choose(page, 'How the zones take turns', 'by the rows of the month’s calendar');
	await page.getByRole('button', { name: 'Compare with before' }).click();
	await expect(page.getByRole('region', { name: 'Four weeks of As it would be' })).toBeVisible();
	await expect(page.getByText(/gets no day in/).first()).toBeVisible();
	// What cannot be so is not compared, and says why.
	const minutes = page.getByLabel('Minutes for the zone each day');
	await minutes.fill('0');
	await page.getByRole('button', { name: 'Compare with before' }).click();
	await expect(minutes).toHaveAccessibleDescription(/more than 0 and at most 600/);
	await expect(page.getByRole('region', { name: 'Four weeks of As it would be' })).toHaveCount(0);
	await minutes.fill('15');
	await page.getByRole('button', { name: 'Compare with before' }).click();
	await expect(page.getByRole('region', { name: 'Four weeks of As it would be' })).toBeVisible();
	await page.getByLabel('Minutes for the zone each day').fill('0');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert')).toContainText('Minutes for the zone each day');
	await page.getByLabel('Minutes for the zone each day').fill('20');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('The cleaning days and house rules hold from today.')).toBeVisible();
});

test('dates and amounts are written as the house rules say, in fields as well', async ({ page }) => {
	await page.goto('/house/rhythm');
	await ready(page);
	await choose(page, 'Dates', 'March 25 (2027-03-25)');
	await choose(page, 'Amounts', 'cups and spoons');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('The cleaning days and house rules hold from today.')).toBeVisible();
	await page.goto('/');
	await expect(page.getByRole('heading', { level: 1 })).toContainText('Wednesday, March 3');
	await page.goto('/house/pauses');
	await ready(page);
	const from = page.getByRole('group', { name: 'From', exact: true }).first();
	await expect(from.getByRole('spinbutton').first()).toHaveAccessibleName(/year/);
	await page.goto('/supplies/mix');
	await ready(page);
	await expect(page.getByText('20 cups of hot water')).toBeVisible();
	await page.getByLabel('Another amount, in cups').fill('4');
	await expect(page.getByRole('heading', { name: 'Floor water, 4 cups' })).toBeVisible();
	// As before, for the tests that come after.
	await page.goto('/house/rhythm');
	await ready(page);
	await choose(page, 'Dates', '25 March (25/03)');
	await choose(page, 'Amounts', 'millilitres and litres');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('The cleaning days and house rules hold from today.')).toBeVisible();
});

test('a pause is laid and taken off; after an illness the way back is shown', async ({ page }) => {
	await page.goto('/house/pauses');
	await ready(page);
	await choose(page, 'Why', 'ill');
	await typeDay(page, 'From', '2027-03-04');
	await typeDay(page, 'To', '2027-03-02');
	await page.getByRole('button', { name: 'Save the pause' }).click();
	await expect(page.getByRole('alert')).toContainText('ends on or after');
	await typeDay(page, 'To', '2027-03-07');
	await page.getByRole('button', { name: 'Save the pause' }).click();
	await expect(page.getByText('The whole home, ill')).toBeVisible();
	await expect(page.getByText(/daily routine first, then what was missed/)).toBeVisible();
	await page.goto('/?on=2027-03-05');
	await expect(page.getByText('Nothing to do that day').first()).toBeVisible();
	await page.goto('/house/pauses');
	await ready(page);
	await page
		.getByRole('listitem')
		.filter({ hasText: 'The whole home, ill' })
		.getByRole('button', { name: 'End this pause' })
		.click();
	await expect(page.getByText('The whole home, ill')).toHaveCount(0);
});

test('layers rest and come on again', async ({ page }) => {
	await page.goto('/house/growing');
	await ready(page);
	await expect(page.getByText(/Kept up on \d+ of 14 days/)).toBeVisible();
	const long = page.getByRole('listitem').filter({ hasText: 'Monthly and yearly jobs' });
	await long.getByRole('button', { name: 'Turn off for now' }).click();
	await expect(
		page.getByText('Monthly and yearly jobs: turned off. Nothing of it counts as overdue.')
	).toBeVisible();
	await page.goto('/');
	await expect(page.getByText('Stair skirting')).toHaveCount(0);
	await page.goto('/house/growing');
	await ready(page);
	await long.getByRole('button', { name: 'Turn on' }).click();
	await expect(page.getByText('Monthly and yearly jobs: on from today.')).toBeVisible();
});

test('axe finds nothing on the House nor the Schedule, and nothing runs off the side', async ({ page }) => {
	for (const path of [
		'/house',
		'/house?room=lamp-room',
		'/house?zone=bath',
		'/house/job/stair-skirting',
		'/house/library?q=window',
		'/house/rhythm',
		'/house/pauses',
		'/house/growing',
		'/house/files',
		'/schedule',
		'/schedule?show=month',
		'/schedule?show=list'
	]) {
		await page.goto(path);
		await ready(page);
		await expectAccessibleAnywhere(page, path);
	}
});

test('many jobs are found, chosen and changed in one go', async ({ page }) => {
	await page.goto('/house/jobs');
	await ready(page);
	await page.getByLabel('Find').fill('lamp room');
	await page.getByRole('checkbox', { name: 'Choose all that are shown' }).click();
	const change = page.getByRole('button', { name: /^Change \d+ jobs$/ });
	const count = Number((await change.textContent())?.match(/\d+/)?.[0]);
	expect(count).toBeGreaterThan(4);
	await expectAccessibleAnywhere(page, '/house/jobs');
	await choose(page, 'To', 'whoever comes first');
	await change.click();
	await expect(page.getByText('Saved. It holds from today.')).toBeVisible();
	await expect(page.getByRole('cell', { name: 'whoever comes first' })).toHaveCount(count);
	await expect(change).toHaveCount(0);
});

test('two weeks of the zones are swapped on the schedule, and taken back', async ({ page }) => {
	await page.goto('/schedule');
	await ready(page);
	await page.getByRole('button', { name: 'Swap two weeks' }).click();
	await expectAccessibleAnywhere(page, '/schedule');
	const next = page.getByText(/^Next: /);
	const before = await next.textContent();
	await page.getByRole('combobox', { name: /^This week: / }).click();
	await page.getByRole('listbox').getByRole('option').nth(1).click();
	await page.getByRole('combobox', { name: /^Gets the zone of: / }).click();
	await page.getByRole('listbox').getByRole('option').nth(2).click();
	await page.getByRole('button', { name: 'Swap', exact: true }).click();
	await expect(page.getByText('Swapped. Both weeks have each other’s zone.')).toBeVisible();
	await expect(next).not.toHaveText(before ?? '');
	await page.getByRole('button', { name: /^Take back: / }).click();
	await expect(page.getByText('Taken back. The zones come as before.')).toBeVisible();
	await expect(next).toHaveText(before ?? '');
});

test('hours at home are told in words, changed by from and until, and taken for other days', async ({
	page
}) => {
	await page.goto('/people/bram');
	await ready(page);
	// Days that follow each other alike have one row, which is changed for all of them.
	const together = page.getByRole('group', { name: 'Monday to Friday, here', exact: true });
	await expect(together).toContainText('until 07:30, from 16:45');
	await together.getByRole('button', { name: /^Change the hours/ }).click();
	await together
		.getByRole('button', { name: /^Take these hours away/ })
		.nth(1)
		.click();
	await page.getByRole('button', { name: 'Save the days' }).click();
	await expect(page.getByText('Saved. Share out the week again')).toBeVisible();
	await expect(together).toContainText('until 07:30');
	await expect(together).not.toContainText('16:45');
	// What is read anew meanwhile has the days together again.
	await page.reload();
	await ready(page);
	await page.getByRole('button', { name: 'Say it for each day' }).click();
	const tuesday = page.getByRole('group', { name: 'Tuesday, here' });
	await expect(tuesday).toContainText('until 07:30');
	await tuesday.getByRole('button', { name: 'Change the hours: Tuesday, here' }).click();
	const until = tuesday.getByRole('group', { name: 'Tuesday, here, until' });
	await until.getByRole('spinbutton').first().focus();
	await page.keyboard.type('0915');
	await tuesday.getByRole('button', { name: 'Same from Monday to Friday' }).click();
	await expect(page.getByRole('group', { name: 'Friday, here' })).toContainText('until 09:15');
	await expect(page.getByRole('group', { name: 'Saturday, here' })).toContainText('all day');
	await page.getByRole('button', { name: 'Add days away' }).click();
	// All that is wrong is told at once, beside the day that it is of, and stays as it was typed.
	await tuesday.getByRole('button', { name: 'Change the hours: Tuesday, here' }).click();
	const from = tuesday.getByRole('group', { name: 'Tuesday, here, from' });
	await from.getByRole('spinbutton').first().focus();
	await page.keyboard.type('1000');
	await page
		.getByRole('group', { name: 'First day away', exact: true })
		.getByRole('spinbutton')
		.first()
		.focus();
	await page.keyboard.type('01042027');
	await page.getByRole('button', { name: 'Save the days' }).click();
	await expect(tuesday.getByRole('alert')).toHaveText('Tuesday: "10:00-09:15" ends before it begins.');
	const away = page.getByRole('group', { name: 'Away for longer, such as school terms' });
	await expect(away.getByRole('alert')).toContainText('is no stretch of days');
	await expect(page.getByRole('alert')).toHaveCount(2);
	await from.getByRole('spinbutton').first().focus();
	await page.keyboard.type('0000');
	await expect(tuesday.getByRole('alert')).toBeHidden();
	for (const [label, digits] of [
		['First day away', '01042027'],
		['Last day away', '09042027']
	] as const) {
		await page.getByRole('group', { name: label, exact: true }).getByRole('spinbutton').first().focus();
		await page.keyboard.type(digits);
	}
	await page.getByLabel('Why', { exact: true }).fill('the sea');
	await expectAccessibleAnywhere(page, 'a person');
	await page.getByRole('button', { name: 'Save the days' }).click();
	// Saved, the days that are alike stand together again.
	await expect(together).toContainText('until 09:15');
	await page.reload();
	await ready(page);
	await expect(together).toContainText('until 09:15');
	await expect(page.getByLabel('Why', { exact: true })).toHaveValue('the sea');
});

test('what is wrong with a field is said beside it, what was typed stays, and mended it is taken', async ({
	page
}) => {
	await page.goto('/house/rhythm');
	await ready(page);
	const minutes = page.getByRole('textbox', { name: 'Minutes a day' });
	await minutes.fill('5000');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	const said = page.getByText('Minutes of a day are more than 0 and at most 1440.');
	await expect(said).toHaveCount(1);
	await expect(minutes).toHaveAccessibleDescription(/more than 0 and at most 1440/);
	await expect(minutes).toHaveAttribute('aria-invalid', 'true');
	await expect(minutes).toBeFocused();
	await expect(minutes).toHaveValue('5000');
	await expectAccessible(page, 'a field that is wrong');
	await minutes.fill('50');
	await expect(said).toHaveCount(0);
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText(/holds? from today/).first()).toBeVisible();
	// What is wrong with a field that is folded away is said above the page.
	await page
		.locator('input[name=timeZone]')
		.evaluate((one: HTMLInputElement) => (one.value = 'Nowhere/At all'));
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('alert').filter({ hasText: /time zone/i })).toBeVisible();
});

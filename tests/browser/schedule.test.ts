import { readFileSync } from 'node:fs';
import { expect, ready, signUp, test, choose, typeDay } from './stack';

test.use({ stackOf: 'the Rota and its files', deviceScaleFactor: 1 });

test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

test('the round, a week, a month in its rows, a list to read aloud', async ({ page }) => {
	await page.goto('/schedule');
	await ready(page);
	await expect(page.getByRole('group', { name: 'The year 2027' })).toBeVisible();
	await expect(page.getByRole('region', { name: 'Wed 3' })).toContainText('today');
	await page.keyboard.press('ArrowRight');
	await expect(page).toHaveURL(/on=2027-03-08/);
	await expect(page.getByRole('heading', { name: 'The week of 8 March' })).toBeVisible();
	await page.getByRole('link', { name: 'Month' }).click();
	await expect(page.getByRole('heading', { name: 'March 2027' })).toBeVisible();
	await expect(page.getByRole('row')).toHaveCount(6);
	await page.getByRole('link', { name: 'As a list' }).click();
	await expect(page.getByText(/is on\./).first()).toBeVisible();
	await page.goto('/schedule?on=2028-03-01');
	await expect(page.getByRole('group', { name: 'The year 2028' })).toBeVisible();
});

test('a turn is moved, skipped and put in once, and undone', async ({ page }) => {
	await page.goto('/schedule?on=2027-03-10');
	await ready(page);
	const wednesday = page.getByRole('region', { name: 'Wed 10' });
	const friday = page.getByRole('region', { name: 'Fri 12' });
	await wednesday.getByRole('button', { name: 'Bins to the gate' }).click();
	await typeDay(wednesday, 'New day', '2027-03-12');
	await wednesday.getByRole('button', { name: 'Move this job' }).click();
	await expect(friday.getByRole('button', { name: 'Bins to the gate' })).toBeVisible();
	await expect(wednesday.getByRole('button', { name: 'Bins to the gate' })).toHaveCount(0);
	await page.getByRole('button', { name: 'Undo' }).click();
	await expect(wednesday.getByRole('button', { name: 'Bins to the gate' })).toBeVisible();
	await wednesday.getByRole('button', { name: 'Bins to the gate' }).click();
	await wednesday.getByRole('button', { name: 'Skip until next time' }).click();
	await expect(wednesday.getByRole('button', { name: 'Bins to the gate' })).toHaveCount(0);
	await friday.getByRole('button', { name: 'Add a job on Fri 12' }).click();
	await choose(friday, 'Which job', 'Bins to the gate');
	await friday.getByRole('button', { name: 'Add it for this day' }).click();
	await expect(friday.getByText('Bins to the gate').first()).toBeVisible();
});

test('a turn is carried to another day by keys', async ({ page }) => {
	await page.goto('/schedule?on=2027-03-17');
	await ready(page);
	const item = page
		.getByRole('list', { name: 'Jobs of Wed 17' })
		.getByRole('listitem', { name: /^Bins to the gate/ });
	await item.focus();
	await page.keyboard.press('Enter');
	await page.getByRole('list', { name: 'Jobs of Thu 18' }).focus();
	await page.keyboard.press('Enter');
	await expect(page.getByText('Moved: Bins to the gate.')).toBeVisible();
	await expect(page.getByRole('list', { name: 'Jobs of Thu 18' })).toContainText('Bins to the gate');
});

test('the next time of any job is found', async ({ page }) => {
	await page.goto('/schedule');
	await ready(page);
	await choose(page, 'When is', 'Gutters and downpipes');
	await expect(page.getByRole('status').filter({ hasText: 'comes' })).toContainText(/comes \w+, \d+ \w+/);
	await page.getByRole('link', { name: 'Show that week' }).click();
	await expect(page).toHaveURL(/on=2027-/);
});

test('the home goes out as a file and comes in again beside itself', async ({ page, stack }, info) => {
	await signUp(page, stack);
	await page.goto('/house/files');
	await ready(page);
	const download = page.waitForEvent('download');
	await page.getByRole('link', { name: 'Save a backup of everything' }).click();
	const path = info.outputPath('home.json');
	await (await download).saveAs(path);
	expect(JSON.parse(readFileSync(path, 'utf8'))).toMatchObject({ format: 'pail-round/household' });
	await page.getByLabel('Restore a backup as a home of its own').setInputFiles(path);
	await page.getByRole('button', { name: 'Restore this backup …' }).click();
	await expect(page.getByText('The backup is restored.')).toBeVisible();
	const counts = await stack.query<{ n: number }>(
		'SELECT COUNT(*) AS n FROM ledger GROUP BY household_id ORDER BY n'
	);
	expect(counts.length).toBe(2);
	expect(counts[0]?.n).toBe(counts[1]?.n);
	await page.getByRole('button', { name: 'Go to that home' }).click();
	await expect(page).toHaveURL(new RegExp(`^${stack.url}/$`));
	await expect(page.getByRole('link', { name: 'Begin your own home' })).toHaveCount(0);
});

test('files that are none are refused with words, and nothing is written', async ({ page, stack }) => {
	const before = await stack.query('SELECT COUNT(*) AS n FROM household');
	await signUp(page, stack);
	await page.goto('/house/files');
	await ready(page);
	const send = async (name: string, buffer: Buffer) => {
		await page
			.getByLabel('Restore a backup as a home of its own')
			.setInputFiles({ name, mimeType: 'application/json', buffer });
		await page.getByRole('button', { name: 'Restore this backup …' }).click();
		await expect(page.getByText('Nothing was written.')).toBeVisible();
		return page.getByRole('list', { name: 'What is wrong with the file' }).textContent();
	};
	expect(
		await send('cut.json', Buffer.from('{"format":"pail-round/household","version":1,"versions":['))
	).toMatch(/cut off/);
	await page.reload();
	await ready(page);
	expect(await send('packed.json', Buffer.from([0x1f, 0x8b, 8, 0, 0]))).toMatch(/packed/);
	await page.reload();
	await ready(page);
	expect(await send('latin.json', Buffer.from([0x7b, 0xe9, 0x7d]))).toMatch(/UTF-8/);
	const huge = await page.request.post('/house/files/import?id=x', {
		headers: { origin: stack.url, 'content-type': 'application/octet-stream' },
		data: Buffer.alloc(70 * 1024 * 1024, 32)
	});
	expect(huge.status()).toBe(413);
	expect(await stack.query('SELECT COUNT(*) AS n FROM household')).toEqual(before);
});

test('jobs come in as a table: told first, then written; formulas are told to be text', async ({
	page,
	stack
}) => {
	await page.goto('/house/files');
	await ready(page);
	const give = async (text: string) => {
		await page
			.getByLabel('Read jobs from a table')
			.setInputFiles({ name: 'jobs.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
		await page.locator('form[action*="jobs"]').getByRole('button', { name: 'See what would change' }).click();
	};
	await give('name,room,cadence,minutes\nOne,Attic,weekly Mon,5\nTwo,Lamp Room,sometimes,5\n');
	const report = page.getByRole('status', { name: 'What the file says' });
	await expect(report).toContainText('2 things were not understood, so nothing is written.');
	await expect(report).toContainText('Line 2, room:');
	await expect(report).toContainText('Line 3, cadence:');
	await expect(report.getByRole('button')).toHaveCount(0);
	await give('name,room,cadence,minutes\n"=cmd|calc",Lamp Room,weekly Mon,5\n');
	await expect(report).toContainText('1 new');
	await report.getByRole('button', { name: 'Save it in History' }).click();
	await expect(page.getByText('1 jobs are new, 0 changed.')).toBeVisible();
	const out = await page.request.get('/house/files/jobs.csv');
	expect(await out.text()).toContain('"\'=cmd|calc"'.slice(1, -1));
	expect(
		(
			await stack.query<{ name: string }>(
				"SELECT name FROM job WHERE name LIKE '=cmd%' AND until_revision IS NULL"
			)
		)[0]?.name
	).toBe('=cmd|calc');
});

test('the calendar has a secret address that can be renewed; a family calendar comes in', async ({
	page
}) => {
	await page.goto('/house/files');
	await ready(page);
	await page.getByRole('button', { name: 'Make an address' }).first().click();
	const address = page.getByLabel('Address for The whole home');
	await expect(address).toHaveValue(/\/calendar\/[\w-]{43}\.ics$/);
	const first = await address.inputValue();
	const feed = await page.request.get(first);
	expect(feed.headers()['content-type']).toContain('text/calendar');
	expect(await feed.text()).toContain('BEGIN:VEVENT');
	expect(await (await page.request.get(`${first}?todo=1`)).text()).toContain('BEGIN:VTODO');
	await page.getByRole('button', { name: 'Make a new address' }).first().click();
	await expect(address).not.toHaveValue(first);
	expect((await page.request.get(first)).status()).toBe(404);
	const ics =
		'BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:x\r\nBEGIN:VEVENT\r\nUID:h1\r\nSUMMARY:Spring holiday\r\nDTSTART;VALUE=DATE:20270410\r\nDTEND;VALUE=DATE:20270415\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n';
	await page
		.getByLabel('Read in a family calendar')
		.setInputFiles({ name: 'f.ics', mimeType: 'text/calendar', buffer: Buffer.from(ics) });
	await page
		.locator('form[action*="calendar"]')
		.getByRole('button', { name: 'See what would change' })
		.click();
	await expect(page.getByText('Spring holiday: a holiday')).toBeVisible();
	await page.getByRole('button', { name: 'Save it in History' }).click();
	await expect(page.getByText('1 pause and 0 busy times are in.')).toBeVisible();
	await page.goto('/house/pauses');
	await expect(page.getByText('The whole home, Spring holiday')).toBeVisible();
});

test('the schemas are published', async ({ page }) => {
	for (const name of ['home', 'entry', 'library', 'pattern']) {
		const response = await page.request.get(`/schema/${name}.json`);
		expect((await response.json()) as object).toHaveProperty('$schema');
	}
	expect((await page.request.get('/schema/other.json')).status()).toBe(404);
});

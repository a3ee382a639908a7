/** A home in which everything bears the same name: no page may take one thing for another. */
import { readFileSync } from 'node:fs';
import { expect, ready, signUp, test } from './stack';

test.use({ stackOf: 'twins' });

interface Named {
	name: string;
	cautions?: unknown;
}

test('pages of a home where all is called the same open whole', async ({ page, stack }) => {
	// It opens every page there is: more than a minute where the machine is busy.
	test.setTimeout(150_000);
	stack.setClock('2027-03-03T10:40:00Z');
	const home = JSON.parse(readFileSync('demo/station-house.json', 'utf8')) as {
		rooms: Named[];
		zones: Named[];
		members: Named[];
		jobs: Named[];
		household: { startsOn: string };
	};
	for (const one of home.rooms) one.name = 'Room';
	for (const one of home.zones) one.name = 'Zone';
	for (const one of home.members) one.name = 'Anna';
	for (const one of home.jobs) {
		one.name = 'Dust';
		one.cautions = [
			{ headline: 'Hot.', text: '' },
			{ headline: 'Hot.', text: '' }
		];
	}
	home.household.startsOn = '2027-01-04';
	await signUp(page, stack);
	await page.goto('/house/files');
	await ready(page);
	await page.getByLabel('Restore a backup as a home of its own').setInputFiles({
		name: 'twins.json',
		mimeType: 'application/json',
		buffer: Buffer.from(JSON.stringify(home))
	});
	await page.getByRole('button', { name: 'Restore this backup …' }).click();
	await page.getByRole('button', { name: 'Go to that home' }).click();
	await expect(page).toHaveURL(`${stack.url}/`);
	await ready(page);

	const send = async (path: string, form: Record<string, string>) => {
		const response = await page.request.post(path, { headers: { origin: stack.url }, form });
		expect(response.status(), path).toBeLessThan(400);
	};
	const id = (n: number) => `01900000-0000-7000-c000-${String(n).padStart(12, '0')}`;
	// Two cloths of the same kind on the same days, one job done twice on one day and put in once more.
	for (const n of [1, 2])
		await send('/house/pauses?/pause', {
			id: id(n),
			scope: 'room',
			target: 'washroom',
			from: '2027-03-10',
			to: '2027-03-12',
			reason: 'other',
			note: 'paint drying'
		});
	for (const n of [3, 4])
		await send('/?/tick', {
			id: id(n),
			line: 'fold-the-towels',
			outcome: 'done',
			by: 'kit',
			date: '2027-03-02'
		});
	await send('/schedule?/extra', { id: id(5), line: 'fold-the-towels', date: '2027-03-03' });
	for (const path of [
		'/',
		'/?open=fold-the-towels',
		'/?on=2027-03-02',
		'/?on=2027-03-10',
		'/timer?minutes=30',
		'/schedule',
		'/schedule?on=2027-03-10',
		'/schedule?show=month',
		'/schedule?show=list',
		'/house',
		'/house?room=washroom',
		'/house?zone=bath',
		'/house/job/fold-the-towels',
		'/house/library',
		'/house/rhythm',
		'/house/pauses',
		'/house/growing',
		'/house/files',
		'/people',
		'/people/week',
		'/people/week?turn=fold-the-towels@2027-03-03',
		'/people/juno',
		'/people/access',
		'/laundry',
		'/print',
		'/say',
		'/own',
		'/more',
		'/history?open=2027-03-02',
		'/history?job=fold-the-towels'
	]) {
		await page.goto(path);
		await ready(page);
		await expect(page.getByRole('heading', { level: 1 }).first(), path).toBeAttached();
	}
	// Whoever and whatever is called alike is told apart where one of them is chosen.
	await page.goto('/timer?minutes=30');
	await ready(page);
	await page.getByRole('combobox', { name: 'For' }).click();
	const people = await page.getByRole('option').allInnerTexts();
	expect(people.length).toBeGreaterThan(4);
	expect(new Set(people).size).toBe(people.length);
	expect(people.join()).toMatch(/Anna \(organiser\).*Anna \(child, born \d{4}\)/);
	await page.goto('/house?room=washroom');
	await ready(page);
	const heads = await page.getByRole('heading', { name: /^Room/ }).allInnerTexts();
	expect(heads.join()).toMatch(/^Room \(/);
	await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Room');
});

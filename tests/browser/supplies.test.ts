/** The cupboard: filled with a few touches, asked before it is used, bought for in the shop, and told of in the work. */
import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { emptyHome } from './hardHome';
import { at, makeFamily } from './household';
import { allSent, another, giant, setDown } from './pails';
import { choose, expect, expectAccessibleAnywhere, holdSending, ready, signUp, test } from './stack';

test.use({ stackOf: 'supplies' });
test.beforeEach(({ stack }) => stack.setClock('2027-03-03T10:40:00Z'));

test.describe('on a phone', () => {
	test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

	test('a product stands on the shelf of a new home after four touches', async ({ page, stack }) => {
		await signUp(page, stack);
		await page.goto('/house/files');
		await ready(page);
		await page.getByLabel('Restore a backup as a home of its own').setInputFiles({
			name: 'empty.json',
			mimeType: 'application/json',
			buffer: Buffer.from(JSON.stringify(emptyHome()))
		});
		await page.getByRole('button', { name: 'Restore this backup …' }).click();
		await page.getByRole('button', { name: 'Go to that home' }).click();
		await expect(page).toHaveURL(`${stack.url}/`);
		await page.goto('/supplies');
		await ready(page);
		await expect(page.getByRole('heading', { name: 'What stands in your cupboard?' })).toBeVisible();
		let touches = 0;
		const touch = async (name: string) => {
			await page.getByRole('button', { name, exact: true }).tap();
			touches++;
		};
		await touch('Vinegar');
		await touch('Thin bleach');
		await touch('Add two');
		await expect(page.getByRole('link', { name: /^Vinegar acid/ })).toBeVisible();
		expect(touches).toBeLessThanOrEqual(4);
		// Which of what is here is right on stone.
		await choose(page, 'Surface', 'stone');
		await expect(page.getByText('Not Vinegar or Thin bleach.')).toBeVisible();
		// A bottle that is pressed brings what is worth knowing of it; an address that asks shows its answer.
		await page.getByRole('link', { name: /^Vinegar/ }).tap();
		await expect(page.getByRole('heading', { name: 'Vinegar' })).toBeInViewport();
		await page.goto('/supplies?product=vinegar&on=stone');
		await ready(page);
		await expect(page.getByText(/^No\. Take soap instead/)).toBeInViewport();
		await expectAccessibleAnywhere(page, 'the cupboard of a new home');
		// Without any job there is none to write down, and the way to some.
		await page.goto('/history?write=1');
		await expect(
			page.getByRole('dialog').getByRole('link', { name: 'Add jobs from the library' })
		).toBeVisible();
	});

	test('the list goes along to the shop, where there is no connection', async ({ page, context, stack }) => {
		stack.setClock('2027-03-03T10:50:00Z');
		await page.goto('/supplies/list');
		await ready(page);
		await context.setOffline(true);
		await page.getByRole('checkbox', { name: 'Surgical spirit' }).tap();
		await expect(page.getByText('Bought')).toBeVisible();
		await expect(page.getByText('1 tick waits for the connection. Nothing is lost.')).toBeVisible();
		const levels = () =>
			stack.query<{ level: string }>("SELECT level FROM supply WHERE id = 'surgical-spirit'");
		expect((await levels())[0]?.level).toBe('out');
		await context.setOffline(false);
		await expect.poll(async () => (await levels())[0]?.level).toBe('plenty');
		// Nothing on it is told beside it, in the words of the app, before anything is sent.
		const something = page.getByLabel('Write something on it');
		await page.getByRole('button', { name: 'Put it on the list' }).tap();
		await expect(something).toHaveAccessibleDescription('Fill this in first.');
		await expect(something).toBeFocused();
		await something.fill('Sponges');
		await expect(page.getByText('Fill this in first.')).toHaveCount(0);
		await page.getByRole('button', { name: 'Put it on the list' }).tap();
		await expect(page.getByRole('checkbox', { name: 'Sponges' })).toBeVisible();
		// The next thing is written from where the hand is.
		await expect(page.getByRole('button', { name: 'Put it on the list' })).toBeFocused();
		// What is written while that before it is on its way stays.
		const letGo = await holdSending(page, 'write');
		await something.fill('Soap');
		await page.getByRole('button', { name: 'Put it on the list' }).tap();
		await something.fill('Candles');
		letGo();
		await expect(page.getByRole('checkbox', { name: 'Soap' })).toBeVisible();
		await expect(something).toHaveValue('Candles');
		await page.unrouteAll();
		await expectAccessibleAnywhere(page, 'the list to buy');
		await page.reload();
		await ready(page);
		await expect(page.getByRole('checkbox', { name: 'Surgical spirit' })).toHaveCount(0);
		const file = await page.request.get('/supplies/list/text');
		expect(await file.text()).toContain('- Sponges\n');
		// Shared as text: where a phone can, by what it has for that, with each thing on a line.
		await page.evaluate(() => {
			navigator.share = (data) => {
				document.body.dataset.shared = data?.text ?? '';
				return Promise.resolve();
			};
		});
		await page.getByRole('button', { name: 'Share as text' }).tap();
		await expect(page.locator('body')).toHaveAttribute('data-shared', /(^|\n)- Sponges(\n|$)/);
	});
});

test('what may be used on what is answered at once, a danger so that it is read first', async ({ page }) => {
	await page.goto('/supplies?product=limescale-remover&on=plated');
	await ready(page);
	const answer = page.locator('[aria-live="polite"]').first();
	await expect(answer).toContainText('Ten minutes at most, then rinse.');
	await choose(page, 'Used on it before', 'Thin bleach');
	await expect(answer).toContainText('Rinse with plenty of water first.');
	await expect(answer).toContainText('Bleach is still there. Poisonous gas.');
	await choose(page, 'Surface', 'wood');
	await expect(answer).toContainText('No. Take');
	await choose(page, 'Used on it before', 'nothing before it');
	await choose(page, 'Surface', 'tiles');
	await choose(page, 'Who uses it', 'Kit');
	await expect(answer).toContainText('It is for 16 and over.');
	// Those that must not meet it say so, and not by their colour alone.
	await expect(page.getByRole('link', { name: /^Thin bleach not with it/ })).toBeVisible();
	await expectAccessibleAnywhere(page, 'the cupboard');
});

test('a product is chosen by keyboard, told of, changed and taken away', async ({ page }) => {
	await page.goto('/supplies');
	await ready(page);
	await page.getByRole('link', { name: /^Wood polish/ }).focus();
	await page.keyboard.press('Enter');
	const panel = page.getByRole('region', { name: 'Wood polish' });
	await expect(panel).toBeVisible();
	await panel.getByRole('radio', { name: 'low' }).click();
	await expect(page.getByText('Wood polish: low.')).toBeVisible();
	await panel.getByRole('button', { name: 'Change it' }).click();
	const sheet = page.getByRole('dialog', { name: 'Wood polish' });
	await expectAccessibleAnywhere(page, 'a product that is changed');
	await sheet.getByLabel('Name').fill('Beeswax');
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('Beeswax is saved.')).toBeVisible();
	await page.getByRole('button', { name: 'Change it' }).click();
	await page.getByRole('button', { name: 'Remove it' }).click();
	await page.getByRole('alertdialog').getByRole('button', { name: 'Remove it' }).click();
	await expect(page.getByRole('link', { name: /^Beeswax/ })).toHaveCount(0);
});

test('a strength that is none is said beside its field, and nothing of the product is lost', async ({
	page
}) => {
	await page.goto('/supplies');
	await ready(page);
	await page.getByRole('link', { name: /^Thin bleach/ }).click();
	await page.getByRole('button', { name: 'Change it' }).click();
	const sheet = page.getByRole('dialog', { name: /^Thin bleach/ });
	await sheet.getByLabel('Stands where').fill('High shelf');
	const strength = sheet.getByRole('textbox', { name: 'Strength on the bottle, in percent' });
	await strength.fill('much');
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(strength).toHaveAccessibleDescription(/number of percent/);
	await expect(strength).toBeFocused();
	await strength.fill('120');
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(strength).toHaveAccessibleDescription(/100 % at most/);
	await strength.fill('4,5');
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(sheet).toBeHidden();
	await expect(page.getByText('High shelf').first()).toBeVisible();
});

test('a mix is measured for the bottle that there is, kept, and labelled', async ({ page }) => {
	await page.goto('/supplies/mix');
	await ready(page);
	await page.getByRole('radio', { name: 'Bleach and water' }).click();
	const strength = page.getByLabel('Strength on the bottle, in percent');
	await expect(strength).toHaveValue('4.5');
	await strength.fill('5');
	await expect(page.getByText('5 ml of bleach (1 teaspoon)')).toBeVisible();
	await expect(page.getByText('495 ml of cold water')).toBeVisible();
	await page.getByText('Only the worst, by the label (5000 ppm)').click();
	await expect(page.getByText(/Stronger than 1000 ppm/)).toBeVisible();
	await strength.fill('0,2');
	await expect(page.getByText('The bottle is not as strong as that.')).toBeVisible();
	await expect(page.getByRole('button', { name: 'Keep a bottle of it' })).toHaveCount(0);
	await strength.fill('5');
	await page.getByLabel('Another amount, in ml').fill('750');
	await page.getByText('Hard surfaces (500 ppm)').click();
	await page.getByRole('button', { name: 'Keep a bottle of it' }).click();
	await expect(page.getByText('Bleach and water, 500 ppm')).toBeVisible();
	await expectAccessibleAnywhere(page, 'the mixing table');
	await page.getByRole('link', { name: 'Print its label' }).click();
	await expect(page.getByRole('heading', { name: 'Bleach and water, 500 ppm' })).toBeVisible();
	await expect(page.getByText('good until Thu 4 March')).toBeVisible();
	await expectAccessibleAnywhere(page, 'a label');
});

test('kits hold what is there, and the sheet for the door says who to call', async ({ page }, info) => {
	await page.goto('/supplies/kits');
	await ready(page);
	await page.getByRole('button', { name: 'New kit' }).click();
	const sheet = page.getByRole('dialog', { name: 'New kit' });
	// What is wrong comes into sight in the sheet, however far below it was sent.
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(sheet.getByText('Give the kit a name.')).toBeInViewport();
	await sheet.getByLabel('Name').fill('Windows');
	await sheet.getByRole('button', { name: 'Toilet brush' }).click();
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(sheet.getByText(/is for one room only/)).toBeInViewport();
	await sheet.getByRole('button', { name: 'Toilet brush' }).click();
	await sheet.getByRole('button', { name: 'Glass cloth' }).click();
	await expectAccessibleAnywhere(page, 'a new kit');
	await sheet.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByText('the whole home: Glass cloth')).toBeVisible();
	await page.goto('/supplies/door');
	await ready(page);
	await page.getByLabel('Number of the poison information centre').fill('01632 960 111');
	await page.getByRole('button', { name: 'Save', exact: true }).click();
	await expect(page.getByRole('article')).toContainText('01632 960 111');
	await expect(page.getByRole('article')).toContainText('Thin bleach or Chlorine tablets with Vinegar');
	await expectAccessibleAnywhere(page, 'the sheet for the door');
	// On a page of A4, and on two of A5 at most, with all that stands on it.
	for (const [paper, wide, pages] of [
		['A4', 210, 1],
		['A5', 148, 2]
	] as const) {
		await page.goto(`/supplies/door?size=${paper}`);
		await ready(page);
		await expect(page.getByRole('radio', { name: paper })).toBeChecked();
		const file = info.outputPath(`door-${paper}.pdf`);
		await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
		const about = execFileSync('pdfinfo', [file], { encoding: 'utf8' });
		expect(Number(/Pages:\s+(\d+)/.exec(about)?.[1]), paper).toBeLessThanOrEqual(pages);
		expect(Number(/Page size:\s+([\d.]+)/.exec(about)?.[1])).toBeCloseTo((wide * 72) / 25.4, 0);
		const text = execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' });
		for (const words of [/01632 960 111/, /bleach \+ acid/, /Call first/, /licensed trades/, /pests\)/])
			expect(text, paper).toMatch(words);
		expect(text).not.toMatch(/Print it|Save/);
	}
});

test('the work says what to mind, what to take along, what is out, and what goes into the wash', async ({
	page,
	stack
}) => {
	await stack.query("UPDATE supply SET level = 'out' WHERE id = 'surgical-spirit'");
	await page.goto('/?open=hall-pictures');
	await ready(page);
	await expect(page.getByText('Surgical spirit is out. Glass spray will do.')).toBeVisible();
	await page.goto('/?open=toilet-washroom');
	await ready(page);
	const sheet = page.getByRole('dialog');
	await expect(sheet).toContainText('Never with bleach, oxygen bleach or strong alkali.');
	await expect(sheet).toContainText('Gloves on.');
	await expect(sheet).toContainText('kit T (Toilet only)');
	await sheet.getByRole('button', { name: 'Do it now' }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	await expect(page.getByRole('heading', { name: 'Put the cleaner under the rim' })).toBeVisible();
	await expect(page.getByText('Never with bleach, oxygen bleach or strong alkali.')).toBeVisible();
	await expect(page.getByText('Gloves on.')).toBeVisible();
	await expectAccessibleAnywhere(page, 'a session with its caution');
});

test('cloths of a session go onto the list of the laundry when it is over', async ({ page }) => {
	await page.goto('/?open=rinse-the-basin');
	await ready(page);
	await page.getByRole('dialog').getByRole('button', { name: 'Do it now' }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	const over = page.getByRole('heading', { name: 'All done.' });
	while (!(await over.isVisible())) {
		await giant(page).click();
		await allSent(page);
		await another(page);
	}
	await expect(page.getByText('Into the hot wash: Bathroom cloth.')).toBeVisible();
	await page.getByRole('button', { name: 'Put them on the laundry list' }).click();
	await expect(page.getByText('On the list to wash: Cleaning cloths.')).toBeVisible();
});

test('a child’s page, the work before visitors and a card say what to mind, each for whoever it is', async ({
	browser,
	stack
}) => {
	const file = JSON.parse(readFileSync('demo/station-house.json', 'utf8'));
	const used = (id: string, families: readonly string[]) => {
		const [first] = file.jobs.find((job: { id: string }) => job.id === id).depths.usual.steps;
		first.products = families.map((family) => ({ families: [family] }));
	};
	used('bunk-beds', ['surfactant']);
	used('rinse-the-basin', ['acid']);
	const family = await makeFamily(stack, Buffer.from(JSON.stringify(file)));
	const kit = await (
		await at(browser, stack, await family.join('kit'), { viewport: { width: 390, height: 844 } })
	).newPage();
	await kit.goto('/mine');
	await ready(kit);
	await expect(kit.getByText('With an adult near.')).toBeVisible();
	await expectAccessibleAnywhere(kit, 'a child’s page with what to mind');
	const page = await (await at(browser, stack, family.organiser)).newPage();
	await page.goto('/print/card?kind=person&member=kit');
	await ready(page);
	await expect(page.getByRole('article')).toContainText('With an adult near. (Bunks straight)');
	await page.goto('/timer?kind=visitors&minutes=60&for=ottilie');
	await ready(page);
	await page.getByRole('button', { name: 'Start', exact: true }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	const basin = page.getByRole('heading', { name: 'Wipe tap and rim' });
	while (!(await basin.isVisible())) {
		await giant(page).click();
		await allSent(page);
		await another(page);
	}
	await expect(page.getByText(/^Never with bleach/)).toBeVisible();
	await setDown(page, 'They are here, stop');
});

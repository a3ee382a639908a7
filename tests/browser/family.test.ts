/** A family in its home: joining, ticking together, growing, giving out the week, help, paper. */
import { execFileSync } from 'node:child_process';
import type { Browser, Page } from '@playwright/test';
import { freePort } from '../../scripts/lib/database.mjs';
import { serve } from '../../scripts/lib/stack.mjs';
import { at, freshId, makeFamily, person, post, type Family, type Person } from './household';
import { expect, expectAccessible, expectAccessibleAnywhere, ready, test, type Stack, choose } from './stack';

test.use({ stackOf: 'the family', deviceScaleFactor: 1 });
test.describe.configure({ mode: 'serial' });

let family: Family;
let bram: Person;
let kit: Person;
let juno: Person;

test.beforeAll(async ({ stack }) => {
	stack.setClock('2027-03-03T16:40:00Z');
	await stack.query('UPDATE household SET is_demo = FALSE');
	family = await makeFamily(stack);
	kit = await family.join('kit');
	juno = await family.join('juno');
});

const PHONE = { viewport: { width: 390, height: 844 }, hasTouch: true };

async function open(browser: Browser, stack: Stack, who: Person, path: string, phone = false): Promise<Page> {
	const context = await at(browser, stack, who, phone ? PHONE : {});
	const page = await context.newPage();
	page.on('pageerror', (error) => expect(String(error), 'script error').toBe(''));
	await page.goto(path);
	await ready(page);
	return page;
}

/** Waits until the page listens to what others do. */
const listening = (page: Page) => page.waitForFunction(() => document.documentElement.dataset.live === 'yes');

test('an organiser lets somebody in; they come in by the code on a second phone', async ({
	browser,
	stack
}) => {
	const desk = await open(browser, stack, family.organiser, '/people');
	await desk.getByRole('link', { name: 'Who can log in' }).click();
	const row = desk.getByRole('listitem').filter({ hasText: 'Bram' });
	await expect(row).toContainText('cannot log in yet');
	await row.getByRole('button', { name: 'Let them log in' }).click();
	await expect(desk.getByRole('heading', { name: 'A way to log in for Bram' })).toBeVisible();
	await expect(desk.getByRole('img', { name: 'QR code with the way in' }).locator('svg')).toBeVisible();
	const code = (await desk.locator('.code').textContent()) ?? '';
	expect(code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}-[A-Z2-9]{4}$/);

	const phone = await (await browser.newContext({ baseURL: stack.url, ...PHONE })).newPage();
	await phone.goto('/');
	await expect(phone).toHaveURL(/\/sign-in$/);
	await ready(phone);
	await phone.getByRole('link', { name: 'I have a code' }).tap();
	await phone.getByLabel('Code').fill(code.toLowerCase());
	await phone.getByRole('button', { name: 'Log in' }).tap();
	await expect(phone).toHaveURL(`${stack.url}/`);
	await ready(phone);
	await expect(phone.getByText('Next', { exact: true })).toBeVisible();
	const state = await phone.context().storageState();
	bram = { ...(await person(stack)), state: async () => state };
	await phone.context().close();
	await desk.reload();
	await expect(row).toContainText('in on 1 device');
	await desk.context().close();
});

test('a tick on one phone shows on another by itself, after a break too, and from another server', async ({
	browser,
	stack
}) => {
	const one = await open(browser, stack, bram, '/', true);
	const two = await open(browser, stack, family.organiser, '/');
	await listening(two);
	const tick = one.locator('[data-tick]').filter({ visible: true }).first();
	const line = await tick.getAttribute('data-tick');
	const there = two.locator(`[data-tick="${line}"]`);
	await expect(there.first()).toBeAttached();
	await tick.tap();
	await expect(one.getByText(/^Done: /)).toBeVisible();
	await expect(there).toHaveCount(0);

	const hanging = await two
		.locator('[data-tick]')
		.evaluateAll((all) => [...new Set(all.map((one) => one.getAttribute('data-tick')))]);
	const [second, third] = hanging;
	// Locked in a pocket meanwhile: what was missed is there at once when it is looked at again.
	const look = (state: string) =>
		two.evaluate((to) => {
			Object.defineProperty(document, 'visibilityState', { value: to, configurable: true });
			document.dispatchEvent(new Event('visibilitychange'));
		}, state);
	await look('hidden');
	await two.waitForFunction(() => document.documentElement.dataset.live === undefined);
	await post(family.organiser, '/?/tick', {
		id: freshId(),
		line: second ?? '',
		outcome: 'done',
		by: 'ottilie'
	});
	const counters = two.locator(`[data-tick="${second}"]`);
	await expect(counters.first()).toBeAttached();
	await look('visible');
	await expect(counters).toHaveCount(0);

	// A stream that broke off says what it knew, and hears at once that there is more.
	const stream = await fetch(`${stack.url}/live`, {
		headers: { 'last-event-id': '1', cookie: await cookiesOf(family.organiser) }
	});
	const reader = stream.body?.pipeThrough(new TextDecoderStream()).getReader();
	let heard = '';
	while (!heard.includes('event: changed')) heard += (await reader?.read())?.value ?? '';
	expect(heard).toMatch(/id: \d+/);
	await reader?.cancel();

	const port = await freePort();
	const other = await serve({ url: stack.database, port, clockFile: stack.clockFile });
	try {
		await listening(two);
		const response = await family.organiser.api.post(`http://127.0.0.1:${port}/?/tick`, {
			form: { id: freshId(), line: third ?? '', outcome: 'done', by: 'ottilie' },
			headers: { origin: `http://127.0.0.1:${port}`, cookie: await cookiesOf(family.organiser) }
		});
		expect(response.status()).toBe(200);
		await expect(two.locator(`[data-tick="${third}"]`)).toHaveCount(0);
	} finally {
		await other.stop();
	}
	await one.context().close();
	await two.context().close();
});

const cookiesOf = async (who: Person) =>
	(await who.state()).cookies.map(({ name, value }) => `${name}=${value}`).join('; ');

test('a child opens their list at the kitchen tablet by name and PIN, and closes it again', async ({
	browser,
	stack
}) => {
	await post(family.organiser, '/people/access?/pin', { member: 'pip', pin: '2748' });
	const tablet = await open(browser, stack, await family.join(null), '/');
	await expect(tablet.getByRole('link', { name: 'Who are you?' })).toBeVisible();
	await expect(tablet.getByRole('link', { name: 'House' })).toHaveCount(0);
	await tablet.getByRole('link', { name: 'Who are you?' }).click();
	await expectAccessible(tablet, 'who');
	await tablet.getByRole('button', { name: 'Pip' }).click();
	await tablet.getByLabel('PIN').fill('1111');
	await tablet.getByRole('button', { name: 'Open my list' }).click();
	await expect(tablet.getByRole('alert')).toContainText('does not fit');
	await tablet.getByLabel('PIN').fill('2748');
	await tablet.getByRole('button', { name: 'Open my list' }).click();
	await expect(tablet.getByRole('heading', { name: 'Pip', level: 1 })).toBeVisible();
	await tablet.getByRole('button', { name: 'I am done here' }).click();
	await expect(tablet.getByRole('link', { name: 'Who are you?' })).toBeVisible();
	await tablet.context().close();
});

test('a child does a thing, looks round alone, and an adult gives one thing back, then confirms', async ({
	browser,
	stack
}) => {
	const child = await open(browser, stack, kit, '/mine', true);
	await expect(child.getByText(/left before screens/)).toBeVisible();
	const boots = child.locator('[data-line="pair-up-the-boots"]');
	await boots.getByRole('button', { name: /^Done/ }).tap();
	const lookRound = async () => {
		await child.getByRole('link', { name: 'Last check' }).tap();
		await expect(child.getByRole('heading', { name: 'The mat' })).toBeVisible();
		await ready(child);
		await child.getByRole('button', { name: 'Not yet, I will fix it' }).tap();
		await expect(child.getByText('Put it right, then look again.')).toBeVisible();
		for (const point of ['The bench', 'The rack', 'The door handle']) {
			await child.getByRole('link', { name: 'It is fine, next' }).tap();
			await expect(child.getByRole('heading', { name: point })).toBeVisible();
		}
		await child.getByRole('button', { name: 'All checked' }).tap();
		await expect(child).toHaveURL(/\/mine$/);
		await expect(boots).toContainText('looks at it');
	};
	await lookRound();
	const desk = await open(browser, stack, family.organiser, '/people');
	await desk.getByRole('link', { name: /^Chores being learned/ }).click();
	await expect(
		desk.getByRole('heading', { name: /Kit has done the last check of Platform Porch/ })
	).toBeVisible();
	await expectAccessible(desk, 'look-rounds');
	await choose(desk, 'What to do again', 'The bench');
	await desk.getByRole('button', { name: 'Ask to do this again' }).click();
	await expect(desk.getByText('Given back to Kit: the bench.')).toBeVisible();
	// It hangs again, with the one thing, on the child's phone by itself.
	await expect(child.getByText('One thing back: the bench')).toBeVisible();
	await boots.getByRole('button', { name: /^Done/ }).tap();
	await lookRound();
	await desk.reload();
	await ready(desk);
	await desk.getByRole('button', { name: 'Yes, it is done well' }).click();
	await expect(desk.getByText(/^Confirmed\./)).toBeVisible();
	await expect(boots.getByText('done', { exact: true })).toBeVisible();
	await child.context().close();
	await desk.context().close();
});

test('a rung goes from practised with help to alone, checked, to alone, and the next one opens', async ({
	browser,
	stack
}) => {
	const desk = await open(browser, stack, bram, '/people/learning?who=kit');
	const rung = (name: string) => desk.getByRole('listitem').filter({ hasText: name });
	const first = rung('Pair the socks');
	await expect(rung('Fold the small things')).toContainText('not open yet');
	for (const times of ['once', 'twice']) {
		await first.getByRole('button', { name: 'Practise with help' }).click();
		await expect(first).toContainText(`practised with help ${times}`);
	}
	await expect(first).toContainText('ready to try alone?');
	await first.getByRole('button', { name: 'Alone, then an adult checks' }).click();
	await expect(first).toContainText('alone, then an adult checks');
	await first.getByRole('button', { name: 'Alone, no check' }).click();
	await expect(first).toContainText('alone, no check');
	await expect(rung('Fold the small things').getByText('with help', { exact: true })).toBeVisible();
	await desk.context().close();
});

test('the week is given out, says why, moves by hand, and swaps only when both agree', async ({
	browser,
	stack
}) => {
	// The week that runs is shared out by itself at some time; here it is by now.
	await post(family.organiser, '/people/week?/give', { id: freshId(), week: 'this' });
	const desk = await open(browser, stack, family.organiser, '/people/week?week=next');
	await desk.getByRole('button', { name: 'Share out next week’s jobs' }).click();
	await expect(desk.getByText(/jobs are shared out/)).toBeVisible();
	await desk.goto('/people/week');
	await ready(desk);
	const [rows] = await stack.query<{ n: number }>(
		`SELECT COUNT(*) AS n FROM given_turn WHERE household_id = '${family.household}'`
	);
	expect(rows?.n).toBeGreaterThan(40);
	await desk.getByRole('link', { name: /^Sat/ }).click();
	await expect(desk.getByText('Saturday', { exact: true })).toBeVisible();
	await desk.getByRole('link', { name: /Vacuum upstairs/ }).click();
	const label = desk.getByRole('region', { name: /Why \w+: Vacuum upstairs/ });
	await expect(label).toContainText('It goes in turns');
	await label.getByText('Why not the others').click();
	await expect(label).toContainText('Kit is not named for it');
	const owner = /Why (\w+):/.exec((await label.getAttribute('aria-label')) ?? '')?.[1] ?? '';
	const other = owner === 'Juno' ? 'Bram' : 'Juno';
	await label.getByRole('button', { name: `Give it to ${other}` }).click();
	await expect(desk.getByText(`Vacuum upstairs is with ${other}`)).toBeVisible();
	await expect(desk.getByRole('region', { name: `Why ${other}: Vacuum upstairs` })).toContainText('by hand');
	if (other === 'Juno') await desk.getByRole('button', { name: 'Give it to Bram' }).click();
	await expect(desk.getByRole('region', { name: 'Why Bram: Vacuum upstairs' })).toBeVisible();
	await choose(desk, 'Ask to swap', 'Juno');
	await desk.getByRole('button', { name: 'Ask', exact: true }).click();
	await expect(desk.getByText('Juno has been asked.')).toBeVisible();
	// Nobody else can say yes for her.
	const [swap] = await stack.query<{ id: string }>("SELECT id FROM swap WHERE state = 'asked'");
	expect(
		(await post(family.organiser, '/people/week?/answer', { swap: swap?.id ?? '', answer: 'yes' })).status
	).toBe(403);
	const phone = await open(browser, stack, juno, '/mine', true);
	await expect(phone.getByText(/will you take Vacuum upstairs/)).toBeVisible();
	await phone.getByRole('button', { name: 'Yes, I will do it' }).tap();
	await expect(phone.getByText(/will you take Vacuum upstairs/)).toHaveCount(0);
	await expect(desk.getByRole('region', { name: 'Why Juno: Vacuum upstairs' })).toBeVisible();
	// Given out anew it stays where it was swapped to.
	await post(family.organiser, '/people/week?/give', { id: freshId(), week: 'this' });
	const [kept] = await stack.query<{ member_id: string }>(
		`SELECT member_id FROM given_turn WHERE household_id = '${family.household}' AND line_id = 'vacuum-upstairs' AND due_on = '2027-03-06'`
	);
	expect(kept?.member_id).toBe('juno');
	// One turn for another: both change hands when it is agreed, and what is asked in return is the other's own.
	const given = () =>
		stack.query<{ turn: string; member_id: string }>(
			`SELECT CONCAT(line_id, '@', due_on) AS turn, member_id FROM given_turn WHERE household_id = '${family.household}' AND line_id IN ('wipe-the-counters', 'load-the-washer', 'hob-deep', 'cold-box-check') AND due_on BETWEEN '2027-03-04' AND '2027-03-07'`
		);
	const all = await given();
	const [hers, his] = ['ottilie', 'bram'].map((who) => all.find((one) => one.member_id === who)?.turn ?? '');
	const askFor = (back: string) =>
		post(family.organiser, '/people/week?/ask', { id: freshId(), turn: hers ?? '', to: 'bram', back });
	expect((await askFor(hers ?? '')).status).toBe(400);
	expect((await askFor(his ?? '')).text).toContain('has been asked');
	const theirs = await open(browser, stack, bram, '/people/week');
	await theirs.getByRole('button', { name: 'I will do it' }).click();
	await expect(theirs.getByText(/is yours now\./)).toBeVisible();
	await theirs.context().close();
	const after = await given();
	const holder = (turn: string | undefined) => after.find((one) => one.turn === turn)?.member_id;
	expect([holder(hers), holder(his)]).toEqual(['bram', 'ottilie']);
	await choose(desk, 'Who', 'Juno');
	await desk.getByRole('button', { name: 'See what would change' }).click();
	await expect(desk.getByText(/of Juno’s jobs/)).toBeVisible();
	await expect(desk.getByText('Nothing is written.')).toBeVisible();
	await phone.context().close();
	await desk.context().close();
});

test('a call for help is seen at once by those who can come, and ends when somebody is there', async ({
	browser,
	stack
}) => {
	const desk = await open(browser, stack, bram, '/people');
	await listening(desk);
	const child = await open(browser, stack, juno, '/mine', true);
	await child.getByRole('button', { name: 'Call for help' }).tap();
	await expect(child.getByRole('button', { name: /do not need help/ })).toBeVisible();
	await expect(desk.getByText(/Juno calls for help/)).toBeVisible();
	await listening(child);
	await desk.getByRole('button', { name: 'I am coming' }).click();
	await expect(child.getByRole('button', { name: 'Call for help' })).toBeVisible();
	await desk.context().close();
	await child.context().close();
});

const MM = 72 / 25.4;

/** Prints a page as the browser does, and reads it back. */
async function print(page: Page, path: string, file: string) {
	await page.goto(path);
	await ready(page);
	await page.pdf({ path: file, preferCSSPageSize: true, printBackground: true });
	const info = execFileSync('pdfinfo', ['-f', '1', '-l', '9', file], { encoding: 'utf8' });
	const sizes = [...info.matchAll(/Page\s+\d+ size:\s+([\d.]+) x ([\d.]+)/g)].map(([, w, h]) => [
		Number(w),
		Number(h)
	]);
	return { sizes, text: execFileSync('pdftotext', ['-layout', file, '-'], { encoding: 'utf8' }) };
}

test('cards print on their paper to the millimetre, with all that stands on them', async ({
	browser,
	stack
}, info) => {
	const page = await open(browser, stack, family.organiser, '/print');
	const cards: [string, string, number, number, number, RegExp[]][] = [
		[
			'kind=room&room=lamp-room&size=A5',
			'A5',
			148,
			210,
			2,
			[/Every day/, /Breakfast dishes/, /Every week/, /Mop backwards/]
		],
		['kind=person&member=kit&size=A6', 'A6', 105, 148, 1, [/Kit/, /Code/]],
		['kind=zone&zone=bath&size=A4', 'A4', 210, 297, 1, [/The deep list/]],
		['kind=week&size=A4', 'A4', 210, 297, 1, [/Monday/, /Sunday/, /Kitchen reset/, /Bins to the gate/]],
		['kind=bookmark&size=A4', 'A4', 210, 297, 2, [/Every day/, /Monday to Wednesday/]],
		['kind=room&room=lamp-room&size=Letter', 'Letter', 215.9, 279.4, 2, [/Lamp Room/]]
	];
	for (const [query, name, width, height, pages, words] of cards) {
		const { sizes, text } = await print(page, `/print/card?${query}`, info.outputPath('card.pdf'));
		expect(sizes.length, `${name} ${query}: pages`).toBe(pages);
		for (const [w, h] of sizes) {
			expect(Math.abs((w as number) - width * MM), `${name}: wide`).toBeLessThan(1.5);
			expect(Math.abs((h as number) - height * MM), `${name}: high`).toBeLessThan(1.5);
		}
		for (const word of words) expect(text, query).toMatch(word);
		expect(text, 'a code on each page').toMatch(/[A-HJ-NP-Z]{2} [2-9] [A-HJ-NP-Z][2-9]/);
		expect(text, 'nothing of the screen').not.toMatch(/Another card|Skip to the work/);
	}
	// On the paper a box is 7.5 mm, and nothing is set below 11 points.
	await page.goto('/print/card?kind=room&room=lamp-room&size=A5');
	await ready(page);
	const box = await page.locator('.box').first().boundingBox();
	expect(box?.width).toBeCloseTo((7.5 * 96) / 25.4, 0);
	const least = await page
		.locator('.sheet :is(b, span, p)')
		.evaluateAll((all) => Math.min(...all.map((one) => parseFloat(getComputedStyle(one).fontSize))));
	expect(least).toBeGreaterThanOrEqual((11 * 96) / 72 - 0.1);
	// Names, notes and what is to be minded stay within what was counted for them, on the smallest card too.
	for (const asked of [
		'room&room=lamp-room',
		'room&room=washroom',
		'person&member=ottilie',
		'zone&zone=upper'
	])
		for (const size of ['A5', 'A6']) {
			await page.goto(`/print/card?kind=${asked}&size=${size}`);
			await ready(page);
			const over = await page.locator('.sheet').evaluateAll((sheets) =>
				sheets.flatMap((sheet) => {
					const rows = [...sheet.querySelectorAll<HTMLElement>('.line')].filter(
						(row) => (row.querySelector<HTMLElement>('.text')?.scrollHeight ?? 0) > row.clientHeight + 1
					);
					const foot = sheet.querySelector('footer')?.getBoundingClientRect().bottom ?? 0;
					const isOver = foot > sheet.getBoundingClientRect().bottom + 1;
					return [...rows.map((row) => row.textContent), ...(isOver ? ['foot'] : [])];
				})
			);
			expect(over, `${asked}, ${size}`).toEqual([]);
		}
	await page.context().close();
});

test('a card that was ticked on paper goes into the ledger in one go, once', async ({ browser, stack }) => {
	const page = await open(
		browser,
		stack,
		family.organiser,
		'/print/card?kind=person&member=ottilie&day=2027-03-03'
	);
	// Printing keeps the card; looking at it does not.
	await page.evaluate(() => window.dispatchEvent(new Event('beforeprint')));
	await expect
		.poll(() => stack.query(`SELECT code FROM paper_card WHERE household_id = '${family.household}'`))
		.not.toEqual([]);
	const code = ((await page.locator('.code b').first().textContent()) ?? '').trim();
	await page.goto('/print');
	await page.getByRole('link', { name: 'Enter what was done from a printed list' }).click();
	await ready(page);
	await page.getByLabel('The code at the foot of the card').fill('QQ 9 Q9');
	await page.getByRole('button', { name: 'Find this card' }).click();
	await expect(page.getByRole('alert')).toContainText('No card of this home');
	await page.getByLabel('The code at the foot of the card').fill(code.toLowerCase().replaceAll(' ', ''));
	await page.getByRole('button', { name: 'Find this card' }).click();
	await expect(page.getByRole('heading', { name: /Ottilie, Wednesday/ })).toBeVisible();
	await ready(page);
	await choose(page, 'Who ticked it', 'Ottilie');
	await page.getByRole('button', { name: 'All of them' }).click();
	await page.getByRole('button', { name: 'Save as done' }).click();
	await expect(page.getByText(/boxes are saved as done, as Ottilie’s/)).toBeVisible();
	await expect(page.locator('input[type=checkbox]')).toHaveCount(0);
	const count = () =>
		stack.query<{ n: number }>(
			`SELECT COUNT(*) AS n FROM ledger WHERE household_id = '${family.household}' AND outcome = 'done'`
		);
	const before = await count();
	const again = await post(family.organiser, '/print/tick?/tick', {
		id: freshId(),
		code,
		box: 'make-the-beds@2027-03-03',
		by: 'ottilie'
	});
	expect(again.status).toBe(200);
	expect(await count()).toEqual(before);
	await page.context().close();
});

test('axe finds nothing on the family’s pages, for each role, wide and narrow', async ({
	browser,
	stack
}) => {
	// Many pages for each role: on a machine at half its speed they take more than a minute.
	test.setTimeout(240_000);
	const walk: [Person, string[]][] = [
		[
			family.organiser,
			[
				'/people',
				'/people/week?turn=vacuum-upstairs@2027-03-06',
				'/people/learning?who=juno',
				'/people/family',
				'/people/kit',
				'/people/access',
				'/own',
				'/more',
				'/print',
				'/print/tick?code=QQ9Q9'
			]
		],
		[bram, ['/people', '/house', '/own']],
		[juno, ['/mine']],
		[kit, ['/mine']],
		[await family.join('nan-wren'), ['/mine']],
		[await person(stack), ['/sign-in', '/sign-up', '/join', '/reset']]
	];
	for (const [who, paths] of walk) {
		const context = await at(browser, stack, who, { viewport: { width: 1280, height: 800 } });
		const page = await context.newPage();
		for (const path of paths) {
			await page.goto(path);
			await ready(page);
			await expectAccessibleAnywhere(page, path);
		}
		await context.close();
	}
});

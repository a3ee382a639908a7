/**
 * Every screen of the demo, of a hard home and of an empty one, loaded once and then made narrow and wide: nothing slides
 * sideways, no words are cut, no control is small or under another, nothing fails. `npm run crawl` looks at more widths, in both lights.
 */
import type { Page } from '@playwright/test';
import { emptyHome, hardHome } from './hardHome';
import { allSent, begin, besideTheWork } from './pails';
import { expect, ready, sendForm, signUp, test } from './stack';

test.use({ stackOf: 'crawl', deviceScaleFactor: 1 });

const isWhole = process.env.PAIL_CRAWL === 'whole';
const WIDTHS = isWhole ? [2560, 1920, 1280, 768, 390, 360, 320] : [1280, 390, 320];
const LIGHTS = isWhole ? (['light', 'dark'] as const) : (['light'] as const);
const PATHS = [
	'/',
	'/timer?minutes=20',
	'/timer?kind=round',
	'/timer?kind=clearing',
	'/timer?kind=visitors',
	'/schedule',
	'/schedule?show=month',
	'/schedule?show=list',
	'/house',
	'/house/jobs',
	'/house/library',
	'/house/rhythm',
	'/house/pauses',
	'/house/growing',
	'/house/files',
	'/house/changes',
	'/people',
	'/people/week',
	'/people/learning',
	'/people/family',
	'/people/access',
	'/history',
	'/history/month',
	'/laundry',
	'/supplies',
	'/supplies?product=thin-bleach',
	'/supplies/kits',
	'/supplies/list',
	'/supplies/mix',
	'/supplies/door',
	'/print',
	'/print?kind=bookmark',
	'/own',
	'/more',
	'/say'
];
/** Letters, words and lines as far apart as a reader may set them, by WCAG 1.4.12. */
const SPACED =
	'main *:not(svg *) { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important } main p { margin-bottom: 2em !important }';
const SPACED_WIDTHS = isWhole ? [1280, 390] : [390];
/** What is seen by whoever has not come in, and what is not there. */
const DOORS = ['/sign-in', '/sign-up', '/join', '/reset', '/about', '/begin', '/nowhere'];
/** What a child sees. */
const CHILD = ['/', '/mine', '/timer'];
/** Sessions that are begun, looked at on their way and when they are over. */
const SESSIONS = ['/timer?minutes=30', '/timer?kind=visitors', '/timer?kind=round'];

/** What is wrong with the page as it stands at this width: what slides, and what is wider than the box that cuts it. */
const faults = (page: Page) =>
	page.evaluate(() => {
		const said: string[] = [];
		const name = (one: Element) =>
			`${one.tagName.toLowerCase()}.${one.getAttribute('class')?.split(' ')[0] ?? ''} "${(one.textContent ?? '').trim().replace(/\s+/g, ' ').slice(0, 40)}"`;
		const over = document.documentElement.scrollWidth - innerWidth;
		if (over > 0) {
			// The outermost that reach over the side, but for what slides within its own box.
			const right = (one: Element) =>
				one.getBoundingClientRect().left + Math.max(one.getBoundingClientRect().width, one.scrollWidth);
			const slides = (one: Element) =>
				['auto', 'scroll', 'hidden', 'clip'].includes(getComputedStyle(one).overflowX);
			const isOver = (one: Element) => right(one) > innerWidth + 1 && !slides(one);
			const wide = [...document.querySelectorAll('main *')].filter(
				(one) =>
					isOver(one) &&
					!one.parentElement?.closest('svg') &&
					![...one.children].some(isOver) &&
					!(function inside(up: Element | null): boolean {
						return up !== null && up.tagName !== 'MAIN' && (slides(up) || inside(up.parentElement));
					})(one.parentElement)
			);
			said.push(`slides by ${over} px: ${wide.slice(0, 3).map(name).join('; ')}`);
		}
		for (const one of document.querySelectorAll<HTMLElement>('main *')) {
			const { overflowX, overflowY, textOverflow, webkitLineClamp } = getComputedStyle(one);
			const words = [...one.childNodes].some((node) => node.nodeType === 3 && node.textContent?.trim());
			if (!words || one.closest('[aria-hidden=true], .sr, .sr-only, svg') || one.clientWidth < 2) continue;
			// What ends in three dots says that it goes on; but the name of a job on paper, which nobody can open.
			const isOnPaper = one.tagName === 'B' && one.closest('.sheet') !== null;
			const dots = !isOnPaper && (textOverflow === 'ellipsis' || webkitLineClamp !== 'none');
			const hides = (how: string) => !dots && (how === 'hidden' || how === 'clip');
			if (hides(overflowX) && one.scrollWidth > one.clientWidth + 1)
				said.push(`cut at the side: ${name(one)}`);
			if (hides(overflowY) && one.scrollHeight > one.clientHeight + 4) said.push(`cut below: ${name(one)}`);
		}
		// Heard and not seen.
		const isClipped = (of: Element | null): boolean =>
			of !== null && (getComputedStyle(of).clipPath.startsWith('inset') || isClipped(of.parentElement));
		// Words that stand on other words: lines of text, each by its own box.
		/** What is left of a box where those around it cut off, or slide, what is over their edge. */
		const seen = (of: Element | null, box: DOMRect): DOMRect => {
			if (of === null || of.tagName === 'MAIN') return box;
			if (getComputedStyle(of).overflowX === 'visible') return seen(of.parentElement, box);
			const edge = of.getBoundingClientRect();
			const [x, y] = [Math.max(box.x, edge.x), Math.max(box.y, edge.y)];
			const width = Math.min(box.right, edge.right) - x;
			return seen(of.parentElement, new DOMRect(x, y, width, Math.min(box.bottom, edge.bottom) - y));
		};
		const lines = [...document.querySelectorAll<HTMLElement>('main *')]
			.filter(
				(one) =>
					one.checkVisibility({ opacityProperty: true, visibilityProperty: true }) &&
					!one.closest('[aria-hidden=true], .sr, .sr-only, svg, [data-sonner-toaster]') &&
					!isClipped(one)
			)
			.flatMap((one) =>
				[...one.childNodes]
					.filter((node) => node.nodeType === 3 && node.textContent?.trim())
					.flatMap((node) => {
						const range = document.createRange();
						range.selectNodeContents(node);
						return [...range.getClientRects()].map((box) => ({ one, box: seen(one, box) }));
					})
			)
			.filter(({ box }) => box.width > 2 && box.height > 2)
			.sort((a, b) => a.box.top - b.box.top);
		const stuck = (of: Element | null): boolean =>
			of !== null &&
			of.tagName !== 'MAIN' &&
			(['fixed', 'sticky'].includes(getComputedStyle(of).position) || stuck(of.parentElement));
		lines.forEach(({ one, box: a }, i) => {
			for (let next = i + 1; next < lines.length; next++) {
				const { one: other, box: b } = lines[next] as (typeof lines)[number];
				// All that follow begin lower still.
				if (b.top > a.bottom) break;
				if (one === other) continue;
				// The space over and under the letters of a line may be shared.
				const w = Math.min(a.right, b.right) - Math.max(a.left, b.left);
				const h = Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top);
				if (w > 3 && h > 0.45 * Math.min(a.height, b.height) && !stuck(one) && !stuck(other))
					said.push(`words on words by ${Math.round(w)} by ${Math.round(h)}: ${name(one)}, ${name(other)}`);
			}
		});
		// Controls: large enough to be hit, and none under another.
		const controls = [
			...document.querySelectorAll<HTMLElement>(
				'main a[href], main button, main input:not([type=hidden]), main textarea, main summary, main [role=checkbox], main [role=combobox], main [role=switch]'
			)
		].filter((one) => {
			const { width, height } = one.getBoundingClientRect();
			const { visibility, opacity, pointerEvents } = getComputedStyle(one);
			return (
				// What is folded away has a box, and is not seen.
				one.checkVisibility() &&
				width > 0 &&
				height > 0 &&
				visibility === 'visible' &&
				opacity !== '0' &&
				pointerEvents !== 'none' &&
				!one.closest('[aria-hidden=true], .sr, .sr-only, svg')
			);
		});
		for (const one of controls) {
			// A link within a sentence is as high as its words.
			const isInWords =
				getComputedStyle(one).display === 'inline' &&
				[...(one.parentElement?.childNodes ?? [])].some(
					(node) => node.nodeType === 3 && node.textContent?.trim()
				);
			// What answers to a touch: the box itself, and what lies around it or over its row. Rooms in the drawing stand as
			// chips beside it, too.
			if (one.closest('.names')) continue;
			const around = getComputedStyle(one, '::after');
			const reach = (size: 'width' | 'height') =>
				Math.max(
					one.getBoundingClientRect()[size],
					around.position === 'absolute' ? parseFloat(around[size]) || 0 : 0
				);
			const [width, height] = [reach('width'), reach('height')];
			// Where a thumb works, it is as high as a thumb is wide.
			const least = innerWidth < 768 ? 43.5 : 24;
			if (!isInWords && (width < 24 || height < least))
				said.push(`small, ${Math.round(width)} by ${Math.round(height)}: ${name(one)}`);
		}
		const boxes = controls.map((one) => [one, one.getBoundingClientRect()] as const);
		boxes.forEach(([one, a], i) => {
			for (const [other, b] of boxes.slice(i + 1)) {
				if (one.contains(other) || other.contains(one)) continue;
				const [w, h] = [
					Math.min(a.right, b.right) - Math.max(a.left, b.left),
					Math.min(a.bottom, b.bottom) - Math.max(a.top, b.top)
				];
				const sticks = (of: Element): boolean =>
					['fixed', 'sticky'].includes(getComputedStyle(of).position) ||
					(of.parentElement !== null && sticks(of.parentElement));
				if (w > 2 && h > 2 && !sticks(one) && !sticks(other))
					said.push(
						`one over the other by ${Math.round(w)} by ${Math.round(h)}: ${name(one)}, ${name(other)}`
					);
			}
		});
		return said;
	});

/** Looks at the page that is open in every width. */
async function look(page: Page, where: string): Promise<string[]> {
	const said: string[] = [];
	for (const width of WIDTHS) {
		await page.setViewportSize({ width, height: 900 });
		// Two frames: what measures itself has drawn itself anew.
		await page.evaluate(
			() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
		);
		for (const one of await faults(page)) said.push(`${where} at ${width}: ${one}`);
		if (!SPACED_WIDTHS.includes(width)) continue;
		const style = await page.addStyleTag({ content: SPACED });
		await page.evaluate(
			() => new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(done)))
		);
		for (const one of await faults(page)) said.push(`${where} at ${width}, spaced: ${one}`);
		await style.evaluate((node) => (node as Element).remove());
	}
	await page.setViewportSize({ width: WIDTHS[0] as number, height: 900 });
	return said;
}

/** What pages say in their console, and what fails in them. */
function listen(page: Page, home: string): string[] {
	const said: string[] = [];
	page.on('pageerror', (error) => said.push(`${home} ${page.url()}: ${error.message}`));
	page.on('console', (told) => {
		// That there is no such page is what is looked at.
		if (told.type() === 'error' && !page.url().endsWith('/nowhere'))
			said.push(`${home} ${page.url()} says: ${told.text()}`);
	});
	return said;
}

async function crawl(page: Page, home: string, paths: readonly string[]): Promise<string[]> {
	const said = listen(page, home);
	for (const colorScheme of LIGHTS) {
		await page.emulateMedia({ colorScheme });
		for (const path of paths) {
			await page.setViewportSize({ width: WIDTHS[0] as number, height: 900 });
			const response = await page.goto(path);
			if (!response?.ok() && path !== '/nowhere') {
				said.push(`${home} ${path}: ${response?.status()}`);
				continue;
			}
			await ready(page);
			said.push(...(await look(page, `${home} ${path}`)));
		}
	}
	return said;
}

/** Sessions of every kind on their way and over. */
async function crawlSessions(page: Page, home: string): Promise<string[]> {
	const said = listen(page, home);
	await page.setViewportSize({ width: WIDTHS[0] as number, height: 900 });
	for (const path of SESSIONS) {
		const own = await begin(page, path);
		for (const way of [own, `${own}?as=all`]) {
			await page.goto(way);
			await ready(page);
			said.push(...(await look(page, `${home} ${path} running${way === own ? '' : ', all'}`)));
		}
		await page.goto(own);
		await ready(page);
		await besideTheWork(page, /^(End session now|They are here, stop)/);
		await expect(page.getByRole('heading', { name: /All done|has ended/ })).toBeVisible();
		await allSent(page);
		said.push(...(await look(page, `${home} ${path} over`)));
	}
	await page.goto('/timer?kind=clearing');
	await ready(page);
	await page.getByLabel('Which spot').fill('bench');
	await page.getByRole('button', { name: 'They are ready, start' }).click();
	await page.waitForURL(/\/timer\/[0-9a-f-]{36}$/);
	await ready(page);
	said.push(...(await look(page, `${home} clearing running`)));
	return said;
}

test('the demo is drawn whole at every width', async ({ page }) => {
	test.setTimeout(isWhole ? 900_000 : 240_000);
	expect(await crawl(page, 'demo', PATHS)).toEqual([]);
});

test('sessions, a child and the doors are drawn whole at every width', async ({ page, browser, stack }) => {
	test.setTimeout(isWhole ? 900_000 : 240_000);
	const said = await crawlSessions(page, 'demo');
	await sendForm(page, stack, '/demo/as', { as: 'pip' });
	said.push(...(await crawl(page, 'as a child', CHILD)));
	const outside = await browser.newContext({ baseURL: stack.url, reducedMotion: 'reduce' });
	said.push(...(await crawl(await outside.newPage(), 'outside', DOORS)));
	await outside.close();
	expect(said).toEqual([]);
});

for (const [name, home] of [
	['hard', hardHome],
	['empty', emptyHome]
] as const)
	test(`the ${name} home is drawn whole at every width`, async ({ page, stack }) => {
		test.setTimeout(isWhole ? 900_000 : 240_000);
		stack.setClock('2027-03-03T10:40:00Z');
		await signUp(page, stack);
		await page.goto('/house/files');
		await ready(page);
		await page.getByLabel('Restore a backup as a home of its own').setInputFiles({
			name: `${name}.json`,
			mimeType: 'application/json',
			buffer: Buffer.from(JSON.stringify(home()))
		});
		await page.getByRole('button', { name: 'Restore this backup …' }).click();
		await page.getByRole('button', { name: 'Go to that home' }).click();
		await expect(page).toHaveURL(`${stack.url}/`);
		const said = await crawl(page, name, PATHS);
		if (name === 'hard') said.push(...(await crawlSessions(page, name)));
		expect(said).toEqual([]);
	});

/** Today on a phone: what comes over the wire, when the largest thing is painted, how long the page is busy. */
import { existsSync } from 'node:fs';
import { chromium, type Browser } from '@playwright/test';
import { kB, median, ms, say } from './measure';
import { PHONE_PIECE, PHONE_THEN } from './pace';

/** A phone four times slower than this machine, on slow 4G (1.6 Mbit/s, 150 ms). */
const SLOWER = 4;
const NETWORK = { offline: false, downloadThroughput: 200_000, uploadThroughput: 93_750, latency: 150 };
const SHELL = '/usr/bin/chromium-headless-shell';

interface Load {
	readonly style: number;
	/** Files of script and style that come before the page answers. */
	readonly files: number;
	/** Milliseconds to the largest paint. */
	readonly painted: number;
	/** Milliseconds of long tasks beyond 50 each. */
	readonly blocked: number;
	/** Milliseconds from a tick to its row being struck. */
	readonly ticked: number | null;
}

/** Ticks the first row, and tells after how many milliseconds it stands struck. In words, as the page runs it. */
const TICK = `new Promise((done) => {
	const ring = document.querySelector('li [data-tick]');
	const row = ring.closest('li');
	const begin = performance.now();
	const look = () => (row.querySelector('s') ? done(performance.now() - begin) : requestAnimationFrame(look));
	ring.click();
	requestAnimationFrame(look);
})`;

/** Where the fixed page stands, beside which the app is measured. */
const PIECE = 'http://pace.test/';

/** Loads a page as a phone; `bare`: its words alone, without script and style. */
async function load(browser: Browser, url: string, bare = false): Promise<Load> {
	const context = await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true });
	const page = await context.newPage();
	const devtools = await context.newCDPSession(page);
	await devtools.send('Network.enable');
	await devtools.send('Network.emulateNetworkConditions', NETWORK);
	await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOWER });
	if (bare) await page.route(/\.(js|css|woff2)(\?|$)/, (route) => route.abort());
	if (url === PIECE)
		await page.route(PIECE, (route) => route.fulfill({ contentType: 'text/html', body: PHONE_PIECE }));
	const kinds = new Map<string, string>();
	let [style, files] = [0, 0];
	devtools.on('Network.responseReceived', ({ requestId, response }) => kinds.set(requestId, response.url));
	devtools.on('Network.loadingFinished', ({ requestId, encodedDataLength }) => {
		const from = kinds.get(requestId) ?? '';
		if (from.endsWith('.css')) style += encodedDataLength;
		if (/\.(css|js)$/.test(from)) files++;
	});
	// The page says itself when it is there: to ask it would be one of its long tasks.
	const alive = bare ? null : page.waitForEvent('console', (message) => message.text() === 'alive');
	await page.addInitScript(() => {
		new MutationObserver((_, watch) => {
			if (document.documentElement.dataset.ready !== 'yes') return;
			watch.disconnect();
			console.debug('alive');
		}).observe(document, { subtree: true, attributeFilter: ['data-ready'] });
		const seen = { painted: 0, blocked: 0 };
		Object.assign(window, { seen });
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries()) seen.painted = entry.startTime;
		}).observe({ type: 'largest-contentful-paint', buffered: true });
		new PerformanceObserver((list) => {
			for (const entry of list.getEntries()) seen.blocked += Math.max(0, entry.duration - 50);
		}).observe({ type: 'longtask', buffered: true });
	});
	await page.goto(url, { waitUntil: 'load' });
	await alive;
	await page.waitForFunction(() => (window as unknown as { seen: { painted: number } }).seen.painted > 0);
	const seen = await page.evaluate(
		() => (window as unknown as { seen: { painted: number; blocked: number } }).seen
	);
	const before = files;
	let ticked: number | null = null;
	if (!bare && url !== PIECE) ticked = await page.evaluate<number>(TICK);
	await context.close();
	return { style, files: before, ...seen, ticked };
}

export async function phone(url: string): Promise<void> {
	const browser = await chromium.launch({
		executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
		args: ['--no-sandbox', '--disable-quic', '--disable-background-networking', '--disable-component-update']
	});
	const loads: Load[] = [];
	const bares: Load[] = [];
	const pieces: Load[] = [];
	for (let i = 0; i < 7; i++) {
		bares.push(await load(browser, url, true));
		loads.push(await load(browser, url));
		pieces.push(await load(browser, PIECE));
	}
	await browser.close();
	const of = (list: readonly Load[], what: (one: Load) => number) => median(list.map(what));
	const style = of(loads, (one) => one.style);
	const painted = of(loads, (one) => one.painted);
	const floor = of(bares, (one) => one.painted);
	const blocked = of(loads, (one) => one.blocked);
	const ticked = of(loads, (one) => one.ticked ?? Infinity);
	say('style of Today, with its heads', kB(style), 'under 25 kB; the bare page has none', style < 25 * 1024);
	const files = of(loads, (one) => one.files);
	say(
		'files of script and style for Today',
		String(files),
		'at most 24; 56 as the bundler parts them alone',
		files <= 24
	);
	say(
		'largest paint of Today on a phone',
		`${ms(painted)}, ${(painted / floor).toFixed(1)} times the bare page`,
		`bare ${ms(floor)}; at most 2.9 times, as 1 s was beside 340 ms`,
		painted / floor <= 2.9
	);
	const piece = of(pieces, (one) => one.blocked);
	const atPace = (blocked * PHONE_THEN) / piece;
	say(
		'Today blocks a phone for',
		`${ms(blocked)}, at the pace of the figure ${ms(atPace)}`,
		`under 200 ms; a fixed page beside it ${ms(piece)}, at that pace ${ms(PHONE_THEN)}`,
		atPace < 200
	);
	say('a tick is answered on the screen in', ms(ticked), 'under 100 ms', ticked < 100);
}

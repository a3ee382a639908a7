// start a pail, take pictures of it, desktop / phone / evening
import { createRequire } from 'module';
const require = createRequire(import.meta.url);
import { chromium } from '@playwright/test';
const URL_ = process.env.URL || require('fs').readFileSync('/tmp/dev-url', 'utf8');
const b = await chromium.launch({
	executablePath: '/usr/bin/chromium',
	args: [
		'--no-sandbox',
		'--disable-quic',
		'--disable-background-networking',
		'--disable-component-update',
		'--disable-sync'
	]
});
const p = await b.newPage({ viewport: { width: 1280, height: 800 } });
const errs = [];
p.on('console', (m) => m.type() === 'error' && errs.push(m.text()));
p.on('pageerror', (e) => errs.push(String(e)));
await p.goto(URL_ + '/pail?minutes=15&for=ottilie');
await p.getByRole('button', { name: 'Start' }).click();
await p.waitForURL(/pail\/.+/);
await p.locator('[data-giant]').click();
await p.waitForTimeout(900);
await p.evaluate(() => document.fonts.ready);
await p.screenshot({ path: '/tmp/r1.png' });
const u = p.url();
await p.goto(URL_ + '/');
await p.screenshot({ path: '/tmp/r2.png' });
const q = await b.newPage({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, hasTouch: true });
await q.context().addCookies([{ name: 'light', value: 'evening', url: URL_ }]);
await q.goto(u, { waitUntil: 'networkidle' });
await q.screenshot({ path: '/tmp/r3.png' });
await q.goto(URL_ + '/', { waitUntil: 'networkidle' });
await q.screenshot({ path: '/tmp/r4.png' });
console.log(errs.join('\n') || 'ok', u);
await b.close();

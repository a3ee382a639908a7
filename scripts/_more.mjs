import { chromium } from '@playwright/test';
import { readFileSync } from 'fs';
const U = readFileSync('/tmp/dev-url', 'utf8');
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
await p.goto(U + '/', { waitUntil: 'networkidle' });
await p.screenshot({ path: '/tmp/m1.png' });
await p.goto(U + '/?on=2027-03-03&open=stair-skirting', { waitUntil: 'networkidle' });
await p.waitForSelector('[role=dialog]');
await p.screenshot({ path: '/tmp/m2.png' });
await p.goto(U + '/?on=2027-03-02', { waitUntil: 'networkidle' });
await p.screenshot({ path: '/tmp/m3.png' });
await p.goto(U + '/?on=2027-03-05', { waitUntil: 'networkidle' });
await p.screenshot({ path: '/tmp/m4.png' });
const q = await b.newPage({ viewport: { width: 390, height: 844 }, deviceScaleFactor: 2, hasTouch: true });
await q.goto(U + '/', { waitUntil: 'networkidle' });
await q.screenshot({ path: '/tmp/m5.png', fullPage: true });
await q.goto(U + '/ledger', { waitUntil: 'networkidle' });
await q.screenshot({ path: '/tmp/m6.png' });
console.log(errs.join('\n') || 'ok');
await b.close();

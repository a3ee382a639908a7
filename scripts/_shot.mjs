// usage: node shot.mjs out.png path [w h] [light]
import { createRequire } from 'module';
const require = createRequire(import.meta.url);
import { chromium } from '@playwright/test';
const [, , out, path, w = '1280', h = '800', light = '', full = ''] = process.argv;
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
const p = await b.newPage({
	viewport: { width: +w, height: +h },
	deviceScaleFactor: +w < 600 ? 2 : 1,
	hasTouch: +w < 600
});
const errs = [];
p.on('console', (m) => m.type() === 'error' && errs.push(m.text()));
p.on('pageerror', (e) => errs.push(String(e)));
if (light)
	await p.context().addCookies([
		{
			name: 'light',
			value: light,
			url: process.env.URL || require('fs').readFileSync('/tmp/dev-url', 'utf8')
		}
	]);
await p.goto((process.env.URL || require('fs').readFileSync('/tmp/dev-url', 'utf8')) + path, {
	waitUntil: 'networkidle'
});
await p.evaluate(() => document.fonts.ready);
await p.screenshot({ path: out, fullPage: full === 'full' });
console.log(errs.join('\n') || 'no errors');
await b.close();

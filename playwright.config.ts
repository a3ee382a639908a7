import { existsSync } from 'node:fs';
import { defineConfig } from '@playwright/test';

/** The shell draws and runs pages as the whole browser does, without its windows: a third faster. */
const SHELL = '/usr/bin/chromium-headless-shell';

// The parts of the kit have a page of their own here, to be tried by keyboard.
process.env.PAIL_KIT = 'yes';

// What is prepared once a run is found by all its workers, and by no other run.
process.env.PAIL_TEST_RUN ??= String(process.pid);

export default defineConfig({
	testDir: 'tests/browser',
	// Each file has a home and a server of its own. Two of them leave two cores at rest a fifth of the time: a third takes it.
	workers: 3,
	fullyParallel: false,
	timeout: 120_000,
	// A machine of two cores may starve a page for a minute; what passes only the second time is told by name.
	retries: process.env.CI ? 1 : 0,
	expect: { timeout: 15_000 },
	reporter: [['list'], ['json']],
	use: {
		browserName: 'chromium',
		viewport: { width: 1280, height: 800 },
		// Half as many points a line are a quarter of the drawing; files that look at what is cut or how large it is have all.
		deviceScaleFactor: 0.5,
		timezoneId: 'Europe/London',
		locale: 'en-GB',
		trace: 'off',
		// Emptied between tests, and not made anew: what a page has read of the app's files is read once a worker.
		reuseContext: true,
		// Where no connection is lost, no page is kept; the test of it says so itself.
		serviceWorkers: 'block',
		// What moves is drawn again and again, and nothing here looks at how it moves.
		contextOptions: { reducedMotion: 'reduce' },
		launchOptions: {
			executablePath: existsSync(SHELL) ? SHELL : '/usr/bin/chromium',
			args: [
				'--no-sandbox',
				'--disable-quic',
				'--disable-background-networking',
				'--disable-component-update',
				'--disable-sync'
			]
		}
	}
});

import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';
import { fewFiles } from './vite.chunks.ts';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit(), fewFiles()],
	// Older phones do not read the inlined font data any faster than a file; keep files as files.
	build: { assetsInlineLimit: 0 },
	test: {
		environment: 'node',
		// The tests of the store wait for their database as often as they work.
		maxWorkers: 3,
		testTimeout: 60_000,
		hookTimeout: 60_000,
		projects: [
			{
				extends: true,
				test: {
					name: 'core',
					include: ['tests/core/**/*.test.ts', 'tests/cases/**/*.test.ts'],
					// The core keeps no state, so its files share what they import.
					pool: 'threads',
					isolate: false
				}
			},
			{
				extends: true,
				// The store tests share one database server, each file its own database; what a process keeps, it keeps by home.
				test: { name: 'server', include: ['tests/server/**/*.test.ts'], isolate: false }
			}
		]
	}
});

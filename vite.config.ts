import tailwindcss from '@tailwindcss/vite';
import { sveltekit } from '@sveltejs/kit/vite';
import { defineConfig } from 'vitest/config';

export default defineConfig({
	plugins: [tailwindcss(), sveltekit()],
	// Older phones do not read the inlined font data any faster than a file; keep files as files.
	build: { assetsInlineLimit: 0 },
	test: {
		include: ['tests/core/**/*.test.ts', 'tests/server/**/*.test.ts', 'tests/cases/**/*.test.ts'],
		environment: 'node',
		// The store tests share one database server, each file its own database.
		maxWorkers: 2,
		testTimeout: 60_000,
		hookTimeout: 60_000
	}
});

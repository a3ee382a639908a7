/** Tests of the app as a whole, started as people start it: they need the build, and no browser. */
import { join } from 'node:path';
import { defineConfig } from 'vitest/config';

const lib = (name: string) => join(import.meta.dirname, 'src/lib', name);

export default defineConfig({
	resolve: {
		alias: { $core: lib('core'), $words: lib('words'), $views: lib('views'), $server: lib('server') }
	},
	test: {
		include: ['tests/whole/**/*.test.ts'],
		environment: 'node',
		// Each file starts servers of its own.
		fileParallelism: true,
		testTimeout: 90_000,
		hookTimeout: 90_000
	}
});

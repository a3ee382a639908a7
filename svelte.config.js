import adapter from '@sveltejs/adapter-node';
import { vitePreprocess } from '@sveltejs/vite-plugin-svelte';

/** @type {import('@sveltejs/kit').Config} */
export default {
	preprocess: vitePreprocess(),
	// What is awaited in markup parts the hydration of a page into tasks (src/lib/ui/Hydrate.svelte).
	compilerOptions: { experimental: { async: true } },
	kit: {
		adapter: adapter({ out: 'build', precompress: true }),
		alias: {
			$core: 'src/lib/core',
			$views: 'src/lib/views',
			$words: 'src/lib/words',
			$server: 'src/lib/server',
			$ui: 'src/lib/ui'
		},
		// Styles carry lengths that depend on data (a longer cloth is a longer job), so inline style stays allowed.
		csp: {
			mode: 'auto',
			directives: {
				'default-src': ['self'],
				'script-src': ['self'],
				'style-src': ['self', 'unsafe-inline'],
				'img-src': ['self', 'data:'],
				'font-src': ['self'],
				'connect-src': ['self'],
				'object-src': ['none'],
				'base-uri': ['none'],
				'form-action': ['self'],
				'frame-ancestors': ['none']
			}
		}
	}
};

import js from '@eslint/js';
import ts from 'typescript-eslint';
import svelte from 'eslint-plugin-svelte';
import globals from 'globals';
import svelteConfig from './svelte.config.js';

/** Imports run one way: routes → ui, server → words, views → core. tests/core/structure.test.ts holds the rest. */
const never = (group, message) => ({
	'no-restricted-imports': ['error', { patterns: [{ group, message }] }]
});

export default ts.config(
	js.configs.recommended,
	...ts.configs.recommended,
	...svelte.configs.recommended,
	{
		languageOptions: { globals: { ...globals.browser, ...globals.node } },
		rules: {
			'no-undef': 'off',
			'@typescript-eslint/no-unused-vars': ['error', { argsIgnorePattern: '^_', varsIgnorePattern: '^_' }]
		}
	},
	{
		files: ['**/*.svelte', '**/*.svelte.ts'],
		languageOptions: {
			parserOptions: {
				extraFileExtensions: ['.svelte'],
				parser: ts.parser,
				svelteConfig
			}
		},
		// A space at the end of a line is kept only in mustaches.
		rules: { 'svelte/no-navigation-without-resolve': 'off', 'svelte/no-useless-mustaches': 'off' }
	},
	{
		files: ['src/lib/core/**'],
		...{
			rules: never(
				[
					'$ui*',
					'$server*',
					'$words*',
					'$views*',
					'$lib*',
					'$app*',
					'*/ui/*',
					'*/server/*',
					'svelte*',
					'@sveltejs/*',
					'mysql2*',
					'node:*'
				],
				'The core is pure: it imports nothing of the interface, the framework or the database.'
			)
		}
	},
	{
		files: ['src/lib/ui/**'],
		...{
			rules: never(
				['$server*', '*/server/*', '$lib/server*', 'mysql2*', 'node:*'],
				'The interface never reaches into the server.'
			)
		}
	},
	{
		files: ['src/lib/words/**', 'src/lib/views/**'],
		...{
			rules: never(
				['$ui*', '$server*', '$app*', 'svelte*', '@sveltejs/*', 'mysql2*', 'node:*'],
				'Words and views know the core alone.'
			)
		}
	},
	{
		files: ['src/lib/server/**'],
		...{ rules: never(['$ui*', '*/ui/*'], 'The server never reaches into the interface.') }
	},
	{ ignores: ['build/', '.svelte-kit/', 'node_modules/', '.pail/', 'docs/schema/'] }
);

/**
 * How the program for the browser is parted into files. Parted by who uses what alone, a page is forty small files, each with
 * its own way to the server and back: on a phone that is most of the wait. What every page loads is one file, and what Today
 * shares with two other pages or more is a second.
 */
import type { Plugin } from 'vite';

/** What the bundler tells of a module, as far as it is asked here. */
interface Modules {
	getModuleInfo(id: string): { readonly importers: readonly string[] } | null;
}

/** Modules of our own, and the small ones beside them. Large libraries are left out: their indexes seem to use all of them. */
const GROUPED = /\/src\/|\/@lucide\/|\/clsx\/|preload-helper/;
const FRAME = /client-optimized\/app\.js$|runtime\/client\/entry\.js$|\/src\/routes\/\+layout\.svelte$/;
const PAGE = /\/src\/routes\/.*\+page\.svelte$/;
const TODAY = /\/src\/routes\/\+page\.svelte$/;
/** From how many pages on a part of Today is loaded by all that use any such part. */
const SHARED_FROM = 3;

/** All modules that load this one whenever they are loaded, itself among them. */
function loaders(id: string, modules: Modules): ReadonlySet<string> {
	const found = new Set<string>();
	const open = [id];
	for (let one = open.pop(); one !== undefined; one = open.pop()) {
		if (found.has(one)) continue;
		found.add(one);
		open.push(...(modules.getModuleInfo(one)?.importers ?? []));
	}
	return found;
}

/**
 * The file that a module goes into; null: as the bundler sees fit. What a module of a group imports is in the same group or in
 * the frame, or is a library, which imports nothing of ours: so no two files wait for each other.
 */
function fileOf(id: string, modules: Modules): string | null {
	if (!GROUPED.test(id)) return null;
	const by = [...loaders(id, modules)];
	if (by.some((one) => FRAME.test(one))) return 'frame';
	const pages = by.filter((one) => PAGE.test(one));
	return pages.length >= SHARED_FROM && pages.some((one) => TODAY.test(one)) ? 'shared' : null;
}

/** What is run as soon as it is there: what every page loads, and the page itself. */
const RUN_AT_ONCE = /entry\/start\.|\/nodes\/\d+\./;
/** Has the browser compile every function while the file comes in, beside the page, not each one when it is first called. */
const COMPILE_ALL = '//# allFunctionsCalledOnLoad\n';

export function fewFiles(): Plugin {
	return {
		name: 'few-files',
		applyToEnvironment: ({ name }) => name === 'client',
		outputOptions: (options) => ({
			...options,
			codeSplitting: { includeDependenciesRecursively: false, groups: [{ name: fileOf }] }
		}),
		generateBundle: {
			// It counts at the very top alone, so after all that puts something there.
			order: 'post',
			handler(_, bundle) {
				for (const file of Object.values(bundle))
					if (file.type === 'chunk' && RUN_AT_ONCE.test(file.fileName)) file.code = COMPILE_ALL + file.code;
			}
		},
		// Files may export more than their source does, so that others find in them what was put there.
		options: (options) => ({ ...options, preserveEntrySignatures: 'allow-extension' })
	};
}

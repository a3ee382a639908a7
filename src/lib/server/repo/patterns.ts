/** The library and the patterns that ship with the app, read once; each passes its schema. */
import { describeProblems } from '$core/household/problems';
import { readLibrary, type Library } from '$core/setup/library';
import { readPattern, type Pattern } from '$core/setup/pattern';
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';

const json = (path: string): unknown => JSON.parse(readFileSync(path, 'utf8'));

let library: Library | null = null;
let patterns: readonly Pattern[] | null = null;

export function starterLibrary(): Library {
	if (library) return library;
	const read = readLibrary(json(join('library', 'starter.json')));
	if (!read.ok) throw new Error(`library/starter.json cannot be used:\n${describeProblems(read.problems)}`);
	library = read.value;
	return library;
}

/** The default first; patterns that people put beside them follow by name. */
const ORDER = [
	'rolling-zones',
	'a-month-of-zones',
	'a-zone-a-day',
	'a-kind-of-job-a-day',
	'family-lists',
	'days-for-rooms-and-people',
	'one-big-day',
	'saturday-morning',
	'light-and-thorough',
	'upkeep'
];

export function allPatterns(): readonly Pattern[] {
	if (patterns) return patterns;
	const found = readdirSync('patterns')
		.filter((file) => file.endsWith('.json'))
		.sort()
		.map((file) => {
			const read = readPattern(json(join('patterns', file)));
			if (!read.ok) throw new Error(`patterns/${file} cannot be used:\n${describeProblems(read.problems)}`);
			return read.value;
		});
	const place = (pattern: Pattern) => {
		const at = ORDER.indexOf(pattern.id);
		return at < 0 ? ORDER.length : at;
	};
	patterns = [...found].sort((a, b) => place(a) - place(b));
	return patterns;
}

/** Commands that come near to words that mean nothing. */
import type { CommandContext } from './command';
import { VERBS } from './vocabulary';
import { distance, find, wordsOf } from './words';

/** What can be said where nothing comes near. */
export const EXAMPLES = [
	'15 kitchen',
	'done',
	'what’s overdue',
	'wash started',
	'declutter hall bench',
	'visitors 30'
];

/** Names that share a beginning or nearly a word with what was said. */
export function nearNames(said: readonly string[], lines: CommandContext['lines']): string[] {
	return lines
		.map((line) => ({
			name: line.name,
			near: Math.min(...said.flatMap((word) => wordsOf(line.name).map((own) => distance(word, own, 3))))
		}))
		.sort((a, b) => a.near - b.near || (a.name < b.name ? -1 : 1))
		.slice(0, 5)
		.map(({ name }) => name);
}

/** Whole commands that the words come near to. */
export function guesses(text: string, words: readonly string[], context: CommandContext): string[] {
	const found: string[] = [];
	const jobs = find(words, context.lines).slice(0, 3);
	for (const { item } of jobs) found.push(`done ${item.name.toLowerCase()}`);
	const rooms = find(words, context.rooms).slice(0, 2);
	for (const { item } of rooms) found.push(`15 ${item.name.toLowerCase()}`);
	const people = find(words, context.members).slice(0, 1);
	for (const { item } of people)
		found.push(`${item.name.toLowerCase()} away till friday`, `15 ${item.name.toLowerCase()}`);
	const [first, ...rest] = words;
	if (first !== undefined) {
		const verb = VERBS.filter((one) => one[0] === first[0])
			.map((one) => ({ one, near: distance(first, one, 2) }))
			.filter(({ near }) => near <= 2)
			.sort((a, b) => a.near - b.near)[0];
		if (verb && verb.one !== first) found.push([verb.one, ...rest].join(' '));
	}
	const all = found.length > 0 ? found : EXAMPLES;
	return [...new Set(all)].filter((one) => one !== text.trim().toLowerCase()).slice(0, 5);
}

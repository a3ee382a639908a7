/** The list to buy. */
import { plural } from '../general';

export const BUYING = {
	title: 'To buy',
	lead: 'What is low or out, and what you wrote on it.',
	none: 'Nothing to buy',
	noneLine: 'What is marked low or out comes on this list by itself.',
	add: 'Write something on it',
	addHint: 'sponges',
	addIt: 'Put it on the list',
	needed: (day: string, job: string) => `needed ${day} for ${job}`,
	low: 'low',
	out: 'out',
	extra: 'written on it',
	bought: 'Bought',
	backOn: 'Back on the list',
	waiting: (n: number) =>
		`${n} ${plural(n, 'tick')} ${n === 1 ? 'waits' : 'wait'} for the connection. Nothing is lost.`,
	share: 'Share as text',
	copied: 'The list is copied.',
	print: 'Print it',
	asText: 'Save as a file'
} as const;

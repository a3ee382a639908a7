/** The keys of Today and what each does. */
export const KEY_WORDS: readonly (readonly [key: string, what: string])[] = [
	['← →', 'the day before, the day after'],
	['↑ ↓', 'the job above, the job below'],
	['t', 'today'],
	['d', 'done'],
	['l', 'still clean'],
	['p', 'started, not finished'],
	['x', 'skip until next time'],
	['o', 'open the job'],
	['u', 'undo the last'],
	['e', 'enough for today'],
	['/', 'type a command']
];

/** What the house answers and tells in history: one group a file that says it. */

export const LOAD_LEDGER_SAYS = {
	notYet: 'Not yet',
	notSet: 'Not set'
} as const;

/** What the house answers and tells in history: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const LOAD_LEDGER_SAYS = {
	alongWithAnother: 'along with another',
	undoneAt: (time: Shown) => `undone at ${time}`,
	notYet: 'Not yet',
	notSet: 'Not set'
} as const;

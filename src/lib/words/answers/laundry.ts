/** What the house answers and tells in laundry: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const LAUNDRY_SAYS = {
	nothingWaits: 'nothing waits',
	notWithinMonths: 'not within three months',
	clothesOf: (name: Shown) => `${name}’s clothes`,
	onThePile: 'on the pile',
	reloadThePageAndTry: 'Reload the page and try again.',
	keepTheNameShort: 'Keep the name to 80 characters.',
	sayWhatIsInThe: 'Say what is in the load, and try again.',
	isOnTheListTo: (name: Shown) => `On the list to wash: ${name}.`,
	thisPressWasNotUnderstood: 'This press was not understood. Reload the page and try again.',
	thereIsNoSuchLoad: 'There is no such load here any more.',
	theLoad: 'The load',
	isAway: ' is away.',
	itIsRemovedFromThe: 'It is removed from the list.',
	thatLoadIsUnderWay: 'That load is under way already: tell where it has come to instead.'
} as const;

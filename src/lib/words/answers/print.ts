/** What the house answers and tells in print: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const KEEP_CARD_SAYS = {
	thereIsNothingToPrint: 'There is nothing to print for this.'
} as const;

export const TICK_PAPER_SAYS = {
	boxesAre: (n: number) => (n === 1 ? 'box is' : 'boxes are'),
	asWhose: (name: Shown) => `, as ${name}’s`,
	noCardOfThisHome: 'No card of this home has that code. Look at its foot.',
	tickTheBoxesThatAre: 'Tick the boxes that are ticked on the paper first.',
	savedAsDone: (n: Shown, n2: Shown, word: Shown) => `${n} ${n2} saved as done${word}.`
} as const;

export const PAPER_SAYS = {
	thisWeek: 'this week',
	theWeekAfter: 'the week after',
	weekFrom: (day: Shown) => `from ${day}`,
	boxes1ToTheWeeks: (count: Shown, dayMonth: Shown, dayMonth2: Shown) =>
		`Boxes 1 to ${count}: the weeks from ${dayMonth} to ${dayMonth2}.`,
	forIt: (weekOfCard: Shown) => `For ${weekOfCard}.`,
	turnOverForTheOther: 'Turn over for the other side.'
} as const;

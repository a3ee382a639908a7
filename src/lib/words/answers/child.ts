/** What the house answers and tells in child: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const MINE_SAYS = {
	thisEvening: 'this evening',
	nowLookRound: 'Now look round',
	looksAtIt: (name: Shown) => `${name} looks at it`,
	nothingToday: 'Nothing today',
	notYourDay: 'Today is not one of your days',
	nothingOfYourOwn: 'Nothing given to you today',
	allDone: 'All done',
	asksWillYouTake: (memberName: Shown, name: Shown, dayAhead: Shown) =>
		`${memberName} asks: will you take ${name} ${dayAhead}?`,
	thereIsNothingToCheck: 'There is nothing to check here.',
	goBackToYourList: 'Go back to your list.',
	aGrownUp: 'A grown-up'
} as const;

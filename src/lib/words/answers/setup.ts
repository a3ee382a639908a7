/** What the house answers and tells in setup: one group a file that says it. */
import { listNames } from '../general';
import type { Shown } from '../screens/shown';

export const BEGIN_SAYS = {
	manyHaveBegunFromHere: (waitWords: Shown) => `Many have begun from here. Wait ${waitWords}, then go on.`,
	thatTouchWasNotUnderstood: 'That touch was not understood. Reload the page and try again.',
	thatHomeIsNotHere: 'That home is not here any more. Begin with an empty house.',
	theseFirstStepsAreNot: 'These first steps are not here any more. Add a room, and go on.',
	aHomeHasAtLeast: 'A home has at least one room. Add one, then begin.',
	asManyAsThereCanBe: (most: number, what: 'rooms' | 'people' | 'pets') =>
		`A home has ${most} ${what === 'pets' ? 'animals' : what} at most. Take one away before you add another.`,
	howOldIs: (names: readonly string[]) =>
		`How old ${names.length > 1 ? 'are' : 'is'} ${listNames(names)}? Touch the age under “People”: jobs and products are given by age.`,
	onlyWhoeverOrganisesThatHome: 'Only whoever organises that home may change it.',
	theHomeCannotBeginYet: (at: Shown, says: Shown) => `The home cannot begin yet. ${at}: ${says}`,
	theHomeToBeChanged: 'The home to be changed is not here any more.',
	somebodyChangedTheHomeMeanwhile:
		'Somebody changed the home meanwhile, so nothing was written. Look at it as it is now, and try again.'
} as const;

export const LOAD_BEGIN_SAYS = {
	howYouClean: 'How you clean',
	firstMorning: 'First morning',
	groundFloor: 'Ground floor',
	floor: (storey: Shown) => `Floor ${storey}`,
	cellar: (told: Shown) => `Cellar ${told}`,
	whatIsOnTheGround: 'What is on the ground floor?',
	whatIsUpstairs: 'What is upstairs?',
	whatIsInTheLoft: 'What is in the loft?',
	whatIsInTheCellar: 'What is in the cellar?',
	whatIsOn: (toLowerCase: Shown) => `What is on ${toLowerCase}?`,
	stairsHall: 'Stairs, hall',
	balconyYard: 'Balcony, yard',
	asItIs: 'The way your home cleans now. Its jobs keep their days.'
} as const;

/** What the house answers and tells in session: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const FILL_QUERY_SAYS = {
	minutesAreANumberSuch: 'Minutes are a number, such as 10.',
	aSessionTakesAtLeast: 'A session takes at least 1 minute.',
	aSessionTakesAtMost: 'A session takes at most 600 minutes; make a longer day several sessions.'
} as const;

export const LEFT_OPEN_SAYS = {
	thisPressWasNotUnderstood: 'This press was not understood. Reload the page and try again.',
	thatIsNotHereAny: 'That is not here any more.',
	theBagHasLeftThe: 'The bag has left the house.',
	theBoxIsEmpty: 'The box is empty.'
} as const;

export const PRESS_SAYS = {
	thisPageIsTooOld: 'This page is too old to be sent. Reload it and try again.',
	thereIsNoSuchSession: 'There is no such session here. Start one from Today.',
	nothingHadToMoveIt: 'Nothing had to move: it comes tomorrow by itself.',
	tomorrowsNowTheRestComes: (word: Shown) => `${word} tomorrow’s now. The rest comes tomorrow by itself.`,
	thisPressWasNotUnderstood: 'This press was not understood. Reload the page and try again.',
	thisPressCameWithoutIts: 'This press came without its id. Reload the page and try again.',
	thisSessionHasEndedAlready: 'This session has ended already.',
	thatJobIsNotIn: 'That job is not in this home any more, or is nobody’s here. Choose another.',
	thisSessionHasNoSuch: 'This session has no such step. Reload the page and try again.'
} as const;

export const START_SESSION_SAYS = {
	reloadThePageAndTry: 'Reload the page and try again.',
	thisFormWasNotUnderstood: 'This form was not understood. Reload the page and try again.',
	thatPersonDoesNotLive: 'That person does not live here. Choose somebody of this home.',
	eachStartsASessionOf: 'Each starts a session of their own here.',
	thatJobIsNotIn: 'That job is not in this home any more. Choose another.',
	sayWhichSpotItIs: 'Say which spot it is and in which room, such as "hall bench".',
	thereIsNothingToDo:
		'There is nothing to do for this session just now. Choose somebody else, or take a break.',
	hasATimedSessionAlready: (memberName: Shown) =>
		`${memberName} has a timed session already. Finish it, or end it first.`
} as const;

export const LOAD_FILL_SAYS = {
	inZone: (name: Shown) => `, in the zone ${name}`,
	inRooms: (names: Shown) => `, in ${names}`,
	goBackAndChooseHow: 'Go back and choose how many minutes you have.',
	doesNotFitIntoMinutes: (name: Shown, minutes: Shown) =>
		`${name} does not fit into ${minutes} minutes with what is held.`,
	aJobThatWasPut: 'A job that was put in is not in this home any more.',
	aSessionOf: (minutes: Shown, word: Shown) => `A session of ${minutes} ${word}`,
	visitorsComeAt: (minutes: Shown) => `Visitors come at ${minutes}`,
	notAllOfYouAre: ' Not all of you are at home just now.'
} as const;

export const RUNNING_SAYS = {
	isLeftOut: 'is left out',
	isNoJobAnyMore: 'is no job of this home any more',
	staysOnTodaysList: (then: Shown) => `stays on today’s list; then: ${then}`,
	thereIsNoSuchSession: 'There is no such session here.',
	startOneFromToday: 'Start one from Today.'
} as const;

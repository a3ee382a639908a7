/** What the house answers and tells in home: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const EDIT_HOME_SAYS = {
	thisPageIsTooOld: 'This page is too old to be sent. Reload it and try again.',
	somebodyChangedTheHomeMeanwhile:
		'Somebody changed the home meanwhile, so nothing was written. Look at it as it is now, and try again.'
} as const;

export const HOUSE_SAYS = {
	chooseWhatKindOfRoom: 'Choose what kind of room it is.',
	keepTheNameShort: 'Keep the name to 80 characters.',
	giveTheRoomAName: 'Give the room a name.',
	giveTheZoneAName: 'Give the zone a name.',
	thatJobIsNotOn: 'That job is not on this list any more. Reload the page.',
	thatWasNotUnderstoodReload: 'That was not understood. Reload the page and try again.',
	liesIn: (room: Shown, zone: Shown) => `${room} lies in ${zone}.`,
	liesInNoZone: (room: Shown) => `${room} lies in no zone.`,
	theZonesAreEvener: 'The zones are evener.',
	isRemoved: (room: Shown) => `${room} is removed.`,
	isRemoved2: (zone: Shown) => `${zone} is removed.`,
	hasBecomePartOfAnother: (room: Shown) => `${room} has become part of another room.`
} as const;

export const JOB_SAYS = {
	doIt: 'Do it',
	savedItHoldsFromToday: 'Saved. It holds from today.',
	chooseTheDayOnWhich: 'Choose the day on which it was last done: today or before.',
	onlyAJobThatCounts: 'Only a job that counts from when it was last done can be told so.',
	thisJobIsNotIn: 'This job is not in the home any more. What was done of it is still in History.',
	removedWhatWasDoneOf: 'Removed. What was done of it stays in History.',
	theJobIsInThat: 'The job is in that room, too.',
	thatJobIsNotIn: 'That job is not in the library. Search for another.',
	added: (name: Shown, name2: Shown) => `Added: ${name}, ${name2}.`
} as const;

export const ONCE_JOB_SAYS = {
	addedFor: (toDay: Shown, name: Shown) => `Added for ${toDay}: ${name}.`
} as const;

export const SETTINGS_SAYS = {
	chooseADayOfA: 'Choose a day of a week in which zone 1 is on.',
	chooseHowTheZonesCome: 'Choose how the zones come round.',
	minutesOfADayAre: 'Minutes of a day are more than 0 and at most 1440.',
	chooseTheWeekday: 'Choose the weekday with which a week begins.',
	minutesForTheZoneEach: 'Minutes for the zone each day are more than 0 and at most 600, such as 15.',
	writeTheHourAtWhich: 'Write the hour at which a day begins, such as 04:00.',
	cleaningDaysAndHouseRules:
		'The cleaning days and house rules hold from today. Earlier days are judged by theirs.',
	chooseOneOfTheFour: 'Choose one of the four layers.',
	onFromTodayFirstDates: (layer: Shown) => `${layer}: on from today. First dates are spread.`,
	turnedOffNothingOfIt: (layer: Shown) => `${layer}: turned off. Nothing of it counts as overdue.`
} as const;

export const UNDO_CHANGE_SAYS = {
	reloadThePageAndPress: 'Reload the page and press again.'
} as const;

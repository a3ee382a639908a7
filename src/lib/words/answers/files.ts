/** What the house answers and tells in files: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const CALENDARS_SAYS = {
	thatPersonDoesNotLive: 'That person does not live here. Reload the page.',
	theAddressIsMadeWhoever:
		'The address is made. Whoever knows it can read the plan; renew it to shut others out.',
	chooseAFileFirst: 'Choose a file first.',
	theCalendarIsLargerThan: 'The calendar is larger than 8 MB. Export a shorter time of it.',
	thisIsNoCalendar: 'This is no calendar.',
	fromTodayOn: (count: Shown, count2: Shown) => `${count} ${count2} from today on.`,
	andBusyAreIn: (count: Shown, count2: Shown, count3: Shown, count4: Shown) =>
		`${count} ${count2} and ${count3} busy ${count4} are in.`
} as const;

export const TABLES_SAYS = {
	thingsWere: (n: number) => (n === 1 ? 'thing was' : 'things were'),
	theTableIsLargerThan: 'The table is larger than 8 MB. Part it, and give it piece by piece.',
	thisColumnIsNotKnown: 'This column is not known here. Take it out, or check how it is spelt.',
	aQuoteIsOpenedAnd: 'A quote is opened and not closed: the line may be cut off.',
	thisLineHasOtherColumns: 'This line has other columns than the first one.',
	chooseAFileFirst: 'Choose a file first.',
	notUnderstoodSoNothingIs: (count: Shown, count2: Shown) =>
		`${count} ${count2} not understood, so nothing is written.`,
	newChangedAsTheyAre: (count: Shown, count2: Shown, count3: Shown) =>
		`${count} new, ${count2} changed, ${count3} as they are.`,
	somebodyChangedTheHomeMeanwhile:
		'Somebody changed the home meanwhile, so nothing was written. Read the file in once more.',
	areNewChanged: (count: Shown, kind: Shown, count2: Shown) => `${count} ${kind} are new, ${count2} changed.`,
	entriesCanBeWrittenIn: (count: Shown) =>
		`${count} entries can be written in. Those that are there already are passed over.`,
	entriesAreWrittenIn: (count: Shown) => `${count} entries are written in.`
} as const;

export const TAKE_HOME_IN_SAYS = {
	theWholeOfIt: 'the whole of it',
	theFileIsLargerThan: 'The file is larger than 64 MB. A home is never that large; is it the right file?'
} as const;

export const FILES_SAYS = {
	theWholeHome: 'The whole home'
} as const;

/** What the house answers and tells in routes: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const PAGE_SAYS = {
	thereIsNoSuchDay: 'There is no such day to show.',
	writeItAsYyyyMm: 'Write it as YYYY-MM-DD, at most a year and a half ahead.'
} as const;

export const CALENDAR_SECRET_SERVER_SAYS = {
	theRecordsCannotBeReached: 'The records cannot be reached just now.',
	yourCalendarWillAskAgain: 'Your calendar will ask again.',
	thereIsNoCalendarAt: 'There is no calendar at this address.',
	itMayHaveBeenRenewed: 'It may have been renewed: take the new address from Files.'
} as const;

export const DEMO_OUTBOX_PAGE_SAYS = {
	thereIsNoSuchPage: 'There is no such page.',
	goBackToToday: 'Go back to Today.'
} as const;

export const HOUSE_FILES_IMPORT_SERVER_SAYS = {
	theFileIsLargerThan: 'The file is larger than 64 MB. A home is never that large; is it the right file?',
	itCouldNotBeTaken: 'It could not be taken in, and nothing was written.',
	aHomeThatIsTaken: 'A home that is taken in belongs to somebody: sign up first, then take it in.',
	chooseAFileFirst: 'Choose a file first.',
	at: {
		door: 'the login',
		whole: 'the whole of it',
		file: 'the file',
		page: 'the page',
		server: 'the server'
	},
	thisPageIsTooOld: 'This page is too old. Reload it and try again.'
} as const;

export const KIT_PAGE_SAYS = {
	thereIsNothingHere: 'There is nothing here.',
	goBackToToday: 'Go back to Today.'
} as const;

export const PRINT_CARD_PAGE_SAYS = {
	thereIsNothingToPrint: 'There is nothing to print for this.',
	itHasNoJobsYet: 'It has no jobs yet. Choose another card on the Print page.'
} as const;

export const SCHEMA_NAME_SERVER_SAYS = {
	thereIsNoSuchSchema: 'There is no such schema.',
	thereAre: (join: Shown) => `There are: ${join}.`
} as const;

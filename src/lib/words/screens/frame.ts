/** What the screens of the frame and its places say: one group a screen or part. What several share stands in the files above. */
import type { Shown } from './shown';

export const DRAWER = {
	close: 'Close'
} as const;

export const HOUSE_BELLS = {
	mustComeOutNow: 'must come out now',
	isReady: 'is ready',
	iHeardIt: 'I heard it'
} as const;

export const INSECURE = {
	withoutHttpsTheScreenMay:
		'Without HTTPS the screen may fall asleep, nothing rings while it does, and passwords can be read on the way. On the house’s own network',
	npmStartHome: 'npm start -- --home',
	givesItHttps: 'gives it HTTPS.'
} as const;

export const FRAME_TRAY = {
	pailRound: 'Pail Round'
} as const;

export const ERROR_PAGE = {
	notFound: 'Not found',
	notJustNow: 'Not just now',
	somethingWentWrongHere: 'Something went wrong here.',
	goBackToTodayAnd: 'Go back to Today and try again.',
	backToToday: 'Back to Today',
	tryAgain: 'Try again',
	pailRound: (notFound: Shown) => `${notFound} · Pail Round`
} as const;

export const MORE_PAGE = {
	pailRound: (more: Shown) => `${more} · Pail Round`
} as const;

export const SAY_PAGE = {
	pailRound: (title: Shown) => `${title} · Pail Round`
} as const;

export const KIT_SHEET = { close: 'Close' } as const;

export const KIT_FIELDS = {
	fillThisIn: 'Fill this in first.',
	chooseAFile: 'Choose a file first.',
	pickADate: (label: Shown) => `Pick a date: ${label}`,
	less: (label: Shown) => `Less: ${label}`,
	more: (label: Shown) => `More: ${label}`
} as const;

export const KIT_CONFIRM = {
	keepItAsItIs: 'Keep it as it is'
} as const;

export const KIT_SHELF = {
	close: 'Close',
	open: 'Open'
} as const;

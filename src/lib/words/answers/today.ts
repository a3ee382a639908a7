/** What the house answers and tells in today: one group a file that says it. */
import type { Shown } from '../screens/shown';

export const JOB_ROWS_SAYS = {
	pausedUntil: (why: Shown, dayAhead: Shown) => `${why}, paused until ${dayAhead}`,
	getsNoDayIn: (name: Shown, months: Shown) => `${name} gets no day in ${months}.`,
	callsForHelp: (name: Shown, word: Shown) => `${name} calls for help${word}`
} as const;

export const LEFT_OPEN_SAYS = {
	putAway: (spot: Shown) => `Put away: ${spot}`,
	giveAwayBag: (place: Shown) => `Give-away bag, ${place}`,
	boxInThe: (name: Shown) => `Box in the ${name}`
} as const;

export const PEOPLE_OF_DAY_SAYS = {
	isHere: (name: Shown, word: Shown) => `${name} is here ${word}.`
} as const;

export const STRINGS_SAYS = {
	wetTooLong: (actWords: Shown) => `${actWords}, wet too long`
} as const;

export const SUMMARY_SAYS = {
	done: (finished: Shown, finished2: Shown) => `${finished} ${finished2} done.`,
	toDoIn: (replace: Shown, left: Shown, left2: Shown) => `${replace} to do in ${left} ${left2}`,
	done2: (jobs: Shown, finished: Shown) => `${jobs}, ${finished} done.`
} as const;

export const TODAY_VIEW_SAYS = {
	aFreeDay: 'A free day',
	catchUpDay: 'Catch-up day'
} as const;

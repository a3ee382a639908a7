/** What the house answers and tells in today: one group a file that says it. */
import { plural } from '../general';
import type { Shown } from '../screens/shown';

export const JOB_ROWS_SAYS = {
	movedTo: (day: Shown) => `moved to ${day}, your catch-up day`,
	due: (day: Shown) => `due ${day}, can be done now`,
	pausedUntil: (why: Shown, dayAhead: Shown) => `${why}, paused until ${dayAhead}`,
	getsNoDayIn: (name: Shown, months: Shown) => `${name} gets no day in ${months}.`,
	callsForHelp: (name: Shown, word: Shown) => `${name} calls for help${word}`
} as const;

export const LEFT_OPEN_SAYS = {
	leaves: (things: number, late: boolean, day: Shown) =>
		`${things} ${plural(things, 'thing')}, ${late ? 'was to leave' : 'leaves'} ${day}`,
	withWhom: (name: Shown) => ` with ${name}`,
	putAway: (spot: Shown) => `Put away: ${spot}`,
	giveAwayBag: (place: Shown) => `Give-away bag, ${place}`,
	boxInThe: (name: Shown) => `Box in the ${name}`
} as const;

export const PEOPLE_OF_DAY_SAYS = {
	inSession: 'in a timed session, ',
	allDay: 'all day',
	until: (time: Shown) => `until ${time}`,
	from: (time: Shown) => `from ${time}`,
	atHome: 'at home',
	hereUntil: (time: Shown) => `here until ${time}`,
	homeAt: (time: Shown) => `home at ${time}`,
	wasHere: 'was here',
	awayUntil: (why: Shown, day: Shown) => `${why} until ${day}`,
	today: 'today',
	thatDay: 'that day',
	comes: (name: Shown, day: Shown) => `${name} comes ${day}.`,
	on: (day: Shown) => `on ${day}`,
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

/** What is done on a day, and when a job was done last. */
export const DONE_SAYS = {
	asAnExtra: 'as an extra',
	notYet: 'not yet',
	minutes: (minutes: Shown) => `, ${minutes} min`
} as const;

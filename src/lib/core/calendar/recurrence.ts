/** When occurrences fall due: the calendar cadences of Rules: "Recurrence". */
import {
	addDays,
	dayOf,
	daysInMonth,
	firstOfMonth,
	lastOfMonth,
	monthIndexOf,
	monthOfIndex,
	toDay,
	weekdayOf,
	type CivilDay,
	type Weekday
} from './civil';
import { startOfWeekInMonth, weekStartOf, type WeekBelongs } from './weeks';

/** A day of the month by its number, or the nth weekday of it (-1: the last). */
export type DayOfMonth = number | { readonly nth: number; readonly weekday: Weekday };

export type CalendarRecurrence =
	| { readonly type: 'daily'; readonly weekdays?: readonly Weekday[] | undefined }
	| { readonly type: 'weekly'; readonly weekdays: readonly Weekday[]; readonly everyWeeks: number }
	| { readonly type: 'timesAWeek'; readonly times: number }
	| { readonly type: 'monthly'; readonly day: number }
	| { readonly type: 'monthly'; readonly nth: number; readonly weekday: Weekday }
	| { readonly type: 'monthly'; readonly card: number; readonly weekday: Weekday }
	| { readonly type: 'months'; readonly months: readonly number[] }
	| { readonly type: 'everyMonths'; readonly every: number; readonly on: DayOfMonth }
	/** One occurrence, on this date (YYYY-MM-DD). */
	| { readonly type: 'once'; readonly date: string };

export type FloatingRecurrence = { readonly type: 'afterDone'; readonly min: number; readonly max: number };

export type Recurrence =
	| CalendarRecurrence
	| FloatingRecurrence
	| { readonly type: 'zone'; readonly every: 1 | 2 }
	| { readonly type: 'onCall' };

export type MissRule = 'letgo' | 'catchup' | 'stays' | 'carry';

/** What a cadence needs of the household's weeks. */
export interface WeekRules {
	readonly weekStart: Weekday;
	readonly weekBelongs: WeekBelongs;
	/** Weeks exchanged by hand, by their first days: what lies on a card goes with its week. */
	readonly swaps?: Readonly<Record<number, CivilDay>> | undefined;
}

/** An occurrence as the cadence alone gives it. */
export interface Occurrence {
	readonly opens: CivilDay;
	readonly due: CivilDay;
}

export interface Schedule {
	readonly cadence: CalendarRecurrence;
	readonly startsOn: CivilDay;
	/** Days before the due date on which an occurrence opens; not looked at by `timesAWeek` and `months`. */
	readonly leadDays: number;
	/** Months (1-12) in which occurrences exist; undefined for all. */
	readonly season?: readonly number[] | undefined;
	readonly weeks: WeekRules;
}

/** True where `day` lies in a month of the season. */
export function inSeason(day: CivilDay, season: readonly number[] | undefined): boolean {
	return season === undefined || season.includes((monthIndexOf(day) % 12) + 1);
}

/** The week of a card in a month, or the one it was swapped with, as long as the card's weeks keep their order. */
function weekOfCard(index: number, card: number, weeks: WeekRules): CivilDay {
	const own = (month: number) => startOfWeekInMonth(month, card, weeks.weekStart, weeks.weekBelongs);
	const swapped = (month: number) => weeks.swaps?.[own(month)] ?? own(month);
	const start = swapped(index);
	if (start === own(index)) return start;
	return own(index - 1) < start && swapped(index - 1) < start && start < own(index + 1) ? start : own(index);
}

/** The date of a monthly occurrence in a month. */
function monthlyDate(
	cadence: Extract<CalendarRecurrence, { type: 'monthly' }>,
	index: number,
	weeks: WeekRules
): CivilDay {
	if ('day' in cadence) {
		const { year, month } = monthOfIndex(index);
		return dayOf(year, month, Math.min(cadence.day, daysInMonth(year, month)));
	}
	if ('card' in cadence) {
		const start = weekOfCard(index, cadence.card, weeks);
		return addDays(start, (cadence.weekday - weeks.weekStart + 7) % 7);
	}
	if (cadence.nth === -1) {
		const last = lastOfMonth(index);
		return addDays(last, -((weekdayOf(last) - cadence.weekday + 7) % 7));
	}
	const first = firstOfMonth(index);
	return addDays(first, ((cadence.weekday - weekdayOf(first) + 7) % 7) + 7 * (cadence.nth - 1));
}

interface WeekOffset {
	readonly opens: number;
	readonly due: number;
}

/** Asked for again and again for the same few rules, so each rule's are kept with it. */
const offsetsOf = new WeakMap<CalendarRecurrence, Map<Weekday, readonly WeekOffset[]>>();

/** Offsets, in days of the week, of the occurrences that recur every week. */
function weekOffsets(cadence: CalendarRecurrence, weekStart: Weekday): readonly WeekOffset[] {
	let kept = offsetsOf.get(cadence);
	if (!kept) offsetsOf.set(cadence, (kept = new Map()));
	let offsets = kept.get(weekStart);
	if (!offsets) kept.set(weekStart, (offsets = computeOffsets(cadence, weekStart)));
	return offsets;
}

function computeOffsets(cadence: CalendarRecurrence, weekStart: Weekday): WeekOffset[] {
	if (cadence.type === 'timesAWeek') {
		const n = cadence.times;
		return Array.from({ length: n }, (_, i) => ({
			opens: Math.floor((i * 7) / n),
			due: Math.ceil(((i + 1) * 7) / n) - 1
		}));
	}
	const weekdays =
		cadence.type === 'weekly' || (cadence.type === 'daily' && cadence.weekdays)
			? [...new Set(cadence.weekdays)]
			: ([1, 2, 3, 4, 5, 6, 7] as Weekday[]);
	return weekdays
		.map((weekday) => (weekday - weekStart + 7) % 7)
		.sort((a, b) => a - b)
		.map((offset) => ({ opens: offset, due: offset }));
}

/**
 * The occurrences that a calendar recurrence gives with due dates from `from` to `to`, both included, in order.
 * Moves, pauses and the ledger are not looked at. None is due or opens before `startsOn`; none is due outside the
 * season. Rules: "Recurrence".
 */
export function recurrenceOccurrences(schedule: Schedule, from: CivilDay, to: CivilDay): Occurrence[] {
	const { cadence, startsOn } = schedule;
	const first = from > startsOn ? from : startsOn;
	if (first > to) return [];
	if (cadence.type === 'once') return onceOccurrence(schedule, cadence.date, first, to);
	return cadence.type === 'monthly' || cadence.type === 'months' || cadence.type === 'everyMonths'
		? monthlyOccurrences(schedule, cadence, first, to)
		: weeklyOccurrences(schedule, first, to);
}

/** The one occurrence of a job that comes once. */
function onceOccurrence(
	{ startsOn, season, leadDays }: Schedule,
	date: string,
	first: CivilDay,
	to: CivilDay
): Occurrence[] {
	const due = toDay(date);
	if (due < first || due > to || !inSeason(due, season)) return [];
	const opens = addDays(due, -leadDays);
	return [{ opens: opens > startsOn ? opens : startsOn, due }];
}

const monthlyOn = (on: DayOfMonth): Extract<CalendarRecurrence, { type: 'monthly' }> =>
	typeof on === 'number' ? { type: 'monthly', day: on } : { type: 'monthly', ...on };

function monthlyOccurrences(
	{ startsOn, season, weeks, leadDays }: Schedule,
	cadence: Extract<CalendarRecurrence, { type: 'monthly' | 'months' | 'everyMonths' }>,
	first: CivilDay,
	to: CivilDay
): Occurrence[] {
	const found: Occurrence[] = [];
	const origin = monthIndexOf(startsOn);
	// A card's week can reach over the month's end on either side, so look one month further.
	for (let index = monthIndexOf(first) - 1; index <= monthIndexOf(to) + 1; index++) {
		if (cadence.type === 'months' && !cadence.months.includes((index % 12) + 1)) continue;
		if (cadence.type === 'everyMonths' && (index - origin) % cadence.every !== 0) continue;
		const due =
			cadence.type === 'months'
				? lastOfMonth(index)
				: monthlyDate(cadence.type === 'everyMonths' ? monthlyOn(cadence.on) : cadence, index, weeks);
		if (due < first || due > to || !inSeason(due, season)) continue;
		const opens = cadence.type === 'months' ? firstOfMonth(index) : addDays(due, -leadDays);
		found.push({ opens: opens > startsOn ? opens : startsOn, due });
	}
	return found;
}

function weeklyOccurrences(
	{ cadence, startsOn, season, weeks, leadDays }: Schedule,
	first: CivilDay,
	to: CivilDay
): Occurrence[] {
	const found: Occurrence[] = [];
	const offsets = weekOffsets(cadence, weeks.weekStart);
	const fixedOpening = cadence.type === 'timesAWeek';
	const step = cadence.type === 'weekly' ? 7 * cadence.everyWeeks : 7;
	const origin = weekStartOf(startsOn, weeks.weekStart);
	const skip = Math.max(0, Math.floor((weekStartOf(first, weeks.weekStart) - origin) / step));
	const count = offsets.length;
	// Only seasonal jobs ask for the month, which costs more than all else here: ask once for each month.
	let monthEnds = -Infinity;
	let monthIsIn = true;
	for (let week = origin + skip * step; week <= to; week += step) {
		for (let i = 0; i < count; i++) {
			const offset = offsets[i] as WeekOffset;
			const due = week + offset.due;
			if (due < first || due > to) continue;
			if (season !== undefined && due > monthEnds) {
				const index = monthIndexOf(due as CivilDay);
				monthEnds = lastOfMonth(index);
				monthIsIn = season.includes((index % 12) + 1);
			}
			if (!monthIsIn) continue;
			const opens = fixedOpening ? week + offset.opens : due - leadDays;
			found.push({ opens: (opens > startsOn ? opens : startsOn) as CivilDay, due: due as CivilDay });
		}
	}
	return found;
}

/** The same occurrences, each handed to `take` in order, for callers that make something of their own of them. */
export function eachOccurrence(
	schedule: Schedule,
	from: CivilDay,
	to: CivilDay,
	take: (opens: CivilDay, due: CivilDay) => void
): void {
	for (const { opens, due } of recurrenceOccurrences(schedule, from, to)) take(opens, due);
}

/** How far ahead a search for the next occurrence may look: yearly jobs in a leap-day season still come up in it. */
const FURTHEST_AHEAD = 366 * 9;

/** The first occurrence due after `day` by the cadence alone, or null where none comes within nine years. */
export function nextOccurrence(schedule: Schedule, day: CivilDay): Occurrence | null {
	let from = addDays(day, 1);
	if (schedule.startsOn > from) from = schedule.startsOn;
	const end = from + FURTHEST_AHEAD;
	for (let span = 16; from <= end; span *= 4) {
		const to = addDays(from, span);
		const found = recurrenceOccurrences(schedule, from, to)[0];
		if (found) return found;
		from = addDays(to, 1);
	}
	return null;
}

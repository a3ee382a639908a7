/** The deep list of a zone and its passes. Rules: "Zone lists". */
import type { CivilDay } from '../calendar/civil';
import { inSeason } from '../calendar/recurrence';

export interface ZoneItem {
	readonly id: string;
	/** In every pass, or in every second one, beginning with the first. */
	readonly every: 1 | 2;
	/** Months (1-12); undefined for all the year. */
	readonly season?: readonly number[] | undefined;
}

/** How far a zone's list has come. Plain data: it is stored as JSON. */
export interface PassState {
	/** From 1. */
	readonly pass: number;
	/** Items settled in this pass, in the order done. */
	readonly settled: readonly string[];
}

export const FIRST_PASS: PassState = { pass: 1, settled: [] };

/** The items that a pass counts on a date, in list order: its own occurrence of every second pass, and the season. */
export function countedItems(items: readonly ZoneItem[], pass: number, day: CivilDay): ZoneItem[] {
	return items.filter((item) => (pass - 1) % item.every === 0 && inSeason(day, item.season));
}

/** Ends passes of which everything that counts is settled, or that count nothing; not where no item is in season. */
function endPasses(state: PassState, items: readonly ZoneItem[], day: CivilDay): PassState {
	if (!items.some((item) => inSeason(day, item.season))) return state;
	let { pass, settled } = state;
	while (countedItems(items, pass, day).every((item) => settled.includes(item.id))) {
		pass++;
		settled = [];
	}
	return pass === state.pass ? state : { pass, settled };
}

/** The state at the start of a visit: a change of season may have taken away the last item that was missing. */
export function startVisit(state: PassState, items: readonly ZoneItem[], day: CivilDay): PassState {
	return endPasses(state, items, day);
}

/**
 * The state after an item was settled on a day. An item that the pass does not count, or that is settled in it
 * already, changes nothing.
 */
export function settleItem(
	state: PassState,
	items: readonly ZoneItem[],
	id: string,
	day: CivilDay
): PassState {
	const counted = countedItems(items, state.pass, day).some((item) => item.id === id);
	if (!counted || state.settled.includes(id)) return state;
	return endPasses({ pass: state.pass, settled: [...state.settled, id] }, items, day);
}

/** The order in which a visit that begins in `state` offers the items: unsettled ones first, then the settled. */
export function visitOrder(state: PassState, items: readonly ZoneItem[], day: CivilDay): string[] {
	const counted = countedItems(items, state.pass, day);
	const open = counted.filter((item) => !state.settled.includes(item.id));
	const settled = counted.filter((item) => state.settled.includes(item.id));
	return [...open, ...settled].map((item) => item.id);
}

export interface NeedOfItem {
	readonly id: string;
	readonly weight: number;
	/** The day on which it was last done, or the day from which it counts. */
	readonly lastDone: CivilDay;
	/** Days between two occurrences: `every` × 365 / the zone's visits in the next twelve months. */
	readonly gap: number;
}

/** The other school: the order by lateTurns × weight, the most needed first; list order where equal. */
export function orderByNeed(items: readonly NeedOfItem[], day: CivilDay): string[] {
	const need = (item: NeedOfItem) => ((day - (item.lastDone + item.gap)) / item.gap) * item.weight;
	return items
		.map((item, place) => ({ id: item.id, place, need: need(item) }))
		.sort((a, b) => b.need - a.need || a.place - b.place)
		.map((item) => item.id);
}

/**
 * The first items of an order that fit into a sitting, at least one: the list is worked from the top, so the
 * first that does not fit ends it.
 */
export function fillSitting(
	order: readonly string[],
	minutesOf: (id: string) => number,
	sittingMinutes: number
): string[] {
	const offered: string[] = [];
	let used = 0;
	for (const id of order) {
		used += minutesOf(id);
		if (offered.length > 0 && used > sittingMinutes) break;
		offered.push(id);
	}
	return offered;
}

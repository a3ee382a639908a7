/** Whose day it is: the ribbon goes round among the children. Handbook page 5, "Who carries the day, and the ribbon". */
import { addDays, toDay, type CivilDay, type Weekday } from '../calendar/civil';
import { weekStartOf } from '../calendar/weeks';
import type { Home } from '../household/home';
import { homeSpans } from './presence';

/** Turns that were swapped: on this day the ribbon was another's than its turn said. */
export interface RibbonSwap {
	readonly day: CivilDay;
	readonly to: string;
}

/**
 * Who wears the ribbon on a day, by member; null for nobody. From the day on which the turns begin, whoever has
 * had the fewest comes next, in the order of the list: so nobody who was away loses a turn for good, and a swap
 * is made up for. Whoever is not at home on the day (or, by weeks, on all of its days) is passed over.
 */
export function ribbonOn(
	home: Home,
	day: CivilDay,
	isAway: (member: string, day: CivilDay) => boolean,
	swaps: readonly RibbonSwap[] = []
): string | null {
	const { ribbon } = home.household.family;
	const members = ribbon.members.flatMap((id) => home.members.find((one) => one.id === id) ?? []);
	if (members.length === 0) return null;
	const weekStart = home.household.weekStart as Weekday;
	const startOf = (date: CivilDay) => (ribbon.every === 'week' ? weekStartOf(date, weekStart) : date);
	const length = ribbon.every === 'week' ? 7 : 1;
	const begin = startOf(toDay(ribbon.from ?? home.household.startsOn));
	const last = startOf(day);
	if (last < begin) return null;
	// Turns long past change nothing but who is next: a round of a hundred is enough to be fair.
	const first = Math.max(begin, last - 100 * length);
	const aligned = begin + Math.floor((first - begin) / length) * length;
	const had = new Map(members.map((one) => [one.id, 0]));
	let wears: string | null = null;
	let at = Math.floor((aligned - begin) / length) % members.length;
	for (let from = aligned as CivilDay; from <= last; from = addDays(from, length)) {
		const here = members.filter((one) =>
			Array.from({ length }, (_, i) => addDays(from, i)).some(
				(date) => homeSpans(one, date).length > 0 && !isAway(one.id, date)
			)
		);
		const fewest = Math.min(...here.map((one) => had.get(one.id) ?? 0));
		const order = members.map((_, i) => members[(at + i) % members.length] as (typeof members)[number]);
		const planned = order.find((one) => here.includes(one) && had.get(one.id) === fewest) ?? null;
		const swap = swaps.find((one) => startOf(one.day) === from && members.some((m) => m.id === one.to));
		wears = swap?.to ?? planned?.id ?? null;
		if (wears !== null) had.set(wears, (had.get(wears) ?? 0) + 1);
		if (planned) at = (members.indexOf(planned) + 1) % members.length;
	}
	return wears;
}

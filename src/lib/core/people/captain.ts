/** Whose day it is: the ribbon goes round among the children. Rules: "In charge and captain". */
import { addDays, toDay, type CivilDay, type Weekday } from '../calendar/civil';
import { weekStartOf } from '../calendar/weeks';
import type { Home } from '../household/home';
import { homeSpans } from './presence';

/** Turns that were swapped: on this day the ribbon was another's than its turn said. */
export interface CaptainSwap {
	readonly day: CivilDay;
	readonly to: string;
}

/**
 * Who wears the ribbon on a day, by member; null for nobody. The turns go round in the order of the list, from the
 * day on which they begin; whoever is not at home on the day (or, by weeks, on all of its days) is passed over. A
 * turn that was swapped away is made up for: the next turn of whoever had it is theirs.
 */
export function captainOn(
	home: Home,
	day: CivilDay,
	isAway: (member: string, day: CivilDay) => boolean,
	swaps: readonly CaptainSwap[] = []
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
	// Turns long past change nothing but who is next: a round of a hundred is enough.
	const first = begin + Math.max(0, Math.floor((last - begin) / length) - 100) * length;
	let at = Math.floor((first - begin) / length) % members.length;
	let wears: string | null = null;
	/** To whom somebody's next turn is owed, after a swap. */
	const owed = new Map<string, string>();
	for (let from = first as CivilDay; from <= last; from = addDays(from, length)) {
		const here = members.filter((one) =>
			Array.from({ length }, (_, i) => addDays(from, i)).some(
				(date) => homeSpans(one, date).length > 0 && !isAway(one.id, date)
			)
		);
		const order = members.map((_, i) => members[(at + i) % members.length] as (typeof members)[number]);
		const planned = order.find((one) => here.includes(one));
		wears = planned?.id ?? null;
		if (!planned) continue;
		at = (members.indexOf(planned) + 1) % members.length;
		const back = owed.get(planned.id);
		if (back !== undefined && here.some((one) => one.id === back)) {
			owed.delete(planned.id);
			wears = back;
		}
		const swap = swaps.find((one) => startOf(one.day) === from && members.some((m) => m.id === one.to));
		if (swap && swap.to !== wears && wears !== null) {
			owed.set(swap.to, wears);
			wears = swap.to;
		}
	}
	return wears;
}

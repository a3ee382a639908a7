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
 * day on which they begin. Where whoever has a turn is not at home on the day (or, by weeks, on none of its days) it
 * is worn by whoever stood in least, of those the next in the list. A turn that was swapped away or stood in for is
 * made up for, one at a time for each two: the next turn of whoever had it is theirs.
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
	// What is owed from longer ago than a hundred turns is let go.
	const turns = Math.round((last - begin) / length);
	let wears: string | null = null;
	/** To whom somebody owes turns, in the order in which they came about. */
	const owed = new Map(members.map((one) => [one.id, [] as string[]]));
	const stoodIn = new Map(members.map((one) => [one.id, 0]));
	const owes = (who: string, whom: string) => {
		const list = owed.get(who) as string[];
		if (!list.includes(whom)) list.push(whom);
	};
	for (let turn = Math.max(0, turns - 100); turn <= turns; turn++) {
		const from = addDays(begin, turn * length);
		const here = new Set(
			members
				.filter((one) =>
					Array.from({ length }, (_, i) => addDays(from, i)).some(
						(date) => homeSpans(one, date).length > 0 && !isAway(one.id, date)
					)
				)
				.map((one) => one.id)
		);
		const order = members.map((_, i) => (members[(turn + i) % members.length] as { id: string }).id);
		const whose = order[0] as string;
		wears = here.has(whose) ? whose : null;
		if (wears === null) {
			const least = Math.min(...order.filter((id) => here.has(id)).map((id) => stoodIn.get(id) as number));
			wears = order.find((id) => here.has(id) && stoodIn.get(id) === least) ?? null;
			if (wears === null) continue;
			stoodIn.set(wears, least + 1);
			owes(wears, whose);
		} else {
			const list = owed.get(whose) as string[];
			const back = list.findIndex((id) => here.has(id));
			if (back >= 0) [wears] = list.splice(back, 1) as [string];
		}
		const swap = swaps.find((one) => startOf(one.day) === from && members.some((m) => m.id === one.to));
		if (swap && swap.to !== wears) {
			owes(swap.to, wears);
			wears = swap.to;
		}
	}
	return wears;
}

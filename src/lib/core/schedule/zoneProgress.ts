/** How a zone's list moves through its zone days and settlements. Rules: "Zone lists". */
import { addDays, monthIndexOf, type CivilDay } from '../calendar/civil';
import { zoneOn } from '../calendar/rotation';
import type { ZoneVersion } from './preparedHome';
import { settleItem, startVisit, type PassState } from './zoneList';

/** An item of the list that was settled (done, looked at or let go). */
export interface ZoneSettlement {
	readonly item: string;
	readonly date: CivilDay;
}

/** The version of a zone that holds on a day. */
export function zoneVersionOn(versions: readonly ZoneVersion[], day: CivilDay): ZoneVersion {
	for (let i = versions.length - 1; i > 0; i--) {
		const version = versions[i] as ZoneVersion;
		if (version.from <= day) return version;
	}
	return versions[0] as ZoneVersion;
}

/**
 * The state of a pass at the end of `to`, from that at the end of `from`, with the settlements in between
 * (by date, then as made). A visit begins on each zone day and on each day of a settlement.
 */
export function advancePass(
	zone: string,
	versions: readonly ZoneVersion[],
	state: PassState,
	settlements: readonly ZoneSettlement[],
	from: CivilDay,
	to: CivilDay
): PassState {
	let at = from;
	let result = state;
	const startVisits = (until: CivilDay) => {
		// Without seasons and changes of the list nothing ends but by a settlement.
		const changes =
			versions.some((v) => v.from > at && v.from <= until) ||
			zoneVersionOn(versions, until).items.some((item) => item.season);
		if (changes) {
			let month = -1;
			let version: ZoneVersion | null = null;
			for (let day = addDays(at, 1); day <= until; day = addDays(day, 1)) {
				const current = zoneVersionOn(versions, day);
				const index = monthIndexOf(day);
				// Seasons change by the month: the first zone day of each is enough to look at.
				if (index === month && current === version) continue;
				if (zoneOn(day, current.rotation) !== zone) continue;
				result = startVisit(result, current.items, day);
				month = index;
				version = current;
			}
		}
		at = until;
	};
	for (const { item, date } of settlements) {
		if (date <= from || date > to) continue;
		if (date > at) startVisits(date);
		const { items } = zoneVersionOn(versions, date);
		result = settleItem(startVisit(result, items, date), items, item, date);
	}
	startVisits(to);
	return result;
}

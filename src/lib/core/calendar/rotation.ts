/** Which zone is on: the schools of Rules: "Zones in rotation". */
import {
	addDays,
	firstOfMonth,
	isoMonth,
	lastOfMonth,
	monthIndexOf,
	monthOfIndex,
	weekdayOf,
	type CivilDay,
	type Weekday
} from './civil';
import {
	rowOfMonth,
	startOfWeekInMonth,
	weekOfMonth,
	weekStartOf,
	weeksInMonth,
	type WeekBelongs
} from './weeks';

/** What happens where the number runs past the zones or past card 4. */
export type ExtraRule = 'last' | 'first' | 'free';

export type ZoneScheme =
	| { readonly type: 'rows'; readonly extra: ExtraRule }
	| { readonly type: 'weeks'; readonly extra: ExtraRule }
	| { readonly type: 'cycle'; readonly extra: ExtraRule; readonly anchor: CivilDay }
	| {
			readonly type: 'weekdays';
			readonly extra: ExtraRule;
			readonly byWeekday: Readonly<Partial<Record<Weekday, string>>>;
	  }
	| { readonly type: 'none'; readonly extra: ExtraRule };

export interface Rotation {
	readonly weekStart: Weekday;
	readonly weekBelongs: WeekBelongs;
	/** Zone ids in the household's own order: Z1 … Zn. */
	readonly zones: readonly string[];
	readonly scheme: ZoneScheme;
	/** Weekdays on which zone work is done; not looked at by `weekdays`. */
	readonly zoneDays: readonly Weekday[];
	/** Weeks that stand in for each other, by their first days, both ways. */
	readonly swaps?: WeekSwaps;
	/** From a day on the zones come so many places later. */
	readonly shifts?: readonly { readonly from: CivilDay; readonly places: number }[];
}

/** First days of weeks, each with that of the week whose zone and card it has instead. */
export type WeekSwaps = Readonly<Record<number, CivilDay>>;

/** Weeks that are swapped, one after the other as they were made: a week that was swapped before takes what it had. */
export function weekSwaps(
	swaps: readonly { readonly week: CivilDay; readonly with: CivilDay }[],
	weekStart: Weekday
): WeekSwaps {
	const stands: Record<number, CivilDay> = {};
	for (const swap of swaps) {
		const [a, b] = [weekStartOf(swap.week, weekStart), weekStartOf(swap.with, weekStart)];
		const [hasA, hasB] = [stands[a] ?? a, stands[b] ?? b];
		stands[a] = hasB;
		stands[b] = hasA;
	}
	return stands;
}

/** The day whose zone and card a date has: its own, or the same day of the week that it was swapped with. */
export function swappedDay(day: CivilDay, swaps: WeekSwaps | undefined, weekStart: Weekday): CivilDay {
	if (!swaps) return day;
	const week = weekStartOf(day, weekStart);
	return addDays(swaps[week] ?? week, day - week);
}

/** Brings a number (from 1) back among `count` places by the `extra` rule; null for none. */
function wrap(number: number, count: number, extra: ExtraRule): number | null {
	if (number <= count) return number;
	if (extra === 'free') return null;
	return extra === 'first' ? 1 : count;
}

/** The card of a date, 1-4, or null in a free fifth week. Given by the week alone, on every day and by every scheme. */
export function cardOn(day: CivilDay, rotation: Rotation): number | null {
	const { weekStart, weekBelongs, swaps, scheme } = rotation;
	return wrap(weekOfMonth(swappedDay(day, swaps, weekStart), weekStart, weekBelongs).week, 4, scheme.extra);
}

/** The zone whose week or day it is, whether or not `day` is a zone day; null for none. */
function zoneOfDate(date: CivilDay, rotation: Rotation): string | null {
	const { zones, scheme, weekStart, weekBelongs, swaps } = rotation;
	if (scheme.type === 'none' || zones.length === 0) return null;
	if (scheme.type === 'weekdays') return scheme.byWeekday[weekdayOf(date)] ?? null;
	const day = swappedDay(date, swaps, weekStart);
	const later = placesLater(day, rotation);
	if (scheme.type === 'cycle') {
		const weeks = (weekStartOf(day, weekStart) - weekStartOf(scheme.anchor, weekStart)) / 7 + later;
		return zones[((weeks % zones.length) + zones.length) % zones.length] ?? null;
	}
	const number =
		scheme.type === 'rows' ? rowOfMonth(day, weekStart) : weekOfMonth(day, weekStart, weekBelongs).week;
	const place = wrap(number, zones.length, scheme.extra);
	return place === null ? null : (zones[(place - 1 + later) % zones.length] ?? null);
}

/** By how many places the zones of a day were moved. */
function placesLater(day: CivilDay, { shifts, weekStart }: Rotation): number {
	if (!shifts || shifts.length === 0) return 0;
	const week = weekStartOf(day, weekStart);
	return shifts.reduce((sum, one) => sum + (weekStartOf(one.from, weekStart) <= week ? one.places : 0), 0);
}

/** The zone of a week: that of the first of its days that has one, as it is now; null for none. */
export function zoneOfWeek(begin: CivilDay, rotation: Rotation): string | null {
	for (let i = 0; i < 7; i++) {
		const zone = zoneOn(addDays(begin, i), rotation);
		if (zone !== null) return zone;
	}
	return null;
}

/** The zone that is on, on a date, or null: only on zone days (for `weekdays` the mapping itself says so). */
export function zoneOn(day: CivilDay, rotation: Rotation): string | null {
	if (rotation.scheme.type !== 'weekdays' && !rotation.zoneDays.includes(weekdayOf(day))) return null;
	return zoneOfDate(day, rotation);
}

/** The visit that a zone day lies in: the unbroken run of zone days of one zone within its week. */
export interface Visit {
	readonly zone: string;
	/** The zone days of the visit, in order. */
	readonly days: readonly CivilDay[];
}

/**
 * The visit on `day`, or null where no zone is on. Days of the week that are no zone days do not break a
 * visit; another zone or a new week does (a `weekdays` zone has a visit of its one day).
 */
export function visitOn(day: CivilDay, rotation: Rotation): Visit | null {
	const zone = zoneOn(day, rotation);
	if (zone === null) return null;
	if (rotation.scheme.type === 'weekdays') return { zone, days: [day] };
	const start = weekStartOf(day, rotation.weekStart);
	const days: CivilDay[] = [];
	for (let i = 0; i < 7; i++) {
		const d = addDays(start, i);
		if (zoneOn(d, rotation) === zone) days.push(d);
	}
	return { zone, days };
}

/** The zone days of each zone from `from` to `to`, both included. Every zone is there, also with none. */
export function zoneDaysBetween(from: CivilDay, to: CivilDay, rotation: Rotation): Map<string, CivilDay[]> {
	const days = new Map<string, CivilDay[]>(rotation.zones.map((zone) => [zone, []]));
	for (let day = from; day <= to; day = addDays(day, 1)) {
		const zone = zoneOn(day, rotation);
		if (zone !== null) days.get(zone)?.push(day);
	}
	return days;
}

/** Visits of each zone in the year from a day on; a rotation never changes, so a year of it is counted once. */
const countedYears = new WeakMap<Rotation, Map<CivilDay, ReadonlyMap<string, number>>>();

/** How many visits of a zone begin in the year from `from` on. */
export function visitsInYear(zone: string, from: CivilDay, rotation: Rotation): number {
	let years = countedYears.get(rotation);
	if (!years) countedYears.set(rotation, (years = new Map()));
	let counted = years.get(from);
	if (!counted) years.set(from, (counted = visitsOfYear(from, rotation)));
	return counted.get(zone) ?? 0;
}

function visitsOfYear(from: CivilDay, rotation: Rotation): ReadonlyMap<string, number> {
	const visits = new Map<string, number>();
	for (const [zone, days] of zoneDaysBetween(from, addDays(from, 364), rotation))
		visits.set(zone, days.filter((day) => visitOn(day, rotation)?.days[0] === day).length);
	return visits;
}

export interface MissedZone {
	/** `YYYY-MM`. */
	readonly month: string;
	readonly zone: string;
}

/**
 * Zones that a month leaves without a single zone day. For `rows`: the calendar months that lie wholly in
 * the range; for `weeks`: the months all of whose weeks lie wholly in the range; empty for other schemes.
 */
export function missedZones(from: CivilDay, to: CivilDay, rotation: Rotation): MissedZone[] {
	const { scheme, weekStart, weekBelongs } = rotation;
	if (scheme.type !== 'rows' && scheme.type !== 'weeks') return [];
	const missed: MissedZone[] = [];
	for (let index = monthIndexOf(from) - 1; index <= monthIndexOf(to) + 1; index++) {
		const [first, last] =
			scheme.type === 'rows'
				? [firstOfMonth(index), lastOfMonth(index)]
				: [
						startOfWeekInMonth(index, 1, weekStart, weekBelongs),
						addDays(
							startOfWeekInMonth(index, weeksInMonth(index, weekStart, weekBelongs), weekStart, weekBelongs),
							6
						)
					];
		if (first < from || last > to) continue;
		const { year, month } = monthOfIndex(index);
		for (const [zone, days] of zoneDaysBetween(first, last, rotation)) {
			if (days.length === 0) missed.push({ month: isoMonth(year, month), zone });
		}
	}
	return missed;
}

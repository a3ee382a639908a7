/** Load of each zone against what its days hold, over the coming twelve months. Rules: "Load and capacity of zones". */
import { addDays, type CivilDay } from '../calendar/civil';
import { missedZones, visitsInYear, zoneDaysBetween, type MissedZone } from '../calendar/rotation';
import type { PreparedHome } from '../schedule/preparedHome';
import { timesAYear, zoneItems } from '../schedule/zoneItems';
import type { Job } from '../household/home';

export interface ZoneBalance {
	readonly zone: string;
	/** Minutes a year that its items ask: minutes × 365 / gap each. */
	readonly load: number;
	/** Minutes a year that its days hold: zone days × minutes of a sitting. */
	readonly capacity: number;
	readonly visits: number;
	readonly days: number;
	/** load / capacity; Infinity where it holds nothing and something is asked. */
	readonly ratio: number;
}

export interface ZoneCheck {
	readonly zones: readonly ZoneBalance[];
	readonly missed: readonly MissedZone[];
}

/** Clearing takes a zone's sittings while it lasts: counted as this many of them. */
export const CLEARING_SITTINGS = 4;

const ratioOf = (load: number, capacity: number) =>
	load === 0 ? 0 : capacity === 0 ? Infinity : load / capacity;

/** Minutes a year that a job asks of its zone, which comes round so many times. */
export const minutesAYear = (job: Job, visits: number) => job.depths.usual.minutes * timesAYear(job, visits);

/** Load and capacity of every zone over the year from `from`. `clearing` are the zones not yet clear. */
export function checkZones(home: PreparedHome, from: CivilDay, clearing: ReadonlySet<string>): ZoneCheck {
	const { rotation } = home;
	const { sittingMinutes } = home.home.household.rhythm;
	const to = addDays(from, 364);
	const days = zoneDaysBetween(from, to, rotation);
	const zones = home.home.zones.map((zone): ZoneBalance => {
		const visits = visitsInYear(zone.id, from, rotation);
		const zoneDays = days.get(zone.id)?.length ?? 0;
		const items = zoneItems(home, zone.id).reduce((sum, job) => sum + minutesAYear(job, visits), 0);
		const load = items + (clearing.has(zone.id) ? CLEARING_SITTINGS * sittingMinutes : 0);
		const capacity = zoneDays * sittingMinutes;
		return { zone: zone.id, load, capacity, visits, days: zoneDays, ratio: ratioOf(load, capacity) };
	});
	return { zones, missed: missedZones(from, to, rotation) };
}

/** Load of each zone against what its days hold, over the coming twelve months. Rules: "Load and capacity of zones". */
import { addDays, type CivilDay } from '../calendar/civil';
import { missedZones, visitsInYear, zoneDaysBetween, type MissedZone } from '../calendar/rotation';
import type { PreparedHome } from '../schedule/preparedHome';
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

/** Minutes that a job asks of each visit of its zone, over the year: every so many visits, in its months. */
export const minutesAVisit = (job: Job) =>
	job.cadence.type === 'zone'
		? (job.depths.usual.minutes / job.cadence.every) * ((job.season?.length ?? 12) / 12)
		: 0;

/** Load and capacity of every zone over the year from `from`. `clearing` are the zones not yet clear. */
export function checkZones(home: PreparedHome, from: CivilDay, clearing: ReadonlySet<string>): ZoneCheck {
	const { rotation } = home;
	const { sittingMinutes } = home.home.household.rhythm;
	const to = addDays(from, 364);
	const days = zoneDaysBetween(from, to, rotation);
	const zones = home.home.zones.map((zone): ZoneBalance => {
		const visits = visitsInYear(zone.id, from, rotation);
		const zoneDays = days.get(zone.id)?.length ?? 0;
		const items = zone.list.reduce((sum, id) => {
			const job = home.jobById.get(id);
			return job ? sum + minutesAVisit(job) * visits : sum;
		}, 0);
		const load = items + (clearing.has(zone.id) ? CLEARING_SITTINGS * sittingMinutes : 0);
		const capacity = zoneDays * sittingMinutes;
		return { zone: zone.id, load, capacity, visits, days: zoneDays, ratio: ratioOf(load, capacity) };
	});
	return { zones, missed: missedZones(from, to, rotation) };
}

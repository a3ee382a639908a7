/** Zones whose jobs never come up, as no day is theirs. Rules: "Zones in rotation". */
import { addDays, type CivilDay } from '../calendar/civil';
import { zoneOn } from '../calendar/rotation';
import type { Home, Zone } from '../household/home';
import { rotationOf } from './preparedHome';

export interface NeverOn {
	readonly zone: Zone;
	/** So many jobs wait for it. */
	readonly jobs: number;
}

/** A year and a month: every scheme has come round by then. */
const ROUND = 400;

/** The zones of a home that have jobs and, from a day on, no day; none while its zones rest. */
export function zonesNeverOn(home: Home, from: CivilDay): NeverOn[] {
	if (!home.household.layers.includes('zone')) return [];
	const rotation = rotationOf(home);
	const on = new Set(Array.from({ length: ROUND }, (_, i) => zoneOn(addDays(from, i), rotation)));
	return home.zones
		.filter((zone) => zone.list.length > 0 && !on.has(zone.id))
		.map((zone) => ({ zone, jobs: zone.list.length }));
}

/** Those that an edit leaves without a day: they had one, or no jobs, before. */
export function newlyNeverOn(before: Home, after: Home, from: CivilDay): NeverOn[] {
	const known = new Set(zonesNeverOn(before, from).map(({ zone }) => zone.id));
	return zonesNeverOn(after, from).filter(({ zone }) => !known.has(zone.id));
}

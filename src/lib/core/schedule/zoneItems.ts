/** The jobs that belong to a zone. Rules: "Load and capacity of zones". */
import type { Home, Job } from '../household/home';
import type { PreparedHome } from './preparedHome';

/** Kinds of recurrence that are work of a zone's own day, where each zone has one. */
const OF_A_DAY: readonly Job['cadence']['type'][] = [
	'weekly',
	'timesAWeek',
	'monthly',
	'months',
	'everyMonths'
];

/** True where each zone has a weekday of its own: its work is then that of its rooms. */
export const zonesHaveDays = (home: Home): boolean => home.household.rhythm.scheme.type === 'weekdays';

/** True for work that a zone's own day brings by its room, whatever stands on its deep list. */
export const isOfADay = (job: Job) => job.layer !== 'basics' && OF_A_DAY.includes(job.cadence.type);

/**
 * The jobs of a zone: its deep list in its order; where each zone has a weekday of its own, after it the weekly, monthly
 * and card jobs of its rooms, in the order of the home.
 */
export function zoneItems(home: PreparedHome, zone: string): Job[] {
	const list = (home.zoneById.get(zone)?.list ?? []).flatMap((id) => home.jobById.get(id) ?? []);
	if (!zonesHaveDays(home.home)) return list;
	const inZone = (job: Job) => home.roomById.get(job.room)?.zone === zone;
	return [...list, ...home.home.jobs.filter((job) => isOfADay(job) && inZone(job))];
}

/**
 * Whether a job is work of a zone's own day; none is where no zone has one, as its work is then the sitting's. Rules:
 * "Kinds of session".
 */
export function ofZoneDay(home: PreparedHome, zone: string | null): (job: Job) => boolean {
	if (zone === null || !zonesHaveDays(home.home)) return () => false;
	const ids = new Set(zoneItems(home, zone).map((job) => job.id));
	return (job) => ids.has(job.id);
}

/** How often a year a job comes, all the year round or in its months only: 365 / gap; a zone's job by its visits. */
export function timesAYear(job: Job, visits: number): number {
	return whole(job, visits) * ((job.season?.length ?? 12) / 12);
}

function whole({ cadence }: Job, visits: number): number {
	switch (cadence.type) {
		case 'zone':
			return visits / cadence.every;
		case 'weekly':
			return (365 / (7 * cadence.everyWeeks)) * cadence.weekdays.length;
		case 'timesAWeek':
			return (365 / 7) * cadence.times;
		case 'monthly':
			return 12;
		case 'everyMonths':
			return 12 / cadence.every;
		case 'months':
			return cadence.months.length;
		default:
			return 0;
	}
}

/** What the sittings of the zones take of a new home's week, and which items they are spared of. Rules: "A week within its minutes". */
import type { Household, Job } from '../household/home';

/** A zone's item with the zone that it waits for. */
export interface ZoneItem {
	readonly job: Job;
	readonly zone: string;
}

/** Minutes of one visit of a zone that an item takes, on average: one of every second visit takes half of its own. */
const minutesAVisit = ({ job }: ZoneItem): number =>
	job.cadence.type === 'zone' ? job.depths.usual.minutes / job.cadence.every : 0;

/** Minutes a week that an item takes where its zone comes every so many weeks. */
export const itemMinutesAWeek = (job: Job, weeks: number): number =>
	minutesAVisit({ job, zone: '' }) / Math.max(1, weeks);

/** The sittings of a week. */
export interface SittingsOfWeek {
	readonly days: number;
	/** Minutes of one. */
	readonly minutes: number;
}

/** The sittings that a week can have; none where each zone has a weekday, as its work then has days of its own. */
export const mostSittings = ({ rhythm }: Household): SittingsOfWeek => ({
	days: rhythm.scheme.type === 'none' || rhythm.scheme.type === 'weekdays' ? 0 : rhythm.zoneDays.length,
	minutes: rhythm.sittingMinutes
});

/** Minutes that the list of each zone takes, gone through once. */
function asked(items: readonly ZoneItem[]): Map<string, number> {
	const minutes = new Map<string, number>();
	for (const item of items) minutes.set(item.zone, (minutes.get(item.zone) ?? 0) + minutesAVisit(item));
	return minutes;
}

/**
 * Minutes a week that the sittings take on average over `zones` zones, each of which has its week in turn: a sitting takes its
 * minutes, or the whole list of its zone where that is shorter, as a list that is through begins again.
 */
export function sittingsOfWeek(items: readonly ZoneItem[], zones: number, most: SittingsOfWeek): number {
	const sum = [...asked(items).values()].reduce((total, list) => total + Math.min(most.minutes, list), 0);
	return (most.days * sum) / Math.max(1, zones);
}

/**
 * Of the items of the zones, in the order in which they are to stay, as many as leave the core of the week enough: what is
 * behind and under waits before what a week is no week without. Each time the zone that asks for most is spared of its last
 * item, so no zone is emptied for the others. `isEnough`: whether so many minutes of sittings a week leave room.
 */
export function itemsBesideCore(
	items: readonly ZoneItem[],
	zones: number,
	most: SittingsOfWeek,
	isEnough: (sittings: number) => boolean
): readonly ZoneItem[] {
	const kept = [...items];
	while (kept.length > 0 && !isEnough(sittingsOfWeek(kept, zones, most))) {
		const [fullest] = [...asked(kept)].reduce((a, b) => (b[1] > a[1] ? b : a));
		kept.splice(
			kept.findLastIndex((item) => item.zone === fullest),
			1
		);
	}
	return kept;
}

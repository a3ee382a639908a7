/** Keeps a new home's week within the minutes it has: its core gives way last. Rules: "A week within its minutes". */
import { minutesOfDay } from '../household/dayMinutes';
import type { Household, Job } from '../household/home';
import { itemsBesideCore, mostSittings, sittingsOfWeek, type ZoneItem } from './sittingsOfWeek';

/** Times a week that a job comes, on average; floating jobs at their longest, zone items and calls not at all. */
export function timesAWeek(job: Job): number {
	const { cadence } = job;
	switch (cadence.type) {
		case 'daily':
			return (cadence.weekdays?.length ?? 7) * Math.max(1, job.parts.length);
		case 'weekly':
			return cadence.weekdays.length / cadence.everyWeeks;
		case 'timesAWeek':
			return cadence.times;
		case 'monthly':
			return 12 / 52;
		case 'months':
			return cadence.months.length / 52;
		case 'everyMonths':
			return 12 / 52 / cadence.every;
		case 'afterDone':
			return 7 / cadence.max;
		default:
			return 0;
	}
}

export const minutesAWeek = (job: Job) => timesAWeek(job) * job.depths.usual.minutes;

/** A weekly round takes about an hour in all; less is never planned for it. */
const LEAST_ROUND = 60;

export interface FittedWeek {
	readonly jobs: readonly Job[];
	/** What the minutes have no room for, the first to be taken in first. */
	readonly left: readonly Job[];
	/** Minutes a day that would hold all of it, in fives. */
	readonly neededADay: number;
}

/** The last to be left come first: work of the whole house, then the weightiest and shortest. */
const byNeed = (a: Job, b: Job) =>
	Number(b.wholeHouse) - Number(a.wholeHouse) ||
	b.weight - a.weight ||
	minutesAWeek(a) - minutesAWeek(b) ||
	(a.id < b.id ? -1 : 1);

/**
 * The jobs that a week holds, and those that its minutes have no room for: what is not of the core of the weekly round is
 * left first, items of zones among it where the core has no room beside their sittings, then what is seldom done and takes
 * little of a week, and the core last; among alike work of the whole house is the last to go, then the weightiest and
 * shortest. What is left is for the home to decide on: nothing is dropped in silence. `zoneOf`: the zone of a room, and how
 * many there are. Rules: "A week within its minutes".
 */
export function fitWeek(
	jobs: readonly Job[],
	household: Household,
	{ zoneOf, zones }: { readonly zoneOf: (room: string) => string | null; readonly zones: number }
): FittedWeek {
	const days = 7 - household.rhythm.freeDays.length;
	const sum = (list: readonly Job[]) => list.reduce((total, job) => total + minutesAWeek(job), 0);
	// The basics of a free day are no work of the other days.
	const basics = (sum(jobs.filter((job) => job.layer === 'basics')) * days) / 7;
	const minutes = minutesOfDay(household) * days;
	const roomBeside = (sittings: number) => Math.max(LEAST_ROUND, minutes - basics - sittings);
	// What waits for its zone is done in the zone's sittings.
	const isSeldom = (job: Job) =>
		job.layer === 'long' || (job.layer === 'zone' && job.cadence.type !== 'zone');
	const weekly = jobs.filter((job) => job.layer === 'weekly').sort(byNeed);
	const seldom = jobs.filter(isSeldom).sort(byNeed);
	const core = [...weekly, ...seldom].filter((job) => job.core);
	const rest = [...seldom, ...weekly].filter((job) => !job.core);
	const most = mostSittings(household);
	const items = jobs
		.filter((job) => job.cadence.type === 'zone')
		.sort(byNeed)
		.map((job): ZoneItem => ({ job, zone: zoneOf(job.room) ?? '' }));
	const stay =
		most > 0 ? itemsBesideCore(items, zones, most, (sittings) => roomBeside(sittings) >= sum(core)) : items;
	let room = roomBeside(sittingsOfWeek(stay, zones, most));
	const leaves = (job: Job) => {
		if (minutesAWeek(job) > room) return true;
		room -= minutesAWeek(job);
		return false;
	};
	const coreLeft = core.filter(leaves);
	const waiting = items.filter((item) => !stay.includes(item)).map((item) => item.job);
	// What is not of the core waits until all of the core is in.
	const left = [...coreLeft, ...(coreLeft.length > 0 ? rest : rest.filter(leaves)), ...waiting];
	const out = new Set(left.map((job) => job.id));
	const needed = basics + sittingsOfWeek(items, zones, most) + sum(core) + sum(rest);
	return {
		jobs: jobs.filter((job) => !out.has(job.id)),
		left,
		neededADay: Math.ceil(needed / Math.max(1, days) / 5) * 5
	};
}

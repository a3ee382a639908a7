/** Keeps a new home's week within the minutes it has: its core gives way last. Rules: "A week within its minutes". */
import { minutesOfDay } from '../household/dayMinutes';
import type { Home, Household, Job, Room } from '../household/home';
import { isOwnWork } from '../household/ownWork';
import { lessOften } from './lessOften';
import { workingDays } from './schemeOf';
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

/** Minutes a week that the jobs of a room take on average, of the parts of the work that are on; items of zones not at all. */
export const roomMinutesAWeek = ({ jobs, household }: Home, room: string): number =>
	jobs
		.filter((job) => job.room === room && household.layers.includes(job.layer))
		.reduce((sum, job) => sum + minutesAWeek(job), 0);

/** A weekly round takes about an hour in all; less is never planned for it. */
const LEAST_ROUND = 60;

export interface FittedWeek {
	readonly jobs: readonly Job[];
	/** What the minutes have no room for, the first to be taken in first. */
	readonly left: readonly Job[];
	/** What comes less often so that it has room, as it comes now. */
	readonly rarer: readonly Job[];
	/** Minutes a day that would hold all of it as often as is usual, in fives. */
	readonly neededADay: number;
}

/** The last to be left come first: work of the whole house, then the weightiest and shortest. */
const byNeed = (a: Job, b: Job) =>
	Number(b.wholeHouse) - Number(a.wholeHouse) ||
	b.weight - a.weight ||
	minutesAWeek(a) - minutesAWeek(b) ||
	(a.id < b.id ? -1 : 1);

/**
 * The jobs that a week holds, and those that its minutes have no room for. The core is in first, of the daily routine all of
 * it; items of zones give way where the core has no room beside their sittings; what is left of the minutes goes to what is
 * seldom done, then to the rest: among alike to work of the whole house, then the weightiest and shortest. What is somebody's
 * own takes none of them. The minutes are those of the days that are neither free nor for catching up. What is left is for the
 * home to decide on: nothing is dropped in silence. `rooms` with their zones; `zones`: how many; `stretch`: the rest comes
 * less often until it has room, before any of it is left; `fixed`: other jobs, that come whatever there is room for.
 * Rules: "A week within its minutes".
 */
export function fitWeek(
	jobs: readonly Job[],
	household: Household,
	{
		rooms,
		zones,
		stretch = false,
		fixed = []
	}: {
		readonly rooms: readonly Room[];
		readonly zones: number;
		readonly stretch?: boolean;
		readonly fixed?: readonly Job[];
	}
): FittedWeek {
	const { freeDays, catchUpDays } = household.rhythm;
	// A day to catch up on is kept for what was missed, and a free day free: neither holds work of a usual week.
	const days = workingDays(freeDays, catchUpDays).length || 7 - freeDays.length;
	// The basics of the other days are no work of these.
	const takes = (job: Job) => minutesAWeek(job) * (job.layer === 'basics' ? days / 7 : 1);
	const sum = (list: readonly Job[]) => list.reduce((total, job) => total + takes(job), 0);
	// What waits for its zone is done in the zone's sittings; what is somebody's own, such as a bed, is no work of the home.
	const isOfHome = (job: Job) => job.cadence.type !== 'zone' && !isOwnWork(job, rooms);
	const ofHome = jobs.filter(isOfHome).sort(byNeed);
	const already = sum(fixed.filter(isOfHome));
	const basics = ofHome.filter((job) => job.core && job.layer === 'basics');
	const core = ofHome.filter((job) => job.core && job.layer !== 'basics');
	// What is seldom done takes little of a week, and is nobody's habit.
	const isSeldom = (job: Job) => job.layer === 'long' || job.layer === 'zone';
	const usual = [...ofHome.filter(isSeldom), ...ofHome.filter((job) => !isSeldom(job))].filter(
		(job) => !job.core
	);
	const minutes = minutesOfDay(household) * days - sum(basics) - already;
	const roomBeside = (sittings: number) => Math.max(LEAST_ROUND, minutes - sittings);
	const most = mostSittings(household);
	const zoneOf = new Map(rooms.map((room) => [room.id, room.zone]));
	const itemsOf = (list: readonly Job[]) =>
		list
			.filter((job) => job.cadence.type === 'zone')
			.sort(byNeed)
			.map((job): ZoneItem => ({ job, zone: zoneOf.get(job.room) ?? '' }));
	const items = itemsOf(jobs);
	const fixedItems = itemsOf(fixed);
	const stay =
		most.days > 0
			? itemsBesideCore(items, zones, most, (sittings) => roomBeside(sittings) >= sum(core))
			: items;
	const room = roomBeside(sittingsOfWeek([...stay, ...fixedItems], zones, most));
	/** What has no room, of the core and then of the rest; nothing of the rest has while some of the core has none. */
	const without = (rest: readonly Job[]): Job[] => {
		let free = room;
		const leaves = (job: Job) => {
			if (takes(job) > free) return true;
			free -= takes(job);
			return false;
		};
		const coreLeft = core.filter(leaves);
		return [...coreLeft, ...(coreLeft.length > 0 ? rest : rest.filter(leaves))];
	};
	const stretched = stretch ? lessOften(usual, takes, Math.max(0, room - sum(core))) : usual;
	// Where the days hold far too little, rarer work can find its room at the cost of more that is left.
	const rest = without(stretched).length <= without(usual).length ? stretched : usual;
	const out = new Set(without(rest).map((job) => job.id));
	const rarer = new Map(
		rest.filter((job) => !usual.includes(job) && !out.has(job.id)).map((job) => [job.id, job])
	);
	const waiting = items.filter((item) => !stay.includes(item)).map((item) => item.job);
	// As often as is usual, so that it is said what it would take.
	const left = [...[...core, ...usual].filter((job) => out.has(job.id)), ...waiting];
	for (const job of waiting) out.add(job.id);
	const sittings = sittingsOfWeek([...items, ...fixedItems], zones, most);
	const needed = sum(basics) + already + sittings + sum(core) + sum(usual);
	return {
		jobs: jobs.filter((job) => !out.has(job.id)).map((job) => rarer.get(job.id) ?? job),
		left,
		rarer: [...rarer.values()],
		neededADay: Math.ceil(needed / Math.max(1, days) / 5) * 5
	};
}

/** Keeps a new home's week within the minutes it has: the weekly round gives way first. Rules: "A week within its minutes". */
import { minutesOfDay } from '../household/dayMinutes';
import type { Household, Job } from '../household/home';

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

/**
 * The jobs that a week holds, and those of the weekly round that its minutes have no room for: work of the whole house is
 * the last to go, then the weightiest and shortest. What is left is for the home to decide on: nothing is dropped in
 * silence.
 */
export function fitWeek(jobs: readonly Job[], household: Household): FittedWeek {
	const { rhythm } = household;
	const days = 7 - rhythm.freeDays.length;
	const of = (layer: Job['layer']) => jobs.filter((job) => job.layer === layer);
	const sum = (list: readonly Job[]) => list.reduce((total, job) => total + minutesAWeek(job), 0);
	// Where each zone has a weekday, its sittings are jobs with days of their own.
	const sittings =
		rhythm.scheme.type === 'none'
			? 0
			: rhythm.scheme.type === 'weekdays'
				? sum(of('zone'))
				: rhythm.zoneDays.length * rhythm.sittingMinutes;
	const beside = sum(of('basics')) + sum(of('long')) + sittings;
	let room = Math.max(LEAST_ROUND, minutesOfDay(household) * days - beside);
	const keeps = new Set<string>();
	const sorted = of('weekly').sort(
		(a, b) =>
			Number(b.wholeHouse) - Number(a.wholeHouse) ||
			b.weight - a.weight ||
			minutesAWeek(a) - minutesAWeek(b) ||
			(a.id < b.id ? -1 : 1)
	);
	for (const job of sorted) {
		if (minutesAWeek(job) > room) continue;
		keeps.add(job.id);
		room -= minutesAWeek(job);
	}
	return {
		jobs: jobs.filter((job) => job.layer !== 'weekly' || keeps.has(job.id)),
		left: sorted.filter((job) => !keeps.has(job.id)),
		neededADay: Math.ceil((beside + sum(of('weekly'))) / Math.max(1, days) / 5) * 5
	};
}

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

/**
 * The jobs that a week holds: all but those of the weekly layer that its minutes have no room for, the least
 * weighty and longest first. What is left out stays in the library.
 */
export function fitWeek(jobs: readonly Job[], household: Household): Job[] {
	const { rhythm } = household;
	const days = 7 - rhythm.freeDays.length;
	const of = (layer: Job['layer']) => jobs.filter((job) => job.layer === layer);
	const sum = (list: readonly Job[]) => list.reduce((total, job) => total + minutesAWeek(job), 0);
	const sittings = rhythm.scheme.type === 'none' ? 0 : rhythm.zoneDays.length * rhythm.sittingMinutes;
	const room = minutesOfDay(household) * days - sum(of('basics')) - sum(of('long')) - sittings;
	let left = Math.max(LEAST_ROUND, room);
	const keeps = new Set<string>();
	const sorted = of('weekly').sort(
		(a, b) => b.weight - a.weight || minutesAWeek(a) - minutesAWeek(b) || (a.id < b.id ? -1 : 1)
	);
	for (const job of sorted) {
		if (minutesAWeek(job) > left) continue;
		keeps.add(job.id);
		left -= minutesAWeek(job);
	}
	return jobs.filter((job) => job.layer !== 'weekly' || keeps.has(job.id));
}

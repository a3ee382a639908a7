/**
 * First dates. Rules: "Beginning many jobs at once": where many jobs begin at once they are spread over one interval of each job,
 * heavy ones apart, within the minutes of a day.
 */
import { minutesOfDay } from '../household/dayMinutes';
import {
	addDays,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	weekdayOf,
	type CivilDay,
	type Weekday
} from '../calendar/civil';
import type { Household, Job } from '../household/home';
import { eachOccurrence, type CalendarRecurrence, type Schedule } from '../calendar/recurrence';

/** Minutes from which a job is heavy, and the days that two heavy ones keep apart. */
const HEAVY = 25;
const APART = 2;
/** A month's job that would be due sooner than this begins with its next month. */
const SHORT_NOTICE = 10;

function schedule(job: Job, startsOn: CivilDay, household: Household): Schedule {
	return {
		cadence: job.cadence as CalendarRecurrence,
		startsOn,
		leadDays: job.leadDays,
		season: job.season,
		weeks: { weekStart: household.weekStart as Weekday, weekBelongs: household.weekBelongs }
	};
}

/** Days between two occurrences of a job, for spreading: 0 where its first dates follow from the week alone. */
export function intervalOf(job: Job): number {
	const { cadence } = job;
	switch (cadence.type) {
		case 'afterDone':
			return cadence.max;
		case 'weekly':
			return cadence.everyWeeks > 1 ? 7 * cadence.everyWeeks : 0;
		case 'months':
			return Math.round(365 / cadence.months.length);
		default:
			return 0;
	}
}

const fixedInTime = (job: Job) =>
	['daily', 'timesAWeek', 'monthly'].includes(job.cadence.type) ||
	(job.cadence.type === 'weekly' && job.cadence.everyWeeks === 1);

/** Minutes that the jobs whose dates are fixed ask of each of the `days` days from `from`. */
function fixedLoad(jobs: readonly Job[], from: CivilDay, days: number, household: Household): number[] {
	const load = new Array<number>(days).fill(0);
	for (const job of jobs) {
		if (!fixedInTime(job)) continue;
		const times = Math.max(1, job.parts.length);
		eachOccurrence(schedule(job, from, household), from, addDays(from, days - 1), (_, due) => {
			load[due - from] = (load[due - from] as number) + job.depths.usual.minutes * times;
		});
	}
	return load;
}

/**
 * The jobs with their first days set, none before `from`. Jobs in `settled` count as load but keep theirs.
 * Minutes of a day are the household's, else 60.
 */
export function spreadFirstDays(
	jobs: readonly Job[],
	settled: readonly Job[],
	from: CivilDay,
	household: Household
): Job[] {
	const horizon = 400;
	const { rhythm } = household;
	const load = fixedLoad([...jobs, ...settled], from, horizon, household);
	if (rhythm.scheme.type !== 'none' && rhythm.scheme.type !== 'weekdays') {
		for (let i = 0; i < horizon; i++) {
			if (rhythm.zoneDays.includes(weekdayOf(addDays(from, i)))) {
				load[i] = (load[i] as number) + rhythm.sittingMinutes;
			}
		}
	}
	const holds = minutesOfDay(household);
	const heavyDays: number[] = [];
	const kept = (i: number) => {
		const day = weekdayOf(addDays(from, i));
		return rhythm.freeDays.includes(day) || rhythm.catchUpDays.includes(day);
	};
	const startsOn = new Map<string, CivilDay>();
	const floating = jobs
		.filter((job) => job.cadence.type === 'afterDone')
		.sort((a, b) => intervalOf(a) - intervalOf(b) || b.weight - a.weight || (a.id < b.id ? -1 : 1));
	const ofInterval = new Map<number, number>();
	for (const job of floating) {
		const interval = Math.min(intervalOf(job), horizon - 1);
		ofInterval.set(interval, (ofInterval.get(interval) ?? 0) + 1);
	}
	const placed = new Map<number, number>();
	for (const job of floating) {
		const interval = Math.min(intervalOf(job), horizon - 1);
		const rank = placed.get(interval) ?? 0;
		placed.set(interval, rank + 1);
		const wanted = Math.floor(((rank + 0.5) / (ofInterval.get(interval) ?? 1)) * interval);
		const { minutes } = job.depths.usual;
		let best = wanted;
		let bestCost = Infinity;
		// A free day stays free, unless the job has no other day to begin on.
		const isBound = Array.from({ length: interval }, (_, i) => i).every(kept);
		for (let i = 0; i < interval; i++) {
			if (kept(i) && !isBound) continue;
			const over = Math.max(0, (load[i] as number) + minutes - holds);
			const near = minutes >= HEAVY && heavyDays.some((day) => Math.abs(day - i) < APART) ? 40 : 0;
			const cost = over * 4 + near + Math.abs(i - wanted) + (load[i] as number) / 10;
			if (cost < bestCost) {
				bestCost = cost;
				best = i;
			}
		}
		if (minutes >= HEAVY) heavyDays.push(best);
		load[best] = (load[best] as number) + minutes;
		startsOn.set(job.id, addDays(from, best));
	}
	for (const job of jobs) {
		if (job.cadence.type === 'weekly' && job.cadence.everyWeeks > 1) {
			startsOn.set(job.id, firstWeek(job, from, household, load));
		} else if (job.cadence.type === 'months') startsOn.set(job.id, firstMonth(from));
	}
	return jobs.map((job) => ({ ...job, startsOn: isoOf(startsOn.get(job.id) ?? from) }));
}

/** The week of its interval in which the day of a job that comes every so many weeks carries least. */
function firstWeek(job: Job, from: CivilDay, household: Household, load: number[]): CivilDay {
	if (job.cadence.type !== 'weekly') return from;
	const { everyWeeks } = job.cadence;
	const dueIn = (week: number) => {
		const days: number[] = [];
		const begin = addDays(from, 7 * week);
		eachOccurrence(schedule(job, begin, household), begin, addDays(begin, 6), (_, due) =>
			days.push(due - from)
		);
		return days;
	};
	let best = 0;
	let bestLoad = Infinity;
	for (let week = 0; week < everyWeeks; week++) {
		const sum = dueIn(week).reduce((total, i) => total + (load[i] ?? 0), 0);
		if (sum < bestLoad) {
			bestLoad = sum;
			best = week;
		}
	}
	for (let round = best; round * 7 < load.length - 14; round += everyWeeks) {
		for (const i of dueIn(round)) load[i] = (load[i] ?? 0) + job.depths.usual.minutes;
	}
	return addDays(from, 7 * best);
}

/** The first day from which a job of listed months counts: next month where this one is nearly over. */
function firstMonth(from: CivilDay): CivilDay {
	const end = lastOfMonth(monthIndexOf(from));
	return end - from < SHORT_NOTICE ? addDays(end, 1) : from;
}

/**
 * First dates. Rules: "Beginning many jobs at once": where many jobs begin at once they are spread over one interval of each job,
 * heavy ones apart, within the minutes of a day.
 */
import { minutesOfDay } from '../household/dayMinutes';
import {
	addDays,
	isoOf,
	lastOfMonth,
	toDay,
	monthIndexOf,
	weekdayOf,
	type CivilDay,
	type Weekday
} from '../calendar/civil';
import type { Household, Job, Room } from '../household/home';
import { isOwnWork } from '../household/ownWork';
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

/** The days from `from`, counted from 0, on which a job that begins on `startsOn` is due, each turn done when it is. */
function dueDays(job: Job, startsOn: CivilDay, from: CivilDay, days: number, household: Household): number[] {
	const due: number[] = [];
	if (job.cadence.type === 'afterDone') {
		const { max } = job.cadence;
		const first = startsOn >= from ? startsOn - from : (max - ((from - startsOn) % max)) % max;
		for (let day = first; day < days; day += max) due.push(day);
	} else if (job.cadence.type !== 'zone' && job.cadence.type !== 'once' && job.cadence.type !== 'onCall') {
		eachOccurrence(schedule(job, startsOn, household), from, addDays(from, days - 1), (_, day) =>
			due.push(day - from)
		);
	}
	return due;
}

/**
 * The jobs with their first days set, none before `from`. Jobs in `settled` count as load but keep theirs; what is somebody's own
 * in `rooms` is no load. Minutes of a day are the household's, else 60.
 */
export function spreadFirstDays(
	jobs: readonly Job[],
	settled: readonly Job[],
	from: CivilDay,
	household: Household,
	rooms: readonly Room[]
): Job[] {
	const horizon = 400;
	const { rhythm } = household;
	const load = new Array<number>(horizon).fill(0);
	const minutesOf = (job: Job) =>
		isOwnWork(job, rooms) ? 0 : job.depths.usual.minutes * Math.max(1, job.parts.length);
	const carry = (job: Job, due: readonly number[]) => {
		for (const day of due) load[day] = (load[day] as number) + minutesOf(job);
	};
	for (const job of settled) {
		const began = job.startsOn === undefined ? from : toDay(job.startsOn);
		carry(job, dueDays(job, began, from, horizon, household));
	}
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
	const begin = (job: Job, first: CivilDay) => {
		startsOn.set(job.id, first);
		carry(job, dueDays(job, first, from, horizon, household));
	};
	// What the calendar fixes goes first, so that the others find their way around it.
	const skipsWeeks = (job: Job) => job.cadence.type === 'weekly' && job.cadence.everyWeeks > 1;
	for (const job of jobs)
		if (job.cadence.type !== 'afterDone' && !skipsWeeks(job))
			begin(job, job.cadence.type === 'months' ? firstMonth(from) : from);
	for (const job of jobs) if (skipsWeeks(job)) begin(job, firstWeek(job, from, household, load));
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
		const minutes = minutesOf(job);
		let best = wanted;
		let bestCost = Infinity;
		// A free day stays free, unless the job has no other day to begin on.
		const isBound = Array.from({ length: interval }, (_, i) => i).every(kept);
		for (let i = 0; i < interval; i++) {
			if (kept(i) && !isBound) continue;
			// A day that holds the first turn may not hold the next ones: all of them count alike.
			let [over, carried, turns] = [0, 0, 0];
			for (let day = i; day < horizon; day += interval) {
				over += Math.max(0, (load[day] as number) + minutes - holds);
				carried += load[day] as number;
				turns++;
			}
			const near = minutes >= HEAVY && heavyDays.some((day) => Math.abs(day - i) < APART) ? 40 : 0;
			const cost = (over * 4 + carried / 10) / turns + near + Math.abs(i - wanted);
			if (cost < bestCost) {
				bestCost = cost;
				best = i;
			}
		}
		if (minutes >= HEAVY) heavyDays.push(best);
		begin(job, addDays(from, best));
	}
	return jobs.map((job) => ({ ...job, startsOn: isoOf(startsOn.get(job.id) ?? from) }));
}

/** The week of its interval in which the day of a job that comes every so many weeks carries least. */
function firstWeek(job: Job, from: CivilDay, household: Household, load: readonly number[]): CivilDay {
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
	return addDays(from, 7 * best);
}

/** The first day from which a job of listed months counts: next month where this one is nearly over. */
function firstMonth(from: CivilDay): CivilDay {
	const end = lastOfMonth(monthIndexOf(from));
	return end - from < SHORT_NOTICE ? addDays(end, 1) : from;
}

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
/** What beginning nearer costs, beside minutes. */
const NEAR = 40;
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

/** How far ahead the load of days is counted. */
const HORIZON = 400;

/** Minutes of the home's work on each day from `from`, as jobs are given their first days. */
class LoadOfDays {
	readonly minutes = new Array<number>(HORIZON).fill(0);

	constructor(
		readonly from: CivilDay,
		readonly household: Household,
		readonly rooms: readonly Room[]
	) {
		const { rhythm } = household;
		if (rhythm.scheme.type === 'none' || rhythm.scheme.type === 'weekdays') return;
		for (let i = 0; i < HORIZON; i++)
			if (rhythm.zoneDays.includes(weekdayOf(addDays(from, i)))) this.#add(i, rhythm.sittingMinutes);
	}

	#add(day: number, minutes: number): void {
		this.minutes[day] = (this.minutes[day] as number) + minutes;
	}

	/** What a turn of a job adds to its day. */
	of(job: Job): number {
		return isOwnWork(job, this.rooms) ? 0 : job.depths.usual.minutes * Math.max(1, job.parts.length);
	}

	/** All turns of a job that begins on `startsOn`. */
	carry(job: Job, startsOn: CivilDay): void {
		for (const day of dueDays(job, startsOn, this.from, HORIZON, this.household))
			this.#add(day, this.of(job));
	}

	/** Days on which nothing begins by itself. */
	isKept(day: number): boolean {
		const { rhythm } = this.household;
		const weekday = weekdayOf(addDays(this.from, day));
		return rhythm.freeDays.includes(weekday) || rhythm.catchUpDays.includes(weekday);
	}

	/**
	 * What beginning on `day` costs a job that comes every `interval` days, in the mean of its turns: a day that holds the first may
	 * not hold the next ones.
	 */
	costOf(day: number, interval: number, minutes: number): number {
		const holds = minutesOfDay(this.household);
		let [over, carried, turns] = [0, 0, 0];
		for (let at = day; at < HORIZON; at += interval) {
			const load = this.minutes[at] as number;
			over += Math.max(0, load + minutes - holds);
			carried += load;
			turns++;
		}
		return (over * 4 + carried / 10) / turns;
	}
}

/** The first days of jobs that float, counted from 0: those of one interval evenly over it, heavy ones apart. */
function spreadFloating(
	floating: readonly Job[],
	load: LoadOfDays,
	begin: (job: Job, day: number) => void
): void {
	const spanOf = (job: Job) => Math.min(intervalOf(job), HORIZON - 1);
	const ofInterval = new Map<number, number>();
	for (const job of floating) ofInterval.set(spanOf(job), (ofInterval.get(spanOf(job)) ?? 0) + 1);
	const placed = new Map<number, number>();
	const heavyDays: number[] = [];
	for (const job of floating) {
		const interval = spanOf(job);
		const rank = placed.get(interval) ?? 0;
		placed.set(interval, rank + 1);
		const wanted = Math.floor(((rank + 0.5) / (ofInterval.get(interval) ?? 1)) * interval);
		const minutes = load.of(job);
		const days = Array.from({ length: interval }, (_, i) => i);
		const open = days.filter((day) => !load.isKept(day));
		let best = wanted;
		let bestCost = Infinity;
		// A free day stays free, unless the job has no other day to begin on.
		for (const day of open.length > 0 ? open : days) {
			const isNear = minutes >= HEAVY && heavyDays.some((other) => Math.abs(other - day) < APART);
			const cost = load.costOf(day, interval, minutes) + (isNear ? NEAR : 0) + Math.abs(day - wanted);
			if (cost < bestCost) [best, bestCost] = [day, cost];
		}
		if (minutes >= HEAVY) heavyDays.push(best);
		begin(job, best);
	}
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
	const load = new LoadOfDays(from, household, rooms);
	for (const job of settled) load.carry(job, job.startsOn === undefined ? from : toDay(job.startsOn));
	const startsOn = new Map<string, CivilDay>();
	const begin = (job: Job, first: CivilDay) => {
		startsOn.set(job.id, first);
		load.carry(job, first);
	};
	// What the calendar fixes goes first, so that the others find their way around it.
	const skipsWeeks = (job: Job) => job.cadence.type === 'weekly' && job.cadence.everyWeeks > 1;
	for (const job of jobs)
		if (job.cadence.type !== 'afterDone' && !skipsWeeks(job))
			begin(job, job.cadence.type === 'months' ? firstMonth(from) : from);
	for (const job of jobs) if (skipsWeeks(job)) begin(job, firstWeek(job, from, household, load.minutes));
	const floating = jobs
		.filter((job) => job.cadence.type === 'afterDone')
		.sort((a, b) => intervalOf(a) - intervalOf(b) || b.weight - a.weight || (a.id < b.id ? -1 : 1));
	spreadFloating(floating, load, (job, day) => begin(job, addDays(from, day)));
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

/** Work made rarer so that a week holds it. Rules: "A week within its minutes". */
import type { Job } from '../household/home';

/** Usual intervals in days. */
const STEPS = [1, 2, 3, 4, 7, 10, 14, 21, 28, 42, 56, 84, 91, 182, 365];
const MOST_WEEKS = 8;
const MOST_MONTHS = 12;
/** A job of this weight is done for health: it comes as often as it does. */
const HYGIENE = 4;

const longer = (days: number) => STEPS.find((one) => one > days) ?? days;

/** How a job comes one step less often; null where it does not: each day, for health, with its zone, once or when called. */
function rarer({ cadence }: Job): Job['cadence'] | null {
	switch (cadence.type) {
		case 'weekly':
			if (cadence.weekdays.length > 1) return { ...cadence, weekdays: cadence.weekdays.slice(0, -1) };
			return cadence.everyWeeks < MOST_WEEKS ? { ...cadence, everyWeeks: cadence.everyWeeks + 1 } : null;
		case 'timesAWeek':
			return cadence.times > 1 ? { ...cadence, times: cadence.times - 1 } : null;
		case 'monthly':
			if ('card' in cadence) return null;
			return {
				type: 'everyMonths',
				every: 2,
				on: 'day' in cadence ? cadence.day : { nth: cadence.nth, weekday: cadence.weekday }
			};
		case 'everyMonths':
			return cadence.every < MOST_MONTHS ? { ...cadence, every: cadence.every + 1 } : null;
		case 'afterDone': {
			const max = longer(cadence.max);
			return max > cadence.max ? { ...cadence, min: Math.min(longer(cadence.min), max), max } : null;
		}
		default:
			return null;
	}
}

/**
 * The jobs, in their order, made rarer a step at a time, the last of them first and each in turn, until `takes` of all
 * is no more than `room` minutes a week, or none can come less often. Those of the core, of the daily routine and for
 * health stay as they are.
 */
export function lessOften(jobs: readonly Job[], takes: (job: Job) => number, room: number): readonly Job[] {
	const list = [...jobs];
	let total = list.reduce((sum, job) => sum + takes(job), 0);
	for (let changed = true; changed && total > room;) {
		changed = false;
		for (let i = list.length - 1; i >= 0 && total > room; i--) {
			const job = list[i] as Job;
			if (job.core || job.layer === 'basics' || job.weight >= HYGIENE) continue;
			const cadence = rarer(job);
			if (!cadence) continue;
			const next = { ...job, cadence };
			total += takes(next) - takes(job);
			list[i] = next;
			changed = true;
		}
	}
	return list;
}

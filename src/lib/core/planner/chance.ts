/**
 * How likely it is that a plan is done before the bell. Rules: "Chance of finishing": the logarithm of the minutes of a job is
 * normal about its median; the spread is 0.35 until there is a record of its own.
 */
import type { Estimate } from '../learning/minutes';
import { normalDraw, seededRandom } from '../random';
import type { Plan, PlanInput } from './plan';
import { flatten } from './solver/problem';
import { Timing } from './solver/timing';

/** The spread of the logarithm of minutes where nothing is known yet. */
export const STARTER_SPREAD = 0.35;

/** What is known of a job's minutes: how many times the planned ones it takes at its median, and the spread. */
export interface Habit {
	readonly factor: number;
	readonly spread: number;
}

const STARTER: Habit = { factor: 1, spread: STARTER_SPREAD };
/** The 10 % and 90 % points of a normal distribution stand so many spreads to each side of its middle. */
const TO_TENTH = 1.2816;

/** The habit of a job of so many planned minutes, from the estimate of its real ones; null where none are planned. */
export function habitFrom(planned: number, { median, low, high }: Estimate): Habit | null {
	return planned > 0 ? { factor: median / planned, spread: Math.log(high / low) / (2 * TO_TENTH) } : null;
}

const DRAWS = 400;
/** Past every bell: the draws are not cut off. Minutes. */
const LONG = 48 * 60;

/**
 * Share of draws, from 0 to 1, in which all planned steps end by the bell, each job being longer or shorter as a
 * whole. Longest waits that a draw would pass are not counted against it: they ring. The same for the same input.
 */
export function chanceOfFitting(
	input: PlanInput,
	plan: Plan,
	habitOf: (job: string) => Habit = () => STARTER
): number {
	if (plan.entries.length === 0) return 1;
	const planned = new Set(plan.entries.map((entry) => entry.job));
	const chosen = input.jobs
		.filter((job) => planned.has(job.id))
		.map((job) => ({
			...job,
			optional: false,
			deadline: undefined,
			steps: job.steps.map((step) => ({ ...step, waitMax: step.waitMax === undefined ? undefined : LONG }))
		}));
	const people = input.people.map((one) => ({ ...one, until: LONG }));
	const problem = flatten({ ...input, bell: LONG, people, jobs: chosen });
	const ids = [...problem.source].map((i) => chosen[i]?.id ?? '');
	const place = new Map(ids.map((id, j) => [id, j]));
	const who = new Int32Array(problem.jobs);
	const order = Int32Array.from(plan.entries, (entry) => {
		const j = place.get(entry.job) as number;
		who[j] = input.people.findIndex((one) => one.id === entry.person);
		return (problem.first[j] as number) + entry.step;
	});
	const timed = new Timing(problem);
	const planMinutes = Float64Array.from(problem.minutes);
	const random = seededRandom(7);
	const habits = ids.map(habitOf);
	let fits = 0;
	for (let draw = 0; draw < DRAWS; draw++) {
		habits.forEach(({ factor, spread }, j) => {
			const times = factor * Math.exp(spread * normalDraw(random));
			const first = problem.first[j] as number;
			for (let s = first; s < first + (problem.count[j] as number); s++)
				problem.minutes[s] = (planMinutes[s] as number) * times;
		});
		if (timed.time(order, order.length, who) && timed.makespan() <= input.bell + 1e-9) fits++;
	}
	return fits / DRAWS;
}

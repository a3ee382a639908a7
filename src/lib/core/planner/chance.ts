/**
 * How likely it is that a plan is done before the bell. Rules: "Chance of finishing": the logarithm of the minutes of a job is
 * normal about its median, with a spread that is learnt.
 */
import type { Estimate } from '../learning/minutes';
import { chanceOfSum } from '../learning/chanceOfSum';
import type { Plan, PlanInput } from './plan';

/** The spread of the logarithm of minutes where nothing is known yet: 0.35, and as much for the guess itself. */
export const STARTER_SPREAD = 0.35 * Math.SQRT2;

/** What is known of a job's minutes: how many times the planned ones it takes at its median, and the spread. */
export interface Habit {
	readonly factor: number;
	readonly spread: number;
	/** The job stops after so many minutes, finished or not. */
	readonly most?: number;
}

const STARTER: Habit = { factor: 1, spread: STARTER_SPREAD };
/** The 10 % and 90 % points of a normal distribution stand so many spreads to each side of its middle. */
const TO_TENTH = 1.2816;

/** The habit of a job of so many planned minutes, from the estimate of its real ones; null where none are planned. */
export function habitFrom(planned: number, { median, low, high }: Estimate): Habit | null {
	return planned > 0 ? { factor: median / planned, spread: Math.log(high / low) / (2 * TO_TENTH) } : null;
}

/**
 * The probability, from 0 to 1, that all planned steps end by the bell: of each lane that of the sum of its jobs'
 * minutes, walks and forced idling, of the plan the product over the lanes. Rules: "Chance of finishing".
 */
export function chanceOfFitting(
	input: PlanInput,
	plan: Plan,
	habitOf: (job: string) => Habit = () => STARTER
): number {
	return input.people.reduce((chance, person) => {
		const lane = plan.entries.filter((entry) => entry.person === person.id);
		const last = lane.reduce((end, entry) => Math.max(end, entry.end), person.from);
		const minutesOf = new Map<string, number>();
		for (const { job, start, end } of lane) minutesOf.set(job, (minutesOf.get(job) ?? 0) + end - start);
		const worked = [...minutesOf.values()].reduce((sum, minutes) => sum + minutes, 0);
		const jobs = [...minutesOf].map(([job, minutes]) => {
			const { factor, spread, most } = habitOf(job);
			return { median: minutes * factor, sigma: spread, most };
		});
		const until = Math.min(input.bell, person.until) - person.from;
		return chance * chanceOfSum(until, jobs, last - person.from - worked);
	}, 1);
}

/** How much work a day holds. Rules: "What a day shows": what hangs stays within the minutes of the day. */
import type { Household } from './home';

/** Where nothing is said and nothing is known yet. */
const UNSAID = 60;
/** No habit makes a day shorter than this. */
const LEAST_HABIT = 30;

/** Minutes of a day: those that the household has set, else its habit of the last weeks, else an hour. */
export function minutesOfDay(household: Pick<Household, 'minutesADay'>, habit: number | null = null): number {
	if (household.minutesADay !== undefined) return household.minutesADay;
	return habit === null ? UNSAID : Math.max(LEAST_HABIT, habit);
}

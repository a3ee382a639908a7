/** Which of two plans is better for all who are in it. Rules: "Chance of finishing". */
import type { Plan, PlanInput } from './plan';

/** A plan that leaves fewer people without work is taken for this much less of the worth. */
const WORTH_FOR_COMPANY = 0.85;

/** How many of the people have nothing to do in a plan. */
const idleIn = (input: Pick<PlanInput, 'people'>, plan: Plan) =>
	input.people.filter((person) => !plan.entries.some((entry) => entry.person === person.id)).length;

/**
 * True where one plan has more worth than another, as much and an earlier end, or about as much with fewer people who have
 * nothing to do.
 */
export function isBetterForAll(input: Pick<PlanInput, 'people'>, one: Plan, other: Plan): boolean {
	const fewer = idleIn(input, other) - idleIn(input, one);
	if (fewer > 0) return one.worth >= other.worth * WORTH_FOR_COMPANY;
	if (fewer < 0) return other.worth < one.worth * WORTH_FOR_COMPANY;
	return one.worth > other.worth || (one.worth === other.worth && one.end < other.end);
}

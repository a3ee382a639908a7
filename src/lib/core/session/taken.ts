/** What other sessions and the laundry have in hand just now. Rules: "Running session". */
import type { SessionState } from './sessionState';
import { readLoad, type Load } from '../laundry/laundry';
import type { PlanInput } from '../planner/plan';

const MINUTE = 60_000;
/** What a wash of the laundry's own loads is in. */
const WASHER = 'washer';

/**
 * Which appliances are taken at the instant `at`, and for how many minutes yet, in halves: by a wash that runs, and by
 * waits of other sessions whose step stands in one. Hard rule 1.
 */
export function appliancesTaken(
	clocks: readonly SessionState[],
	loads: readonly Load[],
	at: number
): NonNullable<PlanInput['taken']> {
	const until = (instant: number) => Math.ceil(((instant - at) / MINUTE) * 2) / 2;
	const washing = loads.flatMap((load) => {
		const { stage, fetchAt } = readLoad(load, at);
		return stage === 'washing' && fetchAt !== null ? [{ appliance: WASHER, until: until(fetchAt) }] : [];
	});
	const waiting = clocks.flatMap((clock) =>
		clock.waits.flatMap((wait) => {
			const appliance = clock.steps[wait.step]?.appliance;
			return appliance ? [{ appliance, until: until(wait.fetchAt) }] : [];
		})
	);
	return [...washing, ...waiting].filter((one) => one.until > 0);
}

/** Lines that stand in these sessions and were not taken out of them: nobody else is offered them meanwhile. */
export function linesTaken(clocks: readonly SessionState[]): Set<string> {
	return new Set(
		clocks.flatMap((clock) =>
			clock.steps.filter((step) => !clock.dropped.has(step.line)).map((step) => step.line)
		)
	);
}

/** The planner's second breath, beside the page: posts each better plan as it is found, then says that it is over. */
import { chanceOfFitting, STARTER_SPREAD, type Habit } from '$core/planner/chance';
import { isBetterForAll } from '$core/planner/company';
import { checkPlan } from '$core/planner/checkPlan';
import type { Plan, PlanInput } from '$core/planner/plan';
import { betterPlans } from '$core/planner/makePlan';

export interface PlannerAsk {
	readonly id: number;
	readonly input: PlanInput;
	readonly bell: number;
	readonly habits: Readonly<Record<string, Habit>>;
	/** The plan that is shown already. */
	readonly first: Plan;
	/** Plans that are less likely to be done in time are not shown. */
	readonly least: number;
}

export interface PlannerAnswer {
	readonly id: number;
	readonly plan: Plan | null;
	readonly chance: number;
}

self.addEventListener('message', ({ data }: MessageEvent<PlannerAsk>) => {
	const { id, input, bell, habits, least } = data;
	let shown = data.first;
	const say = (plan: Plan | null) => {
		const chance =
			plan === null
				? 0
				: chanceOfFitting(
						{ ...input, bell },
						plan,
						(job) => habits[job] ?? { factor: 1, spread: STARTER_SPREAD }
					);
		if (plan !== null) {
			if (chance < least - 1e-9 || !isBetterForAll(input, plan, shown)) return;
			shown = plan;
		}
		self.postMessage({ id, plan, chance } satisfies PlannerAnswer);
	};
	// The checker knows the rules by itself: what it would not let start is not shown either.
	for (const plan of betterPlans(input))
		if (checkPlan(input, plan.entries).every((breach) => breach.rule === 'missing-job')) say(plan);
	say(null);
});

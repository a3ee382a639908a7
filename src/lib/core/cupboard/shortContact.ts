/** How long a step may be followed by nothing, where a product stays on what bears it only for a moment. Rules: "Hard rules of a plan". */
import { bearsShortly, refusedFamilies } from './surfaces';

interface StepWithProducts {
	readonly minutes: number;
	readonly products: readonly {
		readonly families: readonly string[];
		readonly surface?: string | undefined;
		readonly rinse?: boolean | undefined;
		readonly contactMinutes?: number | undefined;
	}[];
}

/**
 * For each step the longest gap, in minutes, from its end to the start of the next one, so that what stays on a surface
 * which bears it only shortly is rinsed off in its time, counted from the step that puts it there; undefined where
 * nothing hurries. What is worked between the two is taken off the first gap, and leaves no other gap.
 */
export function longestGaps(steps: readonly StepWithProducts[]): (number | undefined)[] {
	const gaps: (number | undefined)[] = steps.map(() => undefined);
	const atMost = (i: number, gap: number) => (gaps[i] = Math.min(gaps[i] ?? Infinity, gap));
	steps.forEach((step, i) => {
		for (const { surface, families, contactMinutes } of step.products) {
			if (surface === undefined || contactMinutes === undefined) continue;
			const refused = refusedFamilies(surface, families);
			if (refused.length === 0 || !refused.every((family) => bearsShortly(surface, family))) continue;
			const rinse = steps.findIndex(
				(later, k) => k > i && later.products.some((use) => use.rinse && use.surface === surface)
			);
			if (rinse < 0) continue;
			const worked = steps.slice(i, rinse).reduce((sum, one) => sum + one.minutes, 0);
			atMost(i, Math.max(0, contactMinutes - worked));
			for (let k = i + 1; k < rinse; k++) atMost(k, 0);
		}
	});
	return gaps;
}

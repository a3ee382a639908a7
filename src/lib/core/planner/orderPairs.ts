/** Named order pairs between jobs. Rules: "Hard rules of a plan". */
import type { Job } from '../household/home';
import { VACUUM } from '../household/tools';

/** What a job is for the order of things: by its places, and by what its steps are. */
type Part = Job['order'][number] | 'kitchen-surface';

/** A job may be several things, such as the dishes and the sink of an evening. */
function partsOf(job: Job, isKitchen: boolean): Set<Part> {
	const parts = new Set<Part>(job.order);
	const { steps } = job.depths.usual;
	if (steps.some((step) => step.appliance === VACUUM)) parts.add('vacuum');
	// The sink is no surface that it would have to wait for itself.
	if (isKitchen && !parts.has('sink') && steps.some((step) => step.class >= 2 && step.class <= 4))
		parts.add('kitchen-surface');
	return parts;
}

const ORDER: readonly (readonly [Part, Part])[] = [
	['above-hob', 'hob'],
	['dishes', 'sink'],
	['kitchen-surface', 'sink'],
	['powder', 'vacuum'],
	['vacuum', 'bins-out']
];

/** True where the order of classes in one room forbids the first job to go first: it would have to come later there. */
export function classesForbid(first: Job, then: Job): boolean {
	const stepsOf = (job: Job) =>
		job.depths.usual.steps
			.filter((step) => step.class > 0)
			.map((step) => ({ room: step.room ?? job.room, class: step.class }));
	return stepsOf(first).some((one) =>
		stepsOf(then).some((other) => one.room === other.room && one.class > other.class)
	);
}

/**
 * Pairs of line ids: appliances above the cooktop before the cooktop; dishes before the sink; the sink last among the
 * kitchen's surfaces; bins out after the last vacuuming; cloths into the wash at the very end. A job that is both
 * sides of a pair is in none; what the order of classes in a room forbids is no pair; no two jobs wait for each other.
 */
export function orderPairs(
	lines: readonly { readonly id: string; readonly job: Job; readonly isKitchen: boolean }[]
): [string, string][] {
	const known = lines.map((line) => ({ ...line, parts: partsOf(line.job, line.isKitchen) }));
	const pairs: [string, string][] = [];
	for (const first of known) {
		for (const then of known) {
			if (first.id === then.id) continue;
			const named = ORDER.some(
				([a, b]) => first.parts.has(a) && then.parts.has(b) && !first.parts.has(b) && !then.parts.has(a)
			);
			const atTheEnd = then.parts.has('cloths') && !first.parts.has('cloths');
			if ((named || atTheEnd) && !classesForbid(first.job, then.job)) pairs.push([first.id, then.id]);
		}
	}
	return pairs.filter(([a, b]) => !pairs.some(([c, d]) => c === b && d === a));
}

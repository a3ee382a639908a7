/** Named order pairs between jobs. Rules: "Hard rules of a plan". */
import type { Job } from '../household/home';

/** What a job is for the order of things, by the words of its name and what it needs. */
type Part =
	'above-cooktop' | 'cooktop' | 'dishes' | 'sink' | 'kitchen-surface' | 'bins' | 'vacuum' | 'cloths';

const WORDS: readonly (readonly [Part, RegExp])[] = [
	['above-cooktop', /\b(hood|extractor|upper cupboards?|cupboard tops?)\b/],
	['cooktop', /\b(hob|cooktop|stove top|rings?)\b/],
	['dishes', /\bdish(es)?\b/],
	['sink', /\bsinks?\b/],
	['bins', /\bbins?\b.*\b(gate|out|outside)\b|\b(gate|out|outside)\b.*\bbins?\b/],
	['cloths', /\bcloths?\b.*\bwash\b|\bwash\b.*\bcloths?\b/]
];

/** What a job counts as; a job may be several things, such as the dishes and the sink of an evening. */
function partsOf(job: Job, isKitchen: boolean): Set<Part> {
	const text = `${job.name} ${job.subject ?? ''}`.toLowerCase();
	const parts = new Set(WORDS.filter(([, words]) => words.test(text)).map(([part]) => part));
	const steps = job.depths.usual.steps;
	if (steps.some((step) => step.appliance?.includes('vacuum'))) parts.add('vacuum');
	if (isKitchen && steps.some((step) => step.class >= 2 && step.class <= 4)) parts.add('kitchen-surface');
	return parts;
}

const ORDER: readonly (readonly [Part, Part])[] = [
	['above-cooktop', 'cooktop'],
	['dishes', 'sink'],
	['kitchen-surface', 'sink'],
	['vacuum', 'bins']
];

/**
 * Pairs of line ids: appliances above the cooktop before the cooktop; dishes before the sink; the sink last among the
 * kitchen's surfaces; bins out after the last vacuuming; cloths into the wash at the very end. A job that is both
 * sides of a pair is in none, and no two jobs wait for each other.
 */
export function orderPairs(
	lines: readonly { readonly id: string; readonly job: Job; readonly isKitchen: boolean }[]
): [string, string][] {
	const known = lines.map((line) => ({ id: line.id, parts: partsOf(line.job, line.isKitchen) }));
	const pairs: [string, string][] = [];
	for (const first of known) {
		for (const then of known) {
			if (first.id === then.id) continue;
			const named = ORDER.some(
				([a, b]) => first.parts.has(a) && then.parts.has(b) && !first.parts.has(b) && !then.parts.has(a)
			);
			const atTheEnd = then.parts.has('cloths') && !first.parts.has('cloths');
			if (named || atTheEnd) pairs.push([first.id, then.id]);
		}
	}
	return pairs.filter(([a, b]) => !pairs.some(([c, d]) => c === b && d === a));
}

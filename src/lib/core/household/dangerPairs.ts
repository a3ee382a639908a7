/** Product families that must never meet, and whether a mix would pour such together. Rules: "What must not meet". */

/** The pairs of level danger. Two uses of caustic are one, too: they may not be the same stuff. */
export const DANGER_PAIRS: readonly (readonly [string, string])[] = [
	['bleach', 'acid'],
	['bleach', 'ammonia'],
	['bleach', 'alcohol'],
	['bleach', 'peroxide'],
	['peroxide', 'acid'],
	['caustic', 'acid'],
	['caustic', 'bleach'],
	['caustic', 'ammonia'],
	['caustic', 'caustic']
];

/** Two families among the parts of a mix that must never meet; null for none. Two parts of caustic are such a pair. */
export function mixDanger(
	parts: readonly { readonly families: readonly string[] }[]
): readonly [string, string] | null {
	for (const [a, b] of DANGER_PAIRS) {
		const holdA = parts.filter((part) => part.families.includes(a));
		const holdB = parts.filter((part) => part.families.includes(b));
		if (a === b ? holdA.length > 1 : holdA.length > 0 && holdB.length > 0) return [a, b];
	}
	return null;
}

/** Which products must never meet on one surface or in one basin. Rules: "What must not meet". */
import { DANGER_PAIRS } from '../household/dangerPairs';
import { productFamily } from '../household/fields';

/** Product families, in the order of the table. Rules: "Product families". */
export const FAMILIES = productFamily.options;

/** A set of families as bits; words that are no family count for nothing. */
export function familyBits(families: readonly string[]): number {
	let bits = 0;
	FAMILIES.forEach((family, i) => {
		if (families.includes(family)) bits |= 1 << i;
	});
	return bits;
}

/** The families that must not meet any of `bits`, as bits. */
export function dangerBits(bits: number): number {
	let against = 0;
	for (const [a, b] of DANGER_PAIRS) {
		const [one, other] = [familyBits([a]), familyBits([b])];
		if (bits & one) against |= other;
		if (bits & other) against |= one;
	}
	return against;
}

/** True where two uses, one after the other on one surface without a rinse between, are a danger to people. */
export function mustNotMeet(first: readonly string[], second: readonly string[]): boolean {
	return (dangerBits(familyBits(first)) & familyBits(second)) !== 0;
}

/** True where one product holds a danger pair in itself. */
export function isDangerAlone(families: readonly string[]): boolean {
	return DANGER_PAIRS.some(([a, b]) => a !== b && families.includes(a) && families.includes(b));
}

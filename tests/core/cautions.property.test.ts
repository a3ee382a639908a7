/** Uses of products, by chance: what is said of them holds whoever tells it, and in whatever surroundings. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { judgeUses, worstLevel, type Use } from '../../src/lib/core/cupboard/cautions';
import { FAMILIES } from '../../src/lib/core/cupboard/meet';

const family = fc.constantFrom(...FAMILIES);
const use = fc.record({
	person: fc.constantFrom('ann', 'kim'),
	surface: fc.constantFrom('stone', 'steel', 'laminate', 'tile', 'enamel'),
	surfaceOf: fc.constantFrom('a', 'b'),
	families: fc.uniqueArray(family, { minLength: 1, maxLength: 3 }),
	rinse: fc.constant(false),
	floor: fc.boolean(),
	contactMinutes: fc.option(fc.integer({ min: 1, max: 60 }), { nil: undefined })
});
const uses = fc
	.array(use, { maxLength: 8 })
	.map((list) => list.map((one, i): Use => ({ ...one, step: `s${i}` })));
const people = [
	{ id: 'ann', age: 41, excludes: [] },
	{ id: 'kim', age: 9, excludes: ['bleach'] }
];
const pairs = (list: readonly Use[]) => {
	const { dangers, cautions, notes } = judgeUses(list, people);
	return [dangers, cautions, notes].map((one) => one.map((pair) => [...pair].sort().join()).sort());
};

describe('what uses of products have against each other', () => {
	it('is the same in either order', () => {
		fc.assert(
			fc.property(uses, (list) => {
				expect(pairs([...list].reverse())).toEqual(pairs(list));
			}),
			{ numRuns: 100 }
		);
		const uneven = FAMILIES.flatMap((a) =>
			FAMILIES.filter((b) => worstLevel([a], [b], true) !== worstLevel([b], [a], true)).map((b) => [a, b])
		);
		expect(uneven).toEqual([]);
	});
	it('is nothing but what stands in a use itself, where each is rinsed off', () => {
		fc.assert(
			fc.property(uses, (list) => {
				const rinsed = list.flatMap((one, i): Use[] => [
					one,
					{ ...one, step: `r${i}`, families: ['water'], rinse: true, surface: undefined }
				]);
				const { dangers, cautions, notes } = judgeUses(rinsed, people);
				expect([...dangers, ...cautions, ...notes].every(([a, b]) => a === b)).toBe(true);
			}),
			{ numRuns: 200 }
		);
	});
	it('never grows less by another use, nor is a surface borne that refuses at length', () => {
		fc.assert(
			fc.property(uses, use, (list, more) => {
				const before = judgeUses(list, people);
				const after = judgeUses([...list, { ...more, step: 'more' }], people);
				for (const pair of before.dangers) expect(after.dangers).toContainEqual(pair);
				for (const step of after.short)
					expect(list.find((one) => one.step === step)?.contactMinutes ?? 99).toBeLessThanOrEqual(10);
				const both = after.refused.filter((one) => one.why === 'surface').map((one) => one.step);
				expect(after.short.some((step) => both.includes(step))).toBe(false);
			}),
			{ numRuns: 200 }
		);
	});
});

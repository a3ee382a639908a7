/** The cupboard, by chance: what is asked is answered by the judge, and what helps is right. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { isRight, mayUse, type Question } from '../../src/lib/core/cupboard/ask';
import { careOf, isGrave } from '../../src/lib/core/cupboard/care';
import { judgeUses, type Use } from '../../src/lib/core/cupboard/cautions';
import { dilute, inMeasures } from '../../src/lib/core/cupboard/dilution';
import { FAMILIES, mustNotMeet } from '../../src/lib/core/cupboard/meet';
import { mixDanger } from '../../src/lib/core/household/dangerPairs';
import { RECIPES, scaleRecipe } from '../../src/lib/core/cupboard/mixes';
import { contentsOf, DESCRIPTIONS, type Description } from '../../src/lib/core/cupboard/products';
import { refusesRinse } from '../../src/lib/core/cupboard/surfaces';
import { SURFACES } from '../../src/lib/core/household/home';

const names = Object.keys(DESCRIPTIONS) as Description[];
const contents = fc.uniqueArray(fc.constantFrom(...names), { minLength: 1, maxLength: 2 }).map(contentsOf);
const surface = fc.option(fc.constantFrom(...SURFACES), { nil: undefined });
const person = fc.option(
	fc.record({
		id: fc.constant('kim'),
		age: fc.option(fc.integer({ min: 3, max: 70 })),
		excludes: fc.uniqueArray(fc.constantFrom(...FAMILIES.filter((one) => one !== 'water')), { maxLength: 3 })
	})
);
const question: fc.Arbitrary<Question> = fc.record({
	product: contents,
	surface,
	after: fc.option(contents),
	person,
	pets: fc.uniqueArray(fc.constantFrom('cat', 'bird', 'dog', 'small', 'fish'), { maxLength: 2 }),
	floor: fc.boolean(),
	wet: fc.boolean()
});

describe('what the cupboard answers', () => {
	it('is a yes only where the judge has nothing against it', () => {
		fc.assert(
			fc.property(question, (asked) => {
				const { verdict, helps } = mayUse(asked);
				expect(verdict === 'yes').toBe(isRight(asked));
				expect(helps.length === 0).toBe(verdict === 'yes');
			}),
			{ numRuns: 500 }
		);
	});
	it('names to every no what would help, and what helps is not refused', () => {
		fc.assert(
			fc.property(question, (asked) => {
				const { helps } = mayUse(asked);
				const damp = helps.some((help) => help.code === 'damp');
				const dry = damp ? { ...asked, wet: false } : asked;
				if (damp && helps.length === 1) expect(isRight(dry)).toBe(true);
				const rinse = helps.some((help) => help.code === 'rinse-between');
				const briefly = helps.some((help) => help.code === 'briefly');
				const who = helps.some((help) => help.code === 'somebody-else');
				if (rinse || briefly || who)
					expect(isRight(who ? { ...dry, person: null } : dry, { rinse, briefly })).toBe(true);
				for (const help of helps)
					if (help.code === 'instead') expect(isRight(dry, { instead: help.family })).toBe(true);
			}),
			{ numRuns: 500 }
		);
	});
	it('never sends anybody to rinse what a rinse harms', () => {
		fc.assert(
			fc.property(question, (asked) => {
				const { helps } = mayUse(asked);
				if (asked.surface && refusesRinse(asked.surface))
					expect(helps.every((help) => help.code !== 'rinse-between' && help.code !== 'briefly')).toBe(true);
			})
		);
	});
	it('gives a product that nobody is sure of no more room than any that it may be', () => {
		fc.assert(
			fc.property(surface, person, fc.constantFrom(...names), (on, who, name) => {
				const vague = DESCRIPTIONS[name];
				const asked = { product: contentsOf([name]), surface: on, person: who };
				if (isRight(asked))
					for (const family of [...vague.families, ...vague.perhaps])
						expect(isRight({ ...asked, product: { families: [family], perhaps: [] } })).toBe(true);
			}),
			{ numRuns: 300 }
		);
	});
});

describe('a rinse between', () => {
	const use = fc.record({
		surfaceOf: fc.constantFrom('a', 'b'),
		families: fc.uniqueArray(fc.constantFrom(...FAMILIES), { minLength: 1, maxLength: 2 })
	});
	it('never makes anything less safe on a surface that takes one', () => {
		fc.assert(
			fc.property(fc.array(use, { minLength: 1, maxLength: 7 }), fc.nat(7), (list, at) => {
				const uses = list.map((one, i): Use => ({ ...one, step: `s${i}`, person: 'ann' }));
				const where = Math.min(at, uses.length - 1);
				const rinse: Use = {
					step: 'rinse',
					person: 'ann',
					surfaceOf: uses[where]?.surfaceOf ?? 'a',
					families: ['water'],
					rinse: true
				};
				const before = judgeUses(uses, []);
				const after = judgeUses([...uses.slice(0, where + 1), rinse, ...uses.slice(where + 1)], []);
				for (const pair of after.dangers) expect(before.dangers).toContainEqual(pair);
				for (const pair of after.cautions) expect(before.cautions).toContainEqual(pair);
				expect(after.refused).toEqual(before.refused);
			}),
			{ numRuns: 300 }
		);
	});
});

describe('care', () => {
	it('names every family that must never meet what is in hand, first of all', () => {
		fc.assert(
			fc.property(contents, surface, (held, on) => {
				const cares = careOf({ ...held, surface: on });
				const never = cares.flatMap((care) => (care.code === 'never-with' ? care.families : []));
				const alone = cares.some((care) => care.code === 'alone');
				for (const family of FAMILIES)
					if (!alone)
						expect(never.includes(family)).toBe(mustNotMeet([...held.families, ...held.perhaps], [family]));
				const firstLight = cares.findIndex((care) => !isGrave(care));
				if (firstLight >= 0)
					expect(
						cares.slice(firstLight).filter((care) => isGrave(care) && care.code !== 'never-with')
					).toEqual([]);
			}),
			{ numRuns: 300 }
		);
	});
});

describe('mixing', () => {
	it('keeps C1·V1 = C2·V2, and tells how far the kitchen measures are off', () => {
		fc.assert(
			fc.property(
				fc.double({ min: 0.5, max: 100, noNaN: true }),
				fc.integer({ min: 50, max: 5000 }),
				fc.integer({ min: 100, max: 10000 }),
				(percent, ppm, ml) => {
					const made = dilute(percent, ppm, ml);
					if (ppm > percent * 10000) return expect(made).toEqual({ ok: false, why: 'too-strong' });
					if (!made.ok) throw new Error(made.why);
					expect(made.productMl * percent * 10000).toBeCloseTo(ppm * ml, 3);
					expect(made.productMl + made.waterMl).toBeCloseTo(ml, 6);
					const held = made.measures.counts.reduce(
						(sum, one) => sum + one.count * { cup: 240, tablespoon: 15, teaspoon: 5 }[one.name],
						0
					);
					expect(held).toBeCloseTo(made.measures.ml, 6);
					expect(made.productMl * (1 + made.measures.errorPercent / 100)).toBeCloseTo(held, 6);
					// Never off by more than the half of the smallest spoon, but for less than that spoon.
					if (made.productMl >= 1.25)
						expect(Math.abs(held - made.productMl)).toBeLessThanOrEqual(0.625 + 1e-9);
				}
			),
			{ numRuns: 300 }
		);
	});
	it('scales the usual mixes to any bottle, and none of them is a danger', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...RECIPES),
				fc.double({ min: 50, max: 20000, noNaN: true }),
				(recipe, ml) => {
					const { parts, waterMl } = scaleRecipe(recipe, ml);
					expect(parts.reduce((sum, one) => sum + one.ml, waterMl)).toBeCloseTo(ml, 6);
					expect(mixDanger(parts)).toBeNull();
				}
			)
		);
	});
	it('finds the danger in whatever order things are poured', () => {
		const part = fc.record({
			families: fc.uniqueArray(fc.constantFrom(...FAMILIES), { minLength: 1, maxLength: 2 })
		});
		fc.assert(
			fc.property(fc.array(part, { minLength: 1, maxLength: 5 }), (parts) => {
				const danger = mixDanger(parts) !== null;
				expect(mixDanger([...parts].reverse()) !== null).toBe(danger);
				const inOne = parts.some((a, i) =>
					parts.some((b, k) =>
						i === k
							? a.families.some((x) => a.families.some((y) => x !== y && mustNotMeet([x], [y])))
							: mustNotMeet(a.families, b.families)
					)
				);
				expect(danger).toBe(inOne);
			}),
			{ numRuns: 300 }
		);
	});
	it('measures less than a quarter of a teaspoon as one, and says so', () => {
		const tiny = inMeasures(0.4);
		expect(tiny.counts).toEqual([{ name: 'teaspoon', count: 0.25 }]);
		expect(tiny.errorPercent).toBeCloseTo(212.5, 3);
	});
});

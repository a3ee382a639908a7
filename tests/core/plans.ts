/** Random planning problems for the property tests, and small ones to build cases from. */
import fc from 'fast-check';
import type { PlanInput, PlanJob, PlanStep } from '../../src/lib/core/planner/plan';

export const halves = (min: number, max: number) =>
	fc.integer({ min: min * 2, max: max * 2 }).map((n) => n / 2);

const use = fc.record({
	surface: fc.constantFrom('a/bowl', 'a/bowl', 'b/tiles'),
	families: fc.constantFrom(['bleach'], ['acid'], ['surfactant'], ['water'], ['caustic']),
	rinse: fc.constant(false)
});

const step: fc.Arbitrary<PlanStep> = fc
	.record({
		room: fc.constantFrom('a', 'b', 'c'),
		class: fc.integer({ min: 0, max: 8 }),
		minutes: halves(0.5, 8),
		appliance: fc.constantFrom(undefined, undefined, undefined, 'vacuum', 'basin'),
		waitMin: fc.option(halves(0, 12), { nil: undefined }),
		longer: fc.option(halves(0, 10), { nil: undefined }),
		uses: fc.oneof(
			{ weight: 4, arbitrary: fc.constant(undefined) },
			{ weight: 1, arbitrary: fc.array(use, { maxLength: 2 }) }
		)
	})
	.map(({ longer, ...one }) => ({
		...one,
		waitMax: longer === undefined ? undefined : (one.waitMin ?? 0) + longer,
		// A water step with a rinse parts what came before from what comes after.
		uses: one.uses?.map((u) => (u.families[0] === 'water' ? { ...u, rinse: true } : u))
	}));

const job = (id: string): fc.Arbitrary<PlanJob> =>
	fc.record({
		id: fc.constant(id),
		worth: fc.integer({ min: 0, max: 30 }).map((n) => n / 3),
		optional: fc.constant(true),
		steps: fc.array(step, { minLength: 1, maxLength: 4 }),
		release: fc.constantFrom(undefined, undefined, undefined, 4),
		deadline: fc.constantFrom(undefined, undefined, undefined, 12)
	});

const person = (id: string) =>
	fc.record({
		id: fc.constant(id),
		from: fc.constantFrom(0, 0, 3),
		until: fc.constantFrom(999, 999, 20),
		barred: fc.subarray(['j0', 'j1', 'j2'], { maxLength: 1 }),
		room: fc.constantFrom(undefined, undefined, 'c'),
		breaks: fc.constantFrom(undefined, undefined, [{ from: 8, until: 11 }])
	});

/** Any problem of up to `jobs` jobs for one to three people, with all that the hard rules know. */
export const planInput = (jobs: number, minBell = 2): fc.Arbitrary<PlanInput> =>
	fc.record({
		bell: halves(minBell, 45),
		people: fc
			.integer({ min: 1, max: 3 })
			.chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => person(`p${i}`)))),
		rooms: fc.constant([
			{ id: 'a', storey: 0 },
			{ id: 'b', storey: 0 },
			{ id: 'c', storey: 2 }
		]),
		move: fc.constant({ sameStorey: 0.5, perStorey: 1 }),
		appliances: fc.constant(['vacuum', 'basin']),
		pairs: fc.constantFrom<[string, string][]>(
			[],
			[['j0', 'j1']],
			[
				['j2', 'j0'],
				['j1', 'j2']
			]
		),
		jobs: fc
			.integer({ min: 0, max: jobs })
			.chain((n) => fc.tuple(...Array.from({ length: n }, (_, i) => job(`j${i}`)))),
		floors: fc.constantFrom('with-room' as const, 'with-room' as const, 'at-end' as const),
		taken: fc.constantFrom(undefined, undefined, [{ appliance: 'vacuum', until: 6 }])
	});

/** A small problem by hand: one person, one storey. */
export function problem(bell: number, jobs: readonly PlanJob[], more: Partial<PlanInput> = {}): PlanInput {
	return {
		bell,
		people: [{ id: 'p', from: 0, until: bell, barred: [] }],
		rooms: [
			{ id: 'a', storey: 0 },
			{ id: 'b', storey: 0 }
		],
		move: { sameStorey: 0.5, perStorey: 1 },
		appliances: [],
		pairs: [],
		jobs,
		...more
	};
}

export function oneStep(id: string, minutes: number, worth = 1, more: Partial<PlanStep> = {}): PlanJob {
	return { id, worth, optional: true, steps: [{ room: 'a', class: 0, minutes, ...more }] };
}

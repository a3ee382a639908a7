/** The planner on problems by hand: what cannot be, what must be, and a class problem of the literature. */
import { describe, expect, it } from 'vitest';
import {
	mustNotMeet,
	isDangerAlone,
	dangerBits,
	familyBits,
	FAMILIES
} from '../../src/lib/core/cupboard/meet';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { firstPlan, makePlan } from '../../src/lib/core/planner/makePlan';
import { oneStep, problem } from './plans';

const planned = (input: Parameters<typeof makePlan>[0]) => {
	const plan = makePlan(input);
	expect(checkPlan(input, plan.entries).filter((breach) => breach.rule !== 'missing-job')).toEqual([]);
	return plan;
};

describe('what cannot be planned', () => {
	it('a job longer than the bell is left, the others stand', () => {
		const plan = planned(problem(10, [oneStep('long', 11, 9), oneStep('short', 4)]));
		expect(plan.left).toEqual(['long']);
		expect(plan.worth).toBe(1);
	});
	it('a wait that is longer than the bell leaves its job, unless nothing attended follows', () => {
		const soak = {
			id: 'soak',
			worth: 5,
			optional: true,
			steps: [
				{ room: 'a', class: 0, minutes: 1, waitMin: 30 },
				{ room: 'a', class: 5, minutes: 2 }
			]
		};
		const machine = oneStep('machine', 2, 5, { waitMin: 60 });
		const plan = planned(problem(20, [soak, machine]));
		expect(plan.left).toEqual(['soak']);
		expect(plan.end).toBe(2);
	});
	it('a job is not left for half a minute that a hop to another room would gain', () => {
		const soak = {
			id: 'soak',
			worth: 5,
			optional: true,
			steps: [
				{ room: 'a', class: 0, minutes: 1, waitMin: 0.5 },
				{ room: 'a', class: 5, minutes: 1 }
			]
		};
		const plain = problem(20, [soak, oneStep('hall', 1, 5, { room: 'b' })], {
			move: { sameStorey: 0, perStorey: 0 }
		});
		const rooms = (hopCost: number) => planned({ ...plain, hopCost }).entries.map((one) => one.job);
		expect(rooms(0)).toEqual(['soak', 'hall', 'soak']);
		expect(rooms(0.5).join()).toMatch(/soak,soak/);
	});
	it('pairs in a circle: one of them stays out', () => {
		const plan = planned(
			problem(20, [oneStep('one', 2, 3), oneStep('two', 2, 1)], {
				pairs: [
					['one', 'two'],
					['two', 'one']
				]
			})
		);
		expect(plan.left).toEqual(['two']);
	});
	it('what nobody may do is left', () => {
		const plan = planned(
			problem(20, [oneStep('one', 2), oneStep('two', 2)], {
				people: [{ id: 'p', from: 0, until: 20, barred: ['one'] }]
			})
		);
		expect(plan.left).toEqual(['one']);
	});
	it('nobody at all, nothing at all: an empty plan', () => {
		expect(planned(problem(20, [oneStep('one', 2)], { people: [] })).entries).toEqual([]);
		expect(planned(problem(20, []))).toEqual({ entries: [], worth: 0, end: 0, left: [], exact: true });
	});
	it('what must be done and cannot is left, and the checker names it', () => {
		const input = problem(5, [{ ...oneStep('must', 9), optional: false }, oneStep('other', 2)]);
		const plan = makePlan(input);
		expect(plan.left).toEqual(['must']);
		expect(checkPlan(input, plan.entries)).toEqual([{ rule: 'missing-job', jobs: ['must'] }]);
	});
	it('a job against the order of classes in its own room is left', () => {
		const wrong = {
			id: 'wrong',
			worth: 9,
			optional: true,
			steps: [
				{ room: 'a', class: 7, minutes: 1 },
				{ room: 'a', class: 2, minutes: 1 }
			]
		};
		expect(planned(problem(20, [wrong, oneStep('right', 1)])).left).toEqual(['wrong']);
	});
});

describe('what binds a plan', () => {
	it('an appliance that somebody outside has is waited for', () => {
		const plan = planned(
			problem(20, [oneStep('vacuum', 3, 1, { appliance: 'vacuum' })], {
				taken: [{ appliance: 'vacuum', until: 7.5 }]
			})
		);
		expect(plan.entries[0]?.start).toBe(7.5);
	});
	it('an appliance that is out until after the bell leaves its job', () => {
		expect(
			planned(
				problem(20, [oneStep('vacuum', 3, 1, { appliance: 'vacuum' })], {
					taken: [{ appliance: 'vacuum', until: 60 }]
				})
			).left
		).toEqual(['vacuum']);
	});
	it('a soak that runs already is fetched in its time, by the one who set it', () => {
		const running = {
			...oneStep('soak', 2, 1, { room: 'b', class: 5 }),
			optional: false,
			release: 6,
			deadline: 9,
			by: 'p'
		};
		const plan = planned(problem(20, [running, oneStep('long', 8, 1)]));
		const fetch = plan.entries.find((entry) => entry.job === 'soak');
		expect(fetch?.start).toBeGreaterThanOrEqual(6);
		expect(fetch?.start).toBeLessThanOrEqual(9);
		expect(plan.left).toEqual([]);
	});
	it('a break holds no step, and a step that would reach into it waits', () => {
		const input = problem(40, [oneStep('one', 8), oneStep('two', 8), oneStep('three', 8)], {
			people: [{ id: 'p', from: 0, until: 40, barred: [], breaks: [{ from: 10, until: 20 }] }]
		});
		const plan = planned(input);
		expect(plan.left).toEqual([]);
		expect(plan.entries.map((entry) => entry.start)).toEqual([0, 20, 28]);
	});
	it('floors at the end wait for all rooms', () => {
		const jobs = [oneStep('mop a', 3, 5, { class: 7 }), oneStep('dust b', 3, 1, { room: 'b', class: 2 })];
		const end = planned(problem(20, jobs, { floors: 'at-end' }));
		expect(end.entries.map((entry) => entry.job)).toEqual(['dust b', 'mop a']);
	});
	it('top down: the upper storey is over before a lower one begins, what only sets going is free', () => {
		const jobs = [
			oneStep('cellar', 3, 5, { room: 'b', class: 2 }),
			oneStep('loft', 3, 1, { room: 'a', class: 2 }),
			oneStep('machine', 1, 1, { room: 'b', waitMin: 5 })
		];
		const rooms = [
			{ id: 'a', storey: 2 },
			{ id: 'b', storey: 0 }
		];
		const plan = planned(problem(40, jobs, { rooms, topDown: true }));
		const at = (job: string) => plan.entries.find((entry) => entry.job === job)?.start ?? NaN;
		expect(plan.left).toEqual([]);
		expect(at('loft')).toBeLessThan(at('cellar'));
	});
	it('two soaks work while the person does something else', () => {
		const soak = (id: string, room: string) => ({
			id,
			worth: 4,
			optional: true,
			steps: [
				{ room, class: 0, minutes: 1, waitMin: 6, waitMax: 15 },
				{ room, class: 5, minutes: 3 }
			]
		});
		const plan = planned(
			problem(15, [soak('one', 'a'), soak('two', 'b'), oneStep('wipe', 4, 2, { class: 3 })])
		);
		expect(plan.left).toEqual([]);
		expect(plan.exact).toBe(true);
	});
});

describe('products that must not meet', () => {
	const uses = (families: string[], rinse = false) => ({ uses: [{ surface: 'a/bowl', families, rinse }] });
	const bleach = oneStep('bleach', 2, 5, { class: 5, ...uses(['bleach']) });
	const acid = oneStep('acid', 2, 3, { class: 5, ...uses(['acid']) });
	it('stand in one plan only with a rinse between', () => {
		expect(planned(problem(20, [bleach, acid])).left).toEqual(['acid']);
		const rinse = oneStep('rinse', 1, 1, { class: 5, ...uses(['water'], true) });
		const plan = planned(problem(20, [bleach, acid, rinse]));
		expect(plan.left).toEqual([]);
		expect(plan.entries[1]?.job).toBe('rinse');
	});
	it('on two surfaces do not meet', () => {
		const other = oneStep('acid', 2, 3, {
			class: 5,
			uses: [{ surface: 'b/bowl', families: ['acid'], rinse: false }]
		});
		expect(planned(problem(20, [bleach, other])).left).toEqual([]);
	});
	it('a product that holds a danger in itself is never planned', () => {
		expect(planned(problem(20, [oneStep('bad', 1, 9, uses(['bleach', 'acid']))])).left).toEqual(['bad']);
	});
	it('the pair table is that of the rules, in either order', () => {
		const pairs = FAMILIES.flatMap((a, i) =>
			FAMILIES.slice(i)
				.filter((b) => mustNotMeet([a], [b]))
				.map((b) => `${a}+${b}`)
		);
		expect(pairs).toEqual([
			'bleach+acid',
			'bleach+ammonia',
			'bleach+alcohol',
			'bleach+peroxide',
			'bleach+caustic',
			'acid+peroxide',
			'acid+caustic',
			'ammonia+caustic',
			'caustic+caustic'
		]);
		for (const a of FAMILIES)
			for (const b of FAMILIES) expect(mustNotMeet([a], [b])).toBe(mustNotMeet([b], [a]));
		expect(isDangerAlone(['caustic'])).toBe(false);
		expect(isDangerAlone(['surfactant', 'bleach', 'ammonia'])).toBe(true);
		expect(dangerBits(familyBits(['water', 'no such thing']))).toBe(0);
	});
});

describe('the class problem of six jobs on six machines', () => {
	/** Machine and minutes of each operation, as the scheduling literature gives it; the optimum is 55. */
	const OPERATIONS = [
		[2, 1, 0, 3, 1, 6, 3, 7, 5, 3, 4, 6],
		[1, 8, 2, 5, 4, 10, 5, 10, 0, 10, 3, 4],
		[2, 5, 3, 4, 5, 8, 0, 9, 1, 1, 4, 7],
		[1, 5, 0, 5, 2, 5, 3, 3, 4, 8, 5, 9],
		[2, 9, 1, 3, 4, 5, 5, 4, 0, 3, 3, 1],
		[1, 3, 3, 3, 5, 9, 0, 10, 4, 4, 2, 1]
	];
	it('ends within a twentieth of the optimum', () => {
		const input = problem(
			200,
			OPERATIONS.map((row, j) => ({
				id: `job ${j}`,
				worth: 1,
				optional: false,
				by: `hand ${j}`,
				steps: Array.from({ length: 6 }, (_, k) => ({
					room: 'a',
					class: 0,
					minutes: row[2 * k + 1] as number,
					appliance: `machine ${row[2 * k]}`
				}))
			})),
			{ people: OPERATIONS.map((_, j) => ({ id: `hand ${j}`, from: 0, until: 200, barred: [] })) }
		);
		const plan = planned(input);
		expect(plan.end).toBeGreaterThanOrEqual(55);
		expect(plan.end).toBeLessThanOrEqual(57.75);
		expect(firstPlan(input).end).toBeGreaterThanOrEqual(plan.end);
	});
});

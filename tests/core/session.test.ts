import { describe, expect, it } from 'vitest';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { outcomesOf, readSession } from '../../src/lib/core/session/sessionState';
import { pailCandidates } from '../../src/lib/core/session/fill';
import type { PlanInput } from '../../src/lib/core/planner/plan';
import { makePlan } from '../../src/lib/core/planner/makePlan';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import type { Member } from '../../src/lib/core/household/home';
import { day, done } from './entries';
import { event, fillOne, MINUTE, session, step } from './sessions';
import { prepared } from './home';

describe('a filled plan', () => {
	it('takes what is worth most for its minutes, and lets a soak work meanwhile', () => {
		const input: PlanInput = {
			bell: 12,
			people: [{ id: 'p', from: 0, until: 12, barred: [] }],
			rooms: [{ id: 'a', storey: 0 }],
			move: { sameStorey: 0.5, perStorey: 1 },
			appliances: [],
			pairs: [],
			jobs: [
				{
					id: 'toilet',
					worth: 5,
					optional: true,
					steps: [
						{ room: 'a', class: 0, minutes: 1, waitMin: 5, waitMax: 15 },
						{ room: 'a', class: 5, minutes: 4 }
					]
				},
				{ id: 'mirror', worth: 3, optional: true, steps: [{ room: 'a', class: 4, minutes: 5 }] },
				{ id: 'shelf', worth: 1, optional: true, steps: [{ room: 'a', class: 2, minutes: 9 }] }
			]
		};
		const plan = makePlan(input);
		expect(plan.left).toEqual(['shelf']);
		expect(plan.end).toBe(10);
		expect(plan.entries.map((e) => [e.job, e.start])).toEqual([
			['toilet', 0],
			['mirror', 1],
			['toilet', 6]
		]);
	});
});

describe('the checker', () => {
	const input: PlanInput = {
		bell: 20,
		people: [{ id: 'p', from: 0, until: 20, barred: ['barred'] }],
		rooms: [
			{ id: 'a', storey: 0 },
			{ id: 'b', storey: 1 }
		],
		move: { sameStorey: 0.5, perStorey: 1 },
		appliances: ['vacuum'],
		pairs: [['one', 'two']],
		jobs: [
			{
				id: 'one',
				worth: 1,
				optional: true,
				steps: [
					{ room: 'a', class: 2, minutes: 2, waitMin: 3, waitMax: 5 },
					{ room: 'a', class: 3, minutes: 2 }
				]
			},
			{
				id: 'two',
				worth: 1,
				optional: true,
				steps: [{ room: 'a', class: 6, minutes: 2, appliance: 'vacuum' }]
			},
			{
				id: 'up',
				worth: 1,
				optional: true,
				steps: [{ room: 'b', class: 6, minutes: 2, appliance: 'vacuum' }]
			},
			{ id: 'barred', worth: 1, optional: true, steps: [{ room: 'a', class: 0, minutes: 1 }] },
			{ id: 'must', worth: 1, optional: false, steps: [{ room: 'a', class: 0, minutes: 1 }] }
		]
	};
	const at = (job: string, step: number, start: number, minutes: number) => ({
		job,
		step,
		person: 'p',
		start,
		end: start + minutes
	});
	const must = at('must', 0, 0, 1);
	const rules = (...entries: ReturnType<typeof at>[]) => [
		...new Set(checkPlan(input, entries).map((b) => b.rule))
	];

	it('passes a plan that keeps the rules', () => {
		expect(
			rules(must, at('one', 0, 1, 2), at('one', 1, 6, 2), at('two', 0, 8, 2), at('up', 0, 11.5, 2))
		).toEqual([]);
	});

	it.each([
		['missing-job', () => rules(at('two', 0, 0, 2))],
		['incomplete', () => rules(must, at('one', 0, 1, 2))],
		['wait', () => rules(must, at('one', 0, 1, 2), at('one', 1, 4, 2))],
		['wait', () => rules(must, at('one', 0, 1, 2), at('one', 1, 9, 2))],
		['overlap', () => rules(must, at('two', 0, 0.5, 2))],
		['move', () => rules(must, at('up', 0, 2, 2))],
		['bell', () => rules(must, at('two', 0, 19, 2))],
		['barred', () => rules(must, at('barred', 0, 1, 1))],
		['class', () => rules(must, at('two', 0, 1, 2), at('one', 0, 3, 2), at('one', 1, 8, 2))],
		['pair', () => rules(must, at('two', 0, 1, 2), at('one', 0, 3, 2), at('one', 1, 8, 2))],
		['length', () => rules(must, at('two', 0, 1, 3))],
		['unknown', () => rules(must, at('ghost', 0, 1, 1))]
	])('names the broken rule: %s', (rule, found) => expect(found()).toContain(rule));
});

describe('a pail', () => {
	const home = prepared();
	const ledger = [done('toilet', '2027-02-24'), done('bench', '2027-02-24'), done('skirting', '2027-02-25')];
	const today = readDay(home, projectHome(home, ledger), day('2027-03-03'));
	const member = (id: string) => home.home.members.find((m) => m.id === id) as Member;

	it('holds what fits, each job whole, and names what does not', () => {
		const lines = pailCandidates(today.lines, member('ada'), today.date);
		const pail = fillOne(home, lines, member('ada'), 15, today.date);
		expect(pail.minutes).toBeLessThanOrEqual(15);
		for (const line of pail.lines) {
			const steps = pail.plan.steps.filter((s) => s.line === line);
			expect(steps.filter((s) => s.last)).toHaveLength(1);
		}
		expect([...pail.lines, ...pail.left].sort()).toEqual(lines.map((l) => l.line.id).sort());
	});

	it('gives a child nothing that its age rules out', () => {
		const ids = pailCandidates(today.lines, member('cy'), today.date).map((l) => l.line.id);
		expect(ids).not.toContain('toilet');
		expect(ids).toContain('bench');
	});

	it('makes a start on the most needed job where nothing fits whole', () => {
		const lines = pailCandidates(today.lines, member('ada'), today.date).filter(
			(l) => l.line.id === 'toilet'
		);
		const pail = fillOne(home, lines, member('ada'), 2, today.date);
		expect(pail.cut).toBe(true);
		expect(pail.lines).toEqual(['toilet']);
		expect(fillOne(home, [], member('ada'), 2, today.date)).toMatchObject({ lines: [], cut: false });
	});
});

const plan = session(
	[
		step('x', 0, 1, { wait: { label: 'Soak', min: 10, max: 20 }, last: false }),
		step('y', 0, 4, { start: 1 }),
		step('x', 1, 3, { start: 11 })
	],
	15
);

describe('the clock of a session', () => {
	it('is computed from instants: reading it often or seldom gives the same', () => {
		const events = [event('started', 0), event('stepDone', 1.5, 0), event('paused', 3), event('resumed', 63)];
		const clock = readSession(plan, events, 64 * MINUTE);
		expect(clock.worked).toBe(4 * MINUTE);
		expect(clock.left).toBe(11 * MINUTE);
		expect(clock.bellAt).toBe(75 * MINUTE);
		expect(clock.current).toBe(1);
		expect(clock.workedOnStep).toEqual([1.5 * MINUTE, 2.5 * MINUTE, 0]);
	});

	it('lets pauses cost nothing, adds five minutes when asked, and counts on over your time', () => {
		const paused = readSession(plan, [event('started', 0), event('paused', 5)], 500 * MINUTE);
		expect(paused).toMatchObject({ phase: 'paused', left: 10 * MINUTE, bellAt: null });
		const more = readSession(plan, [event('started', 0), event('fiveMore', 15)], 16 * MINUTE);
		expect(more).toMatchObject({ left: 4 * MINUTE, bellMinutes: 20 });
		expect(readSession(plan, [event('started', 0)], 17 * MINUTE).left).toBe(-2 * MINUTE);
	});

	it('keeps the instants of a soak, and lets go of it when its next step is done', () => {
		const begun = [event('started', 0), event('stepDone', 1, 0)];
		expect(readSession(plan, begun, 2 * MINUTE).waits).toMatchObject([
			{ step: 0, fetchAt: 11 * MINUTE, latestAt: 21 * MINUTE, trailing: false }
		]);
		const fetched = [...begun, event('stepDone', 5, 1), event('stepDone', 14, 2)];
		const clock = readSession(plan, fetched, 15 * MINUTE);
		expect(clock.waits).toEqual([]);
		expect(clock.current).toBeNull();
	});

	it('takes a second press for the same step as none, and undoes a step', () => {
		const twice = readSession(
			plan,
			[event('started', 0), event('stepDone', 1, 0), event('stepDone', 1.2, 0)],
			2 * MINUTE
		);
		expect(twice.done).toEqual([true, false, false]);
		const undone = readSession(
			plan,
			[event('started', 0), event('stepDone', 1, 0), event('stepUndone', 1.1, 0)],
			2 * MINUTE
		);
		expect(undone.done).toEqual([false, false, false]);
		expect(undone.worked).toBe(2 * MINUTE);
	});

	it('takes no time away when a clock is set back', () => {
		const clock = readSession(plan, [event('started', 10), event('stepDone', 8, 0)], 9 * MINUTE);
		expect(clock.worked).toBeGreaterThanOrEqual(0);
		expect(clock.left).toBeLessThanOrEqual(15 * MINUTE);
	});

	it('says what became of each job, with the minutes really worked', () => {
		const events = [
			event('started', 0),
			event('stepDone', 1, 0),
			event('stepDone', 6, 1),
			event('setDown', 7)
		];
		const clock = readSession(plan, events, 30 * MINUTE);
		expect(clock.phase).toBe('over');
		expect(outcomesOf(plan, clock)).toEqual([
			{ line: 'x', job: 'x', by: 'ada', outcome: 'part', cutOff: true, minutes: 2, share: 0.5 },
			{ line: 'y', job: 'y', by: 'ada', outcome: 'done', cutOff: false, minutes: 5, share: 1 }
		]);
		const untouched = readSession(plan, [event('started', 0), event('setDown', 0)], MINUTE);
		expect(outcomesOf(plan, untouched).every((o) => o.outcome === 'untouched')).toBe(true);
	});
});

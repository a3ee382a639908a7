/** A running session: lanes, caps, cuts, what is planned again, and who is nearest. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { arrangedAt } from '../../src/lib/core/session/arranged';
import { replan, nearest } from '../../src/lib/core/session/replan';
import { outcomesOf, readSession } from '../../src/lib/core/session/sessionState';
import type { SessionEvent, SessionPlan } from '../../src/lib/core/session/sessionPlan';
import { readPlan } from '../../src/lib/core/session/sessionSchema';
import { event, MINUTE, session, step } from './sessions';

const soak = (line: string, who = 'ada') => [
	step(line, 0, 1, { who, wait: { label: 'Soak', min: 6, max: 10 }, last: false }),
	step(line, 1, 3, { who, class: 5, start: 7 })
];
const rest = (plan: SessionPlan, events: readonly SessionEvent[], minute: number) => {
	const at = minute * MINUTE;
	const clock = readSession(plan, events, at);
	return { clock, ...replan(plan, clock, at) };
};
const order = (found: ReturnType<typeof rest>, who = 'ada') =>
	found.lanes
		.find((lane) => lane.who === who)
		?.coming.map((one) => `${found.clock.steps[one.step]?.line} ${found.clock.steps[one.step]?.step}`);

describe('the clock with several people', () => {
	const plan = session(
		[step('a', 0, 4), step('b', 0, 3, { who: 'ben' }), step('c', 0, 5, { who: 'ben' })],
		15
	);
	it('books each one’s minutes on what they ticked, side by side', () => {
		const clock = readSession(
			plan,
			[event('started', 0), event('stepDone', 3, 1), event('stepDone', 5, 0)],
			6 * MINUTE
		);
		expect(clock.workedOnStep).toEqual([5 * MINUTE, 3 * MINUTE, 3 * MINUTE]);
		expect(clock.doneBy).toEqual(['ada', 'ben', null]);
		expect(clock.lanes).toEqual([
			{ who: 'ada', inHand: 1 * MINUTE, room: 'a' },
			{ who: 'ben', inHand: 3 * MINUTE, room: 'a' }
		]);
	});
	it('gives a step to whoever did it', () => {
		const clock = readSession(
			plan,
			[event('started', 0), event('stepDone', 3, 2, { by: 'ada' })],
			4 * MINUTE
		);
		expect(outcomesOf(plan, clock).find((one) => one.line === 'c')).toMatchObject({
			by: 'ada',
			outcome: 'done',
			minutes: 3
		});
	});
	it('takes waiting for a soak as no work on the step after it', () => {
		const soaks = session(soak('x'), 30);
		const clock = readSession(
			soaks,
			[event('started', 0), event('stepDone', 1, 0), event('stepDone', 10, 1)],
			10 * MINUTE
		);
		expect(clock.workedOnStep).toEqual([1 * MINUTE, 3 * MINUTE]);
		expect(clock.worked).toBe(10 * MINUTE);
	});
});

describe('what changes while it runs', () => {
	it('a job at its cap is done, cut off, and the next begins', () => {
		const plan = session([step('a', 0, 6, { last: false }), step('a', 1, 4), step('b', 0, 5)], 60, {
			cap: 10
		});
		const clock = readSession(
			plan,
			[event('started', 0), event('stepDone', 8, 0), event('capped', 10, 1)],
			11 * MINUTE
		);
		expect(clock.done).toEqual([true, true, false]);
		expect(outcomesOf(plan, clock)[0]).toMatchObject({ outcome: 'done', cutOff: true, minutes: 10 });
	});
	it('a job that is taken out asks nothing more, and can be put back', () => {
		const plan = session([step('a', 0, 3), step('b', 0, 3)], 15);
		const out = [event('started', 0), event('dropped', 1, null, { line: 'a' })];
		expect(readSession(plan, out, 2 * MINUTE).current).toBe(1);
		expect(order(rest(plan, out, 2))).toEqual(['b 0']);
		const back = [...out, event('added', 2, null, { line: 'a' })];
		expect(readSession(plan, back, 3 * MINUTE).current).toBe(0);
		expect(readSession(plan, back, 3 * MINUTE).held.has('a')).toBe(true);
	});
	it('all taken out but what is done ends it', () => {
		const plan = session([step('a', 0, 3), step('b', 0, 3)], 15);
		const events = [event('started', 0), event('stepDone', 2, 0), event('dropped', 3, null, { line: 'b' })];
		expect(readSession(plan, events, 4 * MINUTE).phase).toBe('over');
	});
	it('a job that is put in comes with its steps, once', () => {
		const plan = session([step('a', 0, 3)], 15);
		const added = event('added', 1, null, { line: 'z', steps: [step('z', 0, 2)] });
		const clock = readSession(plan, [event('started', 0), added, { ...added, id: 'again' }], 2 * MINUTE);
		expect(clock.steps.map((one) => one.line)).toEqual(['a', 'z']);
		expect(clock.done).toEqual([false, false]);
	});
	it('visitors who come earlier cut the time from that instant; a pause does not put them off', () => {
		const plan = session([step('a', 0, 3)], 30, { kind: 'visitors', fixedBell: true });
		const paused = readSession(plan, [event('started', 0), event('paused', 5)], 10 * MINUTE);
		expect(paused).toMatchObject({ left: 20 * MINUTE, bellAt: 30 * MINUTE });
		const earlier = readSession(
			plan,
			[event('started', 0), event('cutTo', 10, null, { minutes: 8 })],
			12 * MINUTE
		);
		expect(earlier).toMatchObject({ left: 6 * MINUTE, bellAt: 18 * MINUTE });
	});
});

describe('the rest of a session', () => {
	it('stays in its order while all of it fits', () => {
		const plan = session([step('a', 0, 3), step('b', 0, 3), step('c', 0, 3)], 15);
		const found = rest(plan, [event('started', 0), event('stepDone', 5, 0)], 5);
		expect(order(found)).toEqual(['b 0', 'c 0']);
		expect(found.off).toEqual([]);
		expect(found.endsAt).toBe(11 * MINUTE);
	});
	it('leaves from the end what no longer fits, and brings it back with five more', () => {
		const plan = session([step('a', 0, 5), step('b', 0, 5), step('c', 0, 5)], 15);
		const late = [event('started', 0), event('stepDone', 8, 0)];
		expect(rest(plan, late, 8)).toMatchObject({ off: ['c'] });
		expect(rest(plan, [...late, event('fiveMore', 9)], 9).off).toEqual([]);
	});
	it('leaves nothing that is held, nor what was begun', () => {
		const plan = session([step('a', 0, 5), step('b', 0, 4), step('c', 0, 4)], 15, {});
		const events = [event('started', 0), event('stepDone', 9, 0), event('held', 9, null, { line: 'c' })];
		expect(rest(plan, events, 9).off).toEqual(['b']);
		const begun = session([step('b', 0, 3, { last: false }), step('b', 1, 5), step('c', 0, 4)], 12);
		expect(rest(begun, [event('started', 0), event('stepDone', 6, 0)], 6).off).toEqual(['c']);
	});
	it('keeps the instants of a soak that runs, and fetches it in its time', () => {
		const plan = session([...soak('x'), step('y', 0, 4, { start: 1 }), step('z', 0, 6, { start: 10 })], 30);
		const found = rest(plan, [event('started', 0), event('stepDone', 1, 0), event('stepDone', 6, 2)], 6);
		const fetch = found.lanes[0]?.coming.find((one) => one.step === 1);
		expect(fetch?.from).toBeGreaterThanOrEqual(7 * MINUTE);
		expect(fetch?.from).toBeLessThanOrEqual(11 * MINUTE);
	});
	it('a soak whose longest time has gone by is fetched, not given up', () => {
		const plan = session([...soak('x'), step('y', 0, 20, { start: 1 })], 60);
		const found = rest(plan, [event('started', 0), event('stepDone', 1, 0), event('stepDone', 25, 2)], 25);
		expect(order(found)).toEqual(['x 1']);
	});
	it('over your time shows what was begun, and lets the rest be', () => {
		const plan = session([step('a', 0, 9, { last: false }), step('a', 1, 5), step('b', 0, 4)], 10);
		const found = rest(plan, [event('started', 0), event('stepDone', 9.5, 0)], 12);
		expect(order(found)).toEqual(['a 1']);
		expect(found.off).toEqual(['b']);
	});
	it('two people: each their own, what was begun with whoever began it', () => {
		const plan = session(
			[...soak('x', 'ben'), step('y', 0, 4), step('z', 0, 4, { who: 'ben', start: 2 })],
			30
		);
		const found = rest(plan, [event('started', 0), event('stepDone', 1, 0)], 1);
		expect(order(found, 'ben')).toContain('x 1');
		expect(order(found, 'ada')).toEqual(['y 0']);
	});
	it('a rest lies in it: nothing is planned across it', () => {
		const plan = session([step('a', 0, 8), step('b', 0, 8)], 60, { breaks: [{ from: 10, until: 20 }] });
		const found = rest(plan, [event('started', 0)], 0);
		expect(found.lanes[0]?.coming.map((one) => one.from / MINUTE)).toEqual([0, 20]);
	});
	it('is nothing once it is over, or while there is nothing', () => {
		const plan = session([step('a', 0, 3)], 15);
		expect(rest(plan, [event('started', 0), event('setDown', 2)], 3).lanes[0]?.coming).toEqual([]);
		expect(rest(session([], 15, { steps: [] }), [event('started', 0)], 1).lanes).toEqual([
			{ who: 'ada', coming: [] }
		]);
	});

	it('takes another order before it leaves anything out: with an hour left nothing is off for a short soak', () => {
		// Brushing must follow the soak within two minutes; as the steps stand, eight minutes of other work lie between.
		const plan = session(
			[
				...['c', 'd', 'e', 'f', 'g', 'h', 'i', 'j'].map((line) => step(line, 0, 1)),
				step('x', 0, 1, { wait: { label: 'Soak', min: 1, max: 2 }, last: false }),
				step('y', 0, 8, { room: 'b' }),
				step('x', 1, 3, { class: 5 })
			],
			60
		);
		const found = rest(plan, [event('started', 0)], 0);
		expect(found.off).toEqual([]);
		expect(found.lanes.flatMap((lane) => lane.coming)).toHaveLength(11);
	});

	it('past the bell a soak stays to come that nobody can be at in time', () => {
		const plan = session(
			[
				...soak('p'),
				step('q', 0, 4, { room: 'b' }),
				step('r', 0, 3, { who: 'ben', room: 'c' }),
				...soak('s', 'ben')
			],
			5
		);
		// Ben is two storeys away, and the time that it may soak ends sooner than he is there.
		const events = [
			event('started', 0),
			event('stepDone', 0, 4),
			event('stepDone', 2.65, 3),
			event('stepDone', 2.95, 0)
		];
		const found = rest(plan, events, 7.55);
		expect(order(found, 'ben')).toEqual(['s 1']);
		expect(found.off).toEqual([]);
	});

	it('whatever is pressed, and when: each open step is in one lane once, or its job is off or taken out', () => {
		const lines = ['p', 'q', 'r', 's'];
		const steps = [
			...soak('p'),
			step('q', 0, 4, { room: 'b' }),
			step('r', 0, 3, { who: 'ben', room: 'c' }),
			...soak('s', 'ben')
		];
		const press = fc.record({
			kind: fc.nat(7),
			at: fc.integer({ min: 0, max: 240 }),
			what: fc.nat(steps.length - 1)
		});
		fc.assert(
			fc.property(fc.array(press, { maxLength: 12 }), fc.integer({ min: 5, max: 40 }), (presses, bell) => {
				const plan = session(steps, bell);
				const events: SessionEvent[] = [event('started', 0)];
				let minute = 0;
				for (const one of presses) {
					minute += one.at / 20;
					const line = lines[one.what % lines.length] as string;
					const kinds = [
						'stepDone',
						'stepDone',
						'stepDone',
						'paused',
						'resumed',
						'fiveMore',
						'dropped',
						'held'
					] as const;
					const kind = kinds[one.kind] as (typeof kinds)[number];
					events.push(
						event(
							kind,
							minute,
							kind === 'stepDone' ? one.what : null,
							kind === 'dropped' || kind === 'held' ? { line } : {}
						)
					);
				}
				const found = rest(plan, events, minute);
				expect(rest(plan, events, minute).lanes).toEqual(found.lanes);
				if (found.clock.phase === 'over') return;
				const coming = found.lanes.flatMap((lane) => lane.coming.map((one) => one.step));
				expect(new Set(coming).size).toBe(coming.length);
				found.clock.steps.forEach((one, i) => {
					const isOpen = !found.clock.done[i] && !found.clock.dropped.has(one.line);
					expect(coming.includes(i) || found.off.includes(one.line) || !isOpen).toBe(true);
					if (coming.includes(i)) expect(isOpen).toBe(true);
				});
				for (const lane of found.lanes)
					lane.coming.forEach((one, i) =>
						expect(one.from).toBeGreaterThanOrEqual(lane.coming[i - 1]?.to ?? 0)
					);
			}),
			{ numRuns: 300, seed: 61 }
		);
	}, 60_000);
});

describe('who is nearest', () => {
	const plan = session([step('a', 0, 3), step('b', 0, 3, { who: 'ben', room: 'c' }), step('d', 0, 3)], 15);
	it('has the shortest way; whose it is where nobody has been anywhere', () => {
		const clock = readSession(
			plan,
			[event('started', 0), event('stepDone', 1, 0), event('stepDone', 2, 1)],
			3 * MINUTE
		);
		expect(nearest(plan, clock, 'b', 'ben')).toBe('ada');
		expect(nearest(plan, clock, 'c', 'ada')).toBe('ben');
		const fresh = readSession(plan, [event('started', 0)], MINUTE);
		expect(nearest(plan, fresh, 'b', 'ben')).toBe('ben');
	});
});

describe('a stored plan', () => {
	it('of one person from before there were lanes is read with what was meant then', () => {
		const old = {
			bellMinutes: 10,
			steps: [
				{
					line: 'a',
					job: 'a',
					jobName: 'A',
					step: 0,
					text: 'x',
					room: 'a',
					roomName: 'A',
					minutes: 2,
					start: 0,
					wait: null,
					last: true
				}
			]
		};
		expect(readPlan(old)).toMatchObject({
			kind: 'bite',
			people: [],
			fixedBell: false,
			cap: null,
			steps: [{ who: '', class: 0 }]
		});
	});
	it('with nothing to do is none', () => {
		expect(() => readPlan({ bellMinutes: 10, steps: [] })).toThrow();
		expect(() => readPlan({ bellMinutes: 10, steps: [], kind: 'party' })).toThrow();
	});
});

describe('the step in hand', () => {
	// Ada scrubs for longer than planned beside a soak that must not stand for more than ten minutes.
	const [begun, then] = soak('x') as [ReturnType<typeof step>, ReturnType<typeof step>];
	const plan = session([begun, step('y', 0, 6, { start: 1 }), then], 60);
	const events = [event('started', 0), event('stepDone', 1, 0)];
	const firstAt = (minute: number, among: readonly SessionEvent[] = events) => {
		const at = minute * MINUTE;
		const clock = readSession(plan, among, at);
		const first = arrangedAt(plan, among, at).lanes[0]?.coming[0];
		return first ? `${clock.steps[first.step]?.line} ${clock.steps[first.step]?.step}` : null;
	};
	it('never changes without a press, whatever is due meanwhile', () => {
		const seen = new Set(Array.from({ length: 48 }, (_, i) => firstAt(1.5 + i / 2)));
		expect([...seen]).toEqual(['y 0']);
	});
	it('stays where the bell is moved earlier, for each of several people', () => {
		const two = session(
			[
				step('low', 0, 8, { who: 'ada' }),
				step('worn', 0, 9, { who: 'ben', room: 'b' }),
				step('high', 0, 8, { who: 'ada', start: 8 }),
				step('dear', 0, 6, { who: 'ben', room: 'b', start: 9 })
			],
			30,
			{
				kind: 'visitors',
				fixedBell: true,
				lines: {
					low: { worth: 0.1, held: false, can: ['ada', 'ben'] },
					worn: { worth: 0.2, held: false, can: ['ada', 'ben'] },
					high: { worth: 50, held: false, can: ['ada', 'ben'] },
					dear: { worth: 80, held: false, can: ['ada', 'ben'] }
				}
			}
		);
		const hands = (minute: number, among: readonly SessionEvent[]) => {
			const at = minute * MINUTE;
			return arrangedAt(two, among, at).lanes.map(
				(lane) => two.steps[lane.coming[0]?.step ?? -1]?.line ?? null
			);
		};
		const began = [event('started', 0)];
		const before = hands(0.3, began);
		const cut = [...began, event('cutTo', 0.3, null, { minutes: 12 })];
		expect([before, hands(0.3, cut), hands(1, cut), hands(4, cut)]).toEqual(Array(4).fill(before));
		const again = [...cut, event('cutTo', 2, null, { minutes: 9 })];
		expect(hands(3, again)).toEqual(before);
	});
	it('goes to the soak that is overdue by the next press', () => {
		expect(firstAt(13, [...events, event('stepDone', 13, 1)])).toBe('x 1');
	});
});

describe('a session that nobody touched', () => {
	const plan = session([step('a', 0, 4), step('b', 0, 3)], 10);
	it('gives its jobs back a quarter of an hour past its bell, and counts no minutes', () => {
		const before = readSession(plan, [event('started', 0)], 24.5 * MINUTE);
		expect([before.phase, before.leftAlone]).toEqual(['running', false]);
		const after = readSession(plan, [event('started', 0)], 25 * MINUTE);
		expect([after.phase, after.leftAlone, after.worked]).toEqual(['over', true, 0]);
		expect(outcomesOf(plan, after).map((one) => one.outcome)).toEqual(['untouched', 'untouched']);
	});
	it('is told later what got done: that counts', () => {
		const told = readSession(plan, [event('started', 0), event('stepDone', 40, 0)], 41 * MINUTE);
		expect(told.leftAlone).toBe(false);
		expect(outcomesOf(plan, told)[0]?.outcome).toBe('done');
	});
	it('one with a tick, or that is paused, stays', () => {
		const ticked = [event('started', 0), event('stepDone', 3, 0)];
		expect(readSession(plan, ticked, 60 * MINUTE).phase).toBe('running');
		expect(readSession(plan, [event('started', 0), event('paused', 2)], 60 * MINUTE).phase).toBe('paused');
	});
});

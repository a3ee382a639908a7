/** What rings in a running session, which appliances it takes, and what it leaves for tomorrow. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { householdTime, wallTime } from '../../src/lib/core/calendar/instant';
import type { DaySeries } from '../../src/lib/core/schedule/readDay';
import { replan } from '../../src/lib/core/session/replan';
import { alarmsOf, hurryAt, isCapped, isUrgent, type Alarm } from '../../src/lib/core/session/alarms';
import { occurrencesToMove } from '../../src/lib/core/session/occurrencesToMove';
import { errandDays } from '../../src/lib/core/clearing/clearing';
import { readSession, type JobOutcome } from '../../src/lib/core/session/sessionState';
import type { Load } from '../../src/lib/core/laundry/laundry';
import type { SessionEvent, SessionPlan } from '../../src/lib/core/session/sessionPlan';
import { appliancesTaken, linesTaken } from '../../src/lib/core/session/taken';
import { event, MINUTE, session, step } from './sessions';

const read = (plan: SessionPlan, events: readonly SessionEvent[], minute: number) => {
	const at = minute * MINUTE;
	const clock = readSession(plan, events, at);
	const arranged = replan(plan, clock, at);
	return { clock, arranged, bells: alarmsOf(plan, clock, arranged, at) };
};
/** Kind and minute of each bell. */
const told = (bells: readonly Alarm[]) => bells.map((bell) => [bell.kind, bell.at / MINUTE]);

const soaked = session(
	[
		step('bowl', 0, 1, { wait: { label: 'Soak', min: 6, max: 10 }, last: false, room: 'c', roomName: 'C' }),
		step('bowl', 1, 3, { class: 5, start: 7, room: 'c', roomName: 'C' }),
		step('shelf', 0, 4, { room: 'a' })
	],
	20
);

describe('bells', () => {
	it('are the bell, the end of a soak, and two minutes before it does harm', () => {
		const { bells } = read(soaked, [event('started', 0), event('stepDone', 1, 0)], 2);
		expect(told(bells)).toEqual([
			['bell', 20],
			['fetch', 7],
			['hurry', 9]
		]);
		expect(bells[1]).toMatchObject({ near: 'ada', wait: { roomName: 'C', label: 'Soak' } });
	});
	it('of a soak go on while it is paused, and after it is over; the bell does not', () => {
		const paused = [event('started', 0), event('stepDone', 1, 0), event('paused', 3)];
		expect(told(read(soaked, paused, 5).bells)).toEqual([
			['fetch', 7],
			['hurry', 9]
		]);
		const over = read(soaked, [...paused, event('setDown', 4)], 6);
		expect(told(over.bells)).toEqual([
			['fetch', 7],
			['hurry', 9]
		]);
	});
	it('of a soak are silent once it is fetched', () => {
		const events = [event('started', 0), event('stepDone', 1, 0), event('stepDone', 8, 1)];
		expect(told(read(soaked, events, 8).bells)).toEqual([['bell', 20]]);
	});
	it('come later by five more, and under a new name, so that the new one rings too', () => {
		const more = read(soaked, [event('started', 0), event('fiveMore', 20)], 21).bells[0];
		const first = read(soaked, [event('started', 0)], 19).bells[0];
		expect([first?.at, more?.at]).toEqual([20 * MINUTE, 25 * MINUTE]);
		expect(more?.key).not.toBe(first?.key);
	});
	it('tell the rests of a long day', () => {
		const long = session([step('a', 0, 60), step('b', 0, 60)], 180, { breaks: [{ from: 75, until: 90 }] });
		expect(read(long, [event('started', 0)], 10).bells).toContainEqual({
			key: 'rest 0',
			at: 75 * MINUTE,
			kind: 'rest',
			minutes: 15
		});
	});
	it('stop a job at its cap, counting what its first steps took', () => {
		const round = session([step('a', 0, 6, { last: false }), step('a', 1, 4), step('b', 0, 5)], 60, {
			cap: 10
		});
		const begun = [event('started', 0), event('stepDone', 7, 0)];
		const before = read(round, begun, 9);
		expect(before.bells).toContainEqual({
			key: 'cap a',
			at: 10 * MINUTE,
			kind: 'cap',
			line: 'a',
			minutes: 10
		});
		expect(isCapped(round, before.clock, before.arranged, 'ada')).toBe(false);
		const after = read(round, begun, 10);
		expect(isCapped(round, after.clock, after.arranged, 'ada')).toBe(true);
		const next = read(round, [...begun, event('capped', 10, 1)], 12);
		expect(isCapped(round, next.clock, next.arranged, 'ada')).toBe(false);
		expect(next.bells).toContainEqual(expect.objectContaining({ key: 'cap b', at: 20 * MINUTE }));
		expect(isCapped({ ...round, cap: null }, after.clock, after.arranged, 'ada')).toBe(false);
	});
	it('hurry never before the wait is over', () => {
		expect(hurryAt({ fetchAt: 60_000, latestAt: 90_000 })).toBe(60_000);
		expect(hurryAt({ fetchAt: 60_000, latestAt: null })).toBeNull();
		expect(isUrgent({ fetchAt: 0, latestAt: 5 * MINUTE }, 3 * MINUTE - 1)).toBe(false);
		expect(isUrgent({ fetchAt: 0, latestAt: 5 * MINUTE }, 3 * MINUTE)).toBe(true);
	});
	it('keep their instants while nothing happens, whenever somebody looks', () => {
		const plan = session(
			[
				step('bowl', 0, 1, { wait: { label: 'Soak', min: 6, max: 10 }, last: false }),
				step('bowl', 1, 3, { class: 5 }),
				step('b', 0, 4, { who: 'ben' }),
				step('c', 0, 4, { who: 'ben' })
			],
			30,
			{ cap: 10, breaks: [{ from: 12, until: 15 }] }
		);
		const events = [event('started', 0), event('stepDone', 1, 0), event('stepDone', 2, 2)];
		fc.assert(
			fc.property(fc.integer({ min: 120, max: 290 }), fc.integer({ min: 120, max: 290 }), (a, b) => {
				const at = (second: number) =>
					new Map(read(plan, events, second / 60).bells.map((bell) => [bell.key, Math.round(bell.at)]));
				expect(at(a)).toEqual(at(b));
			})
		);
	});
});

describe('a session across a change of the clock on the wall', () => {
	const rules = {
		timeZone: 'Europe/London',
		dayStartsAt: '04:00',
		parts: { morning: '05:00', midday: '12:00', evening: '17:00' }
	};
	it.each([
		// Forward on 28 March 2027 at 01:00, back on 31 October 2027 at 02:00.
		['2027-03-28T00:50:00Z', '02:20', '2027-03-27'],
		['2027-10-31T00:50:00Z', '01:20', '2027-10-30']
	])('begun at %s it lasts its thirty minutes, and belongs to the evening before', (from, rings, date) => {
		const start = Date.parse(from);
		const events = [{ ...event('started', 0), at: start }];
		const clock = readSession(session([step('a', 0, 40)], 30), events, start + 20 * MINUTE);
		expect(clock.left).toBe(10 * MINUTE);
		expect(clock.bellAt).toBe(start + 30 * MINUTE);
		expect(wallTime(clock.bellAt as number, rules.timeZone)).toBe(rings);
		expect(householdTime(start, rules).date).toBe(toDay(date));
		expect(householdTime(clock.bellAt as number, rules).date).toBe(toDay(date));
	});
	it('for visitors it ends at the instant that was meant, not at the hour that is on the wall then', () => {
		const start = Date.parse('2027-03-28T00:40:00Z');
		const plan = session([step('a', 0, 40)], 30, { fixedBell: true });
		const events = [
			{ ...event('started', 0), at: start },
			{ ...event('paused', 0), at: start + 5 * MINUTE }
		];
		expect(readSession(plan, events, start + 20 * MINUTE).left).toBe(10 * MINUTE);
	});
});

describe('what is taken', () => {
	const washing: Load = {
		id: 'l',
		name: 'Towels',
		kind: 'towels',
		owner: null,
		dry: 'line',
		washMinutes: 60,
		dryMinutes: 90,
		events: [{ id: 'e', stage: 'washing', at: 0 }]
	};
	it('is the machine of a load until the wash is over', () => {
		expect(appliancesTaken([], [washing], 20 * MINUTE)).toEqual([{ appliance: 'washer', until: 40 }]);
		expect(appliancesTaken([], [washing], 20 * MINUTE + 1000)).toEqual([{ appliance: 'washer', until: 40 }]);
		expect(appliancesTaken([], [washing], 60 * MINUTE)).toEqual([]);
		const hung = { ...washing, events: [...washing.events, { id: 'f', stage: 'drying' as const, at: 1 }] };
		expect(appliancesTaken([], [hung], 20 * MINUTE)).toEqual([]);
	});
	it('is the basin in which something of another session soaks', () => {
		const plan = session(
			[
				step('net', 0, 1, { appliance: 'basin', wait: { label: 'Soak', min: 10, max: null }, last: false }),
				step('net', 1, 2, { appliance: 'basin' })
			],
			30
		);
		const events = [event('started', 0), event('stepDone', 1, 0)];
		const clock = (minute: number) => readSession(plan, events, minute * MINUTE);
		expect(appliancesTaken([clock(3)], [], 3 * MINUTE)).toEqual([{ appliance: 'basin', until: 8 }]);
		expect(appliancesTaken([clock(12)], [], 12 * MINUTE)).toEqual([]);
	});
	it('are the lines of a session, those put in too, and not those taken out', () => {
		const plan = session([step('a', 0, 3), step('b', 0, 3)], 15);
		const events = [
			event('started', 0),
			event('dropped', 1, null, { line: 'a' }),
			event('added', 2, null, { line: 'c', steps: [step('c', 0, 2)] })
		];
		expect([...linesTaken([readSession(plan, events, 3 * MINUTE)])].sort()).toEqual(['b', 'c']);
		expect(linesTaken([]).size).toBe(0);
	});
});

describe('what goes to tomorrow', () => {
	const TODAY = toDay('2027-03-03');
	const outcome = (line: string, how: JobOutcome['outcome']): JobOutcome => ({
		line,
		job: line,
		by: 'ada',
		outcome: how,
		cutOff: false,
		minutes: 0,
		share: 0
	});
	const line = (id: string, state: DaySeries['state'], dueOn: number | null) =>
		({ line: { id }, state, dueOn }) as unknown as DaySeries;
	it('is what was due today and is not done; what is late or open hangs there by itself', () => {
		const lines = [
			line('done', 'due', TODAY),
			line('half', 'due', TODAY),
			line('left', 'due', TODAY),
			line('late', 'late', TODAY - 2),
			line('open', 'open', TODAY + 1),
			line('other', 'due', TODAY)
		];
		const moved = occurrencesToMove(
			[
				outcome('done', 'done'),
				outcome('half', 'part'),
				outcome('left', 'untouched'),
				outcome('late', 'untouched'),
				outcome('open', 'part'),
				outcome('gone', 'untouched')
			],
			lines,
			TODAY
		);
		expect(moved.map((one) => one.line.id)).toEqual(['half', 'left']);
	});
	it('a bag leaves on the next catch-up day first, or on one of the coming days', () => {
		// A Wednesday; the catch-up day is Saturday.
		expect(errandDays(TODAY, [6])).toEqual([3, 0, 1, 2].map((i) => addDays(TODAY, i)));
		expect(errandDays(TODAY, [2])).toEqual([6, 0, 1, 2, 3].map((i) => addDays(TODAY, i)));
		expect(errandDays(TODAY, [3])).toEqual([7, 0, 1, 2, 3].map((i) => addDays(TODAY, i)));
		expect(errandDays(TODAY, [6], [5])[0]).toBe(addDays(TODAY, 2));
		expect(errandDays(TODAY, [])).toEqual([0, 1, 2, 3].map((i) => addDays(TODAY, i)));
	});
});

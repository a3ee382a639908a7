/** Clearings and loads of laundry, read from their events. */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readClearing } from '../../src/lib/core/clearing/clearing';
import type { SessionEvent } from '../../src/lib/core/session/sessionPlan';
import {
	goneBy,
	isWashDay,
	pileByDay,
	readLoad,
	STAGES,
	type Load,
	type Stage
} from '../../src/lib/core/laundry/laundry';
import { day } from './entries';
import { event, MINUTE, session } from './sessions';

const plan = session([], 15, {
	kind: 'clearing',
	steps: [],
	clearing: { spot: 'bench', room: 'a', roomName: 'A', portion: 'half', zone: 'one', closingMinutes: 12 }
});
const WALK: Record<string, number> = { loft: 1, kitchen: 2, hall: 3 };
const read = (events: readonly SessionEvent[], minute: number) =>
	readClearing(plan, events, minute * MINUTE, (room) => WALK[room] ?? 99);
const count = (minute: number, into: 'bin' | 'give' | 'put', room?: string, thing?: string) =>
	event('counted', minute, null, { into, room, thing });

describe('a clearing', () => {
	const sorted = [
		event('started', 0),
		count(1, 'bin'),
		count(2, 'bin'),
		count(3, 'give'),
		count(4, 'put', 'hall', 'sock'),
		count(5, 'put', 'loft', 'torch'),
		count(6, 'put', 'loft')
	];
	it('counts each container, and takes back the last', () => {
		expect(read(sorted, 7).counts).toEqual({ bin: 2, give: 1, put: 3 });
		const back = read([...sorted, event('uncounted', 7, null, { into: 'bin' })], 8);
		expect(back.counts).toEqual({ bin: 1, give: 1, put: 3 });
		expect(read([...sorted, event('uncounted', 7)], 8).counts.put).toBe(2);
		expect(read([event('started', 0), event('uncounted', 1, null, { into: 'bin' })], 2).counts.bin).toBe(0);
	});
	it('closes in its order: bin, bag, the rooms as they are walked, the zone', () => {
		const closing = [...sorted, event('closing', 15)];
		expect(read(closing, 16)).toMatchObject({ next: 'bin', closingLeft: 11 * MINUTE });
		const out = [...closing, event('binOut', 16)];
		expect(read(out, 16).next).toBe('bag');
		const placed = [
			...out,
			event('bagPlaced', 17, null, { place: 'by the door', carrier: 'ben', leavesOn: '2027-03-06' })
		];
		expect(read(placed, 17)).toMatchObject({
			next: 'walk',
			bag: { place: 'by the door', carrier: 'ben', leavesOn: '2027-03-06' }
		});
		expect(read(placed, 17).walk.map((one) => [one.room, one.count, one.things])).toEqual([
			['loft', 2, ['torch']],
			['hall', 1, ['sock']]
		]);
		const walked = [
			...placed,
			event('walked', 18, null, { room: 'loft', boxed: true }),
			event('walked', 19, null, { room: 'hall' })
		];
		expect(read(walked, 20).next).toBe('judge');
		expect(read(walked, 20).walk[0]).toMatchObject({ walked: true, boxed: true });
		expect(read([...walked, event('unwalked', 20, null, { room: 'hall' })], 20).next).toBe('walk');
		expect(read([...walked, event('judged', 21, null, { clutter: 'nearly' })], 21)).toMatchObject({
			next: null,
			judged: 'nearly'
		});
	});
	it('passes over what is empty', () => {
		expect(read([event('started', 0), event('closing', 15)], 16).next).toBe('judge');
		expect(read([event('started', 0), count(1, 'give'), event('closing', 15)], 16).next).toBe('bag');
	});
	it('has a clock of its own, which a pause stops', () => {
		const events = [...sorted, event('closing', 15), event('paused', 18), event('resumed', 28)];
		expect(read(events, 30).closingLeft).toBe(7 * MINUTE);
		expect(read([...sorted, event('closing', 15), event('paused', 18)], 60).closingLeft).toBe(9 * MINUTE);
		expect(read([...sorted, event('closing', 15)], 30).closingLeft).toBe(-3 * MINUTE);
	});
	it('never counts below nothing, whatever is pressed', () => {
		const press = fc.record({
			into: fc.constantFrom('bin' as const, 'give' as const, 'put' as const),
			back: fc.boolean()
		});
		fc.assert(
			fc.property(fc.array(press, { maxLength: 30 }), (presses) => {
				const events = presses.map(({ into, back }, i) =>
					event(back ? 'uncounted' : 'counted', i, null, { into })
				);
				const { counts } = read(events, 99);
				for (const n of Object.values(counts)) expect(n).toBeGreaterThanOrEqual(0);
				expect(counts.bin + counts.give + counts.put).toBeLessThanOrEqual(presses.length);
			})
		);
	});
});

const load = (dry: Load['dry'], ...events: [Stage | 'undo', number][]): Load => ({
	id: 'l',
	name: 'Towels',
	kind: 'towels',
	owner: null,
	dry,
	washMinutes: 60,
	dryMinutes: 90,
	events: events.map(([stage, minute], i) => ({ id: `e${i}`, stage, at: minute * MINUTE }))
});

describe('a load', () => {
	it('runs by itself while it is washed and dried, and waits for hands between', () => {
		expect(readLoad(load('line'), 0)).toMatchObject({ stage: 'waiting', next: 'collected', fetchAt: null });
		expect(readLoad(load('line', ['washing', 10]), 20 * MINUTE)).toMatchObject({
			stage: 'washing',
			next: 'drying',
			fetchAt: 70 * MINUTE,
			latestAt: 130 * MINUTE,
			rings: false
		});
		expect(readLoad(load('line', ['washing', 10], ['drying', 75]), 80 * MINUTE)).toMatchObject({
			stage: 'drying',
			fetchAt: 165 * MINUTE,
			latestAt: null
		});
		expect(readLoad(load('machine', ['washing', 10], ['drying', 75]), 80 * MINUTE).latestAt).toBe(
			225 * MINUTE
		);
		expect(
			readLoad(load('line', ['washing', 1], ['drying', 70], ['folding', 200], ['away', 220]), 300 * MINUTE)
		).toMatchObject({ stage: 'away', next: null });
	});
	it('wet for more than an hour rings', () => {
		const wet = load('line', ['washing', 0]);
		expect(readLoad(wet, 119 * MINUTE).rings).toBe(false);
		expect(readLoad(wet, 120 * MINUTE).rings).toBe(true);
		expect(readLoad(load('line', ['washing', 0], ['drying', 61]), 600 * MINUTE).rings).toBe(false);
	});
	it('told twice is told once, never goes back, and can be undone', () => {
		expect(readLoad(load('line', ['washing', 0], ['washing', 50]), 55 * MINUTE).fetchAt).toBe(60 * MINUTE);
		expect(readLoad(load('line', ['drying', 70], ['washing', 71]), 80 * MINUTE).stage).toBe('drying');
		expect(readLoad(load('line', ['washing', 0], ['drying', 70], ['undo', 71]), 80 * MINUTE)).toMatchObject({
			stage: 'washing',
			fetchAt: 60 * MINUTE
		});
		expect(readLoad(load('line', ['undo', 1]), 2 * MINUTE).stage).toBe('waiting');
	});
	it('has been through all stages before its own', () => {
		for (const stage of STAGES.slice(1))
			expect(readLoad(load('line', [stage, 0]), 0).passed).toEqual(STAGES.slice(0, STAGES.indexOf(stage)));
	});
});

describe('the pile', () => {
	const wednesday = day('2027-03-03');
	it('is gone at one, two or three loads a day, free days left out', () => {
		const when = { days: [], freeDays: [7] };
		expect([1, 2, 3].map((aDay) => goneBy(6, aDay, wednesday, when))).toEqual([
			day('2027-03-09'),
			day('2027-03-05'),
			day('2027-03-04')
		]);
	});
	it('keeps to the usual days', () => {
		const when = { days: [1, 4], freeDays: [] };
		expect(isWashDay(wednesday, when)).toBe(false);
		expect(goneBy(3, 1, wednesday, when)).toBe(day('2027-03-11'));
		expect(goneBy(3, 1, wednesday, { days: [7], freeDays: [7] })).toBeNull();
	});
	it('gets shorter by what is washed, and ends with the day on which it is gone', () => {
		fc.assert(
			fc.property(
				fc.integer({ min: 0, max: 40 }),
				fc.integer({ min: 1, max: 6 }),
				fc.subarray([1, 2, 3, 4, 5, 6, 7]),
				(loads, aDay, days) => {
					const pile = pileByDay(loads, aDay, wednesday, { days, freeDays: [] });
					expect(pile.reduce((sum, one) => sum + one.washed, 0)).toBe(loads - (pile.at(-1)?.left ?? loads));
					for (const one of pile) expect(one.washed).toBeLessThanOrEqual(aDay);
					if (loads > 0) expect(pile.slice(0, -1).every((one) => one.left > 0)).toBe(true);
				}
			)
		);
	});
});

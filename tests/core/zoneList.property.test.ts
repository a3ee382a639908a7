import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import {
	addDays,
	partsOf,
	toDay,
	weekdayOf,
	type CivilDay,
	type Weekday
} from '../../src/lib/core/calendar/civil';
import {
	cardOn,
	missedZones,
	visitOn,
	visitsInYear,
	zoneDaysBetween,
	zoneOn,
	type Rotation
} from '../../src/lib/core/calendar/rotation';
import { dayOfWeekIndex, weekStartOf } from '../../src/lib/core/calendar/weeks';
import {
	countedItems,
	fillSitting,
	FIRST_PASS,
	orderByNeed,
	settleItem,
	startVisit,
	visitOrder,
	type PassState,
	type ZoneItem
} from '../../src/lib/core/schedule/zoneList';

const FROM = toDay('2027-01-04');
const monthsOf = (day: CivilDay) => partsOf(day).month;

const items: fc.Arbitrary<ZoneItem[]> = fc
	.array(
		fc.record({
			every: fc.constantFrom<1 | 2>(1, 1, 2),
			season: fc.option(fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1 }), { nil: undefined })
		}),
		{ minLength: 1, maxLength: 6 }
	)
	.map((list) => list.map((one, i) => ({ ...one, id: `i${i}` })));

/** The rules of a pass as a person would tell them, step by step. */
class Told {
	pass = 1;
	settled: string[] = [];
	constructor(private readonly list: readonly ZoneItem[]) {}
	private inSeason(item: ZoneItem, day: CivilDay) {
		return !item.season || item.season.includes(monthsOf(day));
	}
	private counts(item: ZoneItem, day: CivilDay) {
		return this.inSeason(item, day) && (item.every === 1 || this.pass % 2 === 1);
	}
	private endIfDone(day: CivilDay) {
		if (!this.list.some((item) => this.inSeason(item, day))) return;
		// Where nothing counts in a pass, the next one begins at once.
		for (let guard = 0; guard < 4; guard++) {
			const left = this.list.filter((item) => this.counts(item, day) && !this.settled.includes(item.id));
			if (left.length > 0) return;
			this.pass++;
			this.settled = [];
		}
	}
	visit(day: CivilDay) {
		this.endIfDone(day);
	}
	settle(id: string, day: CivilDay) {
		const item = this.list.find((one) => one.id === id);
		if (!item || !this.counts(item, day) || this.settled.includes(id)) return;
		this.settled.push(id);
		this.endIfDone(day);
	}
}

describe('the passes of a deep list', () => {
	const deeds = fc.array(fc.tuple(fc.nat(6), fc.integer({ min: 0, max: 20 })), { maxLength: 40 });

	it('go as a person would tell them', () => {
		fc.assert(
			fc.property(items, deeds, (list, done) => {
				const told = new Told(list);
				let state: PassState = FIRST_PASS;
				let day = FROM;
				for (const [pick, days] of done) {
					day = addDays(day, days);
					told.visit(day);
					state = startVisit(state, list, day);
					const id = `i${pick}`;
					told.settle(id, day);
					state = settleItem(state, list, id, day);
					expect(state).toEqual({ pass: told.pass, settled: told.settled });
				}
			}),
			{ numRuns: 800, seed: 41 }
		);
	});

	it('offer every item that counts, once, the unsettled first', () => {
		fc.assert(
			fc.property(items, fc.nat(3), fc.integer({ min: 0, max: 360 }), (list, done, ahead) => {
				const day = addDays(FROM, ahead);
				let state = startVisit(FIRST_PASS, list, day);
				for (const item of list.slice(0, done)) state = settleItem(state, list, item.id, day);
				const order = visitOrder(state, list, day);
				const counted = countedItems(list, state.pass, day).map((item) => item.id);
				expect([...order].sort()).toEqual([...counted].sort());
				const firstSettled = order.findIndex((id) => state.settled.includes(id));
				if (firstSettled >= 0)
					for (const id of order.slice(firstSettled)) expect(state.settled).toContain(id);
			}),
			{ numRuns: 300, seed: 42 }
		);
	});

	it('are settled one after the other until all is done, in as many sittings as it takes, and not one more', () => {
		fc.assert(
			fc.property(
				fc.array(fc.integer({ min: 1, max: 40 }), { minLength: 1, maxLength: 9 }),
				fc.integer({ min: 5, max: 30 }),
				(minutes, sitting) => {
					const list: ZoneItem[] = minutes.map((_, i) => ({ id: `i${i}`, every: 1 }));
					const minutesOf = (id: string) => minutes[Number(id.slice(1))] as number;
					let state = FIRST_PASS;
					let sittings = 0;
					while (state.pass === 1) {
						const offered = fillSitting(visitOrder(state, list, FROM), minutesOf, sitting);
						const used = offered.reduce((sum, id) => sum + minutesOf(id), 0);
						expect(offered.length === 1 || used <= sitting).toBe(true);
						expect(offered.length).toBeGreaterThan(0);
						for (const id of offered) if (state.pass === 1) state = settleItem(state, list, id, FROM);
						expect(++sittings).toBeLessThanOrEqual(list.length);
					}
					expect(state).toEqual({ pass: 2, settled: [] });
				}
			),
			{ numRuns: 200, seed: 43 }
		);
	});

	it('by need put first what has waited longest for its weight, and keep the list where equal', () => {
		const item = (id: string, weight: number, ago: number, gap: number) => ({
			id,
			weight,
			lastDone: addDays(FROM, -ago),
			gap
		});
		expect(orderByNeed([item('a', 2, 30, 30), item('b', 2, 60, 30), item('c', 5, 45, 30)], FROM)).toEqual([
			'c',
			'b',
			'a'
		]);
		expect(orderByNeed([item('x', 1, 9, 9), item('y', 4, 9, 9)], FROM)).toEqual(['x', 'y']);
		// What is not due yet waits the longer the weightier it is.
		expect(orderByNeed([item('x', 5, 10, 40), item('y', 1, 10, 40)], FROM)).toEqual(['y', 'x']);
	});
});

const rotation: fc.Arbitrary<Rotation> = fc.record({
	weekStart: fc.constantFrom<Weekday>(1, 6, 7),
	weekBelongs: fc.constantFrom('start' as const, 'middle' as const),
	zones: fc.integer({ min: 0, max: 7 }).map((n) => ['a', 'b', 'c', 'd', 'e', 'f', 'g'].slice(0, n)),
	zoneDays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1 }) as fc.Arbitrary<Weekday[]>,
	scheme: fc.oneof(
		fc.record({
			type: fc.constantFrom('rows' as const, 'weeks' as const, 'none' as const),
			extra: fc.constantFrom('last' as const, 'first' as const, 'free' as const)
		}),
		fc.record({
			type: fc.constant('cycle' as const),
			extra: fc.constant('last' as const),
			anchor: fc.integer({ min: 0, max: 60 }).map((n) => addDays(FROM, n))
		})
	)
});

describe('zones that come round', () => {
	it('are on only on zone days, and one for a whole week', () => {
		fc.assert(
			fc.property(rotation, fc.integer({ min: -400, max: 800 }), (turning, ahead) => {
				const day = addDays(FROM, ahead);
				const zone = zoneOn(day, turning);
				if (zone === null) return;
				expect(turning.zoneDays).toContain(weekdayOf(day));
				const start = weekStartOf(day, turning.weekStart);
				const sameRow = (other: CivilDay) =>
					turning.scheme.type !== 'rows' || monthsOf(other) === monthsOf(day);
				for (let i = 0; i < 7; i++) {
					const other = addDays(start, i);
					const on = zoneOn(other, turning);
					if (on !== null && sameRow(other)) expect(on).toBe(zone);
				}
			}),
			{ numRuns: 500, seed: 44 }
		);
	});

	it('are counted the same by day, by visit and by year', () => {
		fc.assert(
			fc.property(rotation, (turning) => {
				const to = addDays(FROM, 364);
				const days = zoneDaysBetween(FROM, to, turning);
				const year = Array.from({ length: 365 }, (_, i) => addDays(FROM, i));
				const odd = year.filter((day) => {
					const zone = zoneOn(day, turning);
					const visit = visitOn(day, turning);
					return (zone !== null && !days.get(zone)?.includes(day)) || (visit && visit.zone !== zone);
				});
				expect(odd).toEqual([]);
				for (const [zone, list] of days) {
					expect([...list].sort((a, b) => a - b)).toEqual(list);
					expect(visitsInYear(zone, FROM, turning) > 0).toBe(list.length > 0);
				}
				for (const { zone } of missedZones(FROM, to, turning)) expect(turning.zones).toContain(zone);
			}),
			{ numRuns: 60, seed: 45 }
		);
	});

	it('a cycle gives each zone the same number of weeks, give or take one', () => {
		fc.assert(
			fc.property(rotation, (turning) => {
				if (turning.scheme.type !== 'cycle' || turning.zones.length === 0) return;
				const weeks = new Map<string, number>();
				for (let week = 0; week < 52; week++) {
					for (let i = 0; i < 7; i++) {
						const day = addDays(weekStartOf(FROM, turning.weekStart), 7 * week + i);
						const zone = zoneOn(day, turning);
						if (zone === null) continue;
						weeks.set(zone, (weeks.get(zone) ?? 0) + 1);
						break;
					}
				}
				const counts = turning.zones.map((zone) => weeks.get(zone) ?? 0);
				expect(Math.max(...counts) - Math.min(...counts)).toBeLessThanOrEqual(1);
			}),
			{ numRuns: 120, seed: 46 }
		);
	});

	it('cards run from 1 to 4, the same through a week', () => {
		fc.assert(
			fc.property(rotation, fc.integer({ min: -400, max: 800 }), (turning, ahead) => {
				const day = addDays(FROM, ahead);
				const card = cardOn(day, turning);
				if (card !== null) expect([1, 2, 3, 4]).toContain(card);
				else expect(turning.scheme.extra).toBe('free');
				const index = dayOfWeekIndex(day, turning.weekStart);
				expect(cardOn(addDays(day, -index), turning)).toBe(card);
				expect(cardOn(addDays(day, 6 - index), turning)).toBe(card);
			}),
			{ numRuns: 300, seed: 47 }
		);
	});
});

import fc from 'fast-check';
import { Temporal } from 'temporal-polyfill';
import { describe, expect, it } from 'vitest';
import {
	addDays,
	dayOf,
	firstOfMonth,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	parseDay,
	partsOf,
	toDay,
	weekdayOf,
	type CivilDay,
	type Weekday
} from '../../src/lib/core/calendar/civil';
import { dayBegins, householdTime, partRunning, wallTime } from '../../src/lib/core/calendar/instant';
import { afterPause, mergeSpans, pauseOn, unpausedDays } from '../../src/lib/core/calendar/pauses';
import {
	missedZones,
	visitOn,
	visitsInYear,
	zoneOn,
	type Rotation
} from '../../src/lib/core/calendar/rotation';
import { rowOfMonth, startOfWeekInMonth, weekOfMonth, weeksInMonth } from '../../src/lib/core/calendar/weeks';

const anyDay = fc.integer({ min: -200_000, max: 200_000 }).map((n) => n as CivilDay);

describe('civil days', () => {
	it('agree with Temporal on year, month, day and weekday', () => {
		fc.assert(
			fc.property(anyDay, (day) => {
				const plain = new Temporal.PlainDate(1970, 1, 1).add({ days: day });
				expect(partsOf(day)).toEqual({ year: plain.year, month: plain.month, day: plain.day });
				expect(weekdayOf(day)).toBe(plain.dayOfWeek);
				expect(dayOf(plain.year, plain.month, plain.day)).toBe(day);
			})
		);
	});

	it('read only dates that the calendar has', () => {
		expect(parseDay('2028-02-29')).not.toBeNull();
		for (const text of [
			'2027-02-29',
			'2027-02-31',
			'2027-13-01',
			'2027-00-10',
			'2027-1-1',
			'yesterday',
			'',
			'2027-04-31'
		]) {
			expect(parseDay(text), text).toBeNull();
		}
		expect(() => toDay('2027-02-31')).toThrow(RangeError);
		expect(isoOf(toDay('0907-03-05'))).toBe('0907-03-05');
	});

	it('know the ends of months', () => {
		const index = monthIndexOf(toDay('2028-02-10'));
		expect(isoOf(firstOfMonth(index))).toBe('2028-02-01');
		expect(isoOf(lastOfMonth(index))).toBe('2028-02-29');
	});
});

describe('weeks and rows of a month', () => {
	it('every week of a month starts where weekOfMonth says, for both ways of belonging', () => {
		fc.assert(
			fc.property(
				anyDay,
				fc.integer({ min: 1, max: 7 }),
				fc.constantFrom('start', 'middle'),
				(day, start, belongs) => {
					const weekStart = start as Weekday;
					const way = belongs as 'start' | 'middle';
					const { week, monthIndex } = weekOfMonth(day, weekStart, way);
					const begin = startOfWeekInMonth(monthIndex, week, weekStart, way);
					expect(day - begin).toBeGreaterThanOrEqual(0);
					expect(day - begin).toBeLessThan(7);
					expect(weekdayOf(begin)).toBe(weekStart);
					expect(week).toBeLessThanOrEqual(weeksInMonth(monthIndex, weekStart, way));
					expect([4, 5]).toContain(weeksInMonth(monthIndex, weekStart, way));
				}
			)
		);
	});

	it('the row grows by one on each week start after the 1st', () => {
		fc.assert(
			fc.property(anyDay, fc.integer({ min: 1, max: 7 }), (day, start) => {
				const weekStart = start as Weekday;
				const row = rowOfMonth(day, weekStart);
				if (partsOf(day).day === 1) expect(row).toBe(1);
				else
					expect(row).toBe(rowOfMonth(addDays(day, -1), weekStart) + (weekdayOf(day) === weekStart ? 1 : 0));
			})
		);
	});
});

const cycle: Rotation = {
	weekStart: 1,
	weekBelongs: 'start',
	zones: ['a', 'b', 'c'],
	scheme: { type: 'cycle', extra: 'last', anchor: toDay('2027-03-01') },
	zoneDays: [1, 2, 3, 4, 5]
};

describe('zones come round', () => {
	it('a cycle runs backwards before its anchor in the same way', () => {
		expect(zoneOn(toDay('2027-03-03'), cycle)).toBe('a');
		expect(zoneOn(toDay('2027-02-24'), cycle)).toBe('c');
		expect(zoneOn(toDay('2027-02-17'), cycle)).toBe('b');
		expect(zoneOn(toDay('2027-03-06'), cycle)).toBeNull();
	});

	it('a visit is the zone days of its week, one day where zones have weekdays', () => {
		expect(visitOn(toDay('2027-03-03'), cycle)?.days.map(isoOf)).toEqual([
			'2027-03-01',
			'2027-03-02',
			'2027-03-03',
			'2027-03-04',
			'2027-03-05'
		]);
		const byDay: Rotation = { ...cycle, scheme: { type: 'weekdays', extra: 'last', byWeekday: { 3: 'b' } } };
		expect(visitOn(toDay('2027-03-03'), byDay)).toEqual({ zone: 'b', days: [toDay('2027-03-03')] });
		expect(visitOn(toDay('2027-03-04'), byDay)).toBeNull();
		expect(visitsInYear('b', toDay('2027-01-01'), byDay)).toBe(52);
		expect([17, 18]).toContain(visitsInYear('a', toDay('2027-01-01'), cycle));
	});

	it('a month of four rows leaves the fifth zone out, and says so', () => {
		const rows: Rotation = {
			...cycle,
			zones: ['a', 'b', 'c', 'd', 'e'],
			scheme: { type: 'rows', extra: 'last' }
		};
		// February 2027 begins on a Monday and has four rows.
		expect(missedZones(toDay('2027-02-01'), toDay('2027-02-28'), rows)).toEqual([
			{ month: '2027-02', zone: 'e' }
		]);
		expect(missedZones(toDay('2027-02-02'), toDay('2027-02-28'), rows)).toEqual([]);
	});
});

describe('pauses', () => {
	it('merged spans hold the same days as the spans themselves', () => {
		const spans = fc.array(
			fc.tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 8 })).map(([from, length]) => ({
				from: from as CivilDay,
				to: (from + length) as CivilDay
			})),
			{ maxLength: 6 }
		);
		fc.assert(
			fc.property(
				spans,
				fc.integer({ min: -2, max: 75 }),
				fc.integer({ min: 0, max: 30 }),
				(list, day, length) => {
					const merged = mergeSpans(list);
					const paused = (d: number) => list.some((s) => s.from <= d && d <= s.to);
					expect(pauseOn(merged, day as CivilDay) !== null).toBe(paused(day));
					let after = day;
					while (paused(after)) after++;
					expect(afterPause(merged, day as CivilDay)).toBe(after);
					let free = 0;
					for (let d = day + 1; d <= day + length; d++) if (!paused(d)) free++;
					expect(unpausedDays(merged, day as CivilDay, (day + length) as CivilDay)).toBe(free);
				}
			)
		);
	});
});

describe('household days', () => {
	const rules = {
		timeZone: 'Europe/London',
		dayStartsAt: '04:00',
		parts: { morning: '05:00', midday: '12:00', evening: '17:00' }
	};
	const at = (text: string) => householdTime(Date.parse(text), rules);

	it('count the kitchen finished at 00:40 for the evening before', () => {
		expect(isoOf(at('2027-03-04T00:40:00Z').date)).toBe('2027-03-03');
		expect(at('2027-03-04T00:40:00Z').minute).toBe(1480);
		expect(isoOf(at('2027-03-04T03:59:00Z').date)).toBe('2027-03-03');
		expect(isoOf(at('2027-03-04T04:00:00Z').date)).toBe('2027-03-04');
	});

	it('are one day each across both changes of the clock', () => {
		// The clocks go forward on 28 March 2027 and back on 31 October 2027.
		for (const [date, hours] of [
			['2027-03-27', 23],
			['2027-03-28', 24],
			['2027-10-30', 25],
			['2027-10-31', 24]
		] as const) {
			const begin = dayBegins(toDay(date), rules);
			const end = dayBegins(addDays(toDay(date), 1), rules);
			expect((end - begin) / 3_600_000, date).toBe(hours);
			expect(isoOf(householdTime(begin, rules).date)).toBe(date);
			expect(isoOf(householdTime(end - 1, rules).date)).toBe(date);
		}
		expect(wallTime(Date.parse('2027-07-01T10:40:00Z'), 'Europe/London')).toBe('11:40');
	});

	it('run through morning, midday and evening; the night belongs to the evening', () => {
		expect(partRunning(4 * 60 + 30, rules)).toBe('morning');
		expect(partRunning(12 * 60, rules)).toBe('midday');
		expect(partRunning(16 * 60 + 59, rules)).toBe('midday');
		expect(partRunning(25 * 60, rules)).toBe('evening');
	});
});

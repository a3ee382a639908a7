/** A home whose week begins on another day than Monday: what stands over a column is the weekday of its dates. */
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { weekdayName } from '../../src/lib/words/general';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { NOTHING_DONE } from '../../src/lib/core/schedule/occurrences';
import { loadSchedule } from '../../src/lib/server/pages/schedule/loadSchedule';
import { yardOfHome } from '../../src/lib/server/pages/setup/yardOfHome';
import { homeData, job, makeHome, step } from '../core/home';
import { someHomes } from './asking';

const { household } = someHomes();
const own = homeData().household as object;

describe.each([1, 3, 6, 7])('a week that begins on day %i', (weekStart) => {
	const home = () => makeHome({ household: { ...own, weekStart } });

	it('has its month under the right names', async () => {
		const id = await household(home());
		const { month } = await loadSchedule({ household: id, on: null, mode: 'month', find: null, me: null });
		expect(month?.weekdays).toHaveLength(7);
		for (const row of month?.rows ?? [])
			row.days.forEach((day, i) => {
				if (day) expect(weekdayName(toDay(day.date)).slice(0, 3), day.date).toBe(month?.weekdays[i]);
			});
	});

	it('has its four weeks under the right names', () => {
		const from = toDay('2027-03-03');
		const yard = yardOfHome(prepareHome([{ from, home: home() }]), NOTHING_DONE, from, 'It');
		const first = yard.weeks[0];
		const date = toDay(`2027-03-${String(first?.day).padStart(2, '0')}`);
		expect(weekdayName(date).slice(0, 3)).toBe(yard.weekdays[0]);
		expect(new Set(yard.weekdays).size).toBe(7);
	});
});

describe('the longest of four weeks', () => {
	const from = toDay('2027-03-03');
	const rooms = [{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 0 }];
	const told = (...jobs: object[]) =>
		yardOfHome(prepareHome([{ from, home: makeHome({ jobs, zones: [], rooms }) }]), NOTHING_DONE, from, 'It')
			.longestDay;
	const of = (minutes: number) => ({ usual: { minutes, steps: [step('Do it', minutes)] } });
	const weekly = (id: string, weekday: number, minutes: number) =>
		job(id, { cadence: { type: 'weekly', weekdays: [weekday], everyWeeks: 1 }, depths: of(minutes) });

	it('is a weekday where each is as long, else a day', () => {
		expect(told(weekly('a', 2, 40), weekly('b', 4, 20))).toBe('Tuesdays');
		const once = job('c', { cadence: { type: 'monthly', nth: 3, weekday: 2 }, depths: of(30) });
		expect(told(weekly('a', 2, 40), once)).toBe('Tue 16 March');
	});
});

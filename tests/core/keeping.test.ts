import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry, PauseEntry } from '../../src/lib/core/household/entry';
import { readHolding } from '../../src/lib/core/learning/holding';
import { comingDay } from '../../src/lib/core/schedule/comingDay';
import { outlook, visitsOf } from '../../src/lib/core/schedule/outlook';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { NOTHING_DONE, nextDates, occurrencesBetween } from '../../src/lib/core/schedule/occurrences';
import { pausedDays } from '../../src/lib/core/schedule/pausedDays';
import { backAfterIllness, catchUpPlan } from '../../src/lib/core/schedule/catchUpPlan';
import { minutesOfDay } from '../../src/lib/core/household/dayMinutes';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { done, entry } from './entries';
import { demoHome, prepared } from './home';

const TODAY = toDay('2027-03-03');

describe('what is to come', () => {
	const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);

	it('is, day for day, what the forecast of each day says', () => {
		const projection = projectHome(home, []);
		const turns = occurrencesBetween(home, projection, TODAY, addDays(TODAY, 1), addDays(TODAY, 40));
		for (let i = 1; i <= 40; i++) {
			const date = addDays(TODAY, i);
			const wanted = comingDay(home, projection, TODAY, date)
				.lines.filter((line) => line.line.job.cadence.type !== 'zone')
				.map((line) => line.line.id)
				.sort();
			const found = [...turns]
				.filter(([, days]) => days.includes(date))
				.map(([id]) => id)
				.sort();
			// A season that a floating turn steps over is known to the list of turns alone.
			expect(
				found.filter((id) => !home.seriesById.get(id)?.job.season),
				isoOf(date)
			).toEqual(wanted.filter((id) => !home.seriesById.get(id)?.job.season));
		}
	});

	it('leaves out what is paused, skipped or settled, and follows what is moved', () => {
		const small = prepared();
		const projection = projectHome(small, [
			entry({ outcome: 'skipped', date: '2027-03-03', job: 'bench', dueOn: '2027-03-10' }),
			entry({ outcome: 'moved', date: '2027-03-03', job: 'bench', dueOn: '2027-03-17', to: '2027-03-18' }),
			done('bench', '2027-03-03'),
			entry({
				outcome: 'pause',
				date: '2027-03-03',
				scope: 'household',
				from: '2027-03-22',
				to: '2027-03-28',
				reason: 'holiday'
			})
		]);
		const bench = small.seriesById.get('bench');
		if (!bench) throw new Error('no line');
		const pauses = [{ from: toDay('2027-03-22'), to: toDay('2027-03-28') }];
		expect(nextDates(bench, { projection, pauses, today: TODAY }, 3).map((day) => isoOf(day))).toEqual([
			'2027-03-18',
			'2027-03-31',
			'2027-04-07'
		]);
	});

	it('floats on, over pauses', () => {
		const small = prepared();
		const line = small.seriesById.get('skirting');
		if (!line) throw new Error('no line');
		const projection = projectHome(small, [done('skirting', '2027-03-01')]);
		const pauses = [{ from: toDay('2027-03-14'), to: toDay('2027-03-20') }];
		expect(nextDates(line, { projection, pauses, today: TODAY }, 2).map((day) => isoOf(day))).toEqual([
			'2027-03-21',
			'2027-04-04'
		]);
	});
});

describe('the outlook', () => {
	it('adds the minutes of what falls due and of the sitting', () => {
		const [day] = outlook(prepared(), TODAY, 1, NOTHING_DONE);
		// Wednesday: dishes twice, counters, reset; bench and toilet; what the zone’s sitting offers after yesterday’s.
		expect(day).toMatchObject({ basics: 20, weekly: 11, zoneMinutes: 13, zone: 'front' });
		const offered = comingDay(prepared(), NOTHING_DONE, addDays(TODAY, -1), TODAY).lines.filter(
			(line) => line.offered
		);
		expect(offered.reduce((sum, line) => sum + line.minutes, 0)).toBe(13);
	});
	it('takes a job of a month to be done on the emptiest of its days, once a month', () => {
		const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
		const days = outlook(home, toDay('2027-04-01'), 30);
		for (const line of home.series.filter(
			(one) => one.job.cadence.type === 'months' && one.job.cadence.months.includes(4)
		))
			expect(days.filter((day) => day.lines.includes(line.id)).length, line.id).toBe(1);
	});
	it('never takes it to be done on a day that lies under a cloth', () => {
		const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
		const away = { outcome: 'pause', date: '2027-03-03', scope: 'household', reason: 'holiday' };
		const projection = projectHome(home, [entry({ ...away, from: '2027-03-08', to: '2027-03-27' })]);
		const days = outlook(home, TODAY, 60, projection);
		for (const day of days)
			if (day.paused) expect([isoOf(day.date), day.total]).toEqual([isoOf(day.date), 0]);
		expect(days.filter((day) => day.paused).length).toBe(20);
		const months = home.series.filter((line) => line.job.cadence.type === 'months');
		const before = outlook(home, TODAY, 60);
		for (const line of months) {
			const times = (list: typeof days) => list.filter((day) => day.lines.includes(line.id)).length;
			expect(times(days), line.id).toBe(times(before));
		}
	});
	it('has the visits of a year as runs without a gap', () => {
		const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
		const days = outlook(home, toDay('2027-01-01'), 365);
		const visits = visitsOf(days, home);
		expect(visits[0]?.from).toBe(toDay('2027-01-01'));
		for (let i = 1; i < visits.length; i++) expect(visits[i]?.from).toBe((visits[i - 1]?.to ?? 0) + 1);
		expect(visits[visits.length - 1]?.to).toBe(toDay('2027-12-31'));
	});
});

describe('days under a cloth', () => {
	const pause = (rest: Record<string, unknown>) =>
		entry({ outcome: 'pause', date: '2027-03-03', reason: 'away', ...rest }) as PauseEntry;
	it('are told each with what holds on it, the first and the last included', () => {
		const days = pausedDays(
			[
				pause({ scope: 'household', from: '2027-03-04', to: '2027-03-05' }),
				pause({ scope: 'room', target: 'porch', from: '2027-03-05', to: '2027-03-06' })
			],
			TODAY,
			5
		);
		expect(days.map((day) => [isoOf(day.date), day.whole, day.pauses.length])).toEqual([
			['2027-03-03', false, 0],
			['2027-03-04', true, 1],
			['2027-03-05', true, 2],
			['2027-03-06', false, 1],
			['2027-03-07', false, 0]
		]);
	});
});

describe('growing in', () => {
	const days = (from: number, to: number) =>
		Array.from({ length: to - from + 1 }, (_, i) => addDays(TODAY, -from - i));
	const basics = (list: CivilDay[]): LedgerEntry[] =>
		list.flatMap((day) => [
			done('dishes', isoOf(day), { part: 'morning' }),
			done('dishes', isoOf(day), { part: 'evening' }),
			done('counters', isoOf(day)),
			done('reset', isoOf(day))
		]);

	it('reads the last two weeks plainly, and says when the next layer may come', () => {
		const home = prepared({ household: { ...(prepared().home.household as object), layers: ['basics'] } });
		const eleven = readHolding(home, basics(days(1, 11)), TODAY);
		expect(eleven.layers[0]).toEqual({ layer: 'basics', on: true, asked: 14, held: 11 });
		expect(eleven.next).toBe('weekly');
		const four = readHolding(home, basics(days(1, 4)), TODAY);
		expect([four.layers[0]?.held, four.next, four.back]).toEqual([4, null, null]);
	});

	it('asks for a layer that was just switched on before the next may come', () => {
		const two = prepared({
			household: { ...(prepared().home.household as object), layers: ['basics', 'weekly'] }
		});
		// What was on was on before: as if switched on now, nothing of the week was ever asked.
		const fresh = prepareHome([
			{
				from: addDays(TODAY, -60),
				home: { ...two.home, household: { ...two.home.household, layers: ['basics'] } }
			},
			{ from: TODAY, home: two.home }
		]);
		const now = readHolding(fresh, basics(days(1, 14)), TODAY);
		expect([now.layers[1]?.asked, now.next]).toEqual([0, null]);
		const held = readHolding(
			two,
			[
				...basics(days(1, 14)),
				...['2027-02-17', '2027-02-24'].flatMap((day) => [done('bench', day), done('toilet', day)])
			],
			TODAY
		);
		expect(held.next).toBe('zone');
	});

	it('says when to go back one', () => {
		const home = prepared();
		const read = readHolding(home, basics(days(1, 3)), TODAY);
		expect(read.next).toBeNull();
		expect(read.back).toBe('long');
		const well = readHolding(
			home,
			[
				...basics(days(1, 14)),
				done('bench', '2027-02-17'),
				done('bench', '2027-02-24'),
				done('toilet', '2027-02-17'),
				done('toilet', '2027-02-24')
			],
			TODAY
		);
		expect(well.back).not.toBe('basics');
	});
});

describe('the way back after an illness', () => {
	it('takes the backlog in sittings over days, the most urgent first, all of it and nothing twice', () => {
		fc.assert(
			fc.property(fc.integer({ min: 30, max: 150 }), fc.integer({ min: 10, max: 30 }), (minutes, sitting) => {
				const home = prepareHome([{ from: toDay('2027-01-04'), home: demoHome() }]);
				const projection = projectHome(home, []);
				const way = catchUpPlan(home, projection, TODAY, minutes, sitting);
				const lines = way.days.flatMap((day) => day.sitting.map((line) => line.line.id));
				expect(new Set(lines).size).toBe(lines.length);
				expect(lines.every((id) => home.seriesById.get(id)?.job.layer !== 'basics')).toBe(true);
				const [first] = way.days;
				const all = lines.reduce(
					(sum, id) => sum + (home.seriesById.get(id)?.job.depths.usual.minutes ?? 0),
					0
				);
				const onFirst = (first?.sitting ?? []).reduce((sum, line) => sum + line.minutes, 0);
				if (lines.length > 4) expect(onFirst).toBeLessThan(all / 2);
			}),
			{ numRuns: 6 }
		);
	});
	it('is nothing where nothing was left', () => {
		expect(
			catchUpPlan(
				prepared({
					jobs: [],
					zones: [],
					rooms: [{ id: 'a', name: 'A', kind: 'hall', storey: 0, walkOrder: 0 }]
				}),
				NOTHING_DONE,
				TODAY,
				60,
				15
			)
		).toEqual({ days: [], clearOn: TODAY });
	});
});

describe('the minutes of a day', () => {
	it('are those that are set, else the habit, else an hour', () => {
		expect(minutesOfDay({ minutesADay: 5 }, 90)).toBe(5);
		expect(minutesOfDay({}, 90)).toBe(90);
		expect(minutesOfDay({}, 3)).toBe(30);
		expect(minutesOfDay({})).toBe(60);
	});
});

describe('the day after an illness', () => {
	const ill = (from: string, to: string, reason = 'ill') =>
		entry({ outcome: 'pause', date: from, scope: 'member', target: 'ada', from, to, reason }) as PauseEntry;
	it('is the one after it, today where it is over, and none where it is long ago', () => {
		expect(backAfterIllness([ill('2027-03-01', '2027-03-05')], TODAY)).toBe(toDay('2027-03-06'));
		expect(backAfterIllness([ill('2027-02-20', '2027-03-02')], TODAY)).toBe(TODAY);
		expect(backAfterIllness([ill('2027-02-10', '2027-02-21')], TODAY)).toBe(TODAY);
		expect(backAfterIllness([ill('2027-02-10', '2027-02-20')], TODAY)).toBeNull();
		expect(backAfterIllness([ill('2027-03-01', '2027-03-05', 'away')], TODAY)).toBeNull();
		expect(backAfterIllness([], TODAY)).toBeNull();
	});
});

/** Ways that ask much of a plan: one thing after the other on one surface, soaks side by side, guests soon, months that begin late. */
import { describe, expect, it } from 'vitest';
import {
	addDays,
	isoMonth,
	monthIndexOf,
	monthOfIndex,
	partsOf,
	toDay,
	weekdayOf,
	type CivilDay
} from '../../src/lib/core/calendar/civil';
import { missedZones, zoneOn, type Rotation } from '../../src/lib/core/calendar/rotation';
import { rowOfMonth, weekOfMonth } from '../../src/lib/core/calendar/weeks';
import { mayUse } from '../../src/lib/core/cupboard/ask';
import { judgeUses, type Use } from '../../src/lib/core/cupboard/cautions';
import { caresOfStep } from '../../src/lib/core/cupboard/cautionsOfJob';
import type { Family } from '../../src/lib/core/cupboard/products';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { NOTHING_DONE, occurrencesBetween } from '../../src/lib/core/schedule/occurrences';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { whyLeft } from '../../src/lib/core/planner/whyLeft';
import { alarmsOf } from '../../src/lib/core/session/alarms';
import { arrangedAt } from '../../src/lib/core/session/arranged';
import { sessionPlan } from '../../src/lib/core/session/fill';
import { readSession } from '../../src/lib/core/session/sessionState';
import { entry } from './entries';
import { job, makeHome, step } from './home';
import { event, MINUTE, solved } from './sessions';

const MONDAY = toDay('2027-03-01');
const ROOMS = [
	{ id: 'living', name: 'Living room', kind: 'living', storey: 0, walkOrder: 1, seenByVisitors: true },
	{ id: 'hall', name: 'Hall', kind: 'hall', storey: 0, walkOrder: 2, seenByVisitors: true },
	{ id: 'kitchen', name: 'Kitchen', kind: 'kitchen', storey: 0, walkOrder: 3 }
];
const homeOf = (jobs: unknown[]) =>
	prepareHome([{ from: MONDAY, home: makeHome({ zones: [], rooms: ROOMS, jobs }) }]);

describe('the sink, properly, twice a year', () => {
	const product = (families: string[], rest: object = {}) => ({ families, surface: 'basin', ...rest });
	const rinse = (text: string) => step(text, 1, { products: [product(['water'], { rinse: true })] });
	const sink = (id: string, ...steps: object[]) =>
		job(id, {
			room: 'kitchen',
			cadence: { type: 'everyMonths', every: 6, on: 1 },
			depths: { usual: { minutes: 6, steps } }
		});
	const bleach = step('Bleach on', 2, {
		class: 0,
		wait: { label: 'Bleach', min: 60, max: 75 },
		products: [product(['bleach'])]
	});
	const shine = step('Glass cleaner', 3, { products: [product(['alcohol'])] });
	const scour = step('Scour', 4, { products: [product(['abrasive'])] });

	it('comes twice a year', () => {
		const home = homeOf([sink('sink', bleach, rinse('Rinse'), shine)]);
		const dates = occurrencesBetween(home, NOTHING_DONE, MONDAY, MONDAY, addDays(MONDAY, 364));
		expect(dates.get('sink')?.map((one) => partsOf(one).month)).toEqual([7, 1]);
	});

	it('is safe with a rinse after the bleach, and a danger without', () => {
		const uses = (steps: { text: string; products?: unknown }[]): Use[] =>
			steps.flatMap((one) =>
				((one.products ?? []) as { families: string[]; rinse?: boolean }[]).map((use) => ({
					step: one.text,
					person: 'ada',
					surfaceOf: 'basin',
					surface: 'tile',
					families: use.families,
					rinse: use.rinse
				}))
			);
		const people = [{ id: 'ada', age: null, excludes: [] }];
		expect(judgeUses(uses([bleach, rinse('1'), scour, rinse('2'), shine]), people)).toMatchObject({
			dangers: [],
			cautions: []
		});
		expect(judgeUses(uses([bleach, scour, shine]), people)).toMatchObject({
			dangers: [['Bleach on', 'Glass cleaner']],
			cautions: [['Bleach on', 'Scour']]
		});
	});

	const meetingOn = (surface: string | undefined) => {
		const on = (families: string[]) => [{ ...product(families), ...(surface ? { surface } : {}) }];
		const home = homeOf([
			job('bleach', {
				room: 'kitchen',
				depths: {
					usual: { minutes: 2, steps: [step('Bleach on', 2, { class: 0, products: on(['bleach']) })] }
				}
			}),
			job('shine', {
				room: 'kitchen',
				depths: { usual: { minutes: 3, steps: [step('Glass cleaner', 3, { products: on(['alcohol']) })] } }
			})
		]);
		return solved(home, [], addDays(MONDAY, 2), 'bite', 60, ['ada']);
	};
	it.each([undefined, 'tile'])(
		'what must not meet on %s is parted by a rinse of its own in the plan',
		(surface) => {
			const { filled, plan } = meetingOn(surface);
			expect(plan.left).toEqual([]);
			const steps = sessionPlan(filled, plan, 60).steps;
			expect(steps.map((one) => one.text)).toEqual([
				'Bleach on',
				'Rinse with plenty of water',
				'Glass cleaner'
			]);
			expect(checkPlan(filled.input, plan.entries)).toEqual([]);
		}
	);
	it('each room that both are used in has a rinse of its own', () => {
		const both = (family: string) => [
			step(`${family} in the kitchen`, 2, { products: [product([family])] }),
			step(`${family} in the hall`, 2, { products: [product([family])], room: 'hall' })
		];
		const home = homeOf([
			job('bleach', { room: 'kitchen', depths: { usual: { minutes: 4, steps: both('bleach') } } }),
			job('shine', { room: 'kitchen', depths: { usual: { minutes: 4, steps: both('alcohol') } } })
		]);
		const { filled, plan } = solved(home, [], addDays(MONDAY, 2), 'bite', 60, ['ada']);
		expect(plan.left).toEqual([]);
		const rinses = sessionPlan(filled, plan, 60).steps.filter((one) => one.text.startsWith('Rinse'));
		expect(rinses.map((one) => one.room).sort()).toEqual(['hall', 'kitchen']);
		expect(checkPlan(filled.input, plan.entries)).toEqual([]);
	});
	it('where a rinse would harm it is kept apart by the plan, with the job that stands against it named', () => {
		const { filled, plan } = meetingOn('laminate');
		const jobs = new Set(plan.entries.map((one) => one.job));
		expect(jobs.size).toBe(1);
		const left = plan.left[0] as string;
		expect(whyLeft(filled.input, plan, left, { bell: 60, coveredBy: null })).toEqual({
			code: 'danger',
			job: [...jobs][0]
		});
	});

	it('the hour rings when it is over, and hurries before the longest time', () => {
		const home = homeOf([
			job('sink', {
				room: 'kitchen',
				depths: { usual: { minutes: 8, steps: [bleach, rinse('Rinse'), scour, rinse('Rinse again')] } }
			})
		]);
		const { filled, plan } = solved(home, [], addDays(MONDAY, 2), 'bite', 120, ['ada']);
		const made = sessionPlan(filled, plan, 120);
		const events = [event('started', 0), event('stepDone', 2, 0)];
		const at = 10 * MINUTE;
		const clock = readSession(made, events, at);
		const bells = alarmsOf(made, clock, arrangedAt(made, events, at), at);
		const of = (kind: string) => bells.find((one) => one.kind === kind)?.at;
		expect(of('fetch')).toBe(62 * MINUTE);
		expect(of('hurry')).toBe((2 + 75 - 2) * MINUTE);
	});
});

describe('Saturday in the kitchen', () => {
	const soaked = (id: string, min: number, max: number) =>
		job(id, {
			room: 'kitchen',
			depths: {
				usual: {
					minutes: 6,
					steps: [
						step(`${id} in`, 2, { class: 0, wait: { label: 'Soak', min, max } }),
						step(`${id} out`, 4, { class: 5 })
					]
				}
			}
		});
	const home = homeOf([
		soaked('grates', 15, 25),
		soaked('filter', 10, 20),
		soaked('kettle', 20, 40),
		job('steel', { room: 'kitchen' })
	]);
	const SATURDAY_WORK = addDays(MONDAY, 2);

	it('three soaks run at once, and each is fetched within its time', () => {
		const { filled, plan } = solved(home, [], SATURDAY_WORK, 'bite', 60, ['ada']);
		expect(new Set(plan.entries.map((one) => one.job)).size).toBe(4);
		expect(checkPlan(filled.input, plan.entries)).toEqual([]);
		// Side by side: one after the other they would take an hour and more.
		expect(plan.end).toBeLessThan(45);
	});

	it('is fetched in its time still when the job before it runs over', () => {
		const { filled, plan } = solved(home, [], SATURDAY_WORK, 'bite', 60, ['ada']);
		const made = sessionPlan(filled, plan, 60);
		// Everything that soaks is in; then what is in hand takes longer than was thought.
		const soaks = made.steps.filter((one) => one.wait !== null).length;
		const events = [
			event('started', 0),
			...made.steps.slice(0, soaks).map((_, i) => event('stepDone', 2 * (i + 1), i))
		];
		for (let minute = 2 * soaks; minute <= 30; minute++) {
			const at = minute * MINUTE;
			const clock = readSession(made, events, at);
			const arranged = arrangedAt(made, events, at);
			for (const one of clock.waits.filter((wait) => wait.fetchAt <= at)) {
				const bells = alarmsOf(made, clock, arranged, at);
				expect(bells.some((bell) => bell.kind === 'fetch' && bell.at === one.fetchAt)).toBe(true);
			}
		}
	});

	it('the floor is asked for three times a week, and the robot every day', () => {
		const floors = homeOf([
			job('vacuum', { cadence: { type: 'timesAWeek', times: 3 }, missRule: 'letgo', room: 'hall' }),
			job('robot', { cadence: { type: 'daily' }, missRule: 'letgo', room: 'hall' })
		]);
		const dates = occurrencesBetween(floors, NOTHING_DONE, MONDAY, MONDAY, addDays(MONDAY, 27));
		const count = (id: string) => dates.get(id)?.length;
		expect([count('vacuum'), count('robot')]).toEqual([12, 28]);
	});
});

describe('they ring in half an hour', () => {
	const home = homeOf([
		job('wipe', { room: 'kitchen', depths: { usual: { minutes: 8, steps: [step('Wipe', 8)] } } }),
		job('cushions', { room: 'living', depths: { usual: { minutes: 6, steps: [step('Cushions', 6)] } } }),
		job('coats', { room: 'hall', depths: { usual: { minutes: 6, steps: [step('Coats', 6)] } } }),
		job('table', { room: 'living', depths: { usual: { minutes: 7, steps: [step('Table', 7)] } } })
	]);
	const date = addDays(MONDAY, 2);

	it('rooms that they see come in, the others do not', () => {
		const { plan } = solved(home, [], date, 'visitors', 30, ['ada']);
		const jobs = plan.entries.map((one) => one.job);
		expect(jobs).toEqual(expect.arrayContaining(['cushions', 'coats', 'table']));
		expect(jobs).not.toContain('wipe');
		// The room they sit in comes first.
		const rooms = [...plan.entries]
			.sort((a, b) => a.start - b.start)
			.flatMap((one) => home.jobById.get(one.job)?.room ?? []);
		expect(rooms[0]).toBe('living');
	});

	it('what comes when it is called comes in, and what the home has a job for is not made up beside it', () => {
		const own = (id: string, rest: Record<string, unknown>) =>
			job(id, {
				room: 'living',
				depths: { usual: { minutes: 4, steps: [step(id, 4, { class: 1 })] } },
				...rest
			});
		const asked = (jobs: unknown[]) => {
			const { plan, filled } = solved(homeOf(jobs), [], date, 'visitors', 30, ['ada']);
			return { plan: plan.entries.map((one) => one.job), made: [...filled.extraOf.keys()] };
		};
		const bare = asked([
			own('vases', { cadence: { type: 'onCall' }, missRule: 'letgo', layer: 'long', subject: 'plants' })
		]);
		expect(bare.plan).toContain('vases');
		expect(bare.made).toEqual(expect.arrayContaining(['~basket-living', '~cushions-living', '~boots-hall']));
		const tidy = asked([own('straight', { subject: 'tidy' })]);
		expect(tidy.plan).toContain('straight');
		expect(tidy.made).not.toContain('~basket-living');
		expect(tidy.made).not.toContain('~cushions-living');
		expect(tidy.made).toContain('~boots-hall');
		// Without a kind of work said, what its steps do says it.
		expect(asked([own('pick-up', {})]).made).not.toContain('~basket-living');
	});

	it('with fifteen minutes less the rest shrinks, and nobody is torn from what is in hand', () => {
		const { filled, plan } = solved(home, [], date, 'visitors', 30, ['ada', 'ben']);
		const made = sessionPlan(filled, plan, 30);
		const started = [event('started', 0)];
		const at = 2 * MINUTE;
		const inHand = arrangedAt(made, started, at).lanes.map((lane) => [lane.who, lane.coming[0]?.step]);
		const events = [...started, event('cutTo', 2, null, { minutes: 6 })];
		const clock = readSession(made, events, at);
		const arranged = arrangedAt(made, events, at);
		expect(clock.left).toBe(6 * MINUTE);
		expect(arranged.lanes.map((lane) => [lane.who, lane.coming[0]?.step])).toEqual(inHand);
		const coming = (lanes: typeof arranged.lanes) => lanes.reduce((sum, lane) => sum + lane.coming.length, 0);
		expect(coming(arranged.lanes)).toBeLessThan(coming(arrangedAt(made, started, at).lanes));
	});
});

describe('months that begin late', () => {
	// May 2027 begins on a Saturday.
	const begins = toDay('2027-05-01');
	const rotation = (type: 'rows' | 'weeks'): Rotation => ({
		zones: ['a', 'b', 'c', 'd', 'e'],
		scheme: { type, extra: 'last' },
		zoneDays: [1, 2, 3, 4, 5],
		weekStart: 1,
		weekBelongs: 'start'
	});

	it('by rows the first zone has the two days of the first row alone, which no zone day is', () => {
		expect(weekdayOf(begins)).toBe(6);
		const rows = rotation('rows');
		expect(rowOfMonth(begins, 1)).toBe(1);
		expect(zoneOn(begins, rows)).toBeNull();
		expect(zoneOn(addDays(begins, 2), rows)).toBe('b');
		// It is said ahead, once for the month, and for no other zone of it.
		expect(missedZones(begins, toDay('2027-05-31'), rows)).toEqual([{ month: '2027-05', zone: 'a' }]);
	});

	it('by whole weeks the days before the first of them belong to the month before, and no zone is missed', () => {
		const weeks = rotation('weeks');
		expect(weekOfMonth(begins, 1, 'start').week).toBe(4);
		expect(zoneOn(addDays(begins, 2), weeks)).toBe('a');
		expect(missedZones(begins, toDay('2027-05-31'), weeks)).toEqual([]);
	});

	it('no false alarm in three years: a zone is said to be missed just where it has no day', () => {
		const [from, to] = [toDay('2027-01-04'), toDay('2029-12-31')];
		// A day counts to the month of its row, or of its whole week.
		const monthOf = {
			rows: monthIndexOf,
			weeks: (day: CivilDay) => weekOfMonth(day, 1, 'start').monthIndex
		};
		for (const type of ['rows', 'weeks'] as const) {
			const one = rotation(type);
			const said = new Set(missedZones(from, to, one).map((miss) => `${miss.month} ${miss.zone}`));
			const had = new Set<string>();
			for (let day = from; day <= to; day = addDays(day, 1)) {
				const { year, month } = monthOfIndex(monthOf[type](day));
				const zone = zoneOn(day, one);
				if (zone) had.add(`${isoMonth(year, month)} ${zone}`);
			}
			// January of the first year has no first row within the days looked at.
			for (let index = monthIndexOf(from) + 1; index < monthIndexOf(to); index++) {
				const { year, month } = monthOfIndex(index);
				for (const zone of one.zones) {
					const key = `${isoMonth(year, month)} ${zone}`;
					expect(said.has(key), `${type} ${key}`).toBe(!had.has(key));
				}
			}
		}
	});
});

describe('light days and deep days', () => {
	const on = (families: string[], rest: object = {}) => ({ families, surface: 'steel', ...rest });
	const hob = job('hob', {
		room: 'kitchen',
		cadence: { type: 'daily' },
		missRule: 'letgo',
		depths: {
			quick: { minutes: 3, steps: [step('Wipe it', 3, { products: [on(['surfactant'])] })] },
			usual: {
				minutes: 6,
				steps: [step('Wipe it', 4, { products: [on(['surfactant'])] }), step('Dry it', 2, { class: 4 })]
			},
			deep: {
				minutes: 10,
				steps: [
					step('Wash it', 4, { products: [on(['surfactant'])] }),
					step('Rinse it', 1, { products: [on(['water'], { rinse: true })] }),
					step('Disinfect it', 2, { products: [on(['bleach'], { contactMinutes: 8 })] }),
					step('Rinse it again', 1, { products: [on(['water'], { rinse: true })] }),
					step('Dry it', 2, { class: 4 })
				]
			}
		}
	});
	const filler = Array.from({ length: 6 }, (_, i) =>
		job(`shelf-${i}`, {
			room: 'kitchen',
			cadence: { type: 'daily' },
			missRule: 'letgo',
			depths: { usual: { minutes: 4, steps: [step(`Shelf ${i}`, 4)] } }
		})
	);
	const home = homeOf([hob, ...filler]);
	const WEDNESDAY = addDays(MONDAY, 2);
	const declared = (depth: string) => [entry({ outcome: 'dayDepth', date: '2027-03-03', depth })];
	const hobOn = (day: CivilDay, ledger: LedgerEntry[]) => {
		const found = readDay(home, projectHome(home, ledger), day).lines.find((one) => one.line.id === 'hob');
		return [found?.depth, found?.minutes];
	};

	it('a day that is declared takes the minutes of its depth, and the day after is a usual one', () => {
		expect(hobOn(WEDNESDAY, [])).toEqual(['usual', 6]);
		expect(hobOn(WEDNESDAY, declared('quick'))).toEqual(['quick', 3]);
		expect(hobOn(WEDNESDAY, declared('deep'))).toEqual(['deep', 10]);
		expect(hobOn(addDays(WEDNESDAY, 1), declared('quick'))).toEqual(['usual', 6]);
		// What has no short version keeps its own.
		const shelf = readDay(home, projectHome(home, declared('quick')), WEDNESDAY).lines.find(
			(one) => one.line.id === 'shelf-0'
		);
		expect([shelf?.depth, shelf?.minutes]).toEqual(['usual', 4]);
	});

	it('clean first, disinfect after: that soap would undo it is told, and rinsed off it is not', () => {
		const after = (families: Family[] | null) =>
			mayUse({
				product: { families: ['quat'], perhaps: [] },
				surface: 'tile',
				after: families === null ? null : { families, perhaps: [] },
				pets: []
			});
		expect(after(['surfactant']).reasons).toContainEqual({
			code: 'meets',
			level: 'note',
			with: ['surfactant']
		});
		expect(after(null)).toMatchObject({ verdict: 'yes', reasons: [] });
	});

	it('bleach on metal is rinsed off within its time, whatever else is to do, and that is said', () => {
		const { filled, plan } = solved(home, declared('deep'), WEDNESDAY, 'bite', 60, ['ada', 'ben']);
		expect(plan.left).toEqual([]);
		const made = sessionPlan(filled, plan, 60);
		const of = (text: string) => made.steps.find((one) => one.text === text) as (typeof made.steps)[number];
		const put = of('Disinfect it');
		expect(of('Rinse it again').start - put.start).toBeLessThanOrEqual(8);
		expect(put.within).toBe(6);
		expect(checkPlan(filled.input, plan.entries)).toEqual([]);
		// The checker knows it by itself: a plan that leaves it on longer is none.
		const late = plan.entries.map((one) =>
			one.job === 'hob' && one.step > 2 ? { ...one, start: one.start + 30, end: one.end + 30 } : one
		);
		expect(checkPlan({ ...filled.input, bell: 120 }, late).map((one) => one.rule)).toContain('wait');
		expect(caresOfStep(home.home, home.jobById.get('hob') as never, 'deep', 2)).toContainEqual({
			code: 'briefly',
			minutes: 8
		});
	});
});

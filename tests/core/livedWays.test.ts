/** Ways of running a home, lived for weeks: what is missed, free, light and thorough, in season, fast, and done along. */
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, weekdayOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import { zoneCard } from '../../src/lib/core/cards/zoneCard';
import { readHolding } from '../../src/lib/core/learning/holding';
import { checkZones } from '../../src/lib/core/learning/zoneLoad';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import type { Home } from '../../src/lib/core/household/home';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay, type DaySeries } from '../../src/lib/core/schedule/readDay';
import { checkPlan } from '../../src/lib/core/planner/checkPlan';
import { homeFromDraft } from '../../src/lib/core/setup/homeFromDraft';
import { done, entry } from './entries';
import { job, makeHome, step } from './home';
import { draft, library, patterns } from './library';
import { solved } from './sessions';

const MONDAY = toDay('2027-03-01');
const WEEKS = 12;

function begun(pattern: string, rest: Record<string, unknown> = {}): PreparedHome {
	const found = patterns().find((one) => one.id === pattern);
	if (!found) throw new Error(pattern);
	const made = homeFromDraft(draft({ minutesADay: 120, ...rest }), library(), found, MONDAY);
	if (!made.ok) throw new Error(JSON.stringify(made.problems));
	return prepareHome([{ from: MONDAY, home: made.home }]);
}
/** A home of just these jobs, with no zones but where some are given. */
const alone = (home: Home) => prepareHome([{ from: MONDAY, home }]);

const ROOMS_ALONE = {
	zones: [],
	rooms: [
		{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 1 },
		{ id: 'kitchen', name: 'Kitchen', kind: 'kitchen', storey: 0, walkOrder: 2 }
	]
};

type Asked = (line: DaySeries) => boolean;
const isAsked: Asked = (line) => line.state === 'due' || line.state === 'late';
const isBasic: Asked = (line) => line.line.job.layer === 'basics';

/** Each day of the weeks, with all done of it that `does` says, before the next is read. */
function live(home: PreparedHome, days: number, does: (line: DaySeries, date: CivilDay) => boolean) {
	const entries: LedgerEntry[] = [];
	const seen: { date: CivilDay; lines: readonly DaySeries[] }[] = [];
	for (let i = 0; i < days; i++) {
		const date = addDays(MONDAY, i);
		const lines = readDay(home, projectHome(home, entries), date).lines.filter(isAsked);
		seen.push({ date, lines });
		for (const line of lines)
			if (does(line, date))
				entries.push(done(line.line.job.id, isoOf(date), { part: line.line.part, depth: line.depth }));
	}
	return { entries, seen };
}

/** What a home has put on free days; what counts from the last time falls due when it is due, on whatever day that is. */
const workOn = (free: readonly number[], seen: ReturnType<typeof live>['seen']) => [
	...new Set(
		seen
			.filter(({ date }) => free.includes(weekdayOf(date)))
			.flatMap(({ lines }) => lines)
			.filter((line) => !isBasic(line) && line.line.job.cadence.type !== 'afterDone')
			.map((line) => `${line.line.job.name}: ${JSON.stringify(line.line.job.cadence)}`)
	)
];

describe('a home without zones', () => {
	it('has no part of the work that is called after them, and the next part is one that it has', () => {
		const made = begun('family-lists', { begin: 'basics' });
		expect(made.home.zones).toEqual([]);
		expect(made.home.jobs.filter((job) => job.layer === 'zone')).toEqual([]);
		const held = live(made, 21, () => true);
		const { layers, next } = readHolding(made, held.entries, addDays(MONDAY, 21));
		expect(layers.map((one) => one.layer)).toEqual(['basics', 'weekly', 'long']);
		expect(next).toBe('weekly');
	});
});

describe('days that are left free', () => {
	it('are free in every pattern, whichever two they are', () => {
		for (const { id } of patterns())
			for (const free of [[7], [2, 7], [3, 6]]) {
				const home = begun(id, { freeDays: free });
				expect(home.home.household.rhythm.freeDays).toEqual(free);
				const { seen } = live(home, 28, () => true);
				expect(workOn(free, seen), `${id}, free ${free.join()}`).toEqual([]);
				expect(
					seen.some(({ lines }) => lines.some((line) => !isBasic(line))),
					id
				).toBe(true);
				for (const day of Object.keys(home.home.household.rhythm.subjects))
					expect(free, `${id}, a subject on a free day`).not.toContain(Number(day));
			}
	});
});

describe('days for rooms and persons', () => {
	const home = begun('days-for-rooms-and-people');
	const free = home.home.household.rhythm.freeDays;

	it('its free day asks for nothing but basics, week after week', () => {
		expect(free.length).toBeGreaterThan(0);
		const { seen } = live(home, WEEKS * 7, () => true);
		expect(seen.some(({ lines }) => lines.some((line) => !isBasic(line)))).toBe(true);
		expect(workOn(free, seen)).toEqual([]);
	});

	it('what was missed of a day leaves no trace on the next ones', () => {
		const { seen } = live(home, 21, () => false);
		const weekly = seen.flatMap(({ date, lines }) =>
			lines
				.filter((line) => line.line.job.layer === 'weekly' && line.line.job.missRule === 'letgo')
				.map((line) => ({ date, line }))
		);
		expect(weekly.length).toBeGreaterThan(10);
		for (const { date, line } of weekly) {
			expect(line.state, line.line.job.name).toBe('due');
			expect(line.dueOn, `${line.line.job.name} ${isoOf(date)}`).toBe(date);
		}
	});
});

describe('a subject for each weekday, and a day to catch up', () => {
	it('what was missed waits, is asked for on that day, and is gone after it', () => {
		const home = begun('family-lists', { everything: true });
		const { catchUpDays } = home.home.household.rhythm;
		expect(catchUpDays).toEqual([6]);
		const { seen } = live(home, 14, () => false);
		const missed = seen
			.filter(({ date }) => weekdayOf(date) === 2)
			.flatMap(({ date, lines }) =>
				lines
					.filter((line) => line.line.job.missRule === 'catchup' && line.dueOn === date)
					.map((line) => ({ tuesday: date, id: line.line.id }))
			);
		expect(missed.length).toBeGreaterThan(0);
		const on = (date: CivilDay) =>
			seen.find((one) => one.date === date)?.lines.map((line) => line.line.id) ?? [];
		for (const { tuesday, id } of missed) {
			for (const between of [1, 2, 3]) expect(on(addDays(tuesday, between)), id).not.toContain(id);
			expect(on(addDays(tuesday, 4)), id).toContain(id);
			expect(on(addDays(tuesday, 5)), id).not.toContain(id);
		}
	});
});

describe('a fast hour, thorough every third week', () => {
	const home = begun('light-and-thorough');
	it('asks more of the thorough week, in the round as well, and says what does not fit', () => {
		const { seen } = live(home, WEEKS * 7, () => true);
		const hours = seen.filter(({ date }) => weekdayOf(date) === 4);
		const minutes = hours.map(({ lines }) =>
			lines.filter((line) => line.line.job.layer === 'weekly').reduce((sum, line) => sum + line.minutes, 0)
		);
		const deep = hours.map(({ lines }) => lines.some((line) => line.depth === 'deep'));
		expect(deep.map(Number).join('')).toMatch(/^(001)+$|^(010)+$|^(100)+$/);
		for (const [i, sum] of minutes.entries())
			if (deep[i]) expect(sum).toBeGreaterThan(minutes[deep[i + 1] ? i - 1 : i + 1] ?? minutes[i - 1] ?? 0);
		// The round of a thorough week is longer too, though each of its other jobs stops at ten minutes.
		const planned = hours.slice(0, 3).map(({ date }, i) => {
			const { entries } = live(home, i * 7 + 3, () => true);
			const { filled, plan } = solved(home, entries, date, 'round', 240, ['ada', 'ben']);
			const asked = filled.input.jobs.reduce(
				(sum, one) => sum + one.steps.reduce((all, s) => all + s.minutes, 0),
				0
			);
			const planned = new Set(plan.entries.map((entry) => entry.job));
			expect([...planned, ...plan.left].sort()).toEqual(filled.input.jobs.map((one) => one.id).sort());
			return asked;
		});
		const thorough = deep.slice(0, 3).indexOf(true);
		for (const [i, sum] of planned.entries())
			if (i !== thorough) expect(planned[thorough]).toBeGreaterThan(sum);
	});
});

describe('zones by the weeks of the month', () => {
	const home = begun('a-month-of-zones');
	it('all of the round is in it on the minutes that it comes with', () => {
		const rounds = live(home, 7, () => false).seen.filter(({ lines }) =>
			lines.some((line) => line.line.job.layer === 'weekly')
		);
		const first = rounds.find(
			({ lines }) => lines.filter((line) => line.line.job.layer === 'weekly').length > 3
		);
		if (!first) throw new Error('no day has a round');
		const { filled, plan } = solved(home, [], first.date, 'round', 70, ['ada', 'ben']);
		const round = filled.input.jobs.map((one) => one.id);
		expect(round.length).toBeGreaterThan(5);
		expect(plan.left).toEqual([]);
		expect(plan.end).toBeLessThanOrEqual(70);
	});
	it('a zone is said ahead to get no day in a month just where the calendar gives it none', () => {
		const check = checkZones(home, MONDAY, new Set());
		const seen = new Map<string, Set<string>>();
		for (let date = MONDAY; date < addDays(MONDAY, 365); date = addDays(date, 1)) {
			const zone = readDay(home, projectHome(home, []), date).zone?.zone;
			const month = isoOf(date).slice(0, 7);
			if (zone) seen.set(month, (seen.get(month) ?? new Set()).add(zone));
		}
		const whole = [...seen.keys()].slice(1, -1);
		expect(whole.length).toBeGreaterThan(9);
		for (const month of whole)
			for (const { id } of home.home.zones)
				expect(
					check.missed.some((one) => one.month === month && one.zone === id),
					`${id} in ${month}`
				).toBe(!seen.get(month)?.has(id));
	});
});

describe('many jobs a zone, crossed off until all are through', () => {
	const names = Array.from({ length: 30 }, (_, i) => `item-${String(i).padStart(2, '0')}`);
	const home = alone(
		makeHome({
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list: names },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			],
			jobs: names.map((id, i) =>
				job(id, {
					layer: 'zone',
					cadence: { type: 'zone' },
					missRule: 'carry',
					...(i % 5 === 4 ? { season: [6, 7, 8] } : {})
				})
			)
		})
	);
	const inSeason = names.filter((_, i) => i % 5 !== 4);

	it('the next visit begins with what is left, the printed list too, and nothing out of season is anywhere', () => {
		const entries: LedgerEntry[] = [];
		const order: string[] = [];
		let visits = 0;
		for (let i = 0; order.length < inSeason.length && i < WEEKS * 7; i++) {
			const date = addDays(MONDAY, i);
			const projection = projectHome(home, entries);
			const { zone } = readDay(home, projection, date);
			if (zone?.zone !== 'front') continue;
			const left = inSeason.filter((id) => !order.includes(id));
			expect(zone.next, isoOf(date)).toEqual(left);
			const card = zoneCard({ home, projection, today: date, begin: date }, 'front');
			const printed = card?.sides.flatMap((side) => side.rows.map((row) => row.text)) ?? [];
			expect(printed.filter((name) => names.includes(name))).toEqual(left);
			visits++;
			for (const id of left.slice(0, 4)) {
				order.push(id);
				entries.push(done(id, isoOf(date)));
			}
		}
		expect(order).toEqual(inSeason);
		expect(visits).toBe(inSeason.length / 4);
	});
});

describe('little and often', () => {
	it('is not late before the longest of its days are over', () => {
		const home = alone(
			makeHome({
				jobs: [
					job('shower', { cadence: { type: 'afterDone', min: 2, max: 3 }, missRule: 'stays' }),
					job('repellent', { cadence: { type: 'afterDone', min: 14, max: 21 }, missRule: 'stays' })
				],
				...ROOMS_ALONE
			})
		);
		const begin = ['shower', 'repellent'].map((id) => done(id, isoOf(MONDAY)));
		const states = (id: string) =>
			Array.from({ length: 25 }, (_, i) => {
				const day = readDay(home, projectHome(home, begin), addDays(MONDAY, i));
				return day.lines.find((line) => line.line.id === id)?.state;
			});
		for (const [id, min, max] of [
			['shower', 2, 3],
			['repellent', 14, 21]
		] as const) {
			const state = states(id);
			expect(
				state.findIndex((one) => one === 'open' || one === 'due'),
				id
			).toBe(min);
			expect(state.indexOf('due'), id).toBe(max);
			expect(state.indexOf('late'), id).toBe(max + 1);
		}
	});
});

describe('a day put in by hand', () => {
	it('is excused where a pause covers it, as every date of the calendar is', () => {
		const home = alone(
			makeHome({
				jobs: [job('shower', { cadence: { type: 'afterDone', min: 9, max: 12 }, missRule: 'stays' })],
				...ROOMS_ALONE
			})
		);
		const onDay = addDays(MONDAY, 1);
		const pause = entry({
			outcome: 'pause',
			date: isoOf(MONDAY),
			scope: 'household',
			target: null,
			from: isoOf(onDay),
			to: isoOf(onDay),
			reason: 'away',
			note: ''
		});
		const put = entry({ outcome: 'extra', job: 'shower', date: isoOf(onDay) });
		const begun = done('shower', isoOf(MONDAY));
		const after = (entries: LedgerEntry[], days: number) =>
			readDay(home, projectHome(home, entries), addDays(MONDAY, days)).lines[0]?.state;
		expect([1, 2].map((days) => after([begun, put], days))).toEqual(['due', 'late']);
		expect([1, 2, 12].map((days) => after([begun, put, pause], days))).toEqual(['paused', 'resting', 'due']);
	});
});

describe('from the top of the house down', () => {
	it('in three, four and seven hours the order holds, and nobody waits for long', () => {
		const home = begun('one-big-day', { everything: true });
		const big = live(home, 14, () => false).seen.find(
			({ lines }) => lines.filter((line) => line.line.job.layer === 'weekly').length > 6
		);
		if (!big) throw new Error('no big day');
		for (const hours of [3, 4, 7]) {
			const { filled, plan } = solved(
				home,
				[],
				big.date,
				'bigday',
				hours * 60,
				['ada', 'ben'],
				'morning',
				true
			);
			expect(filled.input.topDown).toBe(true);
			expect(checkPlan(filled.input, plan.entries)).toEqual([]);
			const storey = new Map(filled.input.rooms.map((room) => [room.id, room.storey]));
			const steps = plan.entries
				.map((entry) => ({
					...entry,
					step: filled.input.jobs.find((one) => one.id === entry.job)?.steps[entry.step]
				}))
				.filter((one) => (one.step?.class ?? 0) > 0);
			expect(steps.length, `${hours} h`).toBeGreaterThan(5);
			for (const a of steps)
				for (const b of steps)
					if ((storey.get(a.step?.room ?? '') ?? 0) > (storey.get(b.step?.room ?? '') ?? 0))
						expect(a.end, `${a.job} above ${b.job}`).toBeLessThanOrEqual(b.start);
			const people = [...new Set(plan.entries.map((one) => one.person))];
			expect(people).toHaveLength(2);
			for (const person of people) {
				const own = plan.entries.filter((one) => one.person === person);
				const busy = own.reduce((sum, one) => sum + (one.end - one.start), 0);
				const end = Math.max(...own.map((one) => one.end));
				const breaks = filled.input.people.find((one) => one.id === person)?.breaks ?? [];
				const rest = breaks.reduce(
					(sum, span) => sum + Math.max(0, Math.min(end, span.until) - span.from),
					0
				);
				expect(busy / (end - rest), `${person} in ${hours} h`).toBeGreaterThan(0.65);
			}
		}
	});
});

describe('one job with another', () => {
	it('fresh sheets are planned alone: the bed that they make is not made once more', () => {
		const home = alone(
			makeHome({
				jobs: [
					job('bed', { room: 'porch', layer: 'basics', cadence: { type: 'daily' }, missRule: 'letgo' }),
					job('sheets', {
						covers: ['bed'],
						depths: { usual: { minutes: 12, steps: [step('Change them', 12)] } }
					})
				],
				...ROOMS_ALONE
			})
		);
		const wednesday = addDays(MONDAY, 2);
		const { plan } = solved(home, [], wednesday, 'bite', 60, ['ada']);
		expect(plan.entries.map((one) => one.job)).toEqual(['sheets']);
	});

	it('the bins go out after the last vacuuming, and the machine is set going first of all', () => {
		const home = alone(
			makeHome({
				jobs: [
					job('bins', { room: 'kitchen', order: ['bins-out'] }),
					job('vacuum', {
						depths: { usual: { minutes: 6, steps: [step('Vacuum', 6, { class: 6, appliance: 'vacuum' })] } }
					}),
					job('wash', {
						room: 'kitchen',
						depths: {
							usual: {
								minutes: 9,
								steps: [
									step('Set it going', 4, { class: 0, wait: { label: 'Machine', min: 20, max: 60 } }),
									step('Hang it', 5, { class: 8 })
								]
							}
						}
					})
				],
				...ROOMS_ALONE
			})
		);
		const { filled, plan } = solved(home, [], addDays(MONDAY, 2), 'bite', 60, ['ada']);
		const of = (id: string) => plan.entries.filter((one) => one.job === id);
		expect(filled.input.pairs).toContainEqual(['vacuum', 'bins']);
		expect(of('bins')[0]?.start).toBeGreaterThanOrEqual(of('vacuum').at(-1)?.end ?? NaN);
		expect(plan.entries[0]?.job).toBe('wash');
	});
});

describe('ten minutes in the evening', () => {
	it('the evening’s routine is in its ten minutes whole, the sink last', () => {
		const evening = (id: string, minutes: number, rest: Record<string, unknown> = {}) =>
			job(id, {
				room: 'kitchen',
				layer: 'basics',
				cadence: { type: 'daily' },
				missRule: 'letgo',
				parts: ['evening'],
				depths: { usual: { minutes, steps: [step(id, minutes)] } },
				...rest
			});
		const home = alone(
			makeHome({
				jobs: [
					evening('sink', 2, { order: ['sink'] }),
					evening('dishes', 4, { order: ['dishes'] }),
					evening('appliance', 2, { variants: ['Kettle', 'Toaster', 'Oven'] }),
					evening('spot', 2)
				],
				...ROOMS_ALONE
			})
		);
		const { plan } = solved(home, [], MONDAY, 'reset', 10, ['ada'], 'evening');
		const jobs = plan.entries.map((one) => one.job);
		expect(jobs).toEqual(expect.arrayContaining(['appliance', 'dishes', 'sink', 'spot']));
		expect(plan.entries.at(-1)?.job).toBe('sink');
		expect(plan.end).toBeLessThanOrEqual(10);
	});
});

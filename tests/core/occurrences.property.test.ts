/**
 * One door for dates: what is said today of the next two hundred days is what those days hold once they are lived,
 * with pauses, seasons, moves, layers that are off, and passes of a zone's list that end in mid-week.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import { feedEvents } from '../../src/lib/core/formats/feed';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { readHome } from '../../src/lib/core/household/home';
import { comingDay } from '../../src/lib/core/schedule/comingDay';
import { nextDates, occurrencesBetween } from '../../src/lib/core/schedule/occurrences';
import { outlook } from '../../src/lib/core/schedule/outlook';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { effectivePauses, pausesForSeries, projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { sittingsAhead } from '../../src/lib/core/schedule/sittings';
import { weekOccurrences } from '../../src/lib/core/people/weekOccurrences';
import { entry } from './entries';
import { BASE, job as jobRule, ledger as ledgerOf } from './generators';
import { homeData, job, step } from './home';

const TODAY = (BASE + 40) as CivilDay;
const AHEAD = 200;

const seasons = fc.oneof(
	{ weight: 2, arbitrary: fc.constant(undefined) },
	{
		weight: 1,
		arbitrary: fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 8 })
	}
);

const homes = fc
	.record({
		jobs: fc.array(jobRule, { minLength: 1, maxLength: 5 }),
		items: fc.array(
			fc.record({
				every: fc.constantFrom(1, 1, 2),
				minutes: fc.integer({ min: 2, max: 14 }),
				season: seasons
			}),
			{ minLength: 1, maxLength: 6 }
		),
		scheme: fc.constantFrom(
			{ type: 'cycle', anchor: '2027-01-04' },
			{ type: 'rows', extra: 'first' },
			{ type: 'weeks', extra: 'free' },
			{ type: 'weekdays', byWeekday: { 1: 'front', 4: 'front', 5: 'back' } }
		),
		catchUpDays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 2 }),
		layers: fc.constantFrom(
			['basics', 'weekly', 'zone', 'long'],
			['basics', 'weekly', 'zone', 'long'],
			['basics', 'weekly'],
			['basics', 'zone']
		),
		orderBy: fc.constantFrom('list', 'list', 'need')
	})
	.map(({ jobs, items, scheme, catchUpDays, layers, orderBy }): PreparedHome | null => {
		const list = items.map((_, i) => `item${i}`);
		const plain = homeData();
		const household = plain.household as Record<string, unknown>;
		const read = readHome({
			...plain,
			household: { ...household, layers, rhythm: { ...(household.rhythm as object), scheme, catchUpDays } },
			zones: [
				{ id: 'front', name: 'Front', weave: 'stripe', list, orderBy },
				{ id: 'back', name: 'Back', weave: 'check', list: [] }
			],
			jobs: [
				...jobs.map((rule, i) =>
					job(`job${i}`, {
						layer: ['basics', 'weekly', 'long'][i % 3],
						cadence: rule.cadence,
						missRule: rule.missRule,
						startsOn: isoOf(rule.startsOn as CivilDay),
						leadDays: rule.leadDays,
						...(rule.season ? { season: rule.season } : {})
					})
				),
				...items.map(({ every, minutes, season }, i) =>
					job(`item${i}`, {
						layer: 'zone',
						cadence: { type: 'zone', every },
						missRule: 'carry',
						depths: { usual: { minutes, steps: [step('Do it', minutes)] } },
						...(season ? { season } : {})
					})
				)
			]
		});
		// A job whose dates and season never meet is no home: another one is made.
		return read.ok ? prepareHome([{ from: BASE as CivilDay, home: read.home }]) : null;
	})
	.filter((home): home is PreparedHome => home !== null);

const pauses = fc.array(
	fc.record({
		from: fc.integer({ min: -20, max: 150 }),
		length: fc.integer({ min: 0, max: 20 }),
		scope: fc.constantFrom('household', 'room', 'layer'),
		target: fc.nat()
	}),
	{ maxLength: 3 }
);

/** A ledger up to today: what was done, moved and put on days of its jobs, and pauses. */
const lives = homes.chain((home) =>
	fc.record({
		home: fc.constant(home),
		ledgers: fc.tuple(...home.home.jobs.map(() => ledgerOf(TODAY))),
		extras: fc.array(fc.tuple(fc.nat(), fc.integer({ min: 0, max: 60 })), { maxLength: 2 }),
		pauses
	})
);

let count = 0;
const write = (data: Record<string, unknown>) =>
	entry({ ...data, id: `01900000-0000-7000-a000-${String(++count).padStart(12, '0')}` });

function historyOf(life: {
	home: PreparedHome;
	ledgers: readonly { id: string; outcome: string; date: number; of?: string; to?: number }[][];
	extras: readonly (readonly [number, number])[];
	pauses: readonly { from: number; length: number; scope: string; target: number }[];
}): LedgerEntry[] {
	const history: LedgerEntry[] = [];
	const jobs = life.home.home.jobs;
	life.ledgers.forEach((raw, i) => {
		const name = jobs[i]?.id ?? '';
		const isZone = jobs[i]?.cadence.type === 'zone';
		const ids = new Map<string, string>();
		for (const one of raw) {
			if (isZone && one.outcome === 'moved') continue;
			const date = isoOf(one.date as CivilDay);
			const data: Record<string, unknown> =
				one.outcome === 'undo'
					? { outcome: 'undo', date, of: ids.get(one.of ?? '') }
					: one.outcome === 'moved'
						? {
								outcome: 'moved',
								job: name,
								date: isoOf(TODAY),
								dueOn: date,
								to: isoOf((one.to ?? one.date) as CivilDay)
							}
						: {
								outcome: one.outcome,
								job: name,
								date,
								by: 'ada',
								...(one.outcome === 'part' ? { share: 0.5 } : {})
							};
			if (one.outcome === 'undo' && data.of === undefined) continue;
			const made = write(data);
			ids.set(one.id, made.id);
			history.push(made);
		}
	});
	for (const [pick, ahead] of life.extras) {
		const chosen = jobs[pick % jobs.length];
		if (chosen && chosen.cadence.type !== 'zone')
			history.push(write({ outcome: 'extra', job: chosen.id, date: isoOf(addDays(TODAY, ahead)) }));
	}
	for (const { from, length, scope, target } of life.pauses) {
		const start = addDays(TODAY, from);
		history.push(
			write({
				outcome: 'pause',
				date: isoOf(TODAY),
				scope,
				target:
					scope === 'household'
						? null
						: scope === 'room'
							? (life.home.home.rooms[target % life.home.home.rooms.length]?.id ?? null)
							: ['basics', 'weekly', 'zone', 'long'][target % 4],
				from: isoOf(start),
				to: isoOf(addDays(start, length)),
				reason: 'away',
				note: ''
			})
		);
	}
	return history;
}

/** Does all that stands on a day. */
function live(home: PreparedHome, history: LedgerEntry[], date: CivilDay): string[] {
	const day = readDay(home, projectHome(home, history), date);
	const due = day.lines.filter((line) => line.state === 'due').map((line) => line.line.id);
	// Items of a sitting are done in the order in which it offers them.
	const place = (job: string) => day.zone?.offered.indexOf(job) ?? -1;
	for (const line of [...day.lines].sort((a, b) => place(a.line.job.id) - place(b.line.job.id)))
		if (line.state === 'due' || line.state === 'late')
			history.push(write({ outcome: 'done', job: line.line.job.id, date: isoOf(date), by: 'ada' }));
	return due.sort();
}

describe('dates to come', () => {
	it('are those that the days hold once they are lived', () => {
		fc.assert(
			fc.property(lives, (life) => {
				const { home } = life;
				const history = historyOf(life);
				const projection = projectHome(home, history);
				const end = addDays(TODAY, AHEAD);
				const byDate = new Map<CivilDay, string[]>();
				const put = (date: CivilDay, id: string) => byDate.set(date, [...(byDate.get(date) ?? []), id]);
				for (const [id, dates] of occurrencesBetween(home, projection, TODAY, addDays(TODAY, 1), end))
					for (const date of dates) put(date, id);
				for (const sitting of sittingsAhead(home, projection, TODAY, end))
					for (const id of sitting.offered)
						if (!byDate.get(sitting.date)?.includes(id)) put(sitting.date, id);

				const lived = [...history];
				live(home, lived, TODAY);
				// What is overdue under a pause is done on the first day after it: a date that comes by then joins it.
				const joins = new Set(
					readDay(home, projectHome(home, lived), TODAY)
						.lines.filter((line) => line.state === 'paused')
						.map((line) => line.line.id)
				);
				for (let date = addDays(TODAY, 1); date <= end; date = addDays(date, 1)) {
					const before = readDay(home, projectHome(home, lived), date).lines;
					const late = before.filter((line) => line.state === 'late' && joins.has(line.line.id));
					const lateIds = late.map((line) => line.line.id);
					for (const line of before) if (line.state !== 'paused') joins.delete(line.line.id);
					const said = (byDate.get(date) ?? []).filter((id) => !lateIds.includes(id)).sort();
					expect(said, isoOf(date)).toEqual(live(home, lived, date));
				}
			}),
			{ numRuns: 60 }
		);
	}, 120_000);

	it('are the same for a coming day, the next dates, the minutes, the week to share out and the feed', () => {
		fc.assert(
			fc.property(lives, (life) => {
				const { home } = life;
				const projection = projectHome(home, historyOf(life));
				const from = addDays(TODAY, 1);
				const to = addDays(TODAY, 60);
				const dates = occurrencesBetween(home, projection, TODAY, from, to);
				const sittings = new Map(sittingsAhead(home, projection, TODAY, to).map((one) => [one.date, one]));
				const spans = effectivePauses(projection.home);

				for (const ahead of [1, 5, 9, 23, 60]) {
					const date = addDays(TODAY, ahead);
					const due = new Set([...dates].flatMap(([id, days]) => (days.includes(date) ? [id] : [])));
					for (const id of sittings.get(date)?.offered ?? []) due.add(id);
					const shown = comingDay(home, projection, TODAY, date).lines.map((line) => line.line.id);
					expect(shown.sort(), isoOf(date)).toEqual([...due].sort());
				}
				for (const series of home.series) {
					const known = { projection, today: TODAY, pauses: pausesForSeries(series, spans) };
					const next = nextDates(series, known, 3).filter((day) => day <= to);
					expect(next).toEqual((dates.get(series.id) ?? []).slice(0, 3));
				}
				const days = outlook(home, from, 60, projection, TODAY);
				for (const day of days) {
					// A job of a month is laid on the emptiest of its days, so it alone may stand elsewhere.
					const plain = day.lines.filter((id) => home.seriesById.get(id)?.job.cadence.type !== 'months');
					const due = [...dates].flatMap(([id, all]) =>
						all.includes(day.date) && home.seriesById.get(id)?.job.cadence.type !== 'months' ? [id] : []
					);
					expect([...plain].sort(), isoOf(day.date)).toEqual(due.sort());
				}
				const monday = addDays(TODAY, 7);
				const week = weekOccurrences(home, projection, [], TODAY, monday);
				expect(week.map((one) => `${one.line.id} ${one.due}`).sort()).toEqual(
					[...dates]
						.flatMap(([id, all]) =>
							all.filter((day) => day >= monday && day <= addDays(monday, 6)).map((day) => `${id} ${day}`)
						)
						.sort()
				);
				const events = feedEvents({ home, projection, today: TODAY, member: null });
				for (const series of home.series) {
					if (series.job.cadence.type !== 'afterDone') continue;
					const fed = events
						.filter((one) => !one.cancelled && one.key.split('/')[0] === series.id)
						.map((one) => one.first)
						.filter((day) => day >= from && day <= to);
					expect(fed, series.id).toEqual(dates.get(series.id) ?? []);
				}
				const satFor = events
					.filter((one) => one.key.startsWith('zone/') && one.first >= from && one.first <= to)
					.map((one) => one.first);
				expect(satFor).toEqual(
					[...sittings.values()].filter((one) => one.offered.length > 0).map((one) => one.date)
				);
			}),
			{ numRuns: 30 }
		);
	}, 120_000);
});

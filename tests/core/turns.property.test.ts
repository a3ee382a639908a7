import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import type { CivilDay } from '../../src/lib/core/calendar/civil';
import { isoOf } from '../../src/lib/core/calendar/civil';
import { mergeSpans, type Span } from '../../src/lib/core/calendar/pauses';
import {
	BEGINNING,
	EMPTY_CHECKPOINT,
	type SeriesEntry,
	type SeriesRule
} from '../../src/lib/core/schedule/series';
import { seriesCheckpoint, seriesState } from '../../src/lib/core/schedule/seriesState';
import { BASE, house, job, ledger } from './generators';
import { referenceState, type RefEntry, type RefHouse, type RefJob } from './reference';

function lineOf(j: RefJob, h: RefHouse, entries: RefEntry[]) {
	const rule = {
		...j,
		weeks: { weekStart: h.weekStart, weekBelongs: 'start' },
		catchUpDays: h.catchUpDays
	} as unknown as SeriesRule;
	return {
		versions: [{ from: BEGINNING, rule }],
		checkpoint: EMPTY_CHECKPOINT,
		pauses: mergeSpans(h.pauses as unknown as Span[]),
		ledger: entries.map((entry): SeriesEntry => ({
			...(entry as unknown as SeriesEntry),
			dueOn: entry.outcome === 'moved' ? (entry.date as CivilDay) : undefined
		}))
	};
}

const scenario = fc
	.integer({ min: 0, max: 75 })
	.chain((ahead) =>
		fc.record({ j: job, h: house, today: fc.constant(BASE + ahead), entries: ledger(BASE + ahead) })
	);

describe('the state of a line', () => {
	it('is the one that a plain day-by-day telling of the rules gives', () => {
		fc.assert(
			fc.property(scenario, ({ j, h, today, entries }) => {
				const state = seriesState(lineOf(j, h, entries), today as CivilDay);
				const expected = referenceState(j, h, entries, today);
				expect({
					state: state.state,
					dueOn: state.dueOn === null ? null : isoOf(state.dueOn),
					nextOn: state.nextOn === null ? null : isoOf(state.nextOn),
					lateDays: state.lateDays
				}).toEqual({
					state: expected.state,
					dueOn: expected.dueOn === null ? null : isoOf(expected.dueOn as CivilDay),
					nextOn: expected.nextOn === null ? null : isoOf(expected.nextOn as CivilDay),
					lateDays: expected.lateDays
				});
				expect(state.lateTurns).toBeCloseTo(expected.lateTurns, 9);
			}),
			{ numRuns: 3000, seed: 20270303 }
		);
	});

	it('is the same from a checkpoint on any day before', () => {
		fc.assert(
			fc.property(scenario, fc.integer({ min: 1, max: 40 }), ({ j, h, today, entries }, back) => {
				// What moves turns reaches behind a checkpoint; lines with moves are projected anew.
				const still = entries.filter((e) => e.outcome !== 'moved' && e.outcome !== 'undo');
				const line = lineOf(j, h, still);
				const checkpoint = seriesCheckpoint(line, (today - back) as CivilDay);
				const { doneTurns, ...fromStart } = seriesState(line, today as CivilDay);
				const { doneTurns: counted, ...fromThere } = seriesState({ ...line, checkpoint }, today as CivilDay);
				expect(fromThere).toEqual(fromStart);
				expect(counted).toBe(doneTurns);
			}),
			{ numRuns: 1500, seed: 7 }
		);
	});

	it('does not change by an entry and its undo', () => {
		fc.assert(
			fc.property(scenario, fc.integer({ min: -10, max: 0 }), ({ j, h, today, entries }, back) => {
				const before = seriesState(lineOf(j, h, entries), today as CivilDay);
				const more: RefEntry[] = [
					...entries,
					{ id: 'x', outcome: 'done', date: today + back },
					{ id: 'y', outcome: 'undo', date: today, of: 'x' }
				];
				expect(seriesState(lineOf(j, h, more), today as CivilDay)).toEqual(before);
			}),
			{ numRuns: 1500, seed: 11 }
		);
	});

	it('goes on where a floating turn was moved back to the day it counts from', () => {
		const every = (min: number, max: number, missRule: RefJob['missRule']): RefJob => ({
			cadence: { type: 'afterDone', min, max },
			missRule,
			startsOn: BASE,
			leadDays: 0
		});
		const plainHouse: RefHouse = { weekStart: 1, catchUpDays: [6], pauses: [] };
		const stateOn = (j: RefJob, entries: RefEntry[], day: number) =>
			seriesState(lineOf(j, plainHouse, entries), day as CivilDay);
		// Done on day 5, its next turn moved from day 6 to day 5: that one is let go, and day 7 asks again.
		const moved: RefEntry[] = [
			{ id: 'a', outcome: 'done', date: BASE + 5 },
			{ id: 'b', outcome: 'moved', date: BASE + 6, to: BASE + 5 }
		];
		for (const missRule of ['letgo', 'catchup', 'stays'] as const)
			for (const day of [6, 7, 12, 40])
				expect(
					stateOn(every(1, 1, missRule), moved, BASE + day).nextOn,
					`${missRule} ${day}`
				).toBeGreaterThan(BASE + day);
		expect(stateOn(every(1, 1, 'letgo'), moved, BASE + 40)).toMatchObject({ state: 'due', dueOn: BASE + 40 });
		// Moved back over several of its days, by moves that lead to one another.
		const back: RefEntry[] = [
			{ id: 'a', outcome: 'done', date: BASE + 10 },
			{ id: 'b', outcome: 'moved', date: BASE + 12, to: BASE + 8 },
			{ id: 'c', outcome: 'moved', date: BASE + 10, to: BASE + 6 },
			{ id: 'd', outcome: 'moved', date: BASE + 8, to: BASE + 12 }
		];
		for (const day of [10, 11, 20, 60])
			expect(stateOn(every(2, 2, 'letgo'), back, BASE + day).state, String(day)).not.toBe('late');
	});
});

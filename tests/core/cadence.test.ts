import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, type CivilDay, type Weekday } from '../../src/lib/core/calendar/civil';
import { recurrenceOccurrences, nextOccurrence, type Schedule } from '../../src/lib/core/calendar/recurrence';
import { dueDatesByRrule } from '../bench/rrulePeer';
import { BASE, calendarCadence } from './generators';

const schedule = (over: Partial<Schedule>): Schedule => ({
	cadence: { type: 'daily' },
	startsOn: BASE as CivilDay,
	leadDays: 0,
	weeks: { weekStart: 1, weekBelongs: 'start' },
	...over
});

const anySchedule = fc
	.tuple(
		calendarCadence,
		fc.integer({ min: 0, max: 400 }),
		fc.constantFrom<Weekday>(1, 7),
		fc.option(fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1 }), { nil: undefined })
	)
	.map(([cadence, shift, weekStart, season]) =>
		schedule({
			cadence: cadence as Schedule['cadence'],
			startsOn: (BASE + shift) as CivilDay,
			weeks: { weekStart, weekBelongs: 'start' },
			season
		})
	);

describe('the dates of a cadence', () => {
	it('are those of the common recurrence rules, wherever both can say them', () => {
		let compared = 0;
		fc.assert(
			fc.property(anySchedule, (s) => {
				const to = addDays(s.startsOn, 1500);
				const peer = dueDatesByRrule(s, to);
				if (peer === null) return;
				compared++;
				expect(recurrenceOccurrences(s, s.startsOn, to).map((turn) => turn.due)).toEqual(peer);
			}),
			{ numRuns: 250, seed: 3 }
		);
		expect(compared).toBeGreaterThan(100);
	});

	it('do not depend on the span that is asked for', () => {
		fc.assert(
			fc.property(
				anySchedule,
				fc.integer({ min: -50, max: 600 }),
				fc.integer({ min: 0, max: 200 }),
				(s, from, length) => {
					const first = addDays(s.startsOn, from);
					const last = addDays(first, length);
					const all = recurrenceOccurrences(s, s.startsOn, addDays(s.startsOn, 900));
					expect(recurrenceOccurrences(s, first, last)).toEqual(
						all.filter((t) => t.due >= first && t.due <= last)
					);
				}
			),
			{ numRuns: 400, seed: 4 }
		);
	});

	it('come in order, open no later than they are due, and never before the first day', () => {
		fc.assert(
			fc.property(anySchedule, fc.integer({ min: 0, max: 9 }), (s, leadDays) => {
				const turns = recurrenceOccurrences({ ...s, leadDays }, s.startsOn, addDays(s.startsOn, 800));
				const odd = turns.filter(
					(turn, i) =>
						turn.opens > turn.due || turn.opens < s.startsOn || turn.due <= (turns[i - 1]?.due ?? -Infinity)
				);
				expect(odd).toEqual([]);
			}),
			{ numRuns: 300, seed: 8 }
		);
	});

	it('find the next turn, and none where cadence and season never meet', () => {
		fc.assert(
			fc.property(anySchedule, fc.integer({ min: 0, max: 300 }), (s, after) => {
				const day = addDays(s.startsOn, after);
				const found = recurrenceOccurrences(s, addDays(day, 1), addDays(day, 366 * 9))[0] ?? null;
				expect(nextOccurrence(s, day)).toEqual(found);
			}),
			{ numRuns: 200, seed: 9 }
		);
		expect(
			nextOccurrence(schedule({ cadence: { type: 'months', months: [1] }, season: [6] }), BASE as CivilDay)
		).toBeNull();
	});
});

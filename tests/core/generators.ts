/** Random jobs, houses and ledgers for the property tests. */
import fc from 'fast-check';
import { dayOf } from '../../src/lib/core/calendar/civil';
import type { RefEntry, RefHouse, RefJob } from './reference';

/** Monday 4 January 2027. */
export const BASE = dayOf(2027, 1, 4) as number;

const weekdays = fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { minLength: 1, maxLength: 7 });
const months = fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 12 });

export const calendarCadence: fc.Arbitrary<RefJob['cadence']> = fc.oneof(
	fc.record({ type: fc.constant('daily' as const) }),
	fc.record({ type: fc.constant('daily' as const), weekdays }),
	fc.record({ type: fc.constant('weekly' as const), weekdays, everyWeeks: fc.integer({ min: 1, max: 4 }) }),
	fc.record({ type: fc.constant('timesAWeek' as const), times: fc.integer({ min: 1, max: 7 }) }),
	fc.record({ type: fc.constant('monthly' as const), day: fc.integer({ min: 1, max: 31 }) }),
	fc.record({
		type: fc.constant('monthly' as const),
		nth: fc.constantFrom(1, 2, 3, 4, -1),
		weekday: fc.integer({ min: 1, max: 7 })
	}),
	fc.record({
		type: fc.constant('monthly' as const),
		card: fc.integer({ min: 1, max: 4 }),
		weekday: fc.integer({ min: 1, max: 7 })
	}),
	fc.record({ type: fc.constant('months' as const), months }),
	fc.record({
		type: fc.constant('everyMonths' as const),
		every: fc.integer({ min: 2, max: 5 }),
		on: fc.oneof(
			fc.integer({ min: 1, max: 31 }),
			fc.record({ nth: fc.constantFrom(1, 2, 3, 4, -1), weekday: fc.integer({ min: 1, max: 7 }) })
		)
	}),
	fc.integer({ min: BASE, max: BASE + 90 }).map((day) => ({
		type: 'once' as const,
		date: new Date(day * 86_400_000).toISOString().slice(0, 10)
	}))
);

export const floatingCadence: fc.Arbitrary<RefJob['cadence']> = fc
	.tuple(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 0, max: 12 }))
	.map(([min, more]) => ({ type: 'afterDone' as const, min, max: min + more }));

export const job: fc.Arbitrary<RefJob> = fc
	.record(
		{
			cadence: fc.oneof({ weight: 3, arbitrary: calendarCadence }, { weight: 1, arbitrary: floatingCadence }),
			missRule: fc.constantFrom('letgo' as const, 'catchup' as const, 'stays' as const),
			startsOn: fc.integer({ min: BASE, max: BASE + 20 }),
			leadDays: fc.integer({ min: 0, max: 6 }),
			season: fc.oneof({ weight: 3, arbitrary: fc.constant(undefined) }, { weight: 1, arbitrary: months })
		},
		{ requiredKeys: ['cadence', 'missRule', 'startsOn', 'leadDays'] }
	)
	// Every so many months within a season can be years apart: further than the plain telling looks.
	.map((one) => {
		if (one.cadence.type !== 'everyMonths') return one;
		const { season: _season, ...rest } = one;
		return rest;
	});

export const house: fc.Arbitrary<RefHouse> = fc.record({
	weekStart: fc.constantFrom(1, 7, 6),
	catchUpDays: fc.uniqueArray(fc.integer({ min: 1, max: 7 }), { maxLength: 2 }),
	pauses: fc.array(
		fc.tuple(fc.integer({ min: 0, max: 70 }), fc.integer({ min: 0, max: 9 })).map(([from, length]) => ({
			from: BASE + from,
			to: BASE + from + length
		})),
		{ maxLength: 3 }
	)
});

/** A ledger up to `today`: entries in the order made, some booked in later, some undone, some moves. */
export function ledger(today: number): fc.Arbitrary<RefEntry[]> {
	return fc
		.array(
			fc.tuple(
				fc.constantFrom('done', 'done', 'done', 'looked', 'letgo', 'part', 'undo', 'moved') as fc.Arbitrary<
					RefEntry['outcome']
				>,
				fc.integer({ min: BASE - 3, max: today }),
				fc.nat(),
				fc.integer({ min: -4, max: 12 })
			),
			{ maxLength: 14 }
		)
		.map((raw) => {
			const entries: RefEntry[] = [];
			raw.forEach(([outcome, date, pick, shift], i) => {
				const id = `e${i}`;
				if (outcome === 'undo') {
					const target = entries[pick % Math.max(1, entries.length)];
					if (target) entries.push({ id, outcome, date, of: target.id });
				} else if (outcome === 'moved') {
					// The household moves turns of any day around the present; where none is due nothing happens.
					const from = date + (pick % 14);
					const to = Math.max(BASE + 21, from + shift);
					if (to !== from) entries.push({ id, outcome, date: from, to });
				} else entries.push({ id, outcome, date });
			});
			return entries;
		});
}

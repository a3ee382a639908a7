import fc from 'fast-check';
import ICAL from 'ical.js';
import { describe, expect, it } from 'vitest';
import { addDays, dayOf, isoOf, toDay, type CivilDay, type Weekday } from '../../src/lib/core/calendar/civil';
import { recurrenceRule } from '../../src/lib/core/formats/rrule';
import { blankJob } from '../../src/lib/core/setup/blankJob';
import { recurrenceOccurrences, type CalendarRecurrence } from '../../src/lib/core/calendar/recurrence';
import { calendarCadence } from './generators';
import { makeHome } from './home';

const household = makeHome().household;
const FROM = toDay('2027-03-03');

/** What a calendar program makes of a rule: its dates from the first one to a day. */
function expanded(rule: Readonly<Record<string, string>>, first: CivilDay, to: CivilDay): CivilDay[] {
	const recur = ICAL.Recur.fromString(
		Object.entries(rule)
			.map(([key, value]) => `${key}=${value}`)
			.join(';')
	);
	const days: CivilDay[] = [];
	const all = recur.iterator(ICAL.Time.fromDateString(isoOf(first)));
	for (let one = all.next(); one; one = all.next()) {
		const day = dayOf(one.year, one.month, one.day);
		if (day > to) break;
		days.push(day);
	}
	return days;
}

describe('a recurrence rule', () => {
	it('gives a calendar program the very dates of the plan, or there is none and each date is told', () => {
		let said = 0;
		let single = 0;
		fc.assert(
			fc.property(
				calendarCadence,
				fc.constantFrom<Weekday>(1, 6, 7),
				fc.option(fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1 }), { nil: undefined }),
				fc.integer({ min: 0, max: 60 }),
				(cadence, weekStart, season, shift) => {
					const startsOn = addDays(FROM, shift);
					const job = {
						...blankJob(
							{
								id: 'j',
								name: 'J',
								room: 'porch',
								layer: 'weekly',
								cadence: cadence as never,
								missRule: 'letgo'
							},
							'Do it',
							5
						),
						...(season ? { season: [...season].sort((a, b) => a - b) } : {})
					};
					const to = addDays(startsOn, 800);
					const plan = recurrenceOccurrences(
						{
							cadence: cadence as CalendarRecurrence,
							startsOn,
							leadDays: 0,
							season,
							weeks: { weekStart, weekBelongs: 'start' }
						},
						startsOn,
						to
					).map((turn) => turn.due);
					const rule = recurrenceRule(job, { ...household, weekStart });
					if (rule === null) {
						single++;
						const day = 'on' in cadence ? cadence.on : 'day' in cadence ? cadence.day : null;
						const late = day === 29 || day === 30;
						const apart = cadence.type === 'once' || (cadence.type === 'everyMonths' && season !== undefined);
						expect('card' in cadence || late || apart || plan.length === 0).toBe(true);
						return;
					}
					const [first] = plan;
					if (first === undefined) return;
					said++;
					expect(expanded(rule, first, to)).toEqual(plan);
				}
			),
			{ numRuns: 500, seed: 31 }
		);
		expect(said).toBeGreaterThan(250);
		expect(single).toBeGreaterThan(10);
	});

	it('is none for what floats, comes with its zone or is called', () => {
		for (const cadence of [
			{ type: 'afterDone', min: 3, max: 5 },
			{ type: 'zone', every: 1 },
			{ type: 'onCall' }
		] as const) {
			const job = blankJob(
				{ id: 'j', name: 'J', room: 'porch', layer: 'long', cadence, missRule: 'stays' },
				'Do it',
				5
			);
			expect(recurrenceRule(job, household)).toBeNull();
		}
	});
});

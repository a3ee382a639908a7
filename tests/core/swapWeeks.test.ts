/** Weeks of the zones that change places: once, from a week on, and back. Rules: "Zones in rotation". */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, toDay, weekdayOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import { cardOn, zoneOn } from '../../src/lib/core/calendar/rotation';
import { weekStartOf } from '../../src/lib/core/calendar/weeks';
import { nextDates, NOTHING_DONE } from '../../src/lib/core/schedule/occurrences';
import { prepareHome, rotationOf } from '../../src/lib/core/schedule/preparedHome';
import { sittingsAhead } from '../../src/lib/core/schedule/sittings';
import { shiftWeeks, swapWeeks, unswapWeeks } from '../../src/lib/core/setup/swapWeeks';
import type { Home } from '../../src/lib/core/household/home';
import { job, makeHome } from './home';

const TODAY = toDay('2027-03-03');
const MONDAY = toDay('2027-03-01');
const SCHEMES = [
	{ type: 'cycle', anchor: '2027-03-01' },
	{ type: 'rows', extra: 'last' },
	{ type: 'weeks', extra: 'first' }
] as const;
const homeOf = (scheme: (typeof SCHEMES)[number]): Home => {
	const made = makeHome();
	return makeHome({
		household: {
			...made.household,
			rhythm: { ...made.household.rhythm, scheme }
		}
	});
};
const changed = (edit: ReturnType<typeof swapWeeks>): Home => {
	if (!edit.ok) throw new Error(edit.refusal.code);
	return edit.home;
};
const daysOf = (begin: CivilDay) => Array.from({ length: 7 }, (_, i) => addDays(begin, i));

describe('two weeks swapped', () => {
	it('have each other’s zones and cards, day by day; every other day stays, and back is as before', () => {
		fc.assert(
			fc.property(
				fc.constantFrom(...SCHEMES),
				fc.integer({ min: 0, max: 20 }),
				fc.integer({ min: 0, max: 20 }),
				(scheme, a, b) => {
					const home = homeOf(scheme);
					const [one, other] = [addDays(MONDAY, 7 * a + 2), addDays(MONDAY, 7 * b + 4)];
					const edit = swapWeeks(home, one, other, TODAY);
					if (a === b) {
						expect(edit).toMatchObject({ ok: false, refusal: { code: 'same-week' } });
						return;
					}
					const [before, after] = [rotationOf(home), rotationOf(changed(edit))];
					for (let i = -10; i < 200; i++) {
						const day = addDays(MONDAY, i);
						const week = weekStartOf(day, 1);
						const partner =
							week === addDays(MONDAY, 7 * a)
								? addDays(day, 7 * (b - a))
								: week === addDays(MONDAY, 7 * b)
									? addDays(day, 7 * (a - b))
									: day;
						// On zone days alone: which weekdays are some does not change.
						expect(zoneOn(day, after), isoOf(day)).toBe(zoneOn(partner, before));
						expect(cardOn(day, after), isoOf(day)).toBe(cardOn(partner, before));
					}
					const back = rotationOf(changed(unswapWeeks(changed(edit), 'swap', 0)));
					for (const day of [...daysOf(addDays(MONDAY, 7 * a)), ...daysOf(addDays(MONDAY, 7 * b))])
						expect(zoneOn(day, back)).toBe(zoneOn(day, before));
				}
			),
			{ numRuns: 40 }
		);
	});

	it('take the zone’s jobs along: its sittings follow, jobs with days of their own do not', () => {
		const home = homeOf(SCHEMES[0]);
		const prepared = (of: Home) => prepareHome([{ from: toDay('2027-01-04'), home: of }]);
		const to = addDays(MONDAY, 27);
		const zones = (of: Home) =>
			sittingsAhead(prepared(of), NOTHING_DONE, TODAY, to).map((one) => [isoOf(one.date), one.zone]);
		const swapped = changed(swapWeeks(home, addDays(MONDAY, 7), addDays(MONDAY, 14), TODAY));
		const inWeek = (list: (string | undefined)[][], n: number) =>
			list.filter(([date]) => weekStartOf(toDay(date ?? ''), 1) === addDays(MONDAY, 7 * n)).map(([, z]) => z);
		expect(inWeek(zones(swapped), 1)).toEqual(inWeek(zones(home), 2));
		expect(inWeek(zones(swapped), 2)).toEqual(inWeek(zones(home), 1));
		const dates = (of: Home) => {
			const known = { projection: NOTHING_DONE, pauses: [], today: TODAY };
			return prepared(of)
				.series.filter((line) => line.job.cadence.type !== 'zone')
				.map((line) => nextDates(line, known, 6));
		};
		expect(dates(swapped)).toEqual(dates(home));
	});

	it('take what lies on a card along, in the order of the months', () => {
		const made = makeHome({
			jobs: [job('one', { cadence: { type: 'monthly', card: 2, weekday: 4 } })],
			zones: ['front', 'back'].map((id) => ({ id, name: id, weave: 'check', list: [] }))
		});
		const known = { projection: NOTHING_DONE, pauses: [], today: TODAY };
		const dates = (of: Home) => {
			const [line] = prepareHome([{ from: toDay('2027-01-04'), home: of }]).series;
			return line ? nextDates(line, known, 3).map(isoOf) : [];
		};
		expect(dates(made)).toEqual(['2027-03-11', '2027-04-15', '2027-05-13']);
		const swapped = changed(swapWeeks(made, toDay('2027-03-10'), toDay('2027-03-23'), TODAY));
		expect(dates(swapped)).toEqual(['2027-03-25', '2027-04-15', '2027-05-13']);
	});
});

describe('the zones moved from a week on', () => {
	it('come so that the week has the zone that was asked for, and each later one follows', () => {
		// By rows of the month most weeks have parts of two rows: whole weeks are moved where zones have whole weeks.
		for (const scheme of SCHEMES.filter((one) => one.type !== 'rows')) {
			const home = homeOf(scheme);
			const before = rotationOf(home);
			const zoneOfWeek = (n: number, rotation = before) =>
				daysOf(addDays(MONDAY, 7 * n))
					.map((day) => zoneOn(day, rotation))
					.find(Boolean);
			const other = [2, 3, 4, 5, 6, 7, 8, 9].find((n) => zoneOfWeek(n) !== zoneOfWeek(1)) as number;
			const after = rotationOf(
				changed(shiftWeeks(home, addDays(MONDAY, 8), addDays(MONDAY, 7 * other), TODAY))
			);
			expect(zoneOfWeek(0, after)).toBe(zoneOfWeek(0));
			expect(zoneOfWeek(1, after)).toBe(zoneOfWeek(other));
			// With two zones every later week has the other one.
			for (let n = 1; n < 20; n++)
				expect(zoneOfWeek(n, after), `${scheme.type} ${n}`).not.toBe(zoneOfWeek(n));
		}
	});
	it('a week that is over, one without a zone and the same one are refused, each with its reason', () => {
		const home = homeOf(SCHEMES[0]);
		const code = (edit: ReturnType<typeof swapWeeks>) => (edit.ok ? 'ok' : edit.refusal.code);
		expect(code(swapWeeks(home, addDays(MONDAY, -7), addDays(MONDAY, 7), TODAY))).toBe('week-over');
		expect(code(shiftWeeks(home, addDays(MONDAY, -1), addDays(MONDAY, 7), TODAY))).toBe('week-over');
		expect(code(shiftWeeks(home, addDays(MONDAY, 7), addDays(MONDAY, 21), TODAY))).toBe('same');
		const none = makeHome({
			household: {
				...home.household,
				rhythm: { ...home.household.rhythm, scheme: { type: 'none', extra: 'last' } }
			}
		});
		expect(code(shiftWeeks(none, addDays(MONDAY, 7), addDays(MONDAY, 14), TODAY))).toBe('no-zone-then');
		expect(weekdayOf(MONDAY)).toBe(1);
	});
});

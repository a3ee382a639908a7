import { familiesAtAge } from '../../src/lib/core/cupboard/ages';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import type { Member } from '../../src/lib/core/household/home';
import { estimateMinutes, normalCdf } from '../../src/lib/core/learning/minutes';
import { inChargeSpans, homeSpans, nextAtHome } from '../../src/lib/core/people/presence';
import { ageOn, mayDo } from '../../src/lib/core/people/whoCan';
import { rhythmWords } from '../../src/lib/words/recurrence';
import { keyAct } from '../../src/lib/ui/today/keys';
import { belowFirstScreen, dayColumns, intoRolls } from '../../src/lib/ui/today/columns';
import {
	clockText,
	dayAhead,
	duration,
	listNames,
	minutesText,
	overdueText
} from '../../src/lib/words/general';
import { freshId } from '../../src/lib/ui/freshId';
import { day } from './entries';
import { demoHome, makeHome } from './home';

describe('people', () => {
	const home = demoHome();
	const member = (id: string) => home.members.find((m) => m.id === id) as Member;

	it('age on their birthday', () => {
		expect(ageOn(member('kit'), day('2027-06-01'))).toBe(9);
		expect(ageOn(member('kit'), day('2027-06-02'))).toBe(10);
		expect(ageOn(member('bram'), day('2027-06-02'))).toBeNull();
	});

	it('use what their age allows', () => {
		expect(familiesAtAge(7)).toEqual(['water']);
		expect(familiesAtAge(8)).toContain('surfactant');
		expect(familiesAtAge(12)).toContain('alcohol');
		expect(familiesAtAge(16)).toBeNull();
		const kettle = home.jobs.find((j) => j.id === 'descale-the-kettle');
		expect(
			kettle && mayDo({ ...kettle, who: { mode: 'free', members: [] } }, member('juno'), day('2027-03-03'))
		).toBe(false);
		expect(kettle && mayDo(kettle, member('ottilie'), day('2027-03-03'))).toBe(true);
		expect(kettle && mayDo(kettle, member('nan-wren'), day('2027-03-03'))).toBe(false);
	});

	it('are at home and carry the day as their presence says', () => {
		const wednesday = day('2027-03-03');
		// Before school and after it.
		expect(homeSpans(member('juno'), wednesday)).toEqual([
			{ from: 0, to: 495 },
			{ from: 940, to: 1440 }
		]);
		expect(inChargeSpans(member('bram'), wednesday)).toEqual([{ from: 1020, to: 1380 }]);
		expect(homeSpans(member('ottilie'), wednesday)).toEqual([{ from: 0, to: 1440 }]);
		expect(nextAtHome(member('nan-wren'), wednesday)).toBe(day('2027-03-04'));
	});
});

describe('minutes learnt', () => {
	it('start from what was said', () => {
		const { median, low, high } = estimateMinutes(10, []);
		expect(median).toBeCloseTo(10, 3);
		expect(low).toBeLessThan(10);
		expect(high).toBeGreaterThan(10);
	});

	it('move towards the record, and up for what the bell cut off', () => {
		const seven = Array.from({ length: 12 }, () => ({ minutes: 7, cut: false }));
		expect(estimateMinutes(25, seven).median).toBeLessThan(10);
		expect(estimateMinutes(10, [{ minutes: 15, cut: true }]).median).toBeGreaterThan(10);
		expect(normalCdf(0)).toBeCloseTo(0.5, 6);
		expect(normalCdf(1.959964)).toBeCloseTo(0.975, 5);
	});
});

describe('the Line of a wide screen', () => {
	it('hangs a roll for each part, and more where a part is long', () => {
		expect(dayColumns([4, 3, 7], 4, 1)).toEqual({ rolls: [1, 1, 1], isStacked: false });
		expect(dayColumns([14], 4, 1)).toEqual({ rolls: [2], isStacked: false });
		expect(dayColumns([3, 10], 4, 1)).toEqual({ rolls: [1, 2], isStacked: false });
		expect(dayColumns([2], 4, 1)).toEqual({ rolls: [1], isStacked: false });
	});

	it('hangs the parts of a day of forty jobs one under the other', () => {
		expect(dayColumns([40, 3, 2], 4, 1)).toEqual({ rolls: [3, 1, 1], isStacked: true });
	});

	it('knows which parts begin below the first screen of a phone', () => {
		expect(belowFirstScreen([3, 3, 7], true)).toEqual([false, true, true]);
		// A part after little else is seen at once.
		expect(belowFirstScreen([0, 3, 7], true)).toEqual([false, false, true]);
		expect(belowFirstScreen([2, 2, 2, 2, 9], false)).toEqual([false, false, false, false, true]);
		expect(belowFirstScreen([40], true)).toEqual([false]);
	});

	it('never has more rolls than places, and deals every row once, in order', () => {
		fc.assert(
			fc.property(
				fc.array(fc.nat(50), { minLength: 1, maxLength: 3 }),
				fc.integer({ min: 4, max: 6 }),
				fc.nat(1),
				(rows, places, taken) => {
					const { rolls, isStacked } = dayColumns(rows, places, taken);
					expect(rolls).toHaveLength(rows.length);
					for (const n of rolls) expect(n).toBeGreaterThanOrEqual(1);
					if (isStacked)
						rolls.forEach((n, i) => expect(n).toBeLessThanOrEqual(places - (i === 0 ? taken : 0)));
					else expect(rolls.reduce((sum, n) => sum + n, taken)).toBeLessThanOrEqual(places);
					rows.forEach((count, i) => {
						const list = Array.from({ length: count }, (_, k) => k);
						const dealt = intoRolls(list, rolls[i] ?? 1);
						expect(dealt.flat()).toEqual(list);
						expect(dealt.length).toBeLessThanOrEqual(rolls[i] ?? 1);
					});
				}
			)
		);
	});
});

describe('words', () => {
	it('say minutes, hours and days as people do', () => {
		expect(minutesText(2.5)).toBe('2½');
		expect(minutesText(0.1)).toBe('½');
		expect(duration(45)).toBe('45 minutes');
		expect(duration(105)).toBe('1 h 45 min');
		expect(clockText('17:00', '12h')).toBe('5 pm');
		expect(clockText('00:30', '12h')).toBe('12:30 am');
		expect(listNames(['A', 'B', 'C'])).toBe('A, B and C');
		expect(dayAhead(day('2027-03-06'), day('2027-03-03'))).toBe('Saturday');
		const said = (unit: 'days' | 'turns', count: number, due: string | null) =>
			overdueText({ unit, count }, due === null ? null : day(due), day('2027-03-03'));
		expect(said('days', 1, '2027-03-02')).toBe('was due yesterday');
		expect(said('days', 2, '2027-03-01')).toBe('was due Monday');
		expect(said('turns', 1, '2027-02-20')).toBe('missed once, was due 20 February');
		expect(said('turns', 2, '2027-02-20')).toBe('missed twice');
		expect(said('turns', 5, null)).toBe('missed 5 times');
	});

	it('tell every rhythm of the demo without a gap', () => {
		for (const job of demoHome().jobs) expect(rhythmWords(job)).not.toMatch(/undefined|NaN/);
		const job = makeHome().jobs[0];
		expect(job && rhythmWords({ ...job, cadence: { type: 'weekly', weekdays: [4], everyWeeks: 2 } })).toBe(
			'every second week on Thursdays'
		);
		expect(job && rhythmWords({ ...job, cadence: { type: 'monthly', day: 21 } })).toBe(
			'on the 21st of the month'
		);
		expect(job && rhythmWords({ ...job, cadence: { type: 'monthly', nth: -1, weekday: 5 } })).toBe(
			'on the last Friday of the month'
		);
	});

	it('keep from words of blame', () => {
		const files = [
			'src/lib/words/general.ts',
			'src/lib/server/pages/today/loadToday.ts',
			'src/routes/+page.svelte',
			'src/lib/ui/today/OverdueList.svelte',
			'src/lib/words/today.ts'
		];
		const shown =
			files
				.map((f) => readFileSync(f, 'utf8'))
				.join('\n')
				.match(/'[^'\n]*'|>[^<{]+</g)
				?.join('\n') ?? '';
		expect(shown).not.toMatch(/\b(failed|lazy|behind on|streak|points|task|should have)\b/i);
	});
});

describe('keys', () => {
	const key = (k: string, rest = {}) =>
		keyAct({ key: k, ctrlKey: false, altKey: false, metaKey: false, repeat: false, target: null, ...rest });
	it('act alone, and never while something is typed', () => {
		expect(key('d')).toBe('done');
		expect(key('ArrowLeft')).toBe('before');
		expect(key('d', { ctrlKey: true })).toBeNull();
		expect(key('d', { target: { closest: () => ({}) } })).toBeNull();
		expect(key('q')).toBeNull();
	});
});

describe('the light of the evening', () => {
	it('is the same whether chosen or asked for by the device', () => {
		const css = readFileSync('src/lib/ui/tokens.css', 'utf8').replace(/\s+/g, ' ');
		const block = (from: string) =>
			css
				.slice(css.indexOf(from) + from.length)
				.split('}')[0]
				?.trim();
		const chosen = block(`:root[data-light='evening'] {`) ?? block(`:root[data-light="evening"] {`);
		expect(chosen?.length).toBeGreaterThan(200);
		expect(block(`:root:not([data-light='day']) {`)).toBe(chosen);
	});
});

describe('ids made on a device', () => {
	it('are UUIDs of version 7 whose order is that of their time', () => {
		const ids = [1_800_000_000_000, 1_800_000_000_001, 1_800_000_100_000].map((at) => freshId(at));
		for (const id of ids)
			expect(id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7[0-9a-f]{3}-[89ab][0-9a-f]{3}-[0-9a-f]{12}$/);
		expect([...ids].sort()).toEqual(ids);
	});
});

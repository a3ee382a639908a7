import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import type { Member } from '../../src/lib/core/household/home';
import { estimateMinutes, normalCdf } from '../../src/lib/core/learning/minutes';
import { inChargeSpans, homeSpans, nextAtHome } from '../../src/lib/core/people/presence';
import { ageOn, familiesAtAge, mayDo } from '../../src/lib/core/people/whoCan';
import { rhythmWords } from '../../src/lib/words/recurrence';
import { keyAct } from '../../src/lib/ui/today/keys';
import { layLine } from '../../src/lib/ui/today/layout';
import { clockText, dayAhead, duration, lateText, listNames, minutesText } from '../../src/lib/words/general';
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
	it('shows all whole where there is room, and never fewer than one of a part', () => {
		expect(
			layLine(
				[
					{ tags: 2, fixed: 336 },
					{ tags: 2, fixed: 0 }
				],
				1017,
				null
			).whole
		).toEqual([2, 2]);
		const crowded = layLine(
			[
				{ tags: 5, fixed: 256 },
				{ tags: 4, fixed: 0 },
				{ tags: 8, fixed: 0 }
			],
			1017,
			null
		);
		expect(crowded.whole.every((n) => n >= 1)).toBe(true);
		expect(crowded.tuck).toBeGreaterThanOrEqual(26);
	});

	it('spreads one part and pushes the others together', () => {
		const spread = layLine(
			[
				{ tags: 3, fixed: 256 },
				{ tags: 5, fixed: 0 },
				{ tags: 7, fixed: 0 }
			],
			1017,
			1
		);
		expect(spread.whole).toEqual([1, 5, 1]);
		expect(spread.shown).toEqual([1, 5, 1]);
	});

	it('counts what finds no place, and never runs off the side, spread or not', () => {
		const week = [
			{ tags: 9, fixed: 318 },
			{ tags: 3, fixed: 0 },
			{ tags: 7, fixed: 0 }
		];
		const laid = layLine(week, 1017, null);
		expect(laid.whole).toEqual([1, 1, 1]);
		expect(laid.shown.reduce((sum, n) => sum + n, 0)).toBeLessThan(19);
		fc.assert(
			fc.property(
				fc.array(fc.record({ tags: fc.nat(24), fixed: fc.constant(0) }), { minLength: 1, maxLength: 3 }),
				fc.integer({ min: 1017, max: 1600 }),
				fc.option(fc.nat(2)),
				(some, width, spread) => {
					const needs = some.map((need, i) => (i === 0 ? { ...need, fixed: 318 } : need));
					const { whole, shown, tuck } = layLine(needs, width, spread);
					let used = 0;
					needs.forEach(({ tags, fixed }, i) => {
						const [all, hung] = [whole[i] ?? 0, shown[i] ?? 0];
						expect(hung).toBeLessThanOrEqual(tags);
						expect(hung).not.toBe(tags - 1);
						expect(all).toBe(i === spread ? tags : Math.min(all, hung));
						if (tags > 0) expect(all).toBeGreaterThan(0);
						const row = i === spread ? Math.min(2, all) * 124 : all * 120;
						used += Math.max(214, fixed + 22 + row + (hung - all) * tuck + (hung < tags ? 40 : 0));
					});
					expect(used).toBeLessThanOrEqual(width);
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
		expect(duration(105)).toBe('1 h 45');
		expect(clockText('17:00', '12h')).toBe('5 pm');
		expect(clockText('00:30', '12h')).toBe('12:30 am');
		expect(listNames(['A', 'B', 'C'])).toBe('A, B and C');
		expect(dayAhead(day('2027-03-06'), day('2027-03-03'))).toBe('Saturday');
		expect(lateText({ unit: 'days', count: 2 })).toBe('two days late');
		expect(lateText({ unit: 'turns', count: 1 })).toBe('1 turn late');
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
			'src/lib/ui/today/Runner.svelte'
		];
		const shown =
			files
				.map((f) => readFileSync(f, 'utf8'))
				.join('\n')
				.match(/'[^'\n]*'|>[^<{]+</g)
				?.join('\n') ?? '';
		expect(shown).not.toMatch(/\b(overdue|failed|missed|streak|task)\b/i);
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

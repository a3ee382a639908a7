/** How often a job is really done. */
import { describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import { realGap } from '../../src/lib/core/learning/realGap';
import { oftenWords } from '../../src/lib/words/history';

const DAY = toDay('2027-03-01');
const days = (...after: number[]) => after.map((n) => addDays(DAY, n));

describe('how often a job is really done', () => {
	it('is the mean of the days between, in any order, several times on a day being one', () => {
		expect(realGap(days(14, 0, 7, 7))).toBe(7);
		expect(realGap(days(0, 1, 2, 2, 3))).toBe(1);
		expect(realGap(days(0, 4, 10))).toBe(5);
	});
	it('is not known of fewer than three days, and the last twelve say it', () => {
		expect(realGap([])).toBeNull();
		expect(realGap(days(0, 9, 9))).toBeNull();
		expect(
			realGap([...days(0, 100), ...Array.from({ length: 11 }, (_, i) => addDays(DAY, 102 + 2 * i))])
		).toBe(2);
	});
	it('is said in days, weeks and months', () => {
		expect([1, 2.4, 21, 91].map(oftenWords)).toEqual([
			'Done every day.',
			'Done about every 2 days.',
			'Done about every 3 weeks.',
			'Done about every 3 months.'
		]);
	});
});

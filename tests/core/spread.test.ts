/** First dates of jobs that come back: all their turns count, and what is somebody's own is no load. */
import { describe, expect, it } from 'vitest';
import { isoOf, toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import { spreadFirstDays } from '../../src/lib/core/setup/spread';
import { homeData, job, makeHome, step } from './home';

const FROM = toDay('2027-03-01');
const of = (minutes: number) => ({ usual: { minutes, steps: [step('Do it', minutes)] } });
const floating = (id: string, max: number, minutes: number, rest: object = {}) =>
	job(id, {
		layer: 'long',
		cadence: { type: 'afterDone', min: 1, max },
		missRule: 'stays',
		depths: of(minutes),
		...rest
	});

const rhythm = {
	...(homeData().household as { rhythm: object }).rhythm,
	scheme: { type: 'none' },
	catchUpDays: [],
	freeDays: []
};
const rooms = [
	{ id: 'porch', name: 'Porch', kind: 'hall', storey: 0, walkOrder: 0 },
	{ id: 'bunk', name: 'Bunk Room', kind: 'bedroom', storey: 0, walkOrder: 1, owners: ['ada'] }
];
const home = (jobs: object[]) =>
	makeHome({
		household: { ...(homeData().household as object), minutesADay: 60, rhythm },
		zones: [],
		rooms,
		jobs
	});
const firstOf = (id: string, jobs: object[]) => {
	const made = home(jobs);
	const own = made.jobs.filter((one) => one.id === id);
	const settled = made.jobs.filter((one) => one.id !== id);
	return spreadFirstDays(own, settled, FROM, made.household, made.rooms)[0]?.startsOn;
};

describe('first dates', () => {
	const middle = isoOf(toDay('2027-03-04'));

	it('lie in the middle of an interval where nothing stands against it', () => {
		expect(firstOf('new', [floating('new', 7, 10)])).toBe(middle);
	});

	it('leave days whose later turns would be over the minutes, though the first one is not', () => {
		// Due a week after the middle, and every three weeks from then on: it fills those days.
		const full = floating('full', 21, 60, { startsOn: '2027-03-11' });
		const first = firstOf('new', [floating('new', 7, 10), full]);
		expect(first).not.toBe(middle);
		expect(weekdayOf(toDay(first ?? ''))).not.toBe(4);
	});

	it('count a job that comes every other week on the weeks in which it comes', () => {
		const full = job('full', {
			cadence: { type: 'weekly', weekdays: [4], everyWeeks: 2 },
			startsOn: '2027-03-08',
			depths: of(60)
		});
		expect(firstOf('new', [floating('new', 14, 10), full])).toBe('2027-03-08');
		expect(firstOf('new', [floating('new', 7, 10), full])).not.toBe(middle);
	});

	it('count nothing of what is somebody’s own', () => {
		const own = job('own', {
			room: 'bunk',
			cadence: { type: 'weekly', weekdays: [4], everyWeeks: 1 },
			depths: of(60),
			who: { mode: 'fixed', members: ['ada'] }
		});
		expect(firstOf('new', [floating('new', 7, 10), own])).toBe(middle);
		expect(firstOf('new', [floating('new', 7, 10), { ...own, room: 'porch' }])).not.toBe(middle);
	});
});

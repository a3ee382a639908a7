import fc from 'fast-check';
import { afterEach, describe, expect, it } from 'vitest';
import { addDays, toDay } from '../../src/lib/core/calendar/civil';
import type { EditRefusal, Effect } from '../../src/lib/core/setup/edit';
import type { Refusal } from '../../src/lib/core/schedule/checkEntry';
import type { Job } from '../../src/lib/core/household/home';
import { editRefusalText, effectText, neverOnWords } from '../../src/lib/words/edits';
import type { Zone } from '../../src/lib/core/household/home';
import { refusalText } from '../../src/lib/words/refusals';
import { cadenceText, missWords, rhythmWords } from '../../src/lib/words/recurrence';
import { inMeasures } from '../../src/lib/core/cupboard/dilution';
import type { DateOrder, Units } from '../../src/lib/core/household/home';
import { waysOf } from '../../src/lib/ui/begin/device';
import { amountWords, mlOfUnit, volumesOffered } from '../../src/lib/words/supplies/amounts';
import { MIXING } from '../../src/lib/words/supplies/mixing';
import { hoursWords } from '../../src/lib/words/people';
import { LOCALES, writeBy } from '../../src/lib/words/writing';
import { zoneWords } from '../../src/lib/words/today';
import {
	clockText,
	dayAhead,
	daySpan,
	duration,
	listNames,
	longDate,
	lowerNumber,
	minutesText,
	numberWord,
	plural,
	shortDate,
	tinyDate
} from '../../src/lib/words/general';
import { calendarCadence, floatingCadence } from './generators';
import { makeHome } from './home';

const DAY = toDay('2027-03-03');
const whole = (text: string) => {
	expect(text).toMatch(/^["A-Z0-9].*[.]$/s);
	expect(text).not.toMatch(/undefined|null|NaN|\[object/);
	expect(text).not.toMatch(/ {2}|,,|\.\./);
};

describe('how far a zone is', () => {
	it('is told of its list, and that it has none', () => {
		expect(zoneWords(null, 3, 5, 2, 11)).toBe('Day 3 of 5, 2 of 11 jobs done');
		expect(zoneWords(null, 3, 5, 0, 0)).toBe('Day 3 of 5, no job on its list yet');
	});
});

describe('what a change does beside itself', () => {
	it.each<[Effect, string]>([
		[{ code: 'items-move', count: 1, from: 'A', to: 'B' }, 'One deep job goes to the end of the list of B.'],
		[{ code: 'items-move', count: 3, from: 'A', to: 'B' }, 'Three deep jobs go to the end of the list of B.'],
		[{ code: 'items-float', count: 1 }, 'One deep job comes 60 to 90 days after it was last done instead.'],
		[
			{ code: 'items-float', count: 14 },
			'14 deep jobs come 60 to 90 days after they were last done instead.'
		],
		[{ code: 'jobs-retire', count: 1, names: ['Sills'] }, 'One job is removed: Sills.'],
		[
			{ code: 'jobs-retire', count: 6, names: ['A', 'B', 'C', 'D'] },
			'Six jobs are removed: A, B, C and D and two more.'
		],
		[{ code: 'jobs-move', count: 2, to: 'Kitchen' }, 'Two jobs move to Kitchen.'],
		[{ code: 'rooms-without-zone', count: 1 }, 'One room will be in no zone.'],
		[{ code: 'rooms-move', count: 1, to: 'Back' }, 'One room goes to Back.'],
		[{ code: 'rooms-move', count: 5, to: 'Back' }, 'Five rooms go to Back.'],
		[
			{ code: 'numbers-shift' },
			'The numbers of the zones after it shift, and with them the weeks they fall on.'
		],
		[{ code: 'history-stays' }, 'What was done stays in History.'],
		[{ code: 'passes-begin-anew', zone: 'Back' }, 'The list of Back begins anew.']
	])('%j', (effect, text) => {
		expect(effectText(effect)).toBe(text);
	});
	it('names zones without a day in one sentence', () => {
		const zone = (name: string, jobs: number) => ({ zone: { name } as Zone, jobs });
		expect(neverOnWords([])).toEqual([]);
		expect(neverOnWords([zone('Bath', 1)])).toEqual([
			'Bath has no day, so its deep job does not come up. Give it a day under “Cleaning days and house rules”, or move its rooms to another zone.'
		]);
		expect(neverOnWords([zone('Bath', 3), zone('Loft', 2)])).toEqual([
			'Bath and Loft have no day, so their five deep jobs do not come up. Give each a day under “Cleaning days and house rules”, or move their rooms to another zone.'
		]);
	});
});

describe('a refusal', () => {
	const edits: EditRefusal[] = [
		{ code: 'unknown', what: 'room', id: 'x' },
		{ code: 'last-room' },
		{ code: 'too-many-zones' },
		{ code: 'same' },
		{ code: 'has-it', room: 'Kitchen' },
		{ code: 'problems', problems: [{ at: 'jobs[0]', says: 'It never falls due. Widen the season.' }] },
		{ code: 'problems', problems: [] }
	];
	it.each(edits)('of a change says what is wrong: %j', (refusal) => {
		expect(editRefusalText(refusal)).not.toMatch(/undefined|null/);
		expect(editRefusalText(refusal)).toMatch(/\.$/);
	});
	const entries: Refusal[] = [
		{ code: 'job-gone', job: 'bench' },
		{ code: 'part-unknown', job: 'bench', part: null },
		{ code: 'member-unknown', member: 'zed' },
		{ code: 'zone-unknown', zone: 'moat' },
		{ code: 'target-unknown', target: 'moat' },
		{ code: 'date-ahead', date: DAY, today: DAY },
		{ code: 'date-far', date: DAY },
		{ code: 'not-moved', date: DAY },
		{ code: 'undo-unknown', of: 'x' },
		{ code: 'variant-unknown', variant: 'Left' },
		{ code: 'depth-unknown', depth: 'deep' }
	];
	it.each(entries)('of an entry says what is wrong, and what to do: %j', (refusal) => {
		const text = refusalText(refusal);
		whole(text);
		expect(text.split('. ').length, text).toBe(2);
	});
});

describe('a rhythm in words', () => {
	const base = makeHome().jobs[0] as Job;
	it('is a whole phrase for every cadence', () => {
		fc.assert(
			fc.property(fc.oneof(calendarCadence, floatingCadence), (cadence) => {
				const text = cadenceText(cadence as Job['cadence']);
				expect(text).toMatch(/^[a-z0-9]/);
				expect(text).not.toMatch(/undefined|NaN|null| {2}|,,/);
			}),
			{ numRuns: 400 }
		);
	});
	it.each<[Job['cadence'], string]>([
		[{ type: 'daily' }, 'every day'],
		[{ type: 'daily', weekdays: [1, 3] }, 'on Mondays and Wednesdays'],
		[{ type: 'daily', weekdays: [1, 2, 3, 4, 5, 6] }, 'from Monday to Saturday'],
		[{ type: 'daily', weekdays: [1, 2, 4] }, 'on Mondays, Tuesdays and Thursdays'],
		[{ type: 'weekly', weekdays: [2, 3, 4], everyWeeks: 1 }, 'weekly from Tuesday to Thursday'],
		[{ type: 'weekly', weekdays: [4], everyWeeks: 1 }, 'weekly on Thursdays'],
		[{ type: 'weekly', weekdays: [4], everyWeeks: 2 }, 'every second week on Thursdays'],
		[{ type: 'weekly', weekdays: [4], everyWeeks: 3 }, 'every 3 weeks on Thursdays'],
		[{ type: 'timesAWeek', times: 1 }, 'once a week'],
		[{ type: 'timesAWeek', times: 2 }, 'twice a week'],
		[{ type: 'timesAWeek', times: 3 }, 'three times a week'],
		[{ type: 'monthly', day: 1 }, 'on the 1st of the month'],
		[{ type: 'monthly', day: 12 }, 'on the 12th of the month'],
		[{ type: 'monthly', day: 23 }, 'on the 23rd of the month'],
		[{ type: 'monthly', nth: 2, weekday: 1 }, 'on the second Monday of the month'],
		[{ type: 'monthly', nth: -1, weekday: 7 }, 'on the last Sunday of the month'],
		[{ type: 'monthly', card: 3, weekday: 2 }, 'on the Tuesday of week 3 of the month'],
		[{ type: 'months', months: [3, 9] }, 'in March and September'],
		[{ type: 'afterDone', min: 10, max: 14 }, '10 to 14 days after it was last done'],
		[{ type: 'afterDone', min: 7, max: 7 }, '7 days after it was last done'],
		[{ type: 'zone', every: 1 }, 'each time its zone has its week'],
		[{ type: 'zone', every: 2 }, 'every second time its zone has its week'],
		[{ type: 'onCall' }, 'only when somebody asks for it']
	])('%j', (cadence, text) => {
		expect(cadenceText(cadence)).toBe(text);
	});
	it('names the parts of the day, and what happens when its day goes by', () => {
		expect(rhythmWords({ ...base, cadence: { type: 'daily' }, parts: ['morning', 'evening'] })).toBe(
			'every day, morning and evening'
		);
		expect(
			(['letgo', 'catchup', 'stays', 'carry'] as const).map((missRule) =>
				missWords({ ...base, missRule }, 'Saturday')
			)
		).toEqual([
			'skip it until next time',
			'move it to Saturday, your catch-up day',
			'keep it until it is done',
			'keep it until the next visit of its zone'
		]);
		expect(missWords({ ...base, missRule: 'catchup' }, null)).toBe('skip it until next time');
	});
});

describe('figures and dates', () => {
	it.each([
		[0, '0 minutes'],
		[1, '1 minute'],
		[59.4, '59 minutes'],
		[59.6, '1 h'],
		[60, '1 h'],
		[125, '2 h 5 min']
	])('%d minutes are "%s"', (minutes, text) => expect(duration(minutes)).toBe(text));

	it('minutes are never nought where there is work, and halves are told', () => {
		fc.assert(
			fc.property(fc.double({ min: 0.01, max: 1440, noNaN: true }), (minutes) => {
				const text = minutesText(minutes);
				expect(text).toMatch(/^(\d+½?|½)$/);
				expect(text).not.toBe('0');
				const told = Number(text.replace('½', '') || 0) + (text.includes('½') ? 0.5 : 0);
				expect(Math.abs(told - minutes)).toBeLessThanOrEqual(0.5);
			})
		);
		expect(minutesText(0)).toBe('0');
	});

	it('a clock of twelve hours reads each minute of the day as one of its own', () => {
		const seen = new Set<string>();
		for (let minute = 0; minute < 1440; minute++) {
			const time = `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`;
			expect(clockText(time, '24h')).toBe(time);
			const text = clockText(time, '12h');
			expect(text).toMatch(/^(1[0-2]|[1-9])(:[0-5]\d)? (am|pm)$/);
			seen.add(text);
		}
		expect(seen.size).toBe(1440);
		expect([clockText('00:00', '12h'), clockText('12:00', '12h'), clockText('24:00', '12h')]).toEqual([
			'12 am',
			'12 pm',
			'12 am'
		]);
	});

	it('days ahead have their names within a week, and their dates from then on', () => {
		const ahead = (days: number) => dayAhead(addDays(DAY, days), DAY);
		expect([0, 1, 2, 6, 7, -1].map(ahead)).toEqual([
			'today',
			'tomorrow',
			'Friday',
			'Tuesday',
			'Wed 10 March',
			'Tue 2 March'
		]);
		expect([longDate(DAY), shortDate(DAY), tinyDate(DAY)]).toEqual([
			'Wednesday, 3 March',
			'Wed 3 March',
			'Wed 3 Mar'
		]);
	});

	it('numbers up to twelve are words; lists have one "and"', () => {
		expect([numberWord(0), numberWord(12), numberWord(13), lowerNumber(3)]).toEqual([
			'No',
			'Twelve',
			'13',
			'three'
		]);
		expect([plural(1, 'job'), plural(2, 'job'), plural(2, 'day off', 'days off')]).toEqual([
			'job',
			'jobs',
			'days off'
		]);
		fc.assert(
			fc.property(fc.array(fc.constantFrom('Kit', 'Pip', 'Juno', 'Bram'), { maxLength: 8 }), (names) => {
				const text = listNames(names);
				expect(text.split(/, | and /).filter(Boolean)).toEqual(names);
				expect(text.split(' and ').length - 1).toBe(names.length > 1 ? 1 : 0);
			})
		);
	});
});

describe('the home’s own way of writing', () => {
	afterEach(() => writeBy(() => null));
	const by = (dates: DateOrder, units: Units = 'metric') => writeBy(() => ({ dates, units }));

	it('puts day and month in its order, everywhere', () => {
		const told = () => [
			longDate(DAY),
			shortDate(DAY),
			tinyDate(DAY),
			daySpan(DAY, addDays(DAY, 4)),
			daySpan(DAY, addDays(DAY, 40)),
			dayAhead(addDays(DAY, 9), DAY),
			cadenceText({ type: 'once', date: '2027-03-03' })
		];
		const dayFirst = [
			'Wednesday, 3 March',
			'Wed 3 March',
			'Wed 3 Mar',
			'3 to 7 March',
			'3 March to 12 April',
			'Fri 12 March',
			'once, on Wednesday, 3 March'
		];
		expect(told()).toEqual(dayFirst);
		by('dayFirst');
		expect(told()).toEqual(dayFirst);
		for (const order of ['monthFirst', 'yearFirst'] as const) {
			by(order);
			expect(told()).toEqual([
				'Wednesday, March 3',
				'Wed March 3',
				'Wed Mar 3',
				'March 3 to 7',
				'March 3 to April 12',
				'Fri March 12',
				'once, on Wednesday, March 3'
			]);
		}
	});

	it('has fields in the same order', () => {
		const fields = (order: DateOrder) =>
			new Intl.DateTimeFormat(LOCALES[order], { year: 'numeric', month: '2-digit', day: '2-digit' })
				.formatToParts()
				.flatMap(({ type }) => (type === 'literal' ? [] : [type]))
				.join(' ');
		expect(fields('dayFirst')).toBe('day month year');
		expect(fields('monthFirst')).toBe('month day year');
		expect(fields('yearFirst')).toBe('year month day');
	});

	it('tells amounts in what it measures with, and the other way beside it', () => {
		expect(amountWords(1500)).toBe('1.5 l');
		expect(MIXING.pour('vinegar', 240, inMeasures(240))).toBe('240 ml of vinegar (1 cup)');
		expect(volumesOffered().map((one) => one.label)).toEqual(['250 ml', '500 ml', '1 l', '5 l']);
		by('monthFirst', 'cups');
		expect(amountWords(900)).toBe('3¾ cups');
		expect(amountWords(5)).toBe('1 teaspoon');
		expect(MIXING.pour('vinegar', 240, inMeasures(240))).toBe('1 cup of vinegar (240 ml)');
		expect(volumesOffered().map((one) => one.label)).toEqual(['1 cup', '2 cups', '4 cups', '20 cups']);
		expect(mlOfUnit()).toBe(240);
	});

	it('is guessed from the language of a device', () => {
		expect(waysOf('en-GB', 'Europe/London')).toEqual({
			timeZone: 'Europe/London',
			clock: '24h',
			dates: 'dayFirst',
			units: 'metric'
		});
		expect(waysOf('en-US', 'America/Chicago')).toMatchObject({
			clock: '12h',
			dates: 'monthFirst',
			units: 'cups'
		});
		expect(waysOf('en', 'Europe/Oslo')).toMatchObject({ dates: 'monthFirst', units: 'metric' });
		expect(waysOf('sv-SE', 'Europe/Stockholm')).toMatchObject({
			clock: '24h',
			dates: 'yearFirst',
			units: 'metric'
		});
		expect(waysOf('not a language', 'Europe/Oslo')).toMatchObject({ clock: '24h', dates: 'dayFirst' });
	});
});

describe('hours at home', () => {
	it.each([
		['', '24h', ''],
		['00:00-24:00', '24h', 'all day'],
		['00:00-07:30, 16:45-24:00', '24h', 'until 07:30, from 16:45'],
		['08:00-17:30', '24h', '08:00 to 17:30'],
		['08:00-17:30', '12h', '8 am to 5:30 pm']
	] as const)('%s by the %s clock', (spans, clock, told) => {
		expect(hoursWords(spans, clock)).toBe(told);
	});
});

import { describe, expect, it } from 'vitest';
import { toDay, weekdayOf } from '../../src/lib/core/calendar/civil';
import { checkEntry } from '../../src/lib/core/schedule/checkEntry';
import { readEntry } from '../../src/lib/core/household/entry';
import { readHome, shiftHome } from '../../src/lib/core/household/home';
import { describeProblems } from '../../src/lib/core/household/problems';
import { refusalText } from '../../src/lib/words/refusals';
import { day, done, entry, testId } from './entries';
import { demoHome, homeData, job, prepared, step } from './home';

/** What is said of a home: place and remedy, one line a problem. */
function said(data: unknown): string {
	const read = readHome(data);
	return read.ok ? 'nothing' : describeProblems(read.problems);
}

const withJob = (rest: Record<string, unknown>) =>
	homeData({
		jobs: [
			...['rail', 'door', 'rack'].map((id) =>
				job(id, { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' })
			),
			job('odd', rest)
		]
	});

describe('a home file', () => {
	it('is read where all is well', () => expect(said(homeData())).toBe('nothing'));

	it.each([
		['an unknown field', { ...homeData(), colour: 'red' }, /Unknown field "colour".*Take it out/],
		['an unknown field deep inside', withJob({ prio: 1 }), /jobs\[3\] "odd": Unknown field "prio"/],
		['a job without a room', withJob({ room: undefined }), /jobs\[3\] "odd"\.room/],
		[
			'a room that is not there',
			withJob({ room: 'cellar' }),
			/jobs\[3\] "odd"\.room: There is no room "cellar".*Add the room/
		],
		[
			'no months',
			withJob({ cadence: { type: 'months', months: [] } }),
			/cadence\.months: With no month it never falls due/
		],
		[
			'no weekdays',
			withJob({ cadence: { type: 'weekly', weekdays: [] } }),
			/cadence\.weekdays: With no weekday it never falls due/
		],
		[
			'dates outside the season',
			withJob({ cadence: { type: 'months', months: [1] }, season: [6] }),
			/cadence: It never falls due.*Widen the season/
		],
		[
			'an unknown cadence',
			withJob({ cadence: { type: 'hourly' } }),
			/cadence: A cadence has one of the types/
		],
		[
			'minutes of 0',
			withJob({ depths: { usual: { minutes: 0, steps: [step('a', 1)] } } }),
			/usual\.minutes: Minutes must be more than 0/
		],
		['minutes of -3', withJob({ depths: { usual: { minutes: -3, steps: [step('a', 1)] } } }), /more than 0/],
		[
			'minutes of 1e9',
			withJob({ depths: { usual: { minutes: 1e9, steps: [step('a', 1)] } } }),
			/at most 1440/
		],
		[
			'minutes of "ten"',
			withJob({ depths: { usual: { minutes: 'ten', steps: [step('a', 1)] } } }),
			/Minutes are a number/
		],
		[
			'steps that do not add up',
			withJob({ depths: { usual: { minutes: 9, steps: [step('a', 1)] } } }),
			/The steps add up to 1 minutes, not 9/
		],
		['a date of 31 February', withJob({ startsOn: '2027-02-31' }), /startsOn: There is no date "2027-02-31"/],
		['a covered job that is gone', withJob({ covers: ['ghost'] }), /covers\[0\].*There is no job "ghost"/],
		[
			'a member that is gone',
			withJob({ who: { mode: 'fixed', members: ['zed'] } }),
			/There is no member "zed"/
		],
		['an owner left out', withJob({ who: { mode: 'fixed', members: [] } }), /needs its owner/],
		['a thing that is in no cupboard', withJob({ things: ['mop'] }), /things\[0\].*no product or tool "mop"/],
		['a thing named twice', withJob({ things: ['mop', 'mop'] }), /things: Name each thing once/],
		['an id twice', withJob({ id: 'rail' }), /The id "rail" is used twice/],
		['carry for a weekly job', withJob({ missRule: 'carry' }), /"carry" is for zone jobs/],
		[
			'a zone job of a room in no zone',
			withJob({ room: 'loft', cadence: { type: 'zone' }, missRule: 'carry' }),
			/is in no zone, so this job would never come up/
		],
		[
			'a zone job on no list',
			withJob({ cadence: { type: 'zone' }, missRule: 'carry' }),
			/is on no zone's list/
		],
		[
			'an unknown time zone',
			homeData({ household: { ...(homeData().household as object), timeZone: 'Mars/Base' } }),
			/timeZone: This time zone is not known/
		],
		['another format', { ...homeData(), format: 'shopping' }, /format.*no Pail Round home/],
		['a later version', { ...homeData(), version: 99 }, /version.*not known here/],
		['no home at all', null, /A group of named fields is expected here/],
		['a list', [], /A group of named fields is expected here/]
	])('with %s is refused, with the place and the remedy', (_, data, pattern) => {
		expect(said(data)).toMatch(pattern);
	});

	it('the demo keeps its promises: 60 jobs in four layers, 11 rooms, 5 zones, 6 people, a cat', () => {
		const home = demoHome();
		expect(home.jobs.length).toBeGreaterThanOrEqual(60);
		expect(new Set(home.jobs.map((j) => j.layer)).size).toBe(4);
		expect([home.rooms.length, home.zones.length, home.members.length]).toEqual([11, 5, 6]);
		expect(home.pets).toMatchObject([{ kind: 'cat' }]);
		expect(home.household.rhythm.pattern).toBe('Rolling zones');
	});

	it('moved by weeks keeps the weekdays of its dates', () => {
		const home = demoHome();
		const shifted = shiftHome(home, -14);
		const { scheme } = shifted.household.rhythm;
		expect(scheme.type === 'cycle' && weekdayOf(toDay(scheme.anchor))).toBe(1);
		expect(toDay(home.household.startsOn) - toDay(shifted.household.startsOn)).toBe(98);
		expect(shifted.members).toEqual(home.members);
	});
});

describe('a ledger entry', () => {
	const bad = (data: Record<string, unknown>) => {
		const read = readEntry({
			id: testId(),
			outcome: 'done',
			job: 'bench',
			date: '2027-03-03',
			by: 'ada',
			...data
		});
		return read.ok ? 'nothing' : describeProblems(read.problems);
	};

	it.each([
		[{ minutes: 0 }, /minutes: Minutes must be more than 0/],
		[{ minutes: -3 }, /more than 0/],
		[{ minutes: 1e9 }, /at most 1440/],
		[{ minutes: 'ten' }, /Minutes are a number/],
		[{ minutes: Number.NaN }, /Minutes are a number/],
		[{ date: '2027-02-31' }, /date: There is no date "2027-02-31"/],
		[{ id: 'mine' }, /id: An entry id is a UUID/],
		[{ outcome: 'forgot' }, /An entry says what happened/],
		[{ outcome: 'part', share: 1 }, /less than 1; for all of it say done/],
		[{ outcome: 'part', share: 0 }, /more than 0/],
		[{ found: 'filthy' }, /found/],
		[{ mood: 'good' }, /Unknown field "mood"/],
		[
			{ outcome: 'pause', scope: 'household', from: '2027-03-05', to: '2027-03-01', reason: 'ill' },
			/ends on or after the day|Unknown field/
		]
	])('%j is refused, with the place and the remedy', (data, pattern) => {
		expect(bad(data)).toMatch(pattern);
	});

	it('must fit the home it is for', () => {
		const home = prepared();
		const today = day('2027-03-03');
		const code = (e: Parameters<typeof checkEntry>[1]) => {
			const refusal = checkEntry(home, e, today);
			if (refusal) expect(refusalText(refusal).length).toBeGreaterThan(20);
			return refusal?.code ?? null;
		};
		expect(code(done('bench', '2027-03-03'))).toBeNull();
		expect(code(done('ghost', '2027-03-03'))).toBe('job-gone');
		expect(code(done('dishes', '2027-03-03'))).toBe('part-unknown');
		expect(code(done('bench', '2027-03-03', { by: 'zed' }))).toBe('member-unknown');
		expect(code(done('bench', '2027-03-04'))).toBe('date-ahead');
		expect(code(done('bench', '1999-03-04'))).toBe('date-far');
		expect(code(done('bench', '2027-03-03', { depth: 'deep' }))).toBe('depth-unknown');
		expect(code(done('bench', '2027-03-03', { variant: 'Left' }))).toBe('variant-unknown');
		expect(
			code(
				entry({ outcome: 'moved', job: 'bench', date: '2027-03-03', dueOn: '2027-03-10', to: '2026-12-01' })
			)
		).toBe('not-moved');
		expect(code(entry({ outcome: 'extra', job: 'bench', date: '2027-03-20' }))).toBeNull();
		const pause = {
			outcome: 'pause',
			date: '2027-03-03',
			from: '2027-03-03',
			to: '2027-03-05',
			reason: 'ill'
		};
		expect(code(entry({ ...pause, scope: 'member', target: 'zed' }))).toBe('target-unknown');
		expect(code(entry({ ...pause, scope: 'member', target: 'ben' }))).toBeNull();
		expect(code(entry({ ...pause, scope: 'household' }))).toBeNull();
		expect(code(entry({ outcome: 'judgement', date: '2027-03-03', zone: 'attic', clutter: 'clear' }))).toBe(
			'zone-unknown'
		);
	});
});

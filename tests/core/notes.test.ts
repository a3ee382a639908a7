/** A note on one time of a job: who reads it, and until when. Rules: "A note on one time". */
import { describe, expect, it } from 'vitest';
import { addDays, isoOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import { readEntry, type LedgerEntry } from '../../src/lib/core/household/entry';
import { checkEntry } from '../../src/lib/core/schedule/checkEntry';
import { notesByLine, notesToRead, noteToWrite, timeOfNote } from '../../src/lib/core/schedule/notes';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { day, done, entry, testId, undo } from './entries';
import { job, prepared } from './home';

const WEEKLY = { type: 'weekly', weekdays: [2] };
const home = prepared({
	jobs: [
		job('bench', { cadence: WEEKLY, missRule: 'stays' }),
		job('dishes', {
			layer: 'basics',
			cadence: { type: 'daily' },
			missRule: 'letgo',
			parts: ['morning', 'evening']
		}),
		job('rail', { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' }),
		job('door', { layer: 'zone', cadence: { type: 'zone' }, missRule: 'carry' }),
		job('rack', { layer: 'zone', cadence: { type: 'zone', every: 2 }, missRule: 'carry' })
	]
});
const settled = done('bench', '2027-02-23');
const note = (text: string, dueOn: string | null, rest: Record<string, unknown> = {}) =>
	entry({ outcome: 'note', date: '2027-02-27', by: 'ada', chore: 'bench', dueOn, text, ...rest });

const lineOn = (line: string, at: string, ledger: readonly LedgerEntry[]) => {
	const projection = projectHome(home, ledger);
	const found = readDay(home, projection, day(at)).lines.find((one) => one.line.id === line);
	if (!found) throw new Error(line);
	return { found, projection: projection.series.get(line) };
};
/** What whoever does a line on a day reads. */
const read = (at: string, ledger: readonly LedgerEntry[], line = 'bench') => {
	const { found, projection } = lineOn(line, at, ledger);
	return notesToRead(notesByLine(ledger).get(line) ?? [], found, projection, day(at)).map((one) => one.text);
};

describe('a note on one time', () => {
	it('is for the time that stands, else the next', () => {
		const time = (at: string) => timeOfNote(lineOn('bench', at, [settled]).found);
		expect(isoOf(time('2027-02-27') as CivilDay)).toBe('2027-03-02');
		expect(isoOf(time('2027-03-02') as CivilDay)).toBe('2027-03-02');
		// Overdue: the one that was missed.
		expect(isoOf(time('2027-03-04') as CivilDay)).toBe('2027-03-02');
		expect(timeOfNote(lineOn('rail', '2027-03-02', []).found)).toBeNull();
	});

	it('is read from its writing until that time is settled, and at no other', () => {
		const ledger = [settled, note('the key is under the mat', '2027-03-02')];
		for (const at of ['2027-02-27', '2027-03-01', '2027-03-02', '2027-03-04'])
			expect(read(at, ledger), at).toEqual(['the key is under the mat']);
		for (const outcome of ['done', 'looked', 'letgo'])
			for (const on of ['2027-03-02', '2027-03-04'])
				expect(read(on, [...ledger, done('bench', on, { outcome })]), outcome).toEqual([]);
		expect(read('2027-03-09', [...ledger, done('bench', '2027-03-02')])).toEqual([]);
		// Once it is undone, the time stands again, and so does the note.
		const tick = done('bench', '2027-03-02');
		expect(read('2027-03-02', [...ledger, tick, undo(tick, '2027-03-02')])).toHaveLength(1);
	});

	it('of several for one time the newest counts; empty takes it away; undoing brings back the one before', () => {
		const [first, second, none] = [
			note('one', '2027-03-02'),
			note('two', '2027-03-02'),
			note('', '2027-03-02')
		];
		expect(read('2027-03-02', [settled, first, second])).toEqual(['two']);
		expect(read('2027-03-02', [settled, first, second, none])).toEqual([]);
		expect(read('2027-03-02', [settled, first, second, none, undo(none, '2027-03-01')])).toEqual(['two']);
		expect(read('2027-03-02', [settled, first, second, undo(second, '2027-03-01')])).toEqual(['one']);
	});

	it('of times that were missed together all are read, the earliest first, and none of a time to come', () => {
		const ledger = [
			settled,
			note('for the ninth', '2027-03-09'),
			note('for the second', '2027-03-02'),
			note('for the sixteenth', '2027-03-16')
		];
		expect(read('2027-03-02', ledger)).toEqual(['for the second']);
		expect(read('2027-03-10', ledger)).toEqual(['for the second', 'for the ninth']);
		expect(read('2027-03-10', [...ledger, done('bench', '2027-03-10')])).toEqual(['for the sixteenth']);
	});

	it('goes along when its time is moved', () => {
		const ledger = [
			settled,
			note('wait for the plumber', '2027-03-02'),
			entry({ outcome: 'moved', date: '2027-03-01', job: 'bench', dueOn: '2027-03-02', to: '2027-03-04' })
		];
		expect(read('2027-03-04', ledger)).toEqual(['wait for the plumber']);
		expect(read('2027-03-04', [...ledger, done('bench', '2027-03-04')])).toEqual([]);
	});

	it('of a job whose times have no day is for the next time that it is done', () => {
		const before = done('rail', '2027-03-01');
		const ledger = [before, note('mind the loose screw', null, { chore: 'rail', date: '2027-03-02' })];
		expect(read('2027-03-03', ledger, 'rail')).toEqual(['mind the loose screw']);
		expect(read('2027-03-04', [...ledger, done('rail', '2027-03-04')], 'rail')).toEqual([]);
		// On one day the order of the devices' own ids tells which came first.
		const sameDay = [note('x', null, { chore: 'rail', date: '2027-03-04' }), done('rail', '2027-03-04')];
		expect(read('2027-03-04', sameDay, 'rail')).toEqual([]);
		expect(
			read(
				'2027-03-04',
				[done('rail', '2027-03-04'), note('x', null, { chore: 'rail', date: '2027-03-04' })],
				'rail'
			)
		).toEqual(['x']);
	});

	it('can be changed while it stands, also where its time was moved; what was settled is not brought up again', () => {
		const write = (at: string, ledger: readonly LedgerEntry[], line = 'bench') => {
			const { found, projection } = lineOn(line, at, ledger);
			return noteToWrite(notesByLine(ledger).get(line) ?? [], found, projection, day(at));
		};
		const moved = entry({
			outcome: 'moved',
			date: '2027-03-01',
			job: 'bench',
			dueOn: '2027-03-02',
			to: '2027-03-04'
		});
		const ledger = [settled, note('a', '2027-03-02')];
		expect(write('2027-03-01', ledger)).toEqual({ dueOn: day('2027-03-02'), text: 'a' });
		expect(write('2027-03-04', [...ledger, moved])).toEqual({ dueOn: day('2027-03-02'), text: 'a' });
		expect(read('2027-03-04', [...ledger, moved, note('b', '2027-03-02')])).toEqual(['b']);
		// A note of a later time is not taken for that of the one that was missed.
		expect(write('2027-03-10', [settled, note('later', '2027-03-09')])).toEqual({
			dueOn: day('2027-03-02'),
			text: ''
		});
		const rail = [note('x', null, { chore: 'rail', date: '2027-03-02' }), done('rail', '2027-03-04')];
		expect(write('2027-03-04', rail, 'rail')).toEqual({ dueOn: null, text: '' });
	});

	it('stands at its own part of the day', () => {
		const ledger = [note('two pans', '2027-03-02', { chore: 'dishes', part: 'evening' })];
		expect(read('2027-03-02', ledger, 'dishes/evening')).toEqual(['two pans']);
		expect(read('2027-03-02', ledger, 'dishes/morning')).toEqual([]);
	});

	it('moves nothing: the days are as without it', () => {
		const ledger = [settled, done('rail', '2027-03-01')];
		const with_ = [...ledger, note('a', '2027-03-02'), note('b', null, { chore: 'rail' })];
		for (let i = 0; i < 30; i++) {
			const at = addDays(day('2027-02-27'), i);
			expect(readDay(home, projectHome(home, with_), at)).toEqual(
				readDay(home, projectHome(home, ledger), at)
			);
		}
	});

	it('is refused where it is too long, or at no job of the home', () => {
		const long = readEntry({
			id: testId(),
			outcome: 'note',
			date: '2027-03-01',
			chore: 'bench',
			text: 'x'.repeat(201)
		});
		expect(long.ok ? [] : long.problems.map((one) => one.says)).toEqual(['A note has at most 200 letters.']);
		const today = day('2027-03-01');
		expect(checkEntry(home, note('a', '2027-03-02', { chore: 'gone' }), today)).toMatchObject({
			code: 'job-gone'
		});
		expect(checkEntry(home, note('a', null, { chore: 'dishes' }), today)).toMatchObject({
			code: 'part-unknown'
		});
		expect(checkEntry(home, note('a', '2099-01-01'), today)).toMatchObject({ code: 'date-far' });
		expect(checkEntry(home, note('a', '2027-03-02'), today)).toBeNull();
	});
});

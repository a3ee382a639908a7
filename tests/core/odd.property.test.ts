/**
 * Odd input from outside: names of prototypes, lone surrogates, ten thousand characters, numbers in words. Nothing
 * throws, nothing loops, and what comes back is told in words.
 */
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import type { CommandContext } from '../../src/lib/core/command/command';
import { readCommand } from '../../src/lib/core/command/parse';
import { importJobs, importLedger, JOB_COLUMNS, LEDGER_COLUMNS } from '../../src/lib/core/formats/tables';
import { readHouseholdFile } from '../../src/lib/core/formats/householdFile';
import { readEntry } from '../../src/lib/core/household/entry';
import { readHome } from '../../src/lib/core/household/home';
import { jobSchema } from '../../src/lib/core/household/jobSchema';
import { eventDetailSchema, sessionPlanSchema } from '../../src/lib/core/session/sessionSchema';
import { jobFromForm } from '../../src/lib/core/setup/jobForm';
import { draftSchema } from '../../src/lib/core/setup/draft';
import { touchSchema } from '../../src/lib/core/setup/steps';
import { libraryJobSchema } from '../../src/lib/core/setup/library';
import { patternSchema } from '../../src/lib/core/setup/pattern';
import { readFamilyCalendar } from '../../src/lib/server/calendarText/calendarText';
import { readQuery } from '../../src/lib/server/services/session/fillQuery';
import { actionOf, needsOf, ROUTES } from '../../src/lib/server/access/routes';
import { SESSION_KINDS } from '../../src/lib/core/session/kinds';
import { STAGES } from '../../src/lib/core/laundry/laundry';
import { prepared } from './home';

const PROTOTYPE = ['constructor', '__proto__', 'prototype', 'toString', 'hasOwnProperty', 'valueOf', 'then'];
const NUMBERS = ['ten', 'one hundred', '1e9', '-0', 'NaN', 'Infinity', '½', '٣', '0x10', '12,5', '1_000'];

/** Text as nobody types it. */
const oddText = fc.oneof(
	fc.constantFrom(
		...PROTOTYPE,
		...NUMBERS,
		'',
		' ',
		'\u0000',
		'\ud83c',
		'\udfa8',
		'\ufeff',
		'<script>',
		"'; --",
		'%00'
	),
	fc.string({ unit: 'binary', maxLength: 60 }),
	fc.constantFrom('x', 'mop ', '9', '\ud83d', 'é').map((one) => one.repeat(10_000).slice(0, 10_000)),
	fc.tuple(fc.constantFrom(...PROTOTYPE), fc.string({ maxLength: 8 })).map(([a, b]) => `${a} ${b}`)
);

/** Data as nobody sends it, with keys that an object has anyway. */
const oddData = fc.letrec((tie) => ({
	any: fc.oneof(
		{ depthSize: 'small' },
		oddText,
		fc.double(),
		fc.boolean(),
		fc.constant(null),
		fc.array(tie('any'), { maxLength: 4 }),
		fc.dictionary(fc.oneof(oddText, fc.constantFrom('id', 'name', 'type', 'version', 'format')), tie('any'), {
			maxKeys: 5,
			noNullPrototype: false
		})
	)
})).any;

const home = prepared();
const context: CommandContext = {
	today: toDay('2027-03-03'),
	now: Date.parse('2027-03-03T10:40:00Z'),
	me: 'ada',
	members: home.home.members.map(({ id, name }) => ({ id, name })),
	rooms: home.home.rooms.map(({ id, name, kind }) => ({ id, name, also: [kind] })),
	lines: home.series.map((line) => ({
		id: line.id,
		name: line.job.name,
		also: [line.room.name],
		isOn: true,
		isLate: false,
		lateWords: ''
	})),
	loads: []
};

describe('odd text', () => {
	it('typed as a command is understood, asked back, or not understood', () => {
		fc.assert(
			fc.property(oddText, oddText, (a, b) => {
				for (const text of [a, `${a} ${b}`, `did ${a}`, `move ${a} to ${b}`, `${a} minutes`]) {
					const read = readCommand(text, context);
					expect(typeof read.ok).toBe('boolean');
					if (!read.ok) expect(Array.isArray(read.suggestions)).toBe(true);
					else if (read.command.do === 'fill') expect(SESSION_KINDS).toContain(read.command.kind);
					else if (read.command.do === 'laundry') expect(STAGES).toContain(read.command.stage);
				}
			}),
			{ numRuns: 150 }
		);
	}, 60_000);

	it('in an address names no door, no action and no minutes that there are not', () => {
		fc.assert(
			fc.property(oddText, (text) => {
				expect(needsOf(text, 'GET', null)).toBeNull();
				// Odd words may be those of an action, such as "call".
				const isAction = Object.hasOwn(ROUTES['/']?.send ?? {}, text);
				expect(needsOf('/', 'POST', text) !== null).toBe(isAction);
				const url = new URL('http://house.test/');
				url.searchParams.set(`/${text}`, '');
				actionOf(url);
				readQuery(new URLSearchParams({ kind: text, minutes: text, room: text, choice: text, with: text }));
			})
		);
	});

	it('in a calendar is told, or left out', () => {
		fc.assert(
			fc.property(oddText, oddText, (a, b) => {
				const today = toDay('2027-03-03');
				for (const text of [
					a,
					`BEGIN:VCALENDAR\r\n${a}\r\nEND:VCALENDAR`,
					`BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:${a}\r\nSUMMARY:${b}\r\nDTSTART:${a}\r\nRRULE:FREQ=${b}\r\nEND:VEVENT\r\nEND:VCALENDAR`,
					`BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nUID:${a}\r\nDTSTART;TZID=${b}:20270303T100000\r\nRDATE:${a}\r\nEXDATE:${b}\r\nEND:VEVENT\r\nEND:VCALENDAR`
				]) {
					const read = readFamilyCalendar(text, today, 'Europe/London');
					for (const report of read.reports) expect(report.length).toBeLessThan(400);
				}
			}),
			{ numRuns: 100 }
		);
	}, 60_000);

	it('in a table is reported with its line, or makes a sound home', () => {
		const rowOf = (columns: readonly string[]) =>
			fc
				.array(fc.tuple(fc.constantFrom(...columns, ...PROTOTYPE), oddText), { maxLength: 8 })
				.map((cells) => Object.fromEntries(cells));
		fc.assert(
			fc.property(rowOf(JOB_COLUMNS), rowOf(LEDGER_COLUMNS), (job, entry) => {
				const jobs = importJobs(home.home, [job]);
				expect(jobs.reports.length > 0 || jobs.home !== null).toBe(true);
				const ledger = importLedger(home, [entry], () => '01900000-0000-7000-8000-000000000001');
				expect(ledger.reports.length + ledger.entries.length).toBeGreaterThan(0);
			}),
			{ numRuns: 200 }
		);
	}, 60_000);
});

describe('odd data', () => {
	const readers: [string, (data: unknown) => unknown][] = [
		['a home', readHome],
		['an entry', readEntry],
		['a job', (data) => jobSchema.safeParse(data)],
		['a session', (data) => sessionPlanSchema.safeParse(data)],
		['a press', (data) => eventDetailSchema.safeParse(data)],
		['answers of the first steps', (data) => draftSchema.safeParse(data)],
		['a touch', (data) => touchSchema.safeParse(data)],
		['a job of the library', (data) => libraryJobSchema.safeParse(data)],
		['a pattern', (data) => patternSchema.safeParse(data)],
		['a file', (data) => readHouseholdFile(JSON.stringify(data), toDay('2027-03-03'))]
	];
	it.each(readers)('read as %s is refused, and changes no prototype', (_name, read) => {
		fc.assert(
			fc.property(oddData, (data) => {
				const result = read(data) as { ok?: boolean; success?: boolean };
				expect(typeof (result.ok ?? result.success)).toBe('boolean');
				expect(({} as Record<string, unknown>).polluted).toBeUndefined();
				expect(Object.keys(Object.prototype)).toEqual([]);
			}),
			{ numRuns: 120 }
		);
	});

	it('in the fields of a job is told, or makes a job that the schema takes', () => {
		const job = home.home.jobs[0];
		if (!job) throw new Error('no job');
		fc.assert(
			fc.property(
				fc.dictionary(
					fc.oneof(oddText, fc.constantFrom('name', 'type', 'weekdays', 'minutes', 'season')),
					fc.array(oddText, { maxLength: 3 }),
					{
						maxKeys: 6,
						noNullPrototype: false
					}
				),
				(fields) => {
					const read = jobFromForm(job, fields);
					if (read.ok) expect(jobSchema.safeParse(read.job).success).toBe(true);
					else expect(read.problems.length).toBeGreaterThan(0);
				}
			),
			{ numRuns: 200 }
		);
	});
});

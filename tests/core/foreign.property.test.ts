/** Whatever comes from outside is read to its end, in good time, and told in plain words. */
import { readdirSync, readFileSync } from 'node:fs';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { importJobs, importLedger, JOB_COLUMNS, LEDGER_COLUMNS } from '../../src/lib/core/formats/tables';
import {
	entryToFile,
	fileHead,
	FILE_FOOT,
	readHouseholdFile
} from '../../src/lib/core/formats/householdFile';
import { readEntry } from '../../src/lib/core/household/entry';
import { readHome } from '../../src/lib/core/household/home';
import { describeProblems, type Problem } from '../../src/lib/core/household/problems';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay } from '../../src/lib/core/schedule/readDay';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { readDraft } from '../../src/lib/core/setup/draft';
import { readLibrary } from '../../src/lib/core/setup/library';
import { readPattern } from '../../src/lib/core/setup/pattern';
import { done, testId } from './entries';
import { demoHome, makeHome, prepared } from './home';
import { draft, library } from './library';

const TODAY = toDay('2027-03-03');

type Path = readonly (string | number)[];

/** All places of a value, as the keys that lead there. */
function places(value: unknown, path: Path = []): Path[] {
	if (typeof value !== 'object' || value === null) return [path];
	const inner = Array.isArray(value)
		? value.flatMap((one, i) => places(one, [...path, i]))
		: Object.entries(value).flatMap(([key, one]) => places(one, [...path, key]));
	return path.length > 0 ? [path, ...inner] : inner;
}

const junk = fc.oneof(
	fc.constant(undefined),
	fc.jsonValue({ maxDepth: 2 }),
	fc.constantFrom<unknown>(null, true, -1, 0, 0.3, 1e12, -1e12, Number.NaN, '', ' ', '<b>', '=1+1', [], {}),
	fc.constantFrom('2027-02-31', '0001-01-01', '9999-12-31', '24:30', 'x'.repeat(500), '../../etc', '💧')
);

function damaged<T>(whole: T, path: Path, value: unknown): T {
	const data = structuredClone(whole);
	let at = data as Record<string | number, unknown>;
	for (const key of path.slice(0, -1)) at = at[key] as Record<string | number, unknown>;
	at[path[path.length - 1] as string] = value;
	return data;
}

function expectPlain(problems: readonly Problem[]) {
	expect(problems.length).toBeGreaterThan(0);
	for (const { at, says } of problems) {
		expect(at).not.toBe('');
		expect(says).toMatch(/^["A-Z0-9].*\.$/s);
		expect(says).not.toMatch(/^(Invalid|Too (big|small)|Unrecognized)|\b(undefined|NaN)\b/);
	}
}

interface Reader {
	readonly name: string;
	readonly whole: unknown;
	read(data: unknown): { ok: true } | { ok: false; problems: readonly Problem[] };
}

const READERS: readonly Reader[] = [
	{ name: 'a home', whole: demoHome(), read: readHome },
	{ name: 'a library', whole: { ...library(), jobs: library().jobs.slice(0, 30) }, read: readLibrary },
	...readdirSync('patterns')
		.slice(0, 3)
		.map((file): Reader => ({
			name: file,
			whole: JSON.parse(readFileSync(`patterns/${file}`, 'utf8')),
			read: readPattern
		})),
	{
		name: 'an entry',
		whole: {
			id: testId(),
			outcome: 'part',
			job: 'bench',
			date: '2027-03-03',
			by: 'ada',
			minutes: 4,
			share: 0.5,
			found: 'heavy',
			depth: 'usual'
		},
		read: readEntry
	}
];

describe.each(READERS)('damage to $name', ({ whole, read }) => {
	const all = places(whole);
	it('is told with its place, or does no harm', () => {
		fc.assert(
			fc.property(fc.nat(all.length - 1), junk, (i, value) => {
				const result = read(damaged(whole, all[i] as Path, value));
				if (!result.ok) expectPlain(result.problems);
			}),
			{ numRuns: 250, seed: 11 }
		);
	}, 60_000);
	it('of any kind at all is refused', () => {
		fc.assert(
			fc.property(fc.jsonValue(), (data) => {
				expect(read(data).ok).toBe(false);
			}),
			{ numRuns: 150, seed: 2 }
		);
	});
});

describe('a home that is taken in', () => {
	const whole = demoHome();
	const all = places(whole);
	it('can be lived in, however odd it is: its day is read', () => {
		fc.assert(
			fc.property(fc.nat(all.length - 1), junk, (i, value) => {
				const result = readHome(damaged(whole, all[i] as Path, value));
				if (!result.ok) return;
				const home = prepareHome([{ from: toDay('2027-01-04'), home: result.home }]);
				const day = readDay(home, projectHome(home, []), TODAY);
				expect(day.lines.length).toBeGreaterThan(0);
			}),
			{ numRuns: 200, seed: 4 }
		);
	}, 60_000);
});

describe('a whole home in a file', () => {
	const text = `${fileHead([{ from: toDay('2027-01-04'), home: makeHome() }])}${JSON.stringify(
		entryToFile({ entry: done('bench', '2027-02-24', { minutes: 4.5 }), receivedAt: 5 })
	)}${FILE_FOOT}`.trimEnd();
	it('cut off anywhere, or with a letter changed, is refused in words or read as what it then says', () => {
		fc.assert(
			fc.property(fc.nat(text.length - 1), fc.constantFrom('', '"', '}', '9', 'x', '\\'), (at, letter) => {
				const cut = readHouseholdFile(text.slice(0, at), TODAY);
				expect(cut.ok).toBe(false);
				const changed = readHouseholdFile(text.slice(0, at) + letter + text.slice(at + 1), TODAY);
				if (!changed.ok) expect(describeProblems(changed.problems)).not.toMatch(/Invalid input|undefined/);
			}),
			{ numRuns: 150, seed: 9 }
		);
	}, 60_000);
});

describe('tables of any cells', () => {
	const cell = fc.oneof(
		fc.string({ maxLength: 20 }),
		fc.constantFrom(
			'',
			'porch',
			'Porch',
			'bench',
			'weekly Mon',
			'zone',
			'after 3-2 days',
			'=1+1',
			'-3',
			'1e9'
		),
		fc.constantFrom('ada', 'done', 'part', '2027-03-01', '2027-02-31', '0001-01-01', 'fixed', 'morning', '13')
	);
	const row = (columns: readonly string[]) =>
		fc.record(Object.fromEntries(columns.map((name) => [name, cell])), { requiredKeys: [] });

	it('of jobs: each row is a job of a sound home, or is reported with its line', () => {
		const home = makeHome();
		fc.assert(
			fc.property(fc.array(row(JOB_COLUMNS), { minLength: 1, maxLength: 4 }), (rows) => {
				const result = importJobs(home, rows as Record<string, string>[]);
				if (result.home === null) {
					expect(result.reports.length).toBeGreaterThan(0);
					for (const report of result.reports) {
						expect(report.line).toBeGreaterThanOrEqual(2);
						expect(report.line).toBeLessThan(2 + rows.length);
						expect(report.says).toMatch(/\.$/);
					}
				} else {
					expect(readHome(result.home).ok).toBe(true);
					expect(result.home.jobs.length).toBe(home.jobs.length + result.added.length);
				}
			}),
			{ numRuns: 400, seed: 6 }
		);
	}, 60_000);

	it('of the ledger: each row is an entry, or is reported with its line', () => {
		const home = prepared();
		fc.assert(
			fc.property(fc.array(row(LEDGER_COLUMNS), { minLength: 1, maxLength: 4 }), (rows) => {
				const result = importLedger(home, rows as Record<string, string>[], (_, line) => testId(line));
				const told = new Set(result.reports.map((report) => report.line));
				expect(result.entries.length + told.size).toBe(rows.length);
				for (const one of result.entries) expect(home.jobById.has((one as { job: string }).job)).toBe(true);
			}),
			{ numRuns: 400, seed: 8 }
		);
	}, 60_000);
});

describe('answers of the first steps that a database gives back', () => {
	const whole = draft();
	const all = places(whole);
	it('are read, or begun anew: never half', () => {
		fc.assert(
			fc.property(fc.nat(all.length - 1), junk, (i, value) => {
				const read = readDraft(damaged(whole, all[i] as Path, value));
				if (read !== null) expect(readDraft(read)).toEqual(read);
			}),
			{ numRuns: 300, seed: 5 }
		);
	});
});

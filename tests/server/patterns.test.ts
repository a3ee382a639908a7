/**
 * Each pattern, set up by the first steps and lived for twelve weeks: what each day says stands in a table of its own,
 * for the core and for the page of Today.
 */
import { readFileSync } from 'node:fs';
import { isRedirect, type Cookies } from '@sveltejs/kit';
import { expect, it } from 'vitest';
import { addDays, isoOf, toDay, weekdayOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import type { PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { readDay, type Day } from '../../src/lib/core/schedule/readDay';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import { makeAccount } from '../../src/lib/server/repo/accountRepo';
import { loadHome } from '../../src/lib/server/repo/homeRepo';
import { recordEntries } from '../../src/lib/server/services/ledger/recordEntries';
import { start, touch } from '../../src/lib/server/services/setup/begin';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { form, newId, someHomes } from './asking';

const START = toDay('2027-03-01');
const WEEKDAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];

interface Line {
	readonly zone: string;
	readonly weekly: string;
	readonly kind: string;
}

interface Table {
	readonly pattern: string;
	readonly minutes: string;
	readonly weeks: readonly string[];
	readonly floating: boolean;
	readonly days: ReadonlyMap<string, Line>;
	readonly leafless: readonly [CivilDay, CivilDay] | null;
}

function readTables(): Table[] {
	return readFileSync('tests/patterns/tables.txt', 'utf8')
		.split(/^== /m)
		.slice(1)
		.map((text) => {
			const [pattern, ...lines] = text.trim().split('\n');
			const found = (word: string) =>
				lines
					.find((line) => line.startsWith(`${word} `))
					?.split(' ')
					.slice(1) ?? [];
			const days = new Map<string, Line>();
			for (const line of lines.filter((one) => one.includes('|'))) {
				const [day, zone, weekly, kind] = line.split('|').map((cell) => cell.trim());
				days.set(day ?? '', { zone: zone ?? '', weekly: weekly ?? '', kind: kind ?? '' });
			}
			const leafless = found('leafless');
			return {
				pattern: pattern ?? '',
				minutes: found('minutes')[0] ?? '',
				weeks: found('weeks'),
				floating: lines.includes('floating'),
				days,
				leafless: leafless[0] && leafless[1] ? [toDay(leafless[0]), toDay(leafless[1])] : null
			};
		});
}

/** What the table says of a date: its own line, else that of its weekday. */
function saidOf(table: Table, date: CivilDay): Line {
	const line = table.days.get(isoOf(date)) ?? table.days.get(WEEKDAYS[weekdayOf(date) - 1] as string);
	if (!line) throw new Error(`${table.pattern} says nothing of ${isoOf(date)}`);
	return line.zone === 'week' ? { ...line, zone: table.weeks[Math.floor((date - START) / 7)] ?? '' } : line;
}

function checkNames(table: Table, date: CivilDay, names: readonly string[], where: string) {
	const { weekly } = saidOf(table, date);
	const at = `${table.pattern}, ${isoOf(date)}, ${where}`;
	if (weekly === 'any') return;
	if (weekly === 'none') return expect(names, at).toEqual([]);
	if (weekly === 'some') return expect(names.length, at).toBeGreaterThan(0);
	expect([...names].sort(), at).toEqual(weekly.split('; ').sort());
}

function checkDay(table: Table, home: PreparedHome, day: Day) {
	const said = saidOf(table, day.date);
	const at = `${table.pattern}, ${isoOf(day.date)}`;
	expect(day.zone === null ? '-' : String(day.zone.number), `${at}: zone`).toBe(said.zone);
	expect(day.isFree ? 'free' : day.isCatchUp ? 'catch-up' : '', `${at}: kind of day`).toBe(said.kind);
	const due = day.lines.filter((line) => line.state === 'due');
	checkNames(
		table,
		day.date,
		due.filter((line) => line.line.job.layer === 'weekly').map((line) => line.line.job.name),
		'by readDay'
	);
	expect(due.some((line) => line.line.job.layer === 'basics') || table.floating, `${at}: basics`).toBe(true);
	// Whoever does everything on its day is late with nothing.
	expect(
		day.lines.filter((line) => line.state === 'late' || line.state === 'waiting').map((line) => line.line.id),
		`${at}: late`
	).toEqual([]);
	if (table.leafless && day.date >= table.leafless[0] && day.date <= table.leafless[1]) {
		expect(
			due
				.filter((line) => line.line.job.cadence.type === 'monthly' && 'card' in line.line.job.cadence)
				.map((line) => line.line.id),
			`${at}: a fifth week`
		).toEqual([]);
	}
}

/** The page of a day: its lines, the zone's number, the kind of day. */
async function checkPage(household: string, table: Table, home: PreparedHome, date: CivilDay, day: Day) {
	const now = Date.parse(`${isoOf(date)}T08:00:00Z`);
	const view = await loadToday({ household, on: null, open: null, me: null, now });
	expect(view.title, table.pattern).toContain(String(new Date(date * 86_400_000).getUTCDate()));
	const tags = [
		...(view.next ? [view.next] : []),
		...view.parts.flatMap((part) => part.rows),
		...view.parts.flatMap((part) => part.sitting?.jobs ?? [])
	];
	const lines = new Set(tags.map((tag) => tag.line));
	const weekly = [...lines].flatMap((id) => {
		const line = home.seriesById.get(id);
		return line?.job.layer === 'weekly' ? [line.job.name] : [];
	});
	checkNames(table, date, weekly, 'on the page');
	const said = saidOf(table, date);
	expect(view.zone === null ? '-' : String(view.zone.mark.number), `${table.pattern}: zone`).toBe(said.zone);
	expect(view.kind, table.pattern).toBe(
		{ free: 'A free day', 'catch-up': 'Catch-up day', '': null }[said.kind]
	);
	expect(lines.size, `${table.pattern} ${isoOf(date)}: what hangs`).toBeGreaterThanOrEqual(
		day.lines.filter((line) => line.state === 'due' && !line.offered).length
	);
}

const { pool, setClock } = someHomes();

async function setUp(table: Table): Promise<string> {
	const jar = new Map<string, string>();
	const cookies = {
		get: (name: string) => jar.get(name),
		set: (name: string, value: string) => void jar.set(name, value),
		delete: (name: string) => void jar.delete(name)
	} as unknown as Cookies;
	const through = async (work: Promise<unknown>) => {
		try {
			return await work;
		} catch (thrown) {
			if (!isRedirect(thrown)) throw thrown;
			return {};
		}
	};
	const one = async (fields: Record<string, string>) => {
		const answer = await through(
			touch({ cookies, getClientAddress: () => `10.3.${table.pattern.length}.1` } as never, form(fields))
		);
		expect(answer, JSON.stringify(fields)).not.toMatchObject({ status: 400 });
	};
	for (const kind of ['bedroom', 'bathroom']) await one({ op: 'hang', kind, storey: '1' });
	for (const kind of ['living', 'kitchen', 'hall']) await one({ op: 'hang', kind, storey: '0' });
	await one({ op: 'pattern', pattern: table.pattern });
	await one({ op: 'minutes', minutes: table.minutes });
	await one({ op: 'begin', begin: 'all' });
	const account = newId();
	await makeAccount(pool(), { id: account, email: `${account}@test.invalid`, passwordHash: '' }, 1);
	await through(start(cookies, form({}), { account, organises: null }));
	return jar.get('home') ?? '';
}

it.each(readTables().map((table) => [table.pattern, table] as const))(
	'%s: its first week and its twelfth on the page of Today, the days between by readDay',
	async (_name, table) => {
		const clock = (date: CivilDay) => setClock(`${isoOf(date)}T08:00:00Z`);
		clock(START);
		const household = await setUp(table);
		const home = await loadHome(pool(), household);
		if (!home) throw new Error('no home has come of the first steps');
		const ledger: LedgerEntry[] = [];
		for (let i = 0; i < 84; i++) {
			const date = addDays(START, i);
			const day = readDay(home, projectHome(home, ledger), date);
			checkDay(table, home, day);
			clock(date);
			if (i < 7 || i >= 77) await checkPage(household, table, home, date, day);
			const done = day.lines
				.filter((line) => line.state === 'due')
				.map((line): LedgerEntry => ({
					outcome: 'done',
					id: newId(),
					date,
					by: null,
					job: line.line.job.id,
					part: line.line.part as never,
					depth: null,
					variant: null,
					minutes: null,
					cutOff: false,
					found: null,
					session: null,
					coveredBy: null
				}));
			ledger.push(...done);
			const recorded = await inHousehold(household, (db) =>
				recordEntries(db, household, done, date, Date.parse(`${isoOf(date)}T08:00:00Z`))
			);
			expect(recorded.ok, `${table.pattern} ${isoOf(date)}`).toBe(true);
		}
	},
	60_000
);

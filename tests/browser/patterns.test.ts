/** Each pattern, set up in the browser and lived for twelve weeks: what each day says stands in a table of its own. */
import { readFileSync } from 'node:fs';
import { createPool } from 'mysql2/promise';
import type { Page } from '@playwright/test';
import { addDays, isoOf, toDay, weekdayOf, type CivilDay } from '../../src/lib/core/calendar/civil';
import type { LedgerEntry } from '../../src/lib/core/household/entry';
import { prepareHome, type PreparedHome } from '../../src/lib/core/schedule/preparedHome';
import { homeSchema } from '../../src/lib/core/household/home';
import { readDay, type Day } from '../../src/lib/core/schedule/readDay';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { expect, ready, test, signUp, type Stack } from './stack';

test.use({ demo: false });

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
async function checkPage(page: Page, table: Table, home: PreparedHome, date: CivilDay, day: Day) {
	await page.goto('/');
	await ready(page);
	await expect(page.getByRole('heading', { level: 1 })).toContainText(
		String(new Date(date * 86_400_000).getUTCDate())
	);
	const lines = await page
		.locator('[data-line]')
		.evaluateAll((all) => [...new Set(all.map((one) => (one as HTMLElement).dataset.line ?? ''))]);
	const weekly = lines.flatMap((id) => {
		const line = home.seriesById.get(id);
		return line?.job.layer === 'weekly' ? [line.job.name] : [];
	});
	checkNames(table, date, weekly, 'on the page');
	const said = saidOf(table, date);
	const plate = page.locator('section.runner .swatch .plate');
	if (said.zone === '-') await expect(plate).toHaveCount(0);
	else await expect(plate).toHaveText(said.zone);
	const words = { free: 'A free day', 'catch-up': 'Catch-up day', '': '' }[said.kind] ?? '';
	if (words) await expect(page.getByText(words).first()).toBeVisible();
	expect(lines.length, `${table.pattern} ${isoOf(date)}: what hangs`).toBeGreaterThanOrEqual(
		day.lines.filter((line) => line.state === 'due' && !line.offered).length
	);
}

async function setUp(page: Page, table: Table, stack: Stack) {
	await signUp(page, stack);
	await page.goto('/begin');
	await ready(page);
	const hang = async (key: string, rooms: number) => {
		await page.getByRole('button', { name: new RegExp(`^${key}(,|$)`) }).click();
		await expect(page.locator('[data-room]')).toHaveCount(rooms);
	};
	await hang('Bedroom', 1);
	await hang('Bathroom', 2);
	await page.getByRole('button', { name: 'Walk on downstairs' }).click();
	await expect(page.getByRole('heading', { name: 'What is on the ground floor?' })).toBeVisible();
	await hang('Living room', 3);
	await hang('Kitchen', 4);
	await hang('Stairs, hall', 5);
	await page.goto('/begin?step=rhythm');
	await ready(page);
	const name = (JSON.parse(readFileSync(`patterns/${table.pattern}.json`, 'utf8')) as { name: string }).name;
	if (table.pattern !== 'rolling-zones')
		await page
			.getByRole('button', { name: new RegExp(`^${name}`) })
			.first()
			.click();
	await expect(page.getByRole('region', { name: `Four weeks of ${name}` })).toBeVisible();
	await page.getByLabel('Minutes a day').fill(table.minutes);
	// The field holds what was typed either way: only the answer says that the house has it.
	const answered = page.waitForResponse(
		(one) => one.request().method() === 'POST' && one.url().includes('/begin')
	);
	await page.getByRole('button', { name: 'Set' }).click();
	await answered;
	await expect(page.getByLabel('Minutes a day')).toHaveValue(table.minutes);
	await page.goto('/begin?step=first-morning');
	await ready(page);
	await page.getByRole('button', { name: /^With all of it/ }).click();
	await expect(page.getByRole('button', { name: /^With all of it/ })).toHaveAttribute('aria-pressed', 'true');
	await page.getByRole('button', { name: 'Begin our home' }).click();
	await expect(page).toHaveURL(/\/$/);
}

for (const table of readTables()) {
	test(`${table.pattern}: its first week and its twelfth in the browser, the days between by readDay`, async ({
		browser,
		stack
	}) => {
		test.setTimeout(150_000);
		const clock = (date: CivilDay) => stack.setClock(`${isoOf(date)}T08:00:00Z`);
		clock(START);
		const context = await browser.newContext({ baseURL: stack.url });
		const page = await context.newPage();
		await setUp(page, table, stack);
		const household = (await context.cookies()).find((cookie) => cookie.name === 'home')?.value ?? '';
		const file = JSON.parse(await (await page.request.get('/house/files/home.json')).text()) as {
			versions: { home: unknown }[];
		};
		const home = prepareHome([{ from: START, home: homeSchema.parse(file.versions[0]?.home) }]);
		const pool = createPool(stack.database);
		const ledger: LedgerEntry[] = [];
		let made = 0;
		for (let i = 0; i < 84; i++) {
			const date = addDays(START, i);
			const day = readDay(home, projectHome(home, ledger), date);
			checkDay(table, home, day);
			const inBrowser = i < 7 || i >= 77;
			const due = day.lines.filter((line) => line.state === 'due');
			const doneToday: LedgerEntry[] = due.map((line) => ({
				outcome: 'done',
				id: `0190${String(i).padStart(4, '0')}-0000-7000-8000-${String(made++).padStart(12, '0')}`,
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
			if (inBrowser) {
				clock(date);
				await checkPage(page, table, home, date, day);
			}
			// What is done goes the way of every file: as a table, once a week, or before it is looked at.
			ledger.push(...doneToday);
			if (inBrowser || i % 7 === 6) {
				const since = inBrowser ? doneToday : ledger.filter((entry) => entry.date > addDays(date, -7));
				clock(date);
				const csv = [
					'id,date,job,part,outcome',
					...since.map((entry) =>
						'job' in entry ? `${entry.id},${isoOf(entry.date)},${entry.job},${entry.part ?? ''},done` : ''
					)
				].join('\n');
				const answer = await page.request.post('/house/files?/ledger', {
					headers: { origin: stack.url, accept: 'application/json', 'x-sveltekit-action': 'true' },
					multipart: { write: '1', file: { name: 'l.csv', mimeType: 'text/csv', buffer: Buffer.from(csv) } }
				});
				expect(await answer.text(), `${table.pattern} ${isoOf(date)}`).toContain('written in');
			}
		}
		const [rows] = await pool.query('SELECT COUNT(*) AS n FROM ledger WHERE household_id = ?', [household]);
		expect((rows as { n: number }[])[0]?.n).toBeGreaterThanOrEqual(ledger.length);
		await pool.end();
		await context.close();
	});
}

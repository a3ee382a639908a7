/** Open formats: the home as a file, jobs and ledger as tables, the calendar in and out. */
import { fail } from '@sveltejs/kit';
import Papa from 'papaparse';
import { v7 as uuidv7 } from 'uuid';
import { addDays, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { feedEvents } from '$core/formats/feed';
import { readHouseholdFile } from '$core/formats/householdFile';
import {
	importJobs,
	importLedger,
	jobRows,
	JOB_COLUMNS,
	ledgerRow,
	LEDGER_COLUMNS,
	type LineReport,
	type TableRow
} from '$core/formats/tables';
import { readText } from '$core/formats/text';
import type { LedgerEntry } from '$core/household/entry';
import { refusalText } from '$ui/refusals';
import { plural } from '$ui/words';
import { now } from '../clock';
import { pool, reading, transaction } from '../db/pool';
import { saveBusy, type BusyTime } from '../store/busyStore';
import { feedAddresses, feedOf, renewFeed } from '../store/feedStore';
import { changeHomeOnce, listHouseholds, loadHome, readPrepared, revisionOf } from '../store/homeStore';
import { entriesPage } from '../store/ledgerStore';
import { followingId, recordEntries } from '../store/record';
import { loadStanding, rebuildStanding } from '../store/standingStore';
import { exportHousehold, importHousehold } from '../store/wholeHome';
import { calendarText, readFamilyCalendar, type FamilyEvent } from './calendarText';
import { acting } from './guard';

export interface FilesView {
	readonly formId: string;
	readonly household: string;
	readonly feeds: readonly { readonly member: string; readonly name: string; readonly path: string | null }[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
}

export async function loadFiles(household: string): Promise<FilesView> {
	const [home, addresses] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await feedAddresses(db, household)] as const;
	});
	const path = (member: string) => {
		const found = addresses.find((one) => one.member === member);
		return found ? `/calendar/${found.secret}.ics` : null;
	};
	const members = home.home.members
		.filter((member) => member.role !== 'device')
		.map(({ id, name }) => ({ id, name }));
	return {
		formId: uuidv7(),
		household: home.home.household.name,
		feeds: [
			{ member: '', name: 'The whole home', path: path('') },
			...members.map(({ id, name }) => ({ member: id, name, path: path(id) }))
		],
		members
	};
}

/** The feed at a secret; null where there is none. */
export async function calendarFeed(secret: string, todo: boolean): Promise<string | null> {
	const found = await reading((db) => feedOf(db, secret));
	if (!found) return null;
	const [home, standing, revision] = await reading(
		async (db) =>
			[
				await loadHome(db, found.household),
				await loadStanding(db, found.household),
				await revisionOf(db, found.household)
			] as const
	);
	if (!home) return null;
	const at = now();
	const { date: today } = householdTime(at, home.home.household);
	const member = found.member === '' ? null : found.member;
	const events = feedEvents({ home, standing, today, member });
	const name =
		member === null
			? home.home.household.name
			: `${home.home.household.name}: ${home.home.members.find((one) => one.id === member)?.name ?? member}`;
	return calendarText(events, {
		name,
		timeZone: home.home.household.timeZone,
		host: `${found.household}.pail-round`,
		sequence: revision,
		stamp: at,
		today,
		todo
	});
}

export async function makeFeed(household: string, form: FormData) {
	return acting(form, async () => {
		const member = String(form.get('member') ?? '');
		const home = await reading((db) => loadHome(db, household));
		if (!home || (member !== '' && !home.home.members.some((one) => one.id === member)))
			return fail(400, { message: 'That person does not live here. Reload the page.' });
		await transaction((db) => renewFeed(db, household, member, now()));
		return { said: 'The address is made. Whoever knows it can read the plan; renew it to shut others out.' };
	});
}

/** The home as a stream. */
export function homeStream(household: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	const pieces = exportHousehold(pool(), household);
	return new ReadableStream({
		async pull(controller) {
			const { value, done } = await pieces.next();
			if (done) controller.close();
			else controller.enqueue(encoder.encode(value));
		},
		async cancel() {
			await pieces.return(undefined);
		}
	});
}

const csv = (rows: readonly TableRow[], columns: readonly string[], header: boolean) =>
	// Cells that a spreadsheet would run as formulas are told to be text.
	Papa.unparse(
		{ fields: [...columns], data: rows.map((row) => columns.map((column) => row[column] ?? '')) },
		{ header, escapeFormulae: true, newline: '\r\n' }
	);

export async function jobsCsv(household: string): Promise<string> {
	const home = await reading((db) => loadHome(db, household));
	if (!home) throw new RangeError(household);
	return `${csv(jobRows(home.home), JOB_COLUMNS, true)}\r\n`;
}

export function ledgerCsvStream(household: string): ReadableStream<Uint8Array> {
	const encoder = new TextEncoder();
	let after = 0;
	let head = true;
	return new ReadableStream({
		async pull(controller) {
			const page = await reading((db) => entriesPage(db, household, after, 1000));
			const rows = page.map(({ entry }) => ledgerRow(entry)).filter((row) => row !== null);
			if (head) controller.enqueue(encoder.encode(`${LEDGER_COLUMNS.join(',')}\r\n`));
			head = false;
			if (page.length === 0) return controller.close();
			after = page[page.length - 1]?.seq ?? after;
			if (rows.length > 0) controller.enqueue(encoder.encode(`${csv(rows, LEDGER_COLUMNS, false)}\r\n`));
		}
	});
}

const TABLE_LIMIT = 8 * 1024 * 1024;

/** The rows of a table file; or what is wrong with it. */
function readTable(
	bytes: Uint8Array,
	columns: readonly string[]
): { rows: TableRow[]; reports: LineReport[]; note: string | null } | string {
	if (bytes.length > TABLE_LIMIT)
		return 'The table is larger than 8 MB. Part it, and give it piece by piece.';
	const read = readText(bytes, true);
	if (!read.ok) return read.says;
	const parsed = Papa.parse<Record<string, string>>(read.text, {
		header: true,
		skipEmptyLines: 'greedy',
		transformHeader: (name) => name.trim().toLowerCase()
	});
	const known = parsed.meta.fields ?? [];
	const reports: LineReport[] = [];
	for (const name of known)
		if (!columns.includes(name))
			reports.push({
				line: 1,
				column: name.slice(0, 40),
				says: 'This column is not known here. Take it out, or check how it is spelt.'
			});
	for (const error of parsed.errors.slice(0, 20)) {
		if (error.code === 'TooFewFields' || error.code === 'TooManyFields' || error.type === 'Quotes')
			reports.push({
				line: (error.row ?? 0) + 2,
				column: '',
				says:
					error.type === 'Quotes'
						? 'A quote is opened and not closed: the line may be cut off.'
						: 'This line has other columns than the first one.'
			});
	}
	// The mark that keeps formulas from running is ours; it is taken off again.
	const rows = parsed.data.map((row) =>
		Object.fromEntries(
			Object.entries(row).map(([key, value]) => [
				key,
				typeof value === 'string' ? value.replace(/^'(?=[=+\-@\t\r])/, '') : ''
			])
		)
	);
	return { rows, reports, note: read.note };
}

async function fileOf(form: FormData): Promise<Uint8Array | null> {
	const text = form.get('text');
	if (typeof text === 'string' && text !== '') return new TextEncoder().encode(text);
	const file = form.get('file');
	return file instanceof File ? new Uint8Array(await file.arrayBuffer()) : null;
}

export interface TableReport {
	readonly kind: 'jobs' | 'ledger' | 'calendar';
	readonly reports: readonly { readonly line: number; readonly column: string; readonly says: string }[];
	readonly says: string;
	readonly list: readonly string[];
	readonly note: string | null;
	/** What would be written, to be sent again; null where something was not understood. */
	readonly text: string | null;
}

/** Jobs from a table: told first, written when it is sent again with `write`. */
export async function jobsFromCsv(household: string, form: FormData) {
	return acting(form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: 'Choose a file first.' });
		const table = readTable(bytes, JOB_COLUMNS);
		if (typeof table === 'string') return fail(400, { message: table });
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const read = importJobs(home.home, table.rows);
		const reports = [...table.reports, ...read.reports];
		const count = read.added.length + read.changed.length;
		if (form.get('write') !== '1' || reports.length > 0 || !read.home) {
			const report: TableReport = {
				kind: 'jobs',
				reports: reports.slice(0, 200),
				says:
					reports.length > 0
						? `${reports.length} ${plural(reports.length, 'thing was', 'things were')} not understood, so nothing is written.`
						: `${read.added.length} new, ${read.changed.length} changed, ${table.rows.length - count} as they are.`,
				list: [
					...read.added.map((name) => `new: ${name}`),
					...read.changed.map((name) => `changed: ${name}`)
				].slice(0, 60),
				note: table.note,
				text: reports.length === 0 && count > 0 ? new TextDecoder().decode(bytes) : null
			};
			return { report };
		}
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const next = read.home;
		const id = String(form.get('id') ?? '');
		await transaction(async (db) => {
			const done = await changeHomeOnce(
				db,
				household,
				{ id: /^[0-9a-f-]{36}$/.test(id) ? id : uuidv7(), revision: await revisionOf(db, household) },
				next,
				today,
				at
			);
			if (done === 'saved') await rebuildStanding(db, household, await readPrepared(db, household));
		});
		return { said: `${read.added.length} jobs are new, ${read.changed.length} changed.` };
	});
}

/** Entries of the ledger from a table. */
export async function ledgerFromCsv(household: string, form: FormData) {
	return acting(form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: 'Choose a file first.' });
		const table = readTable(bytes, LEDGER_COLUMNS);
		if (typeof table === 'string') return fail(400, { message: table });
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const read = importLedger(home, table.rows, (row, line) =>
			followingId(household, `csv ${line} ${JSON.stringify(row)}`)
		);
		const reports = [...table.reports, ...read.reports];
		if (form.get('write') !== '1' || reports.length > 0) {
			const report: TableReport = {
				kind: 'ledger',
				reports: reports.slice(0, 200),
				says:
					reports.length > 0
						? `${reports.length} ${plural(reports.length, 'thing was', 'things were')} not understood, so nothing is written.`
						: `${read.entries.length} entries can be written in. Those that are there already are passed over.`,
				list: [],
				note: table.note,
				text: reports.length === 0 && read.entries.length > 0 ? new TextDecoder().decode(bytes) : null
			};
			return { report };
		}
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const recorded = await transaction((db) => recordEntries(db, household, read.entries, today, at));
		if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal) });
		return { said: `${recorded.written.length} entries are written in.` };
	});
}

const KIND_WORDS: Record<FamilyEvent['kind'], string> = {
	holiday: 'a holiday: the home under a cloth',
	away: 'away: the home under a cloth',
	visitors: 'visitors',
	busy: 'busy'
};

/** A family calendar: pauses, visitors and busy times. Told first, then written. */
export async function calendarIn(household: string, form: FormData) {
	return acting(form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: 'Choose a file first.' });
		if (bytes.length > TABLE_LIMIT)
			return fail(400, { message: 'The calendar is larger than 8 MB. Export a shorter time of it.' });
		const text = readText(bytes, false);
		if (!text.ok) return fail(400, { message: text.says });
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const read = readFamilyCalendar(text.text, today, home.home.household.timeZone);
		if (read.refused) return fail(400, { message: read.reports[0] ?? 'This is no calendar.' });
		const member = home.home.members.some((one) => one.id === form.get('member'))
			? String(form.get('member'))
			: null;
		if (form.get('write') !== '1') {
			const report: TableReport = {
				kind: 'calendar',
				reports: read.reports.map((says) => ({ line: 0, column: '', says })),
				says: `${read.events.length} ${plural(read.events.length, 'date')} from today on.`,
				list: read.events.slice(0, 60).map((event) => `${event.title}: ${KIND_WORDS[event.kind]}`),
				note: text.note,
				text: read.events.length > 0 ? text.text : null
			};
			return { report };
		}
		const entries: LedgerEntry[] = [];
		const busy: BusyTime[] = [];
		for (const event of read.events) {
			const id = followingId(household, `ics ${event.uid} ${event.from}`);
			if (event.kind === 'busy' || event.fromMinute !== null) {
				for (
					let day = event.from;
					day <= event.to && day - event.from < 60;
					day = addDays(day, 1) as CivilDay
				)
					busy.push({
						id: followingId(id, String(day)),
						uid: event.uid,
						member,
						date: day,
						from: event.fromMinute ?? 0,
						to: event.toMinute ?? 1440,
						title: event.title
					});
			} else {
				entries.push({
					outcome: 'pause',
					id,
					date: today,
					by: null,
					scope: member !== null && event.kind !== 'visitors' ? 'member' : 'household',
					target: member !== null && event.kind !== 'visitors' ? member : null,
					from: event.from,
					to: event.to,
					reason: event.kind,
					note: event.title.slice(0, 60)
				});
			}
		}
		const recorded = await transaction(async (db) => {
			const done = await recordEntries(db, household, entries, today, at);
			if (done.ok) await saveBusy(db, household, busy);
			return done;
		});
		if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal) });
		return {
			said: `${entries.length} ${plural(entries.length, 'pause')} and ${busy.length} busy ${plural(busy.length, 'time')} are in.`
		};
	});
}

const FILE_LIMIT = 64 * 1024 * 1024;

/** Takes a file in as a home of its own, telling how far it is. Nothing is written unless all of it can be. */
export async function takeHomeIn(
	bytes: Uint8Array,
	id: string,
	tell: (line: Record<string, unknown>) => void
): Promise<{ household: string } | { problems: readonly { at: string; says: string }[] }> {
	if (bytes.length > FILE_LIMIT)
		return {
			problems: [
				{
					at: 'the whole of it',
					says: 'The file is larger than 64 MB. A home is never that large; is it the right file?'
				}
			]
		};
	const text = readText(bytes, false);
	if (!text.ok) return { problems: [{ at: 'the whole of it', says: text.says }] };
	const at = now();
	const read = readHouseholdFile(text.text, Math.floor(at / 86_400_000) as CivilDay);
	if (!read.ok) return { problems: read.problems };
	const household = followingId(id, 'taken in');
	tell({ entries: read.file.ledger.length });
	await transaction(async (db) => {
		if ((await listHouseholds(db)).some((home) => home.id === household)) return;
		await importHousehold(db, household, read.file, at, (done, of) => tell({ done, of }));
	});
	return { household };
}

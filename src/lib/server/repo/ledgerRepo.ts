/** The ledger: entries go in once and stay. Rows in, core entries out. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { entrySchema, type LedgerEntry } from '$core/household/entry';
import type { Depth } from '$core/household/fields';
import type { Db, Row } from '../db/pool';

/** An entry with what only the store knows of it. */
export interface StoredEntry {
	readonly entry: LedgerEntry;
	readonly receivedAt: number;
	/** Its place in the order of receipt. */
	readonly seq: number;
	/** Undo entries stand under the job of the entry that they take back. */
	readonly job: string | null;
	readonly part: string | null;
}

const COLUMNS =
	'id, seq, outcome, date, by_member, job_id, part, due_on, to_date, of_id, depth, variant, minutes, cut_off, found, share_done, session_id, covered_by, detail, received_at';

const day = (text: unknown) => toDay(text as string);

/** Rows that hold JSON pass the schema again; the others are typed by their columns. */
export function entryOfRow(row: Row): LedgerEntry {
	const common = { id: row.id as string, date: day(row.date), by: (row.by_member as string | null) ?? null };
	const line = { job: row.job_id as string, part: row.part as LedgerPart };
	switch (row.outcome) {
		case 'undo':
			return { outcome: 'undo', ...common, of: row.of_id as string };
		case 'enough':
			return { outcome: 'enough', ...common };
		case 'dayDepth':
			return { outcome: 'dayDepth', ...common, depth: row.depth as Depth };
		case 'moved':
			return { outcome: 'moved', ...common, ...line, dueOn: day(row.due_on), to: day(row.to_date) };
		case 'skipped':
			return { outcome: 'skipped', ...common, ...line, dueOn: day(row.due_on) };
		case 'extra':
		case 'called':
			return { outcome: row.outcome, ...common, ...line };
		case 'pause':
		case 'judgement':
		case 'cleared':
		case 'rung':
		case 'lookround':
		case 'note':
			return entrySchema.parse({
				outcome: row.outcome,
				...common,
				date: row.date,
				...(typeof row.detail === 'string' ? JSON.parse(row.detail) : row.detail)
			});
		default: {
			const work = {
				...common,
				...line,
				depth: row.depth,
				variant: row.variant,
				minutes: row.minutes,
				cutOff: row.cut_off === 1,
				found: row.found,
				session: row.session_id,
				coveredBy: row.covered_by,
				outcome: row.outcome
			};
			return (row.outcome === 'part' ? { ...work, share: row.share_done } : work) as LedgerEntry;
		}
	}
}

type LedgerPart = Extract<LedgerEntry, { job: string }>['part'];

function stored(row: Row): StoredEntry {
	return {
		entry: entryOfRow(row),
		receivedAt: row.received_at as number,
		seq: row.seq as number,
		job: row.job_id as string | null,
		part: row.part as string | null
	};
}

/** The entry with an id, or null. Another household's entries do not exist here. */
export async function findEntry(db: Db, household: string, id: string): Promise<StoredEntry | null> {
	const [rows] = await db.execute<Row[]>(`SELECT ${COLUMNS} FROM ledger WHERE household_id = ? AND id = ?`, [
		household,
		id
	]);
	return rows[0] ? stored(rows[0]) : null;
}

/** Which of some ids the ledger has already. */
export async function knownIds(db: Db, household: string, ids: readonly string[]): Promise<Set<string>> {
	if (ids.length === 0) return new Set();
	const [rows] = await db.query<Row[]>('SELECT id FROM ledger WHERE household_id = ? AND id IN (?)', [
		household,
		ids
	]);
	return new Set(rows.map((row) => row.id as string));
}

/** An entry on its way in: undo entries carry the line of what they take back. */
export interface NewEntry {
	readonly entry: LedgerEntry;
	readonly job: string | null;
	readonly part: string | null;
	/** When it was received, where that is not now. */
	readonly receivedAt?: number;
}

/** What an entry says beyond the columns of the table. */
function detailOf(entry: LedgerEntry): Record<string, unknown> | null {
	switch (entry.outcome) {
		case 'pause': {
			const { scope, target, from, to, reason, note } = entry;
			return { scope, target, from: isoOf(from), to: isoOf(to), reason, note };
		}
		case 'judgement':
			return { zone: entry.zone, clutter: entry.clutter };
		case 'cleared': {
			const { room, spot, minutes, binned, given, put, session } = entry;
			return { room, spot, minutes, binned, given, put, session };
		}
		case 'rung': {
			const { member, chore, rung, how } = entry;
			return { member, chore, rung, how };
		}
		case 'note': {
			const { chore, part, dueOn, text } = entry;
			return { chore, part, dueOn: dueOn === null ? null : isoOf(dueOn), text };
		}
		case 'lookround': {
			const { member, chore, part, verdict, asking, done, point } = entry;
			return { member, chore, part, verdict, asking, done, point };
		}
		default:
			return null;
	}
}

function valuesOf(household: string, { entry, job, part, receivedAt }: NewEntry, now: number): unknown[] {
	const e = entry as Partial<Record<string, unknown>> & LedgerEntry;
	const date = (value: unknown) => (value === undefined || value === null ? null : isoOf(value as CivilDay));
	const detail = detailOf(entry);
	return [
		household,
		entry.id,
		entry.outcome,
		isoOf(entry.date),
		entry.by,
		job,
		part,
		date('dueOn' in entry ? entry.dueOn : undefined),
		date(entry.outcome === 'moved' ? entry.to : undefined),
		'of' in entry ? entry.of : null,
		e.depth ?? null,
		e.variant ?? null,
		e.minutes ?? null,
		'cutOff' in entry ? (entry.cutOff ? 1 : 0) : null,
		e.found ?? null,
		'share' in entry ? entry.share : null,
		e.session ?? null,
		e.coveredBy ?? null,
		detail === null ? null : JSON.stringify(detail),
		receivedAt ?? now
	];
}

/** Inserts entries in their order. Their ids must be new. */
export async function insertEntries(db: Db, household: string, entries: readonly NewEntry[], now: number) {
	for (let i = 0; i < entries.length; i += 500) {
		await db.query(
			`INSERT INTO ledger (household_id, id, outcome, date, by_member, job_id, part, due_on, to_date, of_id,
				depth, variant, minutes, cut_off, found, share_done, session_id, covered_by, detail, received_at) VALUES ?`,
			[entries.slice(i, i + 500).map((entry) => valuesOf(household, entry, now))]
		);
	}
}

async function select(db: Db, where: string, values: unknown[]): Promise<StoredEntry[]> {
	const [rows] = await db.query<Row[]>(`SELECT ${COLUMNS} FROM ledger WHERE ${where}`, values);
	return rows.map(stored);
}

/** All entries of a line, undo entries included, in the order made. */
export async function entriesOfLine(db: Db, household: string, job: string, part: string | null) {
	return part === null
		? select(db, 'household_id = ? AND job_id = ? AND part IS NULL ORDER BY seq', [household, job])
		: select(db, 'household_id = ? AND job_id = ? AND part = ? ORDER BY seq', [household, job, part]);
}

/** All entries of some jobs, undo entries included, in the order made. */
export async function entriesOfJobs(db: Db, household: string, jobs: readonly string[]) {
	if (jobs.length === 0) return [];
	return select(db, 'household_id = ? AND job_id IN (?) ORDER BY seq', [household, jobs]);
}

/** Entries of some jobs dated from a day on, undo entries included, in the order made. */
export async function entriesOfJobsSince(db: Db, household: string, jobs: readonly string[], from: CivilDay) {
	if (jobs.length === 0) return [];
	return select(db, 'household_id = ? AND job_id IN (?) AND date >= ? ORDER BY seq', [
		household,
		jobs,
		isoOf(from)
	]);
}

/** Entries for the whole home (pauses, judgements, enough), undo entries included, in the order made. */
export async function entriesOfHome(db: Db, household: string) {
	return select(
		db,
		"household_id = ? AND job_id IS NULL AND outcome NOT IN ('rung', 'lookround', 'cleared', 'note') ORDER BY seq",
		[household]
	);
}

/** What was written for one time of a job since a day; undo entries included, in the order made. */
export async function entriesOfNotes(db: Db, household: string, since: CivilDay) {
	return select(
		db,
		"household_id = ? AND date >= ? AND (outcome = 'note' OR (outcome = 'undo' AND job_id IS NULL)) ORDER BY seq",
		[household, isoOf(since)]
	);
}

/** How people have grown into jobs, and their look-rounds; undo entries included, in the order made. */
export async function entriesOfGrowth(db: Db, household: string) {
	return select(
		db,
		"household_id = ? AND (outcome IN ('rung', 'lookround') OR (outcome = 'undo' AND job_id IS NULL)) ORDER BY seq",
		[household]
	);
}

/** Entries dated on a day, in the order made. */
export async function entriesOfDay(db: Db, household: string, date: CivilDay) {
	return select(db, 'household_id = ? AND date = ? ORDER BY seq', [household, isoOf(date)]);
}

/** Every entry made about days up to `date`, with later undos of them, in the order made. */
export async function entriesUpTo(db: Db, household: string, date: CivilDay) {
	return select(db, 'household_id = ? AND (date <= ? OR outcome = ?) ORDER BY seq', [
		household,
		isoOf(date),
		'undo'
	]);
}

/** The whole ledger, in the order made. */
export async function allEntries(db: Db, household: string) {
	return select(db, 'household_id = ? ORDER BY seq', [household]);
}

/** The ids of the entries that an entry made by covering. */
export async function coveredBy(db: Db, household: string, id: string): Promise<string[]> {
	const [rows] = await db.query<Row[]>('SELECT id FROM ledger WHERE household_id = ? AND covered_by = ?', [
		household,
		id
	]);
	return rows.map((row) => row.id as string);
}

/** Undo entries that name one of some entries. */
export async function undosOf(db: Db, household: string, ids: readonly string[]) {
	if (ids.length === 0) return [];
	return select(db, "household_id = ? AND outcome = 'undo' AND of_id IN (?) ORDER BY seq", [household, ids]);
}

export interface LedgerFilter {
	readonly member: string | null;
	readonly jobs: readonly string[] | null;
	/** With `jobs`: also what was decluttered in this room. */
	readonly room?: string | null;
	/** Back from this day, included. */
	readonly to: CivilDay;
	readonly days: number;
}

/** Entries of work of the last days that have any (at most `days` of them, from `to` back), in the order made. */
export async function workEntries(db: Db, household: string, filter: LedgerFilter): Promise<StoredEntry[]> {
	let where = "household_id = ? AND outcome IN ('done', 'looked', 'letgo', 'part', 'cleared') AND date <= ?";
	const values: unknown[] = [household, isoOf(filter.to)];
	if (filter.member !== null) {
		where += ' AND by_member = ?';
		values.push(filter.member);
	}
	if (filter.jobs !== null) {
		const jobs = filter.jobs.length > 0 ? filter.jobs : [''];
		where += " AND (job_id IN (?) OR (outcome = 'cleared' AND JSON_VALUE(detail, '$.room') = ?))";
		values.push(jobs, filter.room ?? '');
	}
	const [dates] = await db.query<Row[]>(
		`SELECT DISTINCT date FROM ledger WHERE ${where} ORDER BY date DESC LIMIT ${Math.floor(filter.days)}`,
		values
	);
	const first = dates[dates.length - 1]?.date as string | undefined;
	if (first === undefined) return [];
	return select(db, `${where} AND date >= ? ORDER BY seq`, [...values, first]);
}

/** Minutes of work a day over the four weeks before `today`: the household's habit. */
export async function habitMinutes(db: Db, household: string, today: CivilDay): Promise<number> {
	const [rows] = await db.execute<Row[]>(
		`SELECT COALESCE(SUM(minutes), 0) / 28 AS habit FROM ledger
		WHERE household_id = ? AND date >= ? AND date < ? AND outcome IN ('done', 'part', 'cleared')`,
		[household, isoOf((today - 28) as CivilDay), isoOf(today)]
	);
	return Number(rows[0]?.habit ?? 0);
}

/** Entries dated from one day to another, in the order made. */
export async function entriesBetween(db: Db, household: string, from: CivilDay, to: CivilDay) {
	return select(db, 'household_id = ? AND date BETWEEN ? AND ? ORDER BY seq', [
		household,
		isoOf(from),
		isoOf(to)
	]);
}

/** A page of the ledger after a place in the order made. */
export async function entriesPage(db: Db, household: string, after: number, count: number) {
	return select(db, `household_id = ? AND seq > ? ORDER BY seq LIMIT ${Math.floor(count)}`, [
		household,
		after
	]);
}

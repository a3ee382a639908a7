/** Who takes which turns of a week, swaps, and calls for help. Plans, not the ledger: what was done stands there. */
import { addDays, isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { occurrenceId } from '$core/people/weekOccurrences';
import type { Db, Row } from '../db/pool';

export interface GivenRow {
	readonly line: string;
	readonly due: CivilDay;
	readonly member: string;
	readonly held: boolean;
}

const givenOf = (row: Row): GivenRow => ({
	line: row.line_id as string,
	due: toDay(row.due_on as string),
	member: row.member_id as string,
	held: row.is_held === 1
});

/** The turns that were given out for the days from one to another. */
export async function givenBetween(
	db: Db,
	household: string,
	from: CivilDay,
	to: CivilDay
): Promise<GivenRow[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT line_id, due_on, member_id, is_held FROM given_turn WHERE household_id = ? AND due_on BETWEEN ? AND ? AND line_id <> ?',
		[household, isoOf(from), isoOf(to), RIBBON]
	);
	return rows.map(givenOf);
}

/** Given turns by their ids. */
export const byTurn = (rows: readonly GivenRow[]): Map<string, string> =>
	new Map(rows.map((row) => [occurrenceId(row.line, row.due), row.member]));

export async function handoutOf(
	db: Db,
	household: string,
	weekBegin: CivilDay
): Promise<{ readonly id: string; readonly madeAt: number } | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT id, made_at FROM handout WHERE household_id = ? AND week_begin = ?',
		[household, isoOf(weekBegin)]
	);
	return rows[0] ? { id: rows[0].id as string, madeAt: rows[0].made_at as number } : null;
}

/**
 * Homes of several people, but for the demo, in which the week that runs may not be shared out yet: where their day is
 * another than here, the week may be as well, so that what the caller finds in the home itself counts.
 */
export async function homesWithoutWeek(db: Db, at: number): Promise<string[]> {
	const today = Math.floor(at / 86_400_000) as CivilDay;
	const [rows] = await db.query<Row[]>(
		`SELECT h.id FROM household h
			WHERE h.is_demo = FALSE AND h.deleted_at IS NULL
			AND NOT EXISTS (SELECT 1 FROM handout o
				WHERE o.household_id = h.id AND o.week_begin BETWEEN ? AND ?)
			AND (SELECT COUNT(*) FROM member m
				WHERE m.household_id = h.id AND m.until_revision IS NULL AND m.role <> 'device') > 1`,
		[isoOf(addDays(today, -5)), isoOf(addDays(today, 1))]
	);
	return rows.map((row) => row.id as string);
}

/** Homes, but for the demo, that were changed after the week that may be running there was shared out, and when last. */
export async function homesChangedInWeek(
	db: Db,
	at: number
): Promise<{ readonly household: string; readonly changedAt: number }[]> {
	const today = Math.floor(at / 86_400_000) as CivilDay;
	const [rows] = await db.query<Row[]>(
		`SELECT h.id, MAX(r.made_at) AS changed_at FROM handout o
			JOIN household h ON h.id = o.household_id
			JOIN home_revision r ON r.household_id = o.household_id AND r.made_at > o.made_at
			WHERE o.week_begin BETWEEN ? AND ? AND h.is_demo = FALSE AND h.deleted_at IS NULL
			GROUP BY h.id`,
		[isoOf(addDays(today, -7)), isoOf(addDays(today, 1))]
	);
	return rows.map((row) => ({ household: row.id as string, changedAt: Number(row.changed_at) }));
}

/** Writes a week as it was given out, from a day of it on. Once an id; earlier days stay as they were. */
export async function saveHandout(
	db: Db,
	household: string,
	handout: {
		readonly id: string;
		readonly weekBegin: CivilDay;
		readonly from: CivilDay;
		readonly turns: readonly GivenRow[];
	},
	now: number
): Promise<'saved' | 'known'> {
	const week = isoOf(handout.weekBegin);
	if ((await handoutOf(db, household, handout.weekBegin))?.id === handout.id) return 'known';
	await db.query('REPLACE INTO handout (household_id, week_begin, id, made_at) VALUES (?, ?, ?, ?)', [
		household,
		week,
		handout.id,
		now
	]);
	await db.query(
		'DELETE FROM given_turn WHERE household_id = ? AND week_begin = ? AND due_on >= ? AND line_id <> ?',
		[household, week, isoOf(handout.from), RIBBON]
	);
	if (handout.turns.length > 0)
		await db.query(
			'REPLACE INTO given_turn (household_id, week_begin, line_id, due_on, member_id, is_held) VALUES ?',
			[
				handout.turns.map((turn) => [
					household,
					week,
					turn.line,
					isoOf(turn.due),
					turn.member,
					turn.held ? 1 : 0
				])
			]
		);
	return 'saved';
}

/** Gives one turn to somebody by hand; it stays with them when the week is given out again. */
export async function putTurn(
	db: Db,
	household: string,
	weekBegin: CivilDay,
	turn: { readonly line: string; readonly due: CivilDay; readonly member: string }
): Promise<void> {
	await db.query(
		'REPLACE INTO given_turn (household_id, week_begin, line_id, due_on, member_id, is_held) VALUES (?, ?, ?, ?, ?, TRUE)',
		[household, isoOf(weekBegin), turn.line, isoOf(turn.due), turn.member]
	);
}

/** Takes all that was given to a member back from a day on; swaps that they were asked for or asked are over. */
export async function freeTurnsOf(db: Db, household: string, member: string, from: CivilDay): Promise<void> {
	await db.query('DELETE FROM given_turn WHERE household_id = ? AND member_id = ? AND due_on >= ?', [
		household,
		member,
		isoOf(from)
	]);
	await db.query(
		"UPDATE swap SET state = 'withdrawn' WHERE household_id = ? AND state = 'asked' AND ? IN (from_member, to_member)",
		[household, member]
	);
}

/** Stands where a line would: no job has such an id. */
const RIBBON = '~ribbon';

/** The days on which the ribbon was another's than its turn said. */
export async function ribbonSwaps(
	db: Db,
	household: string
): Promise<{ readonly day: CivilDay; readonly to: string }[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT due_on, member_id FROM given_turn WHERE household_id = ? AND line_id = ? ORDER BY due_on',
		[household, RIBBON]
	);
	return rows.map((row) => ({ day: toDay(row.due_on as string), to: row.member_id as string }));
}

/** Gives the ribbon of a day to somebody else than its turn says. */
export const swapRibbon = (db: Db, household: string, weekBegin: CivilDay, day: CivilDay, member: string) =>
	putTurn(db, household, weekBegin, { line: RIBBON, due: day, member });

export interface Swap {
	readonly id: string;
	readonly line: string;
	readonly due: CivilDay;
	readonly from: string;
	readonly to: string;
	readonly back: { readonly line: string; readonly due: CivilDay } | null;
	readonly state: 'asked' | 'agreed' | 'refused' | 'withdrawn';
}

const swapOf = (row: Row): Swap => ({
	id: row.id as string,
	line: row.line_id as string,
	due: toDay(row.due_on as string),
	from: row.from_member as string,
	to: row.to_member as string,
	back:
		row.back_line_id === null
			? null
			: { line: row.back_line_id as string, due: toDay(row.back_due_on as string) },
	state: row.state as Swap['state']
});

/** Swaps that wait for an answer. */
export async function openSwaps(db: Db, household: string, from: CivilDay): Promise<Swap[]> {
	const [rows] = await db.execute<Row[]>(
		"SELECT * FROM swap WHERE household_id = ? AND state = 'asked' AND due_on >= ? ORDER BY asked_at",
		[household, isoOf(from)]
	);
	return rows.map(swapOf);
}

export async function swapById(db: Db, household: string, id: string): Promise<Swap | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM swap WHERE household_id = ? AND id = ?', [
		household,
		id
	]);
	return rows[0] ? swapOf(rows[0]) : null;
}

/** Asks for a swap, once an id; an earlier asking about the same turn is withdrawn. */
export async function askSwap(
	db: Db,
	household: string,
	swap: Omit<Swap, 'state'>,
	now: number
): Promise<void> {
	await db.query(
		"UPDATE swap SET state = 'withdrawn', answered_at = ? WHERE household_id = ? AND state = 'asked' AND line_id = ? AND due_on = ? AND id <> ?",
		[now, household, swap.line, isoOf(swap.due), swap.id]
	);
	await db.query(
		`INSERT IGNORE INTO swap (household_id, id, line_id, due_on, from_member, to_member, back_line_id, back_due_on, state, asked_at)
			VALUES (?, ?, ?, ?, ?, ?, ?, ?, 'asked', ?)`,
		[
			household,
			swap.id,
			swap.line,
			isoOf(swap.due),
			swap.from,
			swap.to,
			swap.back?.line ?? null,
			swap.back ? isoOf(swap.back.due) : null,
			now
		]
	);
}

/** Answers a swap that waits: true for the answer that counts, which is the first. */
export async function answerSwap(
	db: Db,
	household: string,
	id: string,
	state: 'agreed' | 'refused',
	now: number
): Promise<boolean> {
	const [done] = await db.query(
		"UPDATE swap SET state = ?, answered_at = ? WHERE household_id = ? AND id = ? AND state = 'asked'",
		[state, now, household, id]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

export interface HelpCall {
	readonly id: string;
	readonly member: string;
	readonly line: string | null;
	readonly at: number;
}

/** Calls that nobody has come to yet. */
export async function openCalls(db: Db, household: string, since: number): Promise<HelpCall[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT id, member_id, line_id, called_at FROM help_call WHERE household_id = ? AND came_at IS NULL AND called_at > ? ORDER BY called_at',
		[household, since]
	);
	return rows.map((row) => ({
		id: row.id as string,
		member: row.member_id as string,
		line: row.line_id as string | null,
		at: row.called_at as number
	}));
}

/** Calls for help, once an id. */
export async function callHelp(
	db: Db,
	household: string,
	call: { readonly id: string; readonly member: string; readonly line: string | null },
	now: number
): Promise<void> {
	await db.query(
		'INSERT IGNORE INTO help_call (household_id, id, member_id, line_id, called_at) VALUES (?, ?, ?, ?, ?)',
		[household, call.id, call.member, call.line, now]
	);
}

/** Somebody has come: of one call, or of all of a member's. */
export async function cameToHelp(
	db: Db,
	household: string,
	which: { readonly call?: string; readonly member?: string },
	now: number
): Promise<void> {
	await db.query(
		'UPDATE help_call SET came_at = ? WHERE household_id = ? AND came_at IS NULL AND (id = ? OR member_id = ?)',
		[now, household, which.call ?? '', which.member ?? '']
	);
}

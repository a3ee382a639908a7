/** Sessions: a plan and rows of instants. What was finished goes into the ledger in the same transaction. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import type { EventDetail } from '$core/session/sessionPlan';
import { eventDetailSchema, readPlan } from '$core/session/sessionSchema';
import { type SessionEvent, type SessionEventKind, type SessionPlan } from '$core/session/sessionState';
import { type Db, type Row } from '../db/pool';

export interface StoredSession {
	readonly id: string;
	readonly member: string;
	readonly date: CivilDay;
	readonly plan: SessionPlan;
	readonly events: readonly SessionEvent[];
	readonly isOver: boolean;
	/** A clearing: its closing has not begun, is open, or done. */
	readonly closing: 'none' | 'open' | 'done';
}

async function withEvents(db: Db, household: string, rows: readonly Row[]): Promise<StoredSession[]> {
	if (rows.length === 0) return [];
	const [events] = await db.query<Row[]>(
		'SELECT session_id, id, kind, at, step, detail FROM session_event WHERE household_id = ? AND session_id IN (?) ORDER BY seq',
		[household, rows.map((row) => row.id)]
	);
	return rows.map((row) => ({
		id: row.id as string,
		member: row.member_id as string,
		date: toDay(row.date as string),
		plan: peopled(readPlan(JSON.parse(row.plan as string)), row.member_id as string),
		closing: row.closing as StoredSession['closing'],
		isOver: row.is_over === 1,
		events: events
			.filter((event) => event.session_id === row.id)
			.map((event) => ({
				id: event.id as string,
				kind: event.kind as SessionEventKind,
				at: event.at as number,
				step: event.step as number | null,
				...(event.detail === null ? {} : eventDetailSchema.parse(JSON.parse(event.detail as string)))
			}))
	}));
}

/** Sessions of one person from before there were lanes name nobody. */
function peopled(plan: SessionPlan, member: string): SessionPlan {
	if (plan.people.length > 0) return plan;
	return { ...plan, people: [member], steps: plan.steps.map((step) => ({ ...step, who: member })) };
}

const COLUMNS = 'id, member_id, date, plan, is_over, closing';

/** A session of this household, or null. */
export async function loadSession(db: Db, household: string, id: string): Promise<StoredSession | null> {
	const [rows] = await db.execute<Row[]>(`SELECT ${COLUMNS} FROM session WHERE household_id = ? AND id = ?`, [
		household,
		id
	]);
	return (await withEvents(db, household, rows))[0] ?? null;
}

/** The sessions of a day and the day before, whose waits may still run, and any that is still open. */
export async function loadSessionsAround(
	db: Db,
	household: string,
	date: CivilDay
): Promise<StoredSession[]> {
	const [rows] = await db.execute<Row[]>(
		`SELECT ${COLUMNS} FROM session WHERE household_id = ? AND (date BETWEEN ? AND ? OR is_over = FALSE OR closing = 'open') ORDER BY made_at, id`,
		[household, isoOf((date - 1) as CivilDay), isoOf(date)]
	);
	return withEvents(db, household, rows);
}

/** The sessions that are not over. */
export async function openSessions(db: Db, household: string): Promise<StoredSession[]> {
	const [rows] = await db.query<Row[]>(
		`SELECT ${COLUMNS} FROM session WHERE household_id = ? AND is_over = FALSE ORDER BY made_at, id`,
		[household]
	);
	return withEvents(db, household, rows);
}

/** Homes with a session that is still open and was begun on a day before `date`. */
export async function homesWithForgotten(db: Db, date: CivilDay): Promise<string[]> {
	const [rows] = await db.query<Row[]>(
		'SELECT DISTINCT household_id FROM session WHERE is_over = FALSE AND date <= ?',
		[isoOf(date)]
	);
	return rows.map((row) => row.household_id as string);
}

export async function insertSession(
	db: Db,
	household: string,
	session: Pick<StoredSession, 'id' | 'member' | 'date' | 'plan'>,
	now: number
): Promise<void> {
	await db.query(
		'INSERT INTO session (household_id, id, kind, member_id, date, bell_minutes, plan, made_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?)',
		[
			household,
			session.id,
			session.plan.kind,
			session.member,
			isoOf(session.date),
			session.plan.bellMinutes,
			JSON.stringify(readPlan(session.plan)),
			now
		]
	);
}

export async function setOver(db: Db, household: string, id: string, isOver: boolean): Promise<void> {
	await db.query('UPDATE session SET is_over = ? WHERE household_id = ? AND id = ?', [
		isOver ? 1 : 0,
		household,
		id
	]);
}

export async function setClosing(
	db: Db,
	household: string,
	id: string,
	closing: StoredSession['closing']
): Promise<void> {
	await db.query('UPDATE session SET closing = ? WHERE household_id = ? AND id = ?', [
		closing,
		household,
		id
	]);
}

export async function insertEvent(db: Db, household: string, session: string, event: SessionEvent) {
	await db.query(
		'INSERT INTO session_event (household_id, session_id, id, kind, at, step, detail) VALUES (?, ?, ?, ?, ?, ?, ?)',
		[household, session, event.id, event.kind, event.at, event.step, detailOf(event)]
	);
}

/** What an event carries, as it is stored; null for nothing. */
function detailOf({ id: _id, kind: _kind, at: _at, step: _step, ...detail }: SessionEvent): string | null {
	const read: EventDetail = eventDetailSchema.parse(detail);
	return Object.keys(read).length === 0 ? null : JSON.stringify(read);
}

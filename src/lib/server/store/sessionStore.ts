/** Sessions: a plan and rows of instants. What was finished goes into the ledger in the same transaction. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { dayBegins, householdTime } from '$core/calendar/instant';
import type { LedgerEntry } from '$core/household/entry';
import type { PreparedHome } from '$core/household/history';
import {
	outcomesOf,
	readClock,
	type SessionClock,
	type SessionEvent,
	type SessionEventKind,
	type SessionPlan
} from '$core/session/clock';
import { readClearing } from '$core/session/clearing';
import type { EventDetail } from '$core/session/model';
import { eventDetailSchema, readPlan } from '$core/session/sessionSchema';
import { transaction, type Db, type Row } from '../db/pool';
import { changed } from './changes';
import { loadHome } from './homeStore';
import { placeBag, setBox } from './clearingStore';
import { followingId, lockHousehold, recordEntries } from './record';

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

export type SessionRefusal =
	| { readonly code: 'session-unknown'; readonly session: string }
	| { readonly code: 'session-over'; readonly session: string }
	| { readonly code: 'already-running'; readonly session: string; readonly member: string }
	| { readonly code: 'step-unknown'; readonly step: number | null }
	| { readonly code: 'entry'; readonly why: string };

export type SessionResult = { readonly ok: true } | { readonly ok: false; readonly refusal: SessionRefusal };

export interface NewSession {
	readonly id: string;
	readonly member: string;
	readonly date: CivilDay;
	readonly plan: SessionPlan;
}

/** Starts a session now. The same id again is the same session; a person has one at a time. */
export async function startSession(
	db: Db,
	household: string,
	session: NewSession,
	now: number
): Promise<SessionResult> {
	await lockHousehold(db, household);
	if (await loadSession(db, household, session.id)) return { ok: true };
	const [rows] = await db.query<Row[]>(
		`SELECT ${COLUMNS} FROM session WHERE household_id = ? AND is_over = FALSE`,
		[household]
	);
	const people = session.plan.people.length > 0 ? session.plan.people : [session.member];
	const busy = (await withEvents(db, household, rows)).flatMap((other) =>
		other.plan.people.filter((one) => people.includes(one)).map((member) => ({ session: other.id, member }))
	)[0];
	if (busy) return { ok: false, refusal: { code: 'already-running', ...busy } };
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
	await insertEvent(db, household, session.id, {
		id: followingId(session.id, 'started'),
		kind: 'started',
		at: now,
		step: null
	});
	return { ok: true };
}

async function insertEvent(db: Db, household: string, session: string, event: SessionEvent) {
	await changed(db, household);
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

/** How long the last tick of a session can be taken back. */
const REOPENS_WITHIN = 10 * 60_000;

const NEEDS_STEP: readonly SessionEventKind[] = ['stepDone', 'stepUndone', 'capped', 'fetched'];

/** What belongs to a closing, which may outlast its session. */
const CLOSING: readonly SessionEventKind[] = [
	'closing',
	'binOut',
	'bagPlaced',
	'walked',
	'unwalked',
	'judged'
];

/**
 * Adds what happened to a session, at an instant by the server's clock. The same event id again changes nothing; so
 * does a press that comes too late (a step that another phone ticked already). Jobs that are finished by it,
 * or begun when it ends, are written in the ledger along with it.
 */
export async function addEvent(
	db: Db,
	household: string,
	sessionId: string,
	pressed: SessionEvent
): Promise<SessionResult> {
	await lockHousehold(db, household);
	const session = await loadSession(db, household, sessionId);
	if (!session) return { ok: false, refusal: { code: 'session-unknown', session: sessionId } };
	// Instants never run back: a press that waited on one device comes after what another did meanwhile.
	const event = { ...pressed, at: Math.max(pressed.at, ...session.events.map((known) => known.at)) };
	if (session.events.some((known) => known.id === event.id)) return { ok: true };
	const clockSteps = readClock(session.plan, session.events, event.at).steps;
	if (NEEDS_STEP.includes(event.kind) && !clockSteps[event.step ?? -1]) {
		return { ok: false, refusal: { code: 'step-unknown', step: event.step } };
	}
	const before = readClock(session.plan, session.events, event.at);
	const setDown = session.events.some((known) => known.kind === 'setDown' || known.kind === 'closed');
	// The tick that ended it can be taken back for a while; what was set down stays down.
	const reopens = event.kind === 'stepUndone' && !setDown && event.at - (before.overAt ?? 0) < REOPENS_WITHIN;
	const closes = session.plan.clearing !== null && CLOSING.includes(event.kind);
	if (before.phase === 'over' && event.kind !== 'fetched' && !reopens && !closes) {
		// Setting down twice (two phones) is one setting down.
		if (event.kind === 'setDown' || event.kind === 'closed') return { ok: true };
		return { ok: false, refusal: { code: 'session-over', session: sessionId } };
	}
	const after = readClock(session.plan, [...session.events, event], event.at);
	const step = clockSteps[event.step ?? -1];
	if ((event.kind === 'stepDone' || event.kind === 'capped') && before.done[event.step ?? -1] === true)
		return { ok: true };
	if (event.kind === 'stepUndone' && before.done[event.step ?? -1] === false) return { ok: true };
	await insertEvent(db, household, sessionId, event);

	const entries: LedgerEntry[] = [];
	if (step && (event.kind === 'stepDone' || event.kind === 'capped'))
		entries.push(...finished(session, after, step.line, event));
	if (step && event.kind === 'stepUndone') {
		const undone = takenBack(session, step.line, event);
		if (undone) entries.push(undone);
	}
	if (after.phase === 'over' && before.phase !== 'over') entries.push(...begun(session, after, event));
	if (event.kind === 'judged') entries.push(...judgement(session, event));
	if (session.plan.clearing) await followClearing(db, household, session, event);
	const isOver = after.phase === 'over';
	if (isOver !== session.isOver) {
		await db.query('UPDATE session SET is_over = ? WHERE household_id = ? AND id = ?', [
			isOver ? 1 : 0,
			household,
			sessionId
		]);
	}
	// A job that is gone meanwhile leaves no entry; the session itself goes on.
	const home = await loadHome(db, household);
	const known = entries.filter(
		(entry) =>
			entry.outcome === 'undo' ||
			(entry.outcome === 'judgement' && home?.zoneById.has(entry.zone)) ||
			home?.lineById.has(lineOf(entry))
	);
	const recorded = await recordEntries(db, household, known, session.date, event.at);
	if (!recorded.ok) throw new Error(`a session made an entry that was refused: ${recorded.refusal.code}`);
	return { ok: true };
}

function lineOf(entry: LedgerEntry): string {
	return 'job' in entry ? (entry.part === null ? entry.job : `${entry.job}/${entry.part}`) : '';
}

function workEntry(session: StoredSession, line: string, event: SessionEvent, by: string) {
	const [job, part] = line.split('/');
	return {
		id: followingId(event.id, line),
		date: session.date,
		by: by === '' ? session.member : by,
		job: job as string,
		part: (part ?? null) as Extract<LedgerEntry, { job: string }>['part'],
		depth: null,
		variant: null,
		found: null,
		session: session.id,
		coveredBy: null
	};
}

/** The entry of a job whose last step was just ticked. */
function finished(
	session: StoredSession,
	clock: SessionClock,
	line: string,
	event: SessionEvent
): LedgerEntry[] {
	const outcome = outcomesOf(session.plan, clock).find((o) => o.line === line);
	if (outcome?.outcome !== 'done') return [];
	return [
		{
			outcome: 'done',
			...workEntry(session, line, event, outcome.by),
			minutes: outcome.minutes,
			cutOff: outcome.cutOff
		}
	];
}

/** A step that is not done after all takes back the entry that ticking it made. */
function takenBack(session: StoredSession, line: string, event: SessionEvent): LedgerEntry | null {
	const clockBefore = readClock(session.plan, session.events, event.at);
	const whole = outcomesOf(session.plan, clockBefore).find((o) => o.line === line);
	if (whole?.outcome !== 'done') return null;
	const ticked = [...session.events]
		.reverse()
		.find(
			(e) => (e.kind === 'stepDone' || e.kind === 'capped') && clockBefore.steps[e.step ?? -1]?.line === line
		);
	if (!ticked) return null;
	return {
		outcome: 'undo',
		id: followingId(event.id, 'undo'),
		date: session.date,
		by: session.member,
		of: followingId(ticked.id, line)
	};
}

/** When a session ends, a job that was begun and not finished is partly done, with the minutes really worked. */
function begun(session: StoredSession, clock: SessionClock, event: SessionEvent): LedgerEntry[] {
	return outcomesOf(session.plan, clock)
		.filter((outcome) => outcome.outcome === 'part')
		.map((outcome) => ({
			outcome: 'part' as const,
			...workEntry(session, outcome.line, event, outcome.by),
			minutes: outcome.minutes,
			cutOff: true,
			share: outcome.share
		}));
}

/** The zone's clutter as it was judged at the end of a clearing. */
function judgement(session: StoredSession, event: SessionEvent): LedgerEntry[] {
	const zone = session.plan.clearing?.zone;
	if (!zone || !event.clutter) return [];
	return [
		{
			outcome: 'judgement',
			id: followingId(event.id, 'judgement'),
			date: session.date,
			by: session.member,
			zone,
			clutter: event.clutter
		}
	];
}

/** What a closing leaves behind in the house: the bag until it has left, boxes, and whether it is over. */
async function followClearing(db: Db, household: string, session: StoredSession, event: SessionEvent) {
	const clearing = readClearing(session.plan, [...session.events, event], event.at);
	if (event.kind === 'bagPlaced' && clearing.counts.give > 0)
		await placeBag(db, household, session, event, clearing.counts.give);
	if (event.kind === 'walked' && event.boxed === true) {
		const things = clearing.walk.find((one) => one.room === (event.room ?? ''));
		await setBox(
			db,
			household,
			session.id,
			event,
			things?.things.join(', ') || `${things?.count ?? 1} things`
		);
	}
	const closing =
		clearing.closingAt === null && event.kind !== 'setDown' && event.kind !== 'closed'
			? 'none'
			: clearing.next === null
				? 'done'
				: 'open';
	if (closing !== session.closing)
		await db.query('UPDATE session SET closing = ? WHERE household_id = ? AND id = ?', [
			closing,
			household,
			session.id
		]);
}

/** Closes sessions that were left open when their household day ended, at the instant at which it ended. */
export async function closeForgotten(household: string, home: PreparedHome, at: number): Promise<void> {
	const rules = home.home.household;
	const today = householdTime(at, rules).date;
	await transaction(async (db) => {
		const [rows] = await db.query<Row[]>(
			'SELECT id, date FROM session WHERE household_id = ? AND is_over = FALSE AND date < ?',
			[household, isoOf(today)]
		);
		for (const row of rows) {
			const end = dayBegins((toDay(row.date as string) + 1) as CivilDay, rules);
			const id = followingId(row.id as string, 'closed');
			await addEvent(db, household, row.id as string, { id, kind: 'closed', at: end, step: null });
		}
	});
}

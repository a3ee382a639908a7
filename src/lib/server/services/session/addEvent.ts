/** What happens to a session: begun once, pressed on, closed when its day is over. In the transaction of a use case. */
import { type CivilDay } from '$core/calendar/civil';
import { dayBegins } from '$core/calendar/instant';
import { clearedEntries } from '$core/clearing/clearedEntry';
import { readClearing } from '$core/clearing/clearing';
import type { LedgerEntry } from '$core/household/entry';
import type { PreparedHome } from '$core/schedule/preparedHome';
import {
	outcomesOf,
	readSession,
	type SessionEvent,
	type SessionEventKind,
	type SessionPlan,
	type SessionState
} from '$core/session/sessionState';
import { type Db } from '../../db/pool';
import { followingId } from '../../ids';
import { placeBag, setBox } from '../../repo/clearingRepo';
import { loadHome } from '../../repo/homeRepo';
import {
	insertEvent,
	insertSession,
	loadSession,
	openSessions,
	setClosing,
	setOver,
	type StoredSession
} from '../../repo/sessionRepo';
import { followLoad } from '../laundry/pileLoads';
import { recordEntries } from '../ledger/recordEntries';

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

/** The session in which one of these people is at work; a paused one waits, and leaves them free for another. */
async function runningOf(
	db: Db,
	household: string,
	people: readonly string[],
	at: number,
	except: string | null = null
): Promise<{ session: string; member: string } | null> {
	for (const other of await openSessions(db, household)) {
		if (other.id === except || readSession(other.plan, other.events, at).phase !== 'running') continue;
		const member = other.plan.people.find((one) => people.includes(one));
		if (member !== undefined) return { session: other.id, member };
	}
	return null;
}

/** Starts a session now. The same id again is the same session; a person is at work in one at a time. */
export async function startSession(
	db: Db,
	household: string,
	session: NewSession,
	now: number
): Promise<SessionResult> {
	if (await loadSession(db, household, session.id)) return { ok: true };
	const people = session.plan.people.length > 0 ? session.plan.people : [session.member];
	const busy = await runningOf(db, household, people, now);
	if (busy) return { ok: false, refusal: { code: 'already-running', ...busy } };
	await insertSession(db, household, session, now);
	await insertEvent(db, household, session.id, {
		id: followingId(session.id, 'started'),
		kind: 'started',
		at: now,
		step: null
	});
	return { ok: true };
}

/** How long the last tick of a session can be undone. */
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
	const session = await loadSession(db, household, sessionId);
	if (!session) return { ok: false, refusal: { code: 'session-unknown', session: sessionId } };
	// Instants never run back: a press that waited on one device comes after what another did meanwhile.
	const event = { ...pressed, at: Math.max(pressed.at, ...session.events.map((known) => known.at)) };
	if (session.events.some((known) => known.id === event.id)) return { ok: true };
	const clockSteps = readSession(session.plan, session.events, event.at).steps;
	if (NEEDS_STEP.includes(event.kind) && !clockSteps[event.step ?? -1]) {
		return { ok: false, refusal: { code: 'step-unknown', step: event.step } };
	}
	const before = readSession(session.plan, session.events, event.at);
	const setDown = session.events.some((known) => known.kind === 'setDown' || known.kind === 'closed');
	// The tick that ended it can be undone for a while; what was set down stays down.
	const reopens = event.kind === 'stepUndone' && !setDown && event.at - (before.overAt ?? 0) < REOPENS_WITHIN;
	const closes = session.plan.clearing !== null && CLOSING.includes(event.kind);
	// Whoever comes late to a session that was left alone can still say what got done, or end it.
	const tells = before.leftAlone && !setDown && ['stepDone', 'setDown', 'closed'].includes(event.kind);
	if (before.phase === 'over' && event.kind !== 'fetched' && !reopens && !closes && !tells) {
		// Setting down twice (two phones) is one setting down.
		if (event.kind === 'setDown' || event.kind === 'closed') return { ok: true };
		return { ok: false, refusal: { code: 'session-over', session: sessionId } };
	}
	if (event.kind === 'resumed' && before.phase === 'paused') {
		const people = session.plan.people.length > 0 ? session.plan.people : [session.member];
		const busy = await runningOf(db, household, people, event.at, sessionId);
		if (busy) return { ok: false, refusal: { code: 'already-running', ...busy } };
	}
	const after = readSession(session.plan, [...session.events, event], event.at);
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
	if (after.phase === 'over' && before.phase !== 'over') entries.push(...cleared(session, after, event));
	if (session.plan.clearing) await followClearing(db, household, session, event);
	if (step && (event.kind === 'stepDone' || event.kind === 'stepUndone'))
		await followLoad(db, household, step, event, event.by ?? session.member);
	const isOver = after.phase === 'over';
	if (isOver !== session.isOver) {
		await setOver(db, household, sessionId, isOver);
	}
	// A job that is gone meanwhile leaves no entry; the session itself goes on.
	const home = await loadHome(db, household);
	const known = entries.filter(
		(entry) =>
			entry.outcome === 'undo' ||
			entry.outcome === 'cleared' ||
			(entry.outcome === 'judgement' && home?.zoneById.has(entry.zone)) ||
			home?.seriesById.has(lineOf(entry))
	);
	const recorded = await recordEntries(db, household, known, session.date, event.at);
	if (!recorded.ok) throw new Error(`a session made an entry that was refused: ${recorded.refusal.code}`);
	// All is put away: the clearing is over by itself.
	if (session.plan.clearing && closes && !isOver && isPutAway(session, event))
		return addEvent(db, household, sessionId, {
			id: followingId(event.id, 'over'),
			kind: 'setDown',
			at: event.at,
			step: null
		});
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
		depth: session.plan.lines[line]?.depth ?? null,
		variant: null,
		found: null,
		session: session.id,
		coveredBy: null
	};
}

/** The entry of a job whose last step was just ticked. */
function finished(
	session: StoredSession,
	clock: SessionState,
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
	const clockBefore = readSession(session.plan, session.events, event.at);
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
function begun(session: StoredSession, clock: SessionState, event: SessionEvent): LedgerEntry[] {
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

/** What was decluttered, with the minutes it took. */
function cleared(session: StoredSession, clock: SessionState, event: SessionEvent): LedgerEntry[] {
	const clearing = readClearing(session.plan, [...session.events, event], event.at);
	return clearedEntries(session.plan, clearing, clock, { ...session, session: session.id }, (who) =>
		followingId(session.id, `cleared ${who}`)
	);
}

function isPutAway(session: StoredSession, event: SessionEvent): boolean {
	const { closingAt, next } = readClearing(session.plan, [...session.events, event], event.at);
	return closingAt !== null && next === null;
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
	if (closing !== session.closing) await setClosing(db, household, session.id, closing);
}

/** The instant at which the day of a session ends. */
const endOf = (session: StoredSession, home: PreparedHome) =>
	dayBegins((session.date + 1) as CivilDay, home.home.household);

const closing = (session: StoredSession, home: PreparedHome): SessionEvent => ({
	id: followingId(session.id, 'closed'),
	kind: 'closed',
	at: endOf(session, home),
	step: null
});

const isLeftAlone = (session: StoredSession, at: number) =>
	readSession(session.plan, session.events, at).leftAlone;

/** A session as it counts at an instant: one that was left open is over since its day ended, or since nobody pressed. */
export function asItIs(session: StoredSession, home: PreparedHome, at: number): StoredSession {
	if (session.isOver) return session;
	if (endOf(session, home) <= at)
		return { ...session, isOver: true, events: [...session.events, closing(session, home)] };
	return isLeftAlone(session, at) ? { ...session, isOver: true } : session;
}

/**
 * Closes the sessions of a home that were left open when their household day ended, at the instant at which it
 * ended, and those that nobody touched until well past their bell; what was begun goes into the ledger. In the transaction of a use case. Returns how many there were.
 */
export async function closeForgotten(db: Db, household: string, at: number): Promise<number> {
	const home = await loadHome(db, household);
	if (!home) return 0;
	const forgotten = (await openSessions(db, household)).filter(
		(one) => endOf(one, home) <= at || isLeftAlone(one, at)
	);
	for (const one of forgotten) {
		const atEnd = closing(one, home);
		await addEvent(db, household, one.id, { ...atEnd, at: Math.min(atEnd.at, at) });
	}
	return forgotten.length;
}

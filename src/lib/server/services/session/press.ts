/** What is pressed in a running session, and what of it goes to tomorrow. */
import { PRESS_SAYS } from '$words/answers/session';
import { addDays } from '$core/calendar/civil';
import type { DayPart } from '$core/calendar/dayParts';
import type { LedgerEntry } from '$core/household/entry';
import { mayDo } from '$core/people/whoCan';
import { firstPlan } from '$core/planner/makePlan';
import { readDay } from '$core/schedule/readDay';
import { filling, sessionPlan } from '$core/session/fill';
import { occurrencesToMove } from '$core/session/occurrencesToMove';
import { SESSION_EVENTS, type EventDetail, type SessionEventKind } from '$core/session/sessionPlan';
import { eventDetailSchema } from '$core/session/sessionSchema';
import { outcomesOf, readSession } from '$core/session/sessionState';
import { fail } from '@sveltejs/kit';
import { jobsAre } from '$words/general';
import { RUN_HEAD } from '$words/session';
import { z } from 'zod';
import { now } from '../../clock';
import { transaction, type Db } from '../../db/pool';
import { useCase } from '../useCase';

import { followingId } from '../../ids';
import { habitsOf } from '../../repo/habitsOf';
import { loadHome } from '../../repo/homeRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { loadSession, type StoredSession } from '../../repo/sessionRepo';
import { recordEntries } from '../ledger/recordEntries';
import type { Asker } from '../ledger/whoMay';
import { addEvent } from './addEvent';

/** How long a press may have waited on a device and still keep its own instant. */
const LONGEST_AWAY = 12 * 60 * 60_000;

const pressed = SESSION_EVENTS.filter((kind) => kind !== 'started' && kind !== 'closed') as [
	SessionEventKind,
	...SessionEventKind[]
];

const eventForm = z.object({
	id: z.uuid().optional(),
	seed: z.uuid().optional(),
	kind: z.enum([...pressed, 'jobDone']),
	step: z.coerce.number().int().min(0).max(10_000).nullable().catch(null),
	/** Milliseconds since the press: a press without a connection counts from when it was made. */
	ago: z.coerce.number().min(0).max(LONGEST_AWAY).catch(0),
	/** What it carries, as JSON; or single fields of it, from a page without scripts. */
	detail: z.string().max(4000).optional(),
	by: z.string().max(60).optional(),
	line: z.string().max(80).optional(),
	into: z.string().max(10).optional(),
	room: z.string().max(60).optional(),
	thing: z.string().max(60).optional(),
	boxed: z.string().max(5).optional(),
	place: z.string().max(80).optional(),
	carrier: z.string().max(60).optional(),
	leavesOn: z.string().max(10).optional(),
	clutter: z.string().max(10).optional(),
	minutes: z.string().max(8).optional()
});

/** What a press carries; null where it makes no sense. Steps and worth are the server's to say. */
function detailOf(read: z.infer<typeof eventForm>): EventDetail | null {
	const { by, line, into, room, thing, place, carrier, leavesOn, clutter } = read;
	let data: unknown = Object.fromEntries(
		Object.entries({
			by,
			line,
			into,
			room,
			thing,
			place,
			carrier: carrier || undefined,
			leavesOn,
			clutter,
			boxed: read.boxed === undefined ? undefined : read.boxed === '1',
			minutes: read.minutes === undefined ? undefined : Number(read.minutes)
		}).filter(([, value]) => value !== undefined && value !== '')
	);
	if (read.detail !== undefined) {
		try {
			data = JSON.parse(read.detail);
		} catch {
			return null;
		}
	}
	const parsed = eventDetailSchema.omit({ steps: true, entry: true }).safeParse(data);
	return parsed.success ? (parsed.data as EventDetail) : null;
}

/** A job that is put in while the session runs: its steps, as they are now. */
async function addedSteps(
	db: Db,
	household: string,
	session: StoredSession,
	line: string
): Promise<EventDetail | null> {
	const home = await loadHome(db, household);
	if (!home) return null;
	const day = readDay(home, await loadProjection(db, household), session.date);
	const found = day.lines.find((one) => one.line.id === line);
	const people = home.members.filter(
		(one) => session.plan.people.includes(one.id) && found && mayDo(found.line.job, one, session.date)
	);
	if (!found || people.length === 0) return null;
	const filled = filling({
		home,
		habits: await habitsOf(db, household, [found]),
		kind: session.plan.kind,
		bell: 24 * 60,
		date: session.date,
		people,
		gathered: { lines: [found], extra: [], seen: () => 1 },
		hold: [line],
		without: [],
		together: 'free'
	});
	const made = sessionPlan(filled, firstPlan(filled.input), 24 * 60);
	return made.steps.length === 0 ? null : { line, steps: made.steps, entry: made.lines[line] };
}

/** What was left of a session that is over goes to tomorrow: turns that are due move, the others come by themselves. */
export async function carry(asker: Asker, session: string, form: FormData) {
	const household = asker.householdId;
	return useCase(household, form, async () => {
		const id = z.uuid().safeParse(form.get('id'));
		if (!id.success) return fail(400, { message: PRESS_SAYS.thisPageIsTooOld });
		const at = now();
		const moved = await transaction(async (db) => {
			const [stored, home] = [await loadSession(db, household, session), await loadHome(db, household)];
			if (!stored || !home || !isTheirs(asker, stored)) return null;
			const day = readDay(home, await loadProjection(db, household), stored.date);
			const outcomes = outcomesOf(stored.plan, readSession(stored.plan, stored.events, at));
			let count = 0;
			for (const found of occurrencesToMove(outcomes, day.lines, stored.date)) {
				const entry: LedgerEntry = {
					id: followingId(id.data, found.line.id),
					outcome: 'moved',
					date: stored.date,
					by: asker.viewer?.member ?? stored.member,
					job: found.line.job.id,
					part: found.line.part as DayPart | null,
					dueOn: stored.date,
					to: addDays(stored.date, 1)
				};
				const recorded = await recordEntries(db, household, [entry], stored.date, at);
				if (recorded.ok) count++;
			}
			return count;
		});
		if (moved === null) return fail(404, { message: PRESS_SAYS.thereIsNoSuchSession });
		return {
			message:
				moved === 0 ? PRESS_SAYS.nothingHadToMoveIt : PRESS_SAYS.tomorrowsNowTheRestComes(jobsAre(moved))
		};
	});
}

/** Writes what happened to a session. `jobDone` is "done" at the bell: the job in hand is, and the pail is set down. */
export async function event(asker: Asker, session: string, form: FormData) {
	const household = asker.householdId;
	return useCase(household, form, async () => {
		const read = eventForm.safeParse({ step: null, ...Object.fromEntries(form) });
		const detail = read.success ? detailOf(read.data) : null;
		if (!read.success || detail === null) return fail(400, { message: PRESS_SAYS.thisPressWasNotUnderstood });
		const { kind, step } = read.data;
		const id =
			read.data.id ??
			(read.data.seed ? followingId(read.data.seed, `${kind} ${step} ${JSON.stringify(detail)}`) : null);
		if (id === null) return fail(400, { message: PRESS_SAYS.thisPressCameWithoutIts });
		const at = now() - read.data.ago;
		const result = await transaction(async (db) => {
			const stored = await loadSession(db, household, session);
			if (stored && !isTheirs(asker, stored))
				return { ok: false as const, refusal: { code: 'session-unknown' as const, session } };
			const events: ({ id: string; kind: SessionEventKind; step: number | null } & EventDetail)[] = [];
			if (kind === 'jobDone') {
				const steps = stored ? readSession(stored.plan, stored.events, at).steps : [];
				const line = steps[step ?? -1]?.line;
				steps.forEach((s, i) => {
					if (s.line === line) events.push({ id: followingId(id, `step ${i}`), kind: 'stepDone', step: i });
				});
				events.push({ id, kind: 'setDown', step: null });
			} else if (kind === 'added') {
				const known = stored
					? readSession(stored.plan, stored.events, at).steps.some((s) => s.line === detail.line)
					: false;
				const added = stored && !known ? await addedSteps(db, household, stored, detail.line ?? '') : null;
				if (stored && !known && !added)
					return { ok: false as const, refusal: { code: 'cannot-add' as const } };
				events.push({ id, kind, step: null, line: detail.line, ...added });
			} else events.push({ id, kind, step, ...detail });
			for (const one of events) {
				const done = await addEvent(db, household, session, { ...one, at });
				if (!done.ok) return done;
			}
			return { ok: true as const };
		});
		if (result.ok) return { at };
		switch (result.refusal.code) {
			case 'session-unknown':
				return fail(404, { message: PRESS_SAYS.thereIsNoSuchSession });
			case 'already-running':
				return fail(409, { message: RUN_HEAD.otherRuns });
			case 'session-over':
				return fail(409, { message: PRESS_SAYS.thisSessionHasEndedAlready });
			case 'cannot-add':
				return fail(409, {
					message: PRESS_SAYS.thatJobIsNotIn
				});
			default:
				return fail(400, { message: PRESS_SAYS.thisSessionHasNoSuch });
		}
	});
}

/** Sessions that somebody may open: organisers all, everybody else those they are in. */
export const isTheirs = (asker: Asker, session: StoredSession) =>
	asker.viewer?.role === 'organiser' ||
	session.member === asker.viewer?.member ||
	session.plan.people.includes(asker.viewer?.member ?? '-');

/** A running session: what its page shows, and what is pressed on it. */
import { error, fail } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { addDays, isoOf } from '$core/calendar/civil';
import type { PreparedHome } from '$core/household/history';
import { mayDo } from '$core/people/whoCan';
import { readDay } from '$core/routine/readDay';
import type { LedgerEntry } from '$core/household/entry';
import type { DayPart } from '$core/household/fields';
import { turnsToMove } from '$core/session/carry';
import { errandDays } from '$core/session/clearing';
import { outcomesOf, readClock } from '$core/session/clock';
import { filling, sessionPlan } from '$core/session/fill';
import { isSessionsOwn, SESSION_EVENTS, type EventDetail, type SessionEventKind } from '$core/session/model';
import { firstPlan } from '$core/session/planner';
import { eventDetailSchema } from '$core/session/sessionSchema';
import { linesTaken } from '$core/session/taken';
import type { RunView } from '$ui/pail/view';
import { missWords } from '$ui/rhythmWords';
import { dayAhead, numberWord, WEEKDAYS } from '$ui/words';
import { now } from '../clock';
import { reading, transaction, type Db } from '../db/pool';
import { leftTheHouse } from '../store/clearingStore';
import { loadHome } from '../store/homeStore';
import { followingId, recordEntries } from '../store/record';
import { addEvent, loadSession, loadSessionsAround, type StoredSession } from '../store/sessionStore';
import { loadStanding } from '../store/standingStore';
import { acting } from './guard';
import { memberName, zoneMark } from './tags';
import type { Asker } from './who';

/** Sessions that somebody may open: organisers all, everybody else those they are in. */
const isTheirs = (asker: Asker, session: StoredSession) =>
	asker.viewer?.role === 'organiser' ||
	session.member === asker.viewer?.member ||
	session.plan.people.includes(asker.viewer?.member ?? '-');

/** Days of the year behind, for the tally of what left the house. */
const YEAR = 365 * 24 * 60 * 60_000;
/** Things that can still be put in: the most worth first. */
const SPARE = 12;

export async function loadRun(asker: Asker, id: string, as: string | null): Promise<RunView> {
	const household = asker.householdId;
	const at = now();
	const [session, home] = await reading((db) =>
		Promise.all([loadSession(db, household, id), loadHome(db, household)])
	);
	if (!session || !home || !isTheirs(asker, session))
		error(404, { message: 'There is no such pail here.', remedy: 'Fill one from Today.' });
	const { plan } = session;
	const rules = home.home.household;
	const catchUp = rules.rhythm.catchUpDays[0];
	const catchUpName = catchUp === undefined ? null : (WEEKDAYS[catchUp - 1] ?? null);
	const clock = readClock(plan, session.events, at);
	const lines = [...new Set(clock.steps.map((step) => step.line))];
	const viewer = asker.viewer?.member ?? asker.me;
	// A member's own phone follows its own lane; whoever looks after the house sees all of them.
	const own =
		as ??
		(asker.viewer?.role === 'organiser' && plan.people.length > 1 && plan.kind !== 'visitors'
			? 'all'
			: viewer);
	return {
		id,
		member: memberName(home, session.member),
		as: own !== null && plan.people.includes(own) ? own : null,
		names: Object.fromEntries([session.member, ...plan.people].map((one) => [one, memberName(home, one)])),
		plan,
		events: session.events,
		now: at,
		timeZone: rules.timeZone,
		clock: rules.clock,
		zones: Object.fromEntries(
			[...clock.steps.map((step) => step.room), plan.clearing?.room ?? ''].map((room) => [
				room,
				zoneMark(home, home.roomById.get(room)?.zone ?? null)
			])
		),
		rooms: home.home.rooms.map((room) => ({
			id: room.id,
			name: room.name,
			kind: room.kind,
			storey: room.storey,
			walkOrder: room.walkOrder,
			weave: zoneMark(home, room.zone)?.weave ?? null
		})),
		cautions: Object.fromEntries(
			clock.steps.map((step) => [step.job, home.jobById.get(step.job)?.cautions ?? []])
		),
		after: Object.fromEntries(
			lines.map((line) => {
				const job = home.lineById.get(line)?.job;
				const own = isSessionsOwn(line) ? 'is let lie' : 'is no job of this home any more';
				return [line, job ? `hangs until tonight; then ${missWords(job, catchUpName)}` : own];
			})
		),
		spare: clock.phase === 'over' ? [] : await spareOf(household, home, session),
		errands: errandDays(session.date, rules.rhythm.catchUpDays).map((day) => ({
			date: isoOf(day),
			words: dayAhead(day, session.date)
		})),
		leftHouse: plan.clearing ? await reading((db) => leftTheHouse(db, household, at - YEAR)) : null,
		formId: uuidv7()
	};
}

/** What is on and in nobody's session, that one of these people may do. */
async function spareOf(household: string, home: PreparedHome, session: StoredSession) {
	return reading(async (db) => {
		const standing = await loadStanding(db, household);
		const day = readDay(home, standing, session.date);
		const taken = await linesInSessions(db, household, session);
		const people = home.home.members.filter((one) => session.plan.people.includes(one.id));
		return day.lines
			.filter(
				(line) =>
					(line.state === 'due' || line.state === 'late' || line.state === 'open') &&
					!taken.has(line.line.id) &&
					people.some((one) => mayDo(line.line.job, one, session.date))
			)
			.sort((a, b) => b.worth - a.worth || (a.line.id < b.line.id ? -1 : 1))
			.slice(0, SPARE)
			.map((line) => ({ line: line.line.id, name: line.line.job.name, minutes: line.minutes }));
	});
}

async function linesInSessions(db: Db, household: string, session: StoredSession): Promise<Set<string>> {
	const open = (await loadSessionsAround(db, household, session.date)).filter(
		(one) => !one.isOver || one.id === session.id
	);
	return linesTaken(open.map((one) => readClock(one.plan, one.events, now())));
}

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
	const day = readDay(home, await loadStanding(db, household), session.date);
	const found = day.lines.find((one) => one.line.id === line);
	const people = home.home.members.filter(
		(one) => session.plan.people.includes(one.id) && found && mayDo(found.line.job, one, session.date)
	);
	if (!found || people.length === 0) return null;
	const filled = filling({
		home,
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
	return acting(form, async () => {
		const id = z.uuid().safeParse(form.get('id'));
		if (!id.success)
			return fail(400, { message: 'This page is too old to be sent. Reload it and try again.' });
		const at = now();
		const moved = await transaction(async (db) => {
			const [stored, home] = [await loadSession(db, household, session), await loadHome(db, household)];
			if (!stored || !home || !isTheirs(asker, stored)) return null;
			const day = readDay(home, await loadStanding(db, household), stored.date);
			const outcomes = outcomesOf(stored.plan, readClock(stored.plan, stored.events, at));
			let count = 0;
			for (const found of turnsToMove(outcomes, day.lines, stored.date)) {
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
		if (moved === null) return fail(404, { message: 'There is no such pail here. Fill one from Today.' });
		return {
			message:
				moved === 0
					? 'Nothing of it had to move: it hangs tomorrow by itself.'
					: `${moved === 1 ? 'One job is' : `${numberWord(moved)} jobs are`} tomorrow’s now. The rest hangs there by itself.`
		};
	});
}

/** Writes what happened to a session. `jobDone` is "done" at the bell: the job in hand is, and the pail is set down. */
export async function event(asker: Asker, session: string, form: FormData) {
	const household = asker.householdId;
	return acting(form, async () => {
		const read = eventForm.safeParse({ step: null, ...Object.fromEntries(form) });
		const detail = read.success ? detailOf(read.data) : null;
		if (!read.success || detail === null)
			return fail(400, { message: 'This press was not understood. Reload the page and try again.' });
		const { kind, step } = read.data;
		const id =
			read.data.id ??
			(read.data.seed ? followingId(read.data.seed, `${kind} ${step} ${JSON.stringify(detail)}`) : null);
		if (id === null)
			return fail(400, { message: 'This press came without its id. Reload the page and try again.' });
		const at = now() - read.data.ago;
		const result = await transaction(async (db) => {
			const stored = await loadSession(db, household, session);
			if (stored && !isTheirs(asker, stored))
				return { ok: false as const, refusal: { code: 'session-unknown' as const, session } };
			const events: ({ id: string; kind: SessionEventKind; step: number | null } & EventDetail)[] = [];
			if (kind === 'jobDone') {
				const steps = stored ? readClock(stored.plan, stored.events, at).steps : [];
				const line = steps[step ?? -1]?.line;
				steps.forEach((s, i) => {
					if (s.line === line) events.push({ id: followingId(id, `step ${i}`), kind: 'stepDone', step: i });
				});
				events.push({ id, kind: 'setDown', step: null });
			} else if (kind === 'added') {
				const known = stored
					? readClock(stored.plan, stored.events, at).steps.some((s) => s.line === detail.line)
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
				return fail(404, { message: 'There is no such pail here. Fill one from Today.' });
			case 'session-over':
				return fail(409, { message: 'This pail has been set down already.' });
			case 'cannot-add':
				return fail(409, {
					message: 'That job is not in this home any more, or is nobody’s here. Choose another.'
				});
			default:
				return fail(400, { message: 'This pail has no such step. Reload the page and try again.' });
		}
	});
}

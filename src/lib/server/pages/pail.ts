/** What the pages of a pail show, and what they ask for. */
import { error, fail, redirect } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { z } from 'zod';
import { isoOf } from '$core/calendar/civil';
import { householdTime, wallTime } from '$core/calendar/instant';
import type { PreparedHome } from '$core/household/history';
import type { Member } from '$core/household/home';
import { givenTo, ownLines, type GivenTurns } from '$core/people/ownList';
import { readDay, type Day, type DayLine } from '$core/routine/readDay';
import { fillPail, pailCandidates, type Pail } from '$core/session/fill';
import type { SessionEventKind } from '$core/session/clock';
import type { FillView, RunView } from '$ui/pail/view';
import { missWords } from '$ui/rhythmWords';
import { clockText, lowerNumber, minutesText } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { loadHome } from '../store/homeStore';
import { followingId } from '../store/record';
import {
	addEvent,
	loadSession,
	loadSessionsAround,
	startSession,
	type StoredSession
} from '../store/sessionStore';
import { loadStanding } from '../store/standingStore';
import { acting, typed } from './guard';
import { givenFor, notYours, tickRefusal, type Asker } from './who';
import { memberName, tagOf, zoneMark } from './tags';

/** Minutes asked for: more than none, at most ten hours; what cannot be read is refused with words. */
const minutesAsked = z.coerce
	.number('Minutes are a number, such as 10.')
	.min(1, 'A pail holds at least 1 minute.')
	.max(600, 'A pail holds at most 600 minutes; a longer day is several pails.');

interface Asked {
	readonly minutes: number;
	readonly member: Member;
	readonly zone: boolean;
	readonly line: string | null;
}

interface Setting {
	readonly home: PreparedHome;
	readonly day: Day;
	readonly at: number;
	readonly sessions: readonly StoredSession[];
	readonly given: GivenTurns;
}

async function setting(household: string): Promise<Setting> {
	const at = now();
	return reading(async (db) => {
		const home = await loadHome(db, household);
		if (!home) throw new RangeError(`no household ${household}`);
		const { date } = householdTime(at, home.home.household);
		const [standing, sessions, given] = await Promise.all([
			loadStanding(db, household),
			loadSessionsAround(db, household, date),
			givenFor(db, household, date)
		]);
		return { home, day: readDay(home, standing, date), at, sessions, given };
	});
}

/** For whom a pail may be filled: organisers fill anybody's, everybody else their own. */
function memberOf(home: PreparedHome, asker: Asker, asked: string | null): Member {
	const id = asker.viewer?.role === 'organiser' ? (asked ?? asker.me) : (asker.viewer?.member ?? null);
	const found = home.home.members.find((m) => m.id === id && m.role !== 'device');
	return found ?? (home.home.members.find((m) => m.role === 'organiser') as Member);
}

/** The lines a pail may take: not in somebody's running pail, and of the sitting alone where that is asked for. */
function candidates({ day, sessions, given }: Setting, asked: Asked): DayLine[] {
	const taken = new Set(
		sessions
			.filter((session) => !session.isOver && session.date === day.date)
			.flatMap((session) => session.plan.steps.map((step) => step.line))
	);
	if (asked.line !== null) return day.lines.filter((line) => line.line.id === asked.line);
	// Children and helpers take what is on their list; grown-ups what they may and nobody was given.
	const { role, id } = asked.member;
	const own = role === 'child' || role === 'helper';
	const mine = own
		? ownLines(day.lines, id, day.date, given)
		: day.lines.filter((line) => (givenTo(line, day.date, given) ?? id) === id);
	return pailCandidates(mine, asked.member, day.date).filter(
		(line) => !taken.has(line.line.id) && (!asked.zone || line.offered)
	);
}

function fill(facts: Setting, asked: Asked): { pail: Pail; lines: DayLine[] } {
	const lines = candidates(facts, asked);
	return { pail: fillPail(facts.home, lines, asked.member, asked.minutes), lines };
}

function whyOf(pail: Pail, lines: readonly DayLine[]): string {
	if (pail.steps.length === 0) return 'Nothing on the line is for this pail.';
	if (pail.cut) return 'Nothing fits whole. This is a start; the bell stops you.';
	const chosen = lines.filter((line) => pail.lines.includes(line.line.id));
	const late = chosen.filter((line) => line.state === 'late').length;
	const rooms = new Set(pail.steps.map((step) => step.roomName));
	const where = rooms.size === 1 ? `all in the ${[...rooms][0]}` : `in ${lowerNumber(rooms.size)} rooms`;
	const waits = pail.steps.filter((step) => step.wait && !step.last).length;
	return [
		`Most worth for the minutes, ${where}.`,
		late > 0 ? `${late === 1 ? 'One of them is' : `${late} of them are`} late.` : '',
		waits > 0 ? `${waits === 1 ? 'A soak works' : 'Soaks work'} while you do the next.` : ''
	]
		.filter(Boolean)
		.join(' ');
}

export async function loadFill(
	asker: Asker,
	query: { minutes: string | null; member: string | null; zone: boolean }
): Promise<FillView> {
	const facts = await setting(asker.householdId);
	const { home, day, at, sessions } = facts;
	const rules = home.home.household;
	const read = minutesAsked.safeParse(query.minutes ?? 10);
	if (!read.success)
		error(400, {
			message: read.error.issues[0]?.message ?? '',
			remedy: 'Go back and choose how many minutes you have.'
		});
	const member = memberOf(home, asker, query.member);
	const asked: Asked = { minutes: read.data, member, zone: query.zone, line: null };
	const { pail, lines } = fill(facts, asked);
	const time = (minutes: number) => clockText(wallTime(at + minutes * 60_000, rules.timeZone), rules.clock);
	const byLine = new Map(lines.map((line) => [line.line.id, line]));
	const tags = (ids: readonly string[]) =>
		ids.flatMap((id) => {
			const line = byLine.get(id);
			return line ? [tagOf(home, line, day.date, facts.given)] : [];
		});
	return {
		me: memberOf(home, asker, null).id,
		members: home.home.members
			.filter((m) => m.role !== 'device' && (asker.viewer?.role === 'organiser' || m.id === member.id))
			.map((m) => ({ id: m.id, name: m.name })),
		member: member.id,
		memberName: member.name,
		minutes: asked.minutes,
		from: time(0),
		until: time(asked.minutes),
		zone: query.zone && day.zone ? zoneMark(home, day.zone.zone) : null,
		why: whyOf(pail, lines),
		planned: pail.minutes,
		cut: pail.cut,
		rows: pail.steps.map((step) => ({
			text: step.text,
			job: step.jobName,
			room: step.roomName,
			at: time(step.start),
			start: step.start,
			minutes: step.minutes,
			wait: step.wait
				? `${step.wait.label}, fetch at ${time(step.start + step.minutes + step.wait.min)}`
				: null,
			weave: zoneMark(home, home.roomById.get(step.room)?.zone ?? null)?.weave ?? null
		})),
		jobs: tags(pail.lines),
		left: tags(pail.left)
			.filter((tag) => tag.state !== 'open')
			.map((tag) => ({
				tag,
				why:
					tag.minutes > asked.minutes
						? `${minutesText(tag.minutes)} min, longer than the pail`
						: 'would end after the bell'
			})),
		running: sessions.find((s) => !s.isOver && s.member === member.id)?.id ?? null,
		formId: uuidv7()
	};
}

const startForm = z.object({
	id: z.uuid('Reload the page and try again.'),
	minutes: z.string().optional(),
	member: z.string().max(60),
	line: z.string().max(80).optional(),
	zone: z.string().optional()
});

/** Starts a pail: filled again on the server from what is on now. */
export async function start(asker: Asker, form: FormData) {
	const household = asker.householdId;
	const started = await acting(form, async () => {
		const read = startForm.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, {
				message: 'This form was not understood. Reload the page and try again.',
				values: typed(form)
			});
		const facts = await setting(household);
		const member = facts.home.home.members.find((m) => m.id === read.data.member);
		if (!member)
			return fail(400, {
				message: 'That person does not live here. Choose somebody of this home.',
				values: typed(form)
			});
		if (memberOf(facts.home, asker, member.id).id !== member.id)
			return fail(403, { message: 'Each fills a pail of their own here.', values: typed(form) });
		const line = read.data.line ?? null;
		const own = facts.day.lines.find((l) => l.line.id === line);
		if (line !== null && !own)
			return fail(410, {
				message: 'That job is not in this home any more. Choose another.',
				values: typed(form)
			});
		if (own && asker.viewer?.role !== 'organiser') {
			const refusal = await reading((db) =>
				tickRefusal(
					db,
					asker,
					facts.home,
					{
						job: own.line.job.id,
						line: own.line.id,
						by: member.id,
						date: isoOf(facts.day.date)
					},
					facts.day.date
				)
			);
			if (refusal !== null) return notYours(form, refusal);
		}
		const minutes = minutesAsked.safeParse(read.data.minutes ?? Math.ceil(own?.minutes ?? 10));
		if (!minutes.success)
			return fail(400, {
				message: minutes.error.issues[0]?.message ?? '',
				field: 'minutes',
				values: typed(form)
			});
		const { pail } = fill(facts, { minutes: minutes.data, member, zone: read.data.zone === '1', line });
		if (pail.steps.length === 0) {
			const known = await reading((db) => loadSession(db, household, read.data.id));
			if (known) return { session: read.data.id };
			return fail(409, {
				message: 'There is nothing on the line for this pail just now. Choose somebody else, or rest.',
				values: typed(form)
			});
		}
		const result = await transaction((db) =>
			startSession(
				db,
				household,
				{
					id: read.data.id,
					member: member.id,
					date: facts.day.date,
					plan: { bellMinutes: minutes.data, steps: pail.steps }
				},
				now()
			)
		);
		if (result.ok) return { session: read.data.id };
		if (result.refusal.code === 'already-running') {
			return fail(409, {
				message: `${member.name} has a pail running already. Finish it, or set it down first.`,
				running: result.refusal.session,
				values: typed(form)
			});
		}
		throw new Error(result.refusal.code);
	});
	if ('session' in started) redirect(303, `/pail/${started.session}`);
	return started;
}

/** Pails that somebody may open: organisers all, everybody else their own. */
const isTheirs = (asker: Asker, session: StoredSession) =>
	asker.viewer?.role === 'organiser' || session.member === asker.viewer?.member;

export async function loadRun(asker: Asker, id: string): Promise<RunView> {
	const household = asker.householdId;
	const [session, home] = await reading((db) =>
		Promise.all([loadSession(db, household, id), loadHome(db, household)])
	);
	if (!session || !home || !isTheirs(asker, session))
		error(404, { message: 'There is no such pail here.', remedy: 'Fill one from Today.' });
	const rules = home.home.household;
	const catchUp = rules.rhythm.catchUpDays[0];
	const catchUpName =
		catchUp === undefined
			? null
			: (['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'][catchUp - 1] ?? null);
	const lines = [...new Set(session.plan.steps.map((step) => step.line))];
	return {
		id,
		member: memberName(home, session.member),
		plan: session.plan,
		events: session.events,
		now: now(),
		timeZone: rules.timeZone,
		clock: rules.clock,
		zones: Object.fromEntries(
			session.plan.steps.map((step) => [
				step.room,
				zoneMark(home, home.roomById.get(step.room)?.zone ?? null)
			])
		),
		cautions: Object.fromEntries(
			session.plan.steps.map((step) => [step.job, home.jobById.get(step.job)?.cautions ?? []])
		),
		after: Object.fromEntries(
			lines.map((line) => {
				const job = home.lineById.get(line)?.job;
				return [
					line,
					job ? `hangs until tonight; then ${missWords(job, catchUpName)}` : 'is no job of this home any more'
				];
			})
		),
		formId: uuidv7()
	};
}

/** How long a press may have waited on a device and still keep its own instant. */
const LONGEST_AWAY = 12 * 60 * 60_000;

const eventForm = z.object({
	id: z.uuid().optional(),
	seed: z.uuid().optional(),
	kind: z.enum(['paused', 'resumed', 'stepDone', 'stepUndone', 'fiveMore', 'fetched', 'setDown', 'jobDone']),
	step: z.coerce.number().int().min(0).max(10_000).nullable().catch(null),
	/** Milliseconds since the press, by the device: a press without a connection counts from when it was made. */
	ago: z.coerce.number().min(0).max(LONGEST_AWAY).catch(0)
});

/** Writes what happened to a session. `jobDone` is "done" at the bell: the job in hand is, and the pail is set down. */
export async function event(asker: Asker, session: string, form: FormData) {
	const household = asker.householdId;
	return acting(form, async () => {
		const read = eventForm.safeParse({ step: null, ...Object.fromEntries(form) });
		if (!read.success)
			return fail(400, { message: 'This press was not understood. Reload the page and try again.' });
		const { kind, step } = read.data;
		const id = read.data.id ?? (read.data.seed ? followingId(read.data.seed, `${kind} ${step}`) : null);
		if (id === null)
			return fail(400, { message: 'This press came without its id. Reload the page and try again.' });
		const at = now() - read.data.ago;
		const result = await transaction(async (db) => {
			const mine = await loadSession(db, household, session);
			if (mine && !isTheirs(asker, mine))
				return { ok: false as const, refusal: { code: 'session-unknown' as const, session } };
			const events: { id: string; kind: SessionEventKind; step: number | null }[] = [];
			if (kind === 'jobDone') {
				const stored = await loadSession(db, household, session);
				const line = stored?.plan.steps[step ?? -1]?.line;
				stored?.plan.steps.forEach((s, i) => {
					if (s.line === line) events.push({ id: followingId(id, `step ${i}`), kind: 'stepDone', step: i });
				});
				events.push({ id, kind: 'setDown', step: null });
			} else events.push({ id, kind, step });
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
			default:
				return fail(400, { message: 'This pail has no such step. Reload the page and try again.' });
		}
	});
}

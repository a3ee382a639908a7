/** A running session: what its page shows, and what is pressed on it. */
import { RUNNING_SAYS } from '$words/answers/session';
import { isoOf } from '$core/calendar/civil';
import { errandDays } from '$core/clearing/clearing';
import { extentOf } from '$core/people/permissions';
import { mayDo } from '$core/people/whoCan';
import type { Job } from '$core/household/home';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { readDay } from '$core/schedule/readDay';
import { DEPTHS, type Depth } from '$core/household/fields';
import { isSessionsOwn, type PailStep } from '$core/session/sessionPlan';
import { readSession } from '$core/session/sessionState';
import { linesTaken } from '$core/session/taken';
import type { RunView } from '$views/session';
import { dayAhead, WEEKDAYS } from '$words/general';
import { memberName, toolNames } from '$words/names';
import { missWords } from '$words/recurrence';
import { error } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading, type Db } from '../../db/pool';
import { leftTheHouse } from '../../repo/clearingRepo';
import { loadHome } from '../../repo/homeRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { loadSession, loadSessionsAround, type StoredSession } from '../../repo/sessionRepo';
import type { Asker } from '../../services/ledger/whoMay';
import { asItIs } from '../../services/session/addEvent';
import { isTheirs } from '../../services/session/press';
import { stepCautions, usePerson, washNames } from '../supplies/cautionLines';
import { zoneMark } from '../today/jobRows';
import { loadNotes, notesAt } from '../today/notes';

/** Days of the year behind, for the tally of what left the house. */
const YEAR = 365 * 24 * 60 * 60_000;
/** Things that can still be put in: the most worth first. */
const SPARE = 12;

export async function loadRun(asker: Asker, id: string, as: string | null): Promise<RunView> {
	const household = asker.householdId;
	const at = now();
	const [stored, home] = await reading((db) =>
		Promise.all([loadSession(db, household, id), loadHome(db, household)])
	);
	if (!stored || !home || !isTheirs(asker, stored))
		error(404, { message: RUNNING_SAYS.thereIsNoSuchSession, remedy: RUNNING_SAYS.startOneFromToday });
	// One that was left open counts as over since its day ended, also before the house has closed it.
	const session = asItIs(stored, home, at);
	const { plan } = session;
	const rules = home.home.household;
	const catchUp = rules.rhythm.catchUpDays[0];
	const catchUpName = catchUp === undefined ? null : (WEEKDAYS[catchUp - 1] ?? null);
	const clock = readSession(plan, session.events, at);
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
		rooms: home.rooms.map((room) => ({
			id: room.id,
			name: room.name,
			kind: room.kind,
			storey: room.storey,
			walkOrder: room.walkOrder,
			weave: zoneMark(home, room.zone)?.weave ?? null
		})),
		cautions: clock.steps.map((step) => cautionsOfStep(home, session, step)),
		tools: clock.steps.map((step) => toolsOfStep(home, session, step)),
		notes: await notesOf(household, home, session, lines),
		after: Object.fromEntries(
			lines.map((line) => {
				const job = home.seriesById.get(line)?.job;
				const own = isSessionsOwn(line) ? RUNNING_SAYS.isLeftOut : RUNNING_SAYS.isNoJobAnyMore;
				return [line, job ? RUNNING_SAYS.staysOnTodaysList(missWords(job, catchUpName)) : own];
			})
		),
		spare: clock.phase === 'over' ? [] : await spareOf(household, home, session),
		errands: errandDays(session.date, rules.rhythm.catchUpDays, rules.rhythm.errandDays).map((day) => ({
			date: isoOf(day),
			words: dayAhead(day, session.date)
		})),
		mayCall: asker.viewer?.role === 'child' || asker.viewer?.role === 'helper',
		toWash: washNames(
			home,
			[...new Set(clock.steps.map((step) => step.job))].flatMap((job) => home.jobById.get(job) ?? [])
		),
		mayWash: asker.viewer !== undefined && extentOf(asker.viewer?.role ?? 'child', 'plan-day') !== null,
		leftHouse: plan.clearing ? await reading((db) => leftTheHouse(db, household, at - YEAR)) : null,
		formId: uuidv7()
	};
}

/** What was written to whoever does the lines of a session. */
async function notesOf(
	household: string,
	home: PreparedHome,
	session: StoredSession,
	lines: readonly string[]
) {
	return reading(async (db) => {
		const notes = await loadNotes(db, household, session.date);
		const once = new Map<string, readonly string[]>();
		if (lines.some((line) => notes.has(line))) {
			const projection = await loadProjection(db, household);
			for (const line of readDay(home, projection, session.date).lines)
				once.set(line.line.id, notesAt(notes, line, projection, session.date));
		}
		return Object.fromEntries(
			lines.flatMap((line) => {
				const always = home.seriesById.get(line)?.job.note;
				const all = [...(always ? [always] : []), ...(once.get(line) ?? [])];
				return all.length > 0 ? [[line, all] as const] : [];
			})
		);
	});
}

/** The depth that a step was planned with. */
function depthOfStep(job: Job, session: StoredSession, step: PailStep): Depth {
	const said = session.plan.lines?.[step.line]?.depth;
	const isIts = (depth: Depth) => job.depths[depth]?.steps[step.step]?.text === step.text;
	return said ?? DEPTHS.find(isIts) ?? 'usual';
}

/** What a step is done with, by name; nothing for a step that the job has no more. */
function toolsOfStep(home: PreparedHome, session: StoredSession, step: PailStep): string[] {
	const job = home.jobById.get(step.job);
	const found = job?.depths[depthOfStep(job, session, step)]?.steps[step.step];
	return found?.text === step.text ? toolNames(home, found) : [];
}

/** What to mind in a step, for whoever has it: at the depth that the session was planned with. */
function cautionsOfStep(home: PreparedHome, session: StoredSession, step: PailStep) {
	const job = home.jobById.get(step.job);
	if (!job) return [];
	const depth = depthOfStep(job, session, step);
	const member = home.members.find((one) => one.id === step.who);
	return stepCautions(home, job, depth, step.step, member ? usePerson(member, session.date) : null);
}

/** What is on and in nobody's session, that one of these people may do. */
async function spareOf(household: string, home: PreparedHome, session: StoredSession) {
	return reading(async (db) => {
		const projection = await loadProjection(db, household);
		const day = readDay(home, projection, session.date);
		const taken = await linesInSessions(db, household, session);
		const people = home.members.filter((one) => session.plan.people.includes(one.id));
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
	return linesTaken(open.map((one) => readSession(one.plan, one.events, now())));
}

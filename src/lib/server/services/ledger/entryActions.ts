/** What forms ask to be written down: read through a schema, recorded in one transaction, answered in words. */
import { ENTRY_ACTIONS_SAYS } from '$words/answers/ledger';
import { type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { isWork, readEntry, seriesId, type LedgerEntry } from '$core/household/entry';
import { describeProblems, type Problem } from '$core/household/problems';
import { mayUndo } from '$core/people/permissions';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { unseenTick } from '$core/schedule/unseenTick';
import { memberName } from '$words/names';
import { refusalText } from '$words/refusals';
import { NOTE } from '$words/today';
import { fail, type ActionFailure } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { type Db } from '../../db/pool';
import { followingId } from '../../ids';
import { log } from '../../log';
import { loadHome } from '../../repo/homeRepo';
import { entriesOfLine, findEntry, knownIds } from '../../repo/ledgerRepo';
import { byFields } from '../fieldForms';
import { typed, type Notice } from '../guard';
import { useCase } from '../useCase';
import { pauseForm, writeInForm } from './entryForms';
import { recordEntries } from './recordEntries';
import { notYours, planRefusal, tickRefusal, type Asker } from './whoMay';

export interface Written {
	readonly message: string;
	/** The entry that can be undone from here. */
	readonly undo: string | null;
}

type Answer = Written | ActionFailure<Notice>;

const text = z.string().max(200);

/** Fields of a form are text; a field that is left empty says nothing. */
const fields = z.object({
	id: z.uuid().optional(),
	/** Made by the server for the page; the id follows from it where no script made one. */
	seed: z.uuid().optional(),
	line: text.optional(),
	date: text.optional(),
	dueOn: text.optional(),
	outcome: text.optional(),
	by: text.optional(),
	minutes: text.optional(),
	found: text.optional(),

	depth: text.optional(),
	/** The last tick of the line on that day which the page showed; empty for none. */
	seen: text.optional(),
	share: text.optional(),
	of: text.optional(),
	to: text.optional(),
	zone: text.optional(),
	clutter: text.optional(),
	scope: text.optional(),
	target: text.optional(),
	from: text.optional(),
	reason: text.optional(),
	/** Longer ones are refused in words, by the schema of the entry. */
	note: z.string().max(2000).optional()
});

type Fields = z.infer<typeof fields>;

/** `12`, `12.5` and `12,5` are numbers of minutes; other words go on as they are, for the schema to refuse. */
function numberOf(value: string | undefined): unknown {
	if (value === undefined || value.trim() === '') return null;
	const number = Number(value.trim().replace(',', '.'));
	return Number.isNaN(number) ? value : number;
}

const orNull = (value: string | undefined) => (value === undefined || value === '' ? null : value);

function idOf(form: Fields, name: string): string | undefined {
	return form.id ?? (form.seed ? followingId(form.seed, name) : undefined);
}

function lineOf(form: Fields): { job: string; part: string | null } {
	const [job, part] = (form.line ?? '').split('/');
	return { job: job ?? '', part: part ?? null };
}

/** The home, and its date of today. */
async function today(db: Db, household: string): Promise<{ home: PreparedHome; day: CivilDay; at: number }> {
	const home = await loadHome(db, household);
	if (!home) throw new RangeError(`no household ${household}`);
	const at = now();
	return { home, day: householdTime(at, home.home.household).date, at };
}

function isoDate(day: number): string {
	return new Date(day * 86_400_000).toISOString().slice(0, 10);
}

const fieldOf = (problem: Problem) => problem.at.split('.')[0] ?? '';

function refuse(form: FormData, problems: readonly Problem[]): ActionFailure<Notice> {
	const [first] = problems;
	return fail(400, {
		message: first
			? ['minutes', 'date', 'text'].includes(first.at)
				? first.says
				: describeProblems([first])
			: ENTRY_ACTIONS_SAYS.thatCannotBeWrittenDown,
		field: first ? fieldOf(first) : '',
		values: typed(form)
	});
}

/** Why somebody may not write an entry; null where they may. */
type Judge = (
	db: Db,
	home: PreparedHome,
	entry: LedgerEntry,
	today: CivilDay
) => Promise<string | null> | string | null;

/** What is answered without writing; null where it is to be written. */
type Before = (db: Db, home: PreparedHome, entry: LedgerEntry, form: Fields) => Promise<Written | null>;

/** Reads the fields and an entry made of them, asks whether it may be, then records it. */
async function write(
	asker: Asker,
	form: FormData,
	make: (form: Fields, date: string) => Record<string, unknown>,
	judge: Judge,
	message: (home: PreparedHome, entry: LedgerEntry) => string,
	before?: Before
): Promise<Answer> {
	const household = asker.householdId;
	return useCase(household, form, async (db): Promise<Answer> => {
		const read = fields.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, {
				message: ENTRY_ACTIONS_SAYS.thisFormWasNotUnderstood,
				values: typed(form)
			});
		const { home, day, at } = await today(db, household);
		const made = readEntry(make(read.data, read.data.date ?? isoDate(day)));
		if (!made.ok) return refuse(form, made.problems);
		const entry = made.value;
		// Sent again because its answer was lost: it is written, and nobody asks again whether it may be.
		const known = await knownIds(db, household, [entry.id]);
		if (!known.has(entry.id)) {
			const refusal = await judge(db, home, entry, day);
			if (refusal !== null) {
				log.warn({ outcome: entry.outcome, role: asker.viewer?.role ?? 'nobody' }, 'refused: not theirs');
				return notYours(form, refusal);
			}
			const answered = (await before?.(db, home, entry, read.data)) ?? null;
			if (answered) return answered;
		}
		const recorded = await recordEntries(db, household, [entry], day, at);
		if (!recorded.ok)
			return fail(recorded.refusal.code === 'job-gone' ? 410 : 400, {
				message: refusalText(recorded.refusal),
				values: typed(form)
			});
		return { message: message(home, entry), undo: entry.id };
	});
}

/** In whose name: as the form says, else whoever sends it. A device names whoever was tapped. */
const byOf = (asker: Asker, form: Fields) =>
	form.by === undefined ? (asker.viewer?.member ?? null) : orNull(form.by);

const tickJudge =
	(asker: Asker): Judge =>
	(db, home, entry, today) =>
		'job' in entry
			? tickRefusal(
					db,
					asker,
					home,
					{
						job: entry.job,
						line: seriesId(entry.job, entry.part),
						by: entry.by,
						date: isoDate(entry.date)
					},
					today
				)
			: null;

const planJudge =
	(asker: Asker): Judge =>
	(_db, home, entry) =>
		'job' in entry ? planRefusal(asker, home, entry.job) : null;

/** What is undone in the end, however often it was undone and brought back. */
const undoJudge =
	(asker: Asker): Judge =>
	async (db, home, entry) => {
		if (entry.outcome !== 'undo' || !asker.viewer) return null;
		let target = await findEntry(db, asker.householdId, entry.of);
		while (target?.entry.outcome === 'undo') target = await findEntry(db, asker.householdId, target.entry.of);
		return !target || mayUndo(home.home, asker.viewer, target.entry) ? null : UNDO_REFUSED;
	};

const UNDO_REFUSED = ENTRY_ACTIONS_SAYS.somebodyElseWroteThatAsk;

/** Whoever ticks what somebody else has just ticked, without having seen it, means the same work. */
const onceATick =
	(asker: Asker): Before =>
	async (db, home, entry, form) => {
		if (!isWork(entry)) return null;
		const stored = await entriesOfLine(db, asker.householdId, entry.job, entry.part);
		const other = unseenTick(stored, entry.date, form.seen ?? null, now());
		return other
			? {
					message: ENTRY_ACTIONS_SAYS.hasTickedItAlready(memberName(home, other.by) || 'Somebody'),
					undo: null
				}
			: null;
	};

/** An adult lays a cloth over their own days; over anything else the organiser does. */
const pauseJudge =
	(asker: Asker): Judge =>
	(_db, _home, entry) =>
		asker.viewer?.role === 'organiser' ||
		(entry.outcome === 'pause' && entry.scope === 'member' && entry.target === asker.viewer?.member)
			? null
			: ENTRY_ACTIONS_SAYS.youCanPauseYourOwn;

const DONE_WORDS: Record<string, string> = {
	done: 'Done',
	looked: ENTRY_ACTIONS_SAYS.stillClean,
	part: ENTRY_ACTIONS_SAYS.startedNotFinished,
	letgo: ENTRY_ACTIONS_SAYS.skippedUntilNextTime
};

function nameOf(home: PreparedHome, entry: LedgerEntry): string {
	return 'job' in entry ? (home.everyJob.get(entry.job)?.name ?? entry.job) : '';
}

/** done, looked, part or let go. */
export function tick(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.line} ${f.outcome}`),
			outcome: f.outcome,
			date,
			by: byOf(asker, f),
			...lineOf(f),
			minutes: numberOf(f.minutes),
			found: orNull(f.found),
			...(f.outcome === 'part' ? { share: numberOf(f.share) ?? 0.5 } : {})
		}),
		tickJudge(asker),
		(home, entry) => `${DONE_WORDS[entry.outcome]}: ${nameOf(home, entry)}.`,
		onceATick(asker)
	);
}

/** Skips a coming turn ahead of its date. */
export function skip(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.line} skip`),
			outcome: 'skipped',
			date,
			by: byOf(asker, f),
			...lineOf(f),
			dueOn: f.dueOn
		}),
		planJudge(asker),
		(home, entry) => ENTRY_ACTIONS_SAYS.skippedUntilNextTimeIt(nameOf(home, entry))
	);
}

/** Everything but the basics off the day, each by its own miss rule. */
export function enough(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({ id: idOf(f, 'enough'), outcome: 'enough', date, by: byOf(asker, f) }),
		() => null,
		() => ENTRY_ACTIONS_SAYS.movedTheRestTheDaily
	);
}

const DAY_SAID: Record<string, string> = {
	quick: ENTRY_ACTIONS_SAYS.aLightDayJobsTake,
	usual: ENTRY_ACTIONS_SAYS.aUsualDayAgain,
	deep: ENTRY_ACTIONS_SAYS.aDeepDayJobsAre
};

/** Declares today light, deep, or usual again. */
export function dayDepth(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `day ${f.depth}`),
			outcome: 'dayDepth',
			date,
			by: byOf(asker, f),
			depth: f.depth
		}),
		() => null,
		(_home, entry) => (entry.outcome === 'dayDepth' ? (DAY_SAID[entry.depth] ?? '') : '')
	);
}

/** Takes an entry back by another entry. */
export function undo(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({ id: idOf(f, `undo ${f.of}`), outcome: 'undo', date, by: byOf(asker, f), of: f.of }),
		undoJudge(asker),
		() => 'Undone.'
	);
}

/** Moves a turn to another day: this turn only. */
export function move(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.line} move`),
			outcome: 'moved',
			date,
			by: byOf(asker, f),
			...lineOf(f),
			dueOn: f.dueOn,
			to: f.to
		}),
		planJudge(asker),
		(home, entry) => ENTRY_ACTIONS_SAYS.moved(nameOf(home, entry))
	);
}

/** Writes to whoever does one time of a job; an empty note takes away what was written. */
export function note(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => {
			const { job: chore, part } = lineOf(f);
			return {
				id: idOf(f, `${f.line} note`),
				outcome: 'note',
				date,
				by: byOf(asker, f),
				chore,
				part,
				dueOn: orNull(f.dueOn),
				text: f.note ?? ''
			};
		},
		(_db, home, entry) => (entry.outcome === 'note' ? planRefusal(asker, home, entry.chore) : null),
		(_home, entry) => (entry.outcome === 'note' && entry.text === '' ? NOTE.takenAway : NOTE.saved)
	);
}

/** Puts a job on a day without any turn, or calls one that comes only when called. */
export function extra(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.line} extra`),
			outcome: 'extra',
			date,
			by: byOf(asker, f),
			...lineOf(f)
		}),
		planJudge(asker),
		(home, entry) => ENTRY_ACTIONS_SAYS.addedForThatDay(nameOf(home, entry))
	);
}

export function call(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.line} call`),
			outcome: 'called',
			date,
			by: byOf(asker, f),
			...lineOf(f)
		}),
		planJudge(asker),
		(home, entry) => ENTRY_ACTIONS_SAYS.called(nameOf(home, entry))
	);
}

/** A zone's clutter, as the organiser judges it. */
export function judge(asker: Asker, form: FormData): Promise<Answer> {
	return write(
		asker,
		form,
		(f, date) => ({
			id: idOf(f, `${f.zone} clutter`),
			outcome: 'judgement',
			date,
			by: byOf(asker, f),
			zone: f.zone,
			clutter: f.clutter
		}),
		() => null,
		() => ENTRY_ACTIONS_SAYS.keptAZoneThatIs
	);
}

const PAUSE_SAID: Record<string, string> = {
	household: ENTRY_ACTIONS_SAYS.theHome,
	member: ENTRY_ACTIONS_SAYS.thatPerson,
	room: ENTRY_ACTIONS_SAYS.theRoom,
	layer: ENTRY_ACTIONS_SAYS.theLayer,
	job: ENTRY_ACTIONS_SAYS.theJob
};

/** A pause for the home, a member, a room, a layer or one job. */
export function pause(asker: Asker, form: FormData) {
	return byFields(pauseForm, form, () =>
		write(
			asker,
			form,
			(f, date) => ({
				id: idOf(f, `pause ${f.scope} ${f.target}`),
				outcome: 'pause',
				date,
				by: byOf(asker, f),
				scope: f.scope,
				target: f.scope === 'household' ? null : orNull(f.target),
				from: f.from,
				to: f.to === undefined || f.to === '' ? f.from : f.to,
				reason: f.reason,
				note: f.note ?? ''
			}),
			pauseJudge(asker),
			(_, entry) =>
				ENTRY_ACTIONS_SAYS.isPausedWhatFallsDue(
					entry.outcome === 'pause' ? (PAUSE_SAID[entry.scope] ?? 'It') : 'It'
				)
		)
	);
}

/** What was done on a day and not ticked then. */
export const writeIn = (asker: Asker, form: FormData) => byFields(writeInForm, form, () => tick(asker, form));

/** What forms ask to be written down, an act each. */
import { ENTRY_ACTIONS_SAYS } from '$words/answers/ledger';
import { isoOf } from '$core/calendar/civil';
import { isWork, seriesId, type LedgerEntry } from '$core/household/entry';
import { mayUndo } from '$core/people/permissions';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { unseenTick } from '$core/schedule/unseenTick';
import { memberName } from '$words/names';
import { NOTE } from '$words/today';
import { now } from '../../clock';
import { entriesOfLine, findEntry } from '../../repo/ledgerRepo';
import { byFields } from '../fieldForms';
import { pauseForm, writeInForm } from './entryForms';
import { planRefusal, tickRefusal, type Asker } from './whoMay';
import {
	byOf,
	idOf,
	lineOf,
	numberOf,
	orNull,
	writeEntry,
	type Answer,
	type Before,
	type Judge
} from './writeEntry';

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
						date: isoOf(entry.date)
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
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
		asker,
		form,
		(f, date) => ({ id: idOf(f, `undo ${f.of}`), outcome: 'undo', date, by: byOf(asker, f), of: f.of }),
		undoJudge(asker),
		() => 'Undone.'
	);
}

/** Moves a turn to another day: this turn only. */
export function move(asker: Asker, form: FormData): Promise<Answer> {
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
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
	return writeEntry(
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
	return byFields(pauseForm, form, (said) =>
		writeEntry(
			asker,
			form,
			(f, date) => ({
				id: idOf(f, `pause ${said.scope} ${said.target}`),
				outcome: 'pause',
				date,
				by: byOf(asker, f),
				scope: said.scope,
				target: said.scope === 'household' ? null : said.target,
				from: said.from,
				to: said.to || said.from,
				reason: said.reason,
				note: said.note
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

/** An entry that a form asks for: read through a schema, judged, recorded in one transaction, answered in words. */
import { ENTRY_ACTIONS_SAYS } from '$words/answers/ledger';
import { isoOf, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { readEntry, type LedgerEntry } from '$core/household/entry';
import { describeProblems, type Problem } from '$core/household/problems';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { refusalText } from '$words/refusals';
import { fail, type ActionFailure } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { type Db } from '../../db/pool';
import { followingId } from '../../ids';
import { log } from '../../log';
import { loadHome } from '../../repo/homeRepo';
import { knownIds } from '../../repo/ledgerRepo';
import { typed, type Notice } from '../guard';
import { useCase } from '../useCase';
import { recordEntries } from './recordEntries';
import { notYours, type Asker } from './whoMay';

export interface Written {
	readonly message: string;
	/** The entry that can be undone from here. */
	readonly undo: string | null;
}

export type Answer = Written | ActionFailure<Notice>;

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
export function numberOf(value: string | undefined): unknown {
	if (value === undefined || value.trim() === '') return null;
	const number = Number(value.trim().replace(',', '.'));
	return Number.isNaN(number) ? value : number;
}

export const orNull = (value: string | undefined) => (value === undefined || value === '' ? null : value);

export function idOf(form: Fields, name: string): string | undefined {
	return form.id ?? (form.seed ? followingId(form.seed, name) : undefined);
}

export function lineOf(form: Fields): { job: string; part: string | null } {
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
export type Judge = (
	db: Db,
	home: PreparedHome,
	entry: LedgerEntry,
	today: CivilDay
) => Promise<string | null> | string | null;

/** What is answered without writing; null where it is to be written. */
export type Before = (
	db: Db,
	home: PreparedHome,
	entry: LedgerEntry,
	form: Fields
) => Promise<Written | null>;

/** Reads the fields and an entry made of them, asks whether it may be, then records it. */
export async function writeEntry(
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
		const made = readEntry(make(read.data, read.data.date ?? isoOf(day)));
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
export const byOf = (asker: Asker, form: Fields) =>
	form.by === undefined ? (asker.viewer?.member ?? null) : orNull(form.by);

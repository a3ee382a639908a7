/**
 * A line of occurrences: one job, or one part of the day of a job with several parts. The types that the
 * simulations of calendar and floating lines share. Rules: "Occurrences".
 */
import { weekdayOf, addDays, type CivilDay, type Weekday } from '../calendar/civil';
import { pauseOn, type Pauses } from '../calendar/pauses';
import type { LedgerEntry } from '../household/entry';
import type { Recurrence, MissRule, WeekRules } from '../calendar/recurrence';

/** The rules of a line as one version of the home gives them. */
export interface SeriesRule {
	readonly cadence: Recurrence;
	readonly missRule: MissRule;
	readonly startsOn: CivilDay;
	readonly leadDays: number;
	/** Months (1-12); undefined for all the year. */
	readonly season?: readonly number[] | undefined;
	readonly weeks: WeekRules;
	readonly catchUpDays: readonly Weekday[];
}

/** A rule and the first day on which it holds. `rule` is null where the job does not exist from that day on. */
export interface SeriesVersion {
	readonly from: CivilDay;
	readonly rule: SeriesRule | null;
}

/** Versions in order of their days; the first holds from the beginning. */
export type SeriesVersions = readonly SeriesVersion[];

/** A day before all others, for the first version of a line. */
export const BEGINNING = -10_000_000 as CivilDay;

/** What people did to a line, as the ledger keeps it. `date` is the civil date on which the entry counts. */
export interface SeriesEntry {
	readonly id: string;
	readonly outcome: 'done' | 'looked' | 'letgo' | 'part' | 'undo' | 'moved' | 'skipped' | 'extra' | 'called';
	readonly date: CivilDay;
	/** `undo`: the id of the entry that is taken back. */
	readonly of?: string | undefined;
	/** `moved` and `skipped`: the date on which the occurrence is due. */
	readonly dueOn?: CivilDay | undefined;
	/** `moved`: the new date. */
	readonly to?: CivilDay | undefined;
	/** `part`: the share that is done, above 0 and below 1. */
	readonly share?: number | undefined;
}

export type JobState = 'paused' | 'late' | 'due' | 'waiting' | 'open' | 'done' | 'resting';

/** The state of a line on a day. Rules: "Occurrences". */
export interface SeriesState {
	readonly state: JobState;
	/** Due date of the occurrence that stands (`late`: the first missed one). */
	readonly dueOn: CivilDay | null;
	/** The day on which the occurrence that stands opened. */
	readonly opensOn: CivilDay | null;
	readonly nextOn: CivilDay | null;
	readonly lateDays: number;
	/** lateDays in terms of the gap between occurrences. */
	readonly lateTurns: number;
	/** The catch-up day that a waiting occurrence waits for. */
	readonly catchUpOn: CivilDay | null;
	/** Ids of the entries of the day that settled an occurrence; the other settlements of the day were extra. */
	readonly settledBy: readonly string[];
	/** The share of the projection occurrence that is done, 0 where none. */
	readonly shareDone: number;
	/** Occurrences done so far: chooses the variant and the depth of the next one. */
	readonly doneTurns: number;
}

/** For building a state field by field, before it is handed out. */
export type Mutable<T> = { -readonly [K in keyof T]: T[K] };

const NOTHING: readonly string[] = [];

/** The state of a line on which nothing stands, to be filled in. Made whole at once: that is what is fast. */
export function restingState(doneTurns: number, settledBy = NOTHING): Mutable<SeriesState> {
	return {
		state: 'resting',
		dueOn: null,
		opensOn: null,
		nextOn: null,
		lateDays: 0,
		lateTurns: 0,
		catchUpOn: null,
		settledBy,
		shareDone: 0,
		doneTurns
	};
}

/** An occurrence that stands past its due date. */
export interface MissedOccurrence {
	readonly first: CivilDay;
	/** The day on which the first missed one opened. */
	readonly opens: CivilDay;
	/** Due date of the job's occurrence after the first missed one, where that day has come. */
	readonly next: CivilDay | null;
	readonly rule: 'stays' | 'catchup';
}

/**
 * All that is needed to compute the state of a line on any day after `through` without the entries up to
 * that day. Plain data: it is stored as JSON.
 */
export interface Checkpoint {
	readonly through: CivilDay;
	/** Due date of the last occurrence due on or before `through`. */
	readonly lastDue: CivilDay | null;
	readonly old: MissedOccurrence | null;
	/** Due dates after `through` of occurrences that are settled already. */
	readonly settledAhead: readonly CivilDay[];
	/** Floating lines: the day from which the occurrence that stands or is coming counts; null before the first. */
	readonly base: CivilDay | null;
	readonly doneTurns: number;
	readonly lastDone: CivilDay | null;
	readonly part: { readonly day: CivilDay; readonly share: number } | null;
}

export const EMPTY_CHECKPOINT: Checkpoint = {
	through: BEGINNING,
	lastDue: null,
	old: null,
	settledAhead: [],
	base: null,
	doneTurns: 0,
	lastDone: null,
	part: null
};

/** The version in force on a day. */
export function versionOn(versions: SeriesVersions, day: CivilDay): SeriesVersion | null {
	for (let i = versions.length - 1; i >= 0; i--) {
		const version = versions[i] as SeriesVersion;
		if (version.from <= day) return version;
	}
	return null;
}

/**
 * The entries that hold, in the order they were made: an undo takes an earlier entry back as if it had never
 * been made, an undo of an undo brings it back. Undo entries themselves are not in the result.
 */
export function effectiveEntries<T extends { id: string; of?: string | undefined; outcome: string }>(
	entries: readonly T[]
): T[] {
	const takenBack = new Set<string>();
	const holding: T[] = [];
	for (let i = entries.length - 1; i >= 0; i--) {
		const entry = entries[i] as T;
		if (takenBack.has(entry.id)) continue;
		if (entry.outcome === 'undo') {
			if (entry.of !== undefined) takenBack.add(entry.of);
		} else holding.push(entry);
	}
	return holding.reverse();
}

/** The same for entries of the ledger, whatever they are of. */
export function effectiveLedger(entries: readonly LedgerEntry[]): LedgerEntry[] {
	return effectiveEntries(entries as readonly (LedgerEntry & { of?: string })[]);
}

/** The first catch-up day on or after `day` that is in no pause; null where the household has none. */
export function catchUpDayFor(
	day: CivilDay,
	catchUpDays: readonly Weekday[],
	pauses: Pauses
): CivilDay | null {
	if (catchUpDays.length === 0) return null;
	for (let d = day; ; d = addDays(d, 1)) {
		const pause = pauseOn(pauses, d);
		if (pause) d = pause.to;
		else if (catchUpDays.includes(weekdayOf(d))) return d;
	}
}

/**
 * The life of a floating line (`afterDone`): one occurrence at a time, counted from the day on which the one before
 * it was settled or lapsed. Rules: "Occurrences".
 */
import { addDays, firstOfMonth, monthIndexOf, type CivilDay } from '../calendar/civil';
import { afterPause, pauseOn, unpausedDays, type Pauses } from '../calendar/pauses';
import { inSeason } from '../calendar/recurrence';
import {
	BEGINNING,
	catchUpDayFor,
	restingState,
	versionOn,
	type Checkpoint,
	type SeriesEntry,
	type SeriesRule,
	type SeriesState,
	type SeriesVersion,
	type SeriesVersions
} from './series';

export interface FloatingInput {
	readonly versions: SeriesVersions;
	readonly checkpoint: Checkpoint;
	/** Moves, skips and extras that hold, in the order in which they were made. */
	readonly changes: readonly SeriesEntry[];
	/** done, looked, letgo and part that hold and are dated after the checkpoint: by date, then as made. */
	readonly entries: readonly SeriesEntry[];
	readonly pauses: Pauses;
}

interface FloatingOccurrence {
	readonly opens: CivilDay;
	readonly due: CivilDay;
	readonly skipped: boolean;
	/** Late already when the rhythm changed: it stays late until it is settled, whatever the new rule says. */
	readonly kept?: boolean;
	/** Ids of the moves that brought it to its day. */
	readonly movedBy?: readonly string[];
}

const NONE_SPENT: ReadonlySet<string> = new Set();

type FloatingRule = SeriesRule & { readonly cadence: { type: 'afterDone'; min: number; max: number } };

function floatingVersion(
	versions: SeriesVersions,
	day: CivilDay
): (SeriesVersion & { rule: FloatingRule }) | null {
	const version = versionOn(versions, day);
	return version?.rule?.cadence.type === 'afterDone'
		? (version as SeriesVersion & { rule: FloatingRule })
		: null;
}

/** The first day of the season's next month after the month of `day`. */
function seasonStartAfter(day: CivilDay, season: readonly number[]): CivilDay {
	let index = monthIndexOf(day) + 1;
	while (!season.includes((index % 12) + 1)) index++;
	return firstOfMonth(index);
}

/**
 * The occurrence that counts from `base` (null: the first occurrence) by a version of the rule: never before `startsOn`,
 * never outside the season, never due in a pause, and never due before the day from which the rule holds.
 * Moves in `spent` move it no more.
 */
function occurrenceFrom(
	base: CivilDay | null,
	version: SeriesVersion & { rule: FloatingRule },
	input: FloatingInput,
	spent: ReadonlySet<string> = NONE_SPENT
): FloatingOccurrence {
	const { rule } = version;
	const { min, max } = rule.cadence;
	let opens = base === null ? rule.startsOn : (Math.max(base + min, rule.startsOn) as CivilDay);
	let due = base === null ? rule.startsOn : (Math.max(base + max, rule.startsOn) as CivilDay);
	if (version.from !== BEGINNING && due < version.from) due = version.from;
	if (rule.season && !inSeason(due, rule.season)) opens = due = seasonStartAfter(due, rule.season);
	due = afterPause(input.pauses, due);
	let skipped = false;
	const movedBy: string[] = [];
	for (const change of input.changes) {
		if (change.dueOn !== due) continue;
		if (change.outcome === 'skipped') skipped = true;
		else if (change.outcome === 'moved' && change.to !== undefined && !spent.has(change.id)) {
			opens = Math.min(opens, change.to) as CivilDay;
			due = afterPause(input.pauses, change.to);
			movedBy.push(change.id);
		}
	}
	return { opens, due, skipped, movedBy };
}

/** The day with which an occurrence lapses if nobody settles it; null for never. */
function lapseOf(occurrence: FloatingOccurrence, rule: FloatingRule, pauses: Pauses): CivilDay | null {
	if (occurrence.kept) return null;
	if (occurrence.skipped || rule.missRule === 'letgo' || rule.missRule === 'carry') return occurrence.due;
	if (rule.missRule === 'stays') return null;
	return catchUpDayFor(occurrence.due, rule.catchUpDays, pauses) ?? occurrence.due;
}

interface Walk {
	base: CivilDay | null;
	/** Moves that took an occurrence back to the day it counts from, or before it: they move no other. */
	readonly spent: Set<string>;
	occurrence: FloatingOccurrence;
	version: SeriesVersion & { rule: FloatingRule };
	doneTurns: number;
	lastDone: CivilDay | null;
	part: Checkpoint['part'];
	settledBy: string[];
	settledOn: CivilDay | null;
}

/** Moves to the version in force on `day`: what is late already stays late, nothing becomes late by the change. */
function enterVersion(walk: Walk, day: CivilDay, input: FloatingInput) {
	const version = floatingVersion(input.versions, day);
	if (!version || version === walk.version) return;
	const late =
		walk.occurrence.due < version.from && lapseOf(walk.occurrence, walk.version.rule, input.pauses) === null;
	walk.version = version;
	walk.occurrence = late
		? { ...walk.occurrence, kept: true }
		: occurrenceFrom(walk.base, version, input, walk.spent);
}

function lapseBefore(walk: Walk, day: CivilDay, input: FloatingInput) {
	for (;;) {
		const lapse = lapseOf(walk.occurrence, walk.version.rule, input.pauses);
		if (lapse === null || lapse >= day) return;
		// Counting on from a day that lies back, the walk would come to the same move again, without end.
		if (walk.base !== null && lapse <= walk.base)
			for (const id of walk.occurrence.movedBy ?? []) walk.spent.add(id);
		walk.base = lapse;
		walk.part = null;
		enterVersion(walk, lapse, input);
		walk.occurrence = occurrenceFrom(lapse, walk.version, input, walk.spent);
	}
}

function walkTo(input: FloatingInput, day: CivilDay): Walk | null {
	const { checkpoint, versions } = input;
	const start = versions.find((v) => v.rule?.cadence.type === 'afterDone') as
		(SeriesVersion & { rule: FloatingRule }) | undefined;
	if (!start) return null;
	const atCheckpoint = floatingVersion(versions, checkpoint.through) ?? start;
	const walk: Walk = {
		base: checkpoint.base,
		spent: new Set(),
		version: atCheckpoint,
		occurrence: checkpoint.old
			? { opens: checkpoint.old.opens, due: checkpoint.old.first, skipped: false, kept: true }
			: occurrenceFrom(checkpoint.base, atCheckpoint, input),
		doneTurns: checkpoint.doneTurns,
		lastDone: checkpoint.lastDone,
		part: checkpoint.part,
		settledBy: [],
		settledOn: null
	};
	const steps = [
		...input.entries.filter((entry) => entry.date <= day).map((entry) => ({ day: entry.date, entry })),
		...versions
			.filter((v) => v.from > checkpoint.through && v.from <= day)
			.map((v) => ({ day: v.from, entry: null }))
	].sort((a, b) => a.day - b.day || (a.entry ? 1 : 0) - (b.entry ? 1 : 0));
	for (const { day: now, entry } of steps) {
		lapseBefore(walk, now, input);
		enterVersion(walk, now, input);
		if (!entry) continue;
		if (entry.outcome === 'part') {
			walk.part = { day: now, share: entry.share ?? 0.5 };
			continue;
		}
		if (walk.settledOn !== now) walk.settledBy = [];
		walk.base = now;
		walk.occurrence = occurrenceFrom(now, walk.version, input, walk.spent);
		walk.part = null;
		walk.settledOn = now;
		walk.settledBy.push(entry.id);
		if (entry.outcome !== 'letgo') {
			walk.doneTurns++;
			walk.lastDone = now;
		}
	}
	lapseBefore(walk, day, input);
	return walk;
}

/** The occurrence put on `day` by hand, if nothing else stands. */
function extraOn(input: FloatingInput, day: CivilDay): boolean {
	return input.changes.some((c) => (c.outcome === 'extra' || c.outcome === 'called') && c.date === day);
}

/** The earliest extra under `stays` that was put on a day since the last settlement and before `day`; a pause excuses it. */
function missedExtra(walk: Walk, input: FloatingInput, day: CivilDay): CivilDay | null {
	if (walk.version.rule.missRule !== 'stays') return null;
	let missed: CivilDay | null = null;
	for (const change of input.changes) {
		if (change.outcome !== 'extra' && change.outcome !== 'called') continue;
		if (change.date >= day || (walk.base !== null && change.date <= walk.base)) continue;
		if (pauseOn(input.pauses, change.date)) continue;
		if (missed === null || change.date < missed) missed = change.date;
	}
	return missed;
}

/** The state of a floating line on `day`, with the entries of that day counted. `day` is after the checkpoint. */
export function floatingState(input: FloatingInput, day: CivilDay): SeriesState {
	const walk = walkTo(input, day);
	if (!walk) return restingState(0);
	const { pauses } = input;
	const settledToday = walk.settledOn === day;
	const state = restingState(walk.doneTurns, settledToday ? walk.settledBy : undefined);
	if (pauseOn(pauses, day)) {
		state.state = 'paused';
		return state;
	}

	const { rule } = walk.version;
	let { occurrence } = walk;
	const missed = missedExtra(walk, input, day);
	if (missed !== null && missed < occurrence.due) {
		occurrence = { opens: Math.min(occurrence.opens, missed) as CivilDay, due: missed, skipped: false };
	} else if (extraOn(input, day) && !settledToday && day < occurrence.due) {
		occurrence = { opens: Math.min(occurrence.opens, day) as CivilDay, due: day, skipped: false };
	}
	if (occurrence.skipped) {
		if (settledToday) state.state = 'done';
		state.nextOn = afterSkipped(walk, input);
		return state;
	}
	if (occurrence.due > day && occurrence.opens > day) {
		if (settledToday) state.state = 'done';
		state.nextOn = occurrence.due;
		return state;
	}
	state.dueOn = occurrence.due;
	state.opensOn = occurrence.opens;
	state.shareDone = walk.part && walk.part.day >= occurrence.opens ? walk.part.share : 0;
	if (occurrence.due > day) {
		state.state = 'open';
		state.nextOn = occurrence.due;
		return state;
	}
	state.nextOn = occurrenceFrom(day, walk.version, input, walk.spent).due;
	if (occurrence.due === day) state.state = 'due';
	else if (occurrence.kept || rule.missRule === 'stays') {
		state.state = 'late';
		state.lateDays = unpausedDays(pauses, occurrence.due, day);
		state.lateTurns = state.lateDays / rule.cadence.max;
	} else {
		state.catchUpOn = lapseOf(occurrence, rule, pauses);
		state.state = state.catchUpOn === day ? 'due' : 'waiting';
	}
	return state;
}

function afterSkipped(walk: Walk, input: FloatingInput): CivilDay {
	return occurrenceFrom(walk.occurrence.due, walk.version, input, walk.spent).due;
}

/** The checkpoint at the end of `day`, from one before it. */
export function floatingCheckpoint(input: FloatingInput, day: CivilDay): Checkpoint {
	const walk = walkTo(input, day);
	if (!walk) return { ...input.checkpoint, through: day };
	lapseBefore(walk, addDays(day, 1), input);
	return {
		through: day,
		lastDue: null,
		old: walk.occurrence.kept
			? { first: walk.occurrence.due, opens: walk.occurrence.opens, next: null, rule: 'stays' }
			: null,
		settledAhead: [],
		base: walk.base,
		doneTurns: walk.doneTurns,
		lastDone: walk.lastDone,
		part: walk.part
	};
}

/** The day of an extra after `after` and before `before` that lies in no pause; null where there is none. */
function extraBetween(input: FloatingInput, after: CivilDay, before: CivilDay): CivilDay | null {
	let found: CivilDay | null = null;
	for (const { outcome, date } of input.changes) {
		if ((outcome !== 'extra' && outcome !== 'called') || date <= after || date >= before) continue;
		if (!pauseOn(input.pauses, date) && (found === null || date < found)) found = date;
	}
	return found;
}

/**
 * The due dates of a floating line after `today` up to `to`, each taken to be done on its day, and what stands today
 * to be done today (or on the first day after a pause). An occurrence that waits is there on its catch-up day. In order.
 * Rules: "One door for dates".
 */
export function floatingDates(input: FloatingInput, today: CivilDay, to: CivilDay): CivilDay[] {
	const walk = walkTo(input, today);
	if (!walk) return [];
	const { pauses } = input;
	const dates: CivilDay[] = [];
	let at = today;
	let stands: CivilDay | null = null;
	if (extraOn(input, today) && walk.settledOn !== today && !pauseOn(pauses, today)) stands = today;
	const missed = missedExtra(walk, input, today);
	if (missed !== null && missed < walk.occurrence.due) stands = afterPause(pauses, today);
	if (walk.occurrence.due <= today && !walk.occurrence.skipped) {
		const lapse = lapseOf(walk.occurrence, walk.version.rule, pauses);
		const waits = walk.occurrence.due < today && lapse !== null;
		stands = waits ? lapse : afterPause(pauses, today);
		if (waits && lapse > today && lapse <= to) dates.push(lapse);
	}
	if (stands !== null) {
		walk.occurrence = occurrenceFrom(stands, walk.version, input, walk.spent);
		at = stands;
	}
	while (at <= to) {
		const { due, skipped } = walk.occurrence;
		const extra = extraBetween(input, at, due);
		// An occurrence that was moved back to a day gone by is overdue at once: it is done on the next day.
		const day = extra ?? (Math.max(due, at + 1) as CivilDay);
		if (day > to) break;
		if (extra !== null || (!skipped && due === day)) dates.push(day);
		walk.occurrence = occurrenceFrom(day, walk.version, input, walk.spent);
		at = day;
	}
	return dates;
}

/** One door to the state of any line: sorts its entries, and asks the calendar or the floating simulation. */
import type { CivilDay } from '../calendar/civil';
import type { Pauses } from '../calendar/pauses';
import { calendarCheckpoint, calendarDates, calendarState, type CalendarInput } from './calendarSeries';
import { floatingCheckpoint, floatingDates, floatingState } from './floatingSeries';
import {
	effectiveEntries,
	versionOn,
	type Checkpoint,
	type SeriesEntry,
	type SeriesState,
	type SeriesVersions
} from './series';

export interface SeriesInput {
	readonly versions: SeriesVersions;
	readonly checkpoint: Checkpoint;
	/** Entries that the checkpoint does not hold, undo entries included, in the order in which they were made. */
	readonly ledger: readonly SeriesEntry[];
	readonly pauses: Pauses;
}

const isChange = (entry: SeriesEntry) =>
	entry.outcome === 'moved' ||
	entry.outcome === 'skipped' ||
	entry.outcome === 'extra' ||
	entry.outcome === 'called';

function inputOf(line: SeriesInput, day: CivilDay): CalendarInput {
	const holding = effectiveEntries(line.ledger);
	const entries = holding
		.filter((entry) => !isChange(entry) && entry.date > line.checkpoint.through && entry.date <= day)
		// Array.prototype.sort is stable: entries of one date stay in the order in which they were made.
		.sort((a, b) => a.date - b.date);
	return {
		versions: line.versions,
		checkpoint: line.checkpoint,
		changes: holding.filter(isChange),
		entries,
		pauses: line.pauses
	};
}

function isFloating(versions: SeriesVersions, day: CivilDay): boolean {
	return versionOn(versions, day)?.rule?.cadence.type === 'afterDone';
}

/**
 * The state of a line on a day after its checkpoint, with the entries of that day counted.
 * Rules: "State of a job". Zone items have no occurrences of their own: they are `resting`
 * here, and `readDay` says whether their sitting offers them.
 */
export function seriesState(line: SeriesInput, day: CivilDay): SeriesState {
	const input = inputOf(line, day);
	return isFloating(line.versions, day) ? floatingState(input, day) : calendarState(input, day);
}

/** The checkpoint at the end of `day`: what later states need of all entries up to then. */
export function seriesCheckpoint(line: SeriesInput, day: CivilDay): Checkpoint {
	if (day <= line.checkpoint.through) return line.checkpoint;
	const input = inputOf(line, day);
	return isFloating(line.versions, day) ? floatingCheckpoint(input, day) : calendarCheckpoint(input, day);
}

/** The dates after `today` up to `to` on which a line falls due, everything else being done on its day. In order. */
export function seriesDates(line: SeriesInput, today: CivilDay, to: CivilDay): CivilDay[] {
	const input = inputOf(line, today);
	return isFloating(line.versions, today) ? floatingDates(input, today, to) : calendarDates(input, today, to);
}

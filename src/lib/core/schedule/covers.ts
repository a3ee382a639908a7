/** What settling one job settles beside it. Rules: "Covers": "A job may cover others". */
import type { LedgerEntry, WorkEntry } from '../household/entry';
import type { Series, PreparedHome } from './preparedHome';
import type { SeriesState } from './series';

/** The lines that a job covers. */
export function coveredSeries(home: PreparedHome, job: string): Series[] {
	const covers = home.jobById.get(job)?.covers ?? [];
	return home.series.filter((line) => covers.includes(line.job.id));
}

/**
 * The entry that settles a covered line along with `entry`, or null: only what is due on the same day is
 * covered. `id` is the id of the new entry, `state` the state of the covered line on the day of the entry.
 */
export function coveredEntry(
	entry: WorkEntry,
	line: Series,
	state: SeriesState,
	id: string
): LedgerEntry | null {
	if (entry.outcome !== 'done' && entry.outcome !== 'looked') return null;
	if (state.state !== 'due' || state.dueOn !== entry.date) return null;
	return {
		...entry,
		id,
		job: line.job.id,
		part: line.part as WorkEntry['part'],
		depth: null,
		variant: null,
		minutes: null,
		cutOff: false,
		found: null,
		coveredBy: entry.id
	};
}

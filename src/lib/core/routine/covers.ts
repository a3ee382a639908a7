/** What settling one job settles beside it. Handbook page 2: "A job may cover others". */
import type { LedgerEntry, WorkEntry } from '../household/entry';
import type { Line, PreparedHome } from '../household/history';
import type { LineState } from './line';

/** The lines that a job covers. */
export function coveredLines(home: PreparedHome, job: string): Line[] {
	const covers = home.jobById.get(job)?.covers ?? [];
	return home.lines.filter((line) => covers.includes(line.job.id));
}

/**
 * The entry that settles a covered line along with `entry`, or null: only what is due on the same day is
 * covered. `id` is the id of the new entry, `state` the state of the covered line on the day of the entry.
 */
export function coveredEntry(entry: WorkEntry, line: Line, state: LineState, id: string): LedgerEntry | null {
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

/** What was done is written with the depth and the thing that came then. Rules: "State of a job". */
import type { WorkEntry } from '../household/entry';
import type { Job } from '../household/jobSchema';
import type { Depth } from '../household/fields';
import { depthAs, variantOf } from './readDay';

/** True for jobs whose turns differ: deep every so many times, or another thing each time. */
export const turnsDiffer = (job: Job): boolean => job.variants !== undefined || job.deepEvery !== undefined;

/**
 * An entry with the depth and the variant of the occurrence after `doneTurns` done ones, where it names none; `declared` is
 * the depth that its day was declared to have.
 */
export function asStands(
	entry: WorkEntry,
	job: Job,
	doneTurns: number,
	declared: Depth | null = null
): WorkEntry {
	if (entry.outcome !== 'done' && entry.outcome !== 'part') return entry;
	const depth = depthAs(job, doneTurns, declared);
	return {
		...entry,
		depth: entry.depth ?? (depth === 'usual' ? null : depth),
		variant: entry.variant ?? variantOf(job, doneTurns)
	};
}

/** What was done on a day gone by, as the ledger has it. */
import type { CivilDay } from '$core/calendar/civil';
import { isWork } from '$core/household/entry';
import type { Job } from '$core/household/home';
import { effectiveEntries } from '$core/schedule/series';
import type { ScheduleFacts } from './scheduleFacts';

type Entry = ScheduleFacts['entries'][number]['entry'];

export interface DoneWork {
	readonly entry: Extract<Entry, { job: string }>;
	readonly job: Job | undefined;
	readonly minutes: number;
}

/** The work of each day, corrected and without what was undone; a job that is no more has no facts. */
export function doneByDay({
	home,
	entries,
	undone
}: ScheduleFacts): ReadonlyMap<CivilDay, readonly DoneWork[]> {
	const own = effectiveEntries(
		entries.map((stored) => stored.entry) as { id: string; outcome: string; of?: string }[]
	) as unknown as Entry[];
	const days = new Map<CivilDay, DoneWork[]>();
	for (const entry of own) {
		if (!isWork(entry) || undone.has(entry.id)) continue;
		const job = home.everyJob.get(entry.job);
		const done = { entry, job, minutes: entry.minutes ?? job?.depths.usual.minutes ?? 0 };
		days.set(entry.date, [...(days.get(entry.date) ?? []), done]);
	}
	return days;
}

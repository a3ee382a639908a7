/** What each has carried: minutes of work by person. Rules: "Fair shares". */
import { addDays, type CivilDay } from '../calendar/civil';
import { isWork, type LedgerEntry } from '../household/entry';
import type { PreparedHome } from '../schedule/preparedHome';
import { effectiveLedger } from '../schedule/series';

/** Minutes of an entry: measured, else as the job says at its depth. Looking and letting go are no work. */
export function minutesOfEntry(home: PreparedHome, entry: LedgerEntry): number {
	if (entry.outcome === 'cleared') return entry.minutes;
	if (entry.outcome !== 'done' && entry.outcome !== 'part') return 0;
	if (entry.coveredBy !== null) return 0;
	if (entry.minutes !== null) return entry.minutes;
	const depths = home.everyJob.get(entry.job)?.depths;
	const minutes = (entry.depth ? depths?.[entry.depth]?.minutes : undefined) ?? depths?.usual.minutes ?? 0;
	return entry.outcome === 'part' ? minutes * entry.share : minutes;
}

export interface MinutesDone {
	readonly minutes: number;
	/** Of them, work that nobody sees. */
	readonly hidden: number;
}

/** Minutes by member from `from` to `to`, both included; undone entries count for nothing. */
export function minutesDoneBetween(
	home: PreparedHome,
	entries: readonly LedgerEntry[],
	from: CivilDay,
	to: CivilDay
): ReadonlyMap<string, MinutesDone> {
	const sums = new Map<string, { minutes: number; hidden: number }>();
	for (const { entry, by } of workBetween(entries, from, to)) {
		const sum = sums.get(by) ?? { minutes: 0, hidden: 0 };
		const minutes = minutesOfEntry(home, entry);
		sum.minutes += minutes;
		if (isWork(entry) && home.everyJob.get(entry.job)?.hidden) sum.hidden += minutes;
		sums.set(by, sum);
	}
	return sums;
}

/** Minutes of each day from `from` to `to`, by member; days without any are left out. Rules: "Fair shares". */
export function minutesOfDays(
	home: PreparedHome,
	entries: readonly LedgerEntry[],
	from: CivilDay,
	to: CivilDay
): ReadonlyMap<CivilDay, ReadonlyMap<string, number>> {
	const days = new Map<CivilDay, Map<string, number>>();
	for (const { entry, by } of workBetween(entries, from, to)) {
		const minutes = minutesOfEntry(home, entry);
		if (minutes === 0) continue;
		const day = days.get(entry.date) ?? new Map<string, number>();
		day.set(by, (day.get(by) ?? 0) + minutes);
		days.set(entry.date, day);
	}
	return days;
}

/** Work that stands, with whoever did it. */
const workBetween = (entries: readonly LedgerEntry[], from: CivilDay, to: CivilDay) =>
	effectiveLedger(entries).flatMap((entry) => {
		if (entry.by === null || entry.date < from || entry.date > to) return [];
		return isWork(entry) || entry.outcome === 'cleared' ? [{ entry, by: entry.by }] : [];
	});

/** The four weeks that end with the week from `weekBegin`: its first day. */
export const fourWeeksFrom = (weekBegin: CivilDay): CivilDay => addDays(weekBegin, -21);

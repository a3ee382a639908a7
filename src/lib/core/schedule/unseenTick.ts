/** Two people who tick one occurrence at the same time mean one piece of work. Rules: "Occurrences". */
import type { CivilDay } from '../calendar/civil';
import { isWork, type LedgerEntry, type WorkEntry } from '../household/entry';
import { effectiveLedger } from './series';

/** A tick that says nothing of what it saw is taken to mean the same work for so many milliseconds. */
const SAME_FOR = 60_000;

/**
 * The tick of a series on a date that whoever ticks it now cannot have seen; null where there is none. `seen` is the
 * id of the last tick on their page ('' for none), null where the page did not say.
 * @param entries the entries of the series in the order of receipt, undos included
 * @param now milliseconds, by the same clock as `receivedAt`
 */
export function unseenTick(
	entries: readonly { readonly entry: LedgerEntry; readonly receivedAt: number }[],
	date: CivilDay,
	seen: string | null,
	now: number
): WorkEntry | null {
	const received = new Map(entries.map(({ entry, receivedAt }) => [entry.id, receivedAt]));
	const last = effectiveLedger(entries.map(({ entry }) => entry))
		.filter((entry): entry is WorkEntry => isWork(entry) && entry.date === date)
		.at(-1);
	if (!last || last.id === seen) return null;
	if (seen !== null) return last;
	const isFresh = Math.abs(now - (received.get(last.id) ?? -Infinity)) < SAME_FOR;
	return isFresh && last.outcome !== 'part' ? last : null;
}

/** Ledger entries for tests, with ids that count up. */
import { toDay } from '../../src/lib/core/calendar/civil';
import { readEntry, type LedgerEntry } from '../../src/lib/core/household/entry';

let count = 0;

export const testId = (n: number = ++count) => `01900000-0000-7000-8000-${String(n).padStart(12, '0')}`;

/** An entry from plain data; dates as text. */
export function entry(data: Record<string, unknown>): LedgerEntry {
	const read = readEntry({ id: testId(), ...data });
	if (!read.ok) throw new Error(JSON.stringify(read.problems));
	return read.value;
}

export const done = (job: string, date: string, rest: Record<string, unknown> = {}) =>
	entry({ outcome: 'done', job, date, by: 'ada', ...rest });

export const undo = (of: LedgerEntry, date: string) => entry({ outcome: 'undo', of: of.id, date });

export const day = toDay;

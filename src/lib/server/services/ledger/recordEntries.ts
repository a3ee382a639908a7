/** The one way into the ledger: checks an entry against the home, writes it once, and moves the projection along. */
import type { CivilDay } from '$core/calendar/civil';
import { isWork, type LedgerEntry } from '$core/household/entry';
import { asStands, turnsDiffer } from '$core/schedule/asStands';
import { checkEntry, type Refusal } from '$core/schedule/checkEntry';
import { coveredEntry, coveredSeries } from '$core/schedule/covers';
import { seriesOfEntry, type PreparedHome, type Series } from '$core/schedule/preparedHome';
import { declaredOn } from '$core/schedule/readDay';
import { effectivePauses, pausesForSeries, toSeriesEntry } from '$core/schedule/projection';
import { effectiveLedger, EMPTY_CHECKPOINT } from '$core/schedule/series';
import { seriesState } from '$core/schedule/seriesState';
import type { Db } from '../../db/pool';
import { followingId } from '../../ids';
import { loadHome } from '../../repo/homeRepo';
import {
	coveredBy,
	entriesOfHome,
	entriesOfLine,
	findEntry,
	insertEntries,
	knownIds,
	undosOf,
	type NewEntry
} from '../../repo/ledgerRepo';
import { followEntries } from '../../repo/projectionRepo';

export type Recorded =
	| { readonly ok: true; readonly written: readonly string[] }
	| { readonly ok: false; readonly refusal: Refusal };

/** The line that an undo stands on: that of what it takes back. Null target: no such entry in this household. */
async function undoTarget(db: Db, household: string, of: string, own: readonly NewEntry[]) {
	const mine = own.find(({ entry }) => entry.id === of);
	if (mine) return mine;
	const stored = await findEntry(db, household, of);
	if (!stored) return null;
	return { entry: stored.entry, job: stored.job, part: stored.part };
}

/** Covered entries go back with the one that covered them. */
async function undosAlong(db: Db, household: string, undo: LedgerEntry): Promise<LedgerEntry[]> {
	if (undo.outcome !== 'undo') return [];
	const along = await coveredBy(db, household, undo.of);
	// An undo of an undo: what went back along with the first one comes again.
	const target = await findEntry(db, household, undo.of);
	if (target?.entry.outcome === 'undo') {
		const undos = await undosOf(db, household, await coveredBy(db, household, target.entry.of));
		along.push(...undos.map((stored) => stored.entry.id).filter((id) => id !== undo.of));
	}
	return along.map((of) => ({ ...undo, id: followingId(undo.id, of), of }));
}

/**
 * Records entries in one go: all, or on a refusal none. Entries whose id the ledger has are passed over.
 * What is written now has the depth and the thing of its turn; an imported record keeps what it says. Runs inside a
 * transaction of the caller.
 */
export async function recordEntries(
	db: Db,
	household: string,
	entries: readonly LedgerEntry[],
	today: CivilDay,
	now: number,
	turns: 'as-they-stand' | 'as-said' = 'as-they-stand'
): Promise<Recorded> {
	const home = await loadHome(db, household);
	if (!home) throw new RangeError(`no household ${household}`);
	const known = await knownIds(
		db,
		household,
		entries.map((entry) => entry.id)
	);
	const fresh = entries.filter((entry) => !known.has(entry.id));
	if (fresh.length === 0) return { ok: true, written: [] };

	const incoming: NewEntry[] = [];
	const reader = coverReader(db, household);
	for (const entry of fresh) {
		const refusal = checkEntry(home, entry, today);
		if (refusal) return { ok: false, refusal };
		if (entry.outcome !== 'undo') {
			const asWritten = turns === 'as-said' ? entry : await standing(reader, home, entry, incoming);
			incoming.push({
				entry: asWritten,
				job: 'job' in entry ? entry.job : null,
				part: 'part' in entry ? entry.part : null
			});
			incoming.push(...(await coversOf(reader, home, asWritten, incoming)));
			continue;
		}
		const target = await undoTarget(db, household, entry.of, incoming);
		if (!target) return { ok: false, refusal: { code: 'undo-unknown', of: entry.of } };
		incoming.push({ entry, job: target.job, part: target.part });
		for (const along of await undosAlong(db, household, entry)) {
			const covered = await undoTarget(db, household, (along as { of: string }).of, incoming);
			if (covered) incoming.push({ entry: along, job: covered.job, part: covered.part });
		}
	}
	const already = await knownIds(
		db,
		household,
		incoming.map(({ entry }) => entry.id)
	);
	const inserting = incoming.filter(({ entry }) => !already.has(entry.id));
	await insertEntries(db, household, inserting, now);
	await followEntries(
		db,
		household,
		home,
		inserting.map((one) => ({ entry: one.entry, line: lineOf(home, one) }))
	);
	return { ok: true, written: inserting.map(({ entry }) => entry.id) };
}

function lineOf(home: PreparedHome, { job, part }: NewEntry): Series | null {
	return job === null ? null : seriesOfEntry(home, job, part);
}

/** What of the ledger covering asks for, read once for all entries of a request. */
function coverReader(db: Db, household: string) {
	let pauses: ReturnType<typeof effectivePauses> | null = null;
	const byLine = new Map<string, LedgerEntry[]>();
	let home: LedgerEntry[] | null = null;
	const ofHome = async () => (home ??= (await entriesOfHome(db, household)).map((stored) => stored.entry));
	return {
		async pauses() {
			pauses ??= effectivePauses(await ofHome());
			return pauses;
		},
		async declaredOn(date: CivilDay) {
			return declaredOn(effectiveLedger(await ofHome()), date);
		},
		async entriesOf(line: Series) {
			const known = byLine.get(line.id);
			if (known) return known;
			const stored = await entriesOfLine(db, household, line.job.id, line.part);
			const entries = stored.map((one) => one.entry);
			byLine.set(line.id, entries);
			return entries;
		}
	};
}

/** The line as it stands on a day, with what of this request counts already. */
async function stateOf(
	reader: ReturnType<typeof coverReader>,
	line: Series,
	date: CivilDay,
	incoming: readonly NewEntry[]
) {
	const coming = incoming.filter((one) => one.job === line.job.id && one.part === line.part);
	const ledger = [...(await reader.entriesOf(line)), ...coming.map((one) => one.entry)];
	return seriesState(
		{
			versions: line.versions,
			checkpoint: EMPTY_CHECKPOINT,
			ledger: ledger.flatMap((one) => toSeriesEntry(one) ?? []),
			pauses: pausesForSeries(line, await reader.pauses())
		},
		date
	);
}

/** An entry with what its turn was: the deep one, or which of the things it alternates between. */
async function standing(
	reader: ReturnType<typeof coverReader>,
	home: PreparedHome,
	entry: LedgerEntry,
	incoming: readonly NewEntry[]
): Promise<LedgerEntry> {
	if (!isWork(entry)) return entry;
	const line = seriesOfEntry(home, entry.job, entry.part);
	if (!line) return entry;
	const { depths } = line.job;
	const declared = depths.quick || depths.deep ? await reader.declaredOn(entry.date) : null;
	if (!turnsDiffer(line.job) && declared === null) return entry;
	const { doneTurns } = await stateOf(reader, line, entry.date, incoming);
	return asStands(entry, line.job, doneTurns, declared?.depth ?? null);
}

async function coversOf(
	reader: ReturnType<typeof coverReader>,
	home: PreparedHome,
	entry: LedgerEntry,
	incoming: readonly NewEntry[]
): Promise<NewEntry[]> {
	if (!isWork(entry)) return [];
	const lines = coveredSeries(home, entry.job);
	if (lines.length === 0) return [];
	const covered: NewEntry[] = [];
	for (const line of lines) {
		// Entries of the same request count too, though they are not in the ledger yet.
		const state = await stateOf(reader, line, entry.date, incoming);
		const along = coveredEntry(entry, line, state, followingId(entry.id, line.id));
		if (along) covered.push({ entry: along, job: line.job.id, part: line.part });
	}
	return covered;
}

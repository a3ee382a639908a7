/**
 * Standing: what the ledger amounts to, kept so that any later day can be computed without reading it all.
 * A projection: it can be rebuilt from the ledger at any time, and comes out the same.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { mergeSpans, type Pauses, type Span } from '../calendar/pauses';
import { isWork, seriesId, type LedgerEntry, type PauseEntry, type WorkEntry } from '../household/entry';
import type { Series, PreparedHome } from './preparedHome';
import {
	BEGINNING,
	EMPTY_CHECKPOINT,
	effectiveLedger,
	versionOn,
	type Checkpoint,
	type SeriesEntry
} from './series';
import { seriesCheckpoint } from './seriesState';
import { advancePass, type ZoneSettlement } from './zoneProgress';
import { FIRST_PASS, type PassState } from './zoneList';

/** Who did a line last, and when. */
export interface LastDone {
	readonly date: CivilDay;
	readonly by: string | null;
	readonly minutes: number | null;
	readonly entry: string;
}

/** The projection of a line: a checkpoint, and the entries that came after it, in the order they were made. */
export interface SeriesProjection {
	readonly checkpoint: Checkpoint;
	readonly tail: readonly SeriesEntry[];
	readonly last: LastDone | null;
}

/** The projection of a zone's list: how far the pass had come at the end of a day, and what was settled since. */
export interface ZoneProjection {
	readonly through: CivilDay;
	readonly state: PassState;
	readonly tail: readonly ZoneSettlement[];
}

/** All that `readDay` needs of the past. */
export interface HomeProjection {
	readonly series: ReadonlyMap<string, SeriesProjection>;
	readonly zones: ReadonlyMap<string, ZoneProjection>;
	/** Entries that hold for the whole home: pauses, judgements of clutter, "enough for today". */
	readonly home: readonly LedgerEntry[];
}

export const EMPTY_SERIES: SeriesProjection = { checkpoint: EMPTY_CHECKPOINT, tail: [], last: null };
export const EMPTY_ZONE: ZoneProjection = { through: BEGINNING, state: FIRST_PASS, tail: [] };

/** A ledger entry as the line simulations see it. */
export function toSeriesEntry(entry: LedgerEntry): SeriesEntry | null {
	if (entry.outcome === 'undo') return { id: entry.id, outcome: 'undo', date: entry.date, of: entry.of };
	if (!('job' in entry)) return null;
	return {
		id: entry.id,
		outcome: entry.outcome,
		date: entry.date,
		...('dueOn' in entry ? { dueOn: entry.dueOn } : {}),
		...('to' in entry ? { to: entry.to } : {}),
		...('share' in entry ? { share: entry.share } : {})
	};
}

/** Entries that touch no line and nothing of the home's days. */
const APART: readonly LedgerEntry['outcome'][] = ['rung', 'lookround', 'cleared', 'note'];

const settles = (entry: { outcome: string }) =>
	entry.outcome === 'done' || entry.outcome === 'looked' || entry.outcome === 'letgo';

/** The pauses that hold for a line: the household's, its room's, its layer's, its own, and its one owner's. */
export function pausesForSeries(line: Series, pauses: readonly PauseEntry[]): Pauses {
	const { job } = line;
	const spans: Span[] = [];
	for (const pause of pauses) {
		const { scope, target } = pause;
		const holds =
			scope === 'household' ||
			(scope === 'room' && target === job.room) ||
			(scope === 'layer' && target === job.layer) ||
			(scope === 'job' && target === job.id) ||
			(scope === 'member' &&
				job.who.mode === 'fixed' &&
				job.who.members.length === 1 &&
				job.who.members[0] === target);
		if (holds) spans.push(pause);
	}
	return mergeSpans(spans);
}

/** The pauses among the home's entries that hold. */
export function effectivePauses(home: readonly LedgerEntry[]): PauseEntry[] {
	return effectiveLedger(home).filter(
		(entry): entry is PauseEntry & { of?: string } => entry.outcome === 'pause'
	);
}

/** What of a line's entries a checkpoint does not hold and a later day can still ask for. */
function tailAfter(
	entries: readonly SeriesEntry[],
	checkpoint: Checkpoint,
	floating: boolean
): SeriesEntry[] {
	// A floating occurrence is computed anew from the day it counts from, so what moved it since then still speaks.
	const since = Math.min(floating ? (checkpoint.base ?? BEGINNING) : checkpoint.through, checkpoint.through);
	const kept = new Set<string>();
	// Where the changes that are kept begin: what brought an occurrence there, however long ago, is kept with them.
	const startsOf = new Set<CivilDay>();
	for (const entry of [...entries].reverse()) {
		if (entry.outcome === 'undo') continue;
		const counts = settles(entry) || entry.outcome === 'part';
		const days = [entry.date, entry.dueOn ?? BEGINNING, entry.to ?? BEGINNING];
		const reached = entry.outcome === 'moved' ? entry.to : entry.date;
		const keep = counts
			? entry.date > checkpoint.through
			: Math.max(...days) > since ||
				(entry.outcome !== 'skipped' && reached !== undefined && startsOf.has(reached));
		if (!keep) continue;
		kept.add(entry.id);
		if (!counts && entry.dueOn !== undefined) startsOf.add(entry.dueOn);
	}
	return entries.filter((entry) => {
		if (entry.outcome === 'undo' && entry.of !== undefined && kept.has(entry.of)) kept.add(entry.id);
		return kept.has(entry.id);
	});
}

function isFloating(line: Series, day: CivilDay) {
	return versionOn(line.versions, day)?.rule?.cadence.type === 'afterDone';
}

/**
 * The projection of a line from all its entries, undo entries of them included, in the order they were made.
 * The checkpoint lies at the end of the day before the last settling entry.
 */
export function projectSeries(
	line: Series,
	entries: readonly LedgerEntry[],
	pauses: Pauses
): SeriesProjection {
	const ledger = entries.flatMap((entry) => toSeriesEntry(entry) ?? []);
	let lastDay: CivilDay | null = null;
	for (const entry of ledger) {
		if (settles(entry) && (lastDay === null || entry.date > lastDay)) lastDay = entry.date;
	}
	const last = lastDoneOf(entries);
	if (lastDay === null) return { checkpoint: EMPTY_CHECKPOINT, tail: ledger, last };
	const checkpoint = seriesCheckpoint(
		{ versions: line.versions, checkpoint: EMPTY_CHECKPOINT, ledger, pauses },
		addDays(lastDay, -1)
	);
	return { checkpoint, tail: tailAfter(ledger, checkpoint, isFloating(line, lastDay)), last };
}

function lastDoneOf(entries: readonly LedgerEntry[]): LastDone | null {
	let last: LastDone | null = null;
	for (const entry of effectiveLedger(entries)) {
		if (isWork(entry) && entry.outcome === 'done') last = laterDone(last, entry);
	}
	return last;
}

function laterDone(last: LastDone | null, entry: WorkEntry): LastDone {
	if (last !== null && last.date > entry.date) return last;
	return { date: entry.date, by: entry.by, minutes: entry.minutes, entry: entry.id };
}

/**
 * The projection after one more entry of work, made after all others. Null where the entry reaches behind the
 * checkpoint or changes what was computed (an undo, a move, a skip, an extra): then project the line anew.
 */
export function appendToSeries(
	line: Series,
	projection: SeriesProjection,
	entry: LedgerEntry,
	pauses: Pauses
): SeriesProjection | null {
	const lineEntry = toSeriesEntry(entry);
	if (!isWork(entry) || lineEntry === null || entry.date <= projection.checkpoint.through) return null;
	const last = entry.outcome === 'done' ? laterDone(projection.last, entry) : projection.last;
	const tail = [...projection.tail, lineEntry];
	if (!settles(entry)) return { ...projection, tail, last };
	const before = addDays(entry.date, -1);
	const checkpoint =
		projection.checkpoint.through >= before
			? projection.checkpoint
			: seriesCheckpoint(
					{ versions: line.versions, checkpoint: projection.checkpoint, ledger: projection.tail, pauses },
					before
				);
	return { checkpoint, tail: tailAfter(tail, checkpoint, isFloating(line, entry.date)), last };
}

/** The settlements of a zone's items among entries, in order of their dates, then as made. */
function settlementsOf(entries: readonly LedgerEntry[]): ZoneSettlement[] {
	return effectiveLedger(entries)
		.filter((entry): entry is WorkEntry & { of?: string } => isWork(entry) && settles(entry))
		.map((entry) => ({ item: entry.job, date: entry.date }))
		.sort((a, b) => a.date - b.date);
}

/** The projection of a zone from all entries of its items, undo entries included, in the order they were made. */
export function projectZone(
	home: PreparedHome,
	zone: string,
	entries: readonly LedgerEntry[]
): ZoneProjection {
	const settlements = settlementsOf(entries);
	const lastDay = settlements[settlements.length - 1]?.date;
	if (lastDay === undefined) return EMPTY_ZONE;
	return zoneStandingAt(home, zone, settlements, addDays(lastDay, -1));
}

function zoneStandingAt(
	home: PreparedHome,
	zone: string,
	settlements: readonly ZoneSettlement[],
	through: CivilDay
): ZoneProjection {
	const versions = home.zoneVersions.get(zone);
	const first = settlements[0]?.date;
	if (!versions || first === undefined) return EMPTY_ZONE;
	const state = advancePass(zone, versions, FIRST_PASS, settlements, addDays(first, -1), through);
	return { through, state, tail: settlements.filter((s) => s.date > through) };
}

/** The state of a zone's pass at the end of `day`, a day after the projection. */
export function passAt(
	home: PreparedHome,
	zone: string,
	projection: ZoneProjection,
	day: CivilDay
): PassState {
	const versions = home.zoneVersions.get(zone);
	if (!versions) return FIRST_PASS;
	if (projection.through === BEGINNING)
		return advancePass(zone, versions, FIRST_PASS, [], addDays(day, -40), day);
	return advancePass(zone, versions, projection.state, projection.tail, projection.through, day);
}

interface SortedLedger {
	readonly byLine: ReadonlyMap<string, LedgerEntry[]>;
	readonly byZone: ReadonlyMap<string, LedgerEntry[]>;
	readonly home: LedgerEntry[];
}

/** The entries by the line and the zone they stand on; undo entries go where the entry they take back went. */
function sortLedger(home: PreparedHome, ledger: readonly LedgerEntry[]): SortedLedger {
	const byLine = new Map<string, LedgerEntry[]>();
	const byZone = new Map<string, LedgerEntry[]>();
	const homeEntries: LedgerEntry[] = [];
	const wentTo = new Map<string, LedgerEntry[][]>();
	const zoneOfJob = new Map(
		home.home.zones.flatMap((zone) => zone.list.map((job) => [job, zone.id] as const))
	);
	const listIn = (map: Map<string, LedgerEntry[]>, key: string) => {
		const list = map.get(key) ?? [];
		map.set(key, list);
		return list;
	};
	for (const entry of ledger) {
		let lists = [homeEntries];
		if (entry.outcome === 'undo') lists = wentTo.get(entry.of) ?? [];
		// How people grow into jobs and what was decluttered change nothing of when jobs fall due.
		else if (APART.includes(entry.outcome)) lists = [];
		else if ('job' in entry) {
			lists = [listIn(byLine, seriesId(entry.job, entry.part))];
			const zone = zoneOfJob.get(entry.job);
			if (zone !== undefined) lists.push(listIn(byZone, zone));
		}
		wentTo.set(entry.id, lists);
		for (const list of lists) list.push(entry);
	}
	return { byLine, byZone, home: homeEntries };
}

/** The projection of a whole home from its ledger, in the order in which the entries were made. */
export function projectHome(home: PreparedHome, ledger: readonly LedgerEntry[]): HomeProjection {
	const { byLine, byZone, home: homeEntries } = sortLedger(home, ledger);
	const pauses = effectivePauses(homeEntries);
	return {
		series: new Map(
			home.series.map((line) => [
				line.id,
				projectSeries(line, byLine.get(line.id) ?? [], pausesForSeries(line, pauses))
			])
		),
		zones: new Map(
			home.home.zones.map((zone) => [zone.id, projectZone(home, zone.id, byZone.get(zone.id) ?? [])])
		),
		home: homeEntries
	};
}

/**
 * A projection that answers for any day, also past ones: no checkpoints, all entries. Costs a walk through the
 * whole ledger, so it is for looking back.
 */
export function projectionAt(home: PreparedHome, ledger: readonly LedgerEntry[]): HomeProjection {
	const sorted = sortLedger(home, ledger);
	return {
		series: new Map(
			[...sorted.byLine].map(([id, entries]) => [
				id,
				{
					checkpoint: EMPTY_CHECKPOINT,
					tail: entries.flatMap((entry) => toSeriesEntry(entry) ?? []),
					last: lastDoneOf(entries)
				}
			])
		),
		zones: new Map(
			[...sorted.byZone].map(([zone, entries]) => {
				const tail = settlementsOf(entries);
				const first = tail[0]?.date;
				return [
					zone,
					first === undefined ? EMPTY_ZONE : { through: addDays(first, -1), state: FIRST_PASS, tail }
				];
			})
		),
		home: sorted.home
	};
}

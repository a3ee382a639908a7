/**
 * The most frequent question: what is on, on a day. Pages, paper, notifications and rehearsal all ask it; none
 * of them computes a due date of its own. Rules: "State of a job".
 */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
import { NO_PAUSES, pauseOn, type Pauses } from '../calendar/pauses';
import { cardOn, visitOn, visitsInYear, zoneOn } from '../calendar/rotation';
import type { Depth } from '../household/fields';
import type { LedgerEntry, PauseEntry } from '../household/entry';
import type { Series, PreparedHome } from './preparedHome';
import type { Job } from '../household/home';
import { inSeason } from '../calendar/recurrence';
import { effectiveEntries, effectiveLedger, type SeriesState, type Mutable } from './series';
import { seriesState } from './seriesState';
import {
	effectivePauses,
	EMPTY_SERIES,
	EMPTY_ZONE,
	passAt,
	pausesForSeries,
	type HomeProjection,
	type LastDone,
	type SeriesProjection
} from './projection';
import { countedItems, fillSitting, orderByNeed, startVisit, visitOrder, type PassState } from './zoneList';
import { zoneVersionOn } from './zoneProgress';

export interface DaySeries extends SeriesState {
	readonly line: Series;
	/** The depth, the minutes and the variant of the occurrence that stands or comes. */
	readonly depth: Depth;
	readonly minutes: number;
	readonly variant: string | null;
	/** weight × (1 + lateTurns): the worth of doing it now. Rules: "State of a job". */
	readonly worth: number;
	/** Entries of work of this day that hold, in the order made. */
	readonly ticks: readonly string[];
	/** The pause under which it lies. */
	readonly pause: PauseEntry | null;
	/** An item of a zone's list that the sitting of the day offers. */
	readonly offered: boolean;
	/** Off the Line by "enough for today". */
	readonly offTheLine: boolean;
	readonly last: LastDone | null;
}

/** The zone of a day: its visit, its pass, and the sitting. */
export interface DayZone {
	readonly zone: string;
	/** Place among the zones, from 1. */
	readonly number: number;
	readonly card: number | null;
	/** Which zone day of the visit it is, and of how many. */
	readonly dayOfVisit: number;
	readonly daysOfVisit: number;
	readonly pass: number;
	readonly settledInPass: number;
	readonly countedInPass: number;
	/** Items of this pass that are not settled, in the order offered. */
	readonly next: readonly string[];
	/** What the sitting of the day offers, settled today or not. */
	readonly offered: readonly string[];
	/** The zone is not clear of clutter: its sitting is for clearing, the deep items wait. */
	readonly clearing: boolean;
}

export interface Day {
	readonly date: CivilDay;
	readonly isFree: boolean;
	readonly isCatchUp: boolean;
	readonly zone: DayZone | null;
	readonly lines: readonly DaySeries[];
	/** The entry that took everything but the basics off the day. */
	readonly enough: string | null;
	/** The day was declared light (`quick`) or deep by hand, and the entry that says so. */
	readonly declared: { readonly entry: string; readonly depth: Depth } | null;
	readonly pauses: readonly PauseEntry[];
}

/** The depth of the occurrence after `doneTurns` done ones. Rules: "State of a job": "Deep every k-th time" counts occurrences done. */
export function depthOf(job: Job, doneTurns: number): Depth {
	return job.deepEvery !== undefined && job.depths.deep && (doneTurns + 1) % job.deepEvery === 0
		? 'deep'
		: 'usual';
}

/** The depth at which a job is done where a depth was chosen: that one if the job has it, else that of its turn. */
export function depthAs(job: Job, doneTurns: number, chosen: Depth | null): Depth {
	return chosen !== null && chosen !== 'usual' && job.depths[chosen] ? chosen : depthOf(job, doneTurns);
}

/** What a day was declared to be by hand; null for nothing, or for a usual day again. */
export function declaredOn(entries: readonly LedgerEntry[], date: CivilDay): Day['declared'] {
	const last = entries.findLast((entry) => entry.outcome === 'dayDepth' && entry.date === date);
	return last?.outcome === 'dayDepth' && last.depth !== 'usual'
		? { entry: last.id, depth: last.depth }
		: null;
}

/** A line done at another depth than its turn's, as far as its job has it. */
export function atDepth(line: DaySeries, chosen: Depth | null): DaySeries {
	if (chosen === null) return line;
	return withDepth(line, depthAs(line.line.job, line.doneTurns, chosen));
}

/** A line done at just this depth, whatever its turn and its day say; as it is where its job has no such depth. */
export function withDepth(line: DaySeries, depth: Depth): DaySeries {
	const list = line.line.job.depths[depth];
	return depth === line.depth || !list ? line : { ...line, depth, minutes: list.minutes };
}

/** The variant of the occurrence after `doneTurns` done ones, or null for a job that does not alternate. */
export function variantOf(job: Job, doneTurns: number): string | null {
	return job.variants ? (job.variants[doneTurns % job.variants.length] ?? null) : null;
}

/** A job by name, and by the thing that comes of it where it alternates: "One appliance: kettle". */
export const jobTitle = (name: string, variant: string | null): string =>
	variant === null ? name : `${name}: ${variant}`;

/** Judgements of clutter that hold: the newest of each zone, made on or before `day`. */
export function clutterOf(entries: readonly LedgerEntry[], day: CivilDay): Map<string, string> {
	const clutter = new Map<string, string>();
	for (const entry of entries) {
		if (entry.outcome === 'judgement' && entry.date <= day) clutter.set(entry.zone, entry.clutter);
	}
	return clutter;
}

/** The order in which a zone offers its items to a visit that finds the pass in `state`. */
function orderOffered(
	home: PreparedHome,
	projection: HomeProjection,
	zoneId: string,
	state: PassState,
	day: CivilDay
): string[] {
	const zone = home.zoneById.get(zoneId);
	const version = zoneVersionOn(home.zoneVersions.get(zoneId) ?? [], day);
	if (zone?.orderBy !== 'need') return visitOrder(state, version.items, day);
	const visits = Math.max(1, visitsInYear(zoneId, day, version.rotation));
	// By need a pass says nothing: the gap of an item holds how often it comes.
	return orderByNeed(
		version.items
			.filter((item) => inSeason(day, item.season))
			.map((item) => {
				const gap = (item.every * 365) / visits;
				const line = home.seriesById.get(item.id);
				const startsOn = line?.versions[0]?.rule?.startsOn ?? day;
				const last = projection.series.get(item.id)?.last?.date;
				// An item that was never done counts as due on its first day.
				const lastDone = last ?? (addDays(startsOn, -Math.round(gap)) as CivilDay);
				return { id: item.id, weight: line?.job.weight ?? 1, lastDone, gap };
			}),
		day
	);
}

/** How often an item of a zone was done before `day`. */
export function doneBefore(item: SeriesProjection | undefined, day: CivilDay): number {
	if (!item) return 0;
	const since = effectiveEntries(item.tail).filter(
		(entry) => (entry.outcome === 'done' || entry.outcome === 'looked') && entry.date < day
	);
	return item.checkpoint.doneTurns + since.length;
}

function readZone(
	home: PreparedHome,
	projection: HomeProjection,
	clutter: Map<string, string>,
	day: CivilDay,
	chosen: Depth | null
): DayZone | null {
	const rotation = home.rotation;
	const visit = visitOn(day, rotation);
	if (!visit) return null;
	const version = zoneVersionOn(home.zoneVersions.get(visit.zone) ?? [], day);
	const zoneStanding = projection.zones.get(visit.zone) ?? EMPTY_ZONE;
	const begin = startVisit(passAt(home, visit.zone, zoneStanding, addDays(day, -1)), version.items, day);
	const now = startVisit(passAt(home, visit.zone, zoneStanding, day), version.items, day);
	const counted = countedItems(version.items, now.pass, day);
	const minutesOf = (id: string) => {
		const line = home.seriesById.get(id);
		if (!line) return 0;
		const depth = depthAs(line.job, doneBefore(projection.series.get(id), day), chosen);
		return line.job.depths[depth]?.minutes ?? line.job.depths.usual.minutes;
	};
	const byNeed = home.zoneById.get(visit.zone)?.orderBy === 'need';
	const clearing = (clutter.get(visit.zone) ?? 'clear') !== 'clear';
	return {
		zone: visit.zone,
		number: rotation.zones.indexOf(visit.zone) + 1,
		card: cardOn(day, rotation),
		dayOfVisit: visit.days.indexOf(day) + 1,
		daysOfVisit: visit.days.length,
		pass: now.pass,
		settledInPass: counted.filter((item) => now.settled.includes(item.id)).length,
		countedInPass: counted.length,
		next: orderOffered(home, projection, visit.zone, now, day).filter((id) =>
			byNeed ? projection.series.get(id)?.last?.date !== day : !now.settled.includes(id)
		),
		offered: clearing
			? []
			: fillSitting(
					orderOffered(home, projection, visit.zone, begin, day),
					minutesOf,
					home.home.household.rhythm.sittingMinutes
				),
		clearing
	};
}

/** The next zone day of a zone after `day`, within a year. */
function nextZoneDay(home: PreparedHome, zone: string, day: CivilDay): CivilDay | null {
	for (let i = 1; i <= 366; i++) {
		const d = addDays(day, i);
		if (zoneOn(d, home.rotation) === zone) return d;
	}
	return null;
}

/** The state of a zone item: due when the sitting offers it, done when settled on the day, else resting. */
function zoneItemState(
	state: SeriesState,
	settledToday: boolean,
	offered: boolean,
	next: CivilDay | null
): SeriesState {
	if (state.state === 'paused' || state.state === 'due' || state.state === 'late') return state;
	const own: Mutable<SeriesState> = state;
	own.state = settledToday ? 'done' : offered ? 'due' : 'resting';
	own.nextOn = next;
	return own;
}

/**
 * What a day holds: every line of the home with its state, and the zone with its sitting. `date` must lie
 * after the checkpoints of the projection; for days before them, project the projection from the ledger up to
 * that day.
 */
export function readDay(home: PreparedHome, projection: HomeProjection, date: CivilDay): Day {
	const { rhythm } = home.home.household;
	const holding = effectiveLedger(projection.home);
	const pauses = effectivePauses(projection.home);
	const enough = holding.find((entry) => entry.outcome === 'enough' && entry.date === date)?.id ?? null;
	const declared = declaredOn(holding, date);
	const zone = readZone(home, projection, clutterOf(holding, date), date, declared?.depth ?? null);
	const nextDays = new Map<string, CivilDay | null>();

	const lines = home.series.map((line): DaySeries => {
		const { job } = line;
		const at = projection.series.get(line.id) ?? EMPTY_SERIES;
		const linePauses: Pauses = pauses.length > 0 ? pausesForSeries(line, pauses) : NO_PAUSES;
		let state = seriesState(
			{ versions: line.versions, checkpoint: at.checkpoint, ledger: at.tail, pauses: linePauses },
			date
		);
		const ticks = at.tail.some((entry) => entry.date === date)
			? effectiveEntries(at.tail).filter((entry) => entry.date === date && isTick(entry.outcome))
			: [];
		let offered = false;
		if (job.cadence.type === 'zone') {
			offered = zone?.offered.includes(job.id) ?? false;
			const settled = ticks.some((entry) => entry.outcome !== 'part');
			const zoneId = line.room.zone ?? '';
			if (!nextDays.has(zoneId)) nextDays.set(zoneId, nextZoneDay(home, zoneId, date));
			state = zoneItemState(state, settled, offered, nextDays.get(zoneId) ?? null);
		}
		const depth = depthAs(job, state.doneTurns, declared?.depth ?? null);
		// Field by field: spreading one object into so large a one costs more than all else here.
		return {
			state: state.state,
			dueOn: state.dueOn,
			opensOn: state.opensOn,
			nextOn: state.nextOn,
			lateDays: state.lateDays,
			lateTurns: state.lateTurns,
			catchUpOn: state.catchUpOn,
			settledBy: state.settledBy,
			shareDone: state.shareDone,
			doneTurns: state.doneTurns,
			line,
			depth,
			minutes: job.depths[depth]?.minutes ?? job.depths.usual.minutes,
			variant: variantOf(job, state.doneTurns),
			worth: job.weight * (1 + state.lateTurns),
			ticks: ticks.length === 0 ? NO_TICKS : ticks.map((entry) => entry.id),
			pause: state.state === 'paused' ? pauseOver(pauses, line, date) : null,
			offered,
			offTheLine: enough !== null && job.layer !== 'basics',
			last: at.last
		};
	});
	return {
		date,
		isFree: rhythm.freeDays.includes(weekdayOf(date)),
		isCatchUp: rhythm.catchUpDays.includes(weekdayOf(date)),
		zone,
		lines,
		enough,
		declared,
		pauses: pauses.filter((pause) => pause.from <= date && date <= pause.to)
	};
}

const NO_TICKS: readonly string[] = [];
const isTick = (outcome: string) => ['done', 'looked', 'letgo', 'part'].includes(outcome);

function pauseOver(pauses: readonly PauseEntry[], line: Series, date: CivilDay): PauseEntry | null {
	return pauses.find((pause) => pauseOn(pausesForSeries(line, [pause]), date) !== null) ?? null;
}

/**
 * What is to come: the due dates of every line over a span, as things stand. Floating lines are taken to be
 * done on their due days; a settled turn is passed over, a moved one lies on its new day, a paused one not at all.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { pauseOn, type Pauses } from '../calendar/pauses';
import type { Series, PreparedHome } from './preparedHome';
import { datedOccurrences } from './calendarSeries';
import { EMPTY_CHECKPOINT, effectiveEntries, versionOn } from './series';
import { seriesState, type SeriesInput } from './seriesState';
import { effectivePauses, EMPTY_SERIES, pausesForSeries, type HomeProjection } from './projection';
import { inSeason } from '../calendar/recurrence';

export const NO_STANDING: HomeProjection = { series: new Map(), zones: new Map(), home: [] };

const FLOATS_AT_MOST = 600;

function floatingDays(
	line: Series,
	first: CivilDay,
	from: CivilDay,
	to: CivilDay,
	pauses: Pauses
): CivilDay[] {
	const rule = versionOn(line.versions, first)?.rule ?? line.versions[line.versions.length - 1]?.rule;
	if (!rule || rule.cadence.type !== 'afterDone') return [];
	const days: CivilDay[] = [];
	let day = first;
	for (let n = 0; day <= to && n < FLOATS_AT_MOST; n++) {
		const pause = pauseOn(pauses, day);
		if (pause) {
			day = addDays(pause.to, 1);
			continue;
		}
		if (!inSeason(day, rule.season)) {
			day = addDays(day, 1);
			n--;
			if (day - first > 800) break;
			continue;
		}
		if (day >= from) days.push(day);
		day = addDays(day, rule.cadence.max);
	}
	return days;
}

/**
 * Due dates of one line from `from` to `to`. `today` is the day whose state is known; a turn that stands late or
 * waiting is not a date to come. Zone items have none of their own.
 */
export function upcomingDays(
	line: Series,
	standing: HomeProjection,
	pauses: Pauses,
	today: CivilDay,
	from: CivilDay,
	to: CivilDay
): CivilDay[] {
	const { cadence } = line.job;
	if (cadence.type === 'zone' || cadence.type === 'onCall')
		return cadence.type === 'zone' ? [] : called(line, standing, from, to);
	const at = standing.series.get(line.id) ?? EMPTY_SERIES;
	const input: SeriesInput = { versions: line.versions, checkpoint: at.checkpoint, ledger: at.tail, pauses };
	if (cadence.type === 'afterDone') {
		const state = seriesState(input, today);
		if (state.state === 'paused') {
			// What stands under a cloth is read on the day after it.
			const pause = pauseOn(pauses, today);
			const after = pause ? addDays(pause.to, 1) : today;
			const then = seriesState(input, after);
			const first =
				then.state === 'due' || then.state === 'late' || then.state === 'waiting' ? after : then.nextOn;
			return first === null ? [] : floatingDays(line, first, from, to, pauses);
		}
		const stands = state.state === 'due' || state.state === 'late' || state.state === 'waiting';
		const first = stands ? today : state.nextOn;
		return first === null ? [] : floatingDays(line, first, from, to, pauses);
	}
	const changes = effectiveEntries(at.tail).filter(
		(entry) =>
			entry.outcome === 'moved' ||
			entry.outcome === 'skipped' ||
			entry.outcome === 'extra' ||
			entry.outcome === 'called'
	);
	const settled = new Set<number>(at.checkpoint === EMPTY_CHECKPOINT ? [] : at.checkpoint.settledAhead);
	const nextOn = at.tail.length > 0 || settled.size > 0 ? seriesState(input, today) : null;
	return datedOccurrences(line.versions, changes, from, to)
		.filter((turn) => {
			if (turn.skipped || pauseOn(pauses, turn.due)) return false;
			if (turn.due <= today || nextOn === null) return true;
			// Settled early: the state of today passes it over.
			return nextOn.nextOn === null ? nextOn.state === 'paused' : turn.due >= nextOn.nextOn;
		})
		.map((turn) => turn.due);
}

function called(line: Series, standing: HomeProjection, from: CivilDay, to: CivilDay): CivilDay[] {
	const at = standing.series.get(line.id) ?? EMPTY_SERIES;
	return datedOccurrences(
		line.versions,
		effectiveEntries(at.tail).filter((e) => e.outcome === 'called' || e.outcome === 'extra'),
		from,
		to
	).map((turn) => turn.due);
}

/** Due dates of all lines of a home that have any in the span, by the line's id. */
export function upcomingTurns(
	home: PreparedHome,
	standing: HomeProjection,
	today: CivilDay,
	from: CivilDay,
	to: CivilDay
): Map<string, CivilDay[]> {
	const pauses = effectivePauses(standing.home);
	const result = new Map<string, CivilDay[]>();
	for (const line of home.series) {
		const days = upcomingDays(
			line,
			standing,
			pauses.length > 0 ? pausesForSeries(line, pauses) : [],
			today,
			from,
			to
		);
		if (days.length > 0) result.set(line.id, days);
	}
	return result;
}

/** The first due dates of a line after `today`, at most `count`, within three years. */
export function nextDays(
	line: Series,
	standing: HomeProjection,
	pauses: Pauses,
	today: CivilDay,
	count: number
): CivilDay[] {
	for (let reach = 60; ; reach *= 3) {
		const days = upcomingDays(line, standing, pauses, today, addDays(today, 1), addDays(today, reach));
		if (days.length >= count || reach > 1100) return days.slice(0, count);
	}
}

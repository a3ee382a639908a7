/**
 * The one door for dates that are not past. Whoever shows, prints, feeds, assigns or weighs a coming date asks here:
 * nothing else computes one. Rules: "One door for dates".
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { pauseOn, type Pauses } from '../calendar/pauses';
import { datedOccurrences } from './calendarSeries';
import type { PreparedHome, Series } from './preparedHome';
import { effectivePauses, EMPTY_SERIES, pausesForSeries, type HomeProjection } from './projection';
import { effectiveEntries } from './series';
import { seriesDates, seriesState } from './seriesState';

/** The day after which nothing is forecast: a year and a half ahead. */
export const lastForecast = (today: CivilDay): CivilDay => addDays(today, 550);

/** A home of which nothing is written down yet. */
export const NOTHING_DONE: HomeProjection = { series: new Map(), zones: new Map(), home: [] };

/** What is known today of a series. */
export interface KnownSeries {
	readonly projection: HomeProjection;
	readonly pauses: Pauses;
	readonly today: CivilDay;
}

/**
 * The dates on which a series falls due, from one to another, in order. After `today` they are a forecast: what is
 * settled ahead, skipped, paused or out of season is not there, what was moved is on its new date, what waits on its
 * catch-up day, and a job after done is taken to be done on each of its dates. Up to `today` they are the dates by the
 * recurrence, whatever became of them, for what is printed in mid-week. Zone jobs have only what was put on a date by
 * hand; their sittings are `sittingsAhead`'s.
 */
export function occurrencesOf(
	series: Series,
	{ projection, pauses, today }: KnownSeries,
	from: CivilDay,
	to: CivilDay
): CivilDay[] {
	const at = projection.series.get(series.id) ?? EMPTY_SERIES;
	const ahead =
		to > today
			? seriesDates(
					{ versions: series.versions, checkpoint: at.checkpoint, ledger: at.tail, pauses },
					today,
					to
				).filter((date) => date >= from)
			: [];
	if (from > today) return ahead;
	const changes = effectiveEntries(at.tail).filter((entry) =>
		['moved', 'skipped', 'extra', 'called'].includes(entry.outcome)
	);
	const behind = datedOccurrences(series.versions, changes, from, to < today ? to : today)
		.filter((occurrence) => !occurrence.skipped && !pauseOn(pauses, occurrence.due))
		.map((occurrence) => occurrence.due);
	// A job after done has no dates gone by, but it may stand today.
	if (to >= today && series.job.cadence.type === 'afterDone') {
		const input = { versions: series.versions, checkpoint: at.checkpoint, ledger: at.tail, pauses };
		const { state } = seriesState(input, today);
		if ((state === 'due' || state === 'late') && !behind.includes(today)) behind.push(today);
	}
	return [...behind, ...ahead];
}

/** The same for all series of a home that have any in the span, by their ids. */
export function occurrencesBetween(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	from: CivilDay,
	to: CivilDay
): Map<string, CivilDay[]> {
	const pauses = effectivePauses(projection.home);
	const found = new Map<string, CivilDay[]>();
	for (const series of home.series) {
		const known = { projection, today, pauses: pauses.length > 0 ? pausesForSeries(series, pauses) : [] };
		const dates = occurrencesOf(series, known, from, to);
		if (dates.length > 0) found.set(series.id, dates);
	}
	return found;
}

/** The first dates of a series after `after` (today where nothing is said), at most `count`, within three years. */
export function nextDates(
	series: Series,
	known: KnownSeries,
	count: number,
	after: CivilDay = known.today
): CivilDay[] {
	for (let reach = 60; ; reach *= 3) {
		const dates = occurrencesOf(series, known, addDays(after, 1), addDays(after, reach));
		if (dates.length >= count || reach > 1100) return dates.slice(0, count);
	}
}

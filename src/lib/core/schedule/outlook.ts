/** Minutes by day over a span: what the drying yard, the Round and the rhythm editor draw. */
import { addDays, firstOfMonth, monthIndexOf, toDay, weekdayOf, type CivilDay } from '../calendar/civil';
import { mergeSpans, pauseOn } from '../calendar/pauses';
import { cardOn, visitOn, zoneOn } from '../calendar/rotation';
import { weekStartOf } from '../calendar/weeks';
import { NOTHING_DONE, occurrencesBetween } from './occurrences';
import type { PreparedHome } from './preparedHome';
import { effectivePauses, pausesForSeries, type HomeProjection } from './projection';
import { sittingsAhead } from './sittings';

export interface OutlookDay {
	readonly date: CivilDay;
	readonly basics: number;
	readonly weekly: number;
	/** Of the sitting. */
	readonly zoneMinutes: number;
	readonly long: number;
	readonly total: number;
	readonly zone: string | null;
	readonly card: number | null;
	/** The whole home is under a cloth. */
	readonly paused: boolean;
	/** Lines that fall due, in the order of the home. */
	readonly lines: readonly string[];
}

/** The days from `from`, `days` of them: minutes by layer, the zone, and what falls due. `today` is known. */
export function outlook(
	home: PreparedHome,
	from: CivilDay,
	days: number,
	projection: HomeProjection = NOTHING_DONE,
	today: CivilDay = addDays(from, -1)
): OutlookDay[] {
	const to = addDays(from, days - 1);
	const occurrences = occurrencesBetween(home, projection, today, from, to);
	const minutes = {
		basics: new Float64Array(days),
		weekly: new Float64Array(days),
		zone: new Float64Array(days),
		long: new Float64Array(days)
	};
	const lines: string[][] = Array.from({ length: days }, () => []);
	const put = (id: string, i: number) => {
		const line = home.seriesById.get(id);
		const sum = line && minutes[line.job.layer];
		if (!sum) return;
		sum[i] = (sum[i] as number) + line.job.depths.usual.minutes;
		lines[i]?.push(id);
	};
	const { freeDays } = home.home.household.rhythm;
	const windows: { id: string; opens: number; due: number }[] = [];
	for (const [id, dates] of occurrences) {
		const job = home.seriesById.get(id)?.job;
		const inMonth = job?.cadence.type === 'months';
		const begins = job?.startsOn === undefined ? from : toDay(job.startsOn);
		for (const date of dates) {
			if (inMonth)
				windows.push({
					id,
					// On no day gone by, and on none before it begins.
					opens: Math.min(date, Math.max(from, today, begins, firstOfMonth(monthIndexOf(date)))) - from,
					due: date - from
				});
			else put(id, date - from);
		}
	}
	const pauses = effectivePauses(projection.home);
	// A job of a month may be done on any of its days: it is taken to be done on the emptiest, not all on the last.
	for (const { id, opens, due } of windows) {
		const line = home.seriesById.get(id);
		const spans = line && pauses.length > 0 ? pausesForSeries(line, pauses) : [];
		let best = due;
		let least = Infinity;
		for (let i = opens; i <= due; i++) {
			if (pauseOn(spans, addDays(from, i))) continue;
			const load = minutes.weekly[i] as number;
			const sum = load + (minutes.basics[i] as number) + (minutes.long[i] as number);
			const free = freeDays.includes(weekdayOf(addDays(from, i))) ? 1000 : 0;
			if (sum + free < least) {
				least = sum + free;
				best = i;
			}
		}
		put(id, best);
	}
	const wholeHome = mergeSpans(pauses.filter((pause) => pause.scope === 'household'));
	const sittings = new Map(sittingsAhead(home, projection, today, to).map((one) => [one.date, one]));
	const { sittingMinutes } = home.home.household.rhythm;
	return Array.from({ length: days }, (_, i): OutlookDay => {
		const date = addDays(from, i);
		const on = zoneOn(date, home.rotation);
		const ahead = sittings.get(date);
		// Of a day gone by only the zone is told, not what its sitting offered.
		const sits = ahead
			? (ahead.offered.length > 0 || ahead.clearing) && !pauseOn(wholeHome, date)
			: date <= today &&
				on !== null &&
				(home.zoneById.get(on)?.list.length ?? 0) > 0 &&
				!pauseOn(wholeHome, date);
		// What it offers is what is done: one long item is longer than a sitting.
		const offered = (ahead?.offered ?? []).reduce(
			(sum, id) => sum + (home.jobById.get(id)?.depths.usual.minutes ?? 0),
			0
		);
		const sitting = sits ? (offered > 0 ? offered : sittingMinutes) : 0;
		const [basics, weekly, zone, long] = [
			minutes.basics[i] as number,
			minutes.weekly[i] as number,
			(minutes.zone[i] as number) + sitting,
			minutes.long[i] as number
		];
		return {
			date,
			basics,
			weekly,
			zoneMinutes: zone,
			long,
			total: basics + weekly + zone + long,
			zone: on,
			card: cardOn(date, home.rotation),
			paused: pauseOn(wholeHome, date) !== null,
			lines: lines[i] ?? []
		};
	});
}

export interface OutlookWeek {
	readonly zone: string | null;
	readonly from: CivilDay;
	readonly to: CivilDay;
	/** Zone days of the visit. */
	readonly zoneDays: number;
	readonly paused: boolean;
}

/** The visits of a year as runs of days: for the Round. Runs without a zone are there, too. */
export function visitsOf(days: readonly OutlookDay[], home: PreparedHome): OutlookWeek[] {
	const runs: {
		zone: string | null;
		from: CivilDay;
		to: CivilDay;
		zoneDays: number;
		paused: number;
		key: string;
	}[] = [];
	const byRow = home.rotation.scheme.type === 'rows';
	for (const day of days) {
		const week = weekStartOf(day.date, home.rotation.weekStart);
		const visit = visitOn(day.date, home.rotation);
		const last = runs[runs.length - 1];
		const month = byRow ? monthIndexOf(day.date) : 0;
		const key = `${week} ${month}`;
		if (
			last &&
			last.key === key &&
			(last.zone === (visit?.zone ?? null) || visit === null || last.zone === null)
		) {
			last.to = day.date;
			last.zone = last.zone ?? visit?.zone ?? null;
			if (visit) last.zoneDays++;
			if (day.paused) last.paused++;
		} else {
			runs.push({
				zone: visit?.zone ?? null,
				from: day.date,
				to: day.date,
				zoneDays: visit ? 1 : 0,
				paused: day.paused ? 1 : 0,
				key
			});
		}
	}
	return runs.map(({ zone, from, to, zoneDays, paused }) => ({
		zone,
		from,
		to,
		zoneDays,
		paused: paused > (to - from) / 2
	}));
}

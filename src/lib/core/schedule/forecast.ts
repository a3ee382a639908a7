/**
 * What a coming day will hold if everything is done in its time: the turns that fall due on it, and what its
 * zone's sitting would offer. Rules: "One door for dates".
 */
import { addDays, type CivilDay } from '../calendar/civil';
import { pauseOn, type Pauses } from '../calendar/pauses';
import { visitOn } from '../calendar/rotation';
import type { PreparedHome } from './preparedHome';
import { datedOccurrences } from './calendarSeries';
import { effectiveEntries } from './series';
import { readDay, type Day, type DaySeries, type DayZone } from './readDay';
import { effectivePauses, pausesForSeries, type HomeProjection } from './projection';
import { fillSitting } from './zoneList';

/** Whether a turn of a line falls due on a coming day, as things stand today. */
function fallsDue(
	standing: HomeProjection,
	line: DaySeries,
	today: CivilDay,
	date: CivilDay,
	pauses: Pauses
): boolean {
	const { job, versions, id } = line.line;
	if (pauseOn(pauses, date)) return false;
	if (job.cadence.type === 'zone') return false;
	if (job.cadence.type === 'afterDone') {
		const { max } = job.cadence;
		const first =
			line.state === 'due' || line.state === 'late' || line.state === 'waiting' ? today : line.nextOn;
		if (first === null || date <= today) return false;
		return first === today ? (date - today) % max === 0 : date >= first && (date - first) % max === 0;
	}
	const at = standing.series.get(id);
	const changes = effectiveEntries(at?.tail ?? []);
	const turn = datedOccurrences(versions, changes, date, date)[0];
	if (!turn || turn.skipped) return false;
	// Settled early: the state of today knows it by passing it over.
	return line.nextOn === null || date >= line.nextOn || line.state === 'open';
}

/** The items that the sitting of a coming zone day would offer. */
function forecastSitting(home: PreparedHome, today: Day, coming: Day): string[] {
	const zone = coming.zone;
	const visit = visitOn(coming.date, home.rotation);
	if (!zone || !visit || zone.clearing) return [];
	const minutesOf = (id: string) => home.jobById.get(id)?.depths.usual.minutes ?? 0;
	const settled = new Set(today.zone?.zone === zone.zone ? today.zone.offered : []);
	let order = zone.next.filter((id) => !settled.has(id));
	let offered: string[] = [];
	for (const day of visit.days) {
		if (day > coming.date) break;
		if (day <= today.date) continue;
		offered = fillSitting(order, minutesOf, home.home.household.rhythm.sittingMinutes);
		order = order.filter((id) => !offered.includes(id));
	}
	return offered;
}

/** A coming day: its lines are those that will be due on it. `date` is after `today`. */
export function forecastDay(
	home: PreparedHome,
	standing: HomeProjection,
	today: CivilDay,
	date: CivilDay
): Day {
	const now = readDay(home, standing, today);
	const then = readDay(home, standing, date);
	const pauses = effectivePauses(standing.home);
	const offered = forecastSitting(home, now, then);
	const lines = now.lines.flatMap((line): DaySeries[] => {
		const inSitting = offered.includes(line.line.job.id);
		if (!inSitting && !fallsDue(standing, line, today, date, pausesForSeries(line.line, pauses))) return [];
		return [
			{
				...line,
				state: 'due',
				dueOn: date,
				opensOn: date,
				nextOn: null,
				lateDays: 0,
				lateTurns: 0,
				shareDone: 0,
				worth: line.line.job.weight,
				ticks: [],
				settledBy: [],
				pause: null,
				catchUpOn: null,
				offered: inSitting,
				offTheLine: false
			}
		];
	});
	const zone: DayZone | null = then.zone ? { ...then.zone, offered } : null;
	return { ...then, lines, zone, enough: null };
}

/** The day after which nothing is forecast: a year and a half ahead. */
export function lastForecast(today: CivilDay): CivilDay {
	return addDays(today, 550);
}

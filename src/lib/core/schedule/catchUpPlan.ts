/**
 * The way back after an illness: the basics first, then the backlog in sittings over the next days, not all of it
 * on day one. Rules: "Pauses".
 */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
import type { PauseEntry } from '../household/entry';
import type { PreparedHome } from './preparedHome';
import { minutesToDo, urgency } from './agenda';
import { readDay, type DaySeries } from './readDay';
import type { HomeProjection } from './projection';

export interface CatchUpDay {
	readonly date: CivilDay;
	/** Minutes of the basics of that day. */
	readonly basics: number;
	/** Lines of the backlog that the day's sitting takes. */
	readonly sitting: readonly DaySeries[];
	readonly minutes: number;
}

export interface CatchUpPlan {
	readonly days: readonly CatchUpDay[];
	/** The first day on which nothing of the backlog is left. */
	readonly clearOn: CivilDay | null;
}

/** A first day holds its basics and half a sitting; every day after a little more, up to all that it has. */
const FIRST_SHARE = 0.3;
const GROWS_BY = 0.2;
const AT_MOST_DAYS = 28;
/** Days after an illness for which its way back is still of use. */
const REMEMBERED = 10;

/**
 * The day from which the way back after an illness leads: the day after it, or today where it is over already;
 * null where nobody was ill of late.
 */
export function backAfterIllness(pauses: readonly PauseEntry[], today: CivilDay): CivilDay | null {
	const ends = pauses.filter((pause) => pause.reason === 'ill').map((pause) => pause.to);
	const last = Math.max(-Infinity, ...ends);
	if (last < today - REMEMBERED) return null;
	return last >= today ? addDays(last as CivilDay, 1) : today;
}

/**
 * Lays what stands late or waiting on `from` over the days from then on, the most urgent first, in sittings of
 * `sittingMinutes` at the most, within what `minutesADay` leaves beside the basics. Free days have basics only.
 */
export function catchUpPlan(
	home: PreparedHome,
	projection: HomeProjection,
	from: CivilDay,
	minutesADay: number,
	sittingMinutes: number
): CatchUpPlan {
	const day = readDay(home, projection, from);
	const backlog = day.lines
		.filter((line) => (line.state === 'late' || line.state === 'waiting') && line.line.job.layer !== 'basics')
		.sort((a, b) => urgency(b) - urgency(a) || b.worth - a.worth || (a.line.id < b.line.id ? -1 : 1));
	const basicsOf = (date: CivilDay) =>
		(date === from ? day : readDay(home, projection, date)).lines
			.filter((line) => line.line.job.layer === 'basics' && (line.state === 'due' || line.state === 'late'))
			.reduce((sum, line) => sum + minutesToDo(line), 0);
	const { freeDays } = home.home.household.rhythm;
	const days: CatchUpDay[] = [];
	const left = [...backlog];
	let strength = FIRST_SHARE;
	for (let i = 0; left.length > 0 && i < AT_MOST_DAYS; i++) {
		const date = addDays(from, i);
		const basics = basicsOf(date);
		const free = freeDays.includes(weekdayOf(date)) ? 0 : Math.max(0, minutesADay - basics);
		// The strength of a day grows; one job always fits, or the longest would never come.
		const room = Math.min(sittingMinutes * Math.max(1, strength * 3), free * Math.min(1, strength));
		const sitting: DaySeries[] = [];
		let used = 0;
		for (let k = 0; k < left.length && free > 0; k++) {
			const line = left[k] as DaySeries;
			const minutes = minutesToDo(line);
			if (sitting.length > 0 && used + minutes > room) continue;
			sitting.push(line);
			used += minutes;
			left.splice(k--, 1);
		}
		days.push({ date, basics, sitting, minutes: basics + used });
		strength = Math.min(1, strength + GROWS_BY);
	}
	return { days, clearOn: left.length > 0 ? null : addDays(from, days.length) };
}

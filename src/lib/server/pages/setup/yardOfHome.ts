/** Four weeks of a home, seven cloths a line: for choosing a rhythm, and for trying another one. */
import { addDays, partsOf, type CivilDay } from '$core/calendar/civil';
import { weekStartOf } from '$core/calendar/weeks';
import { minutesOfDay } from '$core/household/dayMinutes';
import { outlook } from '$core/schedule/outlook';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { workOfHome } from '$core/schedule/workOfHome';
import type { HomeProjection } from '$core/schedule/projection';
import type { Yard } from '$views/setup';
import { monthName, shortDate, weekdayName, weekFrom } from '$words/general';

/** A weekday where it is as long each week, else the day. */
function whenLongest<Day extends { date: CivilDay; total: number }>(
	days: readonly Day[],
	longest: Day
): string {
	const weekday = weekdayName(longest.date);
	const same = days.filter((day) => weekdayName(day.date) === weekday);
	return same.every((day) => day.total > longest.total - 0.5) ? `${weekday}s` : shortDate(longest.date);
}

/** Four weeks of a home from the next week on, as the drying yard hangs them. */
export function yardOfHome(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	name: string
): Yard {
	const from = weekStartOf(addDays(today, 6), home.rotation.weekStart);
	const days = outlook(home, from, 28, projection, today).map((day) => workOfHome(day, home));
	const holds = minutesOfDay(home.home.household);
	const marks = new Map(home.home.zones.map((zone, i) => [zone.id, { weave: zone.weave, number: i + 1 }]));
	const longest = days.reduce((most, day) => (day.total > most.total ? day : most));
	const hours = days.reduce((sum, day) => sum + day.total, 0) / 240;
	return {
		pattern: '',
		name,
		says: '',
		holds,
		hoursAWeek: hours < 10 ? hours.toFixed(1).replace(/\.0$/, '') : String(Math.round(hours)),
		longest: Math.round(longest.total),
		longestDay: whenLongest(days, longest),
		over: Math.max(0, Math.round(longest.total - holds)),
		without: 0,
		weekdays: weekFrom(home.rotation.weekStart).map((day) => day.short),
		weeks: Array.from({ length: 4 }, (_, w) => {
			const own = days.slice(w * 7, w * 7 + 7);
			const first = own[0] as (typeof days)[number];
			return {
				day: partsOf(first.date).day,
				month: monthName(first.date).slice(0, 3),
				// Where each weekday has a zone of its own, a week has none.
				zones:
					home.rotation.scheme.type === 'weekdays'
						? []
						: [...new Set(own.flatMap((day) => (day.zone ? [marks.get(day.zone)?.number ?? 0] : [])))],
				days: own.map((day) => ({
					total: Math.round(day.total),
					basics: day.basics,
					weekly: day.weekly + day.long,
					zone: day.zoneMinutes,
					weave: day.zone ? (marks.get(day.zone)?.weave ?? null) : null,
					over: day.total > holds + 0.5
				}))
			};
		})
	};
}

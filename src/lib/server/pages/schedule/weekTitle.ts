/** What a week is called, and the zone that has it. */
import { LOAD_SCHEDULE_SAYS } from '$words/answers/schedule';
import { addDays, partsOf, type CivilDay } from '$core/calendar/civil';
import { zonesHaveDays } from '$core/schedule/zoneItems';
import { outlook } from '$core/schedule/outlook';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import { dayMonth, daySpan, weekdayName } from '$words/general';
import { zoneProgress } from '$words/today';
import { zoneMark } from '../today/jobRows';
import type { ScheduleFacts } from './scheduleFacts';

export function middleOf({ home, projection, today }: ScheduleFacts, chosen: CivilDay, start: CivilDay) {
	const end = addDays(start, 6);
	const at = chosen < start ? start : chosen;
	const week = Array.from({ length: 7 }, (_, i) => addDays(start, i));
	// How far the pass is, is told as of today; of another week by its first zone day.
	const zoneDay = [today, ...week].find(
		(day) => week.includes(day) && zoneOn(home, projection, day) !== null
	);
	const zone = zoneDay === undefined ? null : zoneOn(home, projection, zoneDay);
	const mark = zone ? zoneMark(home, zone.zone) : null;
	const current = today >= start && today <= end;
	const span = daySpan(start, end);
	const hasDays = zonesHaveDays(home.home);
	// Where each zone has its day the zone of one day is told, and the next one comes on the next day.
	const next = current ? nextZone(home, hasDays ? (zoneDay ?? end) : end) : null;
	return {
		title: current ? LOAD_SCHEDULE_SAYS.thisWeekDayByDay : LOAD_SCHEDULE_SAYS.theWeekOf(dayMonth(start)),
		under: next
			? LOAD_SCHEDULE_SAYS.next(next)
			: `${home.home.household.rhythm.pattern}, ${partsOf(at).year}`,
		middle: {
			number: mark?.number ?? null,
			name: mark?.name ?? LOAD_SCHEDULE_SAYS.noZone,
			span:
				hasDays && zoneDay !== undefined
					? `${weekdayName(zoneDay)} ${dayMonth(zoneDay)}`
					: `${span}${zone ? `, ${LOAD_SCHEDULE_SAYS.days(zone.daysOfVisit)}` : ''}`,
			progress: zone && current && !hasDays ? zoneProgress(zone.settledInPass, zone.countedInPass) : ''
		}
	};
}

/** The zone of a day. */
export const zoneOn = (home: PreparedHome, projection: HomeProjection, day: CivilDay) =>
	readDay(home, projection, day).zone;

function nextZone(home: PreparedHome, after: CivilDay): string | null {
	const days = outlook(home, addDays(after, 1), 21);
	const day = days.find((one) => one.zone !== null);
	return day
		? `${home.zoneById.get(day.zone ?? '')?.name ?? ''}, from ${weekdayName(day.date)} ${partsOf(day.date).day}`
		: null;
}

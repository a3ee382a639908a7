/** A month in its rows. */
import {
	addDays,
	firstOfMonth,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	partsOf,
	type CivilDay
} from '$core/calendar/civil';
import { rowOfMonth, weekStartOf } from '$core/calendar/weeks';
import { outlook } from '$core/schedule/outlook';
import type { MonthRow, ScheduleView } from '$views/schedule';
import { monthName, weekFrom } from '$words/general';
import { doneByDay } from './doneWork';
import type { ScheduleFacts } from './scheduleFacts';

/** Days to come as they will be, days gone by with what was done. The entries of the facts are those of the month. */
export function monthView(facts: ScheduleFacts, chosen: CivilDay): ScheduleView['month'] {
	const { home, projection, today } = facts;
	const done = doneByDay(facts);
	const index = monthIndexOf(chosen);
	const first = firstOfMonth(index);
	const last = lastOfMonth(index);
	const { weekStart } = home.rotation;
	const from = weekStartOf(first, weekStart);
	const days = outlook(home, first, last - first + 1, projection, today);
	const rows: MonthRow[] = [];
	for (let start = from; start <= last; start = addDays(start, 7)) {
		const inside = start < first ? first : start;
		rows.push({
			row: rowOfMonth(inside, weekStart),
			days: Array.from({ length: 7 }, (_, i) => {
				const date = addDays(start, i);
				const day = days[date - first];
				if (date < first || date > last || !day) return null;
				const isPast = date < today;
				const work = isPast ? (done.get(date) ?? []) : [];
				return {
					date: isoOf(date),
					day: partsOf(date).day,
					inMonth: true,
					isToday: date === today,
					isPast,
					weave: home.zoneById.get(day.zone ?? '')?.weave ?? null,
					zone: day.zone === null ? null : home.rotation.zones.indexOf(day.zone) + 1,
					minutes: Math.round(isPast ? work.reduce((sum, one) => sum + one.minutes, 0) : day.total),
					names: isPast
						? work.flatMap(({ entry, job }) => (job?.layer === 'basics' ? [] : [job?.name ?? entry.job]))
						: day.lines.flatMap((id) => {
								const line = home.seriesById.get(id);
								return line && line.job.layer !== 'basics' ? [line.job.name] : [];
							})
				};
			})
		});
	}
	return {
		name: `${monthName(chosen)} ${partsOf(chosen).year}`,
		weekdays: weekFrom(weekStart).map((day) => day.short),
		rows,
		before: isoOf(firstOfMonth(index - 1)),
		after: isoOf(firstOfMonth(index + 1))
	};
}

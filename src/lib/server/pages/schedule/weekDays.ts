/** A week, day by day. */
import { LOAD_SCHEDULE_SAYS } from '$words/answers/schedule';
import { isoOf, partsOf, weekdayOf, type CivilDay } from '$core/calendar/civil';
import { zonesHaveDays } from '$core/schedule/zoneItems';
import { comingDay } from '$core/schedule/comingDay';
import { effectivePauses } from '$core/schedule/projection';
import { readDay, type Day, type DaySeries } from '$core/schedule/readDay';
import { withAway } from '$core/people/ownList';
import { awayOn } from '$core/people/weekOccurrences';
import type { ScheduleDay, ScheduleItem } from '$views/schedule';
import { lowerNumber, plural, weekdayName } from '$words/general';
import { memberName, namesInList } from '$words/names';
import { jobRow, zoneMark } from '../today/jobRows';
import { doneByDay } from './doneWork';
import type { ScheduleFacts } from './scheduleFacts';
import { zoneOn } from './weekTitle';

function itemOf(
	{ home, projection, today, given }: ScheduleFacts,
	line: DaySeries,
	date: CivilDay
): ScheduleItem {
	const away = awayOn(effectivePauses(projection.home), date);
	const tag = jobRow(home, line, today, withAway(given, away), date);
	const zoneItem = line.line.job.cadence.type === 'zone';
	return {
		id: `${line.line.id}@${isoOf(date)}`,
		line: line.line.id,
		name: tag.name,
		who: tag.who,
		minutes: line.minutes,
		glyph:
			line.state === 'late'
				? 'late'
				: line.state === 'waiting'
					? 'waiting'
					: date === today
						? 'due'
						: 'coming',
		dueOn: isoOf(line.dueOn ?? date),
		movable: !zoneItem && line.state === 'due' && line.line.job.cadence.type !== 'onCall'
	};
}

function doneItems(facts: ScheduleFacts, date: CivilDay): ScheduleItem[] {
	return (doneByDay(facts).get(date) ?? []).flatMap(({ entry, job, minutes }): ScheduleItem[] =>
		job?.layer === 'basics'
			? []
			: [
					{
						id: entry.id,
						line: entry.job,
						name: job?.name ?? entry.job,
						who: memberName(facts.home, entry.by),
						minutes,
						glyph: entry.outcome === 'letgo' ? 'letgo' : entry.outcome === 'part' ? 'part' : 'done',
						dueOn: isoOf(date),
						movable: false
					}
				]
	);
}

export function dayView(facts: ScheduleFacts, date: CivilDay): ScheduleDay {
	const { home, projection, today, busy } = facts;
	const isPast = date < today;
	let day: Day | null = null;
	if (!isPast)
		day = date === today ? readDay(home, projection, date) : comingDay(home, projection, today, date);
	const lines = (day?.lines ?? []).filter((line) => {
		if (line.ticks.length > 0 && line.state === 'done') return false;
		return line.state === 'due' || (date === today && line.state === 'late');
	});
	const basics = lines.filter((line) => line.line.job.layer === 'basics');
	const due = lines.filter((line) => line.line.job.layer !== 'basics');
	const dueItems = due.map((line) => itemOf(facts, line, date));
	const names = namesInList(dueItems.map(({ name }, i) => ({ name, room: due[i]?.line.room.name ?? '' })));
	const items = [
		...doneItems(facts, date),
		...dueItems.map((item, i) => ({ ...item, name: names[i] ?? item.name }))
	];
	const { rhythm } = home.home.household;
	const weekday = weekdayOf(date);
	const pause = effectivePauses(projection.home).find(
		(one) => one.scope === 'household' && one.from <= date && date <= one.to
	);
	const zone = zoneMark(home, day?.zone?.zone ?? zoneOn(home, projection, date)?.zone ?? null);
	return {
		date: isoOf(date),
		name: `${weekdayName(date).slice(0, 3)} ${partsOf(date).day}`,
		isToday: date === today,
		isPast,
		subject: rhythm.subjects[String(weekday) as '1'] ?? (zonesHaveDays(home.home) && zone ? zone.name : null),
		basics: basics.length,
		basicsMinutes: basics.reduce((sum, line) => sum + line.minutes, 0),
		items,
		sitting: lines.filter((line) => line.offered).reduce((sum, line) => sum + line.minutes, 0),
		note: pause
			? pause.note || 'Pauses.'
			: rhythm.catchUpDays.includes(weekday)
				? LOAD_SCHEDULE_SAYS.catchUpDay
				: rhythm.freeDays.includes(weekday)
					? items.length === 0
						? LOAD_SCHEDULE_SAYS.aFreeDay
						: LOAD_SCHEDULE_SAYS.aFreeDayWithSet(lowerNumber(items.length), plural(items.length, 'job'))
					: null,
		zone,
		busy: busy.filter((one) => one.date === date).map((one) => one.title)
	};
}

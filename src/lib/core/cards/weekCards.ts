/** A week on paper: as a bookmark, and on one sheet for the fridge. Rules: "Printed cards". */
import { addDays, weekdayOf, type CivilDay, type Weekday } from '../calendar/civil';
import { visitOn } from '../calendar/rotation';
import { weekOfMonth } from '../calendar/weeks';
import type { PreparedHome, Series } from '../schedule/preparedHome';
import { row, type Card, type CardRow, type CardSide } from './card';
import {
	dailyRows,
	daysOf,
	letterOf,
	linesOf,
	named,
	occurrencesOf,
	partName,
	sumOf,
	variantsOf,
	type Week
} from './cardWeek';

const nameOf = (home: PreparedHome, id: string) => home.members.find((one) => one.id === id)?.name ?? '';

/** Who does a line, in a word or two; empty for whoever comes. */
function whoOf(home: PreparedHome, line: Series): string {
	const { members } = line.job.who;
	return members.length > 2 ? '' : members.map((id) => nameOf(home, id)).join(' or ');
}

/** What a week brings beside the basics, by day. */
function byDay(week: Week, days: readonly CivilDay[] = daysOf(week.begin)): CardRow[] {
	const { home, begin } = week;
	const occurrences = occurrencesOf(week, begin, addDays(begin, 6));
	const variant = variantsOf(week);
	return days.flatMap((date) => {
		const due = linesOf(
			home,
			(line) =>
				line.job.layer !== 'basics' &&
				line.job.cadence.type !== 'zone' &&
				(occurrences.get(line.id) ?? []).includes(date)
		);
		return due.map((line, n) =>
			row(named(variant, line, [date]), {
				note: [line.room.name, whoOf(home, line)].filter(Boolean).join(', '),
				heading: n === 0 ? (DAY_NAMES[weekdayOf(date) - 1] ?? '') : null,
				boxes: [{ line: line.id, date }]
			})
		);
	});
}

const DAY_NAMES = ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday', 'Saturday', 'Sunday'];

const basicsOf = (home: PreparedHome) => linesOf(home, (line) => line.job.layer === 'basics');

const zoneOfWeek = ({ home, begin }: Week): string | null =>
	Array.from({ length: 7 }, (_, i) => visitOn(addDays(begin, i), home.rotation)).find(
		(visit) => visit !== null
	)?.zone ?? null;

/** The first days of a week that make its first half. */
const FIRST_HALF = 3;

/** A half by its days; a single last day that is free or for catching up goes without saying. */
function halfName(week: Week, days: readonly CivilDay[]): string {
	const { freeDays, catchUpDays } = week.home.home.household.rhythm;
	const rests = (day: CivilDay) => [...freeDays, ...catchUpDays].includes(weekdayOf(day));
	const busy = days.findLastIndex((day) => !rests(day));
	const last = busy === days.length - 2 ? busy : days.length - 1;
	const name = (day: CivilDay | undefined) =>
		day === undefined ? '' : (DAY_NAMES[weekdayOf(day) - 1] ?? '');
	return `${name(days[0])} to ${name(days[last])}`;
}

/** A half of a week: a box a day for what comes every day, then what each of its days brings. */
function halfOfWeek(week: Week, days: readonly CivilDay[]): CardSide {
	const basics = basicsOf(week.home);
	const daily = dailyRows(week, basics, () => '', days);
	const rows = [
		...daily.map((one, i) => (i === 0 ? { ...one, heading: 'Every day' } : one)),
		...byDay(week, days)
	];
	return { name: halfName(week, days), minutes: 0, columns: days.map(letterOf), rows, cautions: [] };
}

/** A week of the month as a bookmark: its first half and its second, side by side. */
export function bookmarkCard(week: Week): Card {
	const { home, begin } = week;
	const { weekStart, weekBelongs } = home.home.household;
	const days = daysOf(begin);
	return {
		kind: 'bookmark',
		title: `Week ${weekOfMonth(begin, weekStart as Weekday, weekBelongs).week}`,
		zone: zoneOfWeek(week),
		from: begin,
		to: addDays(begin, 6),
		sides: [halfOfWeek(week, days.slice(0, FIRST_HALF)), halfOfWeek(week, days.slice(FIRST_HALF))]
	};
}

/** The whole week on one sheet for the fridge. */
export function weekCard(week: Week): Card {
	const basics = basicsOf(week.home);
	return {
		kind: 'week',
		title: 'The week',
		zone: zoneOfWeek(week),
		from: week.begin,
		to: addDays(week.begin, 6),
		sides: [
			{
				name: 'Every day',
				minutes: sumOf(basics),
				columns: Array.from({ length: 7 }, (_, i) => letterOf(addDays(week.begin, i))),
				rows: dailyRows(week, basics, (line) =>
					[partName(line), whoOf(week.home, line)].filter(Boolean).join(', ')
				),
				cautions: []
			},
			{ name: 'On its day', minutes: 0, columns: [''], rows: byDay(week), cautions: [] }
		]
	};
}

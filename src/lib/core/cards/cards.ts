/**
 * What stands on a card of paper: rows with boxes, each box a line on a day. Rules: "Printed cards". How it is cut
 * into pages stands in `pages.ts`, how it looks in the interface.
 */
import { addDays, weekdayOf, type CivilDay, type Weekday } from '../calendar/civil';
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';
import { visitOn } from '../calendar/rotation';
import { startOfWeekInMonth, weekOfMonth, weeksInMonth } from '../calendar/weeks';
import type { Job, JobStep } from '../household/jobSchema';
import { ownPartOf } from '../schedule/agenda';
import { occurrencesBetween } from '../schedule/occurrences';
import type { PreparedHome, Series } from '../schedule/preparedHome';
import type { HomeProjection } from '../schedule/projection';
import { jobTitle, readDay } from '../schedule/readDay';
import { sittingsAhead } from '../schedule/sittings';
import { variantsFrom } from '../schedule/variants';
import { zoneItems, zonesHaveDays } from '../schedule/zoneItems';

/** A box: a line that was done if it is ticked, and the day on which that counts. */
export interface Box {
	readonly line: string;
	readonly date: CivilDay;
}

export interface CardRow {
	readonly text: string;
	/** The job that it is of: what is to be minded with it stands on the same page. */
	readonly job: string | null;
	/** A second line in small: the room, who, when. */
	readonly note: string;
	/** The place in the order of the work; null where there is none. */
	readonly number: number | null;
	/** A box a column; null where there is nothing to tick. */
	readonly boxes: readonly (Box | null)[];
	/** Begins a part of the card. */
	readonly heading: string | null;
	/** A wait that begins with this row: the row that ends it, and its least and longest time in minutes. */
	readonly wait: { readonly to: number; readonly min: number; readonly max: number | null } | null;
}

export interface CardSide {
	readonly name: string;
	readonly minutes: number;
	readonly columns: readonly string[];
	readonly rows: readonly CardRow[];
	/** What to mind, the gravest first, each once. */
	readonly cautions: readonly CardCaution[];
}

export interface CardCaution {
	readonly headline: string;
	readonly text: string;
	/** The jobs that it is said of. */
	readonly of: readonly { readonly id: string; readonly name: string }[];
}

export interface Card {
	readonly kind: 'room' | 'person' | 'zone' | 'bookmark' | 'week';
	readonly title: string;
	/** The zone whose weave and plate it bears. */
	readonly zone: string | null;
	/** First and last day that it is for. */
	readonly from: CivilDay;
	readonly to: CivilDay;
	readonly sides: readonly CardSide[];
}

interface Week {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly today: CivilDay;
	/** First day of the week that the card is for. */
	readonly begin: CivilDay;
	/** What to mind with a job, the gravest first; left out: what was written for it. */
	readonly cautionsOf?: (job: Job) => readonly JobCaution[];
}

interface JobCaution {
	readonly headline: string;
	readonly text: string;
	readonly grave: boolean;
}

const LETTERS = ['M', 'T', 'W', 'T', 'F', 'S', 'S'];
const letterOf = (day: CivilDay) => LETTERS[weekdayOf(day) - 1] as string;
const PART_NAMES: Readonly<Record<DayPart, string>> = {
	morning: 'Morning',
	midday: 'Midday',
	evening: 'Evening'
};
const partOfLine = (line: Series): DayPart => ownPartOf(line) ?? 'midday';
/** The part of the day that a line is for, in words; nothing for any time of it. */
const partName = (line: Series): string => {
	const part = ownPartOf(line);
	return part === null ? '' : PART_NAMES[part];
};

const row = (text: string, rest: Partial<CardRow>): CardRow => ({
	text,
	job: null,
	note: '',
	number: null,
	boxes: [],
	heading: null,
	wait: null,
	...rest
});

/** Due days of every line from one day to another, as things stand. */
function occurrencesOf(
	{ home, projection, today }: Week,
	from: CivilDay,
	to: CivilDay
): Map<string, CivilDay[]> {
	return occurrencesBetween(home, projection, today, from, to);
}

const sumOf = (lines: readonly Series[]) =>
	lines.reduce((sum, line) => sum + line.job.depths.usual.minutes, 0);

/** The lines of a layer in an order: by part of the day, then as the home has them. */
function linesOf(home: PreparedHome, of: (line: Series) => boolean): Series[] {
	return home.series
		.filter(of)
		.map((line, i) => ({ line, i }))
		.sort(
			(a, b) => DAY_PARTS.indexOf(partOfLine(a.line)) - DAY_PARTS.indexOf(partOfLine(b.line)) || a.i - b.i
		)
		.map(({ line }) => line);
}

/** A line by name, and by what comes of it on a date where it alternates. */
const named = (
	variant: ReturnType<typeof variantsFrom>,
	line: Series,
	dates: readonly CivilDay[]
): string => {
	const which = [...new Set(dates.flatMap((date) => variant(line, date) ?? []))];
	return jobTitle(line.job.name, which.length === 0 ? null : which.join(', '));
};
const variantsOf = ({ home, projection, today }: Week) => variantsFrom(home, projection, today);

const nameOf = (home: PreparedHome, id: string) => home.members.find((one) => one.id === id)?.name ?? '';

/** Who does a line, in a word or two; empty for whoever comes. */
function whoOf(home: PreparedHome, line: Series): string {
	const { members } = line.job.who;
	return members.length > 2 ? '' : members.map((id) => nameOf(home, id)).join(' or ');
}

/** The days of a week. */
const daysOf = (begin: CivilDay) => Array.from({ length: 7 }, (_, i) => addDays(begin, i));

function dailyRows(
	week: Week,
	lines: readonly Series[],
	notes: (line: Series) => string,
	days: readonly CivilDay[] = daysOf(week.begin)
): CardRow[] {
	const occurrences = occurrencesOf(week, week.begin, addDays(week.begin, 6));
	const variant = variantsOf(week);
	return lines.map((line) => {
		const due = new Set(occurrences.get(line.id) ?? []);
		const on = days.filter((date) => due.has(date));
		return row(named(variant, line, on), {
			job: line.job.id,
			note: notes(line),
			boxes: days.map((date) => (due.has(date) ? { line: line.id, date } : null))
		});
	});
}

/** What to mind with some jobs: a danger before what is only to be minded, and what is said of several of them once. */
function cautionsOf({ cautionsOf: ofJob }: Week, lines: readonly Series[]): CardCaution[] {
	const written = (job: Job): JobCaution[] => job.cautions.map((one) => ({ ...one, grave: true }));
	const said = lines.flatMap(({ job }) =>
		(ofJob ? ofJob(job) : written(job)).map((one) => ({ ...one, id: job.id, name: job.name }))
	);
	const one = new Map<string, CardCaution>();
	for (const { headline, text, id, name } of [
		...said.filter((care) => care.grave),
		...said.filter((care) => !care.grave)
	]) {
		const key = `${headline} ${text}`;
		const of = one.get(key)?.of ?? [];
		// A job of several lines is said once.
		one.set(key, { headline, text, of: of.some((other) => other.id === id) ? of : [...of, { id, name }] });
	}
	return [...one.values()];
}

/**
 * A room: one side for every day of a week, the other for the weeks of its month, its steps numbered in the order
 * of the work, waits from the step that begins them to the one that ends them.
 */
export function roomCard(week: Week, roomId: string): Card | null {
	const { home, begin } = week;
	const room = home.roomById.get(roomId);
	if (!room) return null;
	const inRoom = (layers: readonly string[]) => (line: Series) =>
		line.job.room === roomId && layers.includes(line.job.layer);
	const daily = linesOf(home, (line) => inRoom(['basics'])(line) && line.job.cadence.type !== 'zone');
	const weekly = linesOf(home, inRoom(['weekly']));
	const { weekStart, weekBelongs } = home.home.household;
	const month = weekOfMonth(begin, weekStart as Weekday, weekBelongs).monthIndex;
	const weeks = Array.from({ length: weeksInMonth(month, weekStart as Weekday, weekBelongs) }, (_, i) =>
		startOfWeekInMonth(month, i + 1, weekStart as Weekday, weekBelongs)
	);
	const monthOccurrences = occurrencesOf(week, weeks[0] as CivilDay, addDays(weeks.at(-1) as CivilDay, 6));
	// The steps of all jobs in one order: by class, each job's own order kept.
	const steps = weekly
		.flatMap((line, at) =>
			line.job.depths.usual.steps.map((step, i, all) => ({ line, at, step, i, last: i === all.length - 1 }))
		)
		.sort((a, b) => reachedClass(a.line, a.i) - reachedClass(b.line, b.i) || a.at - b.at || a.i - b.i);
	const rows = steps.map(({ line, step, i, last }, n): CardRow => {
		const ends = steps.findIndex((other) => other.line === line && other.i === i + 1);
		return row(step.text, {
			job: line.job.id,
			note: line.job.name,
			number: n + 1,
			// A job is ticked where its last step is.
			boxes: weeks.map((start) => {
				const due = (monthOccurrences.get(line.id) ?? []).filter(
					(day) => day >= start && day <= addDays(start, 6)
				);
				return last && due[0] !== undefined ? { line: line.id, date: due.at(-1) as CivilDay } : null;
			}),
			wait: step.wait && ends > n ? { to: ends, min: step.wait.min, max: step.wait.max ?? null } : null
		});
	});
	const sides: CardSide[] = [];
	if (daily.length > 0)
		sides.push({
			name: 'Every day',
			minutes: sumOf(daily),
			columns: Array.from({ length: 7 }, (_, i) => letterOf(addDays(begin, i))),
			rows: dailyRows(week, daily, partName),
			cautions: cautionsOf(week, daily)
		});
	if (rows.length > 0)
		sides.push({
			name: 'Every week',
			minutes: sumOf(weekly),
			columns: weeks.map((_, i) => String(i + 1)),
			rows,
			cautions: cautionsOf(week, weekly)
		});
	if (sides.length === 0) return null;
	return {
		kind: 'room',
		title: room.name,
		zone: room.zone,
		from: sides[0]?.name === 'Every day' ? begin : (weeks[0] as CivilDay),
		to: rows.length > 0 ? addDays(weeks.at(-1) as CivilDay, 6) : addDays(begin, 6),
		sides
	};
}

/** The class at which a step can be: never before that of the step before it in the same job. */
function reachedClass(line: Series, i: number): number {
	const steps: readonly JobStep[] = line.job.depths.usual.steps;
	return steps.slice(0, i + 1).reduce((most, step) => Math.max(most, step.class === 0 ? 0 : step.class), 0);
}

/** A person and a day: what is theirs, by part of the day. `ids` are the lines that are theirs on it. */
export function personCard(week: Week, member: string, day: CivilDay, ids: readonly string[]): Card | null {
	const { home } = week;
	const found = home.members.find((one) => one.id === member && one.role !== 'device');
	if (!found) return null;
	const mine = linesOf(home, (line) => ids.includes(line.id));
	let part: DayPart | null = null;
	const variant = variantsOf(week);
	const rows = mine.map((line) => {
		const own = partOfLine(line);
		const heading = own === part ? null : PART_NAMES[own];
		part = own;
		return row(named(variant, line, [day]), {
			job: line.job.id,
			note: `${line.room.name}, ${line.job.depths.usual.minutes} min`,
			heading,
			boxes: [{ line: line.id, date: day }]
		});
	});
	return {
		kind: 'person',
		title: found.name,
		zone: null,
		from: day,
		to: day,
		sides: [{ name: 'Today', minutes: sumOf(mine), columns: [''], rows, cautions: cautionsOf(week, mine) }]
	};
}

/** The work of a zone's rooms that is due in a visit, each with its first day in it. */
function duringVisit(
	week: Week,
	zone: string,
	from: CivilDay,
	to: CivilDay
): { readonly line: Series; readonly date: CivilDay }[] {
	const items = new Set(zoneItems(week.home, zone).map((job) => job.id));
	const due = occurrencesOf(week, from > week.today ? from : week.today, to);
	return linesOf(week.home, (line) => items.has(line.job.id) && line.job.cadence.type !== 'zone').flatMap(
		(line) => {
			const [date] = due.get(line.id) ?? [];
			return date === undefined ? [] : [{ line, date }];
		}
	);
}

/** A zone: its deep list, a box each, for its next visit; where zones have days of their own, the work of its rooms. */
export function zoneCard(week: Week, zoneId: string): Card | null {
	const { home, begin } = week;
	const zone = home.zoneById.get(zoneId);
	if (!zone) return null;
	const { projection, today } = week;
	const first = begin > today ? begin : today;
	const visit = Array.from({ length: 200 }, (_, i) => visitOn(addDays(begin, i), home.rotation)).find(
		(one) => one?.zone === zoneId
	);
	const from = visit?.days[0] ?? begin;
	const to = visit?.days.at(-1) ?? addDays(begin, 6);
	// What is left of the pass when that visit begins: nothing that is crossed off, nothing out of season.
	const now = readDay(home, projection, today);
	const coming = sittingsAhead(home, projection, today, to > first ? to : first).find(
		(one) => one.zone === zoneId && one.date >= from
	);
	const running = now.zone?.zone === zoneId && from <= today && today <= to;
	const left = running ? (now.zone?.next ?? []) : (coming?.next ?? zone.list);
	const list = left.flatMap((id) => home.seriesById.get(id) ?? []);
	const ofDay = zonesHaveDays(home.home) ? duringVisit(week, zoneId, from, to) : [];
	const lines = [...list, ...ofDay.map(({ line }) => line)];
	const variant = variantsOf(week);
	const dateOf = new Map(ofDay.map(({ line, date }) => [line.id, date]));
	if (lines.length === 0) return null;
	return {
		kind: 'zone',
		title: zone.name,
		zone: zoneId,
		from,
		to,
		sides: [
			{
				name: list.length > 0 ? 'The deep list' : 'The zone’s jobs',
				minutes: sumOf(lines),
				columns: [''],
				rows: lines.map((line, i) =>
					row(named(variant, line, [dateOf.get(line.id) ?? to]), {
						job: line.job.id,
						note: `${line.room.name}, ${line.job.depths.usual.minutes} min`,
						number: i + 1,
						boxes: [{ line: line.id, date: dateOf.get(line.id) ?? to }]
					})
				),
				cautions: cautionsOf(week, lines)
			}
		]
	};
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

/** All boxes of a card, once each. */
export function boxesOf(card: Card): Box[] {
	const seen = new Map<string, Box>();
	for (const side of card.sides)
		for (const one of side.rows)
			for (const box of one.boxes) if (box) seen.set(`${box.line}@${box.date}`, box);
	return [...seen.values()];
}

/**
 * What hangs on the Line of a day, and what is held over. Rules: "What a day shows": occurrences due
 * hang; late occurrences hang too, the most lateTurns × weight first, as long as the minutes of the day last.
 */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';
import { zoneOn } from '../calendar/rotation';
import { occurrencesBetween } from './occurrences';
import type { PreparedHome, Series } from './preparedHome';
import type { HomeProjection } from './projection';
import type { Day, DaySeries } from './readDay';
import { ofZoneDay, zonesHaveDays } from './zoneItems';

export interface HeldItem {
	readonly line: DaySeries;
	/** The first coming day with minutes left for it; null where none of the next two weeks has. */
	readonly roomOn: CivilDay | null;
}

export interface Agenda {
	/** What is still to do, by the part of the day in which it hangs. */
	readonly parts: Readonly<Record<DayPart, readonly DaySeries[]>>;
	/** Zone items of the sitting: they hang as one cloth. */
	readonly sitting: readonly DaySeries[];
	/** Late lines for which the day has no minutes. */
	readonly held: readonly HeldItem[];
	/** Waiting for a catch-up day. */
	readonly waiting: readonly DaySeries[];
	readonly paused: readonly DaySeries[];
	/** Open occurrences: may be done, need not. */
	readonly open: readonly DaySeries[];
	/** Lines with work of this day that is over: settled or extra. */
	readonly done: readonly DaySeries[];
	/** Taken off the line by "enough for today". */
	readonly off: readonly DaySeries[];
	/** Minutes of what hangs and is not done. */
	readonly minutesLeft: number;
}

/** Minutes of a line that are still to do: its share done is taken off. */
export function minutesToDo(line: DaySeries): number {
	return line.minutes * (1 - line.shareDone);
}

/**
 * Minutes of the zone's work on a day. Where each zone has its day they are those of its rooms' jobs that are on, rounded up
 * to fives; else those of a sitting. Rules: "Kinds of session".
 */
export function sittingMinutesOn(home: PreparedHome, day: Day): number {
	const { sittingMinutes } = home.home.household.rhythm;
	if (!day.zone || !zonesHaveDays(home.home)) return sittingMinutes;
	const isOfDay = ofZoneDay(home, day.zone.zone);
	const minutes = day.lines
		.filter((line) => isOfDay(line.line.job) && !line.offTheLine)
		.filter((line) => line.state === 'due' || line.state === 'late')
		.reduce((sum, line) => sum + minutesToDo(line), 0);
	return Math.max(5, Math.ceil(minutes / 5) * 5);
}

/** How much a late line matters: lateTurns × weight. */
export function urgency(line: DaySeries): number {
	return line.lateTurns * line.line.job.weight;
}

const layerOrder = { basics: 0, weekly: 1, zone: 2, long: 3 } as const;

function hangsBefore(a: DaySeries, b: DaySeries): number {
	const [jobA, jobB] = [a.line.job, b.line.job];
	return (
		layerOrder[jobA.layer] - layerOrder[jobB.layer] ||
		b.worth - a.worth ||
		a.line.room.walkOrder - b.line.room.walkOrder ||
		(a.line.id < b.line.id ? -1 : 1)
	);
}

/** The part of the day that a line is for; null for any time of it. */
export const ownPartOf = ({ part, job }: Series): DayPart | null =>
	(part as DayPart | null) ?? job.parts[0] ?? null;

/** The part of the day in which a line hangs: its own, else the one that is now running. */
export function partOf(line: DaySeries, running: DayPart): DayPart {
	return ownPartOf(line.line) ?? running;
}

/**
 * Hangs a day: `running` is the part of the day that is running (on another day than today: morning), and
 * `minutesADay` what the day holds, by the household's setting or its habit.
 */
export function agendaOf(
	home: PreparedHome,
	projection: HomeProjection,
	day: Day,
	running: DayPart,
	minutesADay: number
): Agenda {
	const parts: Record<DayPart, DaySeries[]> = { morning: [], midday: [], evening: [] };
	const lists = { sitting: [], waiting: [], paused: [], open: [], done: [], off: [] } as Record<
		'sitting' | 'waiting' | 'paused' | 'open' | 'done' | 'off',
		DaySeries[]
	>;
	const late: DaySeries[] = [];
	let used = 0;
	let left = 0;
	for (const line of day.lines) {
		const settledOrExtra = line.ticks.length > 0 && !(line.ticks.length === 1 && line.shareDone > 0);
		if (settledOrExtra) {
			lists.done.push(line);
			used += line.minutes;
		}
		if (line.state === 'paused') lists.paused.push(line);
		else if (line.state === 'waiting') lists.waiting.push(line);
		else if (line.state === 'open') lists.open.push(line);
		else if (line.state === 'due' || line.state === 'late') {
			if (line.offTheLine) lists.off.push(line);
			else if (line.state === 'late') late.push(line);
			else if (line.offered && line.line.job.cadence.type === 'zone') lists.sitting.push(line);
			else parts[partOf(line, running)].push(line);
		}
	}
	for (const line of [...DAY_PARTS.flatMap((part) => parts[part]), ...lists.sitting]) {
		used += minutesToDo(line);
		left += minutesToDo(line);
	}
	late.sort((a, b) => urgency(b) - urgency(a) || hangsBefore(a, b));
	const heldLines: DaySeries[] = [];
	for (const line of late) {
		if (used + minutesToDo(line) <= minutesADay) {
			parts[partOf(line, running)].push(line);
			used += minutesToDo(line);
			left += minutesToDo(line);
		} else heldLines.push(line);
	}
	for (const part of DAY_PARTS) parts[part].sort(hangsBefore);
	lists.open.sort((a, b) => (a.dueOn ?? 0) - (b.dueOn ?? 0) || hangsBefore(a, b));
	const room = heldLines.length > 0 ? roomAhead(home, projection, day.date, minutesADay) : [];
	return {
		parts,
		...lists,
		held: heldLines.map((line) => ({ line, roomOn: takeRoom(room, minutesToDo(line)) })),
		minutesLeft: left
	};
}

interface RoomOfDay {
	readonly day: CivilDay;
	minutes: number;
}

/** The minutes that the next two weeks have left beside the occurrences that fall due in them. */
function roomAhead(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	minutesADay: number
): RoomOfDay[] {
	const { freeDays, sittingMinutes } = home.home.household.rhythm;
	const days = Array.from({ length: 14 }, (_, i) => {
		const day = addDays(today, i + 1);
		const zone = zoneOn(day, home.rotation);
		// Work with dates of its own is counted by them: only what waits for its zone needs a sitting.
		const waits = zone !== null && (home.zoneById.get(zone)?.list.length ?? 0) > 0;
		const sitting = waits ? sittingMinutes : 0;
		return { day, minutes: freeDays.includes(weekdayOf(day)) ? 0 : minutesADay - sitting };
	});
	for (const [id, dates] of occurrencesBetween(
		home,
		projection,
		today,
		addDays(today, 1),
		addDays(today, 14)
	)) {
		const job = home.seriesById.get(id)?.job;
		if (!job) continue;
		for (const date of dates) {
			const at = days[date - today - 1];
			if (at) at.minutes -= job.depths.usual.minutes;
		}
	}
	return days;
}

function takeRoom(room: RoomOfDay[], minutes: number): CivilDay | null {
	const day = room.find((d) => d.minutes >= minutes);
	if (!day) return null;
	day.minutes -= minutes;
	return day.day;
}

/** "two days late" under one occurrence, whole occurrences from one on. Rules: "What a day shows". */
export function latenessOf(line: Pick<DaySeries, 'lateDays' | 'lateTurns'>): {
	unit: 'days' | 'turns';
	count: number;
} {
	return line.lateTurns < 1
		? { unit: 'days', count: line.lateDays }
		: { unit: 'turns', count: Math.floor(line.lateTurns) };
}

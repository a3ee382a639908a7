/** What Rota shows: the round of the year, a week day by day, a month in its rows, a list to read aloud. */
import { LOAD_ROTA_SAYS } from '$words/answers/schedule';
import {
	addDays,
	dayOf,
	firstOfMonth,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	parseDay,
	partsOf,
	weekdayOf,
	type CivilDay
} from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { zonesHaveDays } from '$core/schedule/zoneItems';
import { missedZones, zoneOfWeek } from '$core/calendar/rotation';
import { rowOfMonth, weekStartOf } from '$core/calendar/weeks';
import { isWork } from '$core/household/entry';
import { comingDay } from '$core/schedule/comingDay';
import { lastForecast, nextDates } from '$core/schedule/occurrences';
import { outlook, visitsOf } from '$core/schedule/outlook';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { effectivePauses, pausesForSeries, type HomeProjection } from '$core/schedule/projection';
import { readDay, type Day, type DaySeries } from '$core/schedule/readDay';
import { effectiveEntries } from '$core/schedule/series';
import { withAway } from '$core/people/ownList';
import { awayOn } from '$core/people/weekOccurrences';
import type { MonthRow, RotaDay, RotaItem, RotaView } from '$views/schedule';
import {
	dayAhead,
	longDate,
	lowerNumber,
	monthName,
	dayMonth,
	daySpan,
	MONTHS,
	plural,
	shortDate,
	weekdayName,
	weekFrom
} from '$words/general';
import { memberName, namesInList } from '$words/names';
import { SWAP } from '$words/schedule';
import { zoneProgress } from '$words/today';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { busyBetween } from '../../repo/busyRepo';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { entriesBetween, undosOf, type StoredEntry } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { givenFor } from '../../services/ledger/whoMay';
import { missedWords, jobRow, zoneMark } from '../today/jobRows';

export interface RotaQuery {
	readonly household: string;
	readonly on: string | null;
	readonly mode: string | null;
	readonly find: string | null;
	readonly me: string | null;
	/** May change the home. */
	readonly mayEdit?: boolean;
}

interface Facts {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly today: CivilDay;
	readonly entries: readonly StoredEntry[];
	readonly undone: ReadonlySet<string>;
	readonly busy: Awaited<ReturnType<typeof busyBetween>>;
	/** Who was given what. */
	readonly given: ReadonlyMap<string, string>;
}

export async function loadRota(query: RotaQuery): Promise<RotaView> {
	const home = await reading((db) => loadHome(db, query.household));
	if (!home) throw new RangeError(`no household ${query.household}`);
	const { date: today } = householdTime(now(), home.home.household);
	const asked = query.on === null ? today : (parseDay(query.on) ?? today);
	const chosen = Math.max(today - 3000, Math.min(asked, lastForecast(today))) as CivilDay;
	const mode = query.mode === 'month' || query.mode === 'list' ? query.mode : 'week';
	const start = weekStartOf(chosen, home.rotation.weekStart);
	const [projection, entries, busy, given] = await reading(async (db) =>
		Promise.all([
			loadProjection(db, query.household),
			entriesBetween(db, query.household, start, addDays(start, 6)),
			busyBetween(db, query.household, start, addDays(start, 6)),
			givenFor(db, query.household, addDays(start, 6))
		])
	);
	const undos = await reading((db) =>
		undosOf(
			db,
			query.household,
			entries.map((stored) => stored.entry.id)
		)
	);
	const facts: Facts = {
		home,
		projection,
		today,
		entries,
		undone: new Set(undos.flatMap(({ entry }) => (entry.outcome === 'undo' ? [entry.of] : []))),
		busy,
		given
	};
	const days = Array.from({ length: 7 }, (_, i) => dayView(facts, addDays(start, i)));
	return {
		...roundView(facts, chosen),
		...middleOf(facts, chosen, start),
		chosen: isoOf(chosen),
		before: isoOf(addDays(start, -7)),
		after: isoOf(addDays(start, 7)),
		mode,
		days,
		month: mode === 'month' ? monthView(facts, chosen) : null,
		zones: home.home.zones.flatMap((zone) => zoneMark(home, zone.id) ?? []),
		notes: notesOf(facts, chosen),
		jobs: home.series
			.map((line) => ({
				id: line.id,
				name: `${line.job.name}, ${line.room.name}${line.part ? `, ${line.part}` : ''}`
			}))
			.sort((a, b) => a.name.localeCompare(b.name)),
		found: query.find ? foundOf(facts, query.find) : null,
		find: query.find ?? '',
		rooms: home.rooms.map(({ id, name }) => ({ id, name })),
		members: home.members.filter((one) => one.role !== 'device').map(({ id, name }) => ({ id, name })),
		me: query.me ?? '',
		formId: uuidv7(),
		swap: query.mayEdit
			? swapView(home, today, await reading((db) => revisionOf(db, query.household)))
			: null,
		canFeed: true
	};
}

/** Weeks from now on that can be swapped. */
const WEEKS_AHEAD = 20;

/** What swapping weeks needs; null where no zone has a week of its own. */
function swapView(home: PreparedHome, today: CivilDay, revision: number): RotaView['swap'] {
	const { scheme, weekStart } = home.rotation;
	if (scheme.type === 'none' || scheme.type === 'weekdays' || home.home.zones.length < 2) return null;
	const first = weekStartOf(today, weekStart);
	const nameOf = (begin: CivilDay) =>
		home.zoneById.get(zoneOfWeek(begin, home.rotation) ?? '')?.name ?? SWAP.noZone;
	const day = (date: string) => dayMonth(parseDay(date) ?? today);
	const { swaps, shifts } = home.home.household.rhythm;
	return {
		revision,
		weeks: Array.from({ length: WEEKS_AHEAD }, (_, i) => addDays(first, 7 * i)).map((begin) => ({
			value: isoOf(begin),
			label: SWAP.weekOf(dayMonth(begin), nameOf(begin))
		})),
		standing: [
			...swaps.map((one, at) => ({
				kind: 'swap' as const,
				at,
				words: SWAP.swap(day(one.week), day(one.with))
			})),
			...shifts.map((one, at) => ({
				kind: 'shift' as const,
				at,
				words: SWAP.shift(day(one.from), one.places)
			}))
		]
	};
}

function roundView({ home, projection, today }: Facts, chosen: CivilDay) {
	const { year } = partsOf(chosen);
	const first = dayOf(year, 1, 1);
	const daysInYear = dayOf(year + 1, 1, 1) - first;
	const days = outlook(home, first, daysInYear, projection, today);
	const numberOf = (zone: string | null) => (zone === null ? null : home.rotation.zones.indexOf(zone) + 1);
	const weeks = visitsOf(days, home).map((visit) => ({
		from: isoOf(visit.from),
		to: isoOf(visit.to),
		start: visit.from - first,
		days: visit.to - visit.from + 1,
		zone: numberOf(visit.zone),
		weave: home.zoneById.get(visit.zone ?? '')?.weave ?? null,
		past: visit.to < today,
		paused: visit.paused,
		words: `${shortDate(visit.from)} to ${shortDate(visit.to)}: ${home.zoneById.get(visit.zone ?? '')?.name ?? 'no zone'}${visit.paused ? ', away' : ''}`
	}));
	const yearly = home.series.flatMap((line) => {
		const { cadence } = line.job;
		const rare =
			(cadence.type === 'months' && cadence.months.length <= 2) ||
			(cadence.type === 'afterDone' && cadence.max >= 150);
		if (!rare) return [];
		const own = days.find((day) => day.lines.includes(line.id));
		const last = projection.series.get(line.id)?.last?.date;
		const doneAt = last !== undefined && last >= first && last < first + daysInYear ? last - first : null;
		const made: { at: number; name: string; done: boolean }[] = [];
		if (doneAt !== null) made.push({ at: doneAt, name: line.job.name, done: true });
		if (own && own.date > today) made.push({ at: own.date - first, name: line.job.name, done: false });
		return made;
	});
	return {
		year,
		today: isoOf(today),
		hand: partsOf(today).year === year ? today - first : null,
		daysInYear,
		months: MONTHS.map((name, i) => {
			const begin = dayOf(year, i + 1, 1);
			return {
				name,
				start: begin - first,
				days: (i === 11 ? dayOf(year + 1, 1, 1) : dayOf(year, i + 2, 1)) - begin
			};
		}),
		weeks,
		yearly: thin(yearly)
	};
}

/** Pails inside the ring keep apart: of several in one week the first stands for all. */
function thin(yearly: { at: number; name: string; done: boolean }[]) {
	const kept: { at: number; name: string; done: boolean }[] = [];
	for (const one of [...yearly].sort((a, b) => a.at - b.at)) {
		const last = kept[kept.length - 1];
		if (last && one.at - last.at < 9 && last.done === one.done)
			kept[kept.length - 1] = { ...last, name: `${last.name}, ${one.name}` };
		else kept.push(one);
	}
	return kept;
}

function middleOf({ home, projection, today }: Facts, chosen: CivilDay, start: CivilDay) {
	const end = addDays(start, 6);
	const at = chosen < start ? start : chosen;
	const week = Array.from({ length: 7 }, (_, i) => addDays(start, i));
	// How far the pass is, is told as of today; of another week by its first zone day.
	const zoneDay = [today, ...week].find(
		(day) => week.includes(day) && readDayZone(home, projection, day) !== null
	);
	const zone = zoneDay === undefined ? null : readDayZone(home, projection, zoneDay);
	const mark = zone ? zoneMark(home, zone.zone) : null;
	const current = today >= start && today <= end;
	const span = daySpan(start, end);
	const hasDays = zonesHaveDays(home.home);
	// Where each zone has its day the zone of one day is told, and the next one comes on the next day.
	const next = current ? nextZone(home, hasDays ? (zoneDay ?? end) : end) : null;
	return {
		title: current ? LOAD_ROTA_SAYS.thisWeekDayByDay : LOAD_ROTA_SAYS.theWeekOf(dayMonth(start)),
		under: next ? LOAD_ROTA_SAYS.next(next) : `${home.home.household.rhythm.pattern}, ${partsOf(at).year}`,
		middle: {
			number: mark?.number ?? null,
			name: mark?.name ?? LOAD_ROTA_SAYS.noZone,
			span:
				hasDays && zoneDay !== undefined
					? `${weekdayName(zoneDay)} ${dayMonth(zoneDay)}`
					: `${span}${zone ? `, ${zone.daysOfVisit === 1 ? 'one day' : `${zone.daysOfVisit} days`}` : ''}`,
			progress: zone && current && !hasDays ? zoneProgress(zone.settledInPass, zone.countedInPass) : ''
		}
	};
}

const readDayZone = (home: PreparedHome, projection: HomeProjection, day: CivilDay) =>
	readDay(home, projection, day).zone;

function nextZone(home: PreparedHome, after: CivilDay): string | null {
	const days = outlook(home, addDays(after, 1), 21);
	const day = days.find((one) => one.zone !== null);
	return day
		? `${home.zoneById.get(day.zone ?? '')?.name ?? ''}, from ${weekdayName(day.date)} ${partsOf(day.date).day}`
		: null;
}

function itemOf({ home, projection, today, given }: Facts, line: DaySeries, date: CivilDay): RotaItem {
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

function doneItems({ home, entries, undone }: Facts, date: CivilDay): RotaItem[] {
	const own = effectiveEntries(
		entries.map((stored) => stored.entry) as { id: string; outcome: string; of?: string }[]
	) as unknown as (typeof entries)[number]['entry'][];
	return own.flatMap((entry): RotaItem[] => {
		if (!isWork(entry) || entry.date !== date || undone.has(entry.id)) return [];
		const job = home.everyJob.get(entry.job);
		if (job?.layer === 'basics') return [];
		return [
			{
				id: entry.id,
				line: entry.job,
				name: job?.name ?? entry.job,
				who: memberName(home, entry.by),
				minutes: entry.minutes ?? job?.depths.usual.minutes ?? 0,
				glyph: entry.outcome === 'letgo' ? 'letgo' : entry.outcome === 'part' ? 'part' : 'done',
				dueOn: isoOf(date),
				movable: false
			}
		];
	});
}

function dayView(facts: Facts, date: CivilDay): RotaDay {
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
	const zone = zoneMark(home, day?.zone?.zone ?? readDayZone(home, projection, date)?.zone ?? null);
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
				? LOAD_ROTA_SAYS.catchUpDay
				: rhythm.freeDays.includes(weekday)
					? items.length === 0
						? LOAD_ROTA_SAYS.aFreeDay
						: LOAD_ROTA_SAYS.aFreeDayWithSet(lowerNumber(items.length), plural(items.length, 'job'))
					: null,
		zone,
		busy: busy.filter((one) => one.date === date).map((one) => one.title)
	};
}

function monthView({ home, projection, today }: Facts, chosen: CivilDay): RotaView['month'] {
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
				return {
					date: isoOf(date),
					day: partsOf(date).day,
					inMonth: true,
					isToday: date === today,
					weave: home.zoneById.get(day.zone ?? '')?.weave ?? null,
					zone: day.zone === null ? null : home.rotation.zones.indexOf(day.zone) + 1,
					minutes: Math.round(day.total),
					names: day.lines.flatMap((id) => {
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

function notesOf({ home, projection, today }: Facts, chosen: CivilDay): string[] {
	const { year } = partsOf(chosen);
	const missed = missedZones(dayOf(year, 1, 1), dayOf(year, 12, 31), home.rotation);
	const notes = missedWords(home, missed);
	for (const pause of effectivePauses(projection.home)) {
		if (pause.scope === 'household' && pause.to >= today)
			notes.push(LOAD_ROTA_SAYS.theHomeIsPausedFrom(dayMonth(pause.from), dayMonth(pause.to)));
	}
	return [...new Set(notes)].slice(0, 3);
}

function foundOf({ home, projection, today }: Facts, id: string): RotaView['found'] {
	const line = home.seriesById.get(id);
	if (!line) return null;
	const { name } = line.job;
	if (line.job.cadence.type === 'zone') {
		const state = readDay(home, projection, today).lines.find((one) => one.line.id === id);
		const next = state?.nextOn ?? null;
		return {
			name,
			words: next === null ? 'has no zone day to come' : `its zone is on again ${dayAhead(next, today)}`,
			week: next === null ? null : isoOf(next)
		};
	}
	const pauses = pausesForSeries(line, effectivePauses(projection.home));
	const state = readDay(home, projection, today).lines.find((one) => one.line.id === id);
	if (state && (state.state === 'due' || state.state === 'late'))
		return {
			name,
			words: state.state === 'late' ? 'hangs already, late' : 'is due today',
			week: isoOf(today)
		};
	const [next] = nextDates(line, { projection, pauses, today }, 1);
	return next === undefined
		? {
				name,
				words: line.job.cadence.type === 'onCall' ? 'comes when it is called' : 'has no date to come',
				week: null
			}
		: { name, words: `comes ${longDate(next)}`, week: isoOf(next) };
}

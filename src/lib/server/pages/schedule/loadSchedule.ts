/** What the Schedule shows: the round of the year, a week day by day, a month in its rows, a list to read aloud. */
import { LOAD_SCHEDULE_SAYS } from '$words/answers/schedule';
import {
	addDays,
	dayOf,
	firstOfMonth,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	parseDay,
	partsOf,
	type CivilDay
} from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { missedZones } from '$core/calendar/rotation';
import { weekStartOf } from '$core/calendar/weeks';
import { lastForecast } from '$core/schedule/occurrences';
import { effectivePauses } from '$core/schedule/projection';
import type { ScheduleView } from '$views/schedule';
import { dayMonth } from '$words/general';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { busyBetween } from '../../repo/busyRepo';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { entriesBetween, undosOf } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { givenFor } from '../../services/ledger/whoMay';
import { missedWords, zoneMark } from '../today/jobRows';
import type { ScheduleFacts } from './scheduleFacts';
import { swapView } from './swapWeeks';
import { dayView } from './weekDays';
import { monthView } from './monthGrid';
import { foundOf } from './findJob';
import { middleOf } from './weekTitle';
import { roundView } from './yearRing';

export interface ScheduleQuery {
	readonly household: string;
	readonly on: string | null;
	readonly mode: string | null;
	readonly find: string | null;
	readonly me: string | null;
	/** May change the home. */
	readonly mayEdit?: boolean;
}

export async function loadSchedule(query: ScheduleQuery): Promise<ScheduleView> {
	const home = await reading((db) => loadHome(db, query.household));
	if (!home) throw new RangeError(`no household ${query.household}`);
	const { date: today } = householdTime(now(), home.home.household);
	const asked = query.on === null ? today : (parseDay(query.on) ?? today);
	const chosen = Math.max(today - 3000, Math.min(asked, lastForecast(today))) as CivilDay;
	const mode = query.mode === 'month' || query.mode === 'list' ? query.mode : 'week';
	const start = weekStartOf(chosen, home.rotation.weekStart);
	const month = monthIndexOf(chosen);
	const shown =
		mode === 'month'
			? { from: firstOfMonth(month), to: lastOfMonth(month) }
			: { from: start, to: addDays(start, 6) };
	const [projection, entries, busy, given] = await reading(async (db) =>
		Promise.all([
			loadProjection(db, query.household),
			entriesBetween(db, query.household, shown.from, shown.to),
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
	const facts: ScheduleFacts = {
		home,
		projection,
		today,
		entries,
		undone: new Set(undos.flatMap(({ entry }) => (entry.outcome === 'undo' ? [entry.of] : []))),
		busy,
		given
	};
	const days = mode === 'month' ? [] : Array.from({ length: 7 }, (_, i) => dayView(facts, addDays(start, i)));
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

function notesOf({ home, projection, today }: ScheduleFacts, chosen: CivilDay): string[] {
	const { year } = partsOf(chosen);
	const missed = missedZones(dayOf(year, 1, 1), dayOf(year, 12, 31), home.rotation);
	const notes = missedWords(home, missed, today);
	for (const pause of effectivePauses(projection.home)) {
		if (pause.scope === 'household' && pause.to >= today)
			notes.push(LOAD_SCHEDULE_SAYS.theHomeIsPausedFrom(dayMonth(pause.from), dayMonth(pause.to)));
	}
	return [...new Set(notes)].slice(0, 3);
}

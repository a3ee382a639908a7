/** What Today shows: asks the store for the home and how it stands, and the core for what that means. */
import { effectivePauses } from '$core/schedule/projection';
import { withAway } from '$core/people/ownList';
import { awayOn } from '$core/people/weekOccurrences';
import { addDays, parseDay, type CivilDay } from '$core/calendar/civil';
import { householdTime, partRunning } from '$core/calendar/instant';
import { minutesOfDay } from '$core/household/dayMinutes';
import type { LedgerEntry } from '$core/household/entry';
import { agendaOf } from '$core/schedule/agenda';
import { comingDay } from '$core/schedule/comingDay';
import { lastForecast } from '$core/schedule/occurrences';
import { projectionAt } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import { effectiveEntries } from '$core/schedule/series';
import type { TodayView } from '$views/today';
import type { Db } from '../../db/pool';
import { openSwaps } from '../../repo/assignmentRepo';
import { openLoads } from '../../repo/laundryRepo';
import { allEntries, entriesOfDay, habitMinutes, undosOf } from '../../repo/ledgerRepo';
import { pileOf } from '../../repo/pileRepo';
import { openHouse } from '../../repo/openHouse';
import { loadProjection } from '../../repo/projectionRepo';
import { loadSessionsAround } from '../../repo/sessionRepo';
import { givenFor } from '../../services/ledger/whoMay';
import { asItIs } from '../../services/session/addEvent';
import { growing } from './growing';
import { suppliesOf } from '../../repo/supplyRepo';
import { leftOpen } from './leftOpen';
import { loadNotes } from './notes';
import { view } from './todayView';

export interface TodayQuery {
	readonly household: string;
	/** The day asked for, as written in the address; null for today. */
	readonly on: string | null;
	/** The line whose sheet is open. */
	readonly open: string | null;
	/** Who holds the phone. */
	readonly me: string | null;
	/** A device of the family: it ticks in the name of whoever was tapped, and of nobody else. */
	readonly isDevice?: boolean;
	/** May change the home. */
	readonly mayEdit?: boolean;
	readonly now: number;
}

export class NoSuchDay extends Error {}

export async function loadToday(query: TodayQuery): Promise<TodayView> {
	const { household, now } = query;
	const house = await openHouse(household);
	if (!house) throw new RangeError(`no household ${household}`);
	const { home } = house;
	const rules = home.home.household;
	const { date: today, minute } = householdTime(now, rules);
	const date = query.on === null ? today : parseDay(query.on);
	if (date === null || date > lastForecast(today) || date < addDays(today, -3700)) throw new NoSuchDay();
	const relation = date === today ? 'today' : date < today ? 'past' : 'coming';

	const [projection, holding, sessionsFound, given, habit, loads, notes] = await Promise.all([
		relation === 'past'
			? house.read('every entry', async (db) =>
					projectionAt(
						home,
						(await allEntries(db, household)).map((stored) => stored.entry)
					)
				)
			: house.read('projection', (db) => loadProjection(db, household)),
		house.read(`holding on ${date}`, (db) => holdingEntries(db, household, date)),
		house.read(`sessions around ${today}`, (db) => loadSessionsAround(db, household, today)),
		house.read(`given for ${date}`, (db) => givenFor(db, household, date)),
		rules.minutesADay === undefined
			? house.read(`habit before ${today}`, (db) => habitMinutes(db, household, today))
			: null,
		relation === 'today' ? house.read('open loads', (db) => openLoads(db, household)) : [],
		house.read(`notes on ${today}`, (db) => loadNotes(db, household, today))
	]);
	const sessions = sessionsFound.map((one) => asItIs(one, home, now));
	const day =
		relation === 'coming' ? comingDay(home, projection, today, date) : readDay(home, projection, date);
	const running = relation === 'today' ? partRunning(minute, rules) : 'morning';
	return view({
		home,
		projection: projection,
		day,
		hung: agendaOf(home, projection, day, running, minutesOfDay(rules, habit)),
		running,
		today,
		minute,
		sessions,
		holding,
		query,
		relation,
		given: withAway(given, awayOn(effectivePauses(projection.home), date)),
		loads,
		toWash:
			relation === 'today'
				? await house.read(`pile on ${today}`, (db) => pileOf(db, household, home, projection, today, loads))
				: [],
		swaps:
			relation === 'today' && !query.isDevice
				? await house.read(`swaps from ${today}`, (db) => openSwaps(db, household, today))
				: [],
		growing: relation === 'today' && query.mayEdit ? await growing(house, household, today) : null,
		leftOpen: relation === 'today' ? await leftOpen(house, household, sessions, today) : [],
		notes,
		// Only the sheet of a job says what of it is out.
		supplies: query.open === null ? [] : await house.read('supplies', (db) => suppliesOf(db, household))
	});
}

/** Entries of a day that nothing has undone. */
async function holdingEntries(db: Db, household: string, date: CivilDay): Promise<LedgerEntry[]> {
	const ledger = (await entriesOfDay(db, household, date)).map((stored) => stored.entry);
	const ids = ledger.map((entry) => entry.id);
	const own = new Set(ids);
	const undos = (await undosOf(db, household, ids)).map((stored) => stored.entry);
	return effectiveEntries([...ledger, ...undos.filter((undo) => !own.has(undo.id))] as (LedgerEntry & {
		of?: string;
	})[]);
}

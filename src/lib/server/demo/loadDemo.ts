/** Loads the demo home: the open file, shifted to the week of the start, and a ledger of eight weeks. */
import { toDay, weekdayOf } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { weekStartOf } from '$core/calendar/weeks';
import { readHome, shiftHome, type Home } from '$core/household/home';
import { describeProblems } from '$core/household/problems';
import { DRY_MINUTES, KIND_MINUTES, type Load, type LoadKind } from '$core/laundry/laundry';
import { prepareHome } from '$core/schedule/preparedHome';
import type { Pool } from 'mysql2/promise';
import { readFileSync } from 'node:fs';
import { v7 as uuidv7 } from 'uuid';
import { transaction } from '../db/pool';
import { createHousehold } from '../repo/homeRows';
import { firstHousehold } from '../repo/householdRepo';
import { addLoad } from '../repo/laundryRepo';
import { insertEntries } from '../repo/ledgerRepo';
import { rebuildProjection } from '../repo/projectionRepo';
import { tellLevel } from '../repo/supplyRepo';
import { makeLedger } from './makeLedger';

/** In the file the home has been running for eight weeks on this day. */
const FILE_WEEK = toDay('2027-03-01');
const SEED = 1901;

/** Reads a home file; throws with every problem, its place and what to do. */
export function readHomeFile(path: string): Home {
	let data: unknown;
	try {
		data = JSON.parse(readFileSync(path, 'utf8'));
	} catch (error) {
		throw new Error(
			`${path} cannot be read as JSON: ${(error as Error).message}. Check the file, or put the original back.`,
			{
				cause: error
			}
		);
	}
	const read = readHome(data);
	if (!read.ok)
		throw new Error(`${path} is not a home that can be used:\n${describeProblems(read.problems)}`);
	return read.home;
}

/** What waits to be washed in the demo: six loads, none of them begun. */
function demoPile(home: Home): Omit<Load, 'id' | 'events'>[] {
	const { dry } = home.household.laundry;
	const load = (name: string, kind: LoadKind, owner: string | null = null) => ({
		name,
		kind,
		owner: home.members.some((one) => one.id === owner) ? owner : null,
		dry,
		washMinutes: KIND_MINUTES[kind].wash,
		dryMinutes: DRY_MINUTES[dry]
	});
	return [
		load('Bunk sheets', 'bed'),
		load('School shirts', 'person', 'juno'),
		load('Towels', 'towels'),
		load('Whites', 'person'),
		load('Dark', 'person', 'bram'),
		load('Cleaning cloths', 'cloths')
	];
}

/** What runs low in the demo's cupboard, and what is out. */
const DEMO_LEVELS = [
	['dish-liquid', 'low'],
	['wash-powder', 'low'],
	['surgical-spirit', 'out']
] as const;

/** Loads the demo where there is no home yet, in one transaction. Returns whether it did. */
export async function loadDemo(path: string, now: number, on?: Pool): Promise<boolean> {
	const file = readHomeFile(path);
	const { date: today, minute } = householdTime(now, file.household);
	const weeks = (weekStartOf(today, file.household.weekStart) - FILE_WEEK) / 7;
	const shifted = shiftHome(file, weeks);
	// Its catch-up day lies ahead, so that what waits for it can be seen on the first day.
	const home: Home =
		weekdayOf(today) >= 6 || weekdayOf(today) === 1
			? {
					...shifted,
					household: { ...shifted.household, rhythm: { ...shifted.household.rhythm, catchUpDays: [3] } }
				}
			: shifted;
	return transaction(async (db) => {
		if ((await firstHousehold(db)) !== null) return false;
		const household = uuidv7({ msecs: now });
		const from = toDay(home.household.startsOn);
		const prepared = prepareHome([{ from, home }]);
		await createHousehold(db, household, home, from, now, true);
		const ledger = makeLedger(prepared, today, minute, SEED);
		const lineOf = new Map<string, { job: string | null; part: string | null }>();
		await insertEntries(
			db,
			household,
			ledger.map(({ entry, at }) => {
				const own = {
					job: 'job' in entry ? entry.job : null,
					part: 'part' in entry ? entry.part : null
				};
				const line = entry.outcome === 'undo' ? (lineOf.get(entry.of) ?? own) : own;
				lineOf.set(entry.id, line);
				return { entry, ...line, receivedAt: Math.min(at, now) };
			}),
			now
		);
		await rebuildProjection(db, household, prepared);
		for (const load of demoPile(home))
			await addLoad(db, household, { ...load, id: uuidv7({ msecs: now }) }, now);
		for (const [thing, level] of DEMO_LEVELS)
			if (home.cupboard.products.some((one) => one.id === thing))
				await tellLevel(db, household, thing, level, now, null);
		return true;
	}, on);
}

/** The pile of a home: the loads that wait, and those of wash days that went by and were not put away otherwise. */
import { addDays, isoOf, type CivilDay } from '$core/calendar/civil';
import { isWork, type WorkEntry } from '$core/household/entry';
import { KIND_MINUTES, readLoad, type Load } from '$core/laundry/laundry';
import { missedWashes, washLines } from '$core/laundry/pile';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { effectiveLedger } from '$core/schedule/series';
import type { Db, Row } from '../db/pool';
import { followingId } from '../ids';
import { entriesOfJobsSince } from './ledgerRepo';
import { openLoads } from './laundryRepo';

export interface PileLoad {
	readonly id: string;
	readonly name: string;
	readonly degrees: number;
	/** The wash day that went by; null for what somebody put there. */
	readonly missedOn: CivilDay | null;
}

/** Days back that say whether a wash day was made up for. */
const BACK = 22;

/** All that waits to be washed, what somebody put there first, then the oldest wash day. */
export async function pileOf(
	db: Db,
	household: string,
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay,
	loads?: readonly Load[]
): Promise<PileLoad[]> {
	const open = loads ?? (await openLoads(db, household));
	const put = open
		.filter((load) => readLoad(load, 0).stage === 'waiting')
		.map((load): PileLoad => ({
			id: load.id,
			name: load.name,
			degrees: KIND_MINUTES[load.kind].degrees,
			missedOn: null
		}));
	const jobs = [...new Set(washLines(home).map((line) => line.job.id))];
	if (jobs.length === 0) return put;
	const entries = await entriesOfJobsSince(db, household, jobs, addDays(today, -BACK));
	const done = effectiveLedger(entries.map((one) => one.entry)).filter(
		(entry): entry is WorkEntry & { of?: string } => isWork(entry)
	);
	const missed = missedWashes(home, projection, done, today).map((one): PileLoad => ({
		id: idOfMissed(household, one.line, one.date),
		name: one.name,
		degrees: KIND_MINUTES.person.degrees,
		missedOn: one.date
	}));
	const known = await knownLoads(
		db,
		household,
		missed.map((one) => one.id)
	);
	return [...put, ...missed.filter((one) => !known.has(one.id))];
}

/** The load of a wash day that went by has the same id wherever it is counted. */
const idOfMissed = (household: string, line: string, date: CivilDay) =>
	followingId(household, `wash ${line} ${isoOf(date)}`);

/** Which of some loads are written down already: begun, away, or taken off. */
async function knownLoads(db: Db, household: string, ids: readonly string[]): Promise<Set<string>> {
	if (ids.length === 0) return new Set();
	const [rows] = await db.query<Row[]>('SELECT id FROM laundry_load WHERE household_id = ? AND id IN (?)', [
		household,
		ids
	]);
	return new Set(rows.map((row) => row.id as string));
}

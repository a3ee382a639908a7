/** Loads of laundry: a row each, and rows of the instants at which they came to a stage. */
import { LOAD_KINDS, readLoad, STAGES, type Load, type Stage } from '$core/laundry/laundry';
import { z } from 'zod';
import type { Db, Row } from '../db/pool';

const loadRow = z.object({
	id: z.string(),
	name: z.string(),
	kind: z.enum(LOAD_KINDS),
	owner_id: z.string().nullable(),
	dry: z.enum(['machine', 'line']),
	wash_minutes: z.number(),
	dry_minutes: z.number()
});
const eventRow = z.object({
	load_id: z.string(),
	id: z.string(),
	stage: z.enum([...STAGES, 'undo']),
	at: z.number()
});

async function withEvents(db: Db, household: string, rows: readonly Row[]): Promise<Load[]> {
	if (rows.length === 0) return [];
	const [events] = await db.query<Row[]>(
		'SELECT load_id, id, stage, at FROM laundry_event WHERE household_id = ? AND load_id IN (?) ORDER BY seq',
		[household, rows.map((row) => row.id)]
	);
	const told = events.map((row) => eventRow.parse(row));
	return rows.map((row) => {
		const read = loadRow.parse(row);
		return {
			id: read.id,
			name: read.name,
			kind: read.kind,
			owner: read.owner_id,
			dry: read.dry,
			washMinutes: read.wash_minutes,
			dryMinutes: read.dry_minutes,
			events: told
				.filter((event) => event.load_id === read.id)
				.map(({ id, stage, at }) => ({ id, stage, at }))
		};
	});
}

const COLUMNS = 'id, name, kind, owner_id, dry, wash_minutes, dry_minutes';

/** Loads that are not away yet, the oldest first. */
export async function openLoads(db: Db, household: string): Promise<Load[]> {
	const [rows] = await db.query<Row[]>(
		`SELECT ${COLUMNS} FROM laundry_load WHERE household_id = ? AND is_over = FALSE ORDER BY made_at, id`,
		[household]
	);
	return withEvents(db, household, rows);
}

/** A load of this household, or null. */
export async function loadOf(db: Db, household: string, id: string): Promise<Load | null> {
	const [rows] = await db.query<Row[]>(
		`SELECT ${COLUMNS} FROM laundry_load WHERE household_id = ? AND id = ?`,
		[household, id]
	);
	return (await withEvents(db, household, rows))[0] ?? null;
}

/** Adds a load to the pile; the same id again is the same load. */
export async function addLoad(
	db: Db,
	household: string,
	load: Omit<Load, 'events'>,
	at: number
): Promise<void> {
	await db.query(
		'INSERT IGNORE INTO laundry_load (household_id, id, name, kind, owner_id, dry, wash_minutes, dry_minutes, made_at) VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?)',
		[household, load.id, load.name, load.kind, load.owner, load.dry, load.washMinutes, load.dryMinutes, at]
	);
}

/** Tells that a load came to a stage, or takes back the last word; false where there is no such load here. */
export async function tellLoad(
	db: Db,
	household: string,
	load: string,
	event: {
		readonly id: string;
		readonly stage: Stage | 'undo';
		readonly at: number;
		readonly by: string | null;
	}
): Promise<boolean> {
	const found = await loadOf(db, household, load);
	if (!found) return false;
	await db.query(
		'INSERT IGNORE INTO laundry_event (household_id, load_id, id, stage, at, by_member) VALUES (?, ?, ?, ?, ?, ?)',
		[household, load, event.id, event.stage, event.at, event.by]
	);
	const after = await loadOf(db, household, load);
	await db.query('UPDATE laundry_load SET is_over = ? WHERE household_id = ? AND id = ?', [
		after && readLoad(after, event.at).stage === 'away' ? 1 : 0,
		household,
		load
	]);
	return true;
}

/** Takes a load off the pile that nobody has begun; false where it is begun or not here. */
export async function dropLoad(db: Db, household: string, load: string): Promise<boolean> {
	const found = await loadOf(db, household, load);
	// Begun and undone again is not begun.
	if (!found || readLoad(found, 0).stage !== 'waiting') return false;
	await db.query('DELETE FROM laundry_event WHERE household_id = ? AND load_id = ?', [household, load]);
	await db.query('DELETE FROM laundry_load WHERE household_id = ? AND id = ?', [household, load]);
	return true;
}

/** A load that need not be washed: it is over, and stays written down. False where there is no such load here. */
export async function putOff(db: Db, household: string, load: string): Promise<boolean> {
	const [result] = await db.query(
		'UPDATE laundry_load SET is_over = TRUE WHERE household_id = ? AND id = ?',
		[household, load]
	);
	return (result as { affectedRows: number }).affectedRows > 0;
}

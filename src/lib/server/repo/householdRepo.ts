/** The rows of households: the place in the queue of their writers, the count of their changes, and which there are. */
import { env } from 'node:process';
import type { Db, Row } from '../db/pool';

/**
 * Takes the household for the transaction, as its first statement: what is read afterwards is what is true, as
 * nobody else writes until it ends. It is a write and not a locking read, so that nodes of a cluster see it too.
 * The count tells other devices that there is something to read; a transaction that is rolled back leaves it.
 */
export async function lockHousehold(db: Db, household: string): Promise<void> {
	const [done] = await db.query('UPDATE household SET changes = changes + 1 WHERE id = ?', [household]);
	if ((done as { affectedRows: number }).affectedRows === 0)
		throw new RangeError(`no household ${household}`);
}

/** How far some homes have come. */
export async function changesOf(db: Db, households: readonly string[]): Promise<ReadonlyMap<string, number>> {
	if (households.length === 0) return new Map();
	const [rows] = await db.query<Row[]>('SELECT id, changes FROM household WHERE id IN (?)', [households]);
	return new Map(rows.map((row) => [row.id as string, Number(row.changes)]));
}

/** The oldest household of this installation; null where there is none yet. */
export async function firstHousehold(db: Db): Promise<string | null> {
	const [rows] = await db.execute<Row[]>('SELECT id FROM household ORDER BY created_at, id LIMIT 1');
	return (rows[0]?.id as string | undefined) ?? null;
}

/** A home of this installation, as the choice of homes shows it. */
export interface HouseholdRow {
	readonly id: string;
	readonly name: string;
	readonly isDemo: boolean;
	readonly revision: number;
	/** How many changes it has seen. */
	readonly changes: number;
}

const householdOf = (row: Row): HouseholdRow => ({
	id: row.id as string,
	name: row.name as string,
	isDemo: row.is_demo === 1,
	revision: row.revision as number,
	changes: Number(row.changes)
});

/** Some homes by their ids, the newest first, then the demo homes. No other is looked at. */
export async function homesAmong(db: Db, ids: readonly string[]): Promise<HouseholdRow[]> {
	const columns = 'id, name, is_demo, revision, changes, created_at';
	const [own] =
		ids.length === 0
			? [[] as Row[]]
			: await db.query<Row[]>(
					`SELECT ${columns} FROM household WHERE id IN (?) AND is_demo = FALSE AND deleted_at IS NULL ORDER BY created_at DESC, id`,
					[ids]
				);
	// PAIL_DEMO=no closes a demo that is there: it is kept and not served.
	const [demo] =
		env.PAIL_DEMO === 'no'
			? [[] as Row[]]
			: await db.query<Row[]>(
					`SELECT ${columns} FROM household WHERE is_demo = TRUE AND deleted_at IS NULL ORDER BY created_at DESC, id`
				);
	return [...own, ...demo].map(householdOf);
}

/** True where anybody lives in this installation, the demo included. */
export async function isLivedIn(db: Db): Promise<boolean> {
	const [rows] = await db.query<Row[]>(
		'SELECT 1 FROM household WHERE deleted_at IS NULL AND (is_demo = FALSE OR ?) LIMIT 1',
		[env.PAIL_DEMO !== 'no']
	);
	return rows.length > 0;
}

/** Whether any home but the demo is lived in. */
export async function anybodyHasAHome(db: Db): Promise<boolean> {
	const [rows] = await db.query<Row[]>(
		'SELECT 1 FROM household WHERE is_demo = FALSE AND deleted_at IS NULL LIMIT 1'
	);
	return rows.length > 0;
}

/** The row of a household: the place in the queue of its writers, and the count of its changes. */
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

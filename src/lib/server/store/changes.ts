/** Counts the changes of a home, so that its other devices know that there is something to read. */
import type { Db, Row } from '../db/pool';

/** One more change, in the transaction that makes it: nobody sees the count before they can see the change. */
export async function changed(db: Db, household: string): Promise<void> {
	await db.query('UPDATE household SET changes = changes + 1 WHERE id = ?', [household]);
}

/** How far some homes have come. */
export async function changesOf(db: Db, households: readonly string[]): Promise<ReadonlyMap<string, number>> {
	if (households.length === 0) return new Map();
	const [rows] = await db.query<Row[]>('SELECT id, changes FROM household WHERE id IN (?)', [households]);
	return new Map(rows.map((row) => [row.id as string, Number(row.changes)]));
}

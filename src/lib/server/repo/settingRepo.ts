/** Settings of the installation itself. */
import type { Db, Row } from '../db/pool';

/** A setting; null where it is not set. */
export async function settingOf(db: Db, name: string): Promise<string | null> {
	const [rows] = await db.execute<Row[]>('SELECT value FROM setting WHERE name = ?', [name]);
	return (rows[0]?.value as string | undefined) ?? null;
}

/** How much there is of what stands in the cupboard: a row each of which something was said. */
import { LEVELS, type Level, type Supply } from '$core/cupboard/shopping';
import { z } from 'zod';
import type { Db, Row } from '../db/pool';

const supplyRow = z.object({ id: z.string(), name: z.string().nullable(), level: z.enum(LEVELS) });

/** What was said of a household's supplies. */
export async function suppliesOf(db: Db, household: string): Promise<Supply[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT id, name, level FROM supply WHERE household_id = ? ORDER BY changed_at, id',
		[household]
	);
	return rows.map((row) => supplyRow.parse(row));
}

/**
 * Says how much there is of a thing, as of an instant (milliseconds): what was said later stays. What was only written
 * on the list goes when it is bought.
 */
export async function tellLevel(
	db: Db,
	household: string,
	thing: string,
	level: Level,
	at: number,
	by: string | null
): Promise<void> {
	await db.query(
		`INSERT INTO supply (household_id, id, name, level, changed_at, by_member) VALUES (?, ?, NULL, ?, ?, ?)
		ON DUPLICATE KEY UPDATE level = IF(changed_at <= VALUES(changed_at), VALUES(level), level),
			by_member = IF(changed_at <= VALUES(changed_at), VALUES(by_member), by_member),
			changed_at = GREATEST(changed_at, VALUES(changed_at))`,
		[household, thing, level, at, by]
	);
}

/** Writes something on the list to buy; the same id again is the same. */
export async function writeOnList(
	db: Db,
	household: string,
	id: string,
	name: string,
	at: number,
	by: string | null
): Promise<void> {
	await db.query(
		"INSERT IGNORE INTO supply (household_id, id, name, level, changed_at, by_member) VALUES (?, ?, ?, 'out', ?, ?)",
		[household, id, name, at, by]
	);
}

/** How many things were written on the list by hand and not bought. */
export async function writtenOnList(db: Db, household: string): Promise<number> {
	const [rows] = await db.execute<Row[]>(
		"SELECT COUNT(*) AS n FROM supply WHERE household_id = ? AND name IS NOT NULL AND level <> 'plenty'",
		[household]
	);
	return Number(rows[0]?.n ?? 0);
}

/** Puts down what a file says of a thing. */
export async function putSupply(db: Db, household: string, one: Supply, at: number): Promise<void> {
	await db.query(
		'REPLACE INTO supply (household_id, id, name, level, changed_at, by_member) VALUES (?, ?, ?, ?, ?, NULL)',
		[household, one.id, one.name, one.level, at]
	);
}

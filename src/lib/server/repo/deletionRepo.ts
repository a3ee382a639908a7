/** What is deleted: marked at once, so that nobody reads it any more, and taken away within a day. */
import type { Db, Row } from '../db/pool';

export async function markHomeDeleted(db: Db, household: string, now: number): Promise<void> {
	await db.query('UPDATE household SET deleted_at = ? WHERE id = ? AND deleted_at IS NULL', [now, household]);
	await db.query('UPDATE sign_in SET ended_at = ? WHERE household_id = ? AND ended_at IS NULL', [
		now,
		household
	]);
	await db.query('UPDATE invitation SET used_at = ? WHERE household_id = ? AND used_at IS NULL', [
		now,
		household
	]);
	await db.query('UPDATE device SET revoked_at = ?, key_hash = NULL WHERE household_id = ?', [
		now,
		household
	]);
	await db.query('DELETE FROM calendar_feed WHERE household_id = ?', [household]);
}

/** Marks an account as deleted; its address is free again. */
export async function markAccountDeleted(db: Db, account: string, now: number): Promise<void> {
	await db.query(
		"UPDATE account SET deleted_at = ?, email = CONCAT(id, '.deleted'), totp_secret = NULL WHERE id = ? AND deleted_at IS NULL",
		[now, account]
	);
	await db.query('UPDATE sign_in SET ended_at = ? WHERE account_id = ? AND ended_at IS NULL', [now, account]);
	await db.query('DELETE FROM membership WHERE account_id = ?', [account]);
}

export async function homesDeletedBefore(db: Db, at: number): Promise<string[]> {
	const [rows] = await db.query<Row[]>('SELECT id FROM household WHERE deleted_at < ?', [at]);
	return rows.map((row) => row.id as string);
}

/** Takes every row of a home away, in the transaction of the caller. */
export async function purgeHome(db: Db, household: string): Promise<void> {
	const [tables] = await db.query<Row[]>(
		"SELECT table_name AS name FROM information_schema.columns WHERE table_schema = DATABASE() AND column_name = 'household_id'"
	);
	await db.query('SET FOREIGN_KEY_CHECKS = 0');
	try {
		for (const { name } of tables)
			await db.query(`DELETE FROM \`${name}\` WHERE household_id = ?`, [household]);
		await db.query('DELETE FROM household WHERE id = ?', [household]);
	} finally {
		await db.query('SET FOREIGN_KEY_CHECKS = 1');
	}
}

/** Takes accounts away that were deleted before an instant. */
export async function purgeAccounts(db: Db, at: number): Promise<void> {
	const of = 'account_id IN (SELECT id FROM account WHERE deleted_at < ?)';
	for (const table of ['recovery_code', 'password_reset', 'membership', 'sign_in'])
		await db.query(`DELETE FROM ${table} WHERE ${of}`, [at]);
	await db.query('DELETE FROM account WHERE deleted_at < ?', [at]);
}

const DAY = 86_400_000;

/** Lets go of what has run out: tries, first steps that nobody went on with, ways in that have run out. */
export async function sweepExpired(db: Db, now: number): Promise<void> {
	await db.query('DELETE FROM attempt WHERE at < ?', [now - DAY]);
	await db.query('DELETE FROM setup_draft WHERE changed_at < ?', [now - 30 * DAY]);
	await db.query('DELETE FROM sign_in WHERE expires_at < ? OR ended_at < ?', [
		now - 30 * DAY,
		now - 30 * DAY
	]);
	await db.query('DELETE FROM invitation WHERE expires_at < ?', [now - 30 * DAY]);
	await db.query('DELETE FROM password_reset WHERE expires_at < ?', [now - DAY]);
	await db.query('DELETE FROM outbox WHERE made_at < ?', [now - 90 * DAY]);
	// What was only written on the list to buy, and bought a month ago.
	await db.query("DELETE FROM supply WHERE name IS NOT NULL AND level = 'plenty' AND changed_at < ?", [
		now - 30 * DAY
	]);
}

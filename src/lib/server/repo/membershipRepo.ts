/** Who belongs to a home, with which ways in and which PIN. */
import type { Db, Row } from '../db/pool';
import { endInvitationsOf } from './invitationRepo';

export interface Membership {
	readonly household: string;
	readonly member: string;
}

export async function membershipsOf(db: Db, account: string): Promise<Membership[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT household_id, member_id FROM membership WHERE account_id = ? AND put_out_at IS NULL ORDER BY made_at DESC',
		[account]
	);
	return rows.map((row) => ({ household: row.household_id as string, member: row.member_id as string }));
}

/** Makes an account a member of a home; false where the member, or the account in this home, is taken. */
export async function addMembership(
	db: Db,
	household: string,
	member: string,
	account: string,
	now: number
): Promise<boolean> {
	const [done] = await db.query(
		'INSERT IGNORE INTO membership (household_id, member_id, account_id, made_at) VALUES (?, ?, ?, ?)',
		[household, member, account, now]
	);
	if ((done as { affectedRows: number }).affectedRows > 0) return true;
	// Whoever was put out and is invited again comes back as who they were.
	const [back] = await db.query(
		'UPDATE membership SET put_out_at = NULL WHERE household_id = ? AND member_id = ? AND account_id = ? AND put_out_at IS NOT NULL',
		[household, member, account]
	);
	return (back as { affectedRows: number }).affectedRows > 0;
}

/** Puts a member out: their account opens this home no more until they are invited again. */
export async function putOutOf(db: Db, household: string, member: string, now: number): Promise<void> {
	await db.query(
		'UPDATE membership SET put_out_at = ? WHERE household_id = ? AND member_id = ? AND put_out_at IS NULL',
		[now, household, member]
	);
	await endInvitationsOf(db, household, member, now);
}

/** Which members of a home have an account, a PIN, and how many ways in are open to each. */
export async function waysIn(db: Db, household: string) {
	const [accounts] = await db.execute<Row[]>(
		'SELECT m.member_id, a.email FROM membership m JOIN account a ON a.id = m.account_id WHERE m.household_id = ? AND m.put_out_at IS NULL AND a.deleted_at IS NULL',
		[household]
	);
	const [pins] = await db.execute<Row[]>('SELECT member_id FROM member_pin WHERE household_id = ?', [
		household
	]);
	return {
		emails: new Map(accounts.map((row) => [row.member_id as string, row.email as string])),
		pins: new Set(pins.map((row) => row.member_id as string))
	};
}

export async function pinOf(db: Db, household: string, member: string): Promise<string | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT pin_hash FROM member_pin WHERE household_id = ? AND member_id = ?',
		[household, member]
	);
	return (rows[0]?.pin_hash as string | undefined) ?? null;
}

/** Sets a PIN; null takes it off. */
export async function setPin(db: Db, household: string, member: string, pin: string | null, now: number) {
	if (pin === null)
		await db.query('DELETE FROM member_pin WHERE household_id = ? AND member_id = ?', [household, member]);
	else
		await db.query(
			'REPLACE INTO member_pin (household_id, member_id, pin_hash, changed_at) VALUES (?, ?, ?, ?)',
			[household, member, pin, now]
		);
}

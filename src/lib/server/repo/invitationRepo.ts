/** Invitations: codes that let somebody in once, kept as fingerprints. */
import type { Db, Row } from '../db/pool';

/** Ends the invitations of a member that are still open. */
export async function endInvitationsOf(
	db: Db,
	household: string,
	member: string,
	now: number
): Promise<void> {
	await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND member_id = ? AND used_at IS NULL',
		[now, household, member]
	);
}

export interface Invitation {
	readonly household: string;
	readonly id: string;
	readonly member: string | null;
	readonly device: string | null;
	readonly expiresAt: number;
	readonly usedAt: number | null;
}

const invitationOf = (row: Row): Invitation => ({
	household: row.household_id as string,
	id: row.id as string,
	member: row.member_id as string | null,
	device: row.device_id as string | null,
	expiresAt: row.expires_at as number,
	usedAt: row.used_at as number | null
});

/** Makes an invitation, once an id; one that was open for the same member or device is undone. */
export async function invite(
	db: Db,
	household: string,
	one: {
		readonly id: string;
		readonly member: string | null;
		readonly device: string | null;
		readonly codeHash: string;
		readonly expiresAt: number;
	},
	now: number
): Promise<void> {
	await db.query(
		`UPDATE invitation SET used_at = ? WHERE household_id = ? AND used_at IS NULL AND id <> ?
			AND (member_id <=> ?) AND (device_id <=> ?)`,
		[now, household, one.id, one.member, one.device]
	);
	await db.query(
		`INSERT INTO invitation (household_id, id, member_id, device_id, code_hash, made_at, expires_at)
			VALUES (?, ?, ?, ?, ?, ?, ?) ON DUPLICATE KEY UPDATE code_hash = VALUES(code_hash)`,
		[household, one.id, one.member, one.device, one.codeHash, now, one.expiresAt]
	);
}

export async function invitationByCode(db: Db, codeHash: string): Promise<Invitation | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM invitation WHERE code_hash = ?', [codeHash]);
	return rows[0] ? invitationOf(rows[0]) : null;
}

/** Uses an invitation up: true for the one who comes first. */
export async function useInvitation(db: Db, household: string, id: string, now: number): Promise<boolean> {
	const [done] = await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND id = ? AND used_at IS NULL AND expires_at > ?',
		[now, household, id, now]
	);
	return (done as { affectedRows: number }).affectedRows > 0;
}

export async function openInvitations(db: Db, household: string, now: number): Promise<Invitation[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM invitation WHERE household_id = ? AND used_at IS NULL AND expires_at > ? ORDER BY made_at',
		[household, now]
	);
	return rows.map(invitationOf);
}

/** Secret addresses of the calendar feed: one for the home, one for each member that asked. */
import { randomBytes } from 'node:crypto';
import type { Db, Row } from '../db/pool';

export interface FeedAddress {
	/** Empty for the whole home. */
	readonly member: string;
	readonly secret: string;
}

export async function feedAddresses(db: Db, household: string): Promise<FeedAddress[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT member_id, secret FROM calendar_feed WHERE household_id = ?',
		[household]
	);
	return rows.map((row) => ({ member: row.member_id as string, secret: row.secret as string }));
}

/** Makes an address, or renews it: the old one answers no more. */
export async function renewFeed(db: Db, household: string, member: string, now: number): Promise<string> {
	const secret = randomBytes(32).toString('base64url');
	await db.query(
		`INSERT INTO calendar_feed (household_id, member_id, secret, made_at) VALUES (?, ?, ?, ?)
		ON DUPLICATE KEY UPDATE secret = VALUES(secret), made_at = VALUES(made_at)`,
		[household, member, secret, now]
	);
	return secret;
}

/** Whose feed a secret is; null for none. */
export async function feedOf(db: Db, secret: string): Promise<{ household: string; member: string } | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT household_id, member_id FROM calendar_feed WHERE secret = ?',
		[secret]
	);
	const row = rows[0];
	return row ? { household: row.household_id as string, member: row.member_id as string } : null;
}

/** Sign-ins: who is in, on which device, until when. */
import type { Db, Row } from '../db/pool';

export interface SignIn {
	readonly id: string;
	readonly account: string | null;
	readonly household: string | null;
	readonly member: string | null;
	readonly device: string | null;
	readonly how: 'password' | 'join' | 'pin' | 'waiting';
	readonly agent: string;
	readonly madeAt: number;
	readonly seenAt: number;
	readonly expiresAt: number;
}

const signInOf = (row: Row): SignIn => ({
	id: row.id as string,
	account: row.account_id as string | null,
	household: row.household_id as string | null,
	member: row.member_id as string | null,
	device: row.device_id as string | null,
	how: row.how as SignIn['how'],
	agent: row.agent as string,
	madeAt: row.made_at as number,
	seenAt: row.seen_at as number,
	expiresAt: row.expires_at as number
});

export async function addSignIn(
	db: Db,
	one: Omit<SignIn, 'madeAt' | 'seenAt'> & { readonly tokenHash: string },
	now: number
): Promise<void> {
	await db.query(
		`INSERT INTO sign_in (id, token_hash, account_id, household_id, member_id, device_id, how, agent, made_at, seen_at, expires_at)
			VALUES (?, ?, ?, ?, ?, ?, ?, ?, ?, ?, ?)`,
		[
			one.id,
			one.tokenHash,
			one.account,
			one.household,
			one.member,
			one.device,
			one.how,
			one.agent.slice(0, 200),
			now,
			now,
			one.expiresAt
		]
	);
}

/** The sign-in of a token that holds at an instant. */
export async function signInByToken(db: Db, tokenHash: string, now: number): Promise<SignIn | null> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM sign_in WHERE token_hash = ? AND ended_at IS NULL AND expires_at > ?',
		[tokenHash, now]
	);
	return rows[0] ? signInOf(rows[0]) : null;
}

export async function sawSignIn(db: Db, id: string, now: number, expiresAt: number): Promise<void> {
	await db.query('UPDATE sign_in SET seen_at = ?, expires_at = ? WHERE id = ?', [now, expiresAt, id]);
}

export async function endSignIn(db: Db, id: string, now: number): Promise<void> {
	await db.query('UPDATE sign_in SET ended_at = ? WHERE id = ? AND ended_at IS NULL', [now, id]);
}

/** Whose sign-ins: an account's, and those of one member of a home. */
export interface Whose {
	readonly account: string | null;
	readonly household: string;
	readonly member: string;
}

const WHOSE = '((account_id IS NOT NULL AND account_id = ?) OR (household_id = ? AND member_id = ?))';

export async function signInsOf(db: Db, whose: Whose, now: number): Promise<SignIn[]> {
	const [rows] = await db.execute<Row[]>(
		`SELECT * FROM sign_in WHERE ${WHOSE} AND ended_at IS NULL AND expires_at > ? AND how <> 'waiting' ORDER BY seen_at DESC`,
		[whose.account, whose.household, whose.member, now]
	);
	return rows.map(signInOf);
}

/** Ends somebody's sign-ins: one, or all but the one that is kept. */
export async function endSignInsOf(
	db: Db,
	whose: Whose,
	which: { readonly only?: string; readonly but?: string },
	now: number
): Promise<void> {
	await db.query(
		`UPDATE sign_in SET ended_at = ? WHERE ${WHOSE} AND ended_at IS NULL AND (? = '' OR id = ?) AND id <> ?`,
		[now, whose.account, whose.household, whose.member, which.only ?? '', which.only ?? '', which.but ?? '']
	);
}

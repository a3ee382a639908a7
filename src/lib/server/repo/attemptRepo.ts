/** Leaky buckets of tries at a door, in the database: they survive a restart and count for all processes. */
import type { Db, Row } from '../db/pool';
import { fingerprint } from '../secrets';

export interface Limit {
	/** So many in a row, */
	readonly tries: number;
	/** and as many again over so many milliseconds. */
	readonly over: number;
}

export const MINUTE = 60_000;

/** Takes one try out of a bucket. Returns 0, or the milliseconds until there is one again. */
async function takeFrom(db: Db, name: string, { tries, over }: Limit, now: number): Promise<number> {
	const bucket = fingerprint(name);
	// Takes the row for itself at once: two that only looked first would wait for each other.
	await db.query(
		'INSERT INTO attempt (bucket, level, at) VALUES (?, 0, ?) ON DUPLICATE KEY UPDATE bucket = bucket',
		[bucket, now]
	);
	const [rows] = await db.query<Row[]>('SELECT level, at FROM attempt WHERE bucket = ? FOR UPDATE', [bucket]);
	const row = rows[0] as { level: number; at: number };
	const drained = Math.max(0, row.level - (Math.max(0, now - row.at) * tries) / over);
	if (drained + 1 > tries) return Math.ceil(((drained + 1 - tries) * over) / tries);
	await db.query('UPDATE attempt SET level = ?, at = ? WHERE bucket = ?', [drained + 1, now, bucket]);
	return 0;
}

/** Takes a try from each bucket, in a transaction of the caller; the longest wait that one of them asks for. */
export async function tryAt(
	db: Db,
	buckets: readonly (readonly [name: string, limit: Limit])[],
	now: number
): Promise<number> {
	let wait = 0;
	// In the order of their hashes: two requests never wait for each other.
	const ordered = [...buckets].sort(([a], [b]) => (fingerprint(a) < fingerprint(b) ? -1 : 1));
	for (const [name, limit] of ordered) wait = Math.max(wait, await takeFrom(db, name, limit, now));
	return wait;
}

/** Empties a bucket: whoever got in has not guessed. */
export async function forgive(db: Db, name: string): Promise<void> {
	await db.query('DELETE FROM attempt WHERE bucket = ?', [fingerprint(name)]);
}

/** Lets go of buckets that have long run dry. */
export async function sweepAttempts(db: Db, now: number): Promise<void> {
	await db.query('DELETE FROM attempt WHERE at < ?', [now - 24 * 60 * MINUTE]);
}

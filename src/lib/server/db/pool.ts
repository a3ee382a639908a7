/** The connection pool, transactions, and what to say when the database is away. */
import { createPool, type Pool, type PoolConnection, type RowDataPacket } from 'mysql2/promise';
import { env } from 'node:process';

/** The database does not answer. The same request works again once it is back. */
export class DatabaseAway extends Error {
	constructor(cause: unknown) {
		super('The record book cannot be reached.', { cause });
		this.name = 'DatabaseAway';
	}
}

/** What the store runs its queries on: the pool, or the connection of a transaction. */
export type Db = Pick<PoolConnection, 'execute' | 'query'>;

export type Row = RowDataPacket;

const AWAY_CODES = new Set([
	'ECONNREFUSED',
	'ECONNRESET',
	'ENOENT',
	'EPIPE',
	'ETIMEDOUT',
	'PROTOCOL_CONNECTION_LOST',
	'ER_SERVER_SHUTDOWN',
	'ER_CONNECTION_KILLED',
	'ER_NORMAL_SHUTDOWN'
]);

/** True where an error says that the database is gone for now, and not that a query was wrong. */
export function isAway(error: unknown): boolean {
	if (error instanceof DatabaseAway) return true;
	const { code, fatal, message } = (error ?? {}) as { code?: string; fatal?: boolean; message?: string };
	if (code !== undefined && AWAY_CODES.has(code)) return true;
	return fatal === true || /closed state|Connection lost|Pool is closed/.test(message ?? '');
}

export function openPool(url: string): Pool {
	return createPool({
		uri: url,
		connectionLimit: 10,
		connectTimeout: 4000,
		dateStrings: true,
		jsonStrings: true,
		decimalNumbers: true,
		supportBigNumbers: true,
		charset: 'utf8mb4',
		// A connection that sat idle while the server went away is not used again.
		enableKeepAlive: true,
		idleTimeout: 30_000
	});
}

let shared: Pool | null = null;

/** The pool of this process, from DATABASE_URL. */
export function pool(): Pool {
	if (!env.DATABASE_URL) throw new Error('DATABASE_URL is not set. Start the app with `npm start`.');
	shared ??= openPool(env.DATABASE_URL);
	return shared;
}

/** Runs reads on the pool; says DatabaseAway where the server does not answer. A lost idle connection is tried once more. */
export async function reading<T>(work: (db: Db) => Promise<T>, on: Pool = pool()): Promise<T> {
	try {
		return await work(on);
	} catch (error) {
		if (!isAway(error)) throw error;
	}
	try {
		return await work(on);
	} catch (error) {
		throw isAway(error) ? new DatabaseAway(error) : error;
	}
}

/** Runs `work` in one transaction: all of it, or nothing. Tried again where two met (deadlock). */
export async function transaction<T>(work: (db: Db) => Promise<T>, on: Pool = pool()): Promise<T> {
	for (let tries = 1; ; tries++) {
		let connection: PoolConnection | null = null;
		try {
			connection = await on.getConnection();
			await connection.beginTransaction();
			const result = await work(connection);
			await connection.commit();
			connection.release();
			return result;
		} catch (error) {
			await connection?.rollback().catch(() => undefined);
			// A connection in doubt is not given back to the pool.
			if (isAway(error)) connection?.destroy();
			else connection?.release();
			const code = (error as { code?: string }).code;
			const met = code === 'ER_LOCK_DEADLOCK' || code === 'ER_LOCK_WAIT_TIMEOUT';
			// A pooled connection can turn out dead at its first use; nothing was written then.
			const stale = isAway(error) && connection !== null && tries === 1;
			if ((met && tries < 4) || stale) continue;
			throw isAway(error) ? new DatabaseAway(error) : error;
		}
	}
}

/** The connection pool, transactions, and what to say when the database is away. */
import { createPool, type Pool, type PoolConnection, type RowDataPacket } from 'mysql2/promise';
import { AsyncLocalStorage } from 'node:async_hooks';
import { env } from 'node:process';
import { isDiskFull } from './room';

/** The database does not answer. The same request works again once it is back. */
export class DatabaseAway extends Error {
	constructor(cause: unknown) {
		super('The record book cannot be reached.', { cause });
		this.name = 'DatabaseAway';
	}
}

/** It does not answer, or refuses, as its disk is full. What was kept is safe, and nothing was half-written. */
export class DiskFull extends DatabaseAway {
	constructor(cause: unknown) {
		super(cause);
		this.message = 'The disk is full.';
		this.name = 'DiskFull';
	}
}

/** Why a database does not answer: one whose disk is full may have ended over it. */
const awayFor = async (cause: unknown): Promise<DatabaseAway> =>
	cause instanceof DatabaseAway
		? cause
		: (await isDiskFull())
			? new DiskFull(cause)
			: new DatabaseAway(cause);

const FULL_CODES = new Set([
	'ER_DISK_FULL',
	'ER_RECORD_FILE_FULL',
	'ER_ERROR_ON_WRITE',
	'ER_OUT_OF_RESOURCES',
	'ENOSPC'
]);

/** True where an error says that nothing more can be written. */
export function isFull(error: unknown): boolean {
	const { code, message } = (error ?? {}) as { code?: string; message?: string };
	return FULL_CODES.has(code ?? '') || /No space left on device|errno: 28\b|Disk full/i.test(message ?? '');
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

let shared: { readonly url: string; readonly pool: Pool } | null = null;

/**
 * The pool of this process, from DATABASE_URL; another one where that has changed, as from one test file to the next: the
 * server has only so many connections, so the one before gives its own back.
 */
export function pool(): Pool {
	const url = env.DATABASE_URL;
	if (!url) throw new Error('DATABASE_URL is not set. Start the app with `npm start`.');
	if (shared?.url !== url) {
		void shared?.pool.end().catch(() => undefined);
		shared = { url, pool: openPool(url) };
	}
	return shared.pool;
}

interface Running {
	readonly db: Db;
	/** What is done once it is committed. */
	readonly after: (() => void)[];
	/** What was read in it, for the rest of it. */
	readonly kept: Map<string, unknown>;
}

/** The transaction that the code of a use case runs in: its reads see what it decides on. */
const current = new AsyncLocalStorage<Running>();

/** Does something once the transaction that runs is committed; at once where none runs, never where it is not. */
export function afterCommit(work: () => void): void {
	const running = current.getStore();
	if (running) running.after.push(work);
	else work();
}

/** What the transaction that runs keeps for itself; null where none runs. */
export const keptInTransaction = (): Map<string, unknown> | null => current.getStore()?.kept ?? null;

/**
 * Runs reads: in the transaction of the use case where one runs, else on the pool. Says DatabaseAway where the
 * server does not answer; a lost idle connection is tried once more.
 */
export async function reading<T>(work: (db: Db) => Promise<T>, on: Pool = pool()): Promise<T> {
	const open = current.getStore();
	if (open) return work(open.db);
	try {
		return await work(on);
	} catch (error) {
		if (!isAway(error)) throw error;
	}
	try {
		return await work(on);
	} catch (error) {
		throw isAway(error) ? await awayFor(error) : error;
	}
}

/** Thrown back because it met another: the whole transaction may be tried again. Galera says it at COMMIT, too. */
const MET_CODES = new Set([
	'ER_LOCK_DEADLOCK',
	'ER_LOCK_WAIT_TIMEOUT',
	'ER_CHECKREAD',
	'ER_ERROR_DURING_COMMIT',
	'ER_XA_RBDEADLOCK'
]);

/** So often a transaction is tried that meets others, with pauses that grow and differ. */
const TRIES = 12;

const pause = (tries: number) =>
	new Promise((done) => setTimeout(done, Math.random() * Math.min(250, 5 * 2 ** tries)));

/** Ends a transaction without writing, and hands its result on. */
export class RolledBack<T> {
	constructor(readonly value: T) {}
}

/**
 * Runs `work` in one transaction: all of it, or nothing. What was thrown back because it met another is tried
 * again from its start. A `RolledBack` that `work` returns leaves nothing written. Within a transaction it joins.
 */
export async function transaction<T>(
	work: (db: Db) => Promise<T | RolledBack<T>>,
	on: Pool = pool()
): Promise<T> {
	const open = current.getStore();
	if (open) {
		const joined = await work(open.db);
		return joined instanceof RolledBack ? joined.value : joined;
	}
	for (let tries = 1; ; tries++) {
		let connection: PoolConnection | null = null;
		try {
			const own = await on.getConnection();
			connection = own;
			await own.beginTransaction();
			const running: Running = { db: own, after: [], kept: new Map() };
			const result = await current.run(running, () => work(own));
			if (result instanceof RolledBack) await own.rollback();
			else await own.commit();
			own.release();
			if (!(result instanceof RolledBack)) for (const then of running.after) then();
			return result instanceof RolledBack ? result.value : result;
		} catch (error) {
			await connection?.rollback().catch(() => undefined);
			// A connection in doubt is not given back to the pool.
			if (isAway(error)) connection?.destroy();
			else connection?.release();
			const met = MET_CODES.has((error as { code?: string }).code ?? '');
			// A pooled connection can turn out dead at its first use; ids make a second try harmless.
			const stale = isAway(error) && connection !== null && tries === 1;
			if (met && tries < TRIES) await pause(tries);
			else if (!stale)
				throw isFull(error) ? new DiskFull(error) : isAway(error) ? await awayFor(error) : error;
		}
	}
}

/**
 * A home as one request reads it. What an earlier request read and understood is used again for as long as nobody
 * wrote to the home: every use case counts the household's changes in its own transaction, so the count that is read
 * first says whether it still holds.
 */
import type { PreparedHome } from '$core/schedule/preparedHome';
import { env } from 'node:process';
import { keptInTransaction, reading, type Db } from '../db/pool';
import { findHome } from './homeRepo';
import { KeptReads } from './keptReads';

export interface House {
	readonly home: PreparedHome;
	/** Reads rows of this home, or hands out what they were at the same count of changes. Nobody may change it. */
	read<T>(what: string, work: (db: Db) => Promise<T>): Promise<T>;
}

const kept = new KeptReads(Number(env.READS_CACHE_MB ?? 64) * 1024 * 1024);

/** Opens a home for reading; null where there is none. Within a use case everything is read anew. */
export async function openHouse(household: string): Promise<House | null> {
	const found = await reading((db) => findHome(db, household));
	if (!found) return null;
	const isWriting = keptInTransaction() !== null;
	const at = `${found.madeAt} ${found.revision} ${found.changes}`;
	return {
		home: found.home,
		async read<T>(what: string, work: (db: Db) => Promise<T>): Promise<T> {
			if (isWriting) return reading(work);
			const known = kept.get(household, at, what);
			if (known) return known.value as T;
			const value = await reading(work);
			kept.set(household, at, what, value);
			return value;
		}
	};
}

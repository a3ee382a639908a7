/**
 * A use case: one transaction that takes the household first, then reads, decides and writes. Every write of the
 * app to a home goes through here, so nothing is decided on what somebody else is just changing.
 */
import { isActionFailure, isRedirect, type ActionFailure } from '@sveltejs/kit';
import type { Pool } from 'mysql2/promise';
import { RolledBack, transaction, type Db } from '../db/pool';
import { lockHousehold } from '../repo/householdRepo';
import { acting, type Notice } from './guard';

/** True for results after which nothing may stay written: refusals, and what was only tried. */
function leavesNothing(result: unknown): boolean {
	if (isActionFailure(result)) return true;
	if (typeof result !== 'object' || result === null) return false;
	return (
		('ok' in result && result.ok === false) ||
		('tried' in result && result.tried === true) ||
		('report' in result && result.report !== undefined)
	);
}

/** Runs `work` with the household held. A refusal as its result rolls back; a redirect it throws commits first. */
export async function inHousehold<T>(household: string, work: (db: Db) => Promise<T>, on?: Pool): Promise<T> {
	let sentOn: unknown = null;
	const result = await transaction<T>(async (db) => {
		sentOn = null;
		await lockHousehold(db, household);
		try {
			const done = await work(db);
			return leavesNothing(done) ? new RolledBack(done) : done;
		} catch (error) {
			if (!isRedirect(error)) throw error;
			sentOn = error;
			return undefined as T;
		}
	}, on);
	if (sentOn !== null) throw sentOn;
	return result;
}

/** A use case behind a form: the database away becomes an answer that keeps what was typed. */
export function useCase<T>(
	household: string,
	form: FormData,
	work: (db: Db) => Promise<T>
): Promise<T | ActionFailure<Notice>> {
	return acting(form, () => inHousehold(household, work));
}

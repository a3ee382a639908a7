/** What pages and actions do when the database is away: say so, keep what was typed, work again when it is back. */
import type { FormProblem } from '$core/household/formProblem';
import { GUARD_SAYS } from '$words/answers/general';
import { error, fail, type ActionFailure } from '@sveltejs/kit';
import { DatabaseAway, DiskFull } from '../db/pool';

export const AWAY_TEXT = GUARD_SAYS.theServerCannotSave;

export const FULL_TEXT = GUARD_SAYS.theDiskOfTheServer;

export async function loading<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (cause) {
		if (cause instanceof DiskFull)
			error(503, {
				message: GUARD_SAYS.theDiskOfTheServer2,
				remedy: GUARD_SAYS.nothingIsLostMakeRoom
			});
		if (cause instanceof DatabaseAway) {
			error(503, {
				message: GUARD_SAYS.theRecordsCannotBeReached,
				remedy: GUARD_SAYS.nothingIsLostWaitA
			});
		}
		throw cause;
	}
}

export interface Notice {
	readonly message: string;
	readonly values?: Readonly<Record<string, string>>;
	readonly field?: string;
	/** What is wrong, beside that field: without the place, which `message` names. */
	readonly says?: string;
	/** All that is wrong, field by field, where it is more than one. */
	readonly wrong?: readonly FormProblem[];
}

/** Runs an action; a database that is away becomes a 503 with what was typed. */
export async function acting<T>(form: FormData, work: () => Promise<T>): Promise<T | ActionFailure<Notice>> {
	try {
		return await work();
	} catch (cause) {
		if (cause instanceof DiskFull) return fail(507, { message: FULL_TEXT, values: typed(form) });
		if (cause instanceof DatabaseAway) return fail(503, { message: AWAY_TEXT, values: typed(form) });
		throw cause;
	}
}

/** What was typed, to be shown again. */
export function typed(form: FormData): Record<string, string> {
	const values: Record<string, string> = {};
	for (const [key, value] of form) if (typeof value === 'string') values[key] = value.slice(0, 2000);
	return values;
}

/** What pages and actions do when the database is away: say so, keep what was typed, work again when it is back. */
import { error, fail, type ActionFailure } from '@sveltejs/kit';
import { DatabaseAway, DiskFull } from '../db/pool';

export const AWAY_TEXT =
	'The record book cannot be reached just now, so nothing was written. What you entered is still here: try again in a moment.';

export const FULL_TEXT =
	'The disk of the server is full, so nothing was written. What was kept is safe, and what you entered is still here: make room there, then try again.';

export async function loading<T>(work: () => Promise<T>): Promise<T> {
	try {
		return await work();
	} catch (cause) {
		if (cause instanceof DiskFull)
			error(503, {
				message: 'The disk of the server is full, so nothing can be read just now.',
				remedy: 'Nothing is lost. Make room there; it goes on by itself then.'
			});
		if (cause instanceof DatabaseAway) {
			error(503, {
				message: 'The records cannot be reached just now.',
				remedy: 'Nothing is lost. Wait a moment, then try again.'
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

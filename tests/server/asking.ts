/** Asking the pages of a home as its people do: forms in, answers out, with a clock that the test sets. */
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, expect } from 'vitest';
import { now } from '../../src/lib/server/clock';
import { transaction } from '../../src/lib/server/db/pool';
import { loadToday } from '../../src/lib/server/pages/today/loadToday';
import type { Home } from '../../src/lib/core/household/home';
import { makeDatabase, makeHousehold, type TestDatabase } from './database';

export const NOW = '2027-03-03T10:40:00Z';

export type Fields = Readonly<Record<string, string | readonly string[]>>;

export function form(fields: Fields): FormData {
	const data = new FormData();
	for (const [name, value] of Object.entries(fields))
		for (const one of typeof value === 'string' ? [value] : value) data.append(name, one);
	return data;
}

/** What is told of a field, or of one of several that are called alike. */
const firstOf = (told: unknown): string =>
	typeof told === 'string' ? told : firstOf(Object.values(told as object)[0]);

/** What an answer says, whether it was written or refused. */
export function said(answer: unknown): {
	status: number;
	message: string;
	values: Record<string, string>;
	field?: string | undefined;
} {
	const { status, data, message, saved } = answer as {
		status?: number;
		data?: {
			message?: string;
			values?: Record<string, string>;
			field?: string;
			form?: { message?: string; data?: Record<string, string>; errors?: Record<string, unknown> };
		};
		message?: string;
		saved?: string;
	};
	const [wrong] = Object.entries(data?.form?.errors ?? {});
	return {
		status: status ?? 200,
		message: (wrong && firstOf(wrong[1])) ?? data?.form?.message ?? data?.message ?? message ?? saved ?? '',
		values: data?.values ?? data?.form?.data ?? {},
		field: data?.field ?? wrong?.[0]
	};
}

/** Ada, who organises the home of these tests; or somebody else of it. */
export const asAda = (householdId: string) =>
	({ householdId, viewer: { role: 'organiser', member: 'ada' }, me: 'ada' }) as const;
export const asMember = (
	householdId: string,
	role: 'adult' | 'child' | 'helper' | 'device',
	member: string | null
) => ({ householdId, viewer: { role, member: member ?? '' }, me: member }) as never;

let ids = 0;
export const newId = () => `01900000-0000-7000-b000-${String(++ids).padStart(12, '0')}`;

/** A database with as many homes as are asked for, and the clock of the server; both are put away after the file. */
export function someHomes() {
	let db: TestDatabase | undefined;
	let server: string | undefined;
	let homes = 100;
	const clock = join(mkdtempSync(join(tmpdir(), 'pail-')), 'clock');
	const setClock = (instant: string) => writeFileSync(clock, instant);
	const database = () => {
		if (!db) throw new Error('The database is not there yet.');
		return db;
	};
	beforeAll(async () => {
		db = await makeDatabase();
		server = process.env.DATABASE_URL;
		process.env.DATABASE_URL = db.url;
		process.env.PAIL_CLOCK = clock;
		setClock(NOW);
	});
	// What requests keep of a home is what a use case reads anew, whatever the test did to it.
	let looked: string[] = [];
	const look = (home: string) =>
		loadToday({ household: home, on: null, open: null, me: 'ada', now: now() }).then(
			(today) => ({ ...today, formId: '' }),
			(error: unknown) => String(error)
		);
	afterEach(async () => {
		for (const home of looked) expect(await look(home)).toEqual(await transaction(() => look(home)));
		looked = [];
	});
	afterAll(async () => {
		process.env.DATABASE_URL = server;
		delete process.env.PAIL_CLOCK;
		await db?.drop();
	});
	return {
		setClock,
		pool: () => database().pool as never,
		household: async (of?: Home) => {
			const home = await makeHousehold(database().pool, ++homes, of);
			await look(home);
			looked.push(home);
			return home;
		}
	};
}

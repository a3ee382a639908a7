/** A session in a home of its own, and what is pressed on it at minutes after its start. */
import { expect } from 'vitest';
import type { EventDetail, SessionEventKind, SessionPlan } from '../../src/lib/core/session/sessionPlan';
import { inHousehold } from '../../src/lib/server/services/useCase';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { loadSession } from '../../src/lib/server/repo/sessionRepo';
import { addEvent, startSession } from '../../src/lib/server/services/session/addEvent';
import { day, testId } from '../core/entries';
import { makeHousehold, type TestDatabase } from './database';

export const T0 = Date.parse('2027-03-03T10:40:00Z');
export const DATE = day('2027-03-03');
export const at = (minute: number) => T0 + minute * 60_000;

export async function beginSession({ pool }: TestDatabase, n: number, plan: SessionPlan, member = 'ada') {
	const household = await makeHousehold(pool, n);
	const id = testId();
	const start = (other = id, p = plan) =>
		inHousehold(
			household,
			(c) => startSession(c, household, { id: other, member, date: DATE, plan: p }, T0),
			pool
		);
	expect(await start()).toEqual({ ok: true });
	const add = (
		kind: SessionEventKind,
		minute: number,
		stepAt: number | null = null,
		detail: EventDetail = {},
		eventId = testId()
	) =>
		inHousehold(
			household,
			(c) => addEvent(c, household, id, { ...detail, id: eventId, kind, at: at(minute), step: stepAt }),
			pool
		);
	const ledger = async () => (await allEntries(pool as never, household)).map((stored) => stored.entry);
	const load = async () => {
		const session = await loadSession(pool as never, household, id);
		if (!session) throw new Error('gone');
		return session;
	};
	return { household, id, start, add, ledger, load };
}

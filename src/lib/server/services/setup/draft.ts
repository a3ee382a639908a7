/** The answers of the first steps: whose they are, and the day on which a home of them begins. */
import type { CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { EMPTY_DRAFT, type Draft } from '$core/setup/draft';
import type { Cookies } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadDraft, type StoredDraft } from '../../repo/draftRepo';

export const COOKIE = 'setup';

export const YEAR = 60 * 60 * 24 * 365;

/** The answers of this browser; new ones where there are none. */
export async function draftOf(cookies: Cookies): Promise<StoredDraft & { readonly isNew: boolean }> {
	const id = cookies.get(COOKIE);
	if (id && /^[0-9a-f-]{36}$/.test(id)) {
		const stored = await reading((db) => loadDraft(db, id));
		if (stored === null) return { id, household: null, draft: EMPTY_DRAFT, isNew: true };
		if (stored.household === null) return { ...stored, isNew: false };
	}
	return { id: uuidv7(), household: null, draft: EMPTY_DRAFT, isNew: true };
}

export function keep(cookies: Cookies, id: string) {
	cookies.set(COOKIE, id, { path: '/', maxAge: YEAR, httpOnly: true, sameSite: 'lax' });
}

export function todayOf(draft: Draft): CivilDay {
	return householdTime(now(), {
		timeZone: draft.timeZone,
		dayStartsAt: '04:00',
		parts: { morning: '05:00', midday: '12:00', evening: '17:00' }
	}).date;
}

/** A secret address for the home's calendar, and a family calendar taken in. */
import { CALENDARS_SAYS } from '$words/answers/files';
import { addDays, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { readText } from '$core/formats/text';
import type { LedgerEntry } from '$core/household/entry';
import { plural } from '$words/general';
import { refusalText } from '$words/refusals';
import { fail } from '@sveltejs/kit';
import { readFamilyCalendar, type FamilyEvent } from '../../calendarText/calendarText';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { followingId } from '../../ids';
import { saveBusy, type BusyTime } from '../../repo/busyRepo';
import { renewFeed } from '../../repo/feedRepo';
import { loadHome } from '../../repo/homeRepo';
import { recordEntries } from '../ledger/recordEntries';
import { useCase } from '../useCase';
import { fileOf, TABLE_LIMIT, type TableReport } from './tables';

export async function makeFeed(household: string, form: FormData) {
	return useCase(household, form, async () => {
		const member = String(form.get('member') ?? '');
		const home = await reading((db) => loadHome(db, household));
		if (!home || (member !== '' && !home.home.members.some((one) => one.id === member)))
			return fail(400, { message: CALENDARS_SAYS.thatPersonDoesNotLive });
		await transaction((db) => renewFeed(db, household, member, now()));
		return { said: CALENDARS_SAYS.theAddressIsMadeWhoever };
	});
}

const KIND_WORDS: Record<FamilyEvent['kind'], string> = {
	holiday: 'a holiday: the whole home is paused',
	away: 'away: the whole home is paused',
	visitors: 'visitors',
	busy: 'busy'
};

/** A family calendar: pauses, visitors and busy times. Told first, then written. */
export async function calendarIn(household: string, form: FormData) {
	return useCase(household, form, async () => {
		const bytes = await fileOf(form);
		if (!bytes) return fail(400, { message: CALENDARS_SAYS.chooseAFileFirst });
		if (bytes.length > TABLE_LIMIT) return fail(400, { message: CALENDARS_SAYS.theCalendarIsLargerThan });
		const text = readText(bytes, false);
		if (!text.ok) return fail(400, { message: text.says });
		const home = await reading((db) => loadHome(db, household));
		if (!home) throw new RangeError(household);
		const at = now();
		const { date: today } = householdTime(at, home.home.household);
		const read = readFamilyCalendar(text.text, today, home.home.household.timeZone);
		if (read.refused) return fail(400, { message: read.reports[0] ?? CALENDARS_SAYS.thisIsNoCalendar });
		const member = home.home.members.some((one) => one.id === form.get('member'))
			? String(form.get('member'))
			: null;
		if (form.get('write') !== '1') {
			const report: TableReport = {
				kind: 'calendar',
				reports: read.reports.map((says) => ({ line: 0, column: '', says })),
				says: CALENDARS_SAYS.fromTodayOn(read.events.length, plural(read.events.length, 'date')),
				list: read.events.slice(0, 60).map((event) => `${event.title}: ${KIND_WORDS[event.kind]}`),
				note: text.note,
				text: read.events.length > 0 ? text.text : null
			};
			return { report };
		}
		const entries: LedgerEntry[] = [];
		const busy: BusyTime[] = [];
		const ids = new Set<string>();
		for (const event of read.events) {
			// Two occurrences of one series may lie on one day; read again, the file gives the same ids.
			let id = followingId(household, `ics ${event.uid} ${event.from}`);
			for (let n = 1; ids.has(id); n++) id = followingId(household, `ics ${event.uid} ${event.from} ${n}`);
			ids.add(id);
			if (event.kind === 'busy' || event.fromMinute !== null) {
				for (
					let day = event.from;
					day <= event.to && day - event.from < 60;
					day = addDays(day, 1) as CivilDay
				)
					busy.push({
						id: followingId(id, String(day)),
						uid: event.uid,
						member,
						date: day,
						from: event.fromMinute ?? 0,
						to: event.toMinute ?? 1440,
						title: event.title
					});
			} else {
				entries.push({
					outcome: 'pause',
					id,
					date: today,
					by: null,
					scope: member !== null && event.kind !== 'visitors' ? 'member' : 'household',
					target: member !== null && event.kind !== 'visitors' ? member : null,
					from: event.from,
					to: event.to,
					reason: event.kind,
					note: event.title.slice(0, 60)
				});
			}
		}
		const recorded = await transaction(async (db) => {
			const done = await recordEntries(db, household, entries, today, at);
			if (done.ok) await saveBusy(db, household, busy);
			return done;
		});
		if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal) });
		return {
			said: CALENDARS_SAYS.andBusyAreIn(
				entries.length,
				plural(entries.length, 'pause'),
				busy.length,
				plural(busy.length, 'time')
			)
		};
	});
}

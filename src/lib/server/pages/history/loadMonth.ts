/** A month as a calendar: the minutes of each day, of everyone or of one person. */
import {
	addDays,
	firstOfMonth,
	isoOf,
	lastOfMonth,
	monthIndexOf,
	partsOf,
	type CivilDay
} from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { weekStartOf } from '$core/calendar/weeks';
import { minutesOfDays } from '$core/people/minutesDone';
import type { MonthDay, MonthView } from '$views/history';
import { MONTHS, shortDate, weekdayName } from '$words/general';
import { MONTH } from '$words/history';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { entriesBetween, undosOf } from '../../repo/ledgerRepo';

/** `2027-03` as the number of its month; null for anything else. */
function monthAsked(text: string | null): number | null {
	const found = /^(\d{4})-(\d{2})$/.exec(text ?? '');
	const [year, month] = [Number(found?.[1]), Number(found?.[2])];
	return found && year >= 1900 && year <= 2200 && month >= 1 && month <= 12 ? year * 12 + month - 1 : null;
}

const monthText = (index: number) => `${Math.floor(index / 12)}-${String((index % 12) + 1).padStart(2, '0')}`;

export async function loadMonth(
	household: string,
	asked: { readonly month: string | null; readonly by: string | null },
	at: number
): Promise<MonthView> {
	return reading(async (db) => {
		const home = await loadHome(db, household);
		if (!home) throw new RangeError(`no household ${household}`);
		const { date: today } = householdTime(at, home.home.household);
		const thisMonth = monthIndexOf(today);
		const index = Math.min(monthAsked(asked.month) ?? thisMonth, thisMonth);
		const [first, last] = [firstOfMonth(index), lastOfMonth(index)];
		const stored = await entriesBetween(db, household, first, last);
		const undos = await undosOf(
			db,
			household,
			stored.map(({ entry }) => entry.id)
		);
		const entries = new Map([...stored, ...undos].map((one) => [one.entry.id, one.entry]));
		const days = minutesOfDays(home, [...entries.values()], first, last);
		const people = home.members.filter((one) => one.role !== 'device');
		const by = people.find((one) => one.id === asked.by)?.id ?? null;
		const of = (date: CivilDay, member: string | null) =>
			[...(days.get(date) ?? [])].reduce(
				(sum, [id, n]) => (member === null || id === member ? sum + n : sum),
				0
			);
		const dates = Array.from({ length: last - first + 1 }, (_, i) => addDays(first, i));
		const sum = (member: string | null) =>
			Math.round(dates.reduce((total, date) => total + of(date, member), 0));
		const href = (month: number, member: string | null) =>
			`/history/month?month=${monthText(month)}${member ? `&by=${encodeURIComponent(member)}` : ''}`;
		const dayView = (date: CivilDay): MonthDay => {
			const minutes = Math.round(of(date, by));
			return {
				date: isoOf(date),
				number: partsOf(date).day,
				isToday: date === today,
				minutes,
				label: MONTH.day(shortDate(date), minutes),
				href: `/history?to=${isoOf(date)}&open=${isoOf(date)}${by ? `&by=${encodeURIComponent(by)}` : ''}`
			};
		};
		const begin = weekStartOf(first, home.rotation.weekStart);
		const weeks = Array.from({ length: Math.ceil((last - begin + 1) / 7) }, (_, week) =>
			Array.from({ length: 7 }, (_, i) => {
				const date = addDays(begin, 7 * week + i);
				return date < first || date > last ? null : dayView(date);
			})
		);
		const worked = dates.filter((date) => of(date, by) > 0).length;
		return {
			title: MONTH.title(`${MONTHS[index % 12]} ${Math.floor(index / 12)}`),
			before: href(index - 1, by),
			after: index < thisMonth ? href(index + 1, by) : null,
			weekdays: Array.from({ length: 7 }, (_, i) => weekdayName(addDays(begin, i)).slice(0, 3)),
			people: [
				{ name: MONTH.everyone, minutes: sum(null), chosen: by === null, href: href(index, null) },
				...people.map(({ id, name }) => ({
					name,
					minutes: sum(id),
					chosen: by === id,
					href: href(index, id)
				}))
			],
			weeks,
			most: Math.max(1, ...dates.map((date) => Math.round(of(date, by)))),
			summary: MONTH.summary(sum(by), worked)
		};
	});
}

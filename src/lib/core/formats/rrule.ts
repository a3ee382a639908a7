/** Cadences as recurrence rules of RFC 5545, where its rules can say them. */
import type { DayOfMonth } from '../calendar/recurrence';
import type { Household, Job } from '../household/home';

const DAYS = ['MO', 'TU', 'WE', 'TH', 'FR', 'SA', 'SU'];
const dayCode = (day: number) => DAYS[day - 1] as string;
/** In their order: some calendar programs lose dates where the parts of a rule stand out of it. */
const inOrder = (list: readonly number[]) => [...list].sort((a, b) => a - b);

/** A rule for a day of every so many months. */
function monthlyRule(
	on: DayOfMonth,
	every: number,
	byMonth: Readonly<Record<string, string>>
): Readonly<Record<string, string>> | null {
	const head = { FREQ: 'MONTHLY', ...(every > 1 ? { INTERVAL: String(every) } : {}) };
	if (typeof on !== 'number') return { ...head, BYDAY: `${on.nth}${dayCode(on.weekday)}`, ...byMonth };
	// The 29th and 30th, or the last of a shorter month, need BYSETPOS, which common calendar programs misread.
	if (on === 29 || on === 30) return null;
	return { ...head, BYMONTHDAY: on === 31 ? '-1' : String(on), ...byMonth };
}

/** Parts of an RRULE, or null where only single dates say the cadence. */
export function recurrenceRule(job: Job, household: Household): Readonly<Record<string, string>> | null {
	const { cadence, season } = job;
	const byMonth: Record<string, string> = season ? { BYMONTH: inOrder(season).join(',') } : {};
	const wkst = dayCode(household.weekStart);
	switch (cadence.type) {
		case 'daily':
			return cadence.weekdays
				? { FREQ: 'WEEKLY', BYDAY: inOrder(cadence.weekdays).map(dayCode).join(','), WKST: wkst, ...byMonth }
				: { FREQ: 'DAILY', ...byMonth };
		case 'weekly':
			return {
				FREQ: 'WEEKLY',
				...(cadence.everyWeeks > 1 ? { INTERVAL: String(cadence.everyWeeks) } : {}),
				BYDAY: inOrder(cadence.weekdays).map(dayCode).join(','),
				WKST: wkst,
				...byMonth
			};
		case 'timesAWeek': {
			const days = Array.from(
				{ length: cadence.times },
				(_, i) => Math.ceil(((i + 1) * 7) / cadence.times) - 1
			).map((offset) => dayCode(((household.weekStart - 1 + offset) % 7) + 1));
			return { FREQ: 'WEEKLY', BYDAY: days.join(','), WKST: wkst, ...byMonth };
		}
		case 'monthly':
			return 'card' in cadence ? null : monthlyRule('day' in cadence ? cadence.day : cadence, 1, byMonth);
		case 'everyMonths':
			// Every so many months within some months only: calendar programs read the two together differently.
			return season ? null : monthlyRule(cadence.on, cadence.every, byMonth);
		case 'months': {
			const months = inOrder(cadence.months).filter((month) => !season || season.includes(month));
			return months.length === 0 ? null : { FREQ: 'MONTHLY', BYMONTH: months.join(','), BYMONTHDAY: '-1' };
		}
		default:
			return null;
	}
}

/** The same dates by the common npm recurrence library (RFC 5545), where its rules can say the cadence. */
import rruleModule, { type Options, type Weekday as RWeekday } from 'rrule';
import type { CivilDay } from '../../src/lib/core/calendar/civil';
import type { Schedule } from '../../src/lib/core/calendar/recurrence';
import { weekStartOf } from '../../src/lib/core/calendar/weeks';

const { RRule } = rruleModule as unknown as typeof import('rrule');
const DAYS: readonly RWeekday[] = [RRule.MO, RRule.TU, RRule.WE, RRule.TH, RRule.FR, RRule.SA, RRule.SU];
const utc = (day: number) => new Date(day * 86_400_000);
const dayOf = (n: number) => DAYS[n - 1] as RWeekday;

/** The options of the rule, or null where RFC 5545 has no rule for the cadence. */
function optionsOf(s: Schedule): Partial<Options> | null {
	const wkst = dayOf(s.weeks.weekStart);
	const bymonth = s.season ? { bymonth: [...s.season] } : {};
	const { cadence } = s;
	switch (cadence.type) {
		case 'daily':
			return cadence.weekdays
				? { freq: RRule.DAILY, byweekday: cadence.weekdays.map(dayOf), ...bymonth }
				: { freq: RRule.DAILY, ...bymonth };
		case 'weekly':
			return {
				freq: RRule.WEEKLY,
				interval: cadence.everyWeeks,
				wkst,
				byweekday: cadence.weekdays.map(dayOf),
				...bymonth
			};
		case 'timesAWeek': {
			const n = cadence.times;
			const offsets = Array.from({ length: n }, (_, i) => Math.ceil(((i + 1) * 7) / n) - 1);
			return {
				freq: RRule.WEEKLY,
				wkst,
				byweekday: offsets.map((o) => dayOf(((s.weeks.weekStart - 1 + o) % 7) + 1)),
				...bymonth
			};
		}
		case 'monthly':
			if ('day' in cadence) {
				// The last day of a shorter month: the last of the days up to the one that is meant.
				const days = [28, 29, 30, 31].filter((d) => d <= cadence.day);
				return cadence.day > 28
					? { freq: RRule.MONTHLY, bymonthday: days, bysetpos: -1, ...bymonth }
					: { freq: RRule.MONTHLY, bymonthday: cadence.day, ...bymonth };
			}
			if ('nth' in cadence)
				return { freq: RRule.MONTHLY, byweekday: dayOf(cadence.weekday).nth(cadence.nth), ...bymonth };
			return null;
		case 'everyMonths':
		case 'once':
			return null;
		case 'months': {
			const months = cadence.months.filter((m) => !s.season || s.season.includes(m));
			return months.length === 0 ? null : { freq: RRule.MONTHLY, bymonth: [...months], bymonthday: -1 };
		}
	}
}

/** Due dates from `startsOn` to `to`, or null where the library has no rule for the cadence. */
export function dueDatesByRrule(s: Schedule, to: CivilDay): number[] | null {
	const options = optionsOf(s);
	if (!options) return null;
	// Weeks are counted from the week that holds the first day, so that week's own first day is the origin.
	const origin = s.cadence.type === 'weekly' ? weekStartOf(s.startsOn, s.weeks.weekStart) : s.startsOn;
	return new RRule({ ...options, dtstart: utc(origin), until: utc(to) })
		.all()
		.map((date) => Math.round(date.getTime() / 86_400_000))
		.filter((day) => day >= s.startsOn);
}

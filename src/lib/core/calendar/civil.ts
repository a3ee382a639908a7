/**
 * Civil dates of the household as whole days since 1970-01-01 (proleptic Gregorian). No clock, no zone.
 * Conversions follow the days-from-civil algorithm of the public domain.
 */
export type CivilDay = number & { readonly __civilDay: unique symbol };

/** Weekdays: 1 Monday … 7 Sunday (ISO 8601). */
export type Weekday = 1 | 2 | 3 | 4 | 5 | 6 | 7;

export interface YearMonthDay {
	readonly year: number;
	/** 1 to 12. */
	readonly month: number;
	/** 1 to 31. */
	readonly day: number;
}

/** The day of a year, month (1-12) and day of the month. Does not check that the date exists. */
export function dayOf(year: number, month: number, day: number): CivilDay {
	const y = month <= 2 ? year - 1 : year;
	const era = Math.floor(y / 400);
	const yearOfEra = y - era * 400;
	const dayOfYear = Math.floor((153 * (month + (month > 2 ? -3 : 9)) + 2) / 5) + day - 1;
	const dayOfEra = yearOfEra * 365 + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100) + dayOfYear;
	return (era * 146097 + dayOfEra - 719468) as CivilDay;
}

/** Year, month and day of the month of a civil day. */
export function partsOf(day: CivilDay): YearMonthDay {
	const z = day + 719468;
	const era = Math.floor(z / 146097);
	const dayOfEra = z - era * 146097;
	const yearOfEra = Math.floor(
		(dayOfEra - Math.floor(dayOfEra / 1460) + Math.floor(dayOfEra / 36524) - Math.floor(dayOfEra / 146096)) /
			365
	);
	const dayOfYear = dayOfEra - (365 * yearOfEra + Math.floor(yearOfEra / 4) - Math.floor(yearOfEra / 100));
	const mp = Math.floor((5 * dayOfYear + 2) / 153);
	const month = mp < 10 ? mp + 3 : mp - 9;
	const year = yearOfEra + era * 400 + (month <= 2 ? 1 : 0);
	return { year, month, day: dayOfYear - Math.floor((153 * mp + 2) / 5) + 1 };
}

/** `day` shifted by whole days, forward or back. */
export function addDays(day: CivilDay, days: number): CivilDay {
	return (day + days) as CivilDay;
}

/** The weekday of a day, 1 Monday … 7 Sunday. */
export function weekdayOf(day: CivilDay): Weekday {
	return (((((day + 3) % 7) + 7) % 7) + 1) as Weekday;
}

/** How many days a month (1-12) has. */
export function daysInMonth(year: number, month: number): number {
	if (month === 2) return (year % 4 === 0 && year % 100 !== 0) || year % 400 === 0 ? 29 : 28;
	return month === 4 || month === 6 || month === 9 || month === 11 ? 30 : 31;
}

/** Reads `YYYY-MM-DD`. Null where the text is no date of the calendar (31 February, month 13, other forms). */
export function parseDay(text: string): CivilDay | null {
	const match = /^(\d{4})-(\d{2})-(\d{2})$/.exec(text);
	if (!match) return null;
	const [year, month, day] = [Number(match[1]), Number(match[2]), Number(match[3])];
	if (month < 1 || month > 12 || day < 1 || day > daysInMonth(year, month)) return null;
	return dayOf(year, month, day);
}

/** Reads `YYYY-MM-DD`; throws a RangeError where it is no date. For text that a schema has already passed. */
export function toDay(text: string): CivilDay {
	const day = parseDay(text);
	if (day === null) throw new RangeError(`no such date: ${text}`);
	return day;
}

const two = (n: number) => (n < 10 ? `0${n}` : String(n));

/** `YYYY-MM-DD` of a civil day. */
export function isoOf(day: CivilDay): string {
	const { year, month, day: d } = partsOf(day);
	return `${String(year).padStart(4, '0')}-${two(month)}-${two(d)}`;
}

/** `YYYY-MM`. */
export function isoMonth(year: number, month: number): string {
	return `${String(year).padStart(4, '0')}-${two(month)}`;
}

/** Months counted through the years: January of year 0 is 0. Good for stepping from month to month. */
export function monthIndexOf(day: CivilDay): number {
	const { year, month } = partsOf(day);
	return year * 12 + month - 1;
}

/** Year and month (1-12) of a month index. */
export function monthOfIndex(index: number): { year: number; month: number } {
	const year = Math.floor(index / 12);
	return { year, month: index - year * 12 + 1 };
}

/** The first day of a month index. */
export function firstOfMonth(index: number): CivilDay {
	const { year, month } = monthOfIndex(index);
	return dayOf(year, month, 1);
}

/** The last day of a month index. */
export function lastOfMonth(index: number): CivilDay {
	return addDays(firstOfMonth(index + 1), -1);
}

/** From instants to the household's days and back. Rules: "Days and weeks". */
import { Temporal } from 'temporal-polyfill';
import { addDays, dayOf, partsOf, type CivilDay } from './civil';
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';

export interface DayRules {
	readonly timeZone: string;
	/** `HH:MM`: the kitchen finished at 00:40 counts for the evening before. */
	readonly dayStartsAt: string;
	readonly parts: Readonly<Record<DayPart, string>>;
}

const minutesOf = (time: string) => Number(time.slice(0, 2)) * 60 + Number(time.slice(3, 5));

export interface HouseholdTime {
	/** The household's civil date. */
	readonly date: CivilDay;
	/** Minutes by the clock on the wall, from midnight of `date`; past 1440 after midnight. */
	readonly minute: number;
}

/** The household's date and the time on its wall at an instant (milliseconds since 1970). */
export function householdTime(at: number, rules: DayRules): HouseholdTime {
	const local = Temporal.Instant.fromEpochMilliseconds(at).toZonedDateTimeISO(rules.timeZone);
	const date = dayOf(local.year, local.month, local.day);
	const minute = local.hour * 60 + local.minute;
	return minute < minutesOf(rules.dayStartsAt)
		? { date: addDays(date, -1), minute: minute + 1440 }
		: { date, minute };
}

/** The instant (milliseconds) at which a household day begins. On a day without that hour, the next that is. */
export function dayBegins(date: CivilDay, rules: DayRules): number {
	const { year, month, day } = partsOf(date);
	return Temporal.PlainDateTime.from({ year, month, day })
		.add({ minutes: minutesOf(rules.dayStartsAt) })
		.toZonedDateTime(rules.timeZone, { disambiguation: 'later' }).epochMilliseconds;
}

/** The part of the day that is running at a minute of the household's day; the night belongs to the evening. */
export function partRunning(minute: number, rules: DayRules): DayPart {
	let running: DayPart = 'morning';
	for (const part of DAY_PARTS) if (minute >= minutesOf(rules.parts[part])) running = part;
	return running;
}

/** `HH:MM` by the clock on the wall at an instant. */
export function wallTime(at: number, timeZone: string): string {
	return Temporal.Instant.fromEpochMilliseconds(at)
		.toZonedDateTimeISO(timeZone)
		.toPlainTime()
		.toString()
		.slice(0, 5);
}

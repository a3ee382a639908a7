/** What is typed of the home's cleaning days and rules. */
import { z } from 'zod';
import { SETTINGS_SAYS } from '$words/answers/home';
import { parseDay } from '$core/calendar/civil';
import { name, planDate } from '$core/household/fields';
import { DATE_ORDERS, UNITS, type Household } from '$core/household/home';
import { idOrNone, numberIn, typedFor } from '../fieldForms';

export const WEEKDAY_NAMES = ['1', '2', '3', '4', '5', '6', '7'] as const;
type WeekdayName = (typeof WEEKDAY_NAMES)[number];

const someDays = z.array(z.enum(WEEKDAY_NAMES)).default([]);
const ofEachDay = <K extends string, S extends z.ZodType>(kind: K, schema: S) =>
	Object.fromEntries(WEEKDAY_NAMES.map((day) => [`${kind}-${day}`, schema])) as Record<
		`${K}-${WeekdayName}`,
		S
	>;

const HOUR = /^([01]?\d|2[0-3]):[0-5]\d$/;

/** The longest time for the zone that a day may have, and a day, in minutes. */
const LONGEST_SITTING = 600;
const DAY = 1440;

const minutesUpTo = (most: number, says: string) => z.number(says).positive(says).max(most, says);

/** What is not told of them stays. */
export const rhythmForm = z
	.object({
		scheme: z.enum(['cycle', 'rows', 'weeks', 'weekdays', 'none'], SETTINGS_SAYS.chooseHowTheZonesCome),
		/** A day of a week in which zone 1 is on. */
		anchor: z.string().trim().max(30).default(''),
		extra: z.enum(['last', 'first', 'free']).optional(),
		...ofEachDay('zone', idOrNone),
		zoneDays: someDays,
		catchUpDays: someDays,
		freeDays: someDays,
		errandDays: someDays,
		sittingMinutes: typedFor(minutesUpTo(LONGEST_SITTING, SETTINGS_SAYS.minutesForTheZoneEach), numberIn),
		minutesADay: typedFor(minutesUpTo(DAY, SETTINGS_SAYS.minutesOfADayAre).optional(), numberIn),
		weekStart: z.enum(WEEKDAY_NAMES, SETTINGS_SAYS.chooseTheWeekday),
		dayStartsAt: z.string().trim().regex(HOUR, SETTINGS_SAYS.writeTheHourAtWhich),
		weekBelongs: z.enum(['start', 'middle']).optional(),
		clock: z.enum(['24h', '12h']).optional(),
		dates: z.enum(DATE_ORDERS).optional(),
		units: z.enum(UNITS).optional(),
		timeZone: z.string().max(80).default(''),
		...ofEachDay(
			'subject',
			typedFor(name.or(z.literal('')), (text) => text)
		)
	})
	.superRefine(({ scheme, anchor }, context) => {
		if (scheme !== 'cycle') return;
		const wrong = parseDay(anchor) === null ? SETTINGS_SAYS.chooseADayOfA : tooFarAway(anchor);
		if (wrong) context.addIssue({ code: 'custom', path: ['anchor'], message: wrong });
	});

const tooFarAway = (date: string) => planDate.safeParse(date).error?.issues[0]?.message;

export type RhythmSaid = z.infer<typeof rhythmForm>;

/** What stands in the form: what is. */
export function rhythmSaid(household: Household): RhythmSaid {
	const { rhythm } = household;
	const { scheme } = rhythm;
	const zoneOn: Partial<Record<WeekdayName, string>> = scheme.type === 'weekdays' ? scheme.byWeekday : {};
	const days = (list: readonly number[]) => list.map(String) as WeekdayName[];
	const each = <K extends string>(kind: K, of: (day: WeekdayName) => string) =>
		Object.fromEntries(WEEKDAY_NAMES.map((day) => [`${kind}-${day}`, of(day)])) as Record<
			`${K}-${WeekdayName}`,
			string
		>;
	return {
		scheme: scheme.type,
		anchor: scheme.type === 'cycle' ? scheme.anchor : household.startsOn,
		extra: scheme.extra,
		...each('zone', (day) => zoneOn[day] ?? ''),
		zoneDays: days(rhythm.zoneDays),
		catchUpDays: days(rhythm.catchUpDays),
		freeDays: days(rhythm.freeDays),
		errandDays: days(rhythm.errandDays),
		sittingMinutes: String(rhythm.sittingMinutes),
		minutesADay: String(household.minutesADay ?? ''),
		weekStart: String(household.weekStart) as WeekdayName,
		dayStartsAt: household.dayStartsAt,
		weekBelongs: household.weekBelongs,
		clock: household.clock,
		dates: household.dates,
		units: household.units,
		timeZone: household.timeZone,
		...each('subject', (day) => rhythm.subjects[day] ?? '')
	};
}

/** The household as the form says it is to be. */
export function householdSaid(household: Household, said: RhythmSaid): Household {
	const { rhythm, minutesADay: _, ...rest } = household;
	const days = (list: readonly string[]) => list.map(Number) as Household['rhythm']['zoneDays'];
	const told = <K extends 'zone' | 'subject'>(kind: K) =>
		Object.fromEntries(
			WEEKDAY_NAMES.flatMap((day) => {
				const text = said[`${kind}-${day}`];
				return text === '' ? [] : [[day, text]];
			})
		);
	const extra = said.extra ?? rhythm.scheme.extra;
	const minutesADay = numberIn(said.minutesADay) as number | undefined;
	return {
		...rest,
		timeZone: said.timeZone || household.timeZone,
		...(minutesADay === undefined ? {} : { minutesADay }),
		weekStart: Number(said.weekStart) as Household['weekStart'],
		weekBelongs: said.weekBelongs ?? household.weekBelongs,
		dayStartsAt: said.dayStartsAt.padStart(5, '0'),
		clock: said.clock ?? household.clock,
		dates: said.dates ?? household.dates,
		units: said.units ?? household.units,
		rhythm: {
			...rhythm,
			scheme:
				said.scheme === 'cycle'
					? { type: said.scheme, extra, anchor: said.anchor }
					: said.scheme === 'weekdays'
						? { type: said.scheme, extra, byWeekday: told('zone') }
						: { type: said.scheme, extra },
			zoneDays: days(said.zoneDays),
			sittingMinutes: numberIn(said.sittingMinutes) as number,
			catchUpDays: days(said.catchUpDays),
			freeDays: days(said.freeDays),
			errandDays: days(said.errandDays),
			subjects: told('subject')
		}
	};
}

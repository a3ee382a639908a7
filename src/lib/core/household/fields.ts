/** Small schemas that the home, the ledger and the forms share. */
import { z } from 'zod';
import { DAY_PARTS } from '../calendar/dayParts';
import { parseDay, type CivilDay } from '../calendar/civil';

export const id = z
	.string()
	.regex(
		/^[a-z0-9][a-z0-9-]{0,59}$/,
		'An id has 1 to 60 small letters, figures and hyphens, such as "lamp-room".'
	);

/** A name; `ask` is said where it is left empty. */
export const nameAsked = (ask: string) =>
	z.string().trim().min(1, ask).max(80, 'Keep the name to 80 characters.');

export const name = nameAsked('Give it a name.');

/** Years that are meant. A slip of the finger (0027) would have every page count occurrences for centuries. */
const FIRST_YEAR = 1900;
const LAST_YEAR = 2199;
const FIRST_YEAR_OF_PLANS = 2000;

const dateFrom = (firstYear: number) =>
	z.string().superRefine((text, context) => {
		const day = parseDay(text);
		const year = Number(text.slice(0, 4));
		if (day === null)
			context.addIssue({
				code: 'custom',
				message: `There is no date "${text.slice(0, 30)}". Write it as YYYY-MM-DD, such as 2027-03-03.`
			});
		else if (year < firstYear || year > LAST_YEAR)
			context.addIssue({
				code: 'custom',
				message: `The year ${text.slice(0, 4)} is too far away. Years from ${firstYear} to ${LAST_YEAR} are known here.`
			});
	});

/** A date in a file or a form: `YYYY-MM-DD`, one that the calendar has. */
export const isoDate = dateFrom(FIRST_YEAR);

/** The same, for what a plan counts from. */
export const planDate = dateFrom(FIRST_YEAR_OF_PLANS);

/** The same, read into a civil day. */
export const civilDay = isoDate.transform((text) => parseDay(text) as CivilDay);

export const clockTime = z
	.string()
	.regex(/^(?:(?:[01]\d|2[0-3]):[0-5]\d|24:00)$/, 'Write the time as HH:MM, such as 17:00.');

export const weekday = z.union(
	[z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(5), z.literal(6), z.literal(7)],
	'A weekday is a number from 1 (Monday) to 7 (Sunday).'
);

export const weekdays = z
	.array(weekday)
	.refine((days) => new Set(days).size === days.length, 'Name each weekday once.');

export const months = z
	.array(z.number().int().min(1).max(12))
	.min(1, 'With no month it never falls due. Name at least one month, 1 to 12.')
	.refine((list) => new Set(list).size === list.length, 'Name each month once.');

/** Minutes of work: more than none, a day at the most. */
export const minutes = z
	.number('Minutes are a number, such as 5 or 12.5.')
	.positive('Minutes must be more than 0.')
	.max(1440, 'Minutes are at most 1440, a whole day.');

export const uuid = z.uuid('An entry id is a UUID.');

export const dayPart = z.enum(DAY_PARTS);

export const DEPTHS = ['quick', 'usual', 'deep'] as const;
export const depth = z.enum(DEPTHS);
export type Depth = z.infer<typeof depth>;

export const productFamily = z.enum([
	'bleach',
	'acid',
	'ammonia',
	'alcohol',
	'peroxide',
	'caustic',
	'soda',
	'carbonate',
	'surfactant',
	'quat',
	'abrasive',
	'polish',
	'solvent',
	'oil',
	'water'
]);

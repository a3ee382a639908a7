/**
 * Patterns to start from: files in an open format that say how a household's jobs are laid over its weeks.
 * Rules: "Patterns". A pattern only chooses among the cadences and miss rules of the schedule; nothing else in the
 * program knows which pattern a home began with.
 */
import { z } from 'zod';
import { dayPart, id, minutes, name, weekday, weekdays } from '../household/fields';
import { LAYERS } from '../household/home';
import { readBy, type Read } from '../household/problems';

const some = weekdays.min(1, 'Name at least one weekday, 1 to 7.');

/** Where the jobs of a rule go. */
export const placeSchema = z.discriminatedUnion('how', [
	/** As the library has it. */
	z.strictObject({ how: z.literal('keep') }),
	/** Every week, or every so many, on these weekdays. */
	z.strictObject({
		how: z.literal('on'),
		weekdays: some,
		everyWeeks: z.number().int().min(1).max(52).default(1)
	}),
	/** Once a week each, dealt over these weekdays so that they carry alike. */
	z.strictObject({ how: z.literal('spread'), weekdays: some }),
	/** The rooms are dealt over these weekdays, in the order of the walk; a job is on its room's day. */
	z.strictObject({ how: z.literal('rooms'), weekdays: some }),
	/** An item of its zone's deep list. */
	z.strictObject({ how: z.literal('zone') }),
	/** Every week on its zone's weekday. */
	z.strictObject({ how: z.literal('zoneWeekday') }),
	/** Once a month: on its zone's weekday (or the given one) in the week of card 1 to 4, dealt alike. */
	z.strictObject({ how: z.literal('card'), weekday: weekday.optional() }),
	/** Gathered into rounds of one kind of work, or of one room, so many minutes each, on these weekdays. */
	z.strictObject({
		how: z.literal('round'),
		by: z.enum(['subject', 'room']),
		weekdays: some,
		minutesEach: minutes,
		deepEvery: z.number().int().min(2).max(12).optional(),
		deepMinutes: minutes.optional()
	}),
	/** All of them one job that takes the next of them each time. */
	z.strictObject({ how: z.literal('detail'), weekdays: some, name, minutes }),
	/** For each person one, dealt over these weekdays, fixed to them. */
	z.strictObject({ how: z.literal('people'), weekdays: some }),
	/** So many days after it was last done. */
	z.strictObject({ how: z.literal('floating'), min: z.number().int().min(1), max: z.number().int().min(1) }),
	/** In listed months, dealt alike: `times` a year each. */
	z.strictObject({ how: z.literal('months'), times: z.union([z.literal(1), z.literal(2), z.literal(4)]) }),
	z.strictObject({ how: z.literal('seasons'), months: z.array(z.number().int().min(1).max(12)).min(1) }),
	z.strictObject({ how: z.literal('onCall') }),
	/** Not in this pattern. */
	z.strictObject({ how: z.literal('leave') })
]);

export type Place = z.infer<typeof placeSchema>;

const ruleSchema = z.strictObject({
	/** What it holds for: all named ones must fit. The first rule that fits a job is its rule. */
	of: z
		.strictObject({
			layer: z.enum(LAYERS).optional(),
			subjects: z.array(name).optional(),
			jobs: z.array(id).optional(),
			/** Jobs of rooms that children own. */
			ofChildren: z.boolean().optional()
		})
		.default({}),
	place: placeSchema,
	missRule: z.enum(['letgo', 'catchup', 'stays', 'carry']).optional(),
	parts: z.array(dayPart).optional(),
	/** Who does it: whoever comes, all together, or the children in turns. */
	who: z.enum(['free', 'shared', 'children']).optional(),
	deepEvery: z.number().int().min(2).max(60).optional()
});

export const patternSchema = z.strictObject({
	format: z.literal('pail-round/pattern', 'This is no pattern: "format" must be "pail-round/pattern".'),
	version: z.literal(1, 'This version of a pattern is not known here. Version 1 is.'),
	id,
	name,
	/** One line for whoever chooses. */
	says: z.string().trim().min(1).max(160),
	/** One line of whom it suits. */
	forWhom: z.string().trim().max(120).default(''),
	rhythm: z.strictObject({
		scheme: z.enum(['rows', 'weeks', 'cycle', 'weekdays', 'none']),
		extra: z.enum(['last', 'first', 'free']).default('last'),
		/** How many zones it wants; fewer where there are fewer rooms. */
		zones: z.number().int().min(0).max(7).default(0),
		zoneDays: weekdays.default([1, 2, 3, 4, 5]),
		sittingMinutes: minutes.default(15),
		catchUpDays: weekdays.default([]),
		freeDays: weekdays.default([]),
		subjects: z.partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7']), name).default({})
	}),
	/** The most minutes of basics in a part of the day, children's own work aside. */
	basicsAPart: minutes.default(15),
	rules: z.array(ruleSchema).min(1)
});

export type Pattern = z.infer<typeof patternSchema>;
export type PatternRule = Pattern['rules'][number];

/** Reads a pattern from foreign data. */
export function readPattern(data: unknown): Read<Pattern> {
	return readBy(patternSchema, data);
}

/** The answers of the first steps. Nothing is asked that a default can answer. */
import { z } from 'zod';
import { minutesOfDay } from '../household/dayMinutes';
import { id, isoDate, minutes, name, weekday, weekdays } from '../household/fields';
import {
	DATE_ORDERS,
	FLOORS,
	PETS,
	ROOM_KINDS,
	SURFACES,
	UNITS,
	WEAVES,
	type Household
} from '../household/home';

export const STEPS = ['rooms', 'zones', 'rhythm', 'people', 'first-morning'] as const;
export type Step = (typeof STEPS)[number];

/** When somebody is at home, in one touch. */
export const PRESENCE = ['always', 'school', 'evenings', 'weekends', 'oneday'] as const;

/** So many of each a home has at most. */
export const MOST = { rooms: 200, people: 40, pets: 40 } as const;

const draftRoom = z.strictObject({
	id,
	name,
	kind: z.enum(ROOM_KINDS),
	storey: z.number().int().min(-5).max(60),
	floor: z.enum(FLOORS).optional(),
	surfaces: z.array(z.enum(SURFACES)).max(20).default([]),
	owners: z.array(id).max(MOST.people).default([]),
	sheds: z.array(z.enum(PETS)).default([])
});

const draftPerson = z.strictObject({
	id,
	name,
	role: z.enum(['organiser', 'adult', 'child', 'helper']),
	bornOn: isoDate.optional(),
	presence: z.enum(PRESENCE).default('always'),
	/** For `oneday`. */
	weekday: weekday.default(4)
});

export const draftSchema = z.strictObject({
	version: z.literal(1),
	step: z.enum(STEPS).default('rooms'),
	/** The storey that is being walked. */
	storey: z.number().int().min(-5).max(60).default(1),
	name: z.string().trim().max(80).default(''),
	timeZone: z.string().max(60).default('Europe/London'),
	clock: z.enum(['24h', '12h']).default('24h'),
	dates: z.enum(DATE_ORDERS).default('dayFirst'),
	units: z.enum(UNITS).default('metric'),
	rooms: z.array(draftRoom).max(MOST.rooms).default([]),
	people: z.array(draftPerson).max(MOST.people).default([]),
	pets: z
		.array(z.strictObject({ id, name, kind: z.enum(PETS) }))
		.max(MOST.pets)
		.default([]),
	/** Left out: as the pattern suggests. Rooms in no zone's list are in none. */
	zones: z
		.array(z.strictObject({ id, name, weave: z.enum(WEAVES), rooms: z.array(id) }))
		.max(12, 'A home has twelve zones at most.')
		.optional(),
	pattern: id.default('rolling-zones'),
	/** The pattern was taken: until then it is the one that suits. */
	patternTaken: z.boolean().default(false),
	/** Left out: as many as the home needs, as far as its people can give them. */
	minutesADay: minutes.optional(),
	weekStart: weekday.default(1),
	/** Left out: as the pattern has them. */
	freeDays: weekdays.optional(),
	catchUpDays: weekdays.optional(),
	begin: z.enum(['basics', 'all']).default('basics'),
	/** All of it is taken in, though the days do not hold it. */
	everything: z.boolean().default(false),
	/** What the days do not hold comes less often, so that they do. */
	lessOften: z.boolean().default(false),
	/** What the pattern does without is taken in as well. */
	beyondPattern: z.boolean().default(false),
	/** Jobs of the library that are not wanted, by room. */
	without: z.array(z.string().max(130)).max(2000).default([]),
	/** The home that is changed; null for a new one. */
	changes: z.string().max(40).nullable().default(null)
});

export type Draft = z.infer<typeof draftSchema>;
export type DraftRoom = Draft['rooms'][number];

export const EMPTY_DRAFT: Draft = draftSchema.parse({ version: 1 });

/** Reads answers; null where they are none. */
export function readDraft(data: unknown): Draft | null {
	const parsed = draftSchema.safeParse(data);
	return parsed.success ? parsed.data : null;
}

/**
 * The minutes of a day that a home has with the answers. One that has set none goes by its habit, and so it stays where nobody
 * answered otherwise. Rules: "First steps taken again".
 */
export const minutesAnswered = (household: Household, draft: Draft): number | undefined =>
	draft.minutesADay === undefined || draft.minutesADay === minutesOfDay(household)
		? household.minutesADay
		: draft.minutesADay;

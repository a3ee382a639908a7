/** The home: the one source of its types. */
import { z } from 'zod';
import { addDays, isoOf, toDay, type CivilDay } from '../calendar/civil';
import { cupboardSchema, EMPTY_CUPBOARD } from './cupboardSchema';
import { clockTime, id, isoDate, minutes, name, planDate, productFamily, weekday, weekdays } from './fields';
import { familySchema, NOTHING_AGREED } from './familySchema';
import { jobSchema, type Job } from './jobSchema';
import { problemsOf, type Problem } from './problems';
import { upgradeHome } from './upgrade';
import { WEAVES } from './weaves';
import { checkAcross } from './homeChecks';

const extra = z.enum(['last', 'first', 'free']).default('last');

const schemeSchema = z.discriminatedUnion('type', [
	z.strictObject({ type: z.literal('rows'), extra }),
	z.strictObject({ type: z.literal('weeks'), extra }),
	z.strictObject({ type: z.literal('cycle'), extra, anchor: planDate }),
	z.strictObject({
		type: z.literal('weekdays'),
		extra,
		byWeekday: z.partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7']), id)
	}),
	z.strictObject({ type: z.literal('none'), extra })
]);

/** A zone of the IANA database by its name. */
export const timeZone = z.string().refine((zone) => {
	try {
		new Intl.DateTimeFormat('en', { timeZone: zone });
		return true;
	} catch {
		return false;
	}
}, 'This time zone is not known. Use a name such as "Europe/Oslo".');

/** In which order day, month and year are written. */
export const DATE_ORDERS = ['dayFirst', 'monthFirst', 'yearFirst'] as const;
export type DateOrder = (typeof DATE_ORDERS)[number];

/** What amounts are told in: millilitres and litres, or cups and spoons. */
export const UNITS = ['metric', 'cups'] as const;
export type Units = (typeof UNITS)[number];

export const LAYERS = ['basics', 'weekly', 'zone', 'long'] as const;

export type Layer = (typeof LAYERS)[number];

export const householdSchema = z.strictObject({
	name,
	timeZone,
	/** The hour at which one household day ends and the next begins. */
	dayStartsAt: clockTime.default('04:00'),
	clock: z.enum(['24h', '12h']).default('24h'),
	dates: z.enum(DATE_ORDERS).default('dayFirst'),
	units: z.enum(UNITS).default('metric'),
	weekStart: weekday.default(1),
	weekBelongs: z.enum(['start', 'middle']).default('start'),
	parts: z
		.strictObject({
			morning: clockTime.default('05:00'),
			midday: clockTime.default('12:00'),
			evening: clockTime.default('17:00')
		})
		.refine(
			(p) => p.morning < p.midday && p.midday < p.evening,
			'The parts of the day come in order: morning, midday, evening.'
		)
		.default({ morning: '05:00', midday: '12:00', evening: '17:00' }),
	/** Jobs that name no first day begin here. */
	startsOn: planDate,
	/** Minutes of a day, if the household has set them; else the habit of the last weeks counts. */
	minutesADay: minutes.optional(),
	moves: z
		.strictObject({ sameStorey: z.number().min(0).max(30), perStorey: z.number().min(0).max(30) })
		.default({ sameStorey: 0.5, perStorey: 1 }),
	floors: z.enum(['by-room', 'at-end']).default('by-room'),
	/** The layers that are switched on; nothing of the others falls due. Grown into one after the other. */
	layers: z
		.array(z.enum(LAYERS))
		.refine((list) => new Set(list).size === list.length, 'Name each layer once.')
		.default([...LAYERS]),
	rhythm: z.strictObject({
		pattern: name,
		scheme: schemeSchema,
		zoneDays: weekdays.default([1, 2, 3, 4, 5]),
		sittingMinutes: minutes.default(15),
		catchUpDays: weekdays.default([]),
		freeDays: weekdays.default([]),
		/** On which things leave the house; none: the first catch-up day. */
		errandDays: weekdays.default([]),
		/** Whole weeks of the zones exchanged with each other, each named by a day of it. */
		swaps: z
			.array(z.strictObject({ week: planDate, with: planDate }))
			.max(60, 'At most 60 weeks are swapped. Take some back first.')
			.default([]),
		/** From the week of a day on the zones come so many places later. */
		shifts: z
			.array(z.strictObject({ from: planDate, places: z.number().int().min(1).max(20) }))
			.max(60, 'The zones were moved 60 times. Take some back first.')
			.default([]),
		/** What the household calls its weekdays, such as "Bathrooms". */
		subjects: z.partialRecord(z.enum(['1', '2', '3', '4', '5', '6', '7']), name).default({})
	}),
	/** When the household washes: usual days (none: any day), loads a day, and how it dries. */
	laundry: z
		.strictObject({
			days: weekdays.default([]),
			aDay: z.number().int().min(1).max(6).default(1),
			dry: z.enum(['machine', 'line']).default('line')
		})
		.default({ days: [], aDay: 1, dry: 'line' }),
	/** What the family has agreed: shares, the ribbon, the gate, how it works together. */
	family: familySchema.default(NOTHING_AGREED)
});

export const zoneSchema = z.strictObject({
	id,
	name,
	weave: z.enum(WEAVES),
	/** The deep list, in its order: ids of jobs whose cadence is `zone`. */
	list: z.array(id).default([]),
	orderBy: z.enum(['list', 'need']).default('list')
});

export const ROOM_KINDS = [
	'kitchen',
	'bathroom',
	'toilet',
	'bedroom',
	'child',
	'living',
	'dining',
	'hall',
	'study',
	'laundry',
	'store',
	'loft',
	'outside',
	'car'
] as const;

export const PETS = ['cat', 'dog', 'bird', 'small', 'fish'] as const;

/** What is underfoot. */
export const FLOORS = ['boards', 'laminate', 'carpet', 'cork', 'tiles', 'stone', 'lino', 'concrete'] as const;

/** What gets wiped: those that refuse something, and those that refuse nothing. */
export const SURFACES = [
	'paint',
	'glass',
	'tile',
	'grout',
	'stone',
	'steel',
	'aluminium',
	'plated',
	'enamel',
	'hob',
	'wood',
	'laminate',
	'screen',
	'wool',
	'matt',
	'plastic'
] as const;

export const roomSchema = z.strictObject({
	id,
	name,
	kind: z.enum(ROOM_KINDS),
	/** 0 the ground; cellars below it. */
	storey: z
		.number('Choose on which storey it lies.')
		.int('Choose on which storey it lies.')
		.min(-5, 'A home has at most five storeys below the ground.')
		.max(60, 'A home has at most 60 storeys above the ground.'),
	/** Place in the walk from the top of the house to the bottom. */
	walkOrder: z.number().int().min(0).max(999),
	seenByVisitors: z.boolean().default(false),
	/** Null: in no zone. */
	zone: id.nullable().default(null),
	floor: z.enum(FLOORS).optional(),
	surfaces: z.array(z.enum(SURFACES)).default([]),
	/** Whose own room it is. */
	owners: z.array(id).default([]),
	/** Which animals shed in here. */
	sheds: z.array(z.enum(PETS)).default([])
});

const word = z.string().trim().min(1).max(60);

const spanOfDay = z.strictObject({ weekdays, from: clockTime, to: clockTime });

/** What a person is in a home; a device at the wall is none. */
export const PERSON_ROLES = ['organiser', 'adult', 'child', 'helper'] as const;
export type PersonRole = (typeof PERSON_ROLES)[number];

export const memberSchema = z.strictObject({
	id,
	name,
	role: z.enum([...PERSON_ROLES, 'device']),
	bornOn: isoDate.optional(),
	/** When this person is at home. Left out: always. */
	home: z.array(spanOfDay).optional(),
	/** When this person carries the day. */
	carries: z.array(spanOfDay).default([]),
	/** Stretches of days away, such as a school term; the days themselves are included. */
	away: z
		.array(
			z
				.strictObject({ from: planDate, to: planDate, why: z.string().trim().max(60).default('') })
				.refine((span) => span.from <= span.to, 'It ends on or after the day on which it begins.')
		)
		.max(60)
		.default([]),
	/** What this person has learnt that a job may ask for, such as "ladder". */
	skills: z.array(word).max(30).default([]),
	/** What this person keeps away from. */
	excludes: z
		.strictObject({ families: z.array(productFamily).default([]), jobs: z.array(id).default([]) })
		.default({ families: [], jobs: [] }),
	/** Product families allowed before the age for them: each by whom and on which day it was confirmed. */
	allows: z
		.array(z.strictObject({ family: productFamily, by: id, on: isoDate }))
		.max(20)
		.default([]),
	/** Jobs that this person dislikes: shared evenly, not left out. */
	dislikes: z.array(id).default([]),
	/** The things that this person has at hand, as jobs name them (`needs`, `things`). Left out: whatever the house has. */
	kit: z.array(word).max(60).optional()
});

/** What is said of somebody of whom nothing is said. */
export const PLAIN_PERSON: Pick<
	z.infer<typeof memberSchema>,
	'away' | 'skills' | 'excludes' | 'allows' | 'dislikes'
> = {
	away: [],
	skills: [],
	excludes: { families: [], jobs: [] },
	allows: [],
	dislikes: []
};

export const petSchema = z.strictObject({ id, name, kind: z.enum(PETS) });

export const homeSchema = z
	.strictObject({
		format: z.literal('pail-round/home', 'This is no Pail Round home: "format" must be "pail-round/home".'),
		version: z.literal(4, 'This version of the format is not known here. Versions 1 to 4 are.'),
		household: householdSchema,
		zones: z.array(zoneSchema).max(12),
		rooms: z.array(roomSchema).min(1, 'A home has at least one room.').max(200),
		members: z.array(memberSchema).min(1, 'Somebody lives here: name at least one person.').max(40),
		pets: z.array(petSchema).max(40).default([]),
		jobs: z.array(jobSchema).max(2000),
		/** Products, tools, kits and mixes. */
		cupboard: cupboardSchema.default(EMPTY_CUPBOARD)
	})
	.superRefine(checkAcross);

export type Home = z.infer<typeof homeSchema>;

export type Household = Home['household'];

export type Zone = Home['zones'][number];

export type Room = Home['rooms'][number];

export type Member = Home['members'][number];
export type { Job };
export { WEAVES };

export type ReadHome =
	{ readonly ok: true; readonly home: Home } | { readonly ok: false; readonly problems: readonly Problem[] };

/** Reads a home from foreign data. Every problem names its place and what to do; nothing is repaired silently. */
export function readHome(data: unknown): ReadHome {
	const parsed = homeSchema.safeParse(upgradeHome(data));
	return parsed.success
		? { ok: true, home: parsed.data }
		: { ok: false, problems: problemsOf(parsed.error, data) };
}

/** The same home with all its dates of planning shifted by whole weeks, so that weekdays stay. Birthdays stay. */
export function shiftHome(home: Home, weeks: number): Home {
	const shift = (date: string) => isoOf(addDays(toDay(date), weeks * 7));
	const { rhythm, family } = home.household;
	return {
		...home,
		household: {
			...home.household,
			startsOn: shift(home.household.startsOn),
			family: {
				...family,
				shares: {
					...family.shares,
					...(family.shares.agreedOn ? { agreedOn: shift(family.shares.agreedOn) } : {})
				},
				ribbon: {
					...family.ribbon,
					...(family.ribbon.from ? { from: shift(family.ribbon.from) } : {})
				}
			},
			rhythm: {
				...rhythm,
				swaps: rhythm.swaps.map((one) => ({ week: shift(one.week), with: shift(one.with) })),
				shifts: rhythm.shifts.map((one) => ({ ...one, from: shift(one.from) })),
				scheme:
					rhythm.scheme.type === 'cycle'
						? { ...rhythm.scheme, anchor: shift(rhythm.scheme.anchor) }
						: rhythm.scheme
			}
		},
		members: home.members.map((member) => ({
			...member,
			away: member.away.map((span) => ({ ...span, from: shift(span.from), to: shift(span.to) }))
		})),
		jobs: home.jobs.map((job) => (job.startsOn ? { ...job, startsOn: shift(job.startsOn) } : job))
	};
}

/** The first day of a job. */
export function startOfJob(job: Job, household: Household): CivilDay {
	return toDay(job.startsOn ?? household.startsOn);
}

/** The schema of a job: what is done, where, how often, by whom, in which steps. */
import { z } from 'zod';
import {
	dayPart,
	id,
	isoDate,
	minutes,
	months,
	name,
	planDate,
	productFamily,
	weekday,
	weekdays
} from './fields';

const someWeekdays = weekdays.min(1, 'With no weekday it never falls due. Name at least one, 1 to 7.');

/** Places in the order of a kitchen and of a house. */
export const ORDER_PLACES = [
	'above-hob',
	'hob',
	'dishes',
	'sink',
	'powder',
	'vacuum',
	'bins-out',
	'cloths'
] as const;

/** Rules: "Recurrence". */
export const cadenceSchema = z.union(
	[
		z.strictObject({ type: z.literal('daily'), weekdays: someWeekdays.optional() }),
		z.strictObject({
			type: z.literal('weekly'),
			weekdays: someWeekdays,
			everyWeeks: z.number().int().min(1).max(104).default(1)
		}),
		z.strictObject({ type: z.literal('timesAWeek'), times: z.number().int().min(1).max(7) }),
		z.strictObject({ type: z.literal('monthly'), day: z.number().int().min(1).max(31) }),
		z.strictObject({
			type: z.literal('monthly'),
			nth: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(-1)]),
			weekday
		}),
		z.strictObject({ type: z.literal('monthly'), card: z.number().int().min(1).max(4), weekday }),
		z.strictObject({ type: z.literal('months'), months }),
		z.strictObject({
			type: z.literal('everyMonths'),
			every: z.number().int().min(2).max(60),
			on: z.union([
				z.number().int().min(1).max(31),
				z.strictObject({
					nth: z.union([z.literal(1), z.literal(2), z.literal(3), z.literal(4), z.literal(-1)]),
					weekday
				})
			])
		}),
		z.strictObject({ type: z.literal('once'), date: isoDate }),
		z
			.strictObject({
				type: z.literal('afterDone'),
				min: z.number().int().min(1).max(3660),
				max: z.number().int().min(1).max(3660)
			})
			.refine((c) => c.min <= c.max, 'The shorter time comes first: min is at most max.'),
		z.strictObject({
			type: z.literal('zone'),
			every: z.union([z.literal(1), z.literal(2)]).default(1)
		}),
		z.strictObject({ type: z.literal('onCall') })
	],
	{
		// A union reports all its arms; the reader wants the one that was meant.
		error: (issue) => {
			const type = (issue.input as { type?: unknown } | undefined)?.type;
			const known = [
				'daily',
				'weekly',
				'timesAWeek',
				'monthly',
				'months',
				'everyMonths',
				'once',
				'afterDone',
				'zone',
				'onCall'
			];
			return typeof type === 'string' && known.includes(type)
				? undefined
				: `A cadence has one of the types ${known.join(', ')}.`;
		}
	}
);

export const stepSchema = z.strictObject({
	text: z.string().trim().min(1).max(160),
	/** Attended minutes, in halves. */
	minutes: minutes.refine(
		(m) => Number.isInteger(m * 2),
		'Minutes of a step are in halves, such as 2 or 2.5.'
	),
	/** 0 set going, 1 clear, 2 dust, 3 wipe, 4 shine, 5 sanitary, 6 floor dry, 7 floor wet, 8 put back. */
	class: z.number().int().min(0).max(8),
	/** Left out: the job's room. */
	room: id.optional(),
	appliance: id.optional(),
	/** What of all that the job needs at hand this step is done with: its words, and ids of the cupboard. */
	tools: z.array(z.string().trim().min(1).max(60)).max(20).optional(),
	/** What runs by itself after this step, before the next one of the job. */
	wait: z
		.strictObject({
			label: z.string().trim().min(1).max(80),
			min: z.number().min(0).max(2880),
			max: z.number().min(0).max(2880).optional()
		})
		.refine((w) => w.max === undefined || w.max >= w.min, 'The longest time is at least the least time.')
		.optional(),
	products: z
		.array(
			z.strictObject({
				families: z.array(productFamily).min(1),
				/** The product of the home that it is; its families are those of the product. */
				product: id.optional(),
				surface: id.optional(),
				/** With plenty of water, that takes off what was there. */
				rinse: z.boolean().default(false),
				/** How wet it is; left out: damp. What bears no rinse bears nothing wet. */
				water: z.enum(['damp', 'wet']).optional(),
				floor: z.boolean().default(false),
				/** So many minutes it stays before it is taken off; left out: unknown. */
				contactMinutes: z.number().min(0).max(1440).optional()
			})
		)
		.default([])
});

const depthSchema = z.strictObject({
	minutes,
	steps: z.array(stepSchema).min(1, 'A depth has at least one step.')
});

export const jobSchema = z.strictObject({
	id,
	name,
	room: id,
	layer: z.enum(['basics', 'weekly', 'zone', 'long']),
	/** 1 (nice) to 5 (health). */
	weight: z.number().int().min(1).max(5),
	cadence: cadenceSchema,
	missRule: z.enum(['letgo', 'catchup', 'stays', 'carry']),
	/** Left out: the household's first day. */
	startsOn: planDate.optional(),
	leadDays: z.number().int().min(0).max(60).default(0),
	season: months.optional(),
	parts: z
		.array(dayPart)
		.max(3)
		.refine((list) => new Set(list).size === list.length, 'Name each part of the day once.')
		.default([]),
	depths: z.strictObject({
		quick: depthSchema.optional(),
		usual: depthSchema,
		deep: depthSchema.optional()
	}),
	/** Every k-th occurrence done is a deep one. */
	deepEvery: z.number().int().min(2).max(60).optional(),
	variants: z.array(name).min(2, 'To alternate takes at least two.').max(20).optional(),
	covers: z.array(id).default([]),
	/** Read by whoever does it. */
	note: z.string().trim().max(400, 'A note has at most 400 letters.').optional(),
	noisy: z.boolean().default(false),
	who: z
		.strictObject({
			/** One owner, everybody, in turns, or whoever comes first. */
			mode: z.enum(['fixed', 'shared', 'turns', 'free']),
			members: z.array(id).default([]),
			/** How long an occurrence at it lasts: a day, a week, or once. Left out: once. */
			every: z.enum(['day', 'week', 'time']).optional()
		})
		.default({ mode: 'free', members: [] }),
	/** The kind of work, such as "dusting": the subject of a weekday, and what a round gathers. */
	subject: z.string().trim().min(1).max(40).optional(),
	/** Its place in the order of things: what comes before what. Rules: "Hard rules of a plan". */
	order: z
		.array(z.enum(ORDER_PLACES))
		.max(ORDER_PLACES.length)
		.refine((list) => new Set(list).size === list.length, 'Name each place once.')
		.default([]),
	/** How much of it visitors see, 0 (nothing) to 1 (all). Left out: all. */
	shows: z.number().min(0).max(1).optional(),
	/** Done out of the house, on the way. */
	errand: z.boolean().default(false),
	/** A week is no week without it: where minutes do not hold the work, it is the last to be left for later. */
	core: z.boolean().default(false),
	/** It runs through the whole house, whatever room it is filed under. */
	wholeHouse: z.boolean().default(false),
	/** Rooms that it covers beside its own. */
	rooms: z.array(id).max(60).default([]),
	/** The age at which it is usually done alone; below it with somebody. Left out: by its products and tools. */
	aloneFrom: z.number().int().min(3).max(18).optional(),
	/** The youngest who may do it; products ask for an age of their own beside it. */
	fromAge: z.number().int().min(3).max(18).optional(),
	/** What somebody must have learnt to do it, such as "ladder". */
	skill: z.string().trim().min(1).max(60).optional(),
	/** Work that nobody sees: planning, shopping, bills, appointments. */
	hidden: z.boolean().default(false),
	/** From easy to the whole of it. */
	rungs: z.array(z.string().trim().min(1).max(80)).max(8).default([]),
	/** Where to look with somebody else's eyes when it is said to be done. */
	lookRound: z.array(z.string().trim().min(1).max(80)).max(12).default([]),
	/** The library job that it was made from. */
	library: id.optional(),
	/** What else it needs at hand, in words that nothing is read from. */
	needs: z.array(z.string().trim().min(1).max(60)).default([]),
	/** Tools and products of the cupboard that it needs at hand, by their ids. */
	things: z
		.array(id)
		.max(40)
		.refine((list) => new Set(list).size === list.length, 'Name each thing once.')
		.default([]),
	/** One line each, for this job in this room; danger first. */
	cautions: z
		.array(
			z.strictObject({
				headline: z.string().trim().min(1).max(60),
				text: z.string().trim().max(140).default('')
			})
		)
		.default([])
});

export type Job = z.infer<typeof jobSchema>;
export type JobStep = z.infer<typeof stepSchema>;
export type JobCadence = z.infer<typeof cadenceSchema>;

/** The schema of a stored session and of what is said to it: every row and every press passes it. */
import { z } from 'zod';
import { depth } from '../household/fields';
import { SESSION_KINDS } from './kinds';
import { CLUTTER, CONTAINERS, type SessionPlan } from './sessionPlan';

const word = z.string().trim().min(1).max(80);
const memberId = z.string().max(60);
const lineId = z.string().min(1).max(80);

export const stepSchema = z.strictObject({
	line: lineId,
	job: z.string(),
	jobName: z.string(),
	step: z.number().int().min(0),
	text: z.string(),
	room: z.string(),
	roomName: z.string(),
	minutes: z.number().positive(),
	start: z.number().min(0),
	wait: z.strictObject({ label: z.string(), min: z.number(), max: z.number().nullable() }).nullable(),
	within: z.number().min(0).optional(),
	last: z.boolean(),
	who: memberId.default(''),
	class: z.number().int().min(0).max(8).default(0),
	appliance: z.string().nullable().default(null),
	uses: z
		.array(z.strictObject({ surface: z.string(), families: z.array(z.string()), rinse: z.boolean() }))
		.default([])
});

const lineSchema = z.strictObject({
	worth: z.number().min(0),
	held: z.boolean(),
	can: z.array(memberId),
	depth: depth.optional(),
	uncapped: z.boolean().optional()
});

export const clearingSchema = z.strictObject({
	spot: word,
	room: z.string(),
	roomName: z.string(),
	portion: z.enum(['all', 'half', 'quarter']),
	zone: z.string().nullable(),
	closingMinutes: z.number().positive().max(60)
});

/** A plan as it lies in the database; what older ones leave out has the value that was meant then. */
export const sessionPlanSchema = z
	.strictObject({
		kind: z.enum(SESSION_KINDS).default('bite'),
		bellMinutes: z.number().positive().max(1440),
		fixedBell: z.boolean().default(false),
		cap: z.number().positive().nullable().default(null),
		people: z.array(memberId).default([]),
		steps: z.array(stepSchema).max(400),
		lines: z.record(z.string(), lineSchema).default({}),
		rooms: z.array(z.strictObject({ id: z.string(), storey: z.number() })).default([]),
		move: z
			.strictObject({ sameStorey: z.number(), perStorey: z.number() })
			.default({ sameStorey: 0.5, perStorey: 1 }),
		pairs: z.array(z.tuple([z.string(), z.string()])).default([]),
		floors: z.enum(['with-room', 'at-end']).default('with-room'),
		topDown: z.boolean().default(false),
		breaks: z.array(z.strictObject({ from: z.number(), until: z.number() })).default([]),
		clearing: clearingSchema.nullable().default(null)
	})
	.refine((plan) => plan.steps.length > 0 || plan.clearing !== null, 'A session has something to do.');

/** Reads a stored plan; throws where the row is no plan. */
export function readPlan(data: unknown): SessionPlan {
	return sessionPlanSchema.parse(data);
}

/** What an event carries, as it lies in the database. */
export const eventDetailSchema = z.strictObject({
	by: memberId.optional(),
	line: lineId.optional(),
	steps: z.array(stepSchema).max(40).optional(),
	entry: lineSchema.optional(),
	minutes: z.number().min(0).max(600).optional(),
	into: z.enum(CONTAINERS).optional(),
	room: memberId.optional(),
	thing: z.string().trim().max(60).optional(),
	boxed: z.boolean().optional(),
	place: z.string().trim().min(1).max(80).optional(),
	carrier: memberId.optional(),
	leavesOn: z.iso.date().optional(),
	clutter: z.enum(CLUTTER).optional()
});

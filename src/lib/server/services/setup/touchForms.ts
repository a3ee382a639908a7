/** Touches of the first steps in which something is typed. What the words make is for the core to judge, see `touchSchema`. */
import { z } from 'zod';
import type { Touch } from '$core/setup/steps';

const text = z.string().default('');
const named = z.object({ name: text });

const FORMS: Partial<Record<Touch['op'], z.ZodType<Record<string, unknown>, Record<string, unknown>>>> = {
	person: z.object({ name: text, role: text, bornOn: text, age: text }),
	nameRoom: named.extend({ room: text }),
	nameZone: named.extend({ zone: text }),
	minutes: z.object({ minutes: text }),
	name: named
};

/** Their forms, by what they do. */
export const typedTouches = new Map(Object.entries(FORMS));

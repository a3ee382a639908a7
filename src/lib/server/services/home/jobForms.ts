/** What is sent of a job by its editor: words, as they were typed. What they make is for the core to judge, see `jobFromForm`. */
import { z } from 'zod';
import { DEPTHS } from '$core/household/fields';
import { JOB_FORM, STEP_FORM } from '$core/setup/jobFormNames';

const text = z.string().default('');
const texts = z.array(z.string()).default([]);

const NAMES = Object.keys(JOB_FORM) as (keyof typeof JOB_FORM)[];
const OF_DEPTHS = DEPTHS.map((depth) => `minutes-${depth}` as const);
const OF_STEPS = DEPTHS.flatMap((depth) => STEP_FORM.map((what) => `${depth}-${what}` as const));

const each = <K extends string, S extends z.ZodType>(names: readonly K[], schemaOf: (name: K) => S) =>
	Object.fromEntries(names.map((name) => [name, schemaOf(name)])) as Record<K, S>;

/** What is not told of it stays. */
export const jobForm = z.object({
	...each(NAMES, (name) => (JOB_FORM[name].many ? texts : text)),
	...each(OF_DEPTHS, () => text),
	...each(OF_STEPS, () => texts)
});

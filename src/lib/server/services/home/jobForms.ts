/** What is sent of a job by its editor: words, as they were typed. What they make is for the core to judge, see `jobFromForm`. */
import { z } from 'zod';
import { DEPTHS } from '$core/household/fields';

const each = <K extends string, S extends z.ZodType>(names: readonly K[], schema: S) =>
	Object.fromEntries(names.map((name) => [name, schema])) as Record<K, S>;

const ONE = [
	'name',
	'room',
	'type',
	'everyWeeks',
	'times',
	'day',
	'nth',
	'weekday',
	'leaf',
	'everyMonths',
	'on',
	'onceOn',
	'min',
	'max',
	'every',
	'missRule',
	'seasonal',
	'variants',
	'lead',
	'who',
	'deepEvery',
	'weight',
	'layer',
	'startsOn',
	'note',
	'needs',
	'withThings',
	'skill',
	'fromAge',
	'aloneFrom',
	'shows',
	'errand',
	'core',
	'wholeHouse',
	'rungs',
	'lookRound',
	'noisy',
	'hidden'
] as const;

const MANY = ['weekdays', 'months', 'season', 'parts', 'members', 'things', 'order', 'covers'] as const;

const OF_A_STEP = [
	'text',
	'minutes',
	'class',
	'wait',
	'appliance',
	'min',
	'max',
	'with',
	'surface',
	'rinse',
	'tools'
] as const;

const text = z.string().default('');
const texts = z.array(z.string()).default([]);

/** What is not told of it stays. */
export const jobForm = z.object({
	...each(ONE, text),
	...each(MANY, texts),
	...each(
		DEPTHS.map((depth) => `minutes-${depth}` as const),
		text
	),
	...each(
		DEPTHS.flatMap((depth) => OF_A_STEP.map((what) => `${depth}-${what}` as const)),
		texts
	)
});

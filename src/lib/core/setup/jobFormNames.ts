/** The fields of the form of a job by their names: what of the job each speaks of, and whether several are sent of it. */

/** What of a job a field speaks of. */
export type AboutJob = 'name' | 'cadence' | 'parts' | 'who' | 'options' | 'needs' | 'learning' | 'covers';

interface JobField {
	readonly about: AboutJob;
	readonly many: boolean;
}

const fields = <N extends string>(about: AboutJob, many: boolean, names: readonly N[]) =>
	Object.fromEntries(names.map((name) => [name, { about, many }])) as Record<N, JobField>;

export const JOB_FORM = {
	...fields('name', false, ['name', 'room']),
	...fields('cadence', false, [
		'type',
		'everyWeeks',
		'times',
		'day',
		'nth',
		'weekday',
		'leaf',
		'everyMonths'
	]),
	...fields('cadence', false, ['on', 'onceOn', 'min', 'max', 'every']),
	...fields('cadence', true, ['weekdays', 'months']),
	...fields('parts', true, ['parts']),
	...fields('who', false, ['who']),
	...fields('who', true, ['members']),
	...fields('options', false, ['missRule', 'seasonal', 'variants', 'lead', 'deepEvery']),
	...fields('options', true, ['season']),
	...fields('needs', false, ['weight', 'layer', 'startsOn', 'note', 'needs', 'withThings', 'shows']),
	...fields('needs', false, ['errand', 'core', 'wholeHouse', 'noisy', 'hidden']),
	...fields('needs', true, ['things', 'order']),
	...fields('learning', false, ['skill', 'fromAge', 'aloneFrom', 'rungs', 'lookRound']),
	...fields('covers', true, ['covers'])
};

/** What is asked of each step of a depth; a field of it is sent for each step, as `usual-text`. */
export const STEP_FORM = [
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

const ALSO_DATES: readonly string[] = ['parts', 'missRule', 'seasonal', 'season', 'lead', 'startsOn'];

/** What of the job a field speaks of; undefined for the fields of a depth, and for names that are none. */
export const aboutField = (name: string): AboutJob | undefined =>
	Object.hasOwn(JOB_FORM, name) ? JOB_FORM[name as keyof typeof JOB_FORM].about : undefined;

/** Whether the dates of the job come of this field: they can be told whatever is wrong with the others. */
export const isOfDates = (name: string): boolean =>
	aboutField(name) === 'cadence' || ALSO_DATES.includes(name);

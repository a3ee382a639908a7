/** Where in the editor of a job a field stands: behind a word of the sentence, in more options, or among all details. */

interface Place {
	readonly tool?: 'often' | 'when' | 'who' | 'minutes';
	readonly more?: true;
	readonly tab?: string;
}

const OFTEN = [
	'type',
	'weekdays',
	'everyWeeks',
	'times',
	'day',
	'nth',
	'weekday',
	'leaf',
	'months',
	'everyMonths',
	'on',
	'onceOn',
	'min',
	'max',
	'every'
];
const MORE = ['minutes-quick', 'minutes-deep', 'deepEvery', 'missRule', 'lead', 'season', 'variants'];
const LEARNT = ['skill', 'fromAge', 'aloneFrom', 'rungs', 'lookRound'];
/** What dates come of: whatever else is wrong, they can be told. */
export const OF_DATES = [...OFTEN, 'seasonal', 'season', 'startsOn', 'missRule', 'lead', 'parts'];
/** They stand in sight. */
const ABOVE = ['name', 'room'];

/** The place of a field of the form; empty where nothing has to be opened. */
export function placeOfField(field: string): Place {
	const name = field.replace(/\[\d+\]$/, '');
	if (ABOVE.includes(name)) return {};
	if (OFTEN.includes(name)) return { tool: 'often' };
	if (name === 'parts') return { tool: 'when' };
	if (name === 'who' || name === 'members') return { tool: 'who' };
	if (name === 'minutes-usual') return { tool: 'minutes' };
	if (MORE.includes(name)) return { more: true };
	if (LEARNT.includes(name)) return { tab: 'learn' };
	if (name === 'covers') return { tab: 'covers' };
	const depth = /^(quick|usual|deep)-/.exec(name)?.[1];
	return { tab: depth ?? 'needs' };
}

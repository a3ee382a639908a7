/** The words that a command is made of. */
import type { SessionKind } from '../session/kinds';
import type { Stage } from '../laundry/laundry';

/** What a table says of a word: only its own words count, not those that every object has. */
export const ownWord = <T>(table: Readonly<Record<string, T>>, word: string): T | undefined =>
	Object.hasOwn(table, word) ? table[word] : undefined;

/** The kind of session that a word means. */
export const KIND_WORDS: Readonly<Record<string, SessionKind>> = {
	pail: 'bite',
	basics: 'basics',
	round: 'round',
	weekly: 'round',
	zone: 'zone',
	sitting: 'zone',
	visitors: 'visitors',
	visit: 'visitors',
	guests: 'visitors',
	routine: 'basics',
	minutes: 'bite',
	session: 'bite',
	reset: 'reset',
	tonight: 'reset',
	deep: 'detail',
	detail: 'detail'
};

/** Words that a command begins with. */
export const VERBS = [
	'add',
	'done',
	'did',
	'finished',
	'looked',
	'checked',
	'clear',
	'declutter',
	'wash',
	'laundry',
	'late',
	'overdue',
	'big',
	...Object.keys(KIND_WORDS)
];

/** The stage that a word of the laundry means. */
export const STAGE_WORDS: Readonly<Record<string, Stage>> = {
	collected: 'collected',
	gathered: 'collected',
	started: 'washing',
	start: 'washing',
	on: 'washing',
	running: 'washing',
	hung: 'drying',
	hang: 'drying',
	dryer: 'drying',
	out: 'drying',
	folded: 'folding',
	fold: 'folding',
	dry: 'folding',
	away: 'away',
	done: 'away'
};

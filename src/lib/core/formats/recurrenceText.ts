/** A cadence in one cell of a table: short, and read back the same. docs/formats.md. */
import type { Job } from '../household/home';
import { cadenceSchema } from '../household/jobSchema';

const DAYS = ['Mon', 'Tue', 'Wed', 'Thu', 'Fri', 'Sat', 'Sun'];
const NTH: Readonly<Record<string, number>> = { first: 1, second: 2, third: 3, fourth: 4, last: -1 };

const nthName = (nth: number) => Object.keys(NTH).find((name) => NTH[name] === nth);
const dayNames = (days: readonly number[]) => days.map((day) => DAYS[day - 1]).join(' ');

export function cadenceToText(cadence: Job['cadence']): string {
	switch (cadence.type) {
		case 'daily':
			return cadence.weekdays ? `daily ${dayNames(cadence.weekdays)}` : 'daily';
		case 'weekly':
			return `weekly ${dayNames(cadence.weekdays)}${cadence.everyWeeks > 1 ? ` every ${cadence.everyWeeks}` : ''}`;
		case 'timesAWeek':
			return `${cadence.times} a week`;
		case 'monthly':
			if ('day' in cadence) return `monthly ${cadence.day}`;
			if ('card' in cadence) return `leaf ${cadence.card} ${DAYS[cadence.weekday - 1]}`;
			return `monthly ${nthName(cadence.nth)} ${DAYS[cadence.weekday - 1]}`;
		case 'months':
			return `months ${cadence.months.join(' ')}`;
		case 'everyMonths':
			return typeof cadence.on === 'number'
				? `every ${cadence.every} months ${cadence.on}`
				: `every ${cadence.every} months ${nthName(cadence.on.nth)} ${DAYS[cadence.on.weekday - 1]}`;
		case 'once':
			return `once ${cadence.date}`;
		case 'afterDone':
			return `after ${cadence.min}-${cadence.max} days`;
		case 'zone':
			return cadence.every === 2 ? 'zone every 2' : 'zone';
		case 'onCall':
			return 'on call';
	}
}

/** The cadence that a cell says; null where it says none. */
export function cadenceFromText(text: string): Job['cadence'] | null {
	const words = text
		.trim()
		.toLowerCase()
		.split(/[\s,]+/);
	const day = (word: string | undefined) =>
		DAYS.findIndex((name) => word?.startsWith(name.toLowerCase())) + 1;
	const [head, ...rest] = words;
	let made: unknown = null;
	if (head === 'daily')
		made = rest.length === 0 ? { type: 'daily' } : { type: 'daily', weekdays: rest.map(day) };
	else if (head === 'weekly') {
		const at = rest.indexOf('every');
		made = {
			type: 'weekly',
			weekdays: (at < 0 ? rest : rest.slice(0, at)).map(day),
			everyWeeks: at < 0 ? 1 : Number(rest[at + 1])
		};
	} else if (words[1] === 'a' && words[2] === 'week') made = { type: 'timesAWeek', times: Number(head) };
	else if (head === 'monthly')
		made =
			rest.length === 1
				? { type: 'monthly', day: Number(rest[0]) }
				: { type: 'monthly', nth: NTH[rest[0] ?? ''], weekday: day(rest[1]) };
	else if (head === 'leaf') made = { type: 'monthly', card: Number(rest[0]), weekday: day(rest[1]) };
	else if (head === 'months') made = { type: 'months', months: rest.map(Number) };
	else if (head === 'every' && rest[1] === 'months')
		made = {
			type: 'everyMonths',
			every: Number(rest[0]),
			on: rest.length === 3 ? Number(rest[2]) : { nth: NTH[rest[2] ?? ''], weekday: day(rest[3]) }
		};
	else if (head === 'once') made = { type: 'once', date: rest[0] };
	else if (head === 'after') {
		const [min, max] = (rest[0] ?? '').split('-').map(Number);
		made = { type: 'afterDone', min, max: max ?? min };
	} else if (head === 'zone') made = { type: 'zone', every: rest.includes('2') ? 2 : 1 };
	else if (head === 'on' && rest[0] === 'call') made = { type: 'onCall' };
	const read = cadenceSchema.safeParse(made);
	return read.success ? read.data : null;
}

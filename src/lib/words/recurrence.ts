/** How often a job comes, in plain words. */
import type { Job } from '$core/household/home';
import { toDay } from '$core/calendar/civil';
import { listNames, longDate, lowerNumber, MONTHS, WEEKDAYS } from './general';

const ORDINALS = ['', 'first', 'second', 'third', 'fourth'];

/** Days of the week; three or more that follow each other by their first and last. */
function onDays(days: readonly number[]): string {
	const list = [...days].sort((a, b) => a - b);
	const [first = 1, last = 1] = [list[0], list.at(-1)];
	if (list.length > 2 && list.every((day, i) => day === first + i))
		return `from ${WEEKDAYS[first - 1]} to ${WEEKDAYS[last - 1]}`;
	return `on ${listNames(list.map((day) => `${WEEKDAYS[day - 1]}s`))}`;
}

function ordinal(n: number): string {
	const tail = n % 100 > 10 && n % 100 < 14 ? 'th' : (['th', 'st', 'nd', 'rd'][n % 10] ?? 'th');
	return `${n}${tail}`;
}

export function cadenceText(cadence: Job['cadence']): string {
	switch (cadence.type) {
		case 'daily':
			return cadence.weekdays ? onDays(cadence.weekdays) : 'every day';
		case 'weekly':
			return cadence.everyWeeks === 1
				? `weekly ${onDays(cadence.weekdays)}`
				: cadence.everyWeeks === 2
					? `every second week ${onDays(cadence.weekdays)}`
					: `every ${cadence.everyWeeks} weeks ${onDays(cadence.weekdays)}`;
		case 'timesAWeek':
			return cadence.times === 1
				? 'once a week'
				: cadence.times === 2
					? 'twice a week'
					: `${lowerNumber(cadence.times)} times a week`;
		case 'monthly':
			if ('day' in cadence) return `on the ${ordinal(cadence.day)} of the month`;
			if ('card' in cadence)
				return `on the ${WEEKDAYS[cadence.weekday - 1]} of week ${cadence.card} of the month`;
			return `on the ${cadence.nth === -1 ? 'last' : ORDINALS[cadence.nth]} ${WEEKDAYS[cadence.weekday - 1]} of the month`;
		case 'months':
			return `in ${listNames(cadence.months.map((m) => MONTHS[m - 1] as string))}`;
		case 'everyMonths':
			return `every ${lowerNumber(cadence.every)} months on the ${
				typeof cadence.on === 'number'
					? ordinal(cadence.on)
					: `${cadence.on.nth === -1 ? 'last' : ORDINALS[cadence.on.nth]} ${WEEKDAYS[cadence.on.weekday - 1]}`
			}`;
		case 'once':
			return `once, on ${longDate(toDay(cadence.date))}`;
		case 'afterDone':
			return cadence.min === cadence.max
				? `${cadence.max} days after it was last done`
				: `${cadence.min} to ${cadence.max} days after it was last done`;
		case 'zone':
			return cadence.every === 2
				? 'every second time its zone has its week'
				: 'each time its zone has its week';
		case 'onCall':
			return 'only when somebody asks for it';
	}
}

export function rhythmWords(job: Job): string {
	const part = job.parts.length > 0 ? `, ${job.parts.join(' and ')}` : '';
	return `${cadenceText(job.cadence)}${part}`;
}

/** Where a job has no date to come. */
export function noNextWords(type: Job['cadence']['type']): string {
	if (type === 'onCall') return 'when somebody asks for it';
	return type === 'once' ? 'this once' : 'no day in the year ahead';
}

/** What happens if it is missed. */
export function missWords(job: Job, catchUpName: string | null): string {
	switch (job.missRule) {
		case 'letgo':
			return 'skip it until next time';
		case 'catchup':
			return catchUpName === null
				? 'skip it until next time'
				: `move it to ${catchUpName}, your catch-up day`;
		case 'stays':
			return 'keep it until it is done';
		case 'carry':
			return 'keep it until the next visit of its zone';
	}
}

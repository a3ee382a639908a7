/** Days as people name them. */
import { addDays, parseDay, weekdayOf, type CivilDay } from '../calendar/civil';

export const WEEKDAYS = ['monday', 'tuesday', 'wednesday', 'thursday', 'friday', 'saturday', 'sunday'];

/** A day that is named after "till": a weekday to come, today, tomorrow, a number of days or weeks, or a date. */
export function dayNamed(words: readonly string[], today: CivilDay): CivilDay | null {
	const [first, second] = words.filter((word) => word !== 'next' && word !== 'on');
	if (first === undefined) return null;
	if (first === 'today' || first === 'tonight') return today;
	if (first === 'tomorrow') return addDays(today, 1);
	const weekday = first.length >= 3 ? WEEKDAYS.findIndex((day) => day.startsWith(first)) : -1;
	if (weekday >= 0) {
		const ahead = (weekday + 1 - weekdayOf(today) + 7) % 7;
		return addDays(today, ahead === 0 ? 7 : ahead);
	}
	const count = Number(first);
	if (Number.isInteger(count) && count > 0 && count < 100 && second?.startsWith('day'))
		return addDays(today, count);
	if (Number.isInteger(count) && count > 0 && count < 20 && second?.startsWith('week'))
		return addDays(today, count * 7);
	const date = parseDay(words.join('-'));
	return date !== null && date >= today ? date : null;
}

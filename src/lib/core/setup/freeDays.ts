/** A pattern whose days keep clear of the days that a home leaves free. Rules: "Patterns". */
import type { Weekday } from '../calendar/civil';
import type { Job } from '../household/home';
import type { Pattern, Place } from './pattern';

/** Where a pattern's weekday goes: itself, or where it is free the next that is neither free nor for catching up. */
function dayBeside(day: number, free: readonly number[], catchUp: readonly number[]): Weekday {
	const after = Array.from({ length: 7 }, (_, i) => (((day - 1 + i) % 7) + 1) as Weekday);
	const working = after.filter((one) => !free.includes(one));
	return working.find((one) => one === day || !catchUp.includes(one)) ?? working[0] ?? (day as Weekday);
}

function placeBeside(place: Place, to: (day: number) => Weekday): Place {
	if (place.how === 'card')
		return place.weekday === undefined ? place : { ...place, weekday: to(place.weekday) };
	if (!('weekdays' in place)) return place;
	return { ...place, weekdays: [...new Set(place.weekdays.map(to))].sort((a, b) => a - b) };
}

/** A job's own rhythm with its weekdays off the free days; what hangs on no weekday stays. */
export function cadenceBesideFreeDays(
	cadence: Job['cadence'],
	free: readonly number[],
	catchUp: readonly number[]
): Job['cadence'] {
	const to = (day: number) => dayBeside(day, free, catchUp);
	if ('weekdays' in cadence && cadence.weekdays)
		return { ...cadence, weekdays: [...new Set(cadence.weekdays.map(to))].sort((a, b) => a - b) };
	return 'weekday' in cadence ? { ...cadence, weekday: to(cadence.weekday) } : cadence;
}

/**
 * The pattern with its weekdays, zone days and subjects moved off the free days: each to the next day that is neither
 * free nor for catching up. Where every day is free they stay. Subjects that meet on a day stand side by side.
 */
export function besideFreeDays(
	pattern: Pattern,
	free: readonly number[],
	catchUp: readonly number[]
): Pattern {
	const to = (day: number) => dayBeside(day, free, catchUp);
	const { rhythm } = pattern;
	const subjects: Record<string, string> = {};
	for (const [day, subject] of Object.entries(rhythm.subjects)) {
		const at = String(to(Number(day)));
		subjects[at] = subjects[at] ? `${subjects[at]}, ${subject.toLowerCase()}` : subject;
	}
	const zoneDays = rhythm.zoneDays.filter((day) => !free.includes(day));
	return {
		...pattern,
		rhythm: {
			...rhythm,
			subjects,
			zoneDays: zoneDays.length > 0 ? zoneDays : [...new Set(rhythm.zoneDays.map(to))]
		},
		rules: pattern.rules.map((rule) => ({ ...rule, place: placeBeside(rule.place, to) }))
	};
}

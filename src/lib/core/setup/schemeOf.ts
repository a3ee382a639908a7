/** The scheme of the zones that a home keeps of a pattern. Rules: "Patterns". */
import type { Weekday } from '../calendar/civil';
import type { Home } from '../household/home';
import type { Pattern } from './pattern';

/** The weekdays on which a home works: neither free nor for catching up. */
export const workingDays = (freeDays: readonly number[], catchUpDays: readonly number[]): Weekday[] =>
	([1, 2, 3, 4, 5, 6, 7] as Weekday[]).filter((d) => !freeDays.includes(d) && !catchUpDays.includes(d));

/**
 * The weekday of each zone for a scheme by weekdays: the zones in their order on the working weekdays. Where there are
 * more zones than days, the later ones have their work on the days of the first; none where no day is a working one.
 */
export function weekdaysOfZones(
	zones: readonly { readonly id: string }[],
	freeDays: readonly number[],
	catchUpDays: readonly number[]
): Map<string, Weekday> {
	const days = workingDays(freeDays, catchUpDays);
	if (days.length === 0) return new Map();
	return new Map(zones.map((zone, i) => [zone.id, days[i % days.length] as Weekday]));
}

/** The zones with what a home keeps of a pattern's scheme. */
export function schemeOf(
	pattern: Pattern,
	zoneWeekday: ReadonlyMap<string, Weekday>,
	anchor: string
): Home['household']['rhythm']['scheme'] {
	const { scheme, extra } = pattern.rhythm;
	if (scheme === 'cycle') return { type: 'cycle', extra, anchor };
	if (scheme === 'weekdays') {
		return {
			type: 'weekdays',
			extra,
			// Of zones that share a day the first is the one that is on.
			byWeekday: Object.fromEntries([...zoneWeekday].reverse().map(([zone, day]) => [String(day), zone]))
		};
	}
	return { type: scheme, extra };
}

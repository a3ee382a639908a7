/** The scheme of the zones that a home keeps of a pattern. Rules: "Patterns". */
import type { Weekday } from '../calendar/civil';
import type { Home } from '../household/home';
import type { Pattern } from './pattern';

/** The weekday of each zone for a scheme by weekdays: the zones in their order on the working weekdays. */
export function weekdaysOfZones(
	zones: readonly { readonly id: string }[],
	freeDays: readonly number[],
	catchUpDays: readonly number[]
): Map<string, Weekday> {
	const days = ([1, 2, 3, 4, 5, 6, 7] as Weekday[]).filter(
		(d) => !freeDays.includes(d) && !catchUpDays.includes(d)
	);
	return new Map(zones.slice(0, days.length).map((zone, i) => [zone.id, days[i] as Weekday]));
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
			byWeekday: Object.fromEntries([...zoneWeekday].map(([zone, day]) => [String(day), zone]))
		};
	}
	return { type: scheme, extra };
}

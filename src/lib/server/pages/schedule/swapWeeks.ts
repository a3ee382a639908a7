/** The weeks of the zones that can be swapped. */
import { addDays, isoOf, parseDay, type CivilDay } from '$core/calendar/civil';
import { zoneOfWeek } from '$core/calendar/rotation';
import { weekStartOf } from '$core/calendar/weeks';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { ScheduleView } from '$views/schedule';
import { dayMonth } from '$words/general';
import { SWAP } from '$words/schedule';

/** Weeks from now on that can be swapped. */
const WEEKS_AHEAD = 20;

/** What swapping weeks needs; null where no zone has a week of its own. */
export function swapView(home: PreparedHome, today: CivilDay, revision: number): ScheduleView['swap'] {
	const { scheme, weekStart } = home.rotation;
	if (scheme.type === 'none' || scheme.type === 'weekdays' || home.home.zones.length < 2) return null;
	const first = weekStartOf(today, weekStart);
	const nameOf = (begin: CivilDay) =>
		home.zoneById.get(zoneOfWeek(begin, home.rotation) ?? '')?.name ?? SWAP.noZone;
	const day = (date: string) => dayMonth(parseDay(date) ?? today);
	const { swaps, shifts } = home.home.household.rhythm;
	return {
		revision,
		weeks: Array.from({ length: WEEKS_AHEAD }, (_, i) => addDays(first, 7 * i)).map((begin) => ({
			value: isoOf(begin),
			label: SWAP.weekOf(dayMonth(begin), nameOf(begin))
		})),
		standing: [
			...swaps.map((one, at) => ({
				kind: 'swap' as const,
				at,
				words: SWAP.swap(day(one.week), day(one.with))
			})),
			...shifts.map((one, at) => ({
				kind: 'shift' as const,
				at,
				words: SWAP.shift(day(one.from), one.places)
			}))
		]
	};
}

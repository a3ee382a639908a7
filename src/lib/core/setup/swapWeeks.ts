/** Exchanging weeks of the zones, once or from a week on. Rules: "Zones in rotation". */
import { isoOf, type CivilDay, type Weekday } from '../calendar/civil';
import { zoneOfWeek } from '../calendar/rotation';
import { weekStartOf } from '../calendar/weeks';
import type { Home } from '../household/home';
import { rotationOf } from '../schedule/preparedHome';
import { finish, refuse, type Edit } from './edit';

/** The first day of the week of a date in this home. */
const weekOf = (home: Home, day: CivilDay) => weekStartOf(day, home.household.weekStart as Weekday);

/** Two weeks exchange their zones, their cards and their sittings, day by day; weeks that are over stay as they were. */
export function swapWeeks(home: Home, one: CivilDay, other: CivilDay, today: CivilDay): Edit {
	const [week, swap] = [weekOf(home, one), weekOf(home, other)];
	if (week === swap) return refuse({ code: 'same-week' });
	if (week < weekOf(home, today) || swap < weekOf(home, today)) return refuse({ code: 'week-over' });
	return withRhythm(home, {
		swaps: [...home.household.rhythm.swaps, { week: isoOf(week), with: isoOf(swap) }]
	});
}

/** From the week of `one` on the zones come so that it has the zone that the week of `other` would have had. */
export function shiftWeeks(home: Home, one: CivilDay, other: CivilDay, today: CivilDay): Edit {
	const from = weekOf(home, one);
	if (from === weekOf(home, other)) return refuse({ code: 'same-week' });
	if (from < weekOf(home, today)) return refuse({ code: 'week-over' });
	const rotation = rotationOf(home);
	const place = (day: CivilDay) => rotation.zones.indexOf(zoneOfWeek(weekOf(home, day), rotation) ?? '');
	const [now, wanted] = [place(one), place(other)];
	const count = rotation.zones.length;
	if (now < 0 || wanted < 0 || rotation.scheme.type === 'weekdays') return refuse({ code: 'no-zone-then' });
	const places = (wanted - now + count) % count;
	if (places === 0) return refuse({ code: 'same' });
	return withRhythm(home, {
		shifts: [...home.household.rhythm.shifts, { from: isoOf(from), places }]
	});
}

/** Takes back the swap or the move of the zones that was made last. */
export function unswapWeeks(home: Home, kind: 'swap' | 'shift', at: number): Edit {
	const { swaps, shifts } = home.household.rhythm;
	if (kind === 'swap' ? !swaps[at] : !shifts[at]) return refuse({ code: 'same' });
	return withRhythm(
		home,
		kind === 'swap'
			? { swaps: swaps.filter((_, i) => i !== at) }
			: { shifts: shifts.filter((_, i) => i !== at) }
	);
}

const withRhythm = (home: Home, facts: Partial<Home['household']['rhythm']>): Edit =>
	finish({
		...home,
		household: { ...home.household, rhythm: { ...home.household.rhythm, ...facts } }
	});

/** The minutes a day that the first steps suggest. Rules: "A week within its minutes". */
import type { CivilDay } from '../calendar/civil';
import type { Member } from '../household/home';
import { ageToGoBy } from '../people/whoCan';

/** Minutes a day that can be asked of a home: of its first grown-up, of each other, and of a child that helps. */
const OF_FIRST = 90;
const OF_OTHER = 45;
export const MINUTES_OF_CHILD = 15;
/** From this age on a child's help counts. */
const HELPS_FROM = 8;

/**
 * Minutes a day for a home that has not said any: as many as its week needs, but no more than its people can give: an hour
 * and a half for one grown-up, three quarters of an hour for each other, a quarter for each child from eight on (an age that
 * is not known counts). Helpers and devices give none.
 */
export function minutesSuggested(needed: number, members: readonly Member[], today: CivilDay): number {
	const others = members.filter((one) => one.role === 'organiser' || one.role === 'adult').length - 1;
	const children = members.filter(
		(one) => one.role === 'child' && (ageToGoBy(one, today) ?? HELPS_FROM) >= HELPS_FROM
	).length;
	return Math.max(
		5,
		Math.min(needed, OF_FIRST + Math.max(0, others) * OF_OTHER + children * MINUTES_OF_CHILD)
	);
}

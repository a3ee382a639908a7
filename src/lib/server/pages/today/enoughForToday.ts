/** What "enough for today" would do to what is left of a day. */
import { DAY_PARTS } from '$core/calendar/dayParts';
import type { MissRule } from '$core/calendar/recurrence';
import { WEEKDAYS } from '$words/general';
import { enoughText } from '$words/today';
import type { Facts } from './todayFacts';

/** In words, before it is done; null where nothing would move. */
export function enoughWords({ home, hung, relation }: Facts): string | null {
	if (relation !== 'today') return null;
	const left = [...DAY_PARTS.flatMap((part) => hung.parts[part]), ...hung.sitting];
	const moves = left.filter((line) => line.line.job.layer !== 'basics');
	if (moves.length === 0) return null;
	const counts: Record<MissRule, number> = { letgo: 0, catchup: 0, stays: 0, carry: 0 };
	for (const line of moves) counts[line.line.job.missRule]++;
	const catchUp = home.home.household.rhythm.catchUpDays[0];
	return enoughText(
		counts,
		catchUp === undefined ? null : (WEEKDAYS[catchUp - 1] as string),
		left.length - moves.length
	);
}

/** What Today proposes next. */
import { DAY_PARTS } from '$core/calendar/dayParts';
import { whoseTurn } from '$core/people/ownList';
import { homeSpans } from '$core/people/presence';
import type { DaySeries } from '$core/schedule/readDay';
import type { Facts } from './todayFacts';

/**
 * The next act: what hangs at the present time first, then the sitting, then the parts to come; in each what is
 * for whoever holds the phone, then for somebody who is at home now, before what is for others.
 */
export function chooseNext(
	{ home, hung, running, day, minute, given }: Facts,
	inPail: ReadonlyMap<string, string>,
	me: string | null
): DaySeries | null {
	const at = DAY_PARTS.indexOf(running);
	const isHome = (id: string) =>
		home.home.members.some(
			(m) => m.id === id && homeSpans(m, day.date).some((span) => span.from <= minute && minute < span.to)
		);
	const nearness = (line: DaySeries) => {
		const who = whoseTurn(line, day.date, given);
		if (who.length === 0 || (me !== null && who.includes(me))) return 0;
		return who.some(isHome) ? 1 : 2;
	};
	const groups = [
		DAY_PARTS.slice(0, at + 1).flatMap((part) => hung.parts[part]),
		hung.sitting,
		DAY_PARTS.slice(at + 1).flatMap((part) => hung.parts[part])
	].map((group) => group.filter((line) => !inPail.has(line.line.id)));
	for (const wanted of [0, 1, 2]) {
		for (const group of groups) {
			const found = group.find((line) => nearness(line) === wanted);
			if (found) return found;
		}
	}
	return null;
}

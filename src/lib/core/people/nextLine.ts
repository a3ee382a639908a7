/** What is to be done next: by somebody who is at home. Rules: "What a day shows". */
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';
import type { Agenda } from '../schedule/agenda';
import type { PreparedHome } from '../schedule/preparedHome';
import type { Day, DaySeries } from '../schedule/readDay';
import { whoseTurn, type GivenTurns } from './ownList';
import { homeSpans } from './presence';

export interface NextQuestion {
	readonly home: PreparedHome;
	readonly hung: Agenda;
	/** The part of the day that is running, and the minute of the day. */
	readonly running: DayPart;
	readonly minute: number;
	readonly day: Day;
	readonly given: GivenTurns;
}

/**
 * The next line: what hangs at the present time first, then the sitting, then the parts to come; in each what is for
 * whoever holds the phone or for anybody, then what is for somebody who is at home now. What is only for people who
 * are out or away is nobody's next; null where there is nothing else. `busy` are lines in a running session.
 */
export function nextLine(
	{ home, hung, running, day, minute, given }: NextQuestion,
	busy: { has(line: string): boolean },
	me: string | null
): DaySeries | null {
	const at = DAY_PARTS.indexOf(running);
	const isAway = (id: string) => given.away?.has(id) ?? false;
	const isHome = (id: string) =>
		!isAway(id) &&
		home.members.some(
			(m) => m.id === id && homeSpans(m, day.date).some((span) => span.from <= minute && minute < span.to)
		);
	const nearness = (line: DaySeries) => {
		const who = whoseTurn(home.home, line, day.date, given);
		if (who.length === 0 || (me !== null && !isAway(me) && who.includes(me))) return 0;
		return who.some(isHome) ? 1 : 2;
	};
	const groups = [
		DAY_PARTS.slice(0, at + 1).flatMap((part) => hung.parts[part]),
		hung.sitting,
		DAY_PARTS.slice(at + 1).flatMap((part) => hung.parts[part])
	].map((group) => group.filter((line) => !busy.has(line.line.id)));
	for (const wanted of [0, 1]) {
		for (const group of groups) {
			const found = group.find((line) => nearness(line) === wanted);
			if (found) return found;
		}
	}
	return null;
}

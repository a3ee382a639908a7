/** What a pail takes in before anything is weighed, and what waits for its hour. Rules: "Kinds of session". */
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';
import { nextLine, type NextQuestion } from '../people/nextLine';
import { partOf } from '../schedule/agenda';
import type { DaySeries } from '../schedule/readDay';
import type { SessionKind } from './kinds';

/** Kinds that draw from the day as it comes: what belongs to a later part of it waits, unless it is asked for. */
const BY_PARTS: readonly SessionKind[] = ['bite', 'round', 'detail'];

/** True for what belongs to a part of the day that has not come yet, in a session that draws from the day as it comes. */
export function waitsForLater(line: DaySeries, kind: SessionKind, running: DayPart): boolean {
	const isLater = DAY_PARTS.indexOf(partOf(line, running)) > DAY_PARTS.indexOf(running);
	return BY_PARTS.includes(kind) && line.line.job.parts.length > 0 && isLater;
}

/** The line of a pool that Today calls next, where all of it fits into so many minutes; null for none. */
export function nextThatFits(
	question: NextQuestion,
	busy: { has(line: string): boolean },
	me: string,
	pool: readonly DaySeries[],
	longAs: (line: DaySeries) => number,
	minutes: number
): DaySeries | null {
	const next = nextLine(question, busy, me);
	const found = pool.find((line) => line.line.id === next?.line.id);
	return found && longAs(found) <= minutes ? found : null;
}

/** The kitchen's own routine of an evening, where it fits whole: a reset is no reset without it. Else nothing. */
export function wholeRoutine(lines: readonly DaySeries[], minutes: number): readonly DaySeries[] {
	return lines.reduce((total, line) => total + line.minutes, 0) <= minutes ? lines : [];
}

/** What of a day is somebody's: given, fixed, in turn, or shared among those named. Rules: "Who can take a job". */
import type { CivilDay } from '../calendar/civil';
import type { DaySeries } from '../schedule/readDay';
import { occurrenceId } from './weekOccurrences';

/** Who has which occurrence, by line and due day; empty where nothing has been given out. */
export type GivenTurns = ReadonlyMap<string, string>;

export const NOTHING_GIVEN: GivenTurns = new Map();

/** To whom a line was given for a day: the occurrence of the day itself, or the one that stands since its due day. */
export function givenTo(line: DaySeries, day: CivilDay, given: GivenTurns): string | null {
	const today = given.get(occurrenceId(line.line.id, day));
	if (today !== undefined) return today;
	return line.dueOn === null ? null : (given.get(occurrenceId(line.line.id, line.dueOn)) ?? null);
}

/**
 * Whose turn a line is on a day: whoever it was given to; else its owner, the next in turn, or all it names; none
 * for what is free.
 */
export function whoseTurn(line: DaySeries, day: CivilDay, given: GivenTurns = NOTHING_GIVEN): string[] {
	const to = givenTo(line, day, given);
	if (to !== null) return [to];
	const { mode, members } = line.line.job.who;
	if (members.length === 0) return [];
	if (mode === 'turns') return [members[line.doneTurns % members.length] as string];
	return [...members];
}

/** The lines of a day that are somebody's to do: due, late or open, or done today. What is free is nobody's own. */
export function ownLines(
	lines: readonly DaySeries[],
	member: string,
	day: CivilDay,
	given: GivenTurns
): DaySeries[] {
	return lines.filter((line) => {
		const stands =
			line.state === 'due' || line.state === 'late' || line.state === 'open' || line.ticks.length > 0;
		return stands && !line.offTheLine && whoseTurn(line, day, given).includes(member);
	});
}

/** What of a day nobody has and somebody may take. Rules: "Who can take a job". */
import type { CivilDay } from '../calendar/civil';
import type { LedgerEntry } from '../household/entry';
import type { PreparedHome } from '../schedule/preparedHome';
import type { DaySeries } from '../schedule/readDay';
import { whoseTurn, type GivenTurns } from './ownList';
import { candidatesFor } from './weekOccurrences';

/** What is known of a day when it is asked what is free on it. */
export interface FreeQuestion {
	readonly day: CivilDay;
	readonly entries: readonly LedgerEntry[];
	/** Who has what; `away` are those who are away or ill. */
	readonly given: GivenTurns;
}

/**
 * The lines of a day that are nobody's and that a member could take: due or late, with nothing that stands against it,
 * their hours at home included. In the order in which they came.
 */
export function freeLines(
	home: PreparedHome,
	lines: readonly DaySeries[],
	member: string,
	{ day, entries, given }: FreeQuestion
): DaySeries[] {
	return lines.filter(
		(line) =>
			(line.state === 'due' || line.state === 'late') &&
			!line.offTheLine &&
			whoseTurn(home.home, line, day, given).length === 0 &&
			candidatesFor(home, line.line, day, entries, given.away ?? new Set()).some(
				(one) => one.member.id === member && one.why.length === 0
			)
	);
}

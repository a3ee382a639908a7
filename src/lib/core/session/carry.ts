/** What a session that is over leaves for tomorrow. Handbook page 3, "the big day". */
import type { CivilDay } from '../calendar/civil';
import type { DayLine } from '../routine/readDay';
import type { JobOutcome } from './clock';

/**
 * The lines whose turn has to be moved for them to hang tomorrow: not done in the session, and due on its very day. What
 * is late or only open hangs tomorrow without being moved, so that its dates stay as they are.
 */
export function turnsToMove(
	outcomes: readonly JobOutcome[],
	lines: readonly DayLine[],
	date: CivilDay
): DayLine[] {
	return outcomes.flatMap(({ line, outcome }) => {
		const found = outcome === 'done' ? undefined : lines.find((one) => one.line.id === line);
		return found?.state === 'due' && found.dueOn === date ? [found] : [];
	});
}

/** What a session that is over leaves for tomorrow. Rules: "Running session". */
import type { CivilDay } from '../calendar/civil';
import type { DaySeries } from '../schedule/readDay';
import type { JobOutcome } from './sessionState';

/**
 * The lines whose turn has to be moved for them to hang tomorrow: not done in the session, and due on its very day. What
 * is late or only open hangs tomorrow without being moved, so that its dates stay as they are.
 */
export function occurrencesToMove(
	outcomes: readonly JobOutcome[],
	lines: readonly DaySeries[],
	date: CivilDay
): DaySeries[] {
	return outcomes.flatMap(({ line, outcome }) => {
		const found = outcome === 'done' ? undefined : lines.find((one) => one.line.id === line);
		return found?.state === 'due' && found.dueOn === date ? [found] : [];
	});
}

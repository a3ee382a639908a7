/** Which days of a span lie under a cloth, wholly or in part. Rules: "Pauses". */
import { addDays, type CivilDay } from '../calendar/civil';
import type { PauseEntry } from '../household/entry';

export interface PausedDay {
	readonly date: CivilDay;
	/** The whole home is paused. */
	readonly whole: boolean;
	/** The pauses of the day, in the order made. */
	readonly pauses: readonly PauseEntry[];
}

/** The days from `from`, `count` of them, each with the pauses that hold on it. */
export function pausedDays(pauses: readonly PauseEntry[], from: CivilDay, count: number): PausedDay[] {
	return Array.from({ length: count }, (_, i) => {
		const date = addDays(from, i);
		const holding = pauses.filter((pause) => pause.from <= date && date <= pause.to);
		return { date, whole: holding.some((pause) => pause.scope === 'household'), pauses: holding };
	});
}

/** What the record says of how long the work of a day takes. */
import { estimateMinutes } from '$core/learning/minutes';
import { habitFrom, type Habit } from '$core/planner/chance';
import type { DaySeries } from '$core/schedule/readDay';
import type { Db } from '../db/pool';
import { timingsOf } from './timingsOf';

/** Of each line that has a record at its usual depth: how many times its planned minutes it takes, and the spread. */
export async function habitsOf(
	db: Db,
	household: string,
	lines: readonly DaySeries[]
): Promise<ReadonlyMap<string, Habit>> {
	const usual = lines.filter((line) => line.depth === 'usual');
	const timings = await timingsOf(db, household, [...new Set(usual.map((line) => line.line.job.id))].sort());
	return new Map(
		usual.flatMap((line): [string, Habit][] => {
			const known = timings.get(line.line.job.id);
			const planned = line.line.job.depths.usual.steps.reduce((sum, step) => sum + step.minutes, 0);
			const habit = known ? habitFrom(planned, estimateMinutes(planned, known)) : null;
			return habit ? [[line.line.id, habit]] : [];
		})
	);
}

/** The card of a room. Rules: "Printed cards". */
import { addDays, type CivilDay, type Weekday } from '../calendar/civil';
import { startOfWeekInMonth, weekOfMonth, weeksInMonth } from '../calendar/weeks';
import type { JobStep } from '../household/jobSchema';
import type { Series } from '../schedule/preparedHome';
import { row, type Card, type CardRow, type CardSide } from './card';
import { cautionsOf } from './cardCautions';
import { dailyRows, letterOf, linesOf, occurrencesOf, partName, sumOf, type Week } from './cardWeek';

/**
 * A room: one side for every day of a week, the other for the weeks of its month, its steps numbered in the order
 * of the work, waits from the step that begins them to the one that ends them.
 */
export function roomCard(week: Week, roomId: string): Card | null {
	const { home, begin } = week;
	const room = home.roomById.get(roomId);
	if (!room) return null;
	const inRoom = (layers: readonly string[]) => (line: Series) =>
		line.job.room === roomId && layers.includes(line.job.layer);
	const daily = linesOf(home, (line) => inRoom(['basics'])(line) && line.job.cadence.type !== 'zone');
	const weekly = linesOf(home, inRoom(['weekly']));
	const { weekStart, weekBelongs } = home.home.household;
	const month = weekOfMonth(begin, weekStart as Weekday, weekBelongs).monthIndex;
	const weeks = Array.from({ length: weeksInMonth(month, weekStart as Weekday, weekBelongs) }, (_, i) =>
		startOfWeekInMonth(month, i + 1, weekStart as Weekday, weekBelongs)
	);
	const monthOccurrences = occurrencesOf(week, weeks[0] as CivilDay, addDays(weeks.at(-1) as CivilDay, 6));
	// The steps of all jobs in one order: by class, each job's own order kept.
	const steps = weekly
		.flatMap((line, at) =>
			line.job.depths.usual.steps.map((step, i, all) => ({ line, at, step, i, last: i === all.length - 1 }))
		)
		.sort((a, b) => reachedClass(a.line, a.i) - reachedClass(b.line, b.i) || a.at - b.at || a.i - b.i);
	const rows = steps.map(({ line, step, i, last }, n): CardRow => {
		const ends = steps.findIndex((other) => other.line === line && other.i === i + 1);
		return row(step.text, {
			job: line.job.id,
			note: line.job.name,
			number: n + 1,
			// A job is ticked where its last step is.
			boxes: weeks.map((start) => {
				const due = (monthOccurrences.get(line.id) ?? []).filter(
					(day) => day >= start && day <= addDays(start, 6)
				);
				return last && due[0] !== undefined ? { line: line.id, date: due.at(-1) as CivilDay } : null;
			}),
			wait: step.wait && ends > n ? { to: ends, min: step.wait.min, max: step.wait.max ?? null } : null
		});
	});
	const sides: CardSide[] = [];
	if (daily.length > 0)
		sides.push({
			name: 'Every day',
			minutes: sumOf(daily),
			columns: Array.from({ length: 7 }, (_, i) => letterOf(addDays(begin, i))),
			rows: dailyRows(week, daily, partName),
			cautions: cautionsOf(week, daily)
		});
	if (rows.length > 0)
		sides.push({
			name: 'Every week',
			isWeekly: true,
			minutes: sumOf(weekly),
			columns: weeks.map((_, i) => String(i + 1)),
			rows,
			cautions: cautionsOf(week, weekly)
		});
	if (sides.length === 0) return null;
	return {
		kind: 'room',
		title: room.name,
		zone: room.zone,
		from: daily.length > 0 ? begin : (weeks[0] as CivilDay),
		to: rows.length > 0 ? addDays(weeks.at(-1) as CivilDay, 6) : addDays(begin, 6),
		sides
	};
}

/** The class at which a step can be: never before that of the step before it in the same job. */
function reachedClass(line: Series, i: number): number {
	const steps: readonly JobStep[] = line.job.depths.usual.steps;
	return steps.slice(0, i + 1).reduce((most, step) => Math.max(most, step.class === 0 ? 0 : step.class), 0);
}

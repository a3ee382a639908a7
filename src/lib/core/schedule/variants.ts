/** Which of the things that a job alternates between comes on a date. Rules: "State of a job". */
import { addDays, type CivilDay } from '../calendar/civil';
import { occurrencesOf } from './occurrences';
import type { PreparedHome, Series } from './preparedHome';
import { effectivePauses, pausesForSeries, type HomeProjection } from './projection';
import { readDay, variantOf, type DaySeries } from './readDay';

/**
 * Asks for one day; the answer says what a line alternates to on a date from then on, as it will be if everything is
 * done on its day, and null for a line that does not alternate.
 */
export function variantsFrom(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay
): (line: Series, date: CivilDay) => string | null {
	if (!home.series.some((line) => line.job.variants)) return () => null;
	const standing = new Map<string, DaySeries>(
		readDay(home, projection, today).lines.map((line) => [line.line.id, line])
	);
	const pauses = effectivePauses(projection.home);
	return (line, date) => {
		const now = standing.get(line.id);
		if (!line.job.variants || !now) return null;
		const known = { projection, today, pauses: pauses.length > 0 ? pausesForSeries(line, pauses) : [] };
		const before = date > today ? occurrencesOf(line, known, addDays(today, 1), date).length - 1 : 0;
		const stands = date > today && (now.state === 'due' || now.state === 'late') ? 1 : 0;
		return variantOf(line.job, now.doneTurns + Math.max(0, before) + stands);
	};
}

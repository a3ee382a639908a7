/**
 * The one pile: loads that somebody put on it, and those of wash days that went by. Rules: "Laundry". The laundry's
 * page, the big day, Today and the way back after an illness all count it.
 */
import { addDays, type CivilDay } from '../calendar/civil';
import type { PauseEntry, WorkEntry } from '../household/entry';
import type { Job } from '../household/jobSchema';
import { occurrencesOf } from '../schedule/occurrences';
import type { PreparedHome, Series } from '../schedule/preparedHome';
import { effectivePauses, type HomeProjection } from '../schedule/projection';
import { readDay } from '../schedule/readDay';

/** The appliance that makes a job a wash. */
const WASHER = 'washer';
/** Days back in which a wash day that went by still has its load lying there, and as many of the newest as are counted. */
const BACK = 21;
const MOST = 8;
/** Nobody was at home to make any washing. */
const NOBODY_HERE: readonly PauseEntry['reason'][] = ['away', 'holiday'];

/** True for a job that washes a load: one of its steps needs the washing machine. */
export const isWash = (job: Job): boolean => job.depths.usual.steps.some((step) => step.appliance === WASHER);

/** A load of a wash day that went by. */
export interface MissedWash {
	readonly line: string;
	readonly job: string;
	readonly name: string;
	/** The day on which it should have been washed. */
	readonly date: CivilDay;
}

/** Wash jobs that have days of their own: a miss of theirs leaves a load behind. */
const hasDays = (job: Job) => ['daily', 'weekly', 'timesAWeek', 'monthly'].includes(job.cadence.type);

/** The lines of wash jobs of a home. */
export const washLines = (home: PreparedHome): Series[] => home.series.filter((line) => isWash(line.job));

/**
 * Loads of the wash days of the last three weeks on which nothing was washed, the oldest first. `done` are the entries
 * of wash jobs that hold; a day is made up for by any later wash of its job before the next one. Days that an illness
 * excused count, days on which nobody was at home do not; what still hangs as overdue is a job of Today.
 */
export function missedWashes(
	home: PreparedHome,
	projection: HomeProjection,
	done: readonly WorkEntry[],
	today: CivilDay
): MissedWash[] {
	const from = addDays(today, -BACK);
	const away = effectivePauses(projection.home).filter(
		(pause) => pause.scope === 'household' && NOBODY_HERE.includes(pause.reason)
	);
	const standing = new Map(readDay(home, projection, today).lines.map((line) => [line.line.id, line]));
	const missed = washLines(home)
		.filter((line) => hasDays(line.job))
		.flatMap((line) => {
			const dates = occurrencesOf(line, { projection, pauses: [], today }, from, addDays(today, -1));
			const now = standing.get(line.id);
			const hangs = now && now.state !== 'due' && now.state !== 'done' ? now.dueOn : null;
			return dates.flatMap((date, i): MissedWash[] => {
				const next = dates[i + 1] ?? today;
				const washed = done.some(
					(entry) =>
						entry.job === line.job.id &&
						entry.part === line.part &&
						(entry.outcome === 'done' || entry.outcome === 'part') &&
						date <= entry.date &&
						entry.date < next
				);
				const nobody = away.some((pause) => pause.from <= date && date <= pause.to);
				if (washed || nobody || hangs === date) return [];
				return [{ line: line.id, job: line.job.id, name: line.job.name, date }];
			});
		});
	return missed.sort((a, b) => a.date - b.date || (a.line < b.line ? -1 : 1)).slice(-MOST);
}

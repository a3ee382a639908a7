/** The week that a card is for, and how its lines are told on it. Rules: "Printed cards". */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';
import { DAY_PARTS, type DayPart } from '../calendar/dayParts';
import type { Job } from '../household/jobSchema';
import { ownPartOf } from '../schedule/agenda';
import { occurrencesBetween } from '../schedule/occurrences';
import type { PreparedHome, Series } from '../schedule/preparedHome';
import type { HomeProjection } from '../schedule/projection';
import { jobTitle } from '../schedule/readDay';
import { variantsFrom } from '../schedule/variants';
import { row, type CardRow, type JobCaution } from './card';

export interface Week {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly today: CivilDay;
	/** First day of the week that the card is for. */
	readonly begin: CivilDay;
	/** What to mind with a job, the gravest first; left out: what was written for it. */
	readonly cautionsOf?: (job: Job) => readonly JobCaution[];
}

const LETTERS = ['M', 'T', 'W', 'T', 'F', 'S', 'S'];
export const letterOf = (day: CivilDay) => LETTERS[weekdayOf(day) - 1] as string;
export const PART_NAMES: Readonly<Record<DayPart, string>> = {
	morning: 'Morning',
	midday: 'Midday',
	evening: 'Evening'
};
export const partOfLine = (line: Series): DayPart => ownPartOf(line) ?? 'midday';
/** The part of the day that a line is for, in words; nothing for any time of it. */
export const partName = (line: Series): string => {
	const part = ownPartOf(line);
	return part === null ? '' : PART_NAMES[part];
};

/** Due days of every line from one day to another, as things stand. */
export function occurrencesOf(
	{ home, projection, today }: Week,
	from: CivilDay,
	to: CivilDay
): Map<string, CivilDay[]> {
	return occurrencesBetween(home, projection, today, from, to);
}

export const sumOf = (lines: readonly Series[]) =>
	lines.reduce((sum, line) => sum + line.job.depths.usual.minutes, 0);

/** The lines of a layer in an order: by part of the day, then as the home has them. */
export function linesOf(home: PreparedHome, of: (line: Series) => boolean): Series[] {
	return home.series
		.filter(of)
		.map((line, i) => ({ line, i }))
		.sort(
			(a, b) => DAY_PARTS.indexOf(partOfLine(a.line)) - DAY_PARTS.indexOf(partOfLine(b.line)) || a.i - b.i
		)
		.map(({ line }) => line);
}

/** A line by name, and by what comes of it on a date where it alternates. */
export const named = (
	variant: ReturnType<typeof variantsFrom>,
	line: Series,
	dates: readonly CivilDay[]
): string => {
	const which = [...new Set(dates.flatMap((date) => variant(line, date) ?? []))];
	return jobTitle(line.job.name, which.length === 0 ? null : which.join(', '));
};
export const variantsOf = ({ home, projection, today }: Week) => variantsFrom(home, projection, today);

/** The days of a week. */
export const daysOf = (begin: CivilDay) => Array.from({ length: 7 }, (_, i) => addDays(begin, i));

export function dailyRows(
	week: Week,
	lines: readonly Series[],
	notes: (line: Series) => string,
	days: readonly CivilDay[] = daysOf(week.begin)
): CardRow[] {
	const occurrences = occurrencesOf(week, week.begin, addDays(week.begin, 6));
	const variant = variantsOf(week);
	return lines.map((line) => {
		const due = new Set(occurrences.get(line.id) ?? []);
		const on = days.filter((date) => due.has(date));
		return row(named(variant, line, on), {
			job: line.job.id,
			note: notes(line),
			boxes: days.map((date) => (due.has(date) ? { line: line.id, date } : null))
		});
	});
}

/** The occurrences of a week that can be given to somebody, with who could take each. Rules: "Fair shares". */
import { addDays, isoOf, type CivilDay } from '../calendar/civil';
import type { DayPart } from '../calendar/dayParts';
import type { LedgerEntry, PauseEntry } from '../household/entry';
import type { Series, PreparedHome } from '../schedule/preparedHome';
import { partOf } from '../schedule/agenda';
import { readDay } from '../schedule/readDay';
import { effectivePauses, type HomeProjection } from '../schedule/projection';
import { occurrencesBetween } from '../schedule/occurrences';
import { rungToPractise } from './rungs';
import { whoCan, type Candidate } from './whoCan';

export interface WeekOccurrence {
	/** The line and its due day: `feed-the-cat/morning@2027-03-03`. */
	readonly id: string;
	readonly line: Series;
	readonly due: CivilDay;
	readonly minutes: number;
	readonly candidates: readonly Candidate[];
}

/** Somebody who would not be there, to try what that does. */
export interface Absence {
	readonly member: string;
	readonly from: CivilDay;
	readonly to: CivilDay;
}

export const occurrenceId = (line: string, due: CivilDay) => `${line}@${isoOf(due)}`;

/** Members under a pause of their own on a day, or away by a trial. */
export function awayOn(
	pauses: readonly PauseEntry[],
	day: CivilDay,
	absences: readonly Absence[] = []
): Set<string> {
	const away = new Set<string>();
	for (const pause of pauses) {
		if (pause.scope === 'member' && pause.target !== null && pause.from <= day && day <= pause.to)
			away.add(pause.target);
	}
	for (const one of absences) if (one.from <= day && day <= one.to) away.add(one.member);
	return away;
}

/** Who could take a line on a day and why not the others, with all that is known of people's days and rungs. */
export function candidatesFor(
	home: PreparedHome,
	line: Series,
	day: CivilDay,
	entries: readonly LedgerEntry[],
	away: ReadonlySet<string>
): Candidate[] {
	const { job } = line;
	return whoCan(home.home, {
		job,
		day,
		part: (line.part ?? job.parts[0] ?? null) as DayPart | null,
		awayIds: away,
		rungOf: (member) => rungToPractise(job, member, entries, day)?.rung ?? null
	});
}

/**
 * The occurrences from the first day of a week on (or from today, where that is later) to its end: what stands today,
 * and what falls due. Zone items are left out: their sitting is whoever's it is.
 */
export function weekOccurrences(
	home: PreparedHome,
	projection: HomeProjection,
	entries: readonly LedgerEntry[],
	today: CivilDay,
	weekBegin: CivilDay,
	absences: readonly Absence[] = []
): WeekOccurrence[] {
	const end = addDays(weekBegin, 6);
	const pauses = effectivePauses(projection.home);
	const occurrences: WeekOccurrence[] = [];
	const add = (line: Series, due: CivilDay, minutes: number) => {
		const away = awayOn(pauses, due, absences);
		occurrences.push({
			id: occurrenceId(line.id, due),
			line,
			due,
			minutes,
			candidates: candidatesFor(home, line, due, entries, away)
		});
	};
	if (weekBegin <= today && today <= end) {
		for (const line of readDay(home, projection, today).lines) {
			if (line.line.job.cadence.type === 'zone' || line.offTheLine) continue;
			if (line.state === 'due' || line.state === 'late')
				add(line.line, today, line.minutes * (1 - line.shareDone));
		}
	}
	const from = weekBegin > today ? weekBegin : addDays(today, 1);
	if (from <= end) {
		for (const [id, days] of occurrencesBetween(home, projection, today, from, end)) {
			const line = home.seriesById.get(id);
			if (line) for (const day of days) add(line, day, line.job.depths.usual.minutes);
		}
	}
	const order = new Map(home.series.map((line, i) => [line.id, i]));
	return occurrences.sort(
		(a, b) =>
			a.due - b.due ||
			dayPlace(a.line) - dayPlace(b.line) ||
			(order.get(a.line.id) ?? 0) - (order.get(b.line.id) ?? 0)
	);
}

const PLACES = { morning: 0, midday: 1, evening: 2 } as const;
const dayPlace = (line: Series) => PLACES[partOf({ line } as Parameters<typeof partOf>[0], 'midday')];

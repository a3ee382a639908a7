/** What the pages about people go by: the home, its last weeks, who was given what. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { weekStartOf } from '$core/calendar/weeks';
import type { LedgerEntry } from '$core/household/entry';
import { assignWeek, type AssignedWeek } from '$core/people/assignWeek';
import { captainOn } from '$core/people/captain';
import { fourWeeksFrom } from '$core/people/minutesDone';
import { awayOn, occurrenceId, type Absence } from '$core/people/weekOccurrences';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { effectivePauses } from '$core/schedule/projection';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { byTurn, givenBetween, handoutOf, ribbonSwaps, type GivenRow } from '../../repo/assignmentRepo';
import { loadHome } from '../../repo/homeRepo';
import { entriesBetween, entriesOfGrowth, undosOf } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';

export interface FamilyFacts {
	readonly household: string;
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	/** The entries of the last weeks, and all about growing into jobs; undo entries included. */
	readonly entries: readonly LedgerEntry[];
	readonly at: number;
	readonly today: CivilDay;
	readonly minute: number;
	readonly weekBegin: CivilDay;
	/** Turns given out for the week before and for this one. */
	readonly lastWeek: readonly GivenRow[];
	readonly thisWeek: readonly GivenRow[];
	/** When this week was given out; null where it was not. */
	readonly givenAt: number | null;
	/** Days on which the ribbon was swapped. */
	readonly ribbonSwaps: readonly { readonly day: CivilDay; readonly to: string }[];
}

/** Facts about the week of today, or the one after it. */
export async function familyFacts(household: string, ahead = 0): Promise<FamilyFacts> {
	const at = now();
	return reading(async (db) => {
		const home = await loadHome(db, household);
		if (!home) throw new RangeError(`no household ${household}`);
		const rules = home.home.household;
		const { date: today, minute } = householdTime(at, rules);
		const weekBegin = addDays(weekStartOf(today, home.rotation.weekStart), 7 * ahead);
		const [projection, recent, growth, given, handout, swaps] = await Promise.all([
			loadProjection(db, household),
			entriesBetween(db, household, fourWeeksFrom(weekBegin), today),
			entriesOfGrowth(db, household),
			givenBetween(db, household, addDays(weekBegin, -7), addDays(weekBegin, 6)),
			handoutOf(db, household, weekBegin),
			ribbonSwaps(db, household)
		]);
		const undos = await undosOf(
			db,
			household,
			recent.map(({ entry }) => entry.id)
		);
		const stored = new Map([...recent, ...growth, ...undos].map((one) => [one.entry.id, one]));
		return {
			household,
			home,
			projection,
			entries: [...stored.values()].sort((a, b) => a.seq - b.seq).map((one) => one.entry),
			at,
			today,
			minute,
			weekBegin,
			lastWeek: given.filter((row) => row.due < weekBegin),
			thisWeek: given.filter((row) => row.due >= weekBegin),
			givenAt: handout?.madeAt ?? null,
			ribbonSwaps: swaps
		};
	});
}

/** The week as it would be given out now; `absences` try what somebody's being away does. */
export function proposeWeek(facts: FamilyFacts, absences: readonly Absence[] = []): AssignedWeek {
	return assignWeek({
		home: facts.home,
		projection: facts.projection,
		entries: facts.entries,
		today: facts.today,
		weekBegin: facts.weekBegin,
		lastWeek: byTurn(facts.lastWeek),
		already: byTurn(facts.thisWeek),
		held: new Set(facts.thisWeek.filter((row) => row.held).map((row) => occurrenceId(row.line, row.due))),
		absences
	});
}

/** Who is today’s captain on a day. */
export function ribbonOf(facts: FamilyFacts, day: CivilDay): string | null {
	const pauses = effectivePauses(facts.projection.home);
	return captainOn(
		facts.home.home,
		day,
		(member, date) => awayOn(pauses, date).has(member),
		facts.ribbonSwaps
	);
}

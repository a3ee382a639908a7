/** What Today is made of, before any of it is worded. */
import type { Swap } from '../../repo/assignmentRepo';
import type { CivilDay } from '$core/calendar/civil';
import type { DayPart } from '$core/calendar/dayParts';
import type { LedgerEntry } from '$core/household/entry';
import type { Supply } from '$core/cupboard/shopping';
import type { Load } from '$core/laundry/laundry';
import type { GivenTurns } from '$core/people/ownList';
import type { Agenda } from '$core/schedule/agenda';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import type { Day } from '$core/schedule/readDay';
import type { LeftOpenView, TodayView } from '$views/today';
import type { StoredSession } from '../../repo/sessionRepo';
import type { TodayQuery } from './loadToday';
import type { Notes } from './notes';

export interface Facts {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly day: Day;
	readonly hung: Agenda;
	readonly running: DayPart;
	readonly today: CivilDay;
	readonly minute: number;
	readonly sessions: readonly StoredSession[];
	readonly holding: readonly LedgerEntry[];
	readonly query: TodayQuery;
	readonly growing: TodayView['growing'];
	readonly swaps: readonly Swap[];
	readonly relation: TodayView['relation'];
	readonly given: GivenTurns;
	readonly loads: readonly Load[];
	/** What waits to be washed. */
	readonly toWash: readonly unknown[];
	readonly leftOpen: readonly LeftOpenView[];
	/** What was written for one time of a job, by its line. */
	readonly notes: Notes;
	/** How much there is of what the open job needs. */
	readonly supplies: readonly Supply[];
}

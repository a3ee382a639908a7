/** Who asks, and what that lets them do: the parts of a request that pages and actions go by. */
import { WHO_MAY_SAYS } from '$words/answers/ledger';
import { addDays, parseDay, type CivilDay } from '$core/calendar/civil';
import { freeLines } from '$core/people/freeLines';
import { ownLines, withAway, type GivenTurns } from '$core/people/ownList';
import { extentOf, isOwnOrShared, mayTick, type Act, type Viewer } from '$core/people/permissions';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { awayOn } from '$core/people/weekOccurrences';
import { effectivePauses, projectionAt } from '$core/schedule/projection';
import { readDay } from '$core/schedule/readDay';
import { fail, type ActionFailure } from '@sveltejs/kit';
import type { Db } from '../../db/pool';
import { byTurn, givenBetween } from '../../repo/assignmentRepo';
import { allEntries, entriesOfGrowth } from '../../repo/ledgerRepo';
import { loadProjection } from '../../repo/projectionRepo';
import { typed, type Notice } from '../guard';

/** What of a request says who asks. */
export interface Asker {
	readonly householdId: string;
	readonly viewer: Viewer | null;
	/** The member whose device it is. */
	readonly me: string | null;
}

export const REFUSALS = {
	'not-yours': WHO_MAY_SAYS.thatJobIsNotOn,
	'not-for-others': WHO_MAY_SAYS.eachTicksTheirOwnHere,
	'nobody-named': WHO_MAY_SAYS.tapWhoDidItFirst
} as const;

export const notYours = (form: FormData, message: string): ActionFailure<Notice> =>
	fail(403, { message, values: typed(form) });

/** What was given out for a day, and for turns that stand since before it. */
export async function givenFor(db: Db, household: string, day: CivilDay): Promise<GivenTurns> {
	return byTurn(await givenBetween(db, household, addDays(day, -35), addDays(day, 7)));
}

/** Whether a line is on a member's list of a day: theirs, or nobody's and for them to take. */
async function onListOf(
	db: Db,
	household: string,
	home: PreparedHome,
	line: string,
	member: string,
	today: CivilDay,
	day: CivilDay
): Promise<boolean> {
	const projection =
		day === today
			? await loadProjection(db, household)
			: projectionAt(
					home,
					(await allEntries(db, household)).map((stored) => stored.entry)
				);
	const lines = readDay(home, projection, day).lines.filter((one) => one.line.id === line);
	const given = withAway(await givenFor(db, household, day), awayOn(effectivePauses(projection.home), day));
	if (ownLines(home.home, lines, member, day, given).length > 0) return true;
	// What was learnt of a job stands among what was written of growing into it.
	const entries = (await entriesOfGrowth(db, household)).map((stored) => stored.entry);
	return freeLines(home, lines, member, { day, entries, given }).length > 0;
}

/** Why somebody may not write down work on a line in a member's name; null where they may. */
export async function tickRefusal(
	db: Db,
	asker: Asker,
	home: PreparedHome,
	work: { readonly job: string; readonly line: string; readonly by: string | null; readonly date: string },
	today: CivilDay
): Promise<string | null> {
	const { viewer, householdId } = asker;
	const job = home.jobById.get(work.job);
	const day = parseDay(work.date);
	// What is not there is for the ledger to refuse, in its own words.
	if (!viewer || !job || day === null) return viewer ? null : REFUSALS['not-yours'];
	const asksList = viewer.role !== 'organiser' && viewer.role !== 'device' && viewer.member !== null;
	const onList =
		asksList && (await onListOf(db, householdId, home, work.line, viewer.member as string, today, day));
	const refusal = mayTick(home.home, viewer, job, work.by, onList);
	return refusal === null ? null : REFUSALS[refusal];
}

/** Why somebody may not change when a job falls due; null where they may. */
export function planRefusal(
	asker: Asker,
	home: PreparedHome,
	job: string,
	act: Act = 'plan-day'
): string | null {
	const { viewer } = asker;
	const extent = viewer ? extentOf(viewer.role, act) : null;
	if (extent === 'all') return null;
	const found = home.jobById.get(job);
	if (extent === null || !viewer?.member) return REFUSALS['not-yours'];
	return !found || isOwnOrShared(home.home, found, viewer.member)
		? null
		: WHO_MAY_SAYS.thatJobIsSomebodyElses;
}

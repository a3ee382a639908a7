/** The jobs of a week are shared out: when it is asked for, and by itself when a week begins. Rules: "Fair shares". */
import { sharers } from '$core/people/agreedShares';
import { furthestOff } from '$core/people/assignWeek';
import { occurrenceId } from '$core/people/weekOccurrences';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import { homesChangedInWeek, homesWithoutWeek, saveHandout, type GivenRow } from '../../repo/assignmentRepo';
import { inHousehold } from '../useCase';
import { familyFacts, proposeWeek, type FamilyFacts } from './familyFacts';

/**
 * Shares out a week from today on, within the use case that holds the home; what was given by hand or swapped stays where it
 * is, and `around` all that was given also what was given by itself. Returns how many jobs, and the most minutes over four
 * weeks that somebody is away from what was agreed.
 */
export async function shareOut(
	facts: FamilyFacts,
	id: string,
	around: 'by-hand' | 'all' = 'by-hand'
): Promise<{ count: number; furthest: number }> {
	const stay = around === 'all' ? facts.thisWeek.map((row) => ({ ...row, held: true })) : facts.thisWeek;
	const week = proposeWeek({ ...facts, thisWeek: stay });
	const held = new Set(
		facts.thisWeek.filter((row) => row.held).map((row) => occurrenceId(row.line, row.due))
	);
	const turns = week.occurrences.flatMap((turn): GivenRow[] => {
		const given = week.given.get(turn.id);
		return given?.to
			? [{ line: turn.line.id, due: turn.due, member: given.to, held: held.has(turn.id) }]
			: [];
	});
	const from = facts.today > facts.weekBegin ? facts.today : facts.weekBegin;
	await transaction((db) =>
		saveHandout(db, facts.household, { id, weekBegin: facts.weekBegin, from, turns }, now())
	);
	return { count: turns.length, furthest: furthestOff(week) };
}

/** The first week of a home that has just begun; whoever lives alone has nobody to share with. */
export async function shareOutFirst(household: string, id: string): Promise<void> {
	const facts = await familyFacts(household);
	if (sharers(facts.home.home).length > 1) await shareOut(facts, id);
}

/** Shares out the week that runs where nobody did; `until`: about when the next one begins, in milliseconds of time. */
async function shareOutRunning(household: string, at: number): Promise<{ until: number; isNew: boolean }> {
	const facts = await familyFacts(household);
	const isNew = facts.givenAt === null;
	if (isNew) await shareOut(facts, uuidv7());
	const until = at + (facts.weekBegin + 7 - facts.today) * DAY - facts.minute * MINUTE;
	return { until: Math.max(until, at + AGAIN), isNew };
}

/** Gives out what came into a week after it was shared out, around all that was given. */
async function shareOutAdded(household: string): Promise<void> {
	const facts = await familyFacts(household);
	if (facts.givenAt !== null && sharers(facts.home.home).length > 1) await shareOut(facts, uuidv7(), 'all');
}

const MINUTE = 60_000;
/** No home is looked at more often. */
const AGAIN = 10 * MINUTE;
const DAY = 86_400_000;
/** Homes at one look: the others come with the next. */
const AT_ONCE = 200;

/** Homes whose week is shared out already, and when their next one begins: they are not looked at before. */
const doneUntil = new Map<string, number>();
/** The last change of each home that was shared out: another handout may be older than it for days. */
const addedAt = new Map<string, number>();

/**
 * Shares out the week that has begun in homes of several people where nobody has done so: without a press everybody
 * knows what is theirs; and what was added to a home since. Never in the demo. Returns in how many a week began.
 */
export async function shareOutWeeks(at: number): Promise<number> {
	for (const [household, until] of doneUntil) if (until <= at) doneUntil.delete(household);
	const homes = await reading((db) => homesWithoutWeek(db, at));
	const changed = await reading((db) => homesChangedInWeek(db, at));
	for (const { household, changedAt } of changed
		.filter((one) => addedAt.get(one.household) !== one.changedAt)
		.slice(0, AT_ONCE)) {
		await inHousehold(household, () => shareOutAdded(household)).catch((cause: unknown) =>
			log.warn({ err: cause, household }, 'new jobs could not be shared out')
		);
		addedAt.set(household, changedAt);
	}
	for (const household of addedAt.keys())
		if (!changed.some((one) => one.household === household)) addedAt.delete(household);
	let shared = 0;
	for (const household of homes.filter((one) => !doneUntil.has(one)).slice(0, AT_ONCE))
		await inHousehold(household, () => shareOutRunning(household, at))
			.then(({ until, isNew }) => {
				doneUntil.set(household, until);
				if (isNew) shared++;
			})
			.catch((cause: unknown) => {
				// A home that cannot be read would else be read at every look.
				doneUntil.set(household, at + AGAIN);
				log.warn({ err: cause, household }, 'a week could not be shared out');
			});
	return shared;
}

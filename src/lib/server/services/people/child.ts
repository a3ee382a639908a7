/** A child calls for help, or has gone through the final check. */
import { CHILD_SAYS } from '$words/answers/people';
import { type CivilDay } from '$core/calendar/civil';
import { DAY_PARTS } from '$core/calendar/dayParts';
import { householdTime, partRunning } from '$core/calendar/instant';
import type { LedgerEntry } from '$core/household/entry';
import type { Member } from '$core/household/home';
import { freeLines } from '$core/people/freeLines';
import { ownLines, withAway, type GivenTurns } from '$core/people/ownList';
import { awayOn } from '$core/people/weekOccurrences';
import { effectivePauses } from '$core/schedule/projection';
import { lookRounds } from '$core/people/rungs';
import { partOf } from '$core/schedule/agenda';
import { readDay, type DaySeries } from '$core/schedule/readDay';
import { effectiveLedger } from '$core/schedule/series';
import { CALL } from '$words/people';
import { refusalText } from '$words/refusals';
import { error, fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { callHelp, cameToHelp } from '../../repo/assignmentRepo';
import { typed } from '../guard';
import { recordEntries } from '../ledger/recordEntries';
import { givenFor, type Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';
import { familyFacts, type FamilyFacts } from './familyFacts';

export interface Mine extends FamilyFacts {
	readonly me: Member;
	readonly given: GivenTurns;
	/** What is theirs, and what they did of what was nobody's. */
	readonly lines: readonly DaySeries[];
	/** What is nobody's and they could take. */
	readonly free: readonly DaySeries[];
	readonly all: readonly DaySeries[];
}

export async function mineOf(asker: Asker): Promise<Mine> {
	const facts = await familyFacts(asker.householdId);
	const me = facts.home.home.members.find((one) => one.id === asker.viewer?.member);
	if (!me) error(404, { message: CHILD_SAYS.thereIsNoListFor, remedy: CHILD_SAYS.sayWhoYouAreOr });
	const given = withAway(
		await reading((db) => givenFor(db, asker.householdId, facts.today)),
		awayOn(effectivePauses(facts.projection.home), facts.today)
	);
	const day = readDay(facts.home, facts.projection, facts.today);
	const running = partRunning(facts.minute, facts.home.home.household);
	const place = (line: DaySeries) => {
		const at = DAY_PARTS.indexOf(partOf(line, running));
		// What hangs now first, then what comes, then what went by.
		return (at - DAY_PARTS.indexOf(running) + 3) % 3;
	};
	const inOrder = (a: DaySeries, b: DaySeries) =>
		place(a) - place(b) || b.worth - a.worth || (a.line.id < b.line.id ? -1 : 1);
	const own = ownLines(facts.home.home, day.lines, me.id, facts.today, given).filter(
		(line) => line.state !== 'open' || line.ticks.length > 0
	);
	const mine = new Set(
		effectiveLedger(facts.entries).flatMap((entry) => (entry.by === me.id ? [entry.id] : []))
	);
	const taken = day.lines.filter((line) => !own.includes(line) && line.ticks.some((tick) => mine.has(tick)));
	const free = freeLines(facts.home, day.lines, me.id, { day: facts.today, entries: facts.entries, given });
	return {
		...facts,
		me,
		given,
		lines: [...own, ...taken].sort(inOrder),
		free: free.filter((line) => !taken.includes(line)).sort(inOrder),
		all: day.lines
	};
}

/** The look-round of a line today, as far as it has come. */
export function lookOf(
	facts: Mine,
	line: DaySeries
): { done: string | null; state: 'none' | 'asked' | 'answered' } {
	const { me, entries, today } = facts;
	const done = effectiveLedger(entries).filter(
		(entry) =>
			entry.outcome === 'done' &&
			entry.by === me.id &&
			entry.date === today &&
			entry.job === line.line.job.id &&
			entry.part === line.line.part
	);
	const last = done.at(-1)?.id ?? null;
	const look = lookRounds(entries, me.id, line.line.job.id).find((one) => one.asked.done === last);
	return { done: last, state: last === null || !look ? 'none' : look.answer ? 'answered' : 'asked' };
}

/** Calls for help, or says that it is not needed any more. */
export function help(asker: Asker, form: FormData, came: boolean) {
	return useCase(asker.householdId, form, async () => {
		const member = asker.viewer?.member;
		const id = z.uuid().safeParse(form.get('id'));
		if (!member) return fail(400, { message: CHILD_SAYS.sayWhoYouAreFirst, values: typed(form) });
		if (came) {
			await transaction((db) => cameToHelp(db, asker.householdId, { member }, now()));
			return { said: 'Good.' };
		}
		if (!id.success) return fail(400, { message: CHILD_SAYS.reloadThePageAndPress, values: typed(form) });
		const line = String(form.get('line') ?? '').slice(0, 71);
		const { home } = await familyFacts(asker.householdId);
		await transaction((db) =>
			callHelp(
				db,
				asker.householdId,
				{ id: id.data, member, line: home.seriesById.has(line) ? line : null },
				now()
			)
		);
		return { said: CALL.called };
	});
}

/** The last point is clear: an adult is asked to look, too. */
export function lookedRound(asker: Asker, lineId: string, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const id = z.uuid().safeParse(form.get('id'));
		if (!id.success) return fail(400, { message: CHILD_SAYS.reloadThePageAndPress, values: typed(form) });
		const facts = await mineOf(asker);
		const line = facts.lines.find((one) => one.line.id === lineId);
		if (!line || line.line.job.lookRound.length === 0)
			return fail(410, { message: CHILD_SAYS.thereIsNothingToCheck, values: typed(form) });
		const look = lookOf(facts, line);
		if (look.done === null) return fail(409, { message: CHILD_SAYS.doItFirstThenDo, values: typed(form) });
		if (look.state === 'none') {
			const entry: LedgerEntry = {
				outcome: 'lookround',
				id: id.data,
				date: facts.today,
				by: facts.me.id,
				member: facts.me.id,
				chore: line.line.job.id,
				part: line.line.part as Extract<LedgerEntry, { outcome: 'lookround' }>['part'],
				verdict: 'asked',
				asking: null,
				done: look.done,
				point: null
			};
			const { date } = householdTime(facts.at, facts.home.home.household);
			const recorded = await transaction((db) =>
				recordEntries(db, asker.householdId, [entry], date as CivilDay, now())
			);
			if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal), values: typed(form) });
		}
		redirect(303, '/mine');
	});
}

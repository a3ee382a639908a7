/** The week's jobs are given out, put by hand, swapped. */
import { WEEK_SAYS } from '$words/answers/people';
import { addDays, type CivilDay } from '$core/calendar/civil';
import { type AssignedWeek } from '$core/people/assignWeek';
import { occurrenceId, type WeekOccurrence } from '$core/people/weekOccurrences';
import { dayAhead } from '$words/general';
import { memberName } from '$words/names';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { log } from '../../log';
import { answerSwap, askSwap, putTurn, swapById } from '../../repo/assignmentRepo';
import { typed } from '../guard';
import { notYours, type Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';
import { familyFacts, proposeWeek, type FamilyFacts } from './familyFacts';
import { shareOut } from './shareOut';

export const aheadOf = (week: string | null) => (week === 'next' ? 1 : 0);

/** What is shown: what was given out, and for the rest what would be. */
export function shownWeek(facts: FamilyFacts, proposed: AssignedWeek): AssignedWeek {
	if (facts.givenAt === null) return proposed;
	const rows = new Map(facts.thisWeek.map((row) => [occurrenceId(row.line, row.due), row]));
	return {
		...proposed,
		given: new Map(
			[...proposed.given].map(([id, given]) => {
				const row = rows.get(id);
				if (!row || row.member === given.to) return [id, given] as const;
				return [id, { how: row.held ? 'held' : 'shared', to: row.member }] as const;
			})
		)
	};
}

const OLD_PAGE = WEEK_SAYS.thisPageIsTooOld;

const idOf = (form: FormData) => z.uuid().safeParse(form.get('id'));

/** Gives the week out, from today on; turns by hand and swapped ones stay where they are. */
export function give(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const id = idOf(form);
		if (!id.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const facts = await familyFacts(asker.householdId, aheadOf(String(form.get('week') ?? '')));
		const { count, furthest } = await shareOut(facts, id.data);
		return { said: WEEK_SAYS.jobsAreSharedOut(count, furthest) };
	});
}

/** The turn that a form names, with its week; null where it is not in this week or the next. */
async function turnOf(
	asker: Asker,
	id: string
): Promise<{ facts: FamilyFacts; turn: WeekOccurrence; week: AssignedWeek } | null> {
	for (const ahead of [0, 1]) {
		const facts = await familyFacts(asker.householdId, ahead);
		const week = shownWeek(facts, proposeWeek(facts));
		const turn = week.occurrences.find((one) => one.id === id);
		if (turn) return { facts, turn, week };
	}
	return null;
}

/** Gives one turn to somebody who can take it. */
export function put(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const found = await turnOf(asker, String(form.get('turn') ?? '').slice(0, 90));
		if (!found)
			return fail(410, {
				message: WEEK_SAYS.thatJobIsNotIn,
				values: typed(form)
			});
		const { facts, turn } = found;
		const to = turn.candidates.find((one) => one.member.id === form.get('to'));
		if (!to || to.why.length > 0)
			return fail(400, {
				message: WEEK_SAYS.cannotTakeItThatDay(to?.member.name ?? WEEK_SAYS.thatPerson),
				values: typed(form)
			});
		await transaction((db) =>
			putTurn(db, asker.householdId, facts.weekBegin, {
				line: turn.line.id,
				due: turn.due,
				member: to.member.id
			})
		);
		return { said: WEEK_SAYS.isWith(turn.line.job.name, to.member.name, dayAhead(turn.due, facts.today)) };
	});
}

/** Asks somebody to take a turn of one's own. It moves only once they agree. */
export function ask(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const id = idOf(form);
		if (!id.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const found = await turnOf(asker, String(form.get('turn') ?? '').slice(0, 90));
		if (!found)
			return fail(410, {
				message: WEEK_SAYS.thatJobIsNotIn,
				values: typed(form)
			});
		const { turn, week } = found;
		const from = week.given.get(turn.id)?.to ?? null;
		const own = asker.viewer?.role === 'organiser' || from === asker.viewer?.member;
		if (from === null || !own) return notYours(form, WEEK_SAYS.onlyWhoeverHasATurn);
		const to = turn.candidates.find((one) => one.member.id === form.get('to'));
		if (!to || to.why.length > 0 || to.member.id === from)
			return fail(400, { message: WEEK_SAYS.askSomebodyWhoCouldTake, values: typed(form) });
		const back = String(form.get('back') ?? '');
		const inReturn = back === '' ? null : week.occurrences.find((one) => one.id === back);
		if (back !== '' && (!inReturn || week.given.get(back)?.to !== to.member.id))
			return fail(400, {
				message: WEEK_SAYS.whatComesInReturnIs(to.member.name),
				values: typed(form)
			});
		await transaction((db) =>
			askSwap(
				db,
				asker.householdId,
				{
					id: id.data,
					line: turn.line.id,
					due: turn.due,
					from,
					to: to.member.id,
					back: inReturn ? { line: inReturn.line.id, due: inReturn.due } : null
				},
				now()
			)
		);
		return { said: WEEK_SAYS.hasBeenAskedItStays(to.member.name) };
	});
}

/** Answers a swap: only the one who was asked can, and the first answer counts. */
export function answer(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const id = String(form.get('swap') ?? '');
		const swap = z.uuid().safeParse(id).success
			? await reading((db) => swapById(db, asker.householdId, id))
			: null;
		if (!swap) return fail(404, { message: WEEK_SAYS.thatSwapIsNotAsked, values: typed(form) });
		if (swap.to !== asker.viewer?.member) {
			log.warn({ role: asker.viewer?.role }, 'refused: answer of a swap');
			return notYours(form, WEEK_SAYS.onlyWhoeverWasAskedCan);
		}
		const agreed = form.get('answer') === 'yes';
		const { home, weekBegin } = await familyFacts(asker.householdId);
		const weekOf = (day: CivilDay) => (day >= addDays(weekBegin, 7) ? addDays(weekBegin, 7) : weekBegin);
		const counted = await transaction(async (db) => {
			if (!(await answerSwap(db, asker.householdId, id, agreed ? 'agreed' : 'refused', now()))) return false;
			if (agreed) {
				await putTurn(db, asker.householdId, weekOf(swap.due), {
					line: swap.line,
					due: swap.due,
					member: swap.to
				});
				if (swap.back)
					await putTurn(db, asker.householdId, weekOf(swap.back.due), {
						line: swap.back.line,
						due: swap.back.due,
						member: swap.from
					});
			}
			return true;
		});
		const name = home.seriesById.get(swap.line)?.job.name ?? 'It';
		if (!counted) return { said: WEEK_SAYS.thatWasAnsweredAlready };
		return {
			said: agreed ? WEEK_SAYS.isYoursNow(name) : WEEK_SAYS.staysWith(name, memberName(home, swap.from))
		};
	});
}

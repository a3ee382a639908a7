/** How somebody grows into a job is said, and final checks are answered. */
import { GROWTH_ACTS } from '$words/answers/people';
import { householdTime } from '$core/calendar/instant';
import { readEntry, type LedgerEntry } from '$core/household/entry';
import { describeProblems } from '$core/household/problems';
import { lookRounds, maySay, stateOfRungs } from '$core/people/rungs';
import { dayAhead } from '$words/general';
import { memberName } from '$words/names';
import { LEARNING } from '$words/people';
import { refusalText } from '$words/refusals';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { followingId } from '../../ids';
import { findEntry, knownIds } from '../../repo/ledgerRepo';
import { typed } from '../guard';
import { recordEntries } from '../ledger/recordEntries';
import type { Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';
import { familyFacts } from './familyFacts';

const OLD_PAGE = GROWTH_ACTS.thisPageIsTooOld;

const sayForm = z.object({
	id: z.uuid(OLD_PAGE),
	member: z.string().max(60),
	job: z.string().max(60),
	rung: z.coerce.number().int().min(0).max(7),
	how: z.enum(['with', 'alone', 'signed', 'again'])
});

async function write(household: string, form: FormData, entries: readonly unknown[], said: string) {
	const read = entries.map(readEntry);
	const bad = read.find((one) => !one.ok);
	if (bad && !bad.ok) return fail(400, { message: describeProblems(bad.problems), values: typed(form) });
	const { home, at } = await familyFacts(household);
	const { date } = householdTime(at, home.home.household);
	const values = read.flatMap((one) => (one.ok ? [one.value as LedgerEntry] : []));
	const recorded = await transaction((db) => recordEntries(db, household, values, date, now()));
	if (!recorded.ok) return fail(400, { message: refusalText(recorded.refusal), values: typed(form) });
	return { said };
}

const isoToday = (day: number) => new Date(day * 86_400_000).toISOString().slice(0, 10);

const SAID = {
	with: GROWTH_ACTS.writtenDownDoneWithSomebody,
	alone: GROWTH_ACTS.fromNowOnAloneAnd,
	signed: GROWTH_ACTS.aloneNoCheckTheNext,
	again: GROWTH_ACTS.withSomebodyBesideOnceMore
} as const;

/** Says how far a child has come on a rung. Nothing is suggested by itself into the record. */
export function say(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const read = sayForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const { id, member, job: chore, rung, how } = read.data;
		if ((await reading((db) => knownIds(db, asker.householdId, [id]))).has(id)) return { said: SAID[how] };
		const { home, entries, today } = await familyFacts(asker.householdId);
		const job = home.jobById.get(chore);
		const child = home.home.members.find((one) => one.id === member && one.role === 'child');
		if (!job || !child)
			return fail(400, {
				message: GROWTH_ACTS.thosePartsToLearnAre,
				values: typed(form)
			});
		if (!maySay(stateOfRungs(job, member, entries)[rung], how))
			return fail(409, {
				message: GROWTH_ACTS.thatPartIsAtAnother,
				values: typed(form)
			});
		return write(
			asker.householdId,
			form,
			[
				{
					outcome: 'rung',
					id,
					date: isoToday(today),
					by: asker.viewer?.member ?? null,
					member,
					chore,
					rung,
					how
				}
			],
			SAID[how]
		);
	});
}

const alreadyForm = z.object({
	id: z.uuid(OLD_PAGE),
	member: z.string().max(60),
	/** One job; left out: all that the child could learn. */
	job: z.string().max(60).optional()
});

/** A child can do a job already, or all of them: every part of it is signed off in one go. */
export function already(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const read = alreadyForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const { id, member, job: chore } = read.data;
		const { home, entries, today } = await familyFacts(asker.householdId);
		const child = home.home.members.find((one) => one.id === member && one.role === 'child');
		const jobs = home.home.jobs.filter(
			(job) =>
				job.rungs.length > 0 &&
				(chore === undefined || job.id === chore) &&
				(job.who.members.length === 0 || job.who.members.includes(member))
		);
		if (!child || (chore !== undefined && jobs.length === 0))
			return fail(400, {
				message: GROWTH_ACTS.thosePartsToLearnAre,
				values: typed(form)
			});
		const writing = jobs.flatMap((job) =>
			stateOfRungs(job, member, entries)
				.filter((one) => one.stage !== 'signed')
				.map((one) => ({
					outcome: 'rung',
					id: followingId(id, `${job.id} ${one.rung}`),
					date: isoToday(today),
					by: asker.viewer?.member ?? null,
					member,
					chore: job.id,
					rung: one.rung,
					how: 'signed'
				}))
		);
		return write(asker.householdId, form, writing, LEARNING.canSaid);
	});
}

const answerForm = z.object({
	id: z.uuid(OLD_PAGE),
	look: z.uuid(OLD_PAGE),
	verdict: z.enum(['confirmed', 'back']),
	point: z.string().max(80).optional()
});

/** Answers a look-round: confirms it, or gives one thing back, which hangs the job again. */
export function answerLook(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const read = answerForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const { id, look, verdict, point } = read.data;
		const household = asker.householdId;
		if ((await reading((db) => knownIds(db, household, [id]))).has(id)) return { said: 'Answered.' };
		const { home, entries, today } = await familyFacts(household);
		const asked = entries.find((entry) => entry.id === look);
		if (asked?.outcome !== 'lookround' || asked.verdict !== 'asked')
			return fail(410, { message: GROWTH_ACTS.thatCheckIsNotHere, values: typed(form) });
		if (lookRounds(entries, asked.member, asked.chore).some((one) => one.asked.id === look && one.answer))
			return fail(409, { message: GROWTH_ACTS.somebodyHasAnsweredItAlready, values: typed(form) });
		const job = home.jobById.get(asked.chore);
		if (verdict === 'back' && !job?.lookRound.includes(point ?? ''))
			return fail(400, { message: GROWTH_ACTS.sayWhichOneThingIs, values: typed(form) });
		const { member, chore, part } = asked;
		const by = asker.viewer?.member ?? null;
		const date = isoToday(today);
		const done = asked.done ? await reading((db) => findEntry(db, household, asked.done as string)) : null;
		const writing: unknown[] = [
			{
				outcome: 'lookround',
				id,
				date,
				by,
				member,
				chore,
				part,
				verdict,
				asking: look,
				point: verdict === 'back' ? point : null
			},
			...(verdict === 'back' && done
				? [{ outcome: 'undo', id: followingId(id, 'back'), date, by, of: done.entry.id }]
				: [])
		];
		const name = memberName(home, member);
		return write(
			household,
			form,
			writing,
			verdict === 'back'
				? GROWTH_ACTS.givenBackToTheRest(name, (point ?? '').toLowerCase())
				: GROWTH_ACTS.confirmedIsDone(job?.name ?? 'It', dayAhead(asked.date, today))
		);
	});
}

/** Growing into jobs: the ladders of the children, and the look-rounds that wait for an adult. */
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { v7 as uuidv7 } from 'uuid';
import { householdTime } from '$core/calendar/instant';
import { readEntry, type LedgerEntry } from '$core/household/entry';
import { describeProblems } from '$core/household/problems';
import {
	lookRounds,
	maySay,
	PASSES,
	standingOnRungs,
	TIMES_WITH,
	type RungStanding
} from '$core/people/rungs';
import type { LadderView } from '$ui/crew/view';
import { refusalText } from '$ui/refusals';
import { dayAhead, tinyDate } from '$ui/words';
import { now } from '../clock';
import { reading, transaction } from '../db/pool';
import { findEntry, knownIds } from '../store/ledgerStore';
import { followingId, recordEntries } from '../store/record';
import { familyFacts } from './family';
import { acting, typed } from './guard';
import { memberName, zoneMark } from './tags';
import type { Asker } from './who';

const times = (n: number) => (n === 1 ? 'once' : n === 2 ? 'twice' : `${n} times`);

function recordWords(one: RungStanding): string {
	if (one.stage === null) return '';
	const parts = [
		one.withSomebody > 0 ? `with somebody ${times(one.withSomebody)}` : '',
		one.looked > 0 ? `${one.passed} of ${one.looked} look-rounds passed at the first look` : ''
	].filter(Boolean);
	return parts.join(', ');
}

const STAGE_WORDS = {
	with: 'with somebody beside',
	alone: 'alone, and looked at',
	signed: 'signed off'
} as const;

export async function loadLadder(household: string, asked: string | null): Promise<LadderView> {
	const facts = await familyFacts(household);
	const { home, entries, today } = facts;
	const children = home.home.members.filter((one) => one.role === 'child');
	const child = children.find((one) => one.id === asked) ?? children[0] ?? null;
	const looks = children.flatMap((one) =>
		home.home.jobs
			.filter((job) => job.lookRound.length > 0)
			.flatMap((job) =>
				lookRounds(entries, one.id, job.id)
					.filter((look) => look.answer === null)
					.map((look) => ({
						id: look.asked.id,
						words: `${one.name} has looked round ${home.roomById.get(job.room)?.name ?? ''}: ${job.name}`,
						when: look.asked.date === today ? 'today' : tinyDate(look.asked.date),
						points: job.lookRound
					}))
			)
	);
	return {
		formId: uuidv7(),
		children: children.map(({ id, name }) => ({ id, name, current: id === child?.id })),
		child: child ? { id: child.id, name: child.name } : null,
		ladders: !child
			? []
			: home.home.jobs
					.filter(
						(job) =>
							job.rungs.length > 0 && (job.who.members.length === 0 || job.who.members.includes(child.id))
					)
					.map((job) => ({
						job: job.id,
						name: job.name,
						zone: zoneMark(home, home.roomById.get(job.room)?.zone ?? null),
						rungs: standingOnRungs(job, child.id, entries).map((one) => ({
							rung: one.rung,
							name: one.name,
							stage: one.stage,
							words: one.stage === null ? 'not open yet' : STAGE_WORDS[one.stage],
							record: recordWords(one),
							ready:
								one.ready === 'alone'
									? `Done with somebody ${times(Math.max(TIMES_WITH, one.withSomebody))}: ready to try alone?`
									: one.ready === 'sign'
										? `The last ${PASSES} looks passed at once: ready to be signed off?`
										: null
						}))
					})),
		looks
	};
}

const OLD_PAGE = 'This page is too old to be sent. Reload it and try again.';

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
	with: 'Written down: done with somebody.',
	alone: 'From now on alone, and looked at.',
	signed: 'Signed off. The next rung is open.',
	again: 'With somebody beside once more.'
} as const;

/** Says how far a child has come on a rung. Nothing is suggested by itself into the record. */
export function say(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const read = sayForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const { id, member, job: chore, rung, how } = read.data;
		if ((await reading((db) => knownIds(db, asker.householdId, [id]))).has(id)) return { said: SAID[how] };
		const { home, entries, today } = await familyFacts(asker.householdId);
		const job = home.jobById.get(chore);
		const child = home.home.members.find((one) => one.id === member && one.role === 'child');
		if (!job || !child)
			return fail(400, {
				message: 'That ladder is not here any more. Reload the page.',
				values: typed(form)
			});
		if (!maySay(standingOnRungs(job, member, entries)[rung], how))
			return fail(409, {
				message: 'That rung stands elsewhere by now. Look at the ladder again.',
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

const answerForm = z.object({
	id: z.uuid(OLD_PAGE),
	look: z.uuid(OLD_PAGE),
	verdict: z.enum(['confirmed', 'back']),
	point: z.string().max(80).optional()
});

/** Answers a look-round: confirms it, or gives one thing back, which hangs the job again. */
export function answerLook(asker: Asker, form: FormData) {
	return acting(form, async () => {
		const read = answerForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: OLD_PAGE, values: typed(form) });
		const { id, look, verdict, point } = read.data;
		const household = asker.householdId;
		if ((await reading((db) => knownIds(db, household, [id]))).has(id)) return { said: 'Answered.' };
		const { home, entries, today } = await familyFacts(household);
		const asked = entries.find((entry) => entry.id === look);
		if (asked?.outcome !== 'lookround' || asked.verdict !== 'asked')
			return fail(410, { message: 'That look-round is not here any more.', values: typed(form) });
		if (lookRounds(entries, asked.member, asked.chore).some((one) => one.asked.id === look && one.answer))
			return fail(409, { message: 'Somebody has answered it already.', values: typed(form) });
		const job = home.jobById.get(asked.chore);
		if (verdict === 'back' && !job?.lookRound.includes(point ?? ''))
			return fail(400, { message: 'Say which one thing is given back.', values: typed(form) });
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
				? `Given back to ${name}: ${(point ?? '').toLowerCase()}. The rest stays as it is.`
				: `Confirmed. ${job?.name ?? 'It'} is done, ${dayAhead(asked.date, today)}.`
		);
	});
}

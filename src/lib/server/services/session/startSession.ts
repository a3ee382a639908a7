/** Starts a pail from what its page showed. */
import { START_SESSION_SAYS } from '$words/answers/session';
import { isoOf } from '$core/calendar/civil';
import { checkPlan } from '$core/planner/checkPlan';
import type { Plan, PlanInput } from '$core/planner/plan';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { offerOf, offers, problemOf, type PailName, type PailOffer } from '$core/session/offers';
import { sessionPlan, type Filling } from '$core/session/fill';
import { KIND_RULES } from '$core/session/kinds';
import type { ClearingPlan } from '$core/session/sessionPlan';
import { memberName } from '$words/names';
import { fail, redirect } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { loadSession } from '../../repo/sessionRepo';
import { typed } from '../guard';
import { notYours, tickRefusal, type Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';
import { closeForgotten, startSession } from './addEvent';
import { defaultMinutes, gatherFor, houseNow, memberOf, sound } from './fill';
import { minutesAsked, readQuery } from './fillQuery';

const entriesSchema = z
	.array(
		z.tuple([
			z.string().max(80),
			z.number().int().min(0).max(60),
			z.string().max(60),
			z.number().min(0).max(2000),
			z.number().min(0).max(2000)
		])
	)
	.max(400);

/** The plan that the page showed, where it still keeps every rule for what is on now; null: plan anew. */
function shownPlan(text: string | undefined, input: PlanInput, most: number | null): Plan | null {
	if (!text) return null;
	let data: unknown;
	try {
		data = JSON.parse(text);
	} catch {
		return null;
	}
	const read = entriesSchema.safeParse(data);
	if (!read.success || read.data.length === 0) return null;
	const entries = read.data.map(([job, step, person, start, end]) => ({ job, step, person, start, end }));
	if (checkPlan(input, entries).length > 0) return null;
	const planned = new Set(entries.map((entry) => entry.job));
	if (most !== null && planned.size > most) return null;
	return {
		entries,
		worth: 0,
		end: Math.max(...entries.map((entry) => entry.end)),
		left: input.jobs.map((job) => job.id).filter((id) => !planned.has(id)),
		exact: false
	};
}

const startForm = z.object({
	id: z.uuid(START_SESSION_SAYS.reloadThePageAndTry),
	member: z.string().max(60),
	line: z.string().max(80).optional(),
	/** The room or line that the chosen way is about. */
	about: z.string().max(80).optional(),
	plan: z.string().max(60_000).optional(),
	spot: z.string().trim().max(80).optional(),
	room: z.string().max(60).optional(),
	portion: z.enum(['all', 'half', 'quarter']).catch('all')
});

/**
 * What is started: the plan that was shown, where it still holds, else the chosen way alone, solved anew. Only where
 * the form does not say what the way is about are all ways made, to find it.
 */
function chosenPlan(
	filled: Filling,
	name: PailName,
	form: z.infer<typeof startForm>
): { input: PlanInput; plan: Plan } {
	const problem = problemOf(filled, name, form.about ?? null);
	const most = name === 'start' ? null : KIND_RULES[filled.request.kind].jobs;
	const shown = problem && shownPlan(form.plan, problem, most);
	if (problem && shown) return { input: problem, plan: shown };
	const alone = name === 'worth' ? offerOf(filled, 'worth', null) : null;
	const all = alone && alone.plan.entries.length > 0 ? [alone] : offers(filled);
	const offer = sound(all.find((one) => one.name === name) ?? (all[0] as PailOffer));
	return { input: offer.input, plan: shownPlan(form.plan, offer.input, most) ?? offer.plan };
}

/** Starts a pail: what was shown, where it still holds; else filled again on the server from what is on now. */
export async function start(asker: Asker, form: FormData) {
	const household = asker.householdId;
	const started = await useCase(household, form, async (db) => {
		const raw = Object.fromEntries(form);
		// One that was left open yesterday is in nobody's way.
		await closeForgotten(db, household, now());
		const read = startForm.safeParse(raw);
		if (!read.success)
			return fail(400, {
				message: START_SESSION_SAYS.thisFormWasNotUnderstood,
				values: typed(form)
			});
		const query = readQuery(Object.entries({ ...raw, for: read.data.member }));
		const facts = await houseNow(household);
		const { home, day } = facts;
		const member = home.members.find((m) => m.id === read.data.member);
		if (!member)
			return fail(400, {
				message: START_SESSION_SAYS.thatPersonDoesNotLive,
				values: typed(form)
			});
		if (memberOf(home, asker, member.id).id !== member.id)
			return fail(403, { message: START_SESSION_SAYS.eachStartsASessionOf, values: typed(form) });
		const line = read.data.line ?? null;
		const own = day.lines.find((l) => l.line.id === line);
		if (line !== null && !own)
			return fail(410, {
				message: START_SESSION_SAYS.thatJobIsNotIn,
				values: typed(form)
			});
		if (own && asker.viewer?.role !== 'organiser') {
			const work = { job: own.line.job.id, line: own.line.id, by: member.id, date: isoOf(day.date) };
			const refusal = await reading((db) => tickRefusal(db, asker, home, work, day.date));
			if (refusal !== null) return notYours(form, refusal);
		}
		const minutes = minutesAsked.safeParse(
			query.minutes ?? Math.ceil(own?.minutes ?? defaultMinutes(facts, query.kind, query.sitting))
		);
		if (!minutes.success)
			return fail(400, {
				message: minutes.error.issues[0]?.message ?? '',
				field: 'minutes',
				values: typed(form)
			});
		const known = await reading((db) => loadSession(db, household, read.data.id));
		if (known) return { session: read.data.id };
		const clearing = query.kind === 'clearing' ? clearingOf(home, read.data) : null;
		if (query.kind === 'clearing' && clearing === null)
			return fail(400, {
				message: START_SESSION_SAYS.sayWhichSpotItIs,
				field: 'spot',
				values: typed(form)
			});
		const { filled } = gatherFor(facts, asker, query, minutes.data, line);
		const { input, plan } = chosenPlan(filled, query.choice, read.data);
		if (plan.entries.length === 0 && clearing === null)
			return fail(409, {
				message: START_SESSION_SAYS.thereIsNothingToDo,
				values: typed(form)
			});
		const result = await transaction((db) =>
			startSession(
				db,
				household,
				{
					id: read.data.id,
					member: member.id,
					date: day.date,
					plan: { ...sessionPlan({ ...filled, input }, plan, minutes.data), clearing }
				},
				now()
			)
		);
		if (result.ok) return { session: read.data.id };
		if (result.refusal.code === 'already-running') {
			return fail(409, {
				message: START_SESSION_SAYS.hasATimedSessionAlready(memberName(home, result.refusal.member)),
				running: result.refusal.session,
				values: typed(form)
			});
		}
		throw new Error(result.refusal.code);
	});
	if ('session' in started) redirect(303, `/timer/${started.session}`);
	return started;
}

/** Minutes of the closing's own clock. Rules: "Clearing": 10 to 15. */
const CLOSING_MINUTES = 12;

function clearingOf(home: PreparedHome, asked: z.infer<typeof startForm>): ClearingPlan | null {
	const room = home.roomById.get(asked.room ?? '');
	if (!room || !asked.spot) return null;
	return {
		spot: asked.spot,
		room: room.id,
		roomName: room.name,
		portion: asked.portion,
		zone: room.zone,
		closingMinutes: CLOSING_MINUTES
	};
}

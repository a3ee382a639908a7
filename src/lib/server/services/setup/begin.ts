/** The first steps: touches are kept, and a home is made of the answers once. */
import { waitWords } from '$words/answers/access';
import { BEGIN_SAYS } from '$words/answers/setup';
import { prepareHome } from '$core/schedule/preparedHome';
import { changeHome } from '$core/setup/change';
import { EMPTY_DRAFT, MOST, STEPS, type Draft } from '$core/setup/draft';
import { childrenWithoutAge } from '$core/setup/draftMembers';
import { homeFromDraft } from '$core/setup/homeFromDraft';
import { draftFromHome } from '$core/setup/draftFromHome';
import { bornAt } from '$core/people/whoCan';
import { applyTouch, fullBy, touchSchema } from '$core/setup/steps';
import { editRefusalText } from '$words/edits';
import { fail, redirect, type Cookies, type RequestEvent } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { LIMITS } from '../../access/attempts';
import { addressMark } from '../../access/door';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { followingId } from '../../ids';
import { addMembership } from '../../repo/membershipRepo';
import { tryAt } from '../../repo/attemptRepo';
import { finishDraft, holdDraft, loadDraft, saveDraft, type StoredDraft } from '../../repo/draftRepo';
import { changeHomeOnce, loadHome } from '../../repo/homeRepo';
import { createHousehold, revisionOf } from '../../repo/homeRows';
import { homesAmong } from '../../repo/householdRepo';
import { allPatterns, starterLibrary } from '../../repo/patterns';
import { rebuildProjection } from '../../repo/projectionRepo';
import { doorRefusal } from '../access/keepsItsDoor';
import { byFields } from '../fieldForms';
import { acting, typed } from '../guard';
import { takeLeave } from '../people/leave';
import { shareOutFirst } from '../people/shareOut';
import { inHousehold } from '../useCase';
import { COOKIE, draftOf, keep, todayOf, YEAR } from './draft';
import { patternOfAnswers, patternsFor } from './patternsFor';
import { typedTouches } from './touchForms';

/** Asks for the ages of children, without which nobody knows what is theirs to do. */
const howOld = (children: Draft['people']) =>
	fail(400, { message: BEGIN_SAYS.howOldIs(children.map((child) => child.name)) });

/** One touch: changes the answers and keeps them. What was typed is answered beside its field. */
export async function touch(event: RequestEvent, form: FormData) {
	const typedTouch = typedTouches.get(String(form.get('op') ?? ''));
	return typedTouch ? byFields(typedTouch, form, () => keepTouch(event, form)) : keepTouch(event, form);
}

/** What somebody is, is said by a button: it is asked for beside the name. */
const fieldOfTouch = (key: string) => (key === 'role' ? 'name' : key);

async function keepTouch({ cookies, getClientAddress }: RequestEvent, form: FormData) {
	return acting(form, async () => {
		const { id, isNew } = await draftOf(cookies);
		if (isNew) {
			// Answers are kept for anybody, but nobody fills the house with them.
			const from = addressMark(getClientAddress());
			const wait = await transaction((db) => tryAt(db, [[`first steps from ${from}`, LIMITS.draft]], now()));
			if (wait > 0)
				return fail(429, {
					message: BEGIN_SAYS.manyHaveBegunFromHere(waitWords(wait)),
					values: typed(form)
				});
		}
		const { seed: _seed, __superform_id: _id, ...values } = Object.fromEntries(form);
		if (
			['person', 'age'].includes(String(values.op)) &&
			!values.bornOn &&
			/^\d{1,3}$/.test(String(values.age ?? ''))
		)
			values.bornOn = bornAt(Number(values.age), todayOf(EMPTY_DRAFT));
		const read = touchSchema.safeParse(values);
		if (!read.success) {
			const { issues } = read.error;
			return fail(400, {
				message: issues[0]?.message ?? BEGIN_SAYS.thatTouchWasNotUnderstood,
				wrong: issues.map(({ path, message }) => ({
					field: fieldOfTouch(String(path[0] ?? '')),
					says: message
				})),
				values: typed(form)
			});
		}
		const refused = await transaction(async (db) => {
			const held = await holdDraft(db, id, now());
			const draft = held?.draft ?? EMPTY_DRAFT;
			const goesOn = read.data.op === 'step' && read.data.step === 'first-morning';
			const unknown = goesOn ? childrenWithoutAge(draft) : [];
			if (unknown.length > 0) return howOld(unknown);
			const full = fullBy(draft, read.data);
			if (full) return fail(400, { message: BEGIN_SAYS.asManyAsThereCanBe(MOST[full], full) });
			const home = draft.changes === null ? null : await loadHome(db, draft.changes);
			const pattern = patternOfAnswers(draft, home?.home ?? null);
			await saveDraft(db, id, applyTouch(draft, read.data, pattern, starterLibrary()), now());
			return null;
		});
		if (refused) return refused;
		keep(cookies, id);
		// The step stands in the answers from here on, not in the address.
		if (read.data.op === 'step' || read.data.op === 'walk' || read.data.op === 'hang')
			redirect(303, '/begin');
		return { touched: read.data.op };
	});
}

/** Answers from the demo home, or from the home that is there, to begin with or to change. */
export async function take(cookies: Cookies, form: FormData, household: string) {
	return acting(form, async () => {
		const home = await reading((db) => loadHome(db, household));
		if (!home) return fail(404, { message: BEGIN_SAYS.thatHomeIsNotHere });
		const [row] = await reading((db) => homesAmong(db, [household]));
		const isDemo = row?.id !== household || row.isDemo;
		const taken = draftFromHome(home.home, household);
		const pattern = patternsFor(home.home).find((one) => one.name === home.home.household.rhythm.pattern);
		const draft: Draft = {
			...taken,
			pattern: pattern?.id ?? taken.pattern,
			changes: isDemo ? null : household,
			name: isDemo ? '' : taken.name
		};
		const id = uuidv7();
		await transaction((db) => saveDraft(db, id, draft, now()));
		keep(cookies, id);
		const step = STEPS.find((one) => one === form.get('step'));
		redirect(303, step ? `/begin?step=${step}` : '/begin');
	});
}

/** An empty house again. */
export async function anew(cookies: Cookies) {
	cookies.delete(COOKIE, { path: '/' });
	redirect(303, '/begin');
}

/** Who takes the first steps: an account, once there is one, and the home that they may change. */
export interface Beginner {
	readonly account: string | null;
	/** The home that this one organises, if any: the only one that the steps may change. */
	readonly organises: string | null;
}

export const beginnerOf = (event: Pick<RequestEvent, 'locals'>): Beginner => ({
	account: event.locals.access.signIn?.account ?? null,
	organises:
		event.locals.viewer?.role === 'organiser' && !event.locals.isDemo ? event.locals.householdId : null
});

/** Makes the home of the answers, once, and goes to its first morning. A home of one's own needs somebody's key. */
export async function start(cookies: Cookies, form: FormData, who: Beginner) {
	const made = await acting(form, async () => {
		const id = cookies.get(COOKIE);
		const stored = id ? await reading((db) => loadDraft(db, id)) : null;
		if (!stored) return fail(400, { message: BEGIN_SAYS.theseFirstStepsAreNot });
		if (stored.household) return { household: stored.household };
		const { draft } = stored;
		if (draft.rooms.length === 0) {
			return fail(400, { message: BEGIN_SAYS.aHomeHasAtLeast });
		}
		if (childrenWithoutAge(draft).length > 0) return howOld(childrenWithoutAge(draft));
		if (draft.changes) {
			if (draft.changes !== who.organises)
				return fail(403, { message: BEGIN_SAYS.onlyWhoeverOrganisesThatHome });
			return changeOwn(stored, draft.changes);
		}
		return who.account === null ? { signUp: true } : makeOwn(stored, who.account);
	});
	if ('signUp' in made) redirect(303, '/sign-up?to=/begin');
	if ('household' in made) {
		cookies.set('home', made.household, {
			path: '/',
			maxAge: YEAR,
			httpOnly: true,
			sameSite: 'lax'
		});
		redirect(303, '/');
	}
	return made;
}

async function makeOwn({ id, draft }: StoredDraft, account: string) {
	const at = now();
	const today = todayOf(draft);
	const made = homeFromDraft(draft, starterLibrary(), patternOfAnswers(draft, null), today);
	if (!made.ok) {
		const [first] = made.problems;
		return fail(400, { message: BEGIN_SAYS.theHomeCannotBeginYet(first?.at ?? '', first?.says ?? '') });
	}
	const household = followingId(id, 'home');
	await transaction(async (db) => {
		// Pressed twice at once: the second waits here, and finds the home of the first.
		const again = await holdDraft(db, id, at);
		if (again?.household) return;
		await createHousehold(db, household, made.home, today, at);
		await rebuildProjection(db, household, prepareHome([{ from: today, home: made.home }]));
		const organiser = made.home.members.find((one) => one.role === 'organiser');
		await addMembership(db, household, organiser?.id ?? '', account, at);
		await shareOutFirst(household, followingId(id, 'week'));
		await finishDraft(db, id, household, at);
	});
	return { household };
}

async function changeOwn({ id, draft }: StoredDraft, household: string) {
	const at = now();
	const today = todayOf(draft);
	const revision = await reading((db) => revisionOf(db, household));
	const home = await reading((db) => loadHome(db, household));
	if (!home) return fail(404, { message: BEGIN_SAYS.theHomeToBeChanged });
	const edit = changeHome(
		home.home,
		draft,
		starterLibrary(),
		patternOfAnswers(draft, home.home),
		today,
		allPatterns()
	);
	if (!edit.ok) return fail(400, { message: editRefusalText(edit.refusal) });
	const stay = new Set(edit.home.members.map((one) => one.id));
	const gone = home.home.members.filter((one) => !stay.has(one.id));
	const outcome = await inHousehold(household, async (db) => {
		const locked = await doorRefusal(db, household, home.home, edit.home);
		if (locked !== null) return fail(400, { message: locked });
		const done = await changeHomeOnce(
			db,
			household,
			{ id: followingId(id, 'change'), revision },
			edit.home,
			today,
			at
		);
		if (done === 'behind') return done;
		for (const one of gone) await takeLeave(db, household, one.id, today, at);
		await finishDraft(db, id, household, at);
		return done;
	});
	if (outcome === 'behind')
		return fail(409, {
			message: BEGIN_SAYS.somebodyChangedTheHomeMeanwhile
		});
	return typeof outcome === 'string' ? { household } : outcome;
}

/** After signing up on the way: the home that waits in the answers of this browser is made at once. */
export async function makeWaiting(cookies: Cookies, account: string): Promise<string> {
	const id = cookies.get(COOKIE);
	const stored = id ? await reading((db) => loadDraft(db, id)) : null;
	if (!stored || stored.household || stored.draft.changes || stored.draft.rooms.length === 0) return '/begin';
	const made = await makeOwn(stored, account);
	if (!('household' in made)) return '/begin';
	cookies.set('home', made.household, {
		path: '/',
		maxAge: YEAR,
		httpOnly: true,
		sameSite: 'lax'
	});
	return '/';
}

/** What the first steps show. */
import { LOAD_BEGIN_SAYS } from '$words/answers/setup';
import { workingDays } from '$core/setup/schemeOf';
import type { CivilDay } from '$core/calendar/civil';
import type { EditRefusal } from '$core/setup/edit';
import { toldApart } from '$core/household/toldApart';
import { STEPS, type Draft, type Step } from '$core/setup/draft';
import { homeFromDraft, zonesOf } from '$core/setup/homeFromDraft';
import { walkRooms } from '$core/setup/jobsOfRooms';
import type { Pattern } from '$core/setup/pattern';
import { wayAmong } from '$core/setup/patternOfHome';
import { recommendPattern } from '$core/setup/recommend';
import { isKept, roomJobs } from '$core/setup/roomJobs';
import { editRefusalText } from '$words/edits';
import { recommendText } from '$words/firstSteps';
import { KIND_NAMES } from '$core/setup/steps';
import type { BeginView, StepView } from '$views/setup';
import { weekFrom } from '$words/general';
import { ROLES } from '$words/people';
import { BEGIN_PEOPLE } from '$words/screens/begin';
import type { Cookies } from '@sveltejs/kit';
import { v7 as uuidv7 } from 'uuid';
import { reading } from '../../db/pool';
import { homesAmong } from '../../repo/householdRepo';
import { starterLibrary } from '../../repo/patterns';
import { draftOf, keep, todayOf } from '../../services/setup/draft';
import { patternOfAnswers, patternsFor } from '../../services/setup/patternsFor';
import { firstMorning, nextMorning } from './firstMorning';
import { asAnswered, homeThatIs, standingBy, type HomeThatIs } from './homeThatIs';
import { usualWeek, yardOf } from './patternTrials';

const STEP_NAMES: Record<Step, string> = {
	rooms: 'Rooms',
	zones: 'Zones',
	rhythm: LOAD_BEGIN_SAYS.howYouClean,
	people: 'People',
	'first-morning': LOAD_BEGIN_SAYS.firstMorning
};

const STEP_PARTS: Record<Step, number> = { rooms: 4, zones: 2, rhythm: 3, people: 3, 'first-morning': 2 };

export function storeyName(storey: number): string {
	if (storey === 0) return LOAD_BEGIN_SAYS.groundFloor;
	if (storey === 1) return 'Upstairs';
	if (storey === 2) return 'Loft';
	if (storey === -1) return 'Cellar';
	return storey > 0 ? LOAD_BEGIN_SAYS.floor(storey) : LOAD_BEGIN_SAYS.cellar(-storey);
}

const questionOf = (storey: number) =>
	storey === 0
		? LOAD_BEGIN_SAYS.whatIsOnTheGround
		: storey === 1
			? LOAD_BEGIN_SAYS.whatIsUpstairs
			: storey === 2
				? LOAD_BEGIN_SAYS.whatIsInTheLoft
				: storey === -1
					? LOAD_BEGIN_SAYS.whatIsInTheCellar
					: LOAD_BEGIN_SAYS.whatIsOn(storeyName(storey).toLowerCase());

export async function loadBegin(
	cookies: Cookies,
	query: {
		readonly step: string | null;
		readonly room: string | null;
		readonly beside: string | null;
		readonly hasHome: boolean;
		/** The home that whoever looks organises, if any. */
		readonly organises: string | null;
	}
): Promise<BeginView> {
	const { id, draft: stored } = await draftOf(cookies);
	// All touches of this page are of the same answers, however quick they follow.
	keep(cookies, id);
	const step = STEPS.find((one) => one === query.step) ?? stored.step;
	const that = await homeThatIs(stored, query.organises);
	const patterns = patternsFor(that?.home.home ?? null);
	const pattern = patternOfAnswers({ ...stored, step }, that?.home.home ?? null);
	const draft = { ...stored, step, pattern: pattern.id };
	const homes = await reading((db) => homesAmong(db, []));
	const library = starterLibrary();
	const today = todayOf(draft);
	const kept = that?.home.home ?? null;
	const jobs = roomJobs(draft, library, kept, that && standingBy(that, draft, pattern, today));
	const zones = pattern.rhythm.scheme === 'none' && step !== 'zones' ? [] : zonesOf(draft, pattern, library);
	const numberOf = new Map(
		zones.flatMap(({ zone, rooms }, i) => rooms.map((room) => [room, { zone, number: i + 1 }] as const))
	);
	const storeys = [...new Set([2, 1, 0, ...draft.rooms.map((room) => room.storey), draft.storey])].sort(
		(a, b) => b - a
	);
	const chosenId =
		draft.rooms.find((room) => room.id === query.room)?.id ??
		[...draft.rooms].reverse().find((room) => room.storey === draft.storey)?.id ??
		null;
	const chosen = draft.rooms.find((room) => room.id === chosenId) ?? null;
	const deep = (room: string) =>
		(jobs.get(room) ?? []).filter((job) => job.layer === 'zone').reduce((sum, job) => sum + job.minutes, 0);
	const wanted = (room: string) => (jobs.get(room) ?? []).filter((job) => !draft.without.includes(job.key));
	const below = storeys.find((storey) => storey < draft.storey) ?? null;
	const days = workingDays(
		draft.freeDays ?? pattern.rhythm.freeDays,
		draft.catchUpDays ?? pattern.rhythm.catchUpDays
	).length;
	const showsRhythm = step === 'rhythm';
	const best = recommendPattern(draft);
	const apart = namesApart(draft);
	return {
		id,
		draft,
		steps: stepViews(draft, step),
		hasHome: query.hasHome,
		demoThere: homes.some((home) => home.isDemo),
		storeys: storeys.map((storey) => ({
			storey,
			name: storeyName(storey),
			rooms: draft.rooms.filter((room) => room.storey === storey).length
		})),
		storey: draft.storey,
		storeyName: storeyName(draft.storey),
		question: questionOf(draft.storey),
		below: below === null ? null : { storey: below, name: storeyName(below) },
		keys: Object.entries(KIND_NAMES).map(([kind, name]) => ({
			kind,
			name:
				kind === 'hall'
					? LOAD_BEGIN_SAYS.stairsHall
					: kind === 'outside'
						? LOAD_BEGIN_SAYS.balconyYard
						: name,
			hung: draft.rooms.filter((room) => room.kind === kind).length
		})),
		rooms: walkRooms(draft).map((room) => ({
			id: room.id,
			name: room.name,
			kind: room.kind,
			storey: room.storey,
			minutes: wanted(room.id).reduce((sum, job) => sum + job.minutes, 0),
			weave: step === 'rooms' ? null : (numberOf.get(room.id)?.zone.weave ?? null),
			number: step === 'rooms' ? null : (numberOf.get(room.id)?.number ?? null)
		})),
		room: chosen
			? {
					id: chosen.id,
					name: chosen.name,
					kindName: KIND_NAMES[chosen.kind],
					floor: chosen.floor ?? null,
					surfaces: chosen.surfaces,
					sheds: chosen.sheds,
					owners: chosen.owners,
					where: storeyName(chosen.storey).toLowerCase(),
					jobs: (jobs.get(chosen.id) ?? []).map(({ aWeek: _aWeek, ...job }) => ({
						...job,
						wanted: !draft.without.includes(job.key)
					})),
					minutesAWeek: Math.round(wanted(chosen.id).reduce((sum, job) => sum + job.aWeek, 0)),
					keeps: isKept(kept, chosen.id) ? (jobs.get(chosen.id)?.length ?? 0) : null
				}
			: null,
		zones: zones.map(({ zone, rooms }, i) => ({
			id: zone.id,
			name: zone.name,
			number: i + 1,
			weave: zone.weave,
			minutes: rooms.reduce((sum, room) => sum + deep(room), 0),
			rooms: rooms.map((room) => ({
				id: room,
				name: apart.rooms[room] ?? room
			}))
		})),
		scheme: pattern.rhythm.scheme,
		sharedDays: pattern.rhythm.scheme === 'weekdays' && zones.length > days ? days : null,
		patterns: patterns.map((one) => ({
			id: one.id,
			name: one.name,
			says: one.says,
			forWhom: one.forWhom,
			why: one.id === best.pattern ? recommendText(best.reason) : null,
			week: showsRhythm ? usualWeek(draft, one, today, that) : []
		})),
		yard: showsRhythm ? yardOf(draft, pattern, today, that) : null,
		beside:
			showsRhythm &&
			query.beside &&
			query.beside !== pattern.id &&
			patterns.some((one) => one.id === query.beside)
				? yardOf(
						{ ...draft, freeDays: undefined, catchUpDays: undefined },
						wayAmong(patterns, query.beside, null),
						today,
						that
					)
				: null,
		freeDays: draft.freeDays ?? pattern.rhythm.freeDays,
		catchUpDays: draft.catchUpDays ?? pattern.rhythm.catchUpDays,
		weekdays: weekFrom(draft.weekStart).map(({ number, name }) => ({ number, name })),
		apart,
		...(step === 'first-morning' ? morningOf(draft, pattern, today, that) : { first: null, refused: null }),
		formId: uuidv7()
	};
}

/** The days as they will be, or why the answers cannot be taken; neither where there is no room yet. */
function morningOf(
	draft: Draft,
	pattern: Pattern,
	today: CivilDay,
	that: HomeThatIs | null
): Pick<BeginView, 'first' | 'refused'> {
	if (draft.rooms.length === 0) return { first: null, refused: null };
	const refusedBy = (refusal: EditRefusal) => ({ first: null, refused: editRefusalText(refusal) });
	if (that) {
		const changed = asAnswered(that, draft, pattern, today);
		return changed.ok
			? { first: nextMorning(changed, pattern, draft.beyondPattern, today), refused: null }
			: refusedBy(changed.refusal);
	}
	const made = homeFromDraft(draft, starterLibrary(), pattern, today);
	return made.ok
		? { first: firstMorning(made, pattern, draft.beyondPattern, today), refused: null }
		: refusedBy({ code: 'problems', problems: made.problems });
}

/** People and rooms that are called alike are told apart where one of several is chosen. */
function namesApart(draft: Draft): BeginView['apart'] {
	const named = (list: readonly { readonly id: string; readonly name: string }[]) =>
		Object.fromEntries(list.map(({ id, name }) => [id, name]));
	return {
		people: named(
			toldApart(draft.people, [
				(one) => ROLES[one.role].name,
				(one) => (one.bornOn ? BEGIN_PEOPLE.bornIn(one.bornOn.slice(0, 4)) : '')
			])
		),
		rooms: named(toldApart(draft.rooms, [(room) => storeyName(room.storey).toLowerCase()]))
	};
}

function stepViews(draft: Draft, step: Step): StepView[] {
	const at = STEPS.indexOf(step);
	return STEPS.map((key, i) => ({
		key,
		name: STEP_NAMES[key],
		parts: STEP_PARTS[key],
		sewn:
			i < at
				? STEP_PARTS[key]
				: i > at
					? 0
					: key === 'rooms'
						? Math.min(3, new Set(draft.rooms.map((room) => room.storey)).size)
						: 1,
		current: key === step
	}));
}

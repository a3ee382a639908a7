/** What to mind with a job or with one of its steps, in words: by its products first, then what was written for it. */
import type { CivilDay } from '$core/calendar/civil';
import { isGrave, type Care } from '$core/cupboard/care';
import { caresOfJob, caresOfStep, ownCautions } from '$core/cupboard/cautionsOfJob';
import type { UsePerson } from '$core/cupboard/cautions';
import { takeAlong } from '$core/cupboard/kits';
import { missingFor } from '$core/cupboard/neededBy';
import type { Supply } from '$core/cupboard/shopping';
import type { Depth } from '$core/household/fields';
import type { Job, Member } from '$core/household/home';
import { ageToGoBy } from '$core/people/whoCan';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { CareLine } from '$views/supplies';
import { boundWords, kitWords, missingWords } from '$words/supplies/taken';
import { careLine } from '$words/supplies/care';

/** A member as the judge takes them. */
export const usePerson = (
	member: Member,
	day: CivilDay
): UsePerson & { readonly allows: readonly string[] } => ({
	id: member.id,
	age: ageToGoBy(member, day),
	excludes: member.excludes.families,
	allows: member.allows.map((one) => one.family)
});

/** The gravest first; what was written by hand comes after what is a danger, before what is only to be minded. */
function lines(cares: readonly Care[], job: Job): CareLine[] {
	return [
		...cares.filter(isGrave).map((care) => careLine(care)),
		...ownCautions(job).map((own) => ({
			headline: own.headline,
			text: own.text,
			grave: true,
			ofProduct: false
		})),
		...cares.filter((care) => !isGrave(care)).map((care) => careLine(care))
	];
}

/** What to mind in the whole of a job. */
export const jobCautions = (
	home: PreparedHome,
	job: Job,
	depth: Depth,
	person: UsePerson | null = null
): CareLine[] => lines(caresOfJob(home.home, job, depth, person), job);

/** What to mind in the step in hand. */
export const stepCautions = (
	home: PreparedHome,
	job: Job,
	depth: Depth,
	step: number,
	person: UsePerson | null
): CareLine[] => lines(caresOfStep(home.home, job, depth, step, person), job);

/** What to take along for a job: kits by their letters, what is in none, and what only the job names. */
export function alongWords(home: PreparedHome, job: Job, depth: Depth): string[] {
	const { kits, loose, others } = takeAlong(home.home, [{ job, depth }]);
	const { products, tools } = home.home.cupboard;
	const names = loose.flatMap((id) => [...products, ...tools].find((one) => one.id === id)?.name ?? []);
	return [...kits.map((kit) => kitWords(kit.letter, kit.name)), ...names, ...others];
}

/** Tools that a job would carry out of the one room that they are for. */
export const boundLines = (home: PreparedHome, job: Job, depth: Depth): string[] =>
	takeAlong(home.home, [{ job, depth }]).bound.map(({ tool }) =>
		boundWords(tool.name, home.roomById.get(tool.boundTo ?? '')?.name ?? '')
	);

/** Cloths and tools of some jobs that go into the hot wash after. */
export const washNames = (home: PreparedHome, jobs: readonly Job[]): string[] =>
	takeAlong(
		home.home,
		jobs.map((job) => ({ job, depth: 'usual' as const }))
	).toWash.map((tool) => tool.name);

/** What a job needs and is out, a sentence each, with what would do instead. */
export const missingLines = (
	home: PreparedHome,
	job: Job,
	depth: Depth,
	supplies: readonly Supply[]
): string[] =>
	missingFor(job, depth, home.home.cupboard, supplies).map((one) =>
		missingWords(
			one.product.name,
			one.instead.map((other) => other.name)
		)
	);

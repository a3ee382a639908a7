/** Another way of cleaning for a home that is there. Rules: "Another way of cleaning". */
import type { CivilDay } from '../calendar/civil';
import type { Home } from '../household/home';
import type { Draft } from './draft';
import { draftFromHome } from './draftFromHome';
import { withPeople } from './draftMembers';
import { homeFromDraft, type MadeHome } from './homeFromDraft';
import type { Library } from './library';
import type { Pattern } from './pattern';
import { placeOf, standingOf, type GivenBefore, type Standing } from './standing';

/** What the way by which a home lives gives it, of those there are; null where it is none of them. */
function givenBefore(
	home: Home,
	library: Library,
	patterns: readonly Pattern[],
	today: CivilDay
): GivenBefore | null {
	const lived = patterns.find((pattern) => pattern.name === home.household.rhythm.pattern);
	if (!lived) return null;
	const answers = draftFromHome(home, '');
	const made = homeFromDraft(answers, library, lived, today);
	const whole = homeFromDraft({ ...answers, everything: true, beyondPattern: true }, library, lived, today);
	if (!made.ok || !whole.ok) return null;
	return {
		given: new Set(made.home.jobs.flatMap((job) => (job.library ? placeOf(job.library, job.room) : []))),
		gathered: new Set(whole.home.jobs.filter((job) => !job.library).map((job) => job.id))
	};
}

/** What stays of a home whose work is laid anew with these answers. */
export const standingAsAnswered = (
	home: Home,
	draft: Draft,
	library: Library,
	patterns: readonly Pattern[],
	today: CivilDay
): Standing =>
	standingOf(withPeople(home, draft), draft, library, givenBefore(home, library, patterns, today));

/** The home with its work laid anew by a pattern, and what did not find its place. Problems name what is in the way. */
export const layAnew = (
	home: Home,
	draft: Draft,
	library: Library,
	{ pattern, patterns }: { readonly pattern: Pattern; readonly patterns: readonly Pattern[] },
	today: CivilDay
): MadeHome =>
	homeFromDraft(draft, library, pattern, today, standingAsAnswered(home, draft, library, patterns, today));

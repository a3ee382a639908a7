/** Another way of cleaning for a home that is there. Rules: "Another way of cleaning". */
import type { CivilDay } from '../calendar/civil';
import type { Home } from '../household/home';
import { minutesAnswered, type Draft } from './draft';
import { draftFromHome } from './draftFromHome';
import { withPeople } from './draftMembers';
import { homeFromDraft, type MadeHome } from './homeFromDraft';
import type { Library } from './library';
import type { Pattern } from './pattern';
import { standingOf, type GivenBefore, type Standing } from './standing';

/** What a way gives a home that lives by it; null where it makes no home of it. */
function readGiven(home: Home, library: Library, lived: Pattern, today: CivilDay): GivenBefore | null {
	const answers = draftFromHome(home, '');
	const made = homeFromDraft(answers, library, lived, today);
	const whole = homeFromDraft({ ...answers, everything: true, beyondPattern: true }, library, lived, today);
	if (!made.ok || !whole.ok) return null;
	const given = new Map<string, Set<string>>(made.home.rooms.map((room) => [room.id, new Set()]));
	for (const job of made.home.jobs) if (job.library) given.get(job.room)?.add(job.library);
	return {
		given,
		gathered: new Set(whole.home.jobs.filter((job) => !job.library).map((job) => job.id))
	};
}

/** Kept: each of the ways that are compared asks it of the same home. */
const GIVEN = new WeakMap<
	Home,
	{
		readonly library: Library;
		readonly lived: Pattern | null;
		readonly today: CivilDay;
		readonly given: GivenBefore | null;
	}
>();

/** What the way by which a home lives gives it, of those there are; null where it is none of them. */
function givenBefore(
	home: Home,
	library: Library,
	patterns: readonly Pattern[],
	today: CivilDay
): GivenBefore | null {
	const lived = patterns.find((pattern) => pattern.name === home.household.rhythm.pattern) ?? null;
	const kept = GIVEN.get(home);
	if (kept?.library === library && kept.lived === lived && kept.today === today) return kept.given;
	const given = lived && readGiven(home, library, lived, today);
	GIVEN.set(home, { library, lived, today, given });
	return given;
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
export function layAnew(
	home: Home,
	draft: Draft,
	library: Library,
	{ pattern, patterns }: { readonly pattern: Pattern; readonly patterns: readonly Pattern[] },
	today: CivilDay
): MadeHome {
	const standing = standingAsAnswered(home, draft, library, patterns, today);
	const made = homeFromDraft(draft, library, pattern, today, standing);
	if (!made.ok) return made;
	const household = { ...made.home.household, minutesADay: minutesAnswered(home.household, draft) };
	return { ...made, home: { ...made.home, household } };
}

/** The ways of cleaning among which the answers choose. */
import type { Home } from '$core/household/home';
import type { Draft } from '$core/setup/draft';
import type { Pattern } from '$core/setup/pattern';
import { patternOfHome } from '$core/setup/patternOfHome';
import { patternOf } from '$core/setup/recommend';
import { LOAD_BEGIN_SAYS } from '$words/answers/setup';
import { allPatterns } from '../../repo/patterns';

/** Those that there are, and before them that of a home that is changed, where it is none of them. */
export function patternsFor(home: Home | null): readonly Pattern[] {
	const all = allPatterns();
	return home === null || all.some((one) => one.name === home.household.rhythm.pattern)
		? all
		: [patternOfHome(home, LOAD_BEGIN_SAYS.asItIs), ...all];
}

/** One of them by its id; the first where there is no such. */
export const patternAmong = (patterns: readonly Pattern[], id: string): Pattern =>
	patterns.find((one) => one.id === id) ?? (patterns[0] as Pattern);

/** The one of these answers. */
export const patternOfAnswers = (draft: Draft, home: Home | null): Pattern =>
	patternAmong(patternsFor(home), patternOf(draft));

/** The ways of cleaning among which the answers choose, of those that ship. */
import type { Home } from '$core/household/home';
import type { Draft } from '$core/setup/draft';
import type { Pattern } from '$core/setup/pattern';
import { wayAmong, waysOf } from '$core/setup/patternOfHome';
import { patternOf } from '$core/setup/recommend';
import { LOAD_BEGIN_SAYS } from '$words/answers/setup';
import { allPatterns } from '../../repo/patterns';

/** Those of the answers for a new home, or for the one that they change. */
export const patternsFor = (home: Home | null): readonly Pattern[] =>
	waysOf(home, allPatterns(), LOAD_BEGIN_SAYS.asItIs);

/** The one of these answers. */
export const patternOfAnswers = (draft: Draft, home: Home | null): Pattern =>
	wayAmong(patternsFor(home), patternOf(draft), home);

/** How a pattern would have the home, for choosing among them: a new home, or the one that is there. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import { weekStartOf } from '$core/calendar/weeks';
import { NOTHING_DONE } from '$core/schedule/occurrences';
import { outlook } from '$core/schedule/outlook';
import { prepareHome, type PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import type { Draft } from '$core/setup/draft';
import { homeFromDraft, type MadeHome } from '$core/setup/homeFromDraft';
import type { Pattern } from '$core/setup/pattern';
import type { Yard } from '$views/setup';
import { starterLibrary } from '../../repo/patterns';
import { asAnswered, type HomeThatIs } from './homeThatIs';
import { yardOfHome } from './yardOfHome';

/** The whole home, all layers on, as a pattern would have it: for previews. */
function whole(draft: Draft, pattern: Pattern, from: CivilDay): Extract<MadeHome, { ok: true }> | null {
	if (draft.rooms.length === 0) return null;
	const made = homeFromDraft({ ...draft, begin: 'all' }, starterLibrary(), pattern, from);
	return made.ok ? made : null;
}

/** A home as a pattern would have it: a new one, or the one that is there. */
interface Trial {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	/** So many jobs the pattern does without. */
	readonly without: number;
}

function trialOf(draft: Draft, pattern: Pattern, today: CivilDay, that: HomeThatIs | null): Trial | null {
	if (that) {
		const changed = asAnswered(that, draft, pattern, today);
		return changed.ok ? { ...changed, without: changed.anew?.notOfPattern.length ?? 0 } : null;
	}
	const from = weekStartOf(addDays(today, 6), draft.weekStart);
	const made = whole(draft, pattern, from);
	return (
		made && {
			home: prepareHome([{ from, home: made.home }]),
			projection: NOTHING_DONE,
			without: made.notOfPattern.length
		}
	);
}

/** Minutes of the seven days of a usual week. */
export function usualWeek(
	draft: Draft,
	pattern: Pattern,
	today: CivilDay,
	that: HomeThatIs | null
): number[] {
	const from = weekStartOf(addDays(today, 6), draft.weekStart);
	const trial = trialOf({ ...draft, freeDays: undefined, catchUpDays: undefined }, pattern, today, that);
	const days = trial ? outlook(trial.home, from, 14, trial.projection, today) : [];
	return Array.from({ length: 7 }, (_, i) => Math.round(days[7 + i]?.total ?? 0));
}

/** Four weeks as a pattern would have them. */
export function yardOf(
	draft: Draft,
	pattern: Pattern,
	today: CivilDay,
	that: HomeThatIs | null
): Yard | null {
	const trial = trialOf(draft, pattern, today, that);
	if (!trial) return null;
	const yard = yardOfHome(trial.home, trial.projection, today, pattern.name);
	return { ...yard, pattern: pattern.id, says: pattern.says, without: trial.without };
}

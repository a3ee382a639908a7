/** The home that is there, where the first steps run again, and how it would be with the answers. */
import type { CivilDay } from '$core/calendar/civil';
import { asChanged, type PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { changeHome, isLaidAnew, type ChangedHome } from '$core/setup/change';
import type { Draft } from '$core/setup/draft';
import type { EditRefusal } from '$core/setup/edit';
import { standingAsAnswered } from '$core/setup/layAnew';
import type { Pattern } from '$core/setup/pattern';
import type { Standing } from '$core/setup/standing';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { allPatterns, starterLibrary } from '../../repo/patterns';
import { loadProjection } from '../../repo/projectionRepo';

export interface HomeThatIs {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
}

/** How it would be with the answers, or why they cannot be taken. */
export type AsAnswered =
	| {
			readonly ok: true;
			readonly home: PreparedHome;
			readonly projection: HomeProjection;
			/** Where its work is laid anew: what comes of it, and what has no place. */
			readonly anew: Extract<ChangedHome, { ok: true }>['anew'];
	  }
	| { readonly ok: false; readonly refusal: EditRefusal };

/** The home that these answers change, where whoever looks may change it; null where they begin a new one. */
export async function homeThatIs(draft: Draft, organises: string | null): Promise<HomeThatIs | null> {
	const { changes } = draft;
	if (changes === null || changes !== organises) return null;
	const home = await reading((db) => loadHome(db, changes));
	return home && { home, projection: await reading((db) => loadProjection(db, changes)) };
}

/** What stays of it where this pattern lays its work anew; null where it lives by it. */
export const standingBy = (
	that: HomeThatIs,
	draft: Draft,
	pattern: Pattern,
	today: CivilDay
): Standing | null =>
	isLaidAnew(that.home.home, pattern)
		? standingAsAnswered(that.home.home, draft, starterLibrary(), allPatterns(), today)
		: null;

/** The home as it would be with the answers. */
export function asAnswered(that: HomeThatIs, draft: Draft, pattern: Pattern, today: CivilDay): AsAnswered {
	const changed = changeHome(that.home.home, draft, starterLibrary(), pattern, today, allPatterns());
	return changed.ok
		? {
				ok: true,
				home: asChanged(that.home, changed.home, today),
				projection: that.projection,
				anew: changed.anew
			}
		: changed;
}

/** The home that is there, where the first steps run again, and how it would be with the answers. */
import type { CivilDay } from '$core/calendar/civil';
import { asChanged, type PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { changeHome, isLaidAnew } from '$core/setup/change';
import type { Draft } from '$core/setup/draft';
import type { Pattern } from '$core/setup/pattern';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { starterLibrary } from '../../repo/patterns';
import { loadProjection } from '../../repo/projectionRepo';

export interface HomeThatIs {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
}

/** The home that these answers change, where whoever looks may change it; null where they begin a new one. */
export async function homeThatIs(draft: Draft, organises: string | null): Promise<HomeThatIs | null> {
	const { changes } = draft;
	if (changes === null || changes !== organises) return null;
	const home = await reading((db) => loadHome(db, changes));
	return home && { home, projection: await reading((db) => loadProjection(db, changes)) };
}

/** It as it would be with the answers, and whether its jobs are laid anew by them; null where they cannot be taken. */
export function asAnswered(that: HomeThatIs, draft: Draft, pattern: Pattern, today: CivilDay) {
	const edit = changeHome(that.home.home, draft, starterLibrary(), pattern, today);
	if (!edit.ok) return null;
	return {
		home: asChanged(that.home, edit.home, today),
		projection: that.projection,
		isAnew: isLaidAnew(that.home.home, pattern)
	};
}

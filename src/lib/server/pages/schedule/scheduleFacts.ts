/** What the pages of the Schedule are made of. */
import type { CivilDay } from '$core/calendar/civil';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { HomeProjection } from '$core/schedule/projection';
import { busyBetween } from '../../repo/busyRepo';
import type { StoredEntry } from '../../repo/ledgerRepo';

export interface ScheduleFacts {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly today: CivilDay;
	readonly entries: readonly StoredEntry[];
	readonly undone: ReadonlySet<string>;
	readonly busy: Awaited<ReturnType<typeof busyBetween>>;
	/** Who was given what. */
	readonly given: ReadonlyMap<string, string>;
}

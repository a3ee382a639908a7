/** The last changes of a home, each in words. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import { householdTime, wallTime } from '$core/calendar/instant';
import { changesOf } from '$core/setup/homeChanges';
import type { ChangesView } from '$views/house';
import { changeTexts } from '$words/homeChanges';
import { clockText, dayBehind } from '$words/general';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { readRevisions, revisionOf, revisionTimes } from '../../repo/homeRows';

/** How many changes are shown, and can be undone. */
export const LAST_CHANGES = 20;

export async function loadChanges(household: string): Promise<ChangesView> {
	return reading(async (db) => {
		const revision = await revisionOf(db, household);
		const after = Math.max(0, revision - LAST_CHANGES - 1);
		const [revisions, times] = [
			await readRevisions(db, household, after),
			await revisionTimes(db, household, after)
		];
		const rules = revisions.at(-1)?.home.household;
		const today = rules ? householdTime(now(), rules).date : (0 as CivilDay);
		const when = (at: number) => {
			if (!rules) return '';
			const { date } = householdTime(at, rules);
			const day =
				date === today ? 'today' : date === addDays(today, -1) ? 'yesterday' : dayBehind(date, today);
			return `${day}, ${clockText(wallTime(at, rules.timeZone), rules.clock)}`;
		};
		return {
			formId: uuidv7(),
			changes: revisions
				.flatMap((one, i) => {
					const before = revisions[i - 1];
					if (!before) return [];
					const texts = changeTexts(changesOf(before.home, one.home));
					return texts.length === 0
						? []
						: [{ revision: one.revision, when: when(times.get(one.revision) ?? 0), texts }];
				})
				.reverse()
		};
	});
}

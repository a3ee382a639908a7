/** What every page of the cupboard reads: the home, what there is, and what is needed in the coming days. */
import { addDays, type CivilDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { mayNeed } from '$core/cupboard/neededBy';
import { shoppingList, type ComingNeed, type Supply } from '$core/cupboard/shopping';
import { occurrencesBetween } from '$core/schedule/occurrences';
import type { PreparedHome } from '$core/schedule/preparedHome';
import type { ToBuyView } from '$views/supplies';
import { dayAhead } from '$words/general';
import { BUYING } from '$words/supplies/buying';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { loadProjection } from '../../repo/projectionRepo';
import { suppliesOf } from '../../repo/supplyRepo';
import type { Asker } from '../../services/ledger/whoMay';

/** So many days ahead what work needs comes first on the list to buy. */
const DAYS_AHEAD = 14;

export interface SupplyFacts {
	readonly home: PreparedHome;
	readonly supplies: readonly Supply[];
	readonly revision: number;
	readonly today: CivilDay;
	/** Products that work of the coming days may need. */
	readonly coming: readonly ComingNeed[];
	readonly mayEdit: boolean;
}

function comingNeeds(home: PreparedHome, dates: ReadonlyMap<string, readonly CivilDay[]>): ComingNeed[] {
	const { cupboard } = home.home;
	return home.series.flatMap((series) => {
		const [day] = dates.get(series.id) ?? [];
		if (day === undefined) return [];
		return [...mayNeed(series.job, cupboard)].map((product): ComingNeed => ({
			product,
			day,
			job: series.job.name
		}));
	});
}

export async function supplyFacts(asker: Asker): Promise<SupplyFacts> {
	return reading(async (db) => {
		const home = await loadHome(db, asker.householdId);
		if (!home) throw new RangeError('no such household');
		const { date: today } = householdTime(now(), home.home.household);
		const projection = await loadProjection(db, asker.householdId);
		const dates = occurrencesBetween(home, projection, today, today, addDays(today, DAYS_AHEAD));
		return {
			home,
			supplies: await suppliesOf(db, asker.householdId),
			revision: await revisionOf(db, asker.householdId),
			today,
			coming: comingNeeds(home, dates),
			mayEdit: asker.viewer?.role === 'organiser'
		};
	});
}

/** The list to buy as it is shown. */
export function toBuyViews({ home, supplies, coming, today }: SupplyFacts): ToBuyView[] {
	return shoppingList(home.home.cupboard, supplies, coming).map(({ neededOn, neededBy, ...one }) => ({
		...one,
		words: one.extra
			? BUYING.extra
			: neededOn !== null && one.level === 'out'
				? BUYING.needed(dayAhead(neededOn, today), neededBy ?? '')
				: one.level === 'out'
					? BUYING.out
					: BUYING.low
	}));
}

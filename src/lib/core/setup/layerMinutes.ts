/** What each part of the work asks for. Rules: "A week within its minutes". */
import { addDays, type CivilDay } from '../calendar/civil';
import { LAYERS, type Layer } from '../household/home';
import { outlook } from '../schedule/outlook';
import { prepareHome, type PreparedHome } from '../schedule/preparedHome';
import type { HomeProjection } from '../schedule/projection';
import { workOfHome } from '../schedule/workOfHome';
import { switchLayer } from './editHome';

/** Long enough for jobs that come every few weeks; a whole year for those that come a few times in it. */
const WEEKS: Record<Layer, number> = { basics: 12, weekly: 12, zone: 12, long: 52 };

/**
 * Minutes a week of each layer from `today` on, in the mean of the weeks to come and without what is somebody's own. A layer that
 * is off is measured as it would be, were it switched on today.
 */
export function layerMinutes(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay
): Record<Layer, number> {
	const minutes = { basics: 0, weekly: 0, zone: 0, long: 0 };
	for (const layer of LAYERS) {
		const edit = switchLayer(home.home, layer, true, today);
		const asked = edit.ok
			? prepareHome([
					...home.versions.filter((version) => version.from < today),
					{ from: today, home: edit.home }
				])
			: home;
		const days = outlook(asked, addDays(today, 1), 7 * WEEKS[layer], projection, today);
		const sum = days
			.map((day) => workOfHome(day, asked))
			.reduce((total, day) => total + (layer === 'zone' ? day.zoneMinutes : day[layer]), 0);
		minutes[layer] = sum / WEEKS[layer];
	}
	return minutes;
}

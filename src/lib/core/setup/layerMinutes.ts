/** What each part of the work asks for. Rules: "A week within its minutes". */
import { addDays, type CivilDay } from '../calendar/civil';
import { LAYERS, type Layer } from '../household/home';
import { outlook } from '../schedule/outlook';
import { asChanged, type PreparedHome } from '../schedule/preparedHome';
import type { HomeProjection } from '../schedule/projection';
import { workOfHome } from '../schedule/workOfHome';
import { switchLayer } from './editHome';

/** A year: what comes a few times in it counts as well. */
const WEEKS = 52;

/**
 * Minutes a week of each layer over the year from `today` on, without what is somebody's own. A layer that is off is measured as
 * it would be, were it switched on today. Rules: "A week within its minutes".
 */
export function layerMinutes(
	home: PreparedHome,
	projection: HomeProjection,
	today: CivilDay
): Record<Layer, number> {
	const yearOf = (of: PreparedHome) =>
		outlook(of, addDays(today, 1), 7 * WEEKS, projection, today).map((day) => workOfHome(day, of));
	const asItIs = yearOf(home);
	const minutesOf = (layer: Layer) => {
		const edit = switchLayer(home.home, layer, true, today);
		const days = edit.ok ? yearOf(asChanged(home, edit.home, today)) : asItIs;
		return days.reduce((sum, day) => sum + (layer === 'zone' ? day.zoneMinutes : day[layer]), 0) / WEEKS;
	};
	return Object.fromEntries(LAYERS.map((layer) => [layer, minutesOf(layer)])) as Record<Layer, number>;
}

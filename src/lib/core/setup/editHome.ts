/** Changes of the household and of its layers. */
import type { CivilDay } from '../calendar/civil';
import { spreadFirstDays } from './spread';
import { LAYERS, type Home, type Household, type Layer } from '../household/home';
import { type Effect, type Edit, refuse, finish, withLists } from './edit';

/**
 * The home with its household as it is to be: its name, week, rhythm, minutes a day. Where its zones take turns no more, the
 * jobs that came with them come so many days after they were last done. Rules: "Zone lists".
 */
export function changeHousehold(home: Home, household: Household): Edit {
	const { scheme } = home.household.rhythm;
	const next = household.rhythm.scheme;
	const items = next.type === 'none' ? home.zones.flatMap((zone) => zone.list) : [];
	const effects: Effect[] = [];
	if (items.length > 0) effects.push({ code: 'items-float', count: items.length });
	if (JSON.stringify(next) !== JSON.stringify(scheme)) effects.push({ code: 'history-stays' });
	return finish({ ...withLists(home, items, null), household }, effects);
}

/**
 * Switches a layer on or off from `today`. Jobs of a layer that comes on begin then, their first dates spread
 * over one interval of each; those of a layer that goes off keep their past and ask nothing.
 */
export function switchLayer(home: Home, layer: Layer, on: boolean, today: CivilDay): Edit {
	const has = home.household.layers.includes(layer);
	if (has === on) return refuse({ code: 'same' });
	const layers = LAYERS.filter((one) => (one === layer ? on : home.household.layers.includes(one)));
	const household = { ...home.household, layers };
	if (!on) return finish({ ...home, household }, [{ code: 'history-stays' }]);
	const mine = home.jobs.filter((job) => job.layer === layer);
	const running = home.jobs.filter((job) => home.household.layers.includes(job.layer));
	const spread = new Map(
		spreadFirstDays(mine, running, today, household, home.rooms).map((job) => [job.id, job])
	);
	return finish({ ...home, household, jobs: home.jobs.map((job) => spread.get(job.id) ?? job) });
}

/** The home's cleaning days and rules, and its layers, are changed. */
import { SETTINGS_SAYS } from '$words/answers/home';
import { LAYER_NAMES } from '$words/house';
import { householdTime } from '$core/calendar/instant';
import { LAYERS, type Home, type Layer } from '$core/household/home';
import type { Edit } from '$core/setup/edit';
import { changeHousehold, switchLayer } from '$core/setup/editHome';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { loadProjection } from '../../repo/projectionRepo';
import { byFields } from '../fieldForms';
import { editHome } from './editHome';
import { householdSaid, rhythmForm, type RhythmSaid } from './rhythmForm';

export async function facts(household: string) {
	const [home, projection, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await loadProjection(db, household), await revisionOf(db, household)] as const;
	});
	const at = now();
	return { home, projection, revision, today: householdTime(at, home.home.household).date };
}

/** The household's settings as a form says them. */
export const rhythmEdit = (home: Home, said: RhythmSaid): Edit =>
	changeHousehold(home, householdSaid(home.household, said));

export const editRhythm = (household: string, form: FormData) =>
	byFields(rhythmForm, form, (said) =>
		editHome(
			household,
			form,
			({ home }) => rhythmEdit(home, said),
			() => SETTINGS_SAYS.cleaningDaysAndHouseRules
		)
	);

export function editGrowing(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, today, text }) => {
			const layer = LAYERS.find((one) => one === text('layer'));
			if (!layer) return SETTINGS_SAYS.chooseOneOfTheFour;
			return switchLayer(home, layer, text('on') === '1', today);
		},
		({ text }) => {
			const layer = LAYER_NAMES[text('layer') as Layer] ?? '';
			return text('on') === '1'
				? SETTINGS_SAYS.onFromTodayFirstDates(layer)
				: SETTINGS_SAYS.turnedOffNothingOfIt(layer);
		}
	);
}

/** A bottle of a mix, from what the mixing table says. */
import { MIX_FORM_SAYS } from '$words/answers/supplies';
import { dilute, TARGETS } from '$core/cupboard/dilution';
import { BLEACH_KEEPS_DAYS, RECIPES, scaleRecipe } from '$core/cupboard/mixes';
import { LARGEST_MIX, type Mix } from '$core/household/cupboardSchema';
import type { Home } from '$core/household/home';
import { newCupboardId } from '$core/setup/editCupboard';
import { MIXING } from '$words/supplies/mixing';

/** To a tenth of a millilitre: nobody pours finer. */
const tenth = (ml: number) => Math.round(ml * 10) / 10;

const amount = (text: string) => Number(text.replace(',', '.'));

/** The mix that was chosen, or a sentence that says why there is none. */
export function mixFromForm(home: Home, text: (name: string) => string, today: string): Mix | string {
	const ml = amount(text('ml'));
	if (!(ml > 0)) return MIXING.wrong['no-volume'];
	if (ml > LARGEST_MIX) return MIXING.tooMuch;
	if (text('recipe') === 'bleach') {
		const target = TARGETS.find((one) => one.use === text('target'));
		const made = dilute(amount(text('strength')), target?.ppm ?? 0, ml);
		if (!made.ok) return MIXING.wrong[made.why];
		return {
			id: newCupboardId(home, MIXING.bleach),
			name: `${MIXING.bleach}, ${target?.ppm} ppm`,
			parts: [{ families: ['bleach'], ml: Math.max(0.1, tenth(made.productMl)) }],
			waterMl: tenth(made.waterMl),
			mixedOn: today,
			keepsDays: BLEACH_KEEPS_DAYS
		};
	}
	const recipe = RECIPES.find((one) => one.id === text('recipe'));
	if (!recipe) return MIX_FORM_SAYS.chooseWhatToMix;
	const scaled = scaleRecipe(recipe, ml);
	const name = MIXING.recipes[recipe.id]?.name ?? recipe.id;
	return {
		id: newCupboardId(home, name),
		name,
		parts: scaled.parts.map((part) => ({
			families: [...part.families],
			ml: Math.max(0.1, tenth(part.ml))
		})),
		waterMl: tenth(scaled.waterMl),
		mixedOn: today,
		keepsDays: scaled.keepsDays
	};
}

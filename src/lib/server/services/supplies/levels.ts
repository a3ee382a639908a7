/** What there is and what is to buy: told, written on the list, bought. */
import { LEVELS_SAYS } from '$words/answers/supplies';
import { LEVELS } from '$core/cupboard/shopping';
import { BUYING } from '$words/supplies/buying';
import { LEVEL_WORDS } from '$words/supplies/products';
import { SUPPLIES } from '$words/supplies/cupboard';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { loadHome } from '../../repo/homeRepo';
import { suppliesOf, tellLevel, writeOnList, writtenOnList } from '../../repo/supplyRepo';
import { typed } from '../guard';
import type { Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';

const levelForm = z.object({
	thing: z.string().min(1).max(60),
	level: z.enum(LEVELS),
	/** Milliseconds since the press, for one that waited for the connection. */
	ago: z.coerce.number().min(0).catch(0)
});

/** A tick that waited longer than this is taken as of then. */
const LONGEST_AGO = 30 * 86_400_000;

/** Says how much there is of a product or tool, or that something on the list is bought. */
export function tell(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async (db) => {
		const read = levelForm.safeParse(Object.fromEntries(form));
		if (!read.success) return fail(400, { message: SUPPLIES.mistake, values: typed(form) });
		const { thing, level, ago } = read.data;
		const home = await loadHome(db, asker.householdId);
		const { products, tools } = home?.home.cupboard ?? { products: [], tools: [] };
		const known = [...products, ...tools].find((one) => one.id === thing);
		const written = (await suppliesOf(db, asker.householdId)).find((one) => one.id === thing);
		if (!known && !written)
			return fail(404, {
				message: LEVELS_SAYS.thatIsNotInThe,
				values: typed(form)
			});
		const at = now() - Math.min(ago, LONGEST_AGO);
		await tellLevel(db, asker.householdId, thing, level, at, asker.viewer?.member ?? null);
		return { saved: `${known?.name ?? written?.name ?? ''}: ${LEVEL_WORDS[level]}.` };
	});
}

const writeForm = z.object({
	id: z.uuid(LEVELS_SAYS.reloadThePageAndTry),
	name: z.string().trim().min(1, LEVELS_SAYS.writeWhatToBuy).max(80, LEVELS_SAYS.keepItTo80Characters)
});

const MOST_WRITTEN = 200;

/** Writes something on the list that is not of the cupboard. */
export function write(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async (db) => {
		const read = writeForm.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, {
				message: read.error.issues[0]?.message ?? SUPPLIES.mistake,
				field: 'name',
				values: typed(form)
			});
		if ((await writtenOnList(db, asker.householdId)) >= MOST_WRITTEN)
			return fail(400, {
				message: LEVELS_SAYS.thereAreThingsOnThe(MOST_WRITTEN),
				values: typed(form)
			});
		const { id, name } = read.data;
		await writeOnList(db, asker.householdId, id, name, now(), asker.viewer?.member ?? null);
		return { saved: `${name}: ${BUYING.extra}.` };
	});
}

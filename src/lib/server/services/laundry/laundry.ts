/** Loads of laundry: put on the pile, told from stage to stage, taken off it. */
import { SAVED } from '$words/answers/general';
import { LAUNDRY_SAYS } from '$words/answers/laundry';
import { DRY_MINUTES, KIND_MINUTES, LOAD_KINDS, readLoad, STAGES } from '$core/laundry/laundry';
import { changeHousehold } from '$core/setup/editHome';
import { LOAD_WORDS, placeWords } from '$words/laundry';
import { fail } from '@sveltejs/kit';
import { z } from 'zod';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { addLoad, dropLoad, loadOf, putOff, tellLoad } from '../../repo/laundryRepo';
import { byFields } from '../fieldForms';
import { typed } from '../guard';
import { editHome } from '../home/editHome';
import type { Asker } from '../ledger/whoMay';
import { useCase } from '../useCase';
import { loadOfPile } from './pileLoads';

const addForm = z.object({
	id: z.uuid(LAUNDRY_SAYS.reloadThePageAndTry),
	name: z.string().trim().max(80, LAUNDRY_SAYS.keepTheNameShort).default(''),
	kind: z.enum(LOAD_KINDS, LAUNDRY_SAYS.sayWhatIsInThe),
	owner: z.string().max(60).default(''),
	dry: z.enum(['machine', 'line']).default('line')
});

/** Adds a load to the pile. */
export const add = (asker: Asker, form: FormData) =>
	byFields(addForm, form, (said) =>
		useCase(asker.householdId, form, async () => {
			const { id, kind, dry } = said;
			const home = await reading((db) => loadHome(db, asker.householdId));
			const owner = home?.home.members.find((one) => one.id === said.owner && one.role !== 'device');
			const name = said.name || (owner ? LAUNDRY_SAYS.clothesOf(owner.name) : LOAD_WORDS[kind]);
			await transaction((db) =>
				addLoad(
					db,
					asker.householdId,
					{
						id,
						name,
						kind,
						owner: owner?.id ?? null,
						dry,
						washMinutes: KIND_MINUTES[kind].wash,
						dryMinutes: DRY_MINUTES[dry]
					},
					now()
				)
			);
			return { message: LAUNDRY_SAYS.isOnTheListTo(name) };
		})
	);

const stageForm = z.object({
	id: z.uuid(LAUNDRY_SAYS.reloadThePageAndTry),
	load: z.uuid(),
	stage: z.enum([...STAGES, 'undo'])
});

/** Tells where a load has come to. */
export function tell(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const read = stageForm.safeParse(Object.fromEntries(form));
		if (!read.success)
			return fail(400, {
				message: LAUNDRY_SAYS.thisPressWasNotUnderstood,
				values: typed(form)
			});
		const { id, load, stage } = read.data;
		const done = await transaction(async (db) => {
			await loadOfPile(db, asker.householdId, load, now());
			return tellLoad(db, asker.householdId, load, {
				id,
				stage,
				at: now(),
				by: asker.viewer?.member ?? null
			});
		});
		if (!done) return fail(404, { message: LAUNDRY_SAYS.thereIsNoSuchLoad, values: typed(form) });
		const found = await reading((db) => loadOf(db, asker.householdId, load));
		const is = found ? readLoad(found, now()) : null;
		return {
			message: `${found?.name ?? LAUNDRY_SAYS.theLoad}${is?.stage === 'away' ? LAUNDRY_SAYS.isAway : ` is ${found ? placeWords(found, is?.stage ?? 'waiting') || LAUNDRY_SAYS.onThePile : ''}.`}`
		};
	});
}

/** Takes a load off the pile that nobody has begun. */
export function drop(asker: Asker, form: FormData) {
	return useCase(asker.householdId, form, async () => {
		const load = z.uuid().safeParse(form.get('load'));
		if (!load.success)
			return fail(400, {
				message: LAUNDRY_SAYS.thisPressWasNotUnderstood,
				values: typed(form)
			});
		const gone = await transaction(async (db) => {
			if (await loadOf(db, asker.householdId, load.data)) return dropLoad(db, asker.householdId, load.data);
			// A wash day that went by stays off only if it is written down.
			const missed = await loadOfPile(db, asker.householdId, load.data, now());
			return missed !== null && (await putOff(db, asker.householdId, load.data));
		});
		return gone
			? { message: LAUNDRY_SAYS.itIsRemovedFromThe }
			: fail(409, {
					message: LAUNDRY_SAYS.thatLoadIsUnderWay,
					values: typed(form)
				});
	});
}

/** Usual days, loads a day, and how it dries. */
export function set(household: string, form: FormData) {
	return editHome(
		household,
		form,
		({ home, text, list }) => {
			const { laundry } = home.household;
			const aDay = Number(text('aDay') || laundry.aDay);
			return changeHousehold(home, {
				...home.household,
				laundry: {
					days: form.has('withDays')
						? (list('days')
								.map(Number)
								.filter((day) => day >= 1 && day <= 7) as typeof laundry.days)
						: laundry.days,
					aDay: aDay >= 1 && aDay <= 6 ? aDay : laundry.aDay,
					dry: text('dry') === 'machine' ? 'machine' : text('dry') === 'line' ? 'line' : laundry.dry
				}
			});
		},
		() => SAVED
	);
}

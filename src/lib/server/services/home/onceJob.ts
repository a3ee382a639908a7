/** A job for one day is added: by whoever plans days, without an editor. */
import { ONCE_JOB_SAYS } from '$words/answers/home';
import { isoOf, toDay } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import { addOnceJob, onceJobSchema } from '$core/setup/onceJob';
import { editRefusalText } from '$words/edits';
import { longDate } from '$words/general';
import { fail } from '@sveltejs/kit';
import { message, setError, superValidate } from 'sveltekit-superforms/server';
import { zod4 } from 'sveltekit-superforms/adapters';
import { now } from '../../clock';
import { reading, transaction } from '../../db/pool';
import { changeHomeOnce, isChangeKnown, loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { useCase } from '../useCase';

export async function addOnce(household: string, data: FormData) {
	const form = await superValidate(data, zod4(onceJobSchema));
	if (!form.valid) return fail(400, { form });
	const { id, ...said } = form.data;
	const added = () => message(form, ONCE_JOB_SAYS.addedFor(longDate(toDay(said.date)), said.name));
	return useCase(household, data, async () => {
		const current = await reading((db) => revisionOf(db, household));
		const prepared = await reading((db) => loadHome(db, household));
		if (!prepared) throw new RangeError(`no household ${household}`);
		// Sent again because its answer was lost: it is done.
		if (await reading((db) => isChangeKnown(db, household, id))) return added();
		const at = now();
		const { date: today } = householdTime(at, prepared.home.household);
		const made = addOnceJob(prepared.home, said, isoOf(today));
		if ('refusal' in made) return setError(form, made.refusal.field, made.refusal.says);
		const { edit } = made;
		if (!edit.ok) return setError(form, 'name', editRefusalText(edit.refusal));
		await transaction((db) => changeHomeOnce(db, household, { id, revision: current }, edit.home, today, at));
		return added();
	});
}

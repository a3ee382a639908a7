import { z } from 'zod';
import { now } from '$server/clock';
import { transaction } from '$server/db/pool';
import { acting, loading } from '$server/pages/guard';
import { loadCrew } from '$server/pages/crew';
import { cameToHelp } from '$server/store/handoutStore';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:live');
	return {
		view: await loading(() => loadCrew(locals.householdId, url.searchParams.get('turn'))),
		canOpenDoors: locals.viewer?.role === 'organiser'
	};
};

export const actions: Actions = {
	came: async ({ locals, request }) => {
		const form = await request.formData();
		return acting(form, async () => {
			const call = z.uuid().safeParse(form.get('call'));
			if (call.success)
				await transaction((db) => cameToHelp(db, locals.householdId, { call: call.data }, now()));
			return { came: true };
		});
	}
};

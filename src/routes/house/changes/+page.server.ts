import { loadChanges } from '$server/pages/house/changes';
import { loading } from '$server/services/guard';
import { undoChange } from '$server/services/home/undoChange';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:home');
	return { view: await loading(() => loadChanges(locals.householdId)) };
};

export const actions: Actions = {
	undo: async ({ locals, request }) => undoChange(locals.householdId, await request.formData())
};

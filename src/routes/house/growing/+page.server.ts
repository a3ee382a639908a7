import { loadGrowing } from '$server/pages/house/keeping';
import { loading } from '$server/services/guard';
import { editGrowing } from '$server/services/home/settings';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadGrowing(locals.householdId))
});

export const actions: Actions = {
	switch: async ({ locals, request }) => editGrowing(locals.householdId, await request.formData())
};

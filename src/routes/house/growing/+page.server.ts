import { loading } from '$server/pages/guard';
import { editGrowing, loadGrowing } from '$server/pages/keeping';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadGrowing(locals.householdId))
});

export const actions: Actions = {
	switch: async ({ locals, request }) => editGrowing(locals.householdId, await request.formData())
};

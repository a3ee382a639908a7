import { loadAllJobs } from '$server/pages/house/allJobs';
import { loading } from '$server/services/guard';
import { editMany } from '$server/services/home/manyJobs';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadAllJobs(locals.householdId))
});

export const actions: Actions = {
	change: async ({ locals, request }) => editMany(locals.householdId, await request.formData())
};

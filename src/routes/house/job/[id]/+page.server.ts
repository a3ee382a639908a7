import { loadJobEditor } from '$server/pages/house/jobEditor';
import { loading } from '$server/services/guard';
import { editJob } from '$server/services/home/job';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => ({
	view: await loading(() =>
		loadJobEditor(locals.householdId, params.id, { room: url.searchParams.get('room') })
	)
});

export const actions: Actions = {
	edit: async ({ locals, params, request }) =>
		editJob(locals.householdId, params.id, await request.formData())
};

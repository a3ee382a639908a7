import { loading } from '$server/pages/guard';
import { addJob, loadLibrary } from '$server/pages/jobEditor';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() =>
		loadLibrary(locals.householdId, { words: url.searchParams.get('q'), room: url.searchParams.get('room') })
	)
});

export const actions: Actions = {
	add: async ({ locals, request }) => addJob(locals.householdId, await request.formData())
};

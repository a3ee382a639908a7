import { loadLibrary } from '$server/pages/house/library';
import { loading } from '$server/services/guard';
import { addJob } from '$server/services/home/job';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() =>
		loadLibrary(locals.householdId, {
			words: url.searchParams.get('q'),
			room: url.searchParams.get('room'),
			missing: url.searchParams.get('only') === 'missing'
		})
	)
});

export const actions: Actions = {
	add: async ({ locals, request }) => addJob(locals.householdId, await request.formData())
};

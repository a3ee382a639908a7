import { loadCrew } from '$server/pages/people/loadCrew';
import { loading } from '$server/services/guard';
import { came } from '$server/services/people/came';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:live');
	return {
		view: await loading(() => loadCrew(locals.householdId, url.searchParams.get('turn'))),
		canOpenDoors: locals.viewer?.role === 'organiser'
	};
};

export const actions: Actions = {
	came: async ({ locals, request }) => came(locals.householdId, await request.formData())
};

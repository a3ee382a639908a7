import { loadFamily } from '$server/pages/people/familyEdit';
import { loading } from '$server/services/guard';
import { editFamily, giveRibbon } from '$server/services/people/family';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadFamily(locals.householdId)),
	mayEdit: locals.viewer?.role === 'organiser'
});

export const actions: Actions = {
	keep: async ({ locals, request }) => editFamily(locals.householdId, await request.formData()),
	ribbon: async ({ locals, request }) => giveRibbon(locals.householdId, await request.formData())
};

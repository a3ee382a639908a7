import { loadLadder } from '$server/pages/people/growth';
import { loading } from '$server/services/guard';
import { already, answerLook, say } from '$server/services/people/growth';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:live');
	return { view: await loading(() => loadLadder(locals.householdId, url.searchParams.get('who'))) };
};

export const actions: Actions = {
	say: async ({ locals, request }) => say(locals, await request.formData()),
	already: async ({ locals, request }) => already(locals, await request.formData()),
	answer: async ({ locals, request }) => answerLook(locals, await request.formData())
};

import { loadLook } from '$server/pages/child/mine';
import { loading } from '$server/services/guard';
import { lookedRound } from '$server/services/people/child';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => ({
	view: await loading(() => loadLook(locals, params.line, url.searchParams.get('at')))
});

export const actions: Actions = {
	done: async ({ locals, params, request }) => lookedRound(locals, params.line, await request.formData())
};

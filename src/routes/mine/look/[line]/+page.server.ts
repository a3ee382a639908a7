import { loading } from '$server/pages/guard';
import { loadLook, lookedRound } from '$server/pages/mine';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url }) => ({
	view: await loading(() => loadLook(locals, params.line, url.searchParams.get('at')))
});

export const actions: Actions = {
	done: async ({ locals, params, request }) => lookedRound(locals, params.line, await request.formData())
};

import { loading } from '$server/pages/guard';
import { loadTickPaper, tickPaper } from '$server/pages/paper';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadTickPaper(locals, url.searchParams.get('code')))
});

export const actions: Actions = {
	tick: async ({ locals, request }) => tickPaper(locals, await request.formData())
};

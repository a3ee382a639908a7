import { loadTickPaper } from '$server/pages/print/paper';
import { loading } from '$server/services/guard';
import { tickPaper } from '$server/services/print/tickPaper';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadTickPaper(locals, url.searchParams.get('code')))
});

export const actions: Actions = {
	tick: async ({ locals, request }) => tickPaper(locals, await request.formData())
};

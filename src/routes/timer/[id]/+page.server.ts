import { loadRun } from '$server/pages/session/running';
import { loading } from '$server/services/guard';
import { carry, event } from '$server/services/session/press';
import { redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params, url, depends }) => {
	depends('app:session');
	return { run: await loading(() => loadRun(locals, params.id, url.searchParams.get('as'))) };
};

export const actions: Actions = {
	event: async ({ locals, params, request }) => {
		const form = await request.formData();
		const answer = await event(locals, params.id, form);
		if (form.get('back') === '/' && 'at' in answer) redirect(303, '/');
		return answer;
	},
	carry: async ({ locals, params, request }) => carry(locals, params.id, await request.formData())
};

import { loadFill } from '$server/pages/session/loadFill';
import { loading } from '$server/services/guard';
import { start } from '$server/services/session/startSession';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies }) => {
	const member = url.searchParams.get('for');
	const view = await loading(() => loadFill(locals, url.searchParams));
	// In the demo whoever fills pails on this device is remembered for the next one.
	if (locals.isDemo && member === view.member) {
		cookies.set('me', member, {
			path: '/',
			maxAge: 60 * 60 * 24 * 365,
			sameSite: 'lax'
		});
	}
	return { view };
};

export const actions: Actions = {
	start: async ({ locals, request }) => start(locals, await request.formData())
};

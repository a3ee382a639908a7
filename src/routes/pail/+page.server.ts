import { loading } from '$server/pages/guard';
import { loadFill, start } from '$server/pages/pail';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies }) => {
	const member = url.searchParams.get('for');
	const view = await loading(() =>
		loadFill(locals.householdId, {
			minutes: url.searchParams.get('minutes'),
			member,
			me: cookies.get('me') ?? null,
			zone: url.searchParams.get('zone') === '1'
		})
	);
	// Whoever fills pails on this device is remembered for the next one.
	if (member === view.member) {
		cookies.set('me', member, { path: '/', maxAge: 60 * 60 * 24 * 365, sameSite: 'lax', secure: false });
	}
	return { view };
};

export const actions: Actions = {
	start: async ({ locals, request }) => start(locals.householdId, await request.formData())
};

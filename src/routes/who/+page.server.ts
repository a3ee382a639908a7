import { redirect } from '@sveltejs/kit';
import { loading } from '$server/pages/guard';
import { iAm, iAmDone, loadWho } from '$server/pages/joining';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const view = await loading(() => loadWho(event));
	if (!view) redirect(303, '/sign-in');
	return { view };
};

export const actions: Actions = {
	is: async (event) => iAm(event, await event.request.formData()),
	done: async (event) => iAmDone(event)
};

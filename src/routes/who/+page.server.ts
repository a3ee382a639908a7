import { loadWho } from '$server/pages/access/joining';
import { iAm, iAmDone } from '$server/services/access/joining';
import { loading } from '$server/services/guard';
import { redirect } from '@sveltejs/kit';
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

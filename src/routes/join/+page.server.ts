import { loading } from '$server/pages/guard';
import { comeIn, loadInvitation } from '$server/pages/joining';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const found = await loading(() => loadInvitation(event));
	return { invited: found === 'gone' ? null : found, gone: found === 'gone' };
};

export const actions: Actions = {
	come: async (event) => comeIn(event, await event.request.formData())
};

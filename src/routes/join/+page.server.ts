import { loadInvitation } from '$server/pages/access/joining';
import { comeIn } from '$server/services/access/joining';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const found = await loading(() => loadInvitation(event));
	return { invited: found === 'gone' ? null : found, gone: found === 'gone' };
};

export const actions: Actions = {
	come: async (event) => comeIn(event, await event.request.formData())
};

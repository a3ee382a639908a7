import { askReset, setByReset } from '$server/services/access/signing';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({ code: url.searchParams.get('code') });

export const actions: Actions = {
	ask: async (event) => askReset(event, await event.request.formData()),
	set: async (event) => setByReset(event, await event.request.formData())
};

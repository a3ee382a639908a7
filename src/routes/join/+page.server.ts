import { doorForm, joinForm } from '$server/access/doorForms';
import { loadInvitation } from '$server/pages/access/joining';
import { comeIn, GONE } from '$server/services/access/joining';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => {
	const found = await loading(() => loadInvitation(event));
	return {
		come: await doorForm(joinForm, 'join'),
		invited: found === 'gone' ? null : found,
		gone: found === 'gone' ? GONE : null
	};
};

export const actions: Actions = {
	come: async (event) => comeIn(event, await event.request.formData())
};

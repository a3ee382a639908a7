import { askResetForm, doorForm, setPasswordForm } from '$server/access/doorForms';
import { askReset, setByReset } from '$server/services/access/signing';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	code: url.searchParams.get('code'),
	ask: await doorForm(askResetForm, 'ask'),
	set: await doorForm(setPasswordForm, 'set')
});

export const actions: Actions = {
	ask: async (event) => askReset(event, await event.request.formData()),
	set: async (event) => setByReset(event, await event.request.formData())
};

import { signUp } from '$server/services/access/signing';
import { makeWaiting } from '$server/services/setup/begin';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = ({ url }) => ({ waits: url.searchParams.get('to') === '/begin' });

export const actions: Actions = {
	up: async (event) =>
		signUp(event, await event.request.formData(), (account) => makeWaiting(event.cookies, account))
};

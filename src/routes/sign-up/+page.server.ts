import { doorForm, signUpForm } from '$server/access/doorForms';
import { SIGN_UP_CLOSED, signUp } from '$server/services/access/signing';
import { makeWaiting } from '$server/services/setup/begin';
import { env } from 'node:process';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ url }) => ({
	up: await doorForm(signUpForm, 'up'),
	waits: url.searchParams.get('to') === '/begin',
	closed: env.PAIL_SIGN_UP === 'closed' ? SIGN_UP_CLOSED : null
});

export const actions: Actions = {
	up: async (event) =>
		signUp(event, await event.request.formData(), (account) => makeWaiting(event.cookies, account))
};

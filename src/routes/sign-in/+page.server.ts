import { doorForm, secondForm, signInForm } from '$server/access/doorForms';
import { second, signIn, signOut } from '$server/services/access/signing';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	in: await doorForm(signInForm, 'in'),
	second: await doorForm(secondForm, 'second'),
	to: url.searchParams.get('to') ?? '/',
	signedIn: locals.access.signIn !== null,
	hasDemo: locals.homes.some((home) => home.isDemo)
});

export const actions: Actions = {
	in: async (event) => signIn(event, await event.request.formData()),
	second: async (event) => second(event, await event.request.formData()),
	out: async (event) => signOut(event)
};

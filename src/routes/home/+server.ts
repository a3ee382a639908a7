/** Which home this browser shows: the demo or one of its own. */
import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, cookies, locals }) => {
	const wanted = (await request.formData()).get('home');
	const home = locals.homes.find((one) => one.id === wanted);
	if (home) {
		cookies.set('home', home.id, {
			path: '/',
			maxAge: 60 * 60 * 24 * 365,
			httpOnly: true,
			sameSite: 'lax'
		});
	}
	redirect(303, '/');
};

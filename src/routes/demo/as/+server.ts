/** In the demo home alone: look at it as somebody else who lives there. */
import { COOKIES } from '$server/access/door';
import { startOf } from '$server/access/routes';
import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = async ({ request, cookies, locals }) => {
	const wanted = (await request.formData()).get('as');
	const one = locals.isDemo ? locals.access.canBe.find(({ id }) => id === wanted) : undefined;
	if (!one) redirect(303, '/');
	cookies.set(COOKIES.as, one.id, {
		path: '/',
		httpOnly: true,
		sameSite: 'lax',
		maxAge: 60 * 60 * 24 * 30
	});
	cookies.delete('me', { path: '/' });
	redirect(303, startOf({ role: one.role, member: one.id }));
};

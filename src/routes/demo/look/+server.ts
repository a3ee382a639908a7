/** Whoever is signed out asks to look round the demo home. */
import { COOKIES } from '$server/access/door';
import { redirect } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const POST: RequestHandler = ({ cookies }) => {
	cookies.set(COOKIES.demo, 'look', { path: '/', httpOnly: true, sameSite: 'lax', maxAge: 60 * 60 * 24 });
	redirect(303, '/');
};

import { redirect } from '@sveltejs/kit';
import { z } from 'zod';
import type { RequestHandler } from './$types';

const form = z.object({
	light: z.enum(['day', 'evening']).catch('day'),
	// Only a place within the app to go back to.
	back: z
		.string()
		.regex(/^\/(?![/\\])/)
		.catch('/')
});

export const POST: RequestHandler = async ({ request, cookies }) => {
	const { light, back } = form.parse(Object.fromEntries(await request.formData()));
	cookies.set('light', light, { path: '/', maxAge: 60 * 60 * 24 * 365, sameSite: 'lax' });
	redirect(303, back);
};

import { homeStream } from '$server/pages/files/files';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals }) =>
	new Response(homeStream(locals.householdId), {
		headers: {
			'Content-Type': 'application/json; charset=utf-8',
			'Content-Disposition': 'attachment; filename="home.json"'
		}
	});

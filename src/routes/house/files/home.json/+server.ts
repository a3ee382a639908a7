import { homeStream } from '$server/pages/files/files';
import { rememberExport } from '$server/services/access/deletion';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals, cookies }) => {
	rememberExport(cookies, locals.householdId);
	return new Response(homeStream(locals.householdId), {
		headers: {
			'Content-Type': 'application/json; charset=utf-8',
			'Content-Disposition': 'attachment; filename="home.json"'
		}
	});
};

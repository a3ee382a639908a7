import { buyingText } from '$server/pages/supplies/buying';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) =>
	new Response(await buyingText(locals), {
		headers: {
			'Content-Type': 'text/plain; charset=utf-8',
			'Content-Disposition': 'attachment; filename="to-buy.txt"'
		}
	});

import { productsCsv } from '$server/pages/files/tables';
import { loading } from '$server/services/guard';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ locals }) =>
	new Response(await loading(() => productsCsv(locals.householdId)), {
		headers: {
			'Content-Type': 'text/csv; charset=utf-8',
			'Content-Disposition': 'attachment; filename="products.csv"'
		}
	});

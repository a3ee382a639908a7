import { ledgerCsvStream } from '$server/pages/files/tables';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = ({ locals }) =>
	new Response(ledgerCsvStream(locals.householdId), {
		headers: {
			'Content-Type': 'text/csv; charset=utf-8',
			'Content-Disposition': 'attachment; filename="ledger.csv"'
		}
	});

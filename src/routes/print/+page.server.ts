import { loadPaper } from '$server/pages/print/paper';
import { loading } from '$server/services/guard';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadPaper(locals.householdId, url.searchParams))
});

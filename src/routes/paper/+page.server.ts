import { loading } from '$server/pages/guard';
import { loadPaper } from '$server/pages/paper';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadPaper(locals.householdId, url.searchParams))
});

import { now } from '$server/clock';
import { loadMonth } from '$server/pages/history/loadMonth';
import { loading } from '$server/services/guard';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() =>
		loadMonth(
			locals.householdId,
			{ month: url.searchParams.get('month'), by: url.searchParams.get('by') },
			now()
		)
	)
});

import { loadRhythm } from '$server/pages/house/keeping';
import { loading } from '$server/services/guard';
import { editRhythm } from '$server/services/home/settings';
import type { Actions, PageServerLoad } from './$types';

/** What is tried stands in the address: old and new lie side by side, and nothing is written. */
export const load: PageServerLoad = async ({ locals, url }) =>
	loading(() => loadRhythm(locals.householdId, url.searchParams.has('scheme') ? url.searchParams : null));

export const actions: Actions = {
	keep: async ({ locals, request }) => editRhythm(locals.householdId, await request.formData())
};

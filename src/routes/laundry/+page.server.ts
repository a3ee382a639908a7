import { loadLaundry } from '$server/pages/laundry/laundry';
import { loading } from '$server/services/guard';
import { add, drop, set, tell } from '$server/services/laundry/laundry';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:live', 'app:laundry');
	return { view: await loading(() => loadLaundry(locals)) };
};

export const actions: Actions = {
	add: async ({ locals, request }) => add(locals, await request.formData()),
	tell: async ({ locals, request }) => tell(locals, await request.formData()),
	drop: async ({ locals, request }) => drop(locals, await request.formData()),
	set: async ({ locals, request }) => set(locals.householdId, await request.formData())
};

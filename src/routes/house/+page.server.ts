import { loadHouse } from '$server/pages/house/house';
import { loading } from '$server/services/guard';
import { editHouse } from '$server/services/home/house';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:house');
	return {
		view: await loading(() =>
			loadHouse(locals.householdId, {
				room: url.searchParams.get('room'),
				zone: url.searchParams.get('zone')
			})
		)
	};
};

export const actions: Actions = {
	edit: async ({ locals, request }) => editHouse(locals, await request.formData())
};

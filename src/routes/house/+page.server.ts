import { loadHouse } from '$server/pages/house/house';
import { loading } from '$server/services/guard';
import { editHouse } from '$server/services/home/house';
import { homesBeside, takeRoomAlong } from '$server/services/home/takeRoomAlong';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:house');
	return {
		homesBeside: await loading(() => homesBeside(locals)),
		view: await loading(() =>
			loadHouse(locals.householdId, {
				room: url.searchParams.get('room'),
				zone: url.searchParams.get('zone')
			})
		)
	};
};

export const actions: Actions = {
	edit: async ({ locals, request }) => {
		const form = await request.formData();
		return form.get('op') === 'takeAlong' ? takeRoomAlong(locals, form) : editHouse(locals, form);
	}
};

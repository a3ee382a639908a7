import { loadDoor } from '$server/pages/supplies/door';
import { loading } from '$server/services/guard';
import { editCupboard } from '$server/services/supplies/cupboard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends, url }) => {
	depends('app:live', 'app:supplies');
	return { view: await loading(() => loadDoor(locals)), size: url.searchParams.get('size') };
};

export const actions: Actions = {
	edit: async ({ locals, request }) => editCupboard(locals, await request.formData())
};

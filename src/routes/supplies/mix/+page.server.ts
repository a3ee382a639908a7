import { loadMixing } from '$server/pages/supplies/mixing';
import { loading } from '$server/services/guard';
import { editCupboard } from '$server/services/supplies/cupboard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:live', 'app:supplies');
	return { view: await loading(() => loadMixing(locals)) };
};

export const actions: Actions = {
	edit: async ({ locals, request }) => editCupboard(locals, await request.formData())
};

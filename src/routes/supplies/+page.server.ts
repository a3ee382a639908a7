import { loadSupplies } from '$server/pages/supplies/supplies';
import { loading } from '$server/services/guard';
import { editCupboard } from '$server/services/supplies/cupboard';
import { tell } from '$server/services/supplies/levels';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:live', 'app:supplies');
	const asked = (name: string) => url.searchParams.get(name);
	return {
		view: await loading(() =>
			loadSupplies(locals, {
				product: asked('product'),
				on: asked('on'),
				after: asked('after'),
				as: asked('as')
			})
		)
	};
};

export const actions: Actions = {
	edit: async ({ locals, request }) => editCupboard(locals, await request.formData()),
	level: async ({ locals, request }) => tell(locals, await request.formData())
};

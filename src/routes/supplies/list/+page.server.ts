import { loadBuying } from '$server/pages/supplies/buying';
import { loading } from '$server/services/guard';
import { tell, write } from '$server/services/supplies/levels';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:live', 'app:supplies');
	return { view: await loading(() => loadBuying(locals)) };
};

export const actions: Actions = {
	tell: async ({ locals, request }) => tell(locals, await request.formData()),
	write: async ({ locals, request }) => write(locals, await request.formData())
};

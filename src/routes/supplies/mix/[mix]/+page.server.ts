import { loadLabel } from '$server/pages/supplies/mixing';
import { loading } from '$server/services/guard';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, params }) => ({
	label: await loading(() => loadLabel(locals, params.mix))
});

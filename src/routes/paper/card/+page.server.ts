import { loadSheet } from '$server/pages/print/paper';
import { loading } from '$server/services/guard';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const sheet = await loading(() => loadSheet(locals.householdId, url.searchParams));
	if (!sheet)
		error(404, {
			message: 'There is nothing to print for this.',
			remedy: 'It has no jobs yet. Choose another card on the Paper page.'
		});
	return { sheet };
};

import { cardAsked, loadSheet } from '$server/pages/print/paper';
import { loading } from '$server/services/guard';
import { keepCard } from '$server/services/print/keepCard';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const sheet = await loading(() => loadSheet(locals.householdId, url.searchParams));
	if (!sheet)
		error(404, {
			message: 'There is nothing to print for this.',
			remedy: 'It has no jobs yet. Choose another card on the Print page.'
		});
	return { sheet };
};

export const actions: Actions = {
	keep: async ({ locals, request, url }) =>
		keepCard(locals.householdId, await request.formData(), () =>
			cardAsked(locals.householdId, url.searchParams)
		)
};

import { PRINT_CARD_PAGE_SAYS } from '$words/answers/routes';
import { cardAsked, loadSheet } from '$server/pages/print/paper';
import { loading } from '$server/services/guard';
import { keepCard } from '$server/services/print/keepCard';
import { error } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const sheet = await loading(() => loadSheet(locals.householdId, url.searchParams));
	if (!sheet)
		error(404, {
			message: PRINT_CARD_PAGE_SAYS.thereIsNothingToPrint,
			remedy: PRINT_CARD_PAGE_SAYS.itHasNoJobsYet
		});
	return { sheet };
};

export const actions: Actions = {
	keep: async ({ locals, request, url }) =>
		keepCard(locals.householdId, await request.formData(), () =>
			cardAsked(locals.householdId, url.searchParams)
		)
};

import { loadWeek } from '$server/pages/people/crewWeek';
import { loading } from '$server/services/guard';
import { answer, ask, give, put } from '$server/services/people/week';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, depends }) => {
	depends('app:live');
	const ask = (name: string) => url.searchParams.get(name);
	return {
		view: await loading(() =>
			loadWeek(locals, {
				week: ask('week'),
				day: ask('day'),
				turn: ask('turn'),
				without: ask('without'),
				from: ask('from'),
				to: ask('to')
			})
		)
	};
};

export const actions: Actions = {
	give: async ({ locals, request }) => give(locals, await request.formData()),
	put: async ({ locals, request }) => put(locals, await request.formData()),
	ask: async ({ locals, request }) => ask(locals, await request.formData()),
	answer: async ({ locals, request }) => answer(locals, await request.formData())
};

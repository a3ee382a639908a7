import { loadBegin } from '$server/pages/setup/loadBegin';
import { loading } from '$server/services/guard';
import { anew, beginnerOf, start, take, touch } from '$server/services/setup/begin';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async (event) => ({
	view: await loading(() =>
		loadBegin(event.cookies, {
			step: event.url.searchParams.get('step'),
			room: event.url.searchParams.get('room'),
			beside: event.url.searchParams.get('beside'),
			hasHome: event.locals.homes.length > 0,
			organises: beginnerOf(event).organises
		})
	)
});

export const actions: Actions = {
	touch: async (event) => touch(event, await event.request.formData()),
	start: async (event) => start(event.cookies, await event.request.formData(), beginnerOf(event)),
	takeDemo: async ({ cookies, request, locals }) =>
		take(cookies, await request.formData(), locals.homes.find((home) => home.isDemo)?.id ?? ''),
	takeOwn: async ({ cookies, request, locals }) =>
		take(cookies, await request.formData(), locals.householdId),
	anew: async ({ cookies }) => anew(cookies)
};

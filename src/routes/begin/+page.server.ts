import { loadBegin } from '$server/pages/setup/loadBegin';
import { loading } from '$server/services/guard';
import { anew, beginnerOf, start, take, touch } from '$server/services/setup/begin';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies }) => ({
	view: await loading(() =>
		loadBegin(cookies, {
			step: url.searchParams.get('step'),
			room: url.searchParams.get('room'),
			beside: url.searchParams.get('beside'),
			hasHome: locals.homes.length > 0
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

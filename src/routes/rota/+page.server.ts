import { extra, move, skip, undo } from '$server/pages/entryActions';
import { loading } from '$server/pages/guard';
import { loadRota } from '$server/pages/rota';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies }) => ({
	view: await loading(() =>
		loadRota({
			household: locals.householdId,
			on: url.searchParams.get('on'),
			mode: url.searchParams.get('show'),
			find: url.searchParams.get('find'),
			me: cookies.get('me') ?? null
		})
	)
});

export const actions: Actions = {
	move: async ({ locals, request }) => move(locals.householdId, await request.formData()),
	skip: async ({ locals, request }) => skip(locals.householdId, await request.formData()),
	extra: async ({ locals, request }) => extra(locals.householdId, await request.formData()),
	undo: async ({ locals, request }) => undo(locals.householdId, await request.formData())
};

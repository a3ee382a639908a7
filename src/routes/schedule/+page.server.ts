import { loadSchedule } from '$server/pages/schedule/loadSchedule';
import { editWeeks } from '$server/services/home/weeks';
import { loading } from '$server/services/guard';
import { extra, move, skip, undo } from '$server/services/ledger/entryActions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() =>
		loadSchedule({
			household: locals.householdId,
			on: url.searchParams.get('on'),
			mayEdit: locals.viewer?.role === 'organiser',
			mode: url.searchParams.get('show'),
			find: url.searchParams.get('find'),
			me: locals.me
		})
	)
});

export const actions: Actions = {
	move: async ({ locals, request }) => move(locals, await request.formData()),
	skip: async ({ locals, request }) => skip(locals, await request.formData()),
	extra: async ({ locals, request }) => extra(locals, await request.formData()),
	weeks: async ({ locals, request }) => editWeeks(locals.householdId, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData())
};

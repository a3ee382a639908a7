import { loadPauses } from '$server/pages/house/keeping';
import { loading } from '$server/services/guard';
import { move, pause, undo } from '$server/services/ledger/entryActions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => ({
	view: await loading(() => loadPauses(locals.householdId))
});

export const actions: Actions = {
	pause: async ({ locals, request }) => pause(locals, await request.formData()),
	move: async ({ locals, request }) => move(locals, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData())
};

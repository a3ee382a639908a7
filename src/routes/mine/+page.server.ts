import { loadMine } from '$server/pages/child/mine';
import { loading } from '$server/services/guard';
import { tick, undo } from '$server/services/ledger/entryActions';
import { help } from '$server/services/people/child';
import { answer, ask } from '$server/services/people/week';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, depends }) => {
	depends('app:live');
	return { view: await loading(() => loadMine(locals)) };
};

export const actions: Actions = {
	tick: async ({ locals, request }) => tick(locals, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData()),
	help: async ({ locals, request }) => help(locals, await request.formData(), false),
	came: async ({ locals, request }) => help(locals, await request.formData(), true),
	swap: async ({ locals, request }) => {
		const form = await request.formData();
		return form.has('swap') ? answer(locals, form) : ask(locals, form);
	}
};

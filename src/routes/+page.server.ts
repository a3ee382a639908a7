import { error } from '@sveltejs/kit';
import { now } from '$server/clock';
import { enough, skip, tick, undo } from '$server/pages/entryActions';
import { loading } from '$server/pages/guard';
import { loadToday, NoSuchDay } from '$server/pages/today';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies, depends }) => {
	depends('app:today', 'app:live');
	try {
		const view = await loading(() =>
			loadToday({
				household: locals.householdId,
				on: url.searchParams.get('on'),
				open: url.searchParams.get('open'),
				me: locals.me,
				now: now()
			})
		);
		return { view };
	} catch (cause) {
		if (!(cause instanceof NoSuchDay)) throw cause;
		error(404, {
			message: 'There is no such day to show.',
			remedy: 'Write it as YYYY-MM-DD, at most a year and a half ahead.'
		});
	}
};

export const actions: Actions = {
	tick: async ({ locals, request }) => tick(locals, await request.formData()),
	skip: async ({ locals, request }) => skip(locals, await request.formData()),
	enough: async ({ locals, request }) => enough(locals, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData())
};

import { PAGE_SAYS } from '$words/answers/routes';
import { now } from '$server/clock';
import { loadToday, NoSuchDay } from '$server/pages/today/loadToday';
import { loading } from '$server/services/guard';
import { call, dayDepth, enough, move, note, skip, tick, undo } from '$server/services/ledger/entryActions';
import { addOnce } from '$server/services/home/onceJob';
import { leftOpenDone } from '$server/services/session/leftOpen';
import { error, redirect } from '@sveltejs/kit';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url, cookies, depends }) => {
	depends('app:today', 'app:live');
	const isDevice = locals.viewer?.role === 'device';
	const asked = url.searchParams.get('by');
	if (isDevice && asked !== null) {
		// Whoever tapped ticks in their name for a while; then the next one says who they are.
		cookies.set('tapped', asked.slice(0, 60), { path: '/', maxAge: 180, httpOnly: true, sameSite: 'lax' });
		// Not from the address: that would say it again each time the page is read.
		const rest = new URLSearchParams(url.searchParams);
		rest.delete('by');
		redirect(303, rest.size > 0 ? `/?${rest}` : '/');
	}
	const tapped = cookies.get('tapped') ?? '';
	try {
		const view = await loading(() =>
			loadToday({
				household: locals.householdId,
				on: url.searchParams.get('on'),
				open: url.searchParams.get('open'),
				me: isDevice ? tapped : locals.me,
				isDevice,
				mayEdit: locals.viewer?.role === 'organiser',
				now: now()
			})
		);
		return { view };
	} catch (cause) {
		if (!(cause instanceof NoSuchDay)) throw cause;
		error(404, {
			message: PAGE_SAYS.thereIsNoSuchDay,
			remedy: PAGE_SAYS.writeItAsYyyyMm
		});
	}
};

export const actions: Actions = {
	tick: async ({ locals, request }) => tick(locals, await request.formData()),
	once: async ({ locals, request }) => addOnce(locals.householdId, await request.formData()),
	skip: async ({ locals, request }) => skip(locals, await request.formData()),
	note: async ({ locals, request }) => note(locals, await request.formData()),
	move: async ({ locals, request }) => move(locals, await request.formData()),
	call: async ({ locals, request }) => call(locals, await request.formData()),
	depth: async ({ locals, request }) => dayDepth(locals, await request.formData()),
	enough: async ({ locals, request }) => enough(locals, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData()),
	left: async ({ locals, request }) => leftOpenDone(locals.householdId, await request.formData())
};

import { now } from '$server/clock';
import { loadLedger } from '$server/pages/history/loadLedger';
import { loading } from '$server/services/guard';
import { undo, writeIn } from '$server/services/ledger/entryActions';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => {
	const ask = (name: string) => url.searchParams.get(name);
	const view = await loading(() =>
		loadLedger({
			household: locals.householdId,
			job: ask('job'),
			by: ask('by'),
			room: ask('room'),
			to: ask('to'),
			open: ask('open'),
			page: ask('page'),
			entry: ask('entry'),
			me: locals.me,
			now: now()
		})
	);
	return { view, writing: ask('write') === '1' };
};

export const actions: Actions = {
	write: async ({ locals, request }) => writeIn(locals, await request.formData()),
	undo: async ({ locals, request }) => undo(locals, await request.formData())
};

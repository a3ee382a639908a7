import { calendarIn, makeFeed } from '$server/pages/calendars';
import { jobsFromCsv, ledgerFromCsv } from '$server/pages/tables';
import { loadFiles } from '$server/pages/files';
import { loading } from '$server/pages/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadFiles(locals.householdId)),
	origin: url.origin
});

export const actions: Actions = {
	feed: async ({ locals, request }) => makeFeed(locals.householdId, await request.formData()),
	jobs: async ({ locals, request }) => jobsFromCsv(locals.householdId, await request.formData()),
	ledger: async ({ locals, request }) => ledgerFromCsv(locals.householdId, await request.formData()),
	calendar: async ({ locals, request }) => calendarIn(locals.householdId, await request.formData())
};

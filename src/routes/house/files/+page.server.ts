import { houseAddress } from '$server/access/houseAddress';
import { loadFiles } from '$server/pages/files/files';
import { calendarIn, makeFeed } from '$server/services/files/calendars';
import { jobsFromCsv, ledgerFromCsv, productsFromCsv } from '$server/services/files/tables';
import { loading } from '$server/services/guard';
import type { Actions, PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	view: await loading(() => loadFiles(locals.householdId)),
	origin: (await houseAddress()) ?? url.origin
});

export const actions: Actions = {
	feed: async ({ locals, request }) => makeFeed(locals.householdId, await request.formData()),
	jobs: async ({ locals, request }) => jobsFromCsv(locals.householdId, await request.formData()),
	products: async ({ locals, request }) => productsFromCsv(locals.householdId, await request.formData()),
	ledger: async ({ locals, request }) => ledgerFromCsv(locals.householdId, await request.formData()),
	calendar: async ({ locals, request }) => calendarIn(locals.householdId, await request.formData())
};

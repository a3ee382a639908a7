import { DEMO_OUTBOX_PAGE_SAYS } from '$words/answers/routes';
import { reading } from '$server/db/pool';
import { outboxMail } from '$server/repo/outboxRepo';
import { loading } from '$server/services/guard';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals }) => {
	if (!locals.isDemo || locals.viewer?.role !== 'organiser')
		error(404, {
			message: DEMO_OUTBOX_PAGE_SAYS.thereIsNoSuchPage,
			remedy: DEMO_OUTBOX_PAGE_SAYS.goBackToToday
		});
	// What was written in the demo, and nothing else, ever.
	const mail = await loading(() => reading((db) => outboxMail(db, true)));
	return { mail };
};

import type { PageServerLoad } from './$types';

export const load: PageServerLoad = ({ locals }) => ({
	hasDemo: locals.homes.some((home) => home.isDemo)
});

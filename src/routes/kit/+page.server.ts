/** The parts of the kit, side by side: while the app is developed and tested, and nowhere else. */
import { KIT_PAGE_SAYS } from '$words/answers/routes';
import { dev } from '$app/environment';
import { env } from '$env/dynamic/private';
import { error } from '@sveltejs/kit';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = () => {
	if (!dev && env.PAIL_KIT !== 'yes')
		error(404, { message: KIT_PAGE_SAYS.thereIsNothingHere, remedy: KIT_PAGE_SAYS.goBackToToday });
	return {};
};

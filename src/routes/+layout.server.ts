import { loading } from '$server/pages/guard';
import { reading } from '$server/db/pool';
import { loadHome } from '$server/store/homeStore';
import type { LayoutServerLoad } from './$types';

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('app:home');
	const home = await loading(() => reading((db) => loadHome(db, locals.householdId)));
	return {
		household: home?.home.household.name ?? '',
		isDemo: locals.isDemo,
		homes: locals.homes.map(({ id, name, isDemo }) => ({
			id,
			name,
			isDemo,
			current: id === locals.householdId
		})),
		light: cookies.get('light') ?? ''
	};
};

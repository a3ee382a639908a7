import { extentOf } from '$core/people/permissions';
import { ROUTES, opens, startOf } from '$server/access/routes';
import { now } from '$server/clock';
import { reading } from '$server/db/pool';
import { loading } from '$server/services/guard';
import { callWords } from '$server/pages/today/tags';
import { openCalls } from '$server/repo/assignmentRepo';
import { loadHome } from '$server/repo/homeRepo';
import type { LayoutServerLoad } from './$types';

const PLACES = [
	{ href: '/', name: 'Today' },
	{ href: '/timer', name: 'Pail' },
	{ href: '/schedule', name: 'Rota' },
	{ href: '/house', name: 'House' },
	{ href: '/people', name: 'Crew' },
	{ href: '/history', name: 'Ledger' },
	{ href: '/print', name: 'Paper' }
] as const;

export const load: LayoutServerLoad = async ({ locals, cookies, depends }) => {
	depends('app:home', 'app:live');
	const { viewer, access, isDemo } = locals;
	const home =
		viewer === null ? null : await loading(() => reading((db) => loadHome(db, locals.householdId)));
	const grown = viewer !== null && startOf(viewer) === '/';
	const as = isDemo ? access.canBe.find((one) => one.id === (viewer?.member ?? 'kitchen-tablet')) : null;
	// A call for help reaches whoever can come, whatever page they look at.
	const hears = viewer !== null && (viewer.role === 'device' || extentOf(viewer.role, 'confirm') !== null);
	const calls = hears
		? await loading(() => reading((db) => openCalls(db, locals.householdId, now() - 3 * 3_600_000)))
		: [];
	return {
		household: home?.home.household.name ?? '',
		isDemo,
		role: viewer?.role ?? null,
		/** Places that this one may open; children and helpers have a page of their own and no others. */
		places: grown
			? PLACES.filter(({ href }) => opens(ROUTES[href]?.see ?? 'doors', viewer, access.signIn !== null))
			: [],
		// Whoever is a child here is not told of other homes.
		homes: grown
			? locals.homes.map(({ id, name, isDemo: demo }) => ({
					id,
					name,
					isDemo: demo,
					current: id === locals.householdId
				}))
			: [],
		/** In the demo: as whom it is looked at, and who else one can be. */
		as: as ? { name: as.name, others: access.canBe.filter((one) => one.id !== as.id) } : null,
		/** Whoever is signed in at a device of the family. */
		atDevice: access.device !== null && access.signIn?.how === 'pin',
		isDevice: viewer?.role === 'device' && !isDemo,
		hasKeys: grown && viewer.role !== 'device' && !isDemo,
		calls: calls.map((call) => ({ id: call.id, words: callWords(home, call) })),
		mayCome: viewer !== null && extentOf(viewer.role, 'see-crew') !== null,
		maySay: opens(ROUTES['/say']?.see ?? 'doors', viewer, access.signIn !== null),
		changes: access.current?.changes ?? 0,
		light: cookies.get('light') ?? ''
	};
};

import { isoOf } from '$core/calendar/civil';
import { householdTime } from '$core/calendar/instant';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { extentOf } from '$core/people/permissions';
import { ROUTES, opens, startOf } from '$server/access/routes';
import { now } from '$server/clock';
import { reading } from '$server/db/pool';
import { loading } from '$server/services/guard';
import { callWords } from '$server/pages/today/jobRows';
import { openCalls } from '$server/repo/assignmentRepo';
import { loadHome } from '$server/repo/homeRepo';
import { WHOLE_PAGES } from '$views/frame';
import type { FrameView } from '$views/frame';
import { PLACES } from '$words/frame';
import type { LayoutServerLoad } from './$types';

/** The home's own way of writing dates and times; that of nobody in particular before a home is known. */
function writingOf(home: PreparedHome | null, at: number) {
	const rules = home?.home.household;
	return {
		dates: rules?.dates ?? ('dayFirst' as const),
		units: rules?.units ?? ('metric' as const),
		clock: rules?.clock ?? ('24h' as const),
		weekStart: rules?.weekStart ?? 1,
		today: rules ? isoOf(householdTime(at, rules).date) : null
	};
}

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
	const frame: Omit<FrameView, 'path'> = {
		household: home?.home.household.name ?? '',
		isDemo,
		// Children and helpers have a page of their own and no others.
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
		as: as ? { name: as.name, others: access.canBe.filter((one) => one.id !== as.id) } : null,
		atDevice: access.device !== null && access.signIn?.how === 'pin',
		isDevice: viewer?.role === 'device' && !isDemo,
		hasKeys: grown && viewer.role !== 'device' && !isDemo,
		maySay: opens(ROUTES['/say']?.see ?? 'doors', viewer, access.signIn !== null),
		light: cookies.get('light') ?? ''
	};
	return {
		frame,
		isDemo,
		/** Whether the page is hydrated part by part. */
		inParts: cookies.get(WHOLE_PAGES) === undefined,
		role: viewer?.role ?? null,
		/** How dates and times are written here. */
		writing: writingOf(home, now()),
		/** Who to call, wherever a danger is told. */
		poisonCentre: home?.home.cupboard.poisonCentre ?? '',
		calls: calls.map((call) => ({ id: call.id, words: callWords(home, call) })),
		mayCome: viewer !== null && extentOf(viewer.role, 'see-crew') !== null,
		changes: access.current?.changes ?? 0
	};
};

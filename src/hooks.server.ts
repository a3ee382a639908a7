import { building } from '$app/environment';
import { accessAt, COOKIES, type Access } from '$server/access/door';
import { movedTo } from '$server/access/oldAddresses';
import { actionOf, needsOf, opens, startOf } from '$server/access/routes';
import { now } from '$server/clock';
import { DatabaseAway, DiskFull, reading } from '$server/db/pool';
import { log } from '$server/log';
import { largeLast } from '$server/largeLast';
import { startSweeping } from '$server/ops/sweep';
import { fingerprint } from '$server/secrets';
import { FAULT_SAYS } from '$words/answers/general';
import { writingFor } from '$server/writing';
import {
	error,
	redirect,
	type Handle,
	type HandleServerError,
	type RequestEvent,
	type ServerInit
} from '@sveltejs/kit';

/** What is served without asking who is there: what the app itself is made of. */
const needsNobody = (path: string) =>
	path.startsWith('/_app/') || path === '/favicon.svg' || path === '/alive' || path.startsWith('/calendar/');

const NOBODY: Access = {
	signIn: null,
	device: null,
	homes: [],
	current: null,
	viewer: null,
	isLivedIn: true,
	canBe: []
};

/** Who each bearer of cookies was when the record book was last there: for the time in which it is away. */
const lastKnown = new Map<string, Access>();

function bearerOf({ cookies }: RequestEvent): string {
	return fingerprint(
		Object.values(COOKIES)
			.map((name) => cookies.get(name) ?? '')
			.join('\n')
	);
}

async function standingOf(event: RequestEvent): Promise<Access> {
	const bearer = bearerOf(event);
	try {
		const access = await reading((db) => accessAt(db, event.cookies, now()));
		lastKnown.delete(bearer);
		lastKnown.set(bearer, access);
		if (lastKnown.size > 500) lastKnown.delete(lastKnown.keys().next().value as string);
		return access;
	} catch (cause) {
		if (!(cause instanceof DatabaseAway)) throw cause;
		// The page itself says that the book is away, and keeps what was typed. Nothing can be read meanwhile.
		const access = lastKnown.get(bearer);
		if (!access) error(503, FAULT_SAYS.away);
		return access;
	}
}

/** Requests that change something come from a page of this very server. */
function comesFromHere({ request, url }: RequestEvent): boolean {
	if (request.method === 'GET' || request.method === 'HEAD' || request.method === 'OPTIONS') return true;
	return request.headers.get('origin') === url.origin;
}

/** Refuses, or sends on, whoever may not have what is asked for. */
function guard(event: RequestEvent, access: Access): void {
	const { url, request, route } = event;
	const method = request.method;
	if (route.id === null) return;
	const action = method === 'POST' ? actionOf(url) : null;
	const needs = needsOf(route.id, method, action);
	if (needs === null) {
		log.warn({ route: route.id, method, action }, 'refused: no such door');
		error(method === 'GET' || method === 'POST' ? 404 : 405, FAULT_SAYS.nothingHere);
	}
	if (opens(needs, access.viewer, access.signIn !== null)) return;
	if (method === 'GET' && needs !== 'follow') {
		// A page is asked for: whoever can be somebody is sent where they begin.
		if (access.viewer !== null && route.id === '/') redirect(303, startOf(access.viewer));
		if (access.viewer === null) redirect(303, anywhere(access, url));
	}
	log.warn({ route: route.id, method, action, role: access.viewer?.role ?? 'nobody' }, 'refused');
	if (access.viewer === null) error(401, FAULT_SAYS.loggedOut);
	error(403, FAULT_SAYS.notForYou);
}

/** Where somebody without a home goes: to sign in, or to the first steps of a house that nobody lives in. */
function anywhere(access: Access, url: URL): string {
	if (access.device && !access.viewer) return '/who';
	const back = url.pathname === '/' ? '' : `?to=${encodeURIComponent(url.pathname)}`;
	return access.signIn?.account || !access.isLivedIn ? '/begin' : `/sign-in${back}`;
}

export const init: ServerInit = () => {
	if (!building) startSweeping();
};

/** Actions read forms; what else is sent to them is told so, and not read. */
function isForm({ request }: RequestEvent): boolean {
	const type = (request.headers.get('content-type') ?? '').split(';')[0]?.trim().toLowerCase() ?? '';
	return type === 'multipart/form-data' || type === 'application/x-www-form-urlencoded';
}

export const handle: Handle = async ({ event, resolve }) => {
	const { pathname } = event.url;
	const moved = event.request.method === 'GET' ? movedTo(event.url) : null;
	if (moved !== null) redirect(308, moved);
	if (event.request.method === 'POST' && actionOf(event.url) !== null && !isForm(event))
		error(415, FAULT_SAYS.noForm);
	if (!comesFromHere(event)) {
		log.warn({ path: pathname }, 'refused: from elsewhere');
		error(403, FAULT_SAYS.fromElsewhere);
	}
	// One rule for every cookie: by HTTPS alone where this came by HTTPS.
	const { set } = event.cookies;
	event.cookies.set = (name, value, options) =>
		set(name, value, { ...options, secure: event.url.protocol === 'https:' });
	const access = needsNobody(pathname) ? NOBODY : await standingOf(event);
	event.locals.access = access;
	event.locals.homes = access.homes;
	event.locals.householdId = access.current?.id ?? '';
	event.locals.isDemo = access.current?.isDemo ?? false;
	event.locals.viewer = access.viewer;
	// In the demo whoever fills pails on this device is remembered, as long as nobody in particular is chosen.
	event.locals.me =
		event.locals.isDemo && access.viewer?.role === 'organiser'
			? (event.cookies.get('me') ?? access.viewer.member)
			: (access.viewer?.member ?? null);
	if (!needsNobody(pathname)) guard(event, access);
	const light = event.cookies.get('light');
	const attribute = light === 'day' || light === 'evening' ? `data-light="${light}"` : '';
	const response = await writingFor(event.locals.householdId, () =>
		resolve(event, {
			transformPageChunk: ({ html }) => html.replace('%pail.light%', attribute),
			preload: ({ type, path }) =>
				type === 'js' || type === 'css' || (type === 'font' && /latin-(400|wght).*\.woff2$/.test(path))
		})
	);
	const { headers } = response;
	const files = headers.get('link');
	if (files !== null) headers.set('link', largeLast(files));
	headers.set('X-Content-Type-Options', 'nosniff');
	headers.set('Referrer-Policy', 'same-origin');
	headers.set('X-Frame-Options', 'DENY');
	headers.set('Cross-Origin-Opener-Policy', 'same-origin');
	headers.set('Cross-Origin-Resource-Policy', 'same-origin');
	headers.set('Permissions-Policy', 'camera=(), microphone=(), geolocation=(), payment=()');
	if (event.url.protocol === 'https:') headers.set('Strict-Transport-Security', 'max-age=31536000');
	// What a home says is for those who are in it, and for no cache on the way.
	if (!needsNobody(pathname) && !headers.has('cache-control'))
		headers.set('Cache-Control', 'private, no-cache');
	return response;
};

export const handleError: HandleServerError = ({ error: cause, event, status }) => {
	if (cause instanceof DiskFull) {
		log.error({ path: event.route.id ?? 'unknown' }, 'disk full');
		return FAULT_SAYS.diskFull;
	}
	if (cause instanceof DatabaseAway) {
		log.warn({ path: event.url.pathname }, 'database away');
		return FAULT_SAYS.away;
	}
	if (status === 404) return FAULT_SAYS.nothingHere;
	if (status === 405 || status === 415) return FAULT_SAYS.noForm;
	if (status === 413) return FAULT_SAYS.tooLarge;
	// A reset or an invitation stands in the address: of the path alone the log may know.
	log.error({ path: event.route.id ?? 'unknown', err: cause }, 'unexpected');
	return FAULT_SAYS.unexpected;
};

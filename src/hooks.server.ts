import { error, redirect, type Handle, type HandleServerError } from '@sveltejs/kit';
import { DatabaseAway, reading } from '$server/db/pool';
import { log } from '$server/log';
import { listHouseholds, type HouseholdRow } from '$server/store/homeStore';

/** Pages that are served without the record book: what the app itself is made of. */
const needsHome = (path: string) =>
	!path.startsWith('/_app/') &&
	path !== '/favicon.svg' &&
	path !== '/alive' &&
	!path.startsWith('/calendar/');

/** The homes as they were last read: for the time in which the database is away. */
let lastKnown: readonly HouseholdRow[] = [];

/** What can be done before there is a home. */
const withoutHome = (path: string) =>
	path.startsWith('/begin') || path === '/light' || path.startsWith('/schema/');

export const handle: Handle = async ({ event, resolve }) => {
	const { pathname } = event.url;
	if (needsHome(pathname)) {
		// No sign-in yet: the home that this browser chose, else the newest own one, else the demo.
		let homes: readonly HouseholdRow[];
		try {
			homes = lastKnown = await reading((db) => listHouseholds(db));
		} catch (cause) {
			if (!(cause instanceof DatabaseAway)) throw cause;
			// The page itself says that the book is away, and keeps what was typed.
			if (lastKnown.length === 0) error(503, AWAY);
			homes = lastKnown;
		}
		const current = homes.find((one) => one.id === event.cookies.get('home')) ?? homes[0];
		event.locals.homes = homes;
		event.locals.householdId = current?.id ?? '';
		event.locals.isDemo = current?.isDemo ?? false;
		if (!current && !withoutHome(pathname)) redirect(303, '/begin');
	}
	const light = event.cookies.get('light');
	const attribute = light === 'day' || light === 'evening' ? `data-light="${light}"` : '';
	const response = await resolve(event, {
		transformPageChunk: ({ html }) => html.replace('%pail.light%', attribute),
		preload: ({ type, path }) =>
			type === 'js' || type === 'css' || (type === 'font' && /latin-(400|wght)/.test(path))
	});
	response.headers.set('X-Content-Type-Options', 'nosniff');
	response.headers.set('Referrer-Policy', 'same-origin');
	return response;
};

const AWAY = {
	message: 'The record book cannot be reached just now.',
	remedy: 'Nothing is lost. Wait a moment, then try again; what you typed is still here.'
};

export const handleError: HandleServerError = ({ error: cause, event, status }) => {
	if (cause instanceof DatabaseAway) {
		log.warn({ path: event.url.pathname }, 'database away');
		return AWAY;
	}
	if (status === 404) return { message: 'There is nothing on this hook.', remedy: 'Go back to Today.' };
	if (status === 413)
		return {
			message: 'That is too large to be taken in.',
			remedy: 'A home is never larger than 64 MB. Is it the right file?'
		};
	log.error({ path: event.url.pathname, err: cause }, 'unexpected');
	return {
		message: 'Something went wrong here.',
		remedy: 'Nothing was half-written. Try again; if it stays, restart the app.'
	};
};

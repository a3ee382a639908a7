import { error, type Handle, type HandleServerError } from '@sveltejs/kit';
import { DatabaseAway, reading } from '$server/db/pool';
import { log } from '$server/log';
import { firstHousehold } from '$server/store/homeStore';

let household: string | null = null;

/** Pages that are served without the record book: what the app itself is made of. */
const needsHome = (path: string) =>
	!path.startsWith('/_app/') && path !== '/favicon.svg' && path !== '/alive';

export const handle: Handle = async ({ event, resolve }) => {
	if (needsHome(event.url.pathname)) {
		// One home, no sign-in yet; every query asks by household all the same.
		try {
			household ??= await reading((db) => firstHousehold(db));
		} catch (cause) {
			if (cause instanceof DatabaseAway) error(503, AWAY);
			throw cause;
		}
		if (household === null) {
			error(503, {
				message: 'There is no home here yet.',
				remedy: 'Start the app with npm start, which loads the demo home.'
			});
		}
		event.locals.householdId = household;
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
	log.error({ path: event.url.pathname, err: cause }, 'unexpected');
	return {
		message: 'Something went wrong here.',
		remedy: 'Nothing was half-written. Try again; if it stays, restart the app.'
	};
};

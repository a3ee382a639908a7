/** The calendar feed at its secret address. `?todo=1` gives to-dos instead of events. */
import { DatabaseAway } from '$server/db/pool';
import { calendarFeed } from '$server/pages/files/calendars';
import { error } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

export const GET: RequestHandler = async ({ params, url }) => {
	const secret = params.secret.replace(/\.ics$/, '');
	let text: string | null;
	try {
		text = await calendarFeed(secret, url.searchParams.get('todo') === '1');
	} catch (cause) {
		if (cause instanceof DatabaseAway)
			error(503, {
				message: 'The records cannot be reached just now.',
				remedy: 'Your calendar will ask again.'
			});
		throw cause;
	}
	if (text === null)
		error(404, {
			message: 'There is no calendar at this address.',
			remedy: 'It may have been renewed: take the new address from Files.'
		});
	return new Response(text, {
		headers: {
			'Content-Type': 'text/calendar; charset=utf-8',
			'Content-Disposition': 'inline; filename="pail-round.ics"',
			'Cache-Control': 'private, max-age=300'
		}
	});
};

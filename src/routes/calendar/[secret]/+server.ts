/** The calendar feed at its secret address. `?todo=1` gives to-dos instead of events. */
import { CALENDAR_SECRET_SERVER_SAYS } from '$words/answers/routes';
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
				message: CALENDAR_SECRET_SERVER_SAYS.theRecordsCannotBeReached,
				remedy: CALENDAR_SECRET_SERVER_SAYS.yourCalendarWillAskAgain
			});
		throw cause;
	}
	if (text === null)
		error(404, {
			message: CALENDAR_SECRET_SERVER_SAYS.thereIsNoCalendarAt,
			remedy: CALENDAR_SECRET_SERVER_SAYS.itMayHaveBeenRenewed
		});
	return new Response(text, {
		headers: {
			'Content-Type': 'text/calendar; charset=utf-8',
			'Content-Disposition': 'inline; filename="pail-round.ics"',
			'Cache-Control': 'private, max-age=300'
		}
	});
};

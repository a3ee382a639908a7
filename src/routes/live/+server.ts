/**
 * Server-sent events: the count of the home's changes, each time that it grows. A page that was away says by
 * `Last-Event-ID` (or `?since=`) what it knew, and hears at once if it missed something.
 */
import { accessAt } from '$server/access/door';
import { now } from '$server/clock';
import { reading } from '$server/db/pool';
import { listen } from '$server/live/hub';
import type { RequestEvent, RequestHandler } from './$types';

/** Streams end after a while: whoever may not listen any more is not let in again. */
const LASTS = 10 * 60_000;
const BEAT = 20_000;

const open = new Set<() => void>();
process.once('SIGTERM', () => open.forEach((close) => close()));
process.once('SIGINT', () => open.forEach((close) => close()));

const numberOf = (text: string | null) => (text !== null && /^\d{1,15}$/.test(text) ? Number(text) : null);

/** Whether whoever opened the stream may still see this home: they may have been signed out meanwhile. */
async function mayStill(event: RequestEvent): Promise<boolean> {
	const { cookies, locals } = event;
	const access = await reading((db) => accessAt(db, cookies, now())).catch(() => null);
	// A record book that is away says nothing: the next word asks again.
	return access === null || (access.viewer !== null && access.current?.id === locals.householdId);
}

export const GET: RequestHandler = (event) => {
	const { locals, request, url } = event;
	const since = numberOf(request.headers.get('last-event-id') ?? url.searchParams.get('since'));
	const encoder = new TextEncoder();
	let stop = () => {};
	const stream = new ReadableStream<Uint8Array>({
		start(controller) {
			const say = (text: string) => {
				try {
					controller.enqueue(encoder.encode(text));
				} catch {
					stop();
				}
			};
			const toWhoMay = async (text: string) => {
				if (await mayStill(event)) say(text);
				else stop();
			};
			const unlisten = listen(
				locals.householdId,
				since,
				(count) => void toWhoMay(`id: ${count}\nevent: changed\ndata: ${count}\n\n`)
			);
			const beat = setInterval(() => void toWhoMay(': still here\n\n'), BEAT);
			const end = setTimeout(() => stop(), LASTS);
			stop = () => {
				clearInterval(beat);
				clearTimeout(end);
				unlisten();
				open.delete(stop);
				try {
					controller.close();
				} catch {
					// It was closed by the other side.
				}
			};
			open.add(stop);
			say('retry: 1000\n\n');
		},
		cancel() {
			stop();
		}
	});
	return new Response(stream, {
		headers: {
			'Content-Type': 'text/event-stream; charset=utf-8',
			'Cache-Control': 'no-store',
			'X-Accel-Buffering': 'no'
		}
	});
};

import { now } from '$server/clock';
import type { RequestHandler } from './$types';

/** The server runs, and what time it is there. Says nothing about the database: pages say that themselves. */
export const GET: RequestHandler = () =>
	new Response(String(now()), { headers: { 'cache-control': 'no-store' } });

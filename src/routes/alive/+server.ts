import type { RequestHandler } from './$types';

/** The server runs. Says nothing about the database: pages say that themselves. */
export const GET: RequestHandler = () => new Response('alive', { headers: { 'cache-control': 'no-store' } });

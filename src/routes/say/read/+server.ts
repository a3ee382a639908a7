import { say } from '$server/pages/command/saying';
import { loading } from '$server/services/guard';
import { json } from '@sveltejs/kit';
import type { RequestHandler } from './$types';

/** What a command would do, while it is typed. */
export const GET: RequestHandler = async ({ locals, url }) =>
	json(await loading(() => say(locals, (url.searchParams.get('text') ?? '').slice(0, 200))));

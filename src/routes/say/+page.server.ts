import { say } from '$server/pages/command/saying';
import { loading } from '$server/services/guard';
import { v7 as uuidv7 } from 'uuid';
import type { PageServerLoad } from './$types';

export const load: PageServerLoad = async ({ locals, url }) => ({
	said: await loading(() => say(locals, (url.searchParams.get('text') ?? '').slice(0, 200))),
	formId: uuidv7()
});

/** A job's sheet is fetched when one is open, and not before. */
import type { PageLoad } from './$types';

export const load: PageLoad = async ({ data }) => ({
	...data,
	JobSheet: data.view.sheet === null ? null : (await import('$ui/today/JobSheetOver.svelte')).default
});

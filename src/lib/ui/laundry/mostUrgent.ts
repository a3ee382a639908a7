import type { LoadView } from '$views/laundry';

/** One thing first: what rings, then what is ready, then what waits for hands. */
export const mostUrgent = (loads: readonly LoadView[]): LoadView | null =>
	[...loads].sort(
		(a, b) =>
			Number(b.rings) - Number(a.rings) ||
			Number(b.isReady) - Number(a.isReady) ||
			Number(a.fetch !== null) - Number(b.fetch !== null)
	)[0] ?? null;

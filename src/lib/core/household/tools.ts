/** Tools that the rules know by their ids: what one has, nobody else has meanwhile, and from what age they are used alone. */

export const VACUUM = 'vacuum';

/** Years, for jobs that do not say themselves from what age they are done alone. */
export const TOOL_AGES: Readonly<Record<string, number>> = {
	[VACUUM]: 9,
	mop: 8,
	washer: 10,
	dryer: 10,
	iron: 14,
	hob: 14,
	oven: 14,
	ladder: 16
};

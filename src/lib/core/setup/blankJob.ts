import type { Job } from '../household/home';

/**
 * A job of which only what must be said is said: given out by the shares, nothing needed, nothing to mind.
 * Its one step is the job itself. Rules: "Recurrence".
 */
export function blankJob(
	said: Pick<Job, 'id' | 'name' | 'room' | 'layer' | 'cadence' | 'missRule'>,
	step: string,
	minutes: number
): Job {
	return {
		...said,
		weight: 2,
		leadDays: 0,
		parts: [],
		depths: { usual: { minutes, steps: [{ text: step, minutes, class: 3, products: [] }] } },
		covers: [],
		noisy: false,
		who: { mode: 'shared', members: [] },
		order: [],
		errand: false,
		wholeHouse: false,
		rooms: [],
		needs: [],
		things: [],
		core: false,
		cautions: [],
		rungs: [],
		lookRound: [],
		hidden: false
	};
}

/** How much of a job visitors see. Rules: "What makes a plan better": a job's worth before visitors is times how much of it they see. */
import type { Job } from '../household/jobSchema';

/** By kind of room: a living room is seen for the whole visit, a hall in passing. */
const ROOM: Readonly<Record<string, number>> = {
	living: 1,
	dining: 1,
	toilet: 0.9,
	bathroom: 0.9,
	kitchen: 0.7
};
const OTHER_ROOM = 0.6;

/** By kind of work: what is shut away shows little, however much it is due. */
const WORK: Readonly<Record<string, number>> = {
	cupboards: 0.1,
	appliances: 0.2,
	laundry: 0.2,
	bins: 0.3,
	pets: 0.3,
	safety: 0.1,
	admin: 0,
	paper: 0.4,
	walls: 0.6
};

/** Things with a door before them, for jobs whose kind of work is not said. */
const SHUT =
	/\b(inside|once through|cold box|fridge|freezer|larder|oven|drawers?|cupboards?|wardrobe|list|ash)\b/i;
const SHUT_SHARE = 0.2;

/** From 0 to 1 for a room that visitors see, by its kind. */
export const seenOfRoom = (kind: string): number => ROOM[kind] ?? OTHER_ROOM;

/** From 0 to 1: how much of a job's work shows to somebody who comes into its room. */
export function seenOfJob(job: Pick<Job, 'name' | 'subject' | 'hidden'>): number {
	if (job.hidden) return 0;
	const known = job.subject === undefined ? undefined : WORK[job.subject];
	return known ?? (SHUT.test(job.name) ? SHUT_SHARE : 1);
}

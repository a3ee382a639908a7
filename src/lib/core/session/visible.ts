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

/** From 0 to 1 for a room that visitors see, by its kind. */
export const seenOfRoom = (kind: string): number => ROOM[kind] ?? OTHER_ROOM;

/** From 0 to 1: how much of a job's work shows to somebody who comes into its room. */
export const seenOfJob = (job: Pick<Job, 'hidden' | 'shows'>): number => (job.hidden ? 0 : (job.shows ?? 1));

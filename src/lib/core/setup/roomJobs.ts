/** What there will be to do in each room, as the first steps show it. Rules: "First steps taken again". */
import type { Home, Job, Layer } from '../household/home';
import type { Draft } from './draft';
import { minutesAWeek } from './fitWeek';
import { jobsByRoom, stayingOfLibrary, walkRooms } from './jobsOfRooms';
import { jobForRoom, type Library } from './library';
import type { Standing } from './standing';

export interface RoomJob {
	/** Which one it is: of a room that is kept the job's id, else that of the library and of the room. */
	readonly key: string;
	readonly name: string;
	/** Minutes of one time of it. */
	readonly minutes: number;
	readonly layer: Layer;
	/** Minutes of a usual week. */
	readonly aWeek: number;
}

/** Whether a room is one of a home that keeps its jobs. */
export const isKept = (kept: Home | null, room: string): boolean =>
	kept?.rooms.some((one) => one.id === room) ?? false;

/**
 * The jobs of each room of the answers: those that it has in a home that keeps them, and that it will have where they are
 * laid anew, or those that the library gives it.
 */
export function roomJobs(
	draft: Draft,
	library: Library,
	kept: Home | null,
	anew: Standing | null = null
): Map<string, RoomJob[]> {
	const given = jobsByRoom(draft, library, kept ? stayingOfLibrary(kept, draft) : undefined);
	const told = (key: string, job: Pick<Job, 'name' | 'depths' | 'layer'>, aWeek: number): RoomJob => ({
		key,
		name: job.name,
		minutes: job.depths.usual.minutes,
		layer: job.layer,
		aWeek
	});
	const stay = anew ? [...anew.jobs, ...anew.own] : (kept?.jobs ?? []);
	return new Map(
		walkRooms(draft).map((room) => [
			room.id,
			isKept(kept, room.id)
				? stay.filter((job) => job.room === room.id).map((job) => told(job.id, job, minutesAWeek(job)))
				: (given.get(room.id) ?? []).map((job) =>
						told(`${job.id}/${room.id}`, job, minutesAWeek(jobForRoom(job, room, new Set())))
					)
		])
	);
}

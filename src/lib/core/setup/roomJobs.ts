/** What there will be to do in each room, as the first steps show it. Rules: "First steps taken again". */
import type { Home, Job, Layer } from '../household/home';
import type { Draft } from './draft';
import { minutesAWeek } from './fitWeek';
import { jobsByRoom, walkRooms } from './jobsOfRooms';
import { jobForRoom, type Library } from './library';

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

/** The library's jobs that stay in a home with these answers: those of rooms that are not taken down, by their ids. */
export function stayingOfLibrary(home: Home, draft: Draft): Set<string> {
	const rooms = new Set(draft.rooms.map((room) => room.id));
	return new Set(home.jobs.flatMap((job) => (job.library && rooms.has(job.room) ? [job.library] : [])));
}

/** Whether a room is one of a home that keeps its jobs. */
export const isKept = (kept: Home | null, room: string): boolean =>
	kept?.rooms.some((one) => one.id === room) ?? false;

/** The jobs of each room of the answers: those that it has in a home that keeps them, or those that the library gives it. */
export function roomJobs(draft: Draft, library: Library, kept: Home | null): Map<string, RoomJob[]> {
	const given = jobsByRoom(draft, library, kept ? stayingOfLibrary(kept, draft) : undefined);
	const told = (key: string, job: Pick<Job, 'name' | 'depths' | 'layer'>, aWeek: number): RoomJob => ({
		key,
		name: job.name,
		minutes: job.depths.usual.minutes,
		layer: job.layer,
		aWeek
	});
	return new Map(
		walkRooms(draft).map((room) => [
			room.id,
			kept && isKept(kept, room.id)
				? kept.jobs.filter((job) => job.room === room.id).map((job) => told(job.id, job, minutesAWeek(job)))
				: (given.get(room.id) ?? []).map((job) =>
						told(`${job.id}/${room.id}`, job, minutesAWeek(jobForRoom(job, room, new Set())))
					)
		])
	);
}

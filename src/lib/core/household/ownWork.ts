/** The work that is somebody's own. Rules: "A week within its minutes". */
import type { Job, Room } from './home';

/** True for the work of those whose room it is, such as their beds: it is no work of the home. */
export const isOwnWork = (job: Job, rooms: readonly Pick<Room, 'id' | 'owners'>[]): boolean => {
	const owners = rooms.find((room) => room.id === job.room)?.owners ?? [];
	return job.who.members.length > 0 && job.who.members.every((member) => owners.includes(member));
};

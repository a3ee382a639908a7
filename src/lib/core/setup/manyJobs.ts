/** Many jobs changed in one go: who does them, their part of the work, their weekday, their room, or that they go. */
import type { Weekday } from '../calendar/civil';
import type { Home, Job, Layer } from '../household/home';
import { finish, floatItem, refuse, withoutJobs, type Edit } from './edit';
import { withoutRoomSteps, withToolsFor } from './editRooms';

export type JobsChange =
	| { readonly what: 'who'; readonly mode: 'shared' | 'free' }
	| { readonly what: 'member'; readonly member: string }
	| { readonly what: 'layer'; readonly layer: Layer }
	| { readonly what: 'weekday'; readonly weekday: Weekday }
	| { readonly what: 'room'; readonly room: string }
	| { readonly what: 'retire' };

/**
 * The jobs as one change makes them. A weekday is given to jobs that come every week or every so many; others stay as they
 * are and are named. An unknown job or room is refused, and nothing is changed.
 */
export function changeJobs(home: Home, ids: readonly string[], change: JobsChange): Edit {
	const chosen = new Set(ids);
	const jobs = home.jobs.filter((job) => chosen.has(job.id));
	if (jobs.length === 0) return refuse({ code: 'none-chosen' });
	if (jobs.length < chosen.size) {
		const gone = ids.find((id) => !jobs.some((job) => job.id === id)) ?? '';
		return refuse({ code: 'unknown', what: 'job', id: gone });
	}
	if (change.what === 'retire') return finish(withoutJobs(home, chosen), [{ code: 'history-stays' }]);
	if (change.what === 'room' && !home.rooms.some((room) => room.id === change.room))
		return refuse({ code: 'unknown', what: 'room', id: change.room });
	if (change.what === 'member' && !home.members.some((one) => one.id === change.member))
		return refuse({ code: 'unknown', what: 'member', id: change.member });
	const left = change.what === 'weekday' ? jobs.filter((job) => job.cadence.type !== 'weekly') : [];
	if (left.length === jobs.length) return refuse({ code: 'no-weekday' });
	const changed = home.jobs.map((job) => (chosen.has(job.id) ? changedJob(home, job, change) : job));
	return finish(
		withZoneLists({ ...home, jobs: changed }),
		left.length > 0
			? [{ code: 'stay-as-they-are', count: left.length, names: left.map((job) => job.name) }]
			: []
	);
}

function changedJob(home: Home, job: Job, change: Exclude<JobsChange, { what: 'retire' }>): Job {
	switch (change.what) {
		case 'who':
			return { ...job, who: { ...job.who, mode: change.mode, members: [] } };
		case 'member':
			return { ...job, who: { ...job.who, mode: 'fixed', members: [change.member] } };
		case 'layer':
			return { ...job, layer: change.layer };
		case 'weekday':
			return job.cadence.type === 'weekly'
				? { ...job, cadence: { ...job.cadence, weekdays: [change.weekday] } }
				: job;
		case 'room': {
			if (job.room === change.room) return job;
			const moved = withToolsFor(home, withoutRoomSteps({ ...job, room: change.room }, job.room));
			const zone = home.rooms.find((room) => room.id === change.room)?.zone ?? null;
			return moved.cadence.type === 'zone' && zone === null ? floatItem(moved) : moved;
		}
	}
}

/** Each zone's list holds the zone jobs of its rooms: those it had in their order, then those that came. */
function withZoneLists(home: Home): Home {
	const zoneOf = new Map(home.rooms.map((room) => [room.id, room.zone]));
	const items = home.jobs.filter((job) => job.cadence.type === 'zone');
	return {
		...home,
		zones: home.zones.map((zone) => {
			const own = items.filter((job) => zoneOf.get(job.room) === zone.id).map((job) => job.id);
			const kept = zone.list.filter((id) => own.includes(id));
			return { ...zone, list: [...kept, ...own.filter((id) => !kept.includes(id))] };
		})
	};
}

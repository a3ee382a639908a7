/** Changes of jobs: saved, hung from the library, copied, retired. */
import { isoOf, type CivilDay } from '../calendar/civil';
import { forPeople, livingIn } from './jobsOfRooms';
import { freeId, fixedByAge, jobForRoom, type LibraryJob } from './library';
import { spreadFirstDays } from './spread';
import type { Home, Job } from '../household/home';
import { type Edit, refuse, finish, floatItem, withoutJobs } from './edit';
import { withoutRoomSteps, withToolsFor } from './editRooms';

/** Puts a job in, or in the place of the one with its id; an item stands on the list of its room's zone. */
export function saveJob(home: Home, job: Job): Edit {
	const room = home.rooms.find((one) => one.id === job.room);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: job.room });
	const before = home.jobs.find((one) => one.id === job.id);
	const isItem = job.cadence.type === 'zone';
	const zones = home.zones.map((zone) => {
		const has = zone.list.includes(job.id);
		const should = isItem && zone.id === room.zone;
		if (has && !should) return { ...zone, list: zone.list.filter((id) => id !== job.id) };
		return !has && should ? { ...zone, list: [...zone.list, job.id] } : zone;
	});
	return finish({
		...home,
		zones,
		jobs: before ? home.jobs.map((one) => (one.id === job.id ? job : one)) : [...home.jobs, job]
	});
}

/** A job from the library into a room; its first day is found among what is there. */
export function addFromLibrary(home: Home, library: LibraryJob, roomId: string, today: CivilDay): Edit {
	const room = home.rooms.find((one) => one.id === roomId);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	if (home.jobs.some((job) => job.library === library.id && job.room === roomId))
		return refuse({ code: 'has-it', room: room.name });
	const asOften = forPeople(library, livingIn(home.members));
	const forRoom = jobForRoom(asOften, room, new Set(home.jobs.map((job) => job.id)));
	const made = fixedByAge(forRoom, home.members, today);
	const fitted =
		made.cadence.type === 'zone' && (room.zone === null || home.household.rhythm.scheme.type === 'none')
			? floatItem(made)
			: made;
	const [job] = spreadFirstDays([fitted], home.jobs, today, home.household, home.rooms);
	return saveJob(home, job as Job);
}

/** The same job for another room, from today on. */
export function copyJob(home: Home, jobId: string, roomId: string, today: CivilDay): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	const room = home.rooms.find((one) => one.id === roomId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	if (job.room === roomId) return refuse({ code: 'has-it', room: room.name });
	const id = freeId(`${job.library ?? job.id}-${roomId}`, new Set(home.jobs.map((one) => one.id)));
	const copy = withToolsFor(home, withoutRoomSteps({ ...job, id, room: roomId, covers: [] }, job.room));
	const fitted = copy.cadence.type === 'zone' && room.zone === null ? floatItem(copy) : copy;
	const [placed] = spreadFirstDays([fitted], home.jobs, today, home.household, home.rooms);
	return saveJob(home, placed as Job);
}

/** A job that is no more. What was done of it stays in the ledger. */
export function retireJob(home: Home, jobId: string): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	return finish(withoutJobs(home, new Set([jobId])), [{ code: 'history-stays' }]);
}

/** For any job: "last done about …" instead of a spread first date. Floating jobs count from it. */
export function lastDoneAbout(home: Home, jobId: string, day: CivilDay): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	if (job.cadence.type !== 'afterDone') return refuse({ code: 'same' });
	return saveJob(home, { ...job, startsOn: isoOf((day + job.cadence.max) as CivilDay) });
}

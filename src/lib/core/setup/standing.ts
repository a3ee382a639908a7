/** A home whose work is laid anew: what of it stays. Rules: "Another way of cleaning". */
import { withoutJobs } from './edit';
import { cupboardWithoutRoom, withoutRoom } from './editRooms';
import type { Home, Job } from '../household/home';
import type { Draft } from './draft';
import { forPeople, jobsByRoom, livingIn, stayingOfLibrary, walkRooms } from './jobsOfRooms';
import { jobForRoom, type Library, type LibraryJob } from './library';

/** A home as it stands, before its work is laid. */
export interface Standing {
	/** Without the rooms that are taken down. */
	readonly home: Home;
	/** The library's jobs that it will have, as the household has set them, to be laid. */
	readonly jobs: readonly Job[];
	/** Ids of those for which the household has named somebody. */
	readonly named: ReadonlySet<string>;
	/** The household's own, which come as they came. */
	readonly own: readonly Job[];
}

/** What the way of cleaning by which a home lived gave it. */
export interface GivenBefore {
	/** Jobs of the library, by the room. */
	readonly given: ReadonlyMap<string, ReadonlySet<string>>;
	/** Ids of the jobs in which it gathers others. */
	readonly gathered: ReadonlySet<string>;
}

const placeOf = (library: string, room: string) => `${library}/${room}`;

/** The home without the rooms that the answers take down. */
function withoutRooms(home: Home, draft: Draft): Home {
	const stays = new Set(draft.rooms.map((room) => room.id));
	const gone = home.rooms.filter((room) => !stays.has(room.id)).map((room) => room.id);
	const rest = withoutJobs(
		home,
		new Set(home.jobs.filter((job) => !stays.has(job.room)).map((job) => job.id))
	);
	return {
		...rest,
		rooms: rest.rooms.filter((room) => stays.has(room.id)),
		cupboard: gone.reduce((cupboard, room) => cupboardWithoutRoom(cupboard, room, null), rest.cupboard),
		jobs: rest.jobs.map((job) => gone.reduce((one, room) => withoutRoom(one, room, null), job))
	};
}

/** A job of the library with what the household has set of it; when it comes is the library's. */
function asSet(one: Job, had: Job): Job {
	const { startsOn: _startsOn, deepEvery: _deepEvery, ...set } = had;
	const { layer, cadence, missRule, parts, deepEvery } = one;
	return {
		...set,
		layer,
		cadence,
		missRule,
		parts,
		...(deepEvery !== undefined && set.depths.deep ? { deepEvery } : {}),
		covers: [...new Set([...set.covers, ...one.covers])],
		who: set.who.members.length > 0 ? set.who : one.who
	};
}

/** The library's jobs that a home has, by their places; null where one was parted among people: several of one place. */
function jobsAtPlaces(jobs: readonly Job[]): Map<string, Job | null> {
	const at = new Map<string, Job | null>();
	for (const job of jobs) {
		const place = placeOf(job.library ?? '', job.room);
		at.set(place, at.has(place) ? null : job);
	}
	return at;
}

/** Which of the library's jobs a room of the answers will have. Rules: "Another way of cleaning". */
function chooser(
	home: Home,
	draft: Draft,
	library: Library,
	before: GivenBefore | null,
	hadAt: ReadonlyMap<string, Job | null>
) {
	const byRoom = jobsByRoom(draft, library, stayingOfLibrary(home, draft));
	const stays = new Set(home.rooms.map((room) => room.id));
	/** Whether a room has of the library what the way of before gave it, or at least half of that: others are of another make. */
	const isOfLibrary = (room: string) => {
		const given = [...(before?.given.get(room) ?? [])];
		return given.filter((id) => hadAt.has(placeOf(id, room))).length * 2 >= given.length;
	};
	return (room: string): LibraryJob[] => {
		const takesMore = !stays.has(room) || (before !== null && isOfLibrary(room));
		const offered = new Set((byRoom.get(room) ?? []).map((job) => job.id));
		return library.jobs.filter(({ id }) => {
			const place = placeOf(id, room);
			if (hadAt.has(place)) return true;
			const isOffered = offered.has(id) && !draft.without.includes(place);
			return isOffered && takesMore && !before?.given.get(room)?.has(id);
		});
	};
}

/**
 * What stays of a home whose work another way of cleaning lays anew. In rooms that stay the library's jobs are those that
 * they have, and, where the room is of the library, those that the way of before gave no place; null for a way that is not
 * known: none of these. New rooms take those of the library.
 */
export function standingOf(
	whole: Home,
	draft: Draft,
	library: Library,
	before: GivenBefore | null
): Standing {
	const home = withoutRooms(whole, draft);
	const known = new Set(library.jobs.map((job) => job.id));
	const isOwn = (job: Job) => job.library === undefined || !known.has(job.library);
	const own = home.jobs
		.filter((job) => isOwn(job) && !before?.gathered.has(job.id))
		// The household's first day is another one from now on, and their turns are counted from the one that it was.
		.map((job) => ({ ...job, startsOn: job.startsOn ?? home.household.startsOn }));
	const hadAt = jobsAtPlaces(home.jobs.filter((job) => !isOwn(job)));
	const had = [...hadAt.values()].filter((job) => job !== null);
	const taken = new Set([...own, ...had].map((job) => job.id));
	const people = livingIn(home.members);
	const choose = chooser(home, draft, library, before, hadAt);
	const jobs = walkRooms(draft).flatMap((room) => {
		const ids = new Map<string, string>();
		const made = choose(room.id).map((job) => {
			const has = hadAt.get(placeOf(job.id, room.id)) ?? null;
			const one = { ...jobForRoom(forPeople(job, people), room, taken), ...(has ? { id: has.id } : {}) };
			taken.add(one.id);
			ids.set(job.id, one.id);
			return { one, has, covers: job.covers };
		});
		return made.map(({ one, has, covers }) => {
			const plain = { ...one, covers: covers.flatMap((id) => ids.get(id) ?? []) };
			return has ? asSet(plain, has) : plain;
		});
	});
	return {
		home,
		jobs,
		named: new Set(had.filter((job) => job.who.members.length > 0).map((job) => job.id)),
		own
	};
}

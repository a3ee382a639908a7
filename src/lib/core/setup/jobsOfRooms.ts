/** Which jobs of the library the rooms of a new home take, and how often there. Rules: "Jobs of a new room". */
import type { Weekday } from '../calendar/civil';
import type { Home, Job, Member } from '../household/home';
import type { Draft, DraftRoom } from './draft';
import { membersOf } from './draftMembers';
import { jobForRoom, suitsRoom, type Library, type LibraryJob } from './library';

const DAYS_A_WEEK = 7;

/** Rooms from the top of the house down, as they were hung. */
export function walkRooms(draft: Draft): DraftRoom[] {
	return draft.rooms
		.map((room, i) => ({ room, i }))
		.sort((a, b) => b.room.storey - a.room.storey || a.i - b.i)
		.map(({ room }) => room);
}

/** Days of a week that a job which comes for each person has at most: one is left without. */
const MOST_DAYS = 6;

/**
 * A library job as often as so many people make it: what comes for each person has as many days of the week, evenly
 * parted, and six at most. Others stay. Rules: "Jobs of a new room".
 */
export function forPeople(job: LibraryJob, people: number): LibraryJob {
	if (job.perPerson === undefined) return job;
	const times = Math.min(MOST_DAYS, Math.max(1, Math.round(job.perPerson * people)));
	const weekdays = Array.from(
		{ length: times },
		(_, i) => (Math.floor((i * DAYS_A_WEEK) / times) + 1) as Weekday
	);
	return { ...job, cadence: { type: 'daily', weekdays } };
}

/** People who live in a home: helpers come to it, and a device is nobody. */
export const livingIn = (members: readonly Pick<Member, 'role'>[]): number =>
	members.filter((one) => one.role !== 'helper' && one.role !== 'device').length;

/**
 * The library jobs of each room at the first set-up. What is once in a home stands in the first room of the first of its
 * kinds that the home has, and nowhere where `has` names it. Rules: "Jobs of a new room".
 */
export function jobsByRoom(
	draft: Draft,
	library: Library,
	has: ReadonlySet<string> = new Set()
): Map<string, LibraryJob[]> {
	const pets = draft.pets.map((pet) => pet.kind);
	const rooms = walkRooms(draft);
	const people = livingIn(membersOf(draft));
	const roomOfOnce = (job: LibraryJob) =>
		job.kinds.flatMap((kind) => rooms.filter((room) => room.kind === kind && suitsRoom(job, room, pets)))[0];
	const starters = library.jobs.filter((job) => job.starter);
	const onceIn = new Map(
		starters
			.filter((job) => job.when.once)
			.map((job) => [job.id, has.has(job.id) ? null : roomOfOnce(job)?.id])
	);
	return new Map(
		rooms.map((room) => [
			room.id,
			starters
				.filter((job) => (job.when.once ? onceIn.get(job.id) === room.id : suitsRoom(job, room, pets)))
				.map((job) => forPeople(job, people))
		])
	);
}

/** The library's jobs that stay in a home with these answers: those of rooms that are not taken down, by their ids. */
export function stayingOfLibrary(home: Home, draft: Draft): Set<string> {
	const rooms = new Set(draft.rooms.map((room) => room.id));
	return new Set(home.jobs.flatMap((job) => (job.library && rooms.has(job.room) ? [job.library] : [])));
}

/** The jobs that the rooms of a draft take from the library, before a pattern lays them. Rules: "Patterns". */
export function chooseJobs(draft: Draft, library: Library): Job[] {
	const taken = new Set<string>();
	const jobs: Job[] = [];
	const byRoom = jobsByRoom(draft, library);
	for (const room of walkRooms(draft)) {
		const wanted = (byRoom.get(room.id) ?? []).filter(
			(job) => !draft.without.includes(`${job.id}/${room.id}`)
		);
		const ids = new Map<string, string>();
		const made = wanted.map((job) => {
			const one = jobForRoom(job, room, taken);
			taken.add(one.id);
			ids.set(job.id, one.id);
			return { one, covers: job.covers };
		});
		for (const { one, covers } of made)
			jobs.push({ ...one, covers: covers.flatMap((id) => ids.get(id) ?? []) });
	}
	return jobs;
}

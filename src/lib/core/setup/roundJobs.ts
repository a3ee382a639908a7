/** Jobs that gather others: rounds through several rooms, and the job that takes the next of a list each time. */
import { blankJob } from './blankJob';
import type { Job } from '../household/home';
import { toldApart } from '../household/toldApart';
import { freeId } from './library';
import { roundSteps } from './round';
import type { PatternRule, Place } from './pattern';
import { weekly, addLoad, type ArrangeInput, type Work } from './arrangeInput';
import { missRuleFor } from './arrange';
import { withinNeeds } from '../household/stepTools';

export function rounds(
	jobs: readonly Job[],
	place: Extract<Place, { how: 'round' }>,
	rule: PatternRule,
	work: Work
): Job[] {
	const groups = new Map<string, Job[]>();
	for (const job of jobs) {
		const key = place.by === 'room' ? job.room : (job.subject ?? job.id);
		groups.set(key, [...(groups.get(key) ?? []), job]);
	}
	return [...groups].map(([key, members]) => {
		const first = members[0] as Job;
		const room = work.input.rooms.find((one) => one.id === first.room);
		const name =
			place.by === 'room'
				? `${room?.name ?? first.room} once over`
				: members.length === 1
					? first.name
					: `${key.charAt(0).toUpperCase()}${key.slice(1)} round`;
		const id = freeId(`round-${key}`, work.taken);
		work.taken.add(id);
		const usual = roundSteps(members, work.input.rooms, place.minutesEach);
		const deep =
			place.deepMinutes === undefined ? undefined : roundSteps(members, work.input.rooms, place.deepMinutes);
		for (const day of place.weekdays) addLoad(work.weekdayLoad, day, usual.minutes);
		const { library: _library, deepEvery: _every, variants: _variants, season: _season, ...plain } = first;
		const ages = members.map((job) => job.aloneFrom).filter((age) => age !== undefined);
		return withinNeeds({
			...plain,
			id,
			name: name.slice(0, 80),
			weight: Math.max(...members.map((job) => job.weight)),
			cadence: weekly(place.weekdays),
			missRule: missRuleFor(weekly(place.weekdays), rule.missRule, first.missRule),
			parts: [],
			leadDays: 0,
			depths: { usual, ...(deep ? { deep } : {}) },
			...(deep && place.deepEvery !== undefined ? { deepEvery: place.deepEvery } : {}),
			covers: [],
			order: [...new Set(members.flatMap((job) => job.order))],
			core: members.some((job) => job.core),
			wholeHouse: place.by !== 'room' && (members.length > 1 || first.wholeHouse),
			rooms: [...new Set(members.map((job) => job.room))].filter((one) => one !== first.room),
			who: { mode: 'shared', members: [] },
			needs: [...new Set(members.flatMap((job) => job.needs))],
			things: [...new Set(members.flatMap((job) => job.things))].slice(0, 40),
			cautions: uniqueCautions(members),
			...(ages.length > 0 ? { aloneFrom: Math.max(...ages) } : {}),
			noisy: members.some((job) => job.noisy)
		} satisfies Job);
	});
}

function uniqueCautions(jobs: readonly Job[]): Job['cautions'] {
	const seen = new Set<string>();
	return jobs
		.flatMap((job) => job.cautions)
		.filter((caution) => !seen.has(caution.headline) && seen.add(caution.headline));
}

/** So many jobs one list holds: what a job may alternate between. */
const LONGEST_LIST = 20;

/** So many letters a name has at most. */
const LONGEST_NAME = 80;

/** A line for each job, with its room where rooms have a job of the same name. */
function namesOnList(jobs: readonly Job[], rooms: ArrangeInput['rooms']): string[] {
	const roomName = new Map(rooms.map((room) => [room.id, room.name]));
	// So much of the room's name as a line has place for, with a number after it.
	const roomOf = (job: Job) => (roomName.get(job.room) ?? '').slice(0, LONGEST_NAME - job.name.length - 8);
	return toldApart(jobs, [roomOf]).map((job) => job.name);
}

/**
 * Jobs that take the next of a list of jobs each time: one, or as many as the whole list needs, in weeks of their own by
 * turns, so that every job of it has its time.
 */
export function details(
	jobs: readonly Job[],
	place: Extract<Place, { how: 'detail' }>,
	rule: PatternRule,
	work: Work
): Job[] {
	const sorted = [...jobs].sort((a, b) => b.weight - a.weight || (a.id < b.id ? -1 : 1));
	const variants = namesOnList(sorted, work.input.rooms);
	const lists = Math.ceil(variants.length / LONGEST_LIST);
	// Dealt like cards: the weightiest are the first of each list, and none is left with a single one.
	return Array.from({ length: lists }, (_, list) => {
		const id = freeId(`detail-${place.name}`, work.taken);
		work.taken.add(id);
		const mine = variants.filter((_, i) => i % lists === list);
		const blank = blankJob(
			{
				id,
				name: list === 0 ? place.name : `${place.name} ${list + 1}`.slice(0, 80),
				room: (sorted[list] as Job).room,
				layer: 'long',
				cadence: weekly(place.weekdays, lists),
				missRule: rule.missRule ?? 'stays'
			},
			place.name,
			place.minutes
		);
		return { ...blank, ...(mine.length > 1 ? { variants: mine } : {}), subject: 'detail' };
	});
}

/** What a pattern is laid over, and the loads that are kept while it is. */
import type { CivilDay, Weekday } from '../calendar/civil';
import type { Job, Member, Room, Zone } from '../household/home';

export interface ArrangeInput {
	readonly jobs: readonly Job[];
	readonly rooms: readonly Room[];
	readonly zones: readonly Zone[];
	readonly members: readonly Member[];
	/** The weekday of each zone, for schemes by weekdays. */
	readonly zoneWeekday: ReadonlyMap<string, Weekday>;
	readonly today: CivilDay;
	/** Ids of other jobs of the home: none is given again. */
	readonly taken: ReadonlySet<string>;
	/** Ids of jobs whose doers the household has named: they stay theirs. */
	readonly named: ReadonlySet<string>;
}

export interface Arranged {
	readonly jobs: Job[];
	/** Zones with their lists. */
	readonly zones: Zone[];
	/** Daily basics that their part of the day has no minutes for. */
	readonly left: Job[];
	/** What the pattern does without. */
	readonly notOfPattern: Job[];
}

export const childOwned = (job: Job, input: ArrangeInput) => {
	const children = new Set(input.members.filter((m) => m.role === 'child').map((m) => m.id));
	return (
		input.rooms.find((room) => room.id === job.room)?.owners.some((owner) => children.has(owner)) ?? false
	);
};

export const weekly = (weekdays: readonly number[], everyWeeks = 1): Job['cadence'] => ({
	type: 'weekly',
	weekdays: [...weekdays].sort((a, b) => a - b) as Weekday[],
	everyWeeks
});

/** The least loaded of some places; the first of equals. */
export function lightest<T>(places: readonly T[], load: Map<T, number>): T {
	let best = places[0] as T;
	for (const place of places) if ((load.get(place) ?? 0) < (load.get(best) ?? 0)) best = place;
	return best;
}

export const addLoad = <T>(load: Map<T, number>, place: T, minutes: number) =>
	load.set(place, (load.get(place) ?? 0) + minutes);

/** Heavy first, so that the light ones even things out; the same order every time. */
export const byWeightOfMinutes = (a: Job, b: Job) =>
	b.depths.usual.minutes - a.depths.usual.minutes || (a.id < b.id ? -1 : 1);

export interface Work {
	readonly input: ArrangeInput;
	readonly taken: Set<string>;
	/** Minutes by weekday of what was dealt so far, by all rules together. */
	readonly weekdayLoad: Map<number, number>;
	/** Minutes a week of the home's work that each child was asked for. */
	readonly childMinutes: Map<string, number>;
	readonly listed: Map<string, string[]>;
}

export const zoneOfJob = (job: Job, { input }: Work) =>
	input.rooms.find((room) => room.id === job.room)?.zone ?? null;

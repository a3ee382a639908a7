/**
 * All that changes while an order is timed stands in two arrays, so that it is marked and taken up in one go: times,
 * and whole numbers ("facts"). This says what stands where in them, and how they begin.
 */
import type { Problem } from './problem';

export interface TimingLayout {
	/** Times, by room: when its lower classes have ended, and when the highest so far has. Within a room classes only rise. */
	readonly lower: number;
	readonly same: number;
	/** Times, by appliance and by surface: from when it is free. */
	readonly applianceFree: number;
	readonly surfaceFree: number;
	/** A time: when all that floors wait for has ended. */
	readonly allLow: number;
	/** Times, of the storey in hand: when all above it ended, and when its own steps have. */
	readonly above: number;
	readonly here: number;
	/** Facts, by room: the highest class so far. */
	readonly highest: number;
	/** Facts, by appliance: the job that holds it, and the one that had it last. */
	readonly holder: number;
	readonly lastAt: number;
	/** Facts, by surface: the product families that are on it, as bits. */
	readonly onSurface: number;
	/** Facts: 1 once floors have begun; changes of room; the storey in hand. */
	readonly floors: number;
	readonly moved: number;
	readonly level: number;
	/** Facts, by job: steps placed, where pairs ask for it. */
	readonly placed: number;
	/** Facts, where hops count: how many there are; by person, the steps so far, and which of them came into the room; by job, the place of its last. */
	readonly hops: number;
	readonly steps: number;
	readonly cameIn: number;
	readonly lastOf: number;
	/** What both arrays hold before the first step. Times and rooms of people stand first in them. */
	readonly beginTimes: Float64Array;
	readonly beginFacts: Int32Array;
}

/** Where everything stands for a problem. */
export function layoutOf(problem: Problem, hasPairs: boolean): TimingLayout {
	const { people, rooms, appliances, surfaces, jobs } = problem;
	const lower = people;
	const same = lower + rooms;
	const applianceFree = same + rooms;
	const surfaceFree = applianceFree + appliances;
	const allLow = surfaceFree + surfaces;
	const above = allLow + 1;
	const here = above + 1;
	const highest = people;
	const holder = highest + rooms;
	const lastAt = holder + appliances;
	const onSurface = lastAt + appliances;
	const floors = onSurface + surfaces;
	const moved = floors + 1;
	const level = moved + 1;
	const placed = level + 1;
	const beginTimes = new Float64Array(here + 1);
	beginTimes.set(problem.from, 0);
	beginTimes.set(problem.freeFrom, applianceFree);
	const hops = placed + (hasPairs ? jobs : 0);
	const steps = hops + 1;
	const cameIn = steps + people;
	const lastOf = cameIn + people;
	const beginFacts = new Int32Array(problem.hopCost > 0 ? lastOf + jobs : steps);
	beginFacts.set(problem.startRoom, 0);
	beginFacts.set(problem.holder, holder);
	beginFacts.fill(-1, lastAt, lastAt + appliances);
	return {
		lower,
		same,
		applianceFree,
		surfaceFree,
		allLow,
		above,
		here,
		highest,
		holder,
		lastAt,
		onSurface,
		floors,
		moved,
		level,
		placed,
		hops,
		steps,
		cameIn,
		lastOf,
		beginTimes,
		beginFacts
	};
}

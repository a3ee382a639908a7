/** Kits: what to take along, what may not be carried there, what goes into the hot wash after. Rules: "Kits". */
import type { Kit, Tool } from '../household/cupboardSchema';
import type { Home, Job } from '../household/home';
import { stepsAt } from './usesOfJob';
import { atHandAt } from '../household/stepTools';

export interface TakenAlong {
	/** Kits that hold what the work needs, by their letters. */
	readonly kits: readonly Kit[];
	/** Products and tools of the cupboard that are in none of them, by id. */
	readonly loose: readonly string[];
	/** What else jobs ask for, as they say it. */
	readonly others: readonly string[];
	/** Tools among all of it that go into the hot wash after. */
	readonly toWash: readonly Tool[];
	/** Tools that a job asks for outside of the one room that they are for. */
	readonly bound: readonly { readonly job: string; readonly tool: Tool }[];
}

/** The rooms of a job: its own, those it covers besides, and those of its steps. */
function roomsOf(job: Job): Set<string> {
	const steps = Object.values(job.depths).flatMap((depth) => depth?.steps ?? []);
	return new Set([job.room, ...job.rooms, ...steps.flatMap((step) => step.room ?? [])]);
}

/**
 * Tools that a job would carry out of the one room that they are for: no plan takes such a job in.
 * Rules: "Kits".
 */
export function carriedOut({ cupboard }: Pick<Home, 'cupboard'>, job: Job): Tool[] {
	const rooms = roomsOf(job);
	return cupboard.tools.filter(
		(tool) =>
			tool.boundTo !== undefined &&
			job.things.includes(tool.id) &&
			[...rooms].some((room) => room !== tool.boundTo)
	);
}

/**
 * What some jobs need at their depths: the kits of their rooms that hold any of it, and what is in none.
 * Rules: "Kits".
 */
export function takeAlong(
	home: Pick<Home, 'cupboard'>,
	jobs: readonly { readonly job: Job; readonly depth: 'quick' | 'usual' | 'deep' }[]
): TakenAlong {
	const { cupboard } = home;
	const needed = new Map<string, Set<string>>();
	const others = new Set<string>();
	const need = (id: string, rooms: ReadonlySet<string>) =>
		needed.set(id, new Set([...(needed.get(id) ?? []), ...rooms]));
	for (const { job, depth } of jobs) {
		const rooms = roomsOf(job);
		for (const step of stepsAt(job, depth))
			for (const use of step.products) if (use.product !== undefined) need(use.product, rooms);
		for (const one of atHandAt(job, depth))
			if (job.things.includes(one)) need(one, rooms);
			else others.add(one);
	}
	const kits = cupboard.kits.filter((kit) =>
		kit.contents.some((id) => {
			const rooms = needed.get(id);
			return rooms && (kit.rooms.length === 0 || kit.rooms.some((room) => rooms.has(room)));
		})
	);
	const inKits = new Set(kits.flatMap((kit) => kit.contents));
	return {
		kits,
		loose: [...needed.keys()].filter((id) => !inKits.has(id)),
		others: [...others],
		toWash: cupboard.tools.filter((tool) => tool.hotWash && needed.has(tool.id)),
		bound: jobs.flatMap(({ job }) => carriedOut(home, job).map((tool) => ({ job: job.id, tool })))
	};
}

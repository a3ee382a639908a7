/** The ways to fill a pail: most worth, one room, most overdue first, a start on something bigger. */
import { attendedMinutes, type Plan, type PlanInput } from '../planner/plan';
import { firstPlan, makePlan, type Effort } from '../planner/makePlan';
import type { Filling } from './fill';
import { KIND_RULES } from './kinds';
import { withMargin, type Solve, type Solved } from './margin';

export const PAIL_NAMES = ['worth', 'room', 'longest', 'start'] as const;
export type PailName = (typeof PAIL_NAMES)[number];

/** One way to fill it. */
export interface PailOffer {
	readonly name: PailName;
	readonly input: PlanInput;
	readonly plan: Plan;
	/** `room`: the room; `longest`: the line that has waited longest; `start`: the one job that is begun. */
	readonly about: string | null;
}

/** Of more jobs than the kind allows, the ones of most worth stay. */
function limited(
	input: PlanInput,
	plan: Plan,
	jobs: number | null,
	after: ReadonlySet<string>,
	solve: Solve
): Solved {
	const planned = new Set(plan.entries.map((entry) => entry.job).filter((id) => !after.has(id)));
	if (jobs === null || planned.size <= jobs) return { input, plan };
	const kept = input.jobs
		.filter((job) => planned.has(job.id))
		.sort((a, b) => Number(a.optional) - Number(b.optional) || b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, jobs);
	const fewer = { ...input, jobs: input.jobs.filter((job) => kept.includes(job) || after.has(job.id)) };
	return { input: fewer, plan: solve(fewer) };
}

const solverOf = (effort?: Effort): Solve =>
	effort ? (problem) => makePlan(problem, effort) : (problem) => firstPlan(problem);

/** A problem without an end, with one job alone: what does not fit whole is begun. */
function begunWith(input: PlanInput, id: string): PlanInput {
	const long = 24 * 60;
	return {
		...input,
		bell: long,
		people: input.people.map((one) => ({ ...one, until: long, breaks: undefined })),
		jobs: input.jobs.filter((job) => job.id === id)
	};
}

/** The problem of one way to fill a pail, not solved yet; null where there is no such way here. */
export function problemOf({ input }: Filling, name: PailName, about: string | null): PlanInput | null {
	if (name === 'worth') return input;
	if (about === null) return null;
	if (name === 'room') {
		const jobs = input.jobs.filter((job) => !job.optional || job.steps.every((step) => step.room === about));
		return jobs.length === 0 ? null : { ...input, jobs };
	}
	if (!input.jobs.some((job) => job.id === about)) return null;
	if (name === 'start') return begunWith(input, about);
	return {
		...input,
		jobs: input.jobs.map((job) => (job.id === about ? { ...job, optional: false } : job))
	};
}

/** The room whose own jobs are worth most; rooms that cannot reach what another has are not solved. */
function bestRoom(input: PlanInput, solve: (room: string) => PailOffer | null): PailOffer | null {
	const whole = new Map<string, number>();
	for (const job of input.jobs) {
		const [room] = job.steps.map((step) => step.room);
		for (const { room: other } of job.steps) whole.set(other, whole.get(other) ?? 0);
		if (room !== undefined && job.steps.every((step) => step.room === room))
			whole.set(room, (whole.get(room) ?? 0) + job.worth);
	}
	// What must be in is in every one of them.
	const always = input.jobs.reduce((sum, job) => (job.optional ? sum : sum + job.worth), 0);
	let best: PailOffer | null = null;
	for (const [room, worth] of [...whole].sort(([a, x], [b, y]) => y - x || (a < b ? -1 : 1))) {
		if (best && worth + always < best.plan.worth) break;
		const offer = solve(room);
		if (!offer) continue;
		const better =
			best === null ||
			offer.plan.worth > best.plan.worth ||
			(offer.plan.worth === best.plan.worth &&
				(offer.plan.end < best.plan.end ||
					(offer.plan.end === best.plan.end && (offer.about ?? '') < (best.about ?? ''))));
		if (better) best = offer;
	}
	return best;
}

/** One way to fill a pail, solved alone; null where there is no such way here. */
export function offerOf(
	filled: Filling,
	name: PailName,
	about: string | null,
	effort?: Effort
): PailOffer | null {
	const problem = problemOf(filled, name, about);
	if (!problem) return null;
	const solve = solverOf(effort);
	if (name === 'start') return { name, input: problem, plan: solve(problem), about };
	const most = KIND_RULES[filled.request.kind].jobs;
	const made = withMargin(filled, problem, solve);
	return {
		name,
		...limited(made.input, made.plan, most, filled.request.gathered.after ?? new Set(), solve),
		about
	};
}

/**
 * Two or three ways to fill a pail: most worth; one room, whole; a start on what has waited longest. Those that come to
 * the same are offered once. Where not one job fits whole, the one of most worth is begun. With `effort` each is
 * searched; without, it is the first breath.
 */
export function offers(filled: Filling, effort?: Effort): PailOffer[] {
	const { input, request } = filled;
	const way = (name: PailName, about: string | null = null) => offerOf(filled, name, about, effort);
	const most = way('worth') as PailOffer;
	if (most.plan.entries.length === 0) {
		const first = [...input.jobs].sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))[0];
		const begun = first ? way('start', first.id) : null;
		return begun && begun.plan.entries.length > 0 ? [begun] : [most];
	}
	const found: PailOffer[] = [most];
	if (request.kind !== 'bite' && request.kind !== 'zone' && request.kind !== 'detail') return found;
	const best = bestRoom(input, (room) => way('room', room));
	if (best && best.plan.entries.length > 0) found.push(best);
	const longest = [...filled.lineOf.values()]
		.filter(
			(line) =>
				line.state !== 'resting' &&
				input.jobs.some((job) => job.id === line.line.id && attendedMinutes(job) <= input.bell)
		)
		.sort(
			(a, b) =>
				b.lateTurns - a.lateTurns ||
				(a.dueOn ?? Infinity) - (b.dueOn ?? Infinity) ||
				(a.line.id < b.line.id ? -1 : 1)
		)[0];
	const waited = longest ? way('longest', longest.line.id) : null;
	if (waited?.plan.entries.some((entry) => entry.job === waited.about)) found.push(waited);
	const contents = ({ plan }: PailOffer) =>
		[...new Set(plan.entries.map((entry) => entry.job))].sort().join(' ');
	return found.filter((offer, i) => found.findIndex((other) => contents(other) === contents(offer)) === i);
}

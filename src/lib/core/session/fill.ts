/** Fills a pail: from what is on, for one person or several and a bell, the steps in the order in which to do them. */
import type { CivilDay } from '../calendar/civil';
import type { PreparedHome } from '../schedule/preparedHome';
import type { Member } from '../household/home';
import type { JobStep } from '../household/jobSchema';
import { mayDo } from '../people/whoCan';
import type { DaySeries } from '../schedule/readDay';
import type { ExtraJob, Gathered } from './gather';
import { breaksOf, KIND_RULES, type SessionKind } from './kinds';
import type { PailStep, SessionLine, SessionPlan } from './sessionPlan';
import { orderPairs } from '../planner/orderPairs';
import { attendedMinutes, type Plan, type PlanInput, type PlanJob } from '../planner/plan';
import { firstPlan, makePlan, type Effort } from '../planner/makePlan';
import { settle, type Together } from './together';

export type { PailStep } from './sessionPlan';

/** The steps of a line at the depth of its turn. */
export function stepsOf(line: DaySeries): readonly JobStep[] {
	const { depths } = line.line.job;
	return (depths[line.depth] ?? depths.usual).steps;
}

/** Steps cut to a cap: each in proportion, in halves, at least a half. */
function capped(steps: readonly JobStep[], cap: number | null): readonly JobStep[] {
	const sum = steps.reduce((total, step) => total + step.minutes, 0);
	if (cap === null || sum <= cap) return steps;
	return steps.map((step) => ({
		...step,
		minutes: Math.max(0.5, Math.floor((step.minutes * cap * 2) / sum) / 2)
	}));
}

function planSteps(steps: readonly JobStep[], room: string): PlanJob['steps'] {
	return steps.map((step) => ({
		room: step.room ?? room,
		class: step.class,
		minutes: step.minutes,
		appliance: step.appliance,
		waitMin: step.wait?.min,
		waitMax: step.wait?.max,
		// A surface that was not named counts as one with all other such of its room: the strictest reading.
		uses: step.products.map((product) => ({
			surface: `${step.room ?? room}/${product.surface ?? ''}`,
			families: product.families,
			rinse: product.rinse
		}))
	}));
}

/** A line of the day as a job for the planner, at the depth of its turn; it may be left out. Rules: "Kinds of session". */
export function planJob(line: DaySeries, cap: number | null = null): PlanJob {
	return {
		id: line.line.id,
		worth: line.worth,
		optional: true,
		steps: planSteps(capped(stepsOf(line), cap), line.line.job.room)
	};
}

/** Lines that a pail may take: due, late or open, not off the line, and not somebody else's own. */
export function pailCandidates(lines: readonly DaySeries[], member: Member, date: CivilDay): DaySeries[] {
	return lines.filter(
		(line) =>
			(line.state === 'due' || line.state === 'late' || line.state === 'open') &&
			!line.offTheLine &&
			mayDo(line.line.job, member, date)
	);
}

export interface FillRequest {
	readonly home: PreparedHome;
	readonly kind: SessionKind;
	readonly bell: number;
	readonly date: CivilDay;
	readonly people: readonly Member[];
	readonly gathered: Gathered;
	/** Lines that must be in, and lines that are not to be. */
	readonly hold: readonly string[];
	readonly without: readonly string[];
	readonly together: Together;
	/** Agreed shares, in the order of the people. */
	readonly shares?: readonly number[];
	readonly taken?: PlanInput['taken'];
}

/** What can be in a pail, as a problem for the planner, and the way back from its answer. */
export interface Filling {
	readonly request: FillRequest;
	readonly input: PlanInput;
	readonly lineOf: ReadonlyMap<string, DaySeries>;
	readonly extraOf: ReadonlyMap<string, ExtraJob>;
}

/** What is due outweighs what may be done: a day's worth of weights apart keeps the order of worth within each. */
const OPEN_WORTH = 1 / 1000;
/** Worth of what is not due yet and done all the same, for visitors. */
const RESTING_WORTH = 0.5;

/** The problem of a pail. Breaks of a big day and the order of things are in it. */
export function filling(request: FillRequest): Filling {
	const { home, gathered, kind, bell, people, date, hold, without } = request;
	const { household, rooms } = home.home;
	const rules = KIND_RULES[kind];
	const lines = gathered.lines.filter((line) => !without.includes(line.line.id));
	const extra = gathered.extra.filter((one) => !without.includes(one.id));
	const jobs = [
		...lines.map((line): PlanJob => {
			const job = planJob(line, rules.cap);
			const byState =
				line.state === 'open' && kind === 'bite' ? OPEN_WORTH : line.state === 'resting' ? RESTING_WORTH : 1;
			return {
				...job,
				worth: job.worth * byState * gathered.seen(line.line.room.id, line.line.job),
				optional: !hold.includes(job.id)
			};
		}),
		...extra.map((one): PlanJob => ({
			id: one.id,
			worth: one.worth * gathered.seen(one.room),
			optional: !one.held && !hold.includes(one.id),
			steps: planSteps(one.steps, one.room)
		}))
	];
	const input: PlanInput = {
		bell,
		people: people.map((member) => ({
			id: member.id,
			from: 0,
			until: bell,
			barred: lines
				.filter((line) => !mayDo(line.line.job, member, date, line.line.room))
				.map((line) => line.line.id),
			breaks: kind === 'bigday' ? breaksOf(bell) : undefined
		})),
		rooms: rooms.map((room) => ({ id: room.id, storey: room.storey })),
		move: household.moves,
		appliances: [],
		pairs: orderPairs(
			lines.map((line) => ({
				id: line.line.id,
				job: line.line.job,
				isKitchen: line.line.room.kind === 'kitchen'
			}))
		),
		jobs,
		floors: household.floors === 'at-end' ? 'at-end' : 'with-room',
		topDown: kind === 'bigday',
		bestFirst: kind === 'visitors',
		taken: request.taken
	};
	return {
		request,
		input: settle(input, request.together, request.shares),
		lineOf: new Map(lines.map((line) => [line.line.id, line])),
		extraOf: new Map(extra.map((one) => [one.id, one]))
	};
}

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
	solve: Solve
): { input: PlanInput; plan: Plan } {
	const planned = new Set(plan.entries.map((entry) => entry.job));
	if (jobs === null || planned.size <= jobs) return { input, plan };
	const kept = input.jobs
		.filter((job) => planned.has(job.id))
		.sort((a, b) => Number(a.optional) - Number(b.optional) || b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, jobs);
	const fewer = { ...input, jobs: input.jobs.filter((job) => kept.includes(job)) };
	return { input: fewer, plan: solve(fewer) };
}

type Solve = (input: PlanInput) => Plan;

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
	const most = name === 'start' ? null : KIND_RULES[filled.request.kind].jobs;
	return { name, ...limited(problem, solve(problem), most, solve), about };
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

/** A plan as the steps of a session, in the order of their planned starts. */
export function stepsOfPlan(filled: Filling, plan: Plan): PailStep[] {
	const { home, kind } = filled.request;
	return plan.entries.flatMap((entry): PailStep[] => {
		const line = filled.lineOf.get(entry.job);
		const extra = filled.extraOf.get(entry.job);
		const all = line ? capped(stepsOf(line), KIND_RULES[kind].cap) : (extra?.steps ?? []);
		const step = all[entry.step];
		const roomId = step?.room ?? line?.line.job.room ?? extra?.room ?? '';
		const planned = filled.input.jobs.find((job) => job.id === entry.job)?.steps[entry.step];
		if (!step) return [];
		return [
			{
				line: entry.job,
				job: line?.line.job.id ?? entry.job,
				jobName: line?.line.job.name ?? extra?.name ?? '',
				step: entry.step,
				text: step.text,
				room: roomId,
				roomName: home.roomById.get(roomId)?.name ?? '',
				minutes: step.minutes,
				start: entry.start,
				wait: step.wait ? { label: step.wait.label, min: step.wait.min, max: step.wait.max ?? null } : null,
				last: entry.step === all.length - 1,
				who: entry.person,
				class: step.class,
				appliance: step.appliance ?? null,
				uses: planned?.uses ?? []
			}
		];
	});
}

/** What a session keeps of each of its jobs. */
function sessionLine(input: PlanInput, id: string): SessionLine {
	const job = input.jobs.find((one) => one.id === id);
	const settled = job?.by;
	return {
		worth: job?.worth ?? 1,
		held: job ? !job.optional : false,
		can: input.people
			.filter((one) => !one.barred.includes(id) && (settled ?? one.id) === one.id)
			.map((one) => one.id)
	};
}

/** A session as it is stored, from a filled pail. */
export function sessionPlan(filled: Filling, plan: Plan, bell: number): SessionPlan {
	const { request, input } = filled;
	const steps = stepsOfPlan(filled, plan);
	const rules = KIND_RULES[request.kind];
	const inside = new Set(steps.map((step) => step.line));
	return {
		kind: request.kind,
		bellMinutes: bell,
		fixedBell: rules.fixedBell,
		cap: rules.cap,
		people: request.people.map((one) => one.id),
		steps,
		lines: Object.fromEntries([...inside].map((id) => [id, sessionLine(input, id)])),
		rooms: input.rooms,
		move: input.move,
		pairs: input.pairs.filter(([a, b]) => inside.has(a) && inside.has(b)),
		floors: input.floors ?? 'with-room',
		topDown: input.topDown ?? false,
		breaks: request.kind === 'bigday' ? breaksOf(bell) : [],
		clearing: null
	};
}

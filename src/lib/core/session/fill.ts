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
import { chanceOfFitting, STARTER_SPREAD, type Habit } from '../planner/chance';
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

/** Steps as long as they really take, in halves, at least a half each. */
function learned(steps: readonly JobStep[], factor: number): readonly JobStep[] {
	if (factor === 1) return steps;
	return steps.map((step) => ({
		...step,
		minutes: Math.max(0.5, Math.round(step.minutes * factor * 2) / 2)
	}));
}

/** The steps of a line as a session has them: as long as they really take, within the cap of its kind. */
function sessionSteps(line: DaySeries, { habits, kind }: Pick<FillRequest, 'habits' | 'kind'>) {
	const steps = learned(stepsOf(line), habits?.get(line.line.id)?.factor ?? 1);
	// The cap binds quick and usual depth; deep takes its own minutes.
	return capped(steps, line.depth === 'deep' ? null : KIND_RULES[kind].cap);
}

/** A line of the day as a job for the planner, at the depth of its turn; it may be left out. Rules: "Kinds of session". */
export function planJob(line: DaySeries, request: Pick<FillRequest, 'habits' | 'kind'>): PlanJob {
	return {
		id: line.line.id,
		worth: line.worth,
		optional: true,
		steps: planSteps(sessionSteps(line, request), line.line.job.room)
	};
}

/** The habit of a job as it was planned: its minutes are the learned ones already, and a cap that binds is kept. */
export function habitInPlan(filled: Filling, id: string): Habit {
	const { habits, kind } = filled.request;
	const job = filled.input.jobs.find((one) => one.id === id);
	const line = filled.lineOf.get(id);
	const { cap } = KIND_RULES[kind];
	const isCapped = job !== undefined && cap !== null && line?.depth !== 'deep';
	const spread = habits?.get(id)?.spread ?? STARTER_SPREAD;
	return isCapped ? { factor: 1, spread, most: cap } : { factor: 1, spread };
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
	/** What is known of the minutes of lines: plans are as long as the work really is. */
	readonly habits?: ReadonlyMap<string, Habit>;
	/** Filled to the brim: no margin is kept. */
	readonly brim?: boolean;
	/** Places in which floors are done last of all; left out: as the home says. */
	readonly floors?: PlanInput['floors'];
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
	const lines = gathered.lines.filter((line) => !without.includes(line.line.id));
	const extra = gathered.extra.filter((one) => !without.includes(one.id));
	const jobs = [
		...lines.map((line): PlanJob => {
			const job = planJob(line, request);
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
		floors: request.floors ?? (household.floors === 'at-end' ? 'at-end' : 'with-room'),
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

/** By planned job of a line, the lines that it does along. */
export function coveredIn(filled: Filling, plan: Plan): Map<string, string> {
	const found = new Map<string, string>();
	for (const id of new Set(plan.entries.map((entry) => entry.job))) {
		const covers = filled.lineOf.get(id)?.line.job.covers ?? [];
		for (const [other, line] of filled.lineOf)
			if (other !== id && covers.includes(line.line.job.id)) found.set(other, id);
	}
	return found;
}

/** Solved so that nothing is done twice: what a planned job does along is left to it. */
function withoutCovered(filled: Filling, input: PlanInput, solve: Solve): { input: PlanInput; plan: Plan } {
	let problem = input;
	let plan = solve(problem);
	for (;;) {
		const covered = coveredIn(filled, plan);
		const twice = new Set(plan.entries.map((entry) => entry.job).filter((id) => covered.has(id)));
		if (twice.size === 0) return { input: problem, plan };
		problem = { ...problem, jobs: problem.jobs.filter((job) => !twice.has(job.id)) };
		plan = solve(problem);
	}
}

/** A plan keeps its word: it is done before the bell with this probability at least. Rules: "Chance of finishing". */
export const KEEPS_ITS_WORD = 0.8;
/** Jobs of most worth that are tried beside a plan that keeps its word. */
const SPARE_JOBS = 6;
/** Of jobs that are tried alone, the ones of most worth. */
const TRIED_ALONE = 16;

/** How likely it is that a plan of a filled pail is done before its own bell, 0 to 1. */
export const chanceOf = (filled: Filling, plan: Plan): number =>
	chanceOfFitting({ ...filled.input, bell: filled.request.bell }, plan, (id) => habitInPlan(filled, id));

/**
 * Solved so that it keeps its word: of the fullest plan what gives least for its minutes is left out until it does. The
 * margin binds what is optional: what must be in stays, however late that makes it.
 */
function withMargin(filled: Filling, input: PlanInput, solve: Solve): { input: PlanInput; plan: Plan } {
	const whole = withoutCovered(filled, input, solve);
	if (filled.request.brim || chanceOf(filled, whole.plan) >= KEEPS_ITS_WORD) return whole;
	const planned = new Set(whole.plan.entries.map((entry) => entry.job));
	const yields = (job: PlanJob) => job.worth / (attendedMinutes(job) + 0.5);
	const kept = input.jobs.filter((job) => planned.has(job.id));
	const optional = kept
		.filter((job) => job.optional)
		.sort((a, b) => yields(a) - yields(b) || (a.id < b.id ? -1 : 1));
	for (const out of optional) {
		kept.splice(kept.indexOf(out), 1);
		if (kept.length === 0) break;
		const plan = solve({ ...input, jobs: kept.map((job) => ({ ...job, optional: false })) });
		if (plan.left.length === 0 && chanceOf(filled, plan) >= KEEPS_ITS_WORD)
			return filledUp(filled, input, plan, solve);
	}
	// Only what must be in, where there is such a thing; else the one job that is likeliest.
	const must = whole.input.jobs.filter((job) => !job.optional);
	if (must.length > 0) return withoutCovered(filled, { ...input, jobs: must }, solve);
	return likeliest(filled, input, solve) ?? whole;
}

/**
 * A plan that keeps its word with what still goes in beside it: a shorter end for all leaves some with nothing to do,
 * though what they could take makes nobody late.
 */
function filledUp(
	filled: Filling,
	input: PlanInput,
	begun: Plan,
	solve: Solve
): { input: PlanInput; plan: Plan } {
	const covered = coveredIn(filled, begun);
	let inPlan = new Set(begun.entries.map((entry) => entry.job));
	let best = begun;
	const spare = input.jobs
		.filter((job) => !inPlan.has(job.id) && !covered.has(job.id))
		.sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, SPARE_JOBS);
	for (const { id } of spare) {
		const wanted = new Set([...inPlan, id]);
		const jobs = input.jobs.filter((job) => wanted.has(job.id)).map((job) => ({ ...job, optional: false }));
		const plan = solve({ ...input, jobs });
		if (plan.left.length > 0 || chanceOf(filled, plan) < KEEPS_ITS_WORD) continue;
		if ([...coveredIn(filled, plan).keys()].some((other) => wanted.has(other))) continue;
		inPlan = wanted;
		best = plan;
	}
	const left = input.jobs.filter((job) => !inPlan.has(job.id)).map((job) => job.id);
	return { input, plan: { ...best, left } };
}

/** The one job that is done in time as is promised, or the likeliest of all; null where none fits. */
function likeliest(filled: Filling, input: PlanInput, solve: Solve): { input: PlanInput; plan: Plan } | null {
	const alone = [...input.jobs]
		.sort((a, b) => b.worth - a.worth || (a.id < b.id ? -1 : 1))
		.slice(0, TRIED_ALONE)
		.map((job) => ({ ...input, jobs: [job] }))
		.map((problem) => ({ input: problem, plan: solve(problem) }))
		.filter(({ plan }) => plan.entries.length > 0)
		.map((one) => ({ ...one, chance: chanceOf(filled, one.plan) }));
	const sure = alone.filter((one) => one.chance >= KEEPS_ITS_WORD);
	const by = (a: (typeof alone)[number], b: (typeof alone)[number]) =>
		sure.length > 0 ? b.plan.worth - a.plan.worth : b.chance - a.chance;
	return (sure.length > 0 ? sure : alone).sort(by)[0] ?? null;
}

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
	return { name, ...limited(made.input, made.plan, most, solve), about };
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
	const { home } = filled.request;
	return plan.entries.flatMap((entry): PailStep[] => {
		const line = filled.lineOf.get(entry.job);
		const extra = filled.extraOf.get(entry.job);
		const all = line ? sessionSteps(line, filled.request) : (extra?.steps ?? []);
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

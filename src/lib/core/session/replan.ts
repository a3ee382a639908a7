/**
 * What is to be done from now on in a running session: planned again from what happened, so every device with the same
 * events shows the same. The order stays as it was while all of it still fits; what no longer fits is left from the
 * end. Rules: "Running session".
 */
import type { SessionState } from './sessionState';
import type { PailStep, SessionPlan } from './sessionPlan';
import { HOP_COST, moveMinutes, type Plan, type PlanInput, type PlanJob } from '../planner/plan';
import { firstPlan } from '../planner/makePlan';
import { flatten } from '../planner/solver/problem';
import { Timing } from '../planner/solver/timing';

/** A step that is still to come, with the instants as planned now. */
export interface Coming {
	/** Place in the session. */
	readonly step: number;
	readonly from: number;
	readonly to: number;
}

export interface Lane {
	readonly who: string;
	/** In order; the first is in hand, or is waited for. */
	readonly coming: readonly Coming[];
}

export interface Replanned {
	readonly lanes: readonly Lane[];
	/** Lines that no longer fit before the bell, in the order in which they were planned. */
	readonly off: readonly string[];
	/** The instant at which all that fits is done. */
	readonly endsAt: number;
}

const MINUTE = 60_000;
const upToHalf = (minutes: number) => Math.ceil(minutes * 2 - 1e-6) / 2;
const downToHalf = (minutes: number) => Math.floor(minutes * 2 + 1e-6) / 2;

/** A rest that a replan keeps: the worth that is not given up for an order that stays. */
const WORTH_KEPT = 0.85;

/**
 * Plans the rest of a session from the instant `now`. A soak that runs keeps its instants; a job that was begun goes
 * on with whoever began it; a step that is `pinned` stays the one in hand. Past the bell nothing is left out: what is in
 * hand is finished, or five more asked for.
 */
export function replan(
	plan: SessionPlan,
	clock: SessionState,
	now: number,
	pinned: ReadonlySet<number> = NONE_PINNED
): Replanned {
	const untouched = clock.steps.flatMap((step, i) =>
		!clock.done[i] && !clock.dropped.has(step.line) ? [{ step, i }] : []
	);
	// What is in hand comes first, whatever is due meanwhile.
	const open = [
		...untouched.filter(({ i }) => pinned.has(i)),
		...untouched.filter(({ i }) => !pinned.has(i))
	];
	if (open.length === 0 || clock.phase === 'over')
		return { lanes: clock.lanes.map(({ who }) => ({ who, coming: [] })), off: [], endsAt: now };
	const { input, stepsOf } = restOf(plan, clock, now, open, pinned);
	const order = (lines: ReadonlySet<string>) => open.filter(({ step }) => lines.has(step.line));
	const all = new Set(open.map(({ step }) => step.line));
	// A soak whose longest time cannot be kept any more is late: it rings, and changes nothing of what is in hand.
	const late = hurried(input, pinned, clock);
	const kept = inOrder(input, order(all), all) ?? inOrder(late, order(all), all);
	if (kept) return laidOut(plan, clock, now, kept, stepsOf, []);
	// Before anything is left out, another order: a soak between two steps may be all that stands against this one.
	const anew = firstPlan(input);
	const holdsAll = (one: Plan) => one.entries.length === open.length;
	const whole = holdsAll(anew) ? anew : firstPlan(late);
	if (holdsAll(whole)) return laidOut(plan, clock, now, whole, stepsOf, []);
	// Nothing fits that way any more: leave lines from the end, the ones that are not held first.
	const fromTheEnd = [...all]
		.filter((line) => input.jobs.some((job) => job.id === line && job.optional))
		.reverse();
	const lines = new Set(all);
	let shorter: Plan | null = null;
	for (const line of fromTheEnd) {
		lines.delete(line);
		shorter = inOrder(input, order(lines), lines);
		if (shorter) break;
	}
	const better = !shorter || shorter.worth < anew.worth * WORTH_KEPT ? anew : shorter;
	const off = [...all].filter((line) => !better.entries.some((entry) => entry.job === line));
	if (better.entries.length > 0) return laidOut(plan, clock, now, better, stepsOf, off);
	// Not even what was begun fits: it is shown as it comes, and the bell will stop it.
	const endless = {
		...input,
		bell: 24 * 60,
		people: input.people.map((one) => ({ ...one, until: 24 * 60 }))
	};
	const begun = new Set(input.jobs.filter((job) => !job.optional).map((job) => job.id));
	const first = begun.size > 0 ? begun : new Set([open[0]?.step.line ?? '']);
	// Nor is a soak lost that nobody can be at in time any more.
	const endlessLate = hurried(endless, pinned, clock);
	const past =
		inOrder(endless, order(first), first) ??
		inOrder(endlessLate, order(first), first) ??
		firstPlan({ ...endlessLate, jobs: input.jobs.filter((job) => first.has(job.id)) });
	return laidOut(
		plan,
		clock,
		now,
		past,
		stepsOf,
		[...all].filter((line) => !past.entries.some((entry) => entry.job === line))
	);
}

const NONE_PINNED: ReadonlySet<number> = new Set();

/** The same without the longest times of soaks that run: of what is pinned alone the beginning is kept. */
function hurried(input: PlanInput, pinned: ReadonlySet<number>, clock: SessionState): PlanInput {
	const inHand = new Set([...pinned].map((i) => clock.steps[i]?.line));
	return {
		...input,
		jobs: input.jobs.map((job) => (inHand.has(job.id) ? job : { ...job, deadline: undefined }))
	};
}

/** What is left to do as a problem for the planner, in minutes from now. */
function restOf(
	plan: SessionPlan,
	clock: SessionState,
	now: number,
	open: readonly { step: PailStep; i: number }[],
	pinned: ReadonlySet<number>
): { input: PlanInput; stepsOf: Map<string, number[]> } {
	const stepsOf = new Map<string, number[]>();
	for (const { step, i } of open) stepsOf.set(step.line, [...(stepsOf.get(step.line) ?? []), i]);
	for (const list of stepsOf.values())
		list.sort((a, b) => (clock.steps[a]?.step ?? 0) - (clock.steps[b]?.step ?? 0));
	const waitOf = (line: string) =>
		clock.waits.find((wait) => clock.steps[wait.step]?.line === line && !wait.trailing);
	// What each person has had in hand since the last tick: the first open step that no soak holds back.
	const inHand = new Map<string, number>();
	for (const { step, i } of open) {
		const isNext = stepsOf.get(step.line)?.[0] === i;
		const wait = waitOf(step.line);
		const isFree = pinned.has(i) || !wait || wait.fetchAt <= now;
		if (isNext && !inHand.has(step.who) && isFree) inHand.set(step.who, i);
	}
	const bell = Math.max(0, downToHalf(clock.left / MINUTE));
	const jobs = [...stepsOf].map(([line, list]): PlanJob => {
		const facts = plan.lines[line];
		const first = clock.steps[list[0] as number] as PailStep;
		const begun = first.step > 0 && clock.steps.some((s, i) => s.line === line && clock.done[i]);
		const isPinned = pinned.has(list[0] as number);
		const isInHand =
			isPinned ||
			([...inHand.values()].includes(list[0] as number) &&
				(clock.lanes.find((lane) => lane.who === first.who)?.inHand ?? 0) > MINUTE / 2);
		const wait = waitOf(line);
		const latest = wait?.latestAt ?? null;
		const spent = (clock.lanes.find((lane) => lane.who === first.who)?.inHand ?? 0) / MINUTE;
		return {
			id: line,
			worth: Math.max(0.001, facts?.worth ?? 1),
			optional: !begun && !isInHand && !clock.held.has(line),
			by: begun || isInHand || (facts?.can.length ?? 0) < 2 ? first.who : undefined,
			release: wait && wait.fetchAt > now ? upToHalf((wait.fetchAt - now) / MINUTE) : undefined,
			// A longest time that has gone by can only be hurried.
			deadline: isPinned
				? 0
				: latest !== null && latest > now
					? Math.max(0, downToHalf((latest - now) / MINUTE))
					: undefined,
			steps: list.map((i, k) => {
				const step = clock.steps[i] as PailStep;
				const minutes =
					k === 0 && inHand.get(step.who) === i
						? Math.max(0.5, upToHalf(step.minutes - spent))
						: step.minutes;
				return {
					room: step.room,
					class: step.class,
					minutes,
					appliance: step.appliance ?? undefined,
					waitMin: step.wait?.min,
					waitMax: step.wait?.max ?? step.within,
					uses: step.uses
				};
			})
		};
	});
	const worked = clock.worked / MINUTE;
	return {
		stepsOf,
		input: {
			bell,
			people: clock.lanes.map(({ who, room }) => ({
				id: who,
				from: 0,
				until: bell,
				barred: Object.keys(plan.lines).filter(
					(line) =>
						!(plan.lines[line]?.can ?? []).includes(who) &&
						!jobs.some((job) => job.id === line && job.by === who)
				),
				room: room ?? undefined,
				breaks: plan.breaks
					.map((span) => ({ from: downToHalf(span.from - worked), until: upToHalf(span.until - worked) }))
					.filter((span) => span.until > 0)
			})),
			rooms: plan.rooms,
			move: plan.move,
			hopCost: HOP_COST,
			appliances: [],
			pairs: plan.pairs,
			jobs,
			floors: plan.floors,
			topDown: plan.topDown,
			taken: clock.waits.flatMap((wait) => {
				// A machine that runs after its job's last step is not free before it is fetched.
				const appliance = clock.steps[wait.step]?.appliance;
				return appliance && wait.trailing && wait.fetchAt > now
					? [{ appliance, until: upToHalf((wait.fetchAt - now) / MINUTE) }]
					: [];
			})
		}
	};
}

/** The steps in the order in which they stand, with their people; null where that breaks a rule or the bell. */
function inOrder(
	input: PlanInput,
	ordered: readonly { step: PailStep; i: number }[],
	lines: ReadonlySet<string>
): Plan | null {
	const chosen = { ...input, jobs: input.jobs.filter((job) => lines.has(job.id)) };
	const problem = flatten(chosen);
	if (problem.jobs !== chosen.jobs.length) return null;
	const place = new Map(chosen.jobs.map((job, j) => [job.id, problem.source.indexOf(j)]));
	const who = new Int32Array(problem.jobs);
	const next = new Map<string, number>();
	const order = new Int32Array(problem.steps);
	ordered.forEach(({ step }, at) => {
		const j = place.get(step.line) as number;
		const k = next.get(step.line) ?? 0;
		next.set(step.line, k + 1);
		order[at] = (problem.first[j] as number) + k;
		who[j] = Math.max(
			0,
			chosen.people.findIndex((one) => one.id === step.who)
		);
	});
	const timed = new Timing(problem);
	if (!timed.time(order, problem.steps, who)) return null;
	const entries = [...order].map((s) => {
		const j = problem.job[s] as number;
		return {
			job: chosen.jobs[problem.source[j] as number]?.id ?? '',
			step: problem.index[s] as number,
			person: chosen.people[who[j] as number]?.id ?? '',
			start: timed.start[s] as number,
			end: timed.end[s] as number
		};
	});
	return {
		entries,
		worth: chosen.jobs.reduce((sum, job) => sum + job.worth, 0),
		end: timed.makespan(),
		left: [],
		exact: false
	};
}

function laidOut(
	plan: SessionPlan,
	clock: SessionState,
	now: number,
	found: Plan,
	stepsOf: ReadonlyMap<string, readonly number[]>,
	off: readonly string[]
): Replanned {
	const coming = found.entries
		.map((entry) => ({
			who: entry.person,
			step: stepsOf.get(entry.job)?.[entry.step] ?? -1,
			from: now + entry.start * MINUTE,
			to: now + entry.end * MINUTE
		}))
		.sort((a, b) => a.from - b.from || a.to - b.to);
	return {
		lanes: clock.lanes.map(({ who }) => ({
			who,
			coming: coming.filter((one) => one.who === who).map(({ step, from, to }) => ({ step, from, to }))
		})),
		off,
		endsAt: now + found.end * MINUTE
	};
}

/** Who has the shortest way to a room, of those in the session; the one whose step it is where all are as near. */
export function nearest(plan: SessionPlan, clock: SessionState, room: string, whose: string): string {
	const way = (at: string | null) =>
		at === null
			? Infinity
			: moveMinutes({ ...plan, appliances: [], people: [], jobs: [], bell: 0 }, at, room);
	const lanes = [...clock.lanes].sort(
		(a, b) => way(a.room) - way(b.room) || Number(b.who === whose) - Number(a.who === whose)
	);
	return lanes[0] && way(lanes[0].room) < Infinity ? lanes[0].who : whose;
}

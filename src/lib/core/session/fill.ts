/** Fills a pail: from what is on, for one person or several and a bell, the steps in the order in which to do them. */
import type { CivilDay } from '../calendar/civil';
import type { PreparedHome } from '../schedule/preparedHome';
import type { Member } from '../household/home';
import { carriedOut } from '../cupboard/kits';
import { mayDo, ownersOfWork } from '../people/whoCan';
import { jobTitle, type DaySeries } from '../schedule/readDay';
import type { ExtraJob, Gathered } from './gathered';
import { breaksOf, KIND_RULES, type SessionKind } from './kinds';
import type { PailStep, SessionLine, SessionPlan } from './sessionPlan';
import { classesForbid, orderPairs } from '../planner/orderPairs';
import type { Depth } from '../household/fields';
import type { JobStep } from '../household/jobSchema';
import type { Habit } from '../planner/chance';
import { HOP_COST, type Plan, type PlanInput, type PlanJob } from '../planner/plan';
import { rinsesBetween, type Rinses } from './rinses';
import { isUncapped, planSteps, sessionSteps, stepsOf, type AsPlanned } from './sessionSteps';
import { settle, type Together } from './together';

export type { PailStep } from './sessionPlan';

/** A line of the day as a job for the planner, at the depth of its turn; it may be left out. Rules: "Kinds of session". */
export function planJob(line: DaySeries, request: AsPlanned): PlanJob {
	return {
		id: line.line.id,
		worth: line.worth,
		optional: true,
		steps: planSteps(sessionSteps(line, request), line.line.job.room)
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
	/** What is known of the minutes of lines: plans are as long as the work really is. */
	readonly habits?: ReadonlyMap<string, Habit>;
	/** Chosen for this session, whatever the day or a job's turn says: what is done is recorded with it. */
	readonly depth?: Depth;
	/** Lines whose depth was chosen for each by itself: recorded likewise. */
	readonly withOwnDepth?: ReadonlySet<string>;
	/** Filled to the brim: no margin is kept. */
	readonly brim?: boolean;
	/** Rinses between jobs whose products must not meet; found when it is filled. */
	readonly rinses?: Rinses;
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

/** What the length of steps depends on, of a pail. */
const asPlanned = ({ kind, habits, gathered, rinses }: FillRequest): AsPlanned => ({
	kind,
	...(habits ? { habits } : {}),
	rinses,
	uncapped: gathered.after
});

/** The named order, and what comes after all others, as far as the order of the work in a room lets it. */
function pairsOf(
	lines: readonly DaySeries[],
	after: ReadonlySet<string> | undefined,
	named: PlanInput['pairs']
): PlanInput['pairs'] {
	if (!after || after.size === 0) return named;
	const first = lines.filter((line) => !after.has(line.line.id));
	const then = lines.filter((line) => after.has(line.line.id));
	return [
		...named,
		...first.flatMap((a) =>
			then.flatMap((b) => (classesForbid(a.line.job, b.line.job) ? [] : [[a.line.id, b.line.id] as const]))
		)
	];
}

/** What is due outweighs what may be done: a day's worth of weights apart keeps the order of worth within each. */
const OPEN_WORTH = 1 / 1000;
/** Worth of what is not due yet and done all the same, for visitors. */
const RESTING_WORTH = 0.5;

/** The problem of a pail. Breaks of a big day and the order of things are in it. */
export function filling(asked: FillRequest): Filling {
	const { home, gathered, kind, bell, people, date, hold, without } = asked;
	const { household, rooms } = home.home;
	const lines = gathered.lines.filter((line) => !without.includes(line.line.id));
	const extra = gathered.extra.filter((one) => !without.includes(one.id));
	const request = { ...asked, rinses: rinsesBetween(lines, stepsOf) };
	const carried = new Set(
		lines.filter(({ line }) => carriedOut(home.home, line.job).length > 0).map(({ line }) => line.id)
	);
	const jobs = [
		...lines.map((line): PlanJob => {
			const job = planJob(line, asPlanned(request));
			const byState =
				line.state === 'open' && kind === 'bite' ? OPEN_WORTH : line.state === 'resting' ? RESTING_WORTH : 1;
			return {
				...job,
				worth: job.worth * byState * gathered.seen(line.line.room.id, line.line.job),
				optional: !hold.includes(job.id) || carried.has(job.id)
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
				.filter(
					({ line }) =>
						carried.has(line.id) || !mayDo(line.job, member, date, ownersOfWork(home.home, line.job, date))
				)
				.map((line) => line.line.id),
			breaks: kind === 'bigday' ? breaksOf(bell) : undefined
		})),
		rooms: rooms.map((room) => ({ id: room.id, storey: room.storey })),
		move: household.moves,
		hopCost: HOP_COST,
		appliances: [],
		pairs: pairsOf(
			lines,
			gathered.after,
			orderPairs(
				lines.map((line) => ({
					id: line.line.id,
					job: line.line.job,
					isKitchen: line.line.room.kind === 'kitchen'
				}))
			)
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

/** The steps of a job as the plan has them, with the rinses that part it from others. */
export function stepsInPlan(filled: Filling, id: string): readonly JobStep[] {
	const line = filled.lineOf.get(id);
	return line ? sessionSteps(line, asPlanned(filled.request)) : (filled.extraOf.get(id)?.steps ?? []);
}

/** A plan as the steps of a session, in the order of their planned starts. */
export function stepsOfPlan(filled: Filling, plan: Plan): PailStep[] {
	const { home } = filled.request;
	return plan.entries.flatMap((entry): PailStep[] => {
		const line = filled.lineOf.get(entry.job);
		const extra = filled.extraOf.get(entry.job);
		const all = stepsInPlan(filled, entry.job);
		const step = all[entry.step];
		const roomId = step?.room ?? line?.line.job.room ?? extra?.room ?? '';
		const planned = filled.input.jobs.find((job) => job.id === entry.job)?.steps[entry.step];
		if (!step) return [];
		return [
			{
				line: entry.job,
				job: line?.line.job.id ?? entry.job,
				jobName: line ? jobTitle(line.line.job.name, line.variant) : (extra?.name ?? ''),
				step: entry.step,
				text: step.text,
				room: roomId,
				roomName: home.roomById.get(roomId)?.name ?? '',
				minutes: step.minutes,
				start: entry.start,
				wait: step.wait
					? { label: step.wait.label, min: step.wait.min, max: planned?.waitMax ?? null }
					: null,
				...(!step.wait && planned?.waitMax !== undefined ? { within: planned.waitMax } : {}),
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
function sessionLine({ input, lineOf, request }: Filling, id: string): SessionLine {
	const line = lineOf.get(id);
	const job = input.jobs.find((one) => one.id === id);
	const settled = job?.by;
	return {
		worth: job?.worth ?? 1,
		held: job ? !job.optional : false,
		...((request.depth || request.withOwnDepth?.has(id)) && line ? { depth: line.depth } : {}),
		...(line && isUncapped(line, request.gathered.after) ? { uncapped: true } : {}),
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
		lines: Object.fromEntries([...inside].map((id) => [id, sessionLine(filled, id)])),
		rooms: input.rooms,
		move: input.move,
		pairs: input.pairs.filter(([a, b]) => inside.has(a) && inside.has(b)),
		floors: input.floors ?? 'with-room',
		topDown: input.topDown ?? false,
		breaks: request.kind === 'bigday' ? breaksOf(bell) : [],
		clearing: null
	};
}

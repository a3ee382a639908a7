/**
 * The clock of a running session, computed from instants alone: nothing counts, so nothing can be lost.
 * Rules: "Running session". Instants are milliseconds since 1970 by the server's clock.
 */
import type { PailStep, SessionEvent, SessionPlan } from './sessionPlan';

export type { SessionEvent, SessionEventKind, SessionPlan } from './sessionPlan';

export interface RunningWait {
	readonly step: number;
	readonly label: string;
	readonly room: string;
	readonly roomName: string;
	readonly begunAt: number;
	/** The least time is over: go and fetch. */
	readonly fetchAt: number;
	/** Leaving it longer does harm. */
	readonly latestAt: number | null;
	/** Nothing attended follows in this session: it is ticked off when fetched. */
	readonly trailing: boolean;
	/** Whose lane the next step is in, or who set it going. */
	readonly who: string;
}

/** One person's way through a session. */
export interface LaneState {
	readonly who: string;
	/** Milliseconds since this person's last tick, without pauses. */
	readonly inHand: number;
	/** The room of the last step done; null before the first. */
	readonly room: string | null;
}

export interface SessionState {
	readonly phase: 'running' | 'paused' | 'over';
	/** The steps of the plan, and after them those that were added. */
	readonly steps: readonly PailStep[];
	/** Milliseconds really worked; pauses do not count. */
	readonly worked: number;
	/** Milliseconds to the bell; negative past it. */
	readonly left: number;
	/** The instant of the bell, as things stand; null while paused (but for a fixed bell) or over. */
	readonly bellAt: number | null;
	readonly bellMinutes: number;
	/** Place of the first step that is not done and not dropped; null when all are. */
	readonly current: number | null;
	readonly done: readonly boolean[];
	/** Milliseconds worked on each step. */
	readonly workedOnStep: readonly number[];
	/** Lines that were stopped at their cap. */
	readonly capped: ReadonlySet<string>;
	/** Lines that somebody took out. */
	readonly dropped: ReadonlySet<string>;
	/** Lines that are not to be dropped. */
	readonly held: ReadonlySet<string>;
	/** Who did a step. */
	readonly doneBy: readonly (string | null)[];
	readonly lanes: readonly LaneState[];
	readonly waits: readonly RunningWait[];
	readonly startedAt: number;
	readonly overAt: number | null;
	/** A clearing: when its closing began; null before. */
	readonly closingAt: number | null;
}

const MINUTE = 60_000;
const FIVE_MORE = 5;

/** Reads a session at the instant `now` from its events in the order in which they were received. */
export function readSession(plan: SessionPlan, events: readonly SessionEvent[], now: number): SessionState {
	const steps: PailStep[] = [...plan.steps];
	const done = steps.map(() => false);
	const workedOnStep = steps.map(() => 0);
	const doneAt = steps.map((): number | null => null);
	const doneBy = steps.map((): string | null => null);
	const fetched = new Set<number>();
	const capped = new Set<string>();
	const dropped = new Set<string>();
	const held = new Set(Object.keys(plan.lines).filter((line) => plan.lines[line]?.held));
	const people = plan.people.length > 0 ? plan.people : [''];
	/** Milliseconds worked at each person's last tick. */
	const mark = new Map(people.map((who) => [who, 0]));
	const room = new Map<string, string>();
	let phase = 'running' as SessionState['phase'];
	let startedAt = now;
	let overAt: number | null = null;
	let closingAt: number | null = null;
	let worked = 0;
	let since: number | null = null;
	let bell = plan.bellMinutes * MINUTE;
	let lastDone: number | null = null;

	const isOpen = (i: number) => done[i] === false && !dropped.has(steps[i]?.line ?? '');
	const current = () => {
		const at = done.findIndex((_, i) => isOpen(i));
		return at < 0 ? null : at;
	};
	/** Counts the time since the last instant; a clock that was set back takes nothing away. */
	const count = (at: number) => {
		if (since === null) return;
		worked += Math.max(0, at - since);
		since = at;
	};
	const laneOf = (who: string | undefined) =>
		who !== undefined && mark.has(who) ? who : (people[0] as string);
	/** Books what a person has worked since the last tick on a step; waiting for a soak is no work on it. */
	const book = (step: number, who: string, at: number) => {
		const own = steps[step];
		let span = worked - (mark.get(who) ?? 0);
		const setGoing = own ? steps.findIndex((s) => s.line === own.line && s.step === own.step - 1) : -1;
		const begun = doneAt[setGoing];
		const wait = steps[setGoing]?.wait;
		if (wait && begun !== null && begun !== undefined) {
			const ready = begun + wait.min * MINUTE;
			if (ready < at) span = Math.min(span, at - ready);
		}
		workedOnStep[step] = (workedOnStep[step] ?? 0) + Math.max(0, span);
		mark.set(who, worked);
	};
	const tick = (step: number, who: string, at: number) => {
		book(step, who, at);
		done[step] = true;
		doneAt[step] = at;
		doneBy[step] = who;
		lastDone = at;
		room.set(who, steps[step]?.room ?? '');
	};
	const end = (at: number) => {
		count(at);
		// What was in hand keeps the minutes worked on it.
		for (const who of people) {
			const inHand = done.findIndex((_, i) => isOpen(i) && laneOf(steps[i]?.who) === who);
			if (inHand >= 0) book(inHand, who, at);
		}
		since = null;
		overAt = at;
		phase = 'over';
	};
	for (const event of events) {
		if (phase === 'over' && event.kind !== 'fetched') continue;
		const step = event.step ?? -1;
		switch (event.kind) {
			case 'started':
				startedAt = since = event.at;
				break;
			case 'paused':
				if (phase === 'running') {
					count(event.at);
					since = null;
					phase = 'paused';
				}
				break;
			case 'resumed':
				if (phase === 'paused') {
					since = event.at;
					phase = 'running';
				}
				break;
			case 'stepDone':
				if (done[step] === false) {
					count(event.at);
					tick(step, laneOf(event.by ?? steps[step]?.who), event.at);
				}
				break;
			case 'stepUndone':
				if (done[step] === true) {
					count(event.at);
					done[step] = false;
					doneAt[step] = null;
					doneBy[step] = null;
					capped.delete(steps[step]?.line ?? '');
				}
				break;
			case 'capped':
				if (done[step] === false) {
					count(event.at);
					const line = steps[step]?.line ?? '';
					capped.add(line);
					tick(step, laneOf(event.by ?? steps[step]?.who), event.at);
					steps.forEach((s, i) => {
						if (s.line === line && done[i] === false) {
							done[i] = true;
							doneAt[i] = event.at;
							doneBy[i] = doneBy[step] ?? null;
						}
					});
				}
				break;
			case 'fiveMore':
				bell += (event.minutes ?? FIVE_MORE) * MINUTE;
				break;
			case 'cutTo':
				// "They come earlier": from this instant so many minutes are left.
				count(event.at);
				bell = (event.minutes ?? 0) * MINUTE + (plan.fixedBell ? event.at - startedAt : worked);
				break;
			case 'fetched':
				fetched.add(step);
				break;
			case 'added':
				if (event.line !== undefined && event.steps && !steps.some((s) => s.line === event.line)) {
					for (const one of event.steps) {
						steps.push(one);
						done.push(false);
						workedOnStep.push(0);
						doneAt.push(null);
						doneBy.push(null);
					}
				}
				if (event.line !== undefined) {
					dropped.delete(event.line);
					held.add(event.line);
				}
				break;
			case 'dropped':
				if (event.line !== undefined) {
					dropped.add(event.line);
					held.delete(event.line);
				}
				break;
			case 'held':
				if (event.line !== undefined) held.add(event.line);
				break;
			case 'closing':
				closingAt ??= event.at;
				break;
			case 'setDown':
			case 'closed':
				end(event.at);
				break;
			default:
				// Counting and carrying are read by the clearing.
				break;
		}
	}
	if (steps.length > 0 && current() === null && phase !== 'over') {
		// The last step ends the session; the tick of it can still be taken back.
		phase = 'over';
		overAt = lastDone ?? now;
	} else if (phase !== 'over') {
		count(now);
		// What is in hand shows the minutes so far; the next tick says what they went into.
		for (const who of people) {
			const inHand = done.findIndex((_, i) => isOpen(i) && laneOf(steps[i]?.who) === who);
			if (inHand >= 0) workedOnStep[inHand] = (workedOnStep[inHand] ?? 0) + worked - (mark.get(who) ?? 0);
		}
	}
	const left = plan.fixedBell ? startedAt + bell - (overAt ?? now) : bell - worked;
	return {
		phase,
		steps,
		worked,
		left,
		bellAt:
			phase === 'over' || (phase === 'paused' && !plan.fixedBell)
				? null
				: plan.fixedBell
					? startedAt + bell
					: now + left,
		bellMinutes: bell / MINUTE,
		current: current(),
		done,
		workedOnStep,
		capped,
		dropped,
		held,
		doneBy,
		lanes: people.map((who) => ({
			who,
			inHand: Math.max(0, worked - (mark.get(who) ?? 0)),
			room: room.get(who) ?? null
		})),
		waits: runningWaits(steps, doneAt, done, fetched, dropped),
		startedAt,
		overAt,
		closingAt
	};
}

/** Waits that were begun and not fetched: by the job's next step, or by hand where none follows. */
function runningWaits(
	steps: readonly PailStep[],
	doneAt: readonly (number | null)[],
	done: readonly boolean[],
	fetched: ReadonlySet<number>,
	dropped: ReadonlySet<string>
): RunningWait[] {
	return steps.flatMap((step, i): RunningWait[] => {
		const begunAt = doneAt[i];
		if (!step.wait || begunAt === null || begunAt === undefined || fetched.has(i)) return [];
		const follower = steps.findIndex((s, k) => k !== i && s.line === step.line && s.step === step.step + 1);
		if (follower >= 0 && done[follower]) return [];
		const next = follower < 0 ? step : (steps[follower] as PailStep);
		return [
			{
				step: i,
				label: step.wait.label,
				room: next.room,
				roomName: next.roomName,
				begunAt,
				fetchAt: begunAt + step.wait.min * MINUTE,
				latestAt: step.wait.max === null ? null : begunAt + step.wait.max * MINUTE,
				trailing: follower < 0 || dropped.has(step.line),
				who: next.who
			}
		];
	});
}

export interface JobOutcome {
	readonly line: string;
	readonly job: string;
	/** Who did it, or had it in hand. */
	readonly by: string;
	readonly outcome: 'done' | 'part' | 'untouched';
	/** Stopped at its cap: done, and its time a lower bound. */
	readonly cutOff: boolean;
	/** Minutes really worked on it, to a tenth; at least a tenth where it was touched. */
	readonly minutes: number;
	/** Share of its planned minutes that is done, above 0 and below 1 for `part`. */
	readonly share: number;
}

/** What became of each job of a session, in the order of their first steps. */
export function outcomesOf(plan: SessionPlan, clock: SessionState): JobOutcome[] {
	return [...new Set(clock.steps.map((step) => step.line))].map((line) => {
		let planned = 0;
		let finished = 0;
		let spent = 0;
		let allDone = true;
		let job = line;
		let by = '';
		clock.steps.forEach((step, i) => {
			if (step.line !== line) return;
			job = step.job;
			by = clock.doneBy[i] ?? (by || step.who);
			planned += step.minutes;
			const onStep = (clock.workedOnStep[i] ?? 0) / MINUTE;
			spent += onStep;
			if (clock.done[i]) finished += step.minutes;
			else {
				allDone = false;
				// A step in hand counts by its time, but never as finished.
				finished += Math.min(onStep, step.minutes * 0.9);
			}
		});
		const minutes = Math.max(0.1, Math.round(spent * 10) / 10);
		const cutOff = clock.capped.has(line);
		const known = { line, job, by };
		if (allDone) return { ...known, outcome: 'done' as const, cutOff, minutes, share: 1 };
		const share = Math.min(0.95, Math.round((finished / planned) * 100) / 100);
		return share >= 0.01
			? { ...known, outcome: 'part' as const, cutOff: true, minutes, share }
			: { ...known, outcome: 'untouched' as const, cutOff: false, minutes: 0, share: 0 };
	});
}

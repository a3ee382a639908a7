/**
 * The clock of a running session, computed from instants alone: nothing counts, so nothing can be lost.
 * Handbook page 3, "The running session". Instants are milliseconds since 1970 by the server's clock.
 */
import type { PailStep } from './fill';

export type SessionEventKind =
	| 'started'
	| 'paused'
	| 'resumed'
	| 'stepDone'
	| 'stepUndone'
	| 'fiveMore'
	| 'fetched'
	| 'setDown'
	| 'closed';

export interface SessionEvent {
	readonly id: string;
	readonly kind: SessionEventKind;
	/** Milliseconds. */
	readonly at: number;
	/** `stepDone`, `stepUndone`, `fetched`: place of the step in the session. */
	readonly step: number | null;
}

export interface SessionPlan {
	readonly bellMinutes: number;
	readonly steps: readonly PailStep[];
}

export interface RunningWait {
	readonly step: number;
	readonly label: string;
	readonly roomName: string;
	readonly begunAt: number;
	/** The least time is over: go and fetch. */
	readonly fetchAt: number;
	/** Leaving it longer does harm. */
	readonly latestAt: number | null;
	/** Nothing attended follows in this session: it is ticked off when fetched. */
	readonly trailing: boolean;
}

export interface SessionClock {
	readonly phase: 'running' | 'paused' | 'over';
	/** Milliseconds really worked; pauses do not count. */
	readonly worked: number;
	/** Milliseconds to the bell; negative past it. */
	readonly left: number;
	/** The instant of the bell, as things stand; null while paused or over. */
	readonly bellAt: number | null;
	readonly bellMinutes: number;
	/** Place of the first step that is not done; null when all are. */
	readonly current: number | null;
	readonly done: readonly boolean[];
	/** Milliseconds worked on each step. */
	readonly workedOnStep: readonly number[];
	readonly waits: readonly RunningWait[];
	readonly startedAt: number;
	readonly overAt: number | null;
}

const MINUTE = 60_000;
const FIVE_MORE = 5 * MINUTE;

/** Reads a session at the instant `now` from its events in the order in which they were received. */
export function readClock(plan: SessionPlan, events: readonly SessionEvent[], now: number): SessionClock {
	const done = plan.steps.map(() => false);
	const workedOnStep = plan.steps.map(() => 0);
	const doneAt = plan.steps.map((): number | null => null);
	const fetched = new Set<number>();
	let phase: SessionClock['phase'] = 'running';
	let startedAt = now;
	let overAt: number | null = null;
	let worked = 0;
	let since: number | null = null;
	let bell = plan.bellMinutes * MINUTE;
	let lastDone: number | null = null;
	const steps = plan.steps.length;

	const current = () => done.indexOf(false);
	/** Books the time since the last instant on the step that was in hand. */
	const book = (at: number) => {
		if (since === null) return;
		// A clock that was set back books nothing rather than taking time away.
		const span = Math.max(0, at - since);
		worked += span;
		const step = current();
		if (step >= 0) workedOnStep[step] = (workedOnStep[step] ?? 0) + span;
		since = at;
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
					book(event.at);
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
					book(event.at);
					done[step] = true;
					doneAt[step] = event.at;
					lastDone = event.at;
				}
				break;
			case 'stepUndone':
				if (done[step] === true) {
					book(event.at);
					done[step] = false;
					doneAt[step] = null;
				}
				break;
			case 'fiveMore':
				bell += FIVE_MORE;
				break;
			case 'fetched':
				fetched.add(step);
				break;
			case 'setDown':
			case 'closed':
				book(event.at);
				since = null;
				overAt = event.at;
				phase = 'over';
				break;
		}
	}
	if (steps > 0 && current() < 0 && phase !== 'over') {
		// The last step ends the session; the tick of it can still be taken back.
		phase = 'over';
		overAt = lastDone;
	} else book(now);
	const left = bell - worked;
	return {
		phase,
		worked,
		left,
		bellAt: phase === 'running' ? now + left : null,
		bellMinutes: bell / MINUTE,
		current: current() < 0 ? null : current(),
		done,
		workedOnStep,
		waits: runningWaits(plan.steps, doneAt, done, fetched),
		startedAt,
		overAt
	};
}

/** Waits that were begun and not fetched: by the job's next step, or by hand where none follows. */
function runningWaits(
	steps: readonly PailStep[],
	doneAt: readonly (number | null)[],
	done: readonly boolean[],
	fetched: ReadonlySet<number>
): RunningWait[] {
	return steps.flatMap((step, i): RunningWait[] => {
		const begunAt = doneAt[i];
		if (!step.wait || begunAt === null || begunAt === undefined || fetched.has(i)) return [];
		const follower = steps.findIndex((s, k) => k > i && s.line === step.line && s.step === step.step + 1);
		if (follower >= 0 && done[follower]) return [];
		return [
			{
				step: i,
				label: step.wait.label,
				roomName: step.roomName,
				begunAt,
				fetchAt: begunAt + step.wait.min * MINUTE,
				latestAt: step.wait.max === null ? null : begunAt + step.wait.max * MINUTE,
				trailing: follower < 0
			}
		];
	});
}

export interface JobOutcome {
	readonly line: string;
	readonly job: string;
	readonly outcome: 'done' | 'part' | 'untouched';
	/** Minutes really worked on it, to a tenth; at least a tenth where it was touched. */
	readonly minutes: number;
	/** Share of its planned minutes that is done, above 0 and below 1 for `part`. */
	readonly share: number;
}

/** What became of each job of a session, in the order of their first steps. */
export function outcomesOf(plan: SessionPlan, clock: SessionClock): JobOutcome[] {
	return [...new Set(plan.steps.map((step) => step.line))].map((line) => {
		let planned = 0;
		let finished = 0;
		let spent = 0;
		let allDone = true;
		let job = line;
		plan.steps.forEach((step, i) => {
			if (step.line !== line) return;
			job = step.job;
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
		if (allDone) return { line, job, outcome: 'done' as const, minutes, share: 1 };
		const share = Math.min(0.95, Math.round((finished / planned) * 100) / 100);
		return share >= 0.01
			? { line, job, outcome: 'part' as const, minutes, share }
			: { line, job, outcome: 'untouched' as const, minutes: 0, share: 0 };
	});
}

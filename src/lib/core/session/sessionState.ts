/**
 * The clock of a running session, computed from instants alone: nothing counts, so nothing can be lost.
 * Rules: "Running session". Instants are milliseconds since 1970 by the server's clock.
 */
import type { PailStep, SessionEvent, SessionEventKind, SessionPlan } from './sessionPlan';

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
	/** Nobody pressed until well past the bell, and nothing is ticked: its jobs are back on the day, and no minutes count. */
	readonly leftAlone: boolean;
}

const MINUTE = 60_000;
const FIVE_MORE = 5;
/** Minutes after its bell at which a session that nobody touched gives its jobs back. */
const ALONE_AFTER = 15;

/** A session while its events are folded, one after the other, in the order of receipt. */
class SessionFold {
	readonly steps: PailStep[];
	readonly done: boolean[];
	readonly workedOnStep: number[];
	readonly doneAt: (number | null)[];
	readonly doneBy: (string | null)[];
	readonly fetched = new Set<number>();
	readonly capped = new Set<string>();
	readonly dropped = new Set<string>();
	readonly held: Set<string>;
	readonly people: readonly string[];
	/** Milliseconds worked at each person's last tick. */
	readonly mark: Map<string, number>;
	readonly room = new Map<string, string>();
	phase: SessionState['phase'] = 'running';
	startedAt: number;
	overAt: number | null = null;
	closingAt: number | null = null;
	worked = 0;
	since: number | null = null;
	bell: number;
	lastDone: number | null = null;
	lastPress = -Infinity;
	leftAlone = false;

	constructor(
		readonly plan: SessionPlan,
		now: number
	) {
		this.steps = [...plan.steps];
		this.done = this.steps.map(() => false);
		this.workedOnStep = this.steps.map(() => 0);
		this.doneAt = this.steps.map(() => null);
		this.doneBy = this.steps.map(() => null);
		this.held = new Set(Object.keys(plan.lines).filter((line) => plan.lines[line]?.held));
		this.people = plan.people.length > 0 ? plan.people : [''];
		this.mark = new Map(this.people.map((who) => [who, 0]));
		this.startedAt = now;
		this.bell = plan.bellMinutes * MINUTE;
	}

	isOpen(step: number): boolean {
		return this.done[step] === false && !this.dropped.has(this.steps[step]?.line ?? '');
	}

	/** The first open step; null for none. */
	get current(): number | null {
		const at = this.done.findIndex((_, i) => this.isOpen(i));
		return at < 0 ? null : at;
	}

	laneOf(who: string | undefined): string {
		return who !== undefined && this.mark.has(who) ? who : (this.people[0] as string);
	}

	/** The open step that somebody has in hand; -1 for none. */
	inHandOf(who: string): number {
		return this.done.findIndex((_, i) => this.isOpen(i) && this.laneOf(this.steps[i]?.who) === who);
	}

	/** Counts the time since the last instant; a clock that was set back takes nothing away. */
	count(at: number): void {
		if (this.since === null) return;
		this.worked += Math.max(0, at - this.since);
		this.since = at;
	}

	/** Books what a person has worked since the last tick on a step; waiting for a soak is no work on it. */
	book(step: number, who: string, at: number): void {
		const own = this.steps[step];
		let span = this.worked - (this.mark.get(who) ?? 0);
		const setGoing = own
			? this.steps.findIndex((other) => other.line === own.line && other.step === own.step - 1)
			: -1;
		const begun = this.doneAt[setGoing];
		const wait = this.steps[setGoing]?.wait;
		if (wait && begun !== null && begun !== undefined) {
			const ready = begun + wait.min * MINUTE;
			if (ready < at) span = Math.min(span, at - ready);
		}
		this.workedOnStep[step] = (this.workedOnStep[step] ?? 0) + Math.max(0, span);
		this.mark.set(who, this.worked);
	}

	tick(step: number, who: string, at: number): void {
		this.book(step, who, at);
		this.setDone(step, at, who);
		this.lastDone = at;
		this.room.set(who, this.steps[step]?.room ?? '');
	}

	setDone(step: number, at: number | null, who: string | null): void {
		this.done[step] = at !== null;
		this.doneAt[step] = at;
		this.doneBy[step] = who;
	}

	end(at: number): void {
		this.count(at);
		// What was in hand keeps the minutes worked on it.
		for (const who of this.people) {
			const inHand = this.inHandOf(who);
			if (inHand >= 0) this.book(inHand, who, at);
		}
		this.since = null;
		this.overAt = at;
		this.phase = 'over';
	}

	/** True where nothing was ever ticked, and nobody has pressed anything until a while after the bell. */
	isLeftAlone(now: number): boolean {
		if (this.phase !== 'running' || this.steps.length === 0 || this.plan.clearing !== null) return false;
		if (this.done.some(Boolean)) return false;
		const past = this.plan.fixedBell ? now - this.startedAt - this.bell : this.worked - this.bell;
		return past >= ALONE_AFTER * MINUTE && now - this.lastPress >= ALONE_AFTER * MINUTE;
	}

	/** Gives all jobs back to the day; no minutes were worked. */
	giveBack(at: number): void {
		this.leftAlone = true;
		this.phase = 'over';
		this.overAt = at;
		this.worked = 0;
		this.workedOnStep.fill(0);
	}

	/** What it has come to at an instant after its last event. */
	settle(now: number): void {
		if (this.phase === 'over') return;
		if (this.steps.length > 0 && this.current === null) {
			// The last step ends the session; the tick of it can still be taken back.
			this.phase = 'over';
			this.overAt = this.lastDone ?? now;
			return;
		}
		this.count(now);
		if (this.isLeftAlone(now)) {
			this.giveBack(now - (this.worked - this.bell));
			return;
		}
		// What is in hand shows the minutes so far; the next tick says what they went into.
		for (const who of this.people) {
			const inHand = this.inHandOf(who);
			if (inHand >= 0)
				this.workedOnStep[inHand] =
					(this.workedOnStep[inHand] ?? 0) + this.worked - (this.mark.get(who) ?? 0);
		}
	}
}

type Follow = (fold: SessionFold, event: SessionEvent, step: number) => void;

const ending: Follow = (fold, event) => fold.end(event.at);

/** Closed by the house: what nobody ever ticked was not worked on. */
const closingByHouse: Follow = (fold, event) => {
	fold.count(event.at);
	if (fold.steps.length > 0 && fold.plan.clearing === null && !fold.done.some(Boolean))
		fold.giveBack(event.at);
	else fold.end(event.at);
};

/** What each kind of event changes. Counting and carrying are read by the clearing. */
const FOLLOW: Partial<Record<SessionEventKind, Follow>> = {
	started: (fold, event) => {
		fold.startedAt = fold.since = event.at;
	},
	paused: (fold, event) => {
		if (fold.phase !== 'running') return;
		fold.count(event.at);
		fold.since = null;
		fold.phase = 'paused';
	},
	resumed: (fold, event) => {
		if (fold.phase !== 'paused') return;
		fold.since = event.at;
		fold.phase = 'running';
	},
	stepDone: (fold, event, step) => {
		if (fold.done[step] !== false) return;
		fold.count(event.at);
		fold.tick(step, fold.laneOf(event.by ?? fold.steps[step]?.who), event.at);
	},
	stepUndone: (fold, event, step) => {
		if (fold.done[step] !== true) return;
		fold.count(event.at);
		fold.setDone(step, null, null);
		fold.capped.delete(fold.steps[step]?.line ?? '');
	},
	capped: (fold, event, step) => {
		if (fold.done[step] !== false) return;
		fold.count(event.at);
		const line = fold.steps[step]?.line ?? '';
		fold.capped.add(line);
		fold.tick(step, fold.laneOf(event.by ?? fold.steps[step]?.who), event.at);
		fold.steps.forEach((other, i) => {
			if (other.line === line && fold.done[i] === false) fold.setDone(i, event.at, fold.doneBy[step] ?? null);
		});
	},
	fiveMore: (fold, event) => {
		fold.bell += (event.minutes ?? FIVE_MORE) * MINUTE;
	},
	cutTo: (fold, event) => {
		// "They come earlier": from this instant so many minutes are left.
		fold.count(event.at);
		const gone = fold.plan.fixedBell ? event.at - fold.startedAt : fold.worked;
		fold.bell = (event.minutes ?? 0) * MINUTE + gone;
	},
	fetched: (fold, _event, step) => void fold.fetched.add(step),
	added: (fold, event) => {
		if (event.line === undefined) return;
		if (event.steps && !fold.steps.some((known) => known.line === event.line)) {
			for (const one of event.steps) {
				fold.steps.push(one);
				fold.workedOnStep.push(0);
				fold.setDone(fold.steps.length - 1, null, null);
			}
		}
		fold.dropped.delete(event.line);
		fold.held.add(event.line);
	},
	dropped: (fold, event) => {
		if (event.line === undefined) return;
		fold.dropped.add(event.line);
		fold.held.delete(event.line);
	},
	held: (fold, event) => {
		if (event.line !== undefined) fold.held.add(event.line);
	},
	closing: (fold, event) => {
		fold.closingAt ??= event.at;
	},
	setDown: ending,
	closed: closingByHouse
};

/** When the bell rings, in milliseconds; null where it rings no more, or stands still with the time. */
function bellAtOf({ plan, phase, startedAt, bell }: SessionFold, now: number, left: number): number | null {
	if (phase === 'over' || (phase === 'paused' && !plan.fixedBell)) return null;
	return plan.fixedBell ? startedAt + bell : now + left;
}

/** Reads a session at the instant `now` from its events in the order in which they were received. Rules: "Running session". */
export function readSession(plan: SessionPlan, events: readonly SessionEvent[], now: number): SessionState {
	const fold = new SessionFold(plan, now);
	for (const event of events) {
		if (fold.phase === 'over' && event.kind !== 'fetched') continue;
		FOLLOW[event.kind]?.(fold, event, event.step ?? -1);
		fold.lastPress = event.at;
	}
	fold.settle(now);
	const { worked, bell, steps, doneAt, done, fetched, dropped } = fold;
	const left = plan.fixedBell ? fold.startedAt + bell - (fold.overAt ?? now) : bell - worked;
	return {
		phase: fold.phase,
		steps,
		worked,
		left,
		bellAt: bellAtOf(fold, now, left),
		bellMinutes: bell / MINUTE,
		current: fold.current,
		done,
		workedOnStep: fold.workedOnStep,
		capped: fold.capped,
		dropped,
		held: fold.held,
		doneBy: fold.doneBy,
		lanes: fold.people.map((who) => ({
			who,
			inHand: Math.max(0, worked - (fold.mark.get(who) ?? 0)),
			room: fold.room.get(who) ?? null
		})),
		waits: runningWaits(steps, doneAt, done, fetched, dropped),
		startedAt: fold.startedAt,
		overAt: fold.overAt,
		closingAt: fold.closingAt,
		leftAlone: fold.leftAlone
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

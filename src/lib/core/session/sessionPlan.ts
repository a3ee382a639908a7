/** A session as it is stored: what was planned, and what happened since. Plain data. Rules: "Running session". */
import type { Depth } from '../household/fields';
import type { SessionKind } from './kinds';
import type { PlanUse } from '../planner/plan';

/** A step of a session, with its planned minutes from the start. */
export interface PailStep {
	readonly line: string;
	readonly job: string;
	readonly jobName: string;
	readonly step: number;
	readonly text: string;
	readonly room: string;
	readonly roomName: string;
	readonly minutes: number;
	readonly start: number;
	readonly wait: { readonly label: string; readonly min: number; readonly max: number | null } | null;
	/** Where nothing is waited for: so many minutes at most to the next step of the job, as a product stays no longer. */
	readonly within?: number | undefined;
	/** The step that ends its job. */
	readonly last: boolean;
	/** Whose lane it is in. */
	readonly who: string;
	readonly class: number;
	readonly appliance: string | null;
	readonly uses: readonly PlanUse[];
}

/**
 * True for a small job that only the session knows: it stands in no routine, so nothing of it is due later. Its line
 * begins with a sign that no id of a home can have.
 */
export const isSessionsOwn = (line: string): boolean => line.startsWith('~');

/** What a session knows of a job beside its steps. */
export interface SessionLine {
	readonly worth: number;
	/** Not to be dropped when minutes run short. */
	readonly held: boolean;
	/** People of the session who may do it. */
	readonly can: readonly string[];
	/** The depth that was chosen for the session; left out: that of the job's turn. */
	readonly depth?: Depth | undefined;
	/** The cap of the kind does not bind it. */
	readonly uncapped?: boolean | undefined;
}

/** What is cleared, and how much of it. */
export interface ClearingPlan {
	readonly spot: string;
	readonly room: string;
	readonly roomName: string;
	readonly portion: 'all' | 'half' | 'quarter';
	readonly zone: string | null;
	/** Minutes of the closing's own clock. */
	readonly closingMinutes: number;
}

export interface SessionPlan {
	readonly kind: SessionKind;
	readonly bellMinutes: number;
	/** The bell is an hour of the day: pauses do not put it off. */
	readonly fixedBell: boolean;
	readonly cap: number | null;
	/** Lanes, in order. */
	readonly people: readonly string[];
	readonly steps: readonly PailStep[];
	readonly lines: Readonly<Record<string, SessionLine>>;
	readonly rooms: readonly { readonly id: string; readonly storey: number }[];
	readonly move: { readonly sameStorey: number; readonly perStorey: number };
	readonly pairs: readonly (readonly [string, string])[];
	readonly floors: 'with-room' | 'at-end';
	readonly topDown: boolean;
	readonly breaks: readonly { readonly from: number; readonly until: number }[];
	readonly clearing: ClearingPlan | null;
}

export const CONTAINERS = ['bin', 'give', 'put'] as const;
export type Container = (typeof CONTAINERS)[number];

export const CLUTTER = ['clear', 'nearly', 'not-yet'] as const;

export const SESSION_EVENTS = [
	'started',
	'paused',
	'resumed',
	'stepDone',
	'stepUndone',
	'capped',
	'fiveMore',
	'cutTo',
	'fetched',
	'added',
	'dropped',
	'held',
	'counted',
	'uncounted',
	'closing',
	'binOut',
	'bagPlaced',
	'walked',
	'unwalked',
	'judged',
	'setDown',
	'closed'
] as const;

export type SessionEventKind = (typeof SESSION_EVENTS)[number];

/** What an event carries beside its kind; each field belongs to the kinds that it names. */
export interface EventDetail {
	/** `stepDone`, `capped`: who did it, where that is not whose lane it was. */
	readonly by?: string | undefined;
	/** `added`, `dropped`, `held`: the line. */
	readonly line?: string | undefined;
	/** `added`: its steps. */
	readonly steps?: readonly PailStep[] | undefined;
	readonly entry?: SessionLine | undefined;
	/** `cutTo`: minutes that are left from now on. `fiveMore`: minutes more. */
	readonly minutes?: number | undefined;
	/** `counted`, `uncounted`. */
	readonly into?: Container | undefined;
	/** `counted` into `put`: where it belongs, and what it is. `walked`: the room. */
	readonly room?: string | undefined;
	readonly thing?: string | undefined;
	/** `walked`: the right place was full, so it waits in a box beside it. */
	readonly boxed?: boolean | undefined;
	/** `bagPlaced`: where the bag stands, who carries it off, and on which day (`YYYY-MM-DD`). */
	readonly place?: string | undefined;
	readonly carrier?: string | undefined;
	readonly leavesOn?: string | undefined;
	/** `judged`. */
	readonly clutter?: (typeof CLUTTER)[number] | undefined;
}

export interface SessionEvent extends EventDetail {
	readonly id: string;
	readonly kind: SessionEventKind;
	/** Milliseconds. */
	readonly at: number;
	/** `stepDone`, `stepUndone`, `capped`, `fetched`: place of the step in the session. */
	readonly step: number | null;
}

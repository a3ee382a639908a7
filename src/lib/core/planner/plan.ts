/**
 * The problem that a planner solves, and its answer. All minutes are counted from the start of the session and
 * are multiples of a half. Rules: "Hard rules of a plan".
 */

/** A product on a surface. Two uses on one surface are judged by the pair table of Rules: "Hard rules of a plan". */
export interface PlanUse {
	/** Names the very surface, basin or bucket. */
	readonly surface: string;
	readonly families: readonly string[];
	/** A rinsing with plenty of water: it parts what came before it from what comes after. */
	readonly rinse: boolean;
}

export interface PlanStep {
	readonly room: string;
	/** 0 sets something going; 1 clear … 8 put back. */
	readonly class: number;
	/** Attended minutes. */
	readonly minutes: number;
	readonly appliance?: string | undefined;
	/** The wait that this step begins: least and longest time to the start of the job's next step. */
	readonly waitMin?: number | undefined;
	readonly waitMax?: number | undefined;
	readonly uses?: readonly PlanUse[] | undefined;
}

export interface PlanJob {
	readonly id: string;
	readonly worth: number;
	readonly optional: boolean;
	readonly steps: readonly PlanStep[];
	/** The first step begins no earlier, and no later: a soak that runs already, or an hour that was agreed. */
	readonly release?: number | undefined;
	readonly deadline?: number | undefined;
	/** The one who does it, where that is settled. */
	readonly by?: string | undefined;
	/** Appliances that it has already when the session begins. */
	readonly holds?: readonly string[] | undefined;
}

export interface PlanPerson {
	readonly id: string;
	readonly from: number;
	readonly until: number;
	readonly barred: readonly string[];
	/** Where this person stands at the beginning; left out: nowhere, so the first step needs no move. */
	readonly room?: string | undefined;
	/** Spans in which no step of this person lies. */
	readonly breaks?: readonly { readonly from: number; readonly until: number }[] | undefined;
}

export interface PlanInput {
	readonly bell: number;
	readonly people: readonly PlanPerson[];
	readonly rooms: readonly { readonly id: string; readonly storey: number }[];
	readonly move: { readonly sameStorey: number; readonly perStorey: number };
	/** Minutes that each taking up again of a job counts for, after a job of another room came between; left out: 0. */
	readonly hopCost?: number | undefined;
	readonly appliances: readonly string[];
	/** Every attended step of the first ends before any of the second begins. */
	readonly pairs: readonly (readonly [string, string])[];
	readonly jobs: readonly PlanJob[];
	/** `at-end`: classes 6 and 7 of every room come after the classes 1 to 5 of all rooms. */
	readonly floors?: 'with-room' | 'at-end' | undefined;
	/** Classes 1 to 8 on a storey come after those of all higher storeys; class 0 is free. */
	readonly topDown?: boolean | undefined;
	/** Of plans that are as good, one in which what is worth most comes first. */
	readonly bestFirst?: boolean | undefined;
	/** Appliances that somebody outside this session has, and until when. */
	readonly taken?: readonly { readonly appliance: string; readonly until: number }[] | undefined;
}

/** One attended step of a plan. */
export interface PlanEntry {
	readonly job: string;
	readonly step: number;
	readonly person: string;
	readonly start: number;
	readonly end: number;
}

export interface Plan {
	/** By start, then person. */
	readonly entries: readonly PlanEntry[];
	/** Total worth of the jobs planned. */
	readonly worth: number;
	/** End of the last attended step, 0 where nothing is planned. */
	readonly end: number;
	/** Jobs that did not fit. */
	readonly left: readonly string[];
	/** No plan is worth more, and none of its worth ends earlier: all were looked at. */
	readonly exact: boolean;
}

/** Minutes that a hop counts for in the plans of a home. */
export const HOP_COST = 0.5;

/** Attended minutes of a job. */
export function attendedMinutes(job: PlanJob): number {
	return job.steps.reduce((sum, step) => sum + step.minutes, 0);
}

/** The storey of a room; that of a room that is not known is the ground floor. */
export function storeyOf(rooms: PlanInput['rooms'], id: string): number {
	for (const room of rooms) if (room.id === id) return room.storey;
	return 0;
}

/** Minutes to walk between two different rooms, by their storeys. */
export function walkMinutes(move: PlanInput['move'], from: number, to: number): number {
	return Math.abs(from - to) * move.perStorey + move.sameStorey;
}

/** Minutes to walk from one room to another; nothing from nowhere or within a room. */
export function moveMinutes({ rooms, move }: PlanInput, from: string | null, to: string): number {
	if (from === null || from === to) return 0;
	return walkMinutes(move, storeyOf(rooms, from), storeyOf(rooms, to));
}

/**
 * The problem that a planner solves, and its answer. All minutes are counted from the start of the session and
 * are multiples of a half. Handbook page 3, "What a plan must respect".
 */
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
}

export interface PlanJob {
	readonly id: string;
	readonly worth: number;
	readonly optional: boolean;
	readonly steps: readonly PlanStep[];
}

export interface PlanPerson {
	readonly id: string;
	readonly from: number;
	readonly until: number;
	readonly barred: readonly string[];
}

export interface PlanInput {
	readonly bell: number;
	readonly people: readonly PlanPerson[];
	readonly rooms: readonly { readonly id: string; readonly storey: number }[];
	readonly move: { readonly sameStorey: number; readonly perStorey: number };
	readonly appliances: readonly string[];
	/** Every attended step of the first ends before any of the second begins. */
	readonly pairs: readonly (readonly [string, string])[];
	readonly jobs: readonly PlanJob[];
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
	readonly entries: readonly PlanEntry[];
	/** Total worth of the jobs planned. */
	readonly worth: number;
	/** End of the last attended step, 0 where nothing is planned. */
	readonly end: number;
	/** Jobs that did not fit. */
	readonly left: readonly string[];
}

/** Attended minutes of a job. */
export function attendedMinutes(job: PlanJob): number {
	return job.steps.reduce((sum, step) => sum + step.minutes, 0);
}

/** Minutes to walk from one room to another; nothing from nowhere or within a room. */
export function moveMinutes(input: PlanInput, from: string | null, to: string): number {
	if (from === null || from === to) return 0;
	const storey = (id: string) => input.rooms.find((room) => room.id === id)?.storey ?? 0;
	return Math.abs(storey(from) - storey(to)) * input.move.perStorey + input.move.sameStorey;
}

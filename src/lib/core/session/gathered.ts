/** What a session draws from, and what is asked for it. Rules: "Kinds of session". */
import type { DayPart } from '../calendar/dayParts';
import type { Job, JobStep } from '../household/jobSchema';
import type { HomeProjection } from '../schedule/projection';
import type { PreparedHome } from '../schedule/preparedHome';
import type { Day, DaySeries } from '../schedule/readDay';

/** A small job that a session brings with it; it stands in no routine, so nothing of it is due later. */
export interface ExtraJob {
	readonly id: string;
	readonly name: string;
	readonly room: string;
	readonly worth: number;
	/** The session is not what it is without it. */
	readonly held: boolean;
	readonly steps: readonly JobStep[];
}

export interface Gathered {
	readonly lines: readonly DaySeries[];
	readonly extra: readonly ExtraJob[];
	/** Lines that come after all others: the sitting that follows a round. */
	readonly after?: ReadonlySet<string>;
	/** How much of the worth of work in a room counts here, and of a job in it: visitors see only part of some. */
	readonly seen: (room: string, job?: Job) => number;
}

export interface GatherQuestion {
	readonly home: PreparedHome;
	readonly projection: HomeProjection;
	readonly day: Day;
	readonly part: DayPart;
	/** The lines that these people may take and that are in no other session. */
	readonly pool: readonly DaySeries[];
	/** `visitors`: the rooms that they see; null for those marked so in the house. */
	readonly rooms: readonly string[] | null;
	/** `bigday`, `detail`: how long it lasts, in minutes. */
	readonly minutes: number;
	/** `round`: the sitting of the zone follows in the same session. */
	readonly sitting?: boolean;
	/** `bigday`: the loads of laundry that wait. */
	readonly pile?: readonly { readonly id: string; readonly name: string }[];
}

/** On today: due, late, or offered. */
export const isOn = (line: DaySeries) =>
	(line.state === 'due' || line.state === 'late' || line.state === 'open') && !line.offTheLine;

/** A step of a small job. */
export const step = (
	text: string,
	minutes: number,
	classOf: number,
	more: Partial<JobStep> = {}
): JobStep => ({
	text,
	minutes,
	class: classOf,
	products: [],
	...more
});

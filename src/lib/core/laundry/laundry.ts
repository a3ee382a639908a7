/** Loads of laundry: their stages, what runs by itself, and the day on which the pile is gone. Rules: "Laundry". */
import { addDays, weekdayOf, type CivilDay } from '../calendar/civil';

export const STAGES = ['waiting', 'collected', 'washing', 'drying', 'folding', 'away'] as const;
export type Stage = (typeof STAGES)[number];

export const LOAD_KINDS = ['person', 'bed', 'towels', 'cloths'] as const;
export type LoadKind = (typeof LOAD_KINDS)[number];

/** Minutes of a wash and of drying by kind; cloths and bed linen go hot and long. Rules: "Laundry", common waits. */
export const KIND_MINUTES: Readonly<Record<LoadKind, { wash: number; degrees: number }>> = {
	person: { wash: 60, degrees: 40 },
	bed: { wash: 75, degrees: 60 },
	towels: { wash: 60, degrees: 60 },
	cloths: { wash: 75, degrees: 60 }
};
export const DRY_MINUTES = { machine: 75, line: 90 } as const;

/** Attended minutes of the stages that need hands. */
export const HANDS: Readonly<Partial<Record<Stage, number>>> = { collected: 5, folding: 10, away: 5 };

export interface Load {
	readonly id: string;
	readonly name: string;
	readonly kind: LoadKind;
	readonly owner: string | null;
	readonly dry: 'machine' | 'line';
	readonly washMinutes: number;
	readonly dryMinutes: number;
	/** Instants at which it came to a stage, in the order in which they were told; `undo` takes back the last. */
	readonly events: readonly { readonly id: string; readonly stage: Stage | 'undo'; readonly at: number }[];
}

export interface LoadNow {
	readonly stage: Stage;
	/** Stages that it has been through, in order. */
	readonly passed: readonly Stage[];
	/** The stage that hands bring it to next; null: away. */
	readonly next: Stage | null;
	/** It runs by itself until then; null where it waits for hands now. */
	readonly fetchAt: number | null;
	/** Leaving it longer does harm: wet for an hour, or creased in the machine. */
	readonly latestAt: number | null;
	/** It rings: wet for more than an hour, or about to be. */
	readonly rings: boolean;
}

const MINUTE = 60_000;
/** A load that waits wet for more than this rings; dried in a machine it must come out as soon. */
export const WET_AT_MOST = 60;

/** Where a load is at `now`. An event that would bring it back or over a stage that is not next is passed over. */
export function readLoad(load: Load, now: number): LoadNow {
	const told: { stage: Stage; at: number }[] = [];
	for (const event of load.events) {
		if (event.stage === 'undo') {
			told.pop();
			continue;
		}
		const at = told[told.length - 1];
		// Two phones that tell the same tell it once.
		if (STAGES.indexOf(event.stage) > STAGES.indexOf(at?.stage ?? 'waiting'))
			told.push({ stage: event.stage, at: event.at });
	}
	const last = told[told.length - 1];
	const stage = last?.stage ?? 'waiting';
	const runs = stage === 'washing' ? load.washMinutes : stage === 'drying' ? load.dryMinutes : null;
	const fetchAt = runs === null || !last ? null : last.at + runs * MINUTE;
	const spoils = stage === 'washing' || (stage === 'drying' && load.dry === 'machine');
	const latestAt = fetchAt !== null && spoils ? fetchAt + WET_AT_MOST * MINUTE : null;
	return {
		stage,
		passed: STAGES.slice(0, STAGES.indexOf(stage)),
		next: STAGES[STAGES.indexOf(stage) + 1] ?? null,
		fetchAt,
		latestAt,
		rings: latestAt !== null && now >= latestAt
	};
}

/** When a household washes. */
export interface WashDays {
	/** Usual days; none: every day. */
	readonly days: readonly number[];
	readonly freeDays: readonly number[];
}

export interface PileDay {
	readonly date: CivilDay;
	/** Loads washed on the day, and left after it. */
	readonly washed: number;
	readonly left: number;
}

/** Days looked ahead for the end of a pile. */
const AHEAD = 90;

/** True on a day on which this household washes: a usual day, and none of the free ones. */
export function isWashDay(date: CivilDay, { days, freeDays }: WashDays): boolean {
	const weekday = weekdayOf(date);
	return !freeDays.includes(weekday) && (days.length === 0 || days.includes(weekday));
}

/** The pile day by day from `from` at so many loads a wash day; it ends with the day on which it is gone. */
export function pileByDay(loads: number, aDay: number, from: CivilDay, when: WashDays): PileDay[] {
	const days: PileDay[] = [];
	let left = loads;
	for (let i = 0; i < AHEAD && left > 0; i++) {
		const date = addDays(from, i);
		const washed = isWashDay(date, when) ? Math.min(left, aDay) : 0;
		left -= washed;
		days.push({ date, washed, left });
	}
	return days;
}

/** The day on which a pile is gone; null for none, and where it is not within three months. */
export function goneBy(loads: number, aDay: number, from: CivilDay, when: WashDays): CivilDay | null {
	const last = pileByDay(loads, aDay, from, when).at(-1);
	return last && last.left === 0 ? last.date : null;
}

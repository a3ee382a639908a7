/** What the server hands to Today: plain data, words ready. */
import type { Layer } from '$core/household/home';
import type { JobState } from '$core/schedule/series';
import type { DayPart } from '$core/calendar/dayParts';
import type { CareLine } from './supplies';

export interface ZoneMark {
	readonly id: string;
	readonly number: number;
	readonly name: string;
	readonly weave: string;
}

export type Glyph =
	'coming' | 'open' | 'due' | 'part' | 'running' | 'done' | 'late' | 'waiting' | 'paused' | 'letgo';

/** A job of the day: one row of a roll, wherever it hangs. */
export interface JobRow {
	readonly line: string;
	readonly job: string;
	readonly part: string | null;
	readonly name: string;
	readonly room: string;
	readonly zone: ZoneMark | null;
	readonly who: string;
	readonly whoIds: readonly string[];
	readonly minutes: number;
	readonly state: JobState;
	readonly glyph: Glyph;
	/** Whole turns late, to stand in the glyph; null under one turn. */
	readonly lateTurns: number | null;
	/** Its state in words. */
	readonly words: string;
	/** How overdue it is, in words; null where it is not. */
	readonly overdue: string | null;
	readonly share: string | null;
	readonly deep: boolean;
	/** Who has it in a running pail. */
	readonly inPail: string | null;
	/** What was written for this one time of it. */
	readonly notes: readonly string[];
	/** The last tick on it that day; empty for none. It goes along with the next one. */
	readonly seen: string;
}

export interface PartView {
	readonly key: DayPart;
	readonly name: string;
	readonly span: string;
	readonly rows: readonly JobRow[];
	/** "8 jobs, 1 h 8", with the next one among them. */
	readonly count: string;
	/** Zone jobs of the day: one row that leads to their session. */
	readonly sitting: SittingView | null;
}

export interface SittingView {
	readonly mark: ZoneMark;
	/** "Two jobs of Porch & hall" */
	readonly name: string;
	readonly jobs: readonly JobRow[];
	readonly minutes: number;
	readonly href: string | null;
}

/** One kind of session, or another way in, with what it would do. */
export interface OtherWayView {
	readonly key:
		'basics' | 'round' | 'zone' | 'clearing' | 'visitors' | 'reset' | 'detail' | 'bigday' | 'laundry';
	readonly label: string;
	readonly line: string;
	readonly href: string;
}

export interface StringView {
	readonly session: string;
	readonly step: number;
	readonly label: string;
	readonly room: string;
	/** Milliseconds. */
	readonly fetchAt: number;
	/** When it rings more urgently; null where leaving it does no harm. */
	readonly hurryAt: number | null;
	/** By the clock on the wall. */
	readonly time: string;
	/** Ticked off by hand, as no step follows it. */
	readonly trailing: boolean;
	/** Where it is seen to; null: its session. */
	readonly href: string | null;
	/** It must come out now. */
	readonly rings: boolean;
	/** Its bell is for whoever looks at this page, and no other page rings it. */
	readonly heard: boolean;
}

/** What a clearing left open. */
export interface LeftOpenView {
	readonly kind: 'closing' | 'bag' | 'box';
	readonly id: string;
	readonly name: string;
	readonly words: string;
	readonly href: string | null;
}

export interface RunningView {
	readonly session: string;
	readonly member: string;
	readonly name: string;
	readonly minutesLeft: number;
	readonly share: number;
	readonly doing: string;
	readonly phase: 'running' | 'paused';
}

export interface DoneView {
	readonly entry: string;
	/** Empty for what was decluttered: it is no job. */
	readonly line: string;
	readonly name: string;
	readonly outcome: 'done' | 'looked' | 'letgo' | 'part' | 'cleared';
	readonly by: string;
	readonly minutes: number | null;
	readonly zone: ZoneMark | null;
	/** Also open again, or extra: the job's own state after it. */
	readonly note: string | null;
}

export interface OverdueView {
	readonly row: JobRow;
	/** What happens next: "there is time on Wednesday", "moved to Saturday, your catch-up day". */
	readonly next: string;
}

export interface ZoneView {
	readonly mark: ZoneMark;
	/** Each zone has its day; else its week. */
	readonly isOfDay: boolean;
	/** "Day 3 of 5, 5 of 11 jobs done" */
	readonly words: string;
	readonly settled: number;
	readonly counted: number;
	readonly clearing: boolean;
	readonly next: readonly {
		readonly line: string;
		readonly name: string;
		readonly minutes: number;
		readonly done: boolean;
	}[];
}

export interface PersonView {
	readonly name: string;
	readonly words: string;
	readonly carriesNow: boolean;
}

export interface SheetView {
	readonly row: JobRow;
	readonly date: string;
	readonly steps: readonly {
		readonly text: string;
		readonly minutes: number;
		readonly wait: string | null;
		/** What it is done with. */
		readonly tools: readonly string[];
	}[];
	/** What somebody wrote to whoever does it. */
	readonly note: string | null;
	/** The one time that a note can be written for now, with what was written last; null where there is none. */
	readonly oneTime: { readonly dueOn: string; readonly words: string; readonly text: string } | null;
	readonly needs: readonly string[];
	readonly cautions: readonly CareLine[];
	/** What it needs and is out, a sentence each. */
	readonly missing: readonly string[];
	readonly rhythm: string;
	readonly ifItsDayGoesBy: string;
	readonly last: string;
	readonly next: string;
	readonly dueOn: string | null;
	/** The coming turn that can be skipped ahead of its date. */
	readonly skippable: { readonly dueOn: string; readonly words: string } | null;
	readonly ticks: readonly DoneView[];
	readonly isFuture: boolean;
}

export interface TodayView {
	readonly household: string;
	readonly date: string;
	readonly title: string;
	readonly shortTitle: string;
	readonly relation: 'past' | 'today' | 'coming';
	readonly today: string;
	readonly before: string;
	readonly after: string;
	readonly now: { readonly at: number; readonly time: string };
	readonly running: DayPart;
	readonly summary: string;
	readonly kind: string | null;
	readonly next: JobRow | null;
	readonly parts: readonly PartView[];
	readonly done: readonly DoneView[];
	readonly wentBy: readonly JobRow[];
	readonly strings: readonly StringView[];
	readonly leftOpen: readonly LeftOpenView[];
	/** Turns that somebody asks whoever looks to take over. */
	readonly swaps: readonly { readonly id: string; readonly words: string }[];
	/** Jobs that come only when somebody asks for them, and are not on today. */
	readonly onCall: readonly { readonly line: string; readonly name: string }[];
	/** What is on is kept up: the part of the work that may be switched on next; null for none, or who may not. */
	readonly growing: {
		readonly layer: Layer;
		readonly words: string;
		readonly revision: number;
	} | null;
	readonly pails: readonly RunningView[];
	readonly zone: ZoneView | null;
	/** False: the home cleans without zones, and none is spoken of. */
	readonly hasZones: boolean;
	/** What is overdue and has no time today, waits or is paused. */
	readonly overdue: readonly OverdueView[];
	readonly overdueWords: string;
	readonly otherWays: readonly OtherWayView[];
	/** What "enough for today" would do to what is left, in words; null where nothing would move. */
	readonly enoughWords: string | null;
	readonly open: readonly JobRow[];
	readonly off: readonly JobRow[];
	readonly enough: string | null;
	/** What the day was declared to be. */
	readonly depth: 'quick' | 'usual' | 'deep';
	readonly people: readonly PersonView[];
	readonly peopleWords: string;
	readonly me: string;
	/** A device of the family: no pails, and whoever ticks is tapped first. */
	readonly isDevice: boolean;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	/** Rooms for a job that is added, in the order of the walk. */
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly minutesLeft: number;
	readonly sheet: SheetView | null;
	/** Fresh ids for the forms of the page, so that a form sent twice counts once. */
	readonly formId: string;
}

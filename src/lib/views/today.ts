/** What the server hands to Today: plain data, words ready. */
import type { JobState } from '$core/schedule/series';
import type { DayPart } from '$core/calendar/dayParts';

export interface ZoneMark {
	readonly id: string;
	readonly number: number;
	readonly name: string;
	readonly weave: string;
}

export type Glyph =
	'coming' | 'open' | 'due' | 'part' | 'running' | 'done' | 'late' | 'waiting' | 'paused' | 'letgo';

export interface TagView {
	readonly line: string;
	readonly job: string;
	readonly part: string | null;
	readonly name: string;
	readonly variant: string | null;
	readonly room: string;
	readonly zone: ZoneMark | null;
	readonly who: string;
	readonly whoIds: readonly string[];
	readonly minutes: number;
	readonly state: JobState;
	readonly glyph: Glyph;
	/** Whole turns late, to stand in the glyph; null under one turn. */
	readonly lateTurns: number | null;
	readonly words: string;
	readonly share: string | null;
	readonly deep: boolean;
	/** Who has it in a running pail. */
	readonly inPail: string | null;
	/** The last tick on it that day; empty for none. It goes along with the next one. */
	readonly seen: string;
}

export interface PartView {
	readonly key: DayPart;
	readonly name: string;
	readonly span: string;
	readonly tags: readonly TagView[];
	readonly minutes: number;
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
	readonly line: string;
	readonly name: string;
	readonly outcome: 'done' | 'looked' | 'letgo' | 'part';
	readonly by: string;
	readonly minutes: number | null;
	readonly zone: ZoneMark | null;
	/** Also open again, or extra: the job's own state after it. */
	readonly note: string | null;
}

export interface HeldView {
	readonly tag: TagView;
	/** How late, in words; null where it is not late. */
	readonly late: string | null;
	readonly words: string;
}

export interface ZoneView {
	readonly mark: ZoneMark;
	readonly leaf: number | null;
	readonly pass: number;
	readonly day: number;
	readonly days: number;
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
	readonly tag: TagView;
	readonly date: string;
	readonly steps: readonly {
		readonly text: string;
		readonly minutes: number;
		readonly wait: string | null;
	}[];
	readonly needs: readonly string[];
	readonly cautions: readonly { readonly headline: string; readonly text: string }[];
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
	/** For the phone. */
	readonly summaryShort: string;
	readonly kind: string | null;
	readonly next: TagView | null;
	readonly parts: readonly PartView[];
	readonly sitting: { readonly tags: readonly TagView[]; readonly minutes: number } | null;
	readonly done: readonly DoneView[];
	readonly wentBy: readonly TagView[];
	readonly strings: readonly StringView[];
	readonly leftOpen: readonly LeftOpenView[];
	readonly pails: readonly RunningView[];
	readonly zone: ZoneView | null;
	readonly held: readonly HeldView[];
	readonly heldTitle: string;
	readonly heldWords: string;
	readonly open: readonly TagView[];
	readonly off: readonly TagView[];
	readonly enough: string | null;
	readonly people: readonly PersonView[];
	readonly peopleWords: string;
	readonly me: string;
	/** A device of the family: no pails, and whoever ticks is tapped first. */
	readonly isDevice: boolean;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly minutesLeft: number;
	readonly sheet: SheetView | null;
	/** Fresh ids for the forms of the page, so that a form sent twice counts once. */
	readonly formId: string;
}

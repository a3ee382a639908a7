/** What the server hands to the first steps. */
import type { Draft } from '$core/setup/draft';

export interface StepView {
	readonly key: string;
	readonly name: string;
	readonly parts: number;
	readonly sewn: number;
	readonly current: boolean;
}

export interface YardDay {
	readonly total: number;
	readonly basics: number;
	readonly weekly: number;
	readonly zone: number;
	readonly weave: string | null;
	readonly over: boolean;
}

export interface YardWeek {
	readonly day: number;
	readonly month: string;
	readonly zones: readonly number[];
	readonly days: readonly YardDay[];
}

export interface Yard {
	readonly pattern: string;
	readonly name: string;
	readonly says: string;
	/** Minutes of a day that the home has. */
	readonly holds: number;
	/** Of the home's work; what is somebody's own, such as a bed, is not in any of the minutes. */
	readonly hoursAWeek: string;
	readonly longest: number;
	readonly longestDay: string;
	/** Minutes of the longest day over those that the home has. */
	readonly over: number;
	/** So many jobs the pattern does without. */
	readonly without: number;
	/** Short names of the weekdays, in the order of the home's week. */
	readonly weekdays: readonly string[];
	readonly weeks: readonly YardWeek[];
}

export interface PatternView {
	readonly id: string;
	readonly name: string;
	readonly says: string;
	readonly forWhom: string;
	/** Why it is recommended; null where it is not. */
	readonly why: string | null;
	/** Minutes of the seven days of a usual week, for the small cloths. */
	readonly week: readonly number[];
}

export interface FirstDay {
	readonly name: string;
	readonly minutes: number;
	readonly jobs: readonly string[];
}

/** A job, and its minutes in a week on average. */
export interface JobAWeek {
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
}

export interface BeginView {
	readonly id: string;
	readonly draft: Draft;
	readonly steps: readonly StepView[];
	readonly hasHome: boolean;
	readonly demoThere: boolean;
	readonly storeys: readonly { readonly storey: number; readonly name: string; readonly rooms: number }[];
	readonly storey: number;
	readonly storeyName: string;
	readonly question: string;
	readonly below: { readonly storey: number; readonly name: string } | null;
	readonly keys: readonly { readonly kind: string; readonly name: string; readonly hung: number }[];
	readonly rooms: readonly {
		readonly id: string;
		readonly name: string;
		readonly kind: string;
		readonly storey: number;
		readonly minutes: number;
		readonly weave: string | null;
		readonly number: number | null;
	}[];
	readonly room: {
		readonly id: string;
		readonly name: string;
		readonly kindName: string;
		readonly floor: string | null;
		readonly surfaces: readonly string[];
		readonly sheds: readonly string[];
		readonly owners: readonly string[];
		readonly where: string;
		readonly jobs: readonly {
			readonly key: string;
			readonly name: string;
			readonly minutes: number;
			readonly layer: string;
			readonly wanted: boolean;
		}[];
		readonly minutesAWeek: number;
		/** So many jobs of its own it has and keeps, where it is a room of the home that is changed; else null. */
		readonly keeps: number | null;
	} | null;
	readonly zones: readonly {
		readonly id: string;
		readonly name: string;
		readonly number: number;
		readonly weave: string;
		readonly minutes: number;
		readonly rooms: readonly { readonly id: string; readonly name: string }[];
	}[];
	readonly scheme: string;
	/** Working days that more zones than there are of them have to share; null where each has its own. */
	readonly sharedDays: number | null;
	readonly patterns: readonly PatternView[];
	readonly yard: Yard | null;
	readonly beside: Yard | null;
	readonly freeDays: readonly number[];
	readonly catchUpDays: readonly number[];
	readonly weekdays: readonly { readonly number: number; readonly name: string }[];
	/** Names that tell apart people and rooms that are called alike, by their ids. */
	readonly apart: {
		readonly people: Readonly<Record<string, string>>;
		readonly rooms: Readonly<Record<string, string>>;
	};
	readonly first: {
		/** The jobs are laid out by these answers; false where those of a home that is there stay as they are. */
		readonly isAnew: boolean;
		readonly days: readonly FirstDay[];
		readonly jobs: number;
		readonly begun: number;
		readonly minutes: number;
		/** Minutes of a day that the home has. */
		readonly minutesADay: number;
		/** What the days do not hold, and the minutes a day that would hold all; null where more would not help. */
		readonly leftOut: readonly JobAWeek[];
		readonly wanted: number | null;
		/** What comes less often than is usual, with how often it comes now. */
		readonly rarer: readonly (JobAWeek & { readonly comes: string })[];
		/** True where the days do not hold all that is in. */
		readonly isOver: boolean;
		/** Daily jobs that are more than their part of the day holds, and its minutes. */
		readonly beyondParts: readonly JobAWeek[];
		readonly aPart: number;
		/** The chosen pattern by its name, what it does without, and whether that was taken in. */
		readonly pattern: {
			readonly name: string;
			readonly without: readonly JobAWeek[];
			readonly isBeyond: boolean;
		};
	} | null;
	/** Why the answers make no home, in words; null where they do, or where there is no room yet. */
	readonly refused: string | null;
	readonly formId: string;
}

/** What the server hands to the pages that keep a home: its rhythm, pauses, growing in, files. */
import type { Yard } from './setup';
import type { Household } from '$core/household/home';

export interface RhythmView {
	/** Names of time zones to choose from. */
	readonly timeZones: readonly string[];
	readonly revision: number;
	readonly formId: string;
	readonly household: Household;
	readonly zones: readonly { readonly id: string; readonly name: string; readonly number: number }[];
	readonly now: Yard;
	/** As it would be with what was tried; null before that. */
	readonly next: Yard | null;
	readonly missed: readonly string[];
	readonly patterns: readonly { readonly id: string; readonly name: string }[];
}

export interface PauseView {
	readonly id: string;
	readonly what: string;
	readonly why: string;
	readonly span: string;
	readonly excuses: string;
	readonly isOver: boolean;
}

export interface ClothDayView {
	readonly date: string;
	/** "Wednesday, 3 March" */
	readonly name: string;
	/** "3", and the month where it begins. */
	readonly label: string;
	readonly isToday: boolean;
	readonly isPast: boolean;
	/** The whole home lies under a cloth. */
	readonly whole: boolean;
	/** What lies under it; empty where nothing does. */
	readonly words: string;
}

export interface PausesView {
	readonly today: string;
	/** Eight weeks from this one on. */
	readonly weeks: readonly (readonly ClothDayView[])[];
	readonly weekdays: readonly string[];
	readonly formId: string;
	readonly pauses: readonly PauseView[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly jobs: readonly { readonly id: string; readonly name: string }[];
	/** Loads of washing that wait. */
	readonly toWash: number;
	readonly back: {
		readonly clear: string;
		readonly days: readonly {
			readonly date: string;
			readonly name: string;
			readonly minutes: number;
			readonly basics: number;
			readonly jobs: readonly string[];
			readonly lines: readonly { readonly line: string; readonly dueOn: string }[];
		}[];
	} | null;
}

export interface GrowingView {
	readonly revision: number;
	readonly formId: string;
	readonly layers: readonly {
		readonly layer: string;
		readonly name: string;
		readonly says: string;
		readonly on: boolean;
		readonly reading: string;
		readonly held: number;
		readonly asked: number;
		readonly jobs: number;
	}[];
	readonly suggestion: string;
	readonly next: string | null;
	readonly back: string | null;
}

/** What the server hands to the Schedule. */
import type { ZoneMark } from './today';

export interface RoundWeek {
	readonly from: string;
	readonly to: string;
	/** Days since the first of the year, and how many. */
	readonly start: number;
	readonly days: number;
	readonly zone: number | null;
	readonly weave: string | null;
	readonly past: boolean;
	readonly paused: boolean;
	readonly words: string;
}

export interface ScheduleItem {
	readonly id: string;
	readonly line: string;
	readonly name: string;
	readonly who: string;
	readonly minutes: number;
	readonly glyph: 'coming' | 'due' | 'done' | 'late' | 'waiting' | 'letgo' | 'part';
	readonly dueOn: string;
	/** A turn of the calendar or a floating one to come: it can be moved and skipped. */
	readonly movable: boolean;
}

export interface ScheduleDay {
	readonly date: string;
	readonly name: string;
	readonly isToday: boolean;
	readonly isPast: boolean;
	readonly subject: string | null;
	readonly basics: number;
	readonly basicsMinutes: number;
	readonly items: readonly ScheduleItem[];
	readonly sitting: number;
	readonly note: string | null;
	readonly zone: ZoneMark | null;
	readonly busy: readonly string[];
}

export interface MonthRow {
	readonly row: number;
	readonly days: readonly ({
		readonly date: string;
		readonly day: number;
		readonly inMonth: boolean;
		readonly isToday: boolean;
		/** Its minutes and names are those of what was done. */
		readonly isPast: boolean;
		readonly weave: string | null;
		readonly zone: number | null;
		readonly minutes: number;
		readonly names: readonly string[];
	} | null)[];
}

export interface ScheduleView {
	/** Swapping weeks of the zones; null for who may not, and where no zone has a week of its own. */
	readonly swap: {
		readonly revision: number;
		readonly weeks: readonly { readonly value: string; readonly label: string }[];
		readonly standing: readonly {
			readonly kind: 'swap' | 'shift';
			readonly at: number;
			readonly words: string;
		}[];
	} | null;
	readonly year: number;
	readonly today: string;
	/** Where the hand points: days since the first of the year; null in another year. */
	readonly hand: number | null;
	readonly daysInYear: number;
	readonly months: readonly { readonly name: string; readonly start: number; readonly days: number }[];
	readonly weeks: readonly RoundWeek[];
	readonly yearly: readonly { readonly at: number; readonly name: string; readonly done: boolean }[];
	readonly chosen: string;
	readonly title: string;
	readonly under: string;
	readonly middle: {
		readonly number: number | null;
		readonly name: string;
		readonly span: string;
		readonly progress: string;
	};
	readonly before: string;
	readonly after: string;
	readonly mode: 'week' | 'month' | 'list';
	readonly days: readonly ScheduleDay[];
	readonly month: {
		readonly name: string;
		/** Short names of the weekdays, in the order of the home's week. */
		readonly weekdays: readonly string[];
		readonly rows: readonly MonthRow[];
		readonly before: string;
		readonly after: string;
	} | null;
	readonly zones: readonly ZoneMark[];
	readonly notes: readonly string[];
	readonly jobs: readonly { readonly id: string; readonly name: string }[];
	readonly found: { readonly name: string; readonly words: string; readonly week: string | null } | null;
	readonly find: string;
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly me: string;
	readonly formId: string;
	readonly canFeed: boolean;
}

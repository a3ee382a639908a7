/** What the server hands to the Ledger. */
import type { ZoneMark } from './today';

export interface LedgerLine {
	readonly entry: string;
	/** Empty for what was decluttered. */
	readonly job: string;
	readonly name: string;
	readonly outcome: 'done' | 'looked' | 'letgo' | 'part' | 'cleared';
	readonly words: string;
	readonly by: string;
	readonly minutes: number | null;
	readonly planned: number | null;
	readonly cutOff: boolean;
	/** Taken back: by whom and when; `undo` is the entry that took it back. */
	readonly back: { readonly words: string; readonly undo: string } | null;
}

export interface LedgerDay {
	readonly date: string;
	readonly weekday: string;
	readonly number: number;
	readonly isToday: boolean;
	readonly told: readonly { readonly who: string; readonly what: string }[];
	readonly more: number;
	readonly minutes: number;
	readonly planned: number;
	readonly lines: readonly LedgerLine[];
}

export interface JobPage {
	readonly job: string;
	readonly name: string;
	readonly zone: ZoneMark | null;
	readonly where: string;
	readonly lastDone: string;
	readonly lastBy: string;
	readonly nextDue: string;
	readonly nextBy: string;
	/** What the minutes were said to be, and what the record says. */
	readonly said: number;
	readonly takes: number | null;
	readonly range: string | null;
	/** How often it is really done, in words; null where too little is known. */
	readonly often: string | null;
	readonly times: readonly {
		readonly date: string;
		readonly by: string;
		readonly minutes: number | null;
		readonly words: string;
	}[];
	readonly countOfTimes: number;
	/** The entry of the open line, that can be taken back. */
	readonly entry: LedgerLine | null;
	readonly entryDate: string | null;
}

export interface LedgerView {
	readonly today: string;
	readonly filter: {
		readonly job: string;
		readonly by: string;
		readonly room: string;
		readonly to: string;
		readonly q: string;
	};
	/** "today", or the day from which the pages go back. */
	readonly toWords: string;
	readonly jobs: readonly { readonly id: string; readonly name: string; readonly room: string }[];
	/** Lines that can be written in: a job, or a part of the day of one. */
	readonly lines: readonly { readonly id: string; readonly name: string }[];
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly days: readonly LedgerDay[];
	readonly older: string | null;
	readonly openDay: string | null;
	readonly page: JobPage | null;
	readonly longest: number;
	readonly me: string;
	readonly formId: string;
}

/** Who did how much on each day of a month. */
export interface MonthView {
	readonly title: string;
	/** Addresses of the months beside it, and of each person alone; the last that is not yet begun has none. */
	readonly before: string;
	readonly after: string | null;
	readonly weekdays: readonly string[];
	readonly people: readonly {
		readonly name: string;
		readonly minutes: number;
		readonly chosen: boolean;
		readonly href: string;
	}[];
	/** In weeks; days of other months are null. */
	readonly weeks: readonly (readonly (MonthDay | null)[])[];
	/** The most minutes of a day. */
	readonly most: number;
	readonly summary: string;
}
export interface MonthDay {
	readonly date: string;
	readonly number: number;
	readonly isToday: boolean;
	readonly minutes: number;
	readonly label: string;
	readonly href: string;
}

/** What the pages about people show, in plain data. */
import type { PersonRole } from '$core/household/home';
import type { ZoneMark } from './today';

export interface CrewPerson {
	readonly id: string;
	readonly name: string;
	/** Minutes of this week and what the share comes to. */
	readonly week: number;
	readonly weekAgreed: number;
	readonly four: number;
	readonly fourAgreed: number;
	/** Minutes of the jobs of this week that were given to them and are still to do. */
	readonly stillToDo: number;
	/** Of the four weeks, work that nobody sees. */
	readonly hidden: number;
	/** Parts of all the work, 0 to 1: for the towels and the thread. */
	readonly weekPart: number;
	readonly fourPart: number;
	readonly share: number;
	readonly words: string;
	readonly heavy: boolean;
	/** The yoke: carries the day now, or from when. */
	readonly carries: string | null;
	readonly ribbon: boolean;
	readonly isChild: boolean;
}

export interface PresenceRow {
	readonly name: string;
	readonly days: readonly {
		readonly kind: 'all' | 'part' | 'away';
		/** Parts of the day's width, 0 to 1. */
		readonly from: number;
		readonly to: number;
		readonly words: string;
	}[];
}

export interface WhyView {
	readonly turn: string;
	readonly title: string;
	readonly when: string;
	readonly reasons: readonly string[];
	/** Who else could, with from when. */
	readonly could: readonly { readonly id: string; readonly name: string; readonly words: string }[];
	/** Who cannot, and why. */
	readonly cannot: readonly { readonly name: string; readonly words: string }[];
	readonly to: { readonly id: string; readonly name: string } | null;
}

export interface CrewView {
	readonly formId: string;
	readonly people: readonly CrewPerson[];
	readonly note: string;
	readonly sharesWords: string;
	readonly days: readonly { readonly letter: string; readonly name: string; readonly isToday: boolean }[];
	readonly presence: readonly PresenceRow[];
	readonly why: WhyView | null;
	/** Look-rounds that wait for an answer, and rungs that are ready. */
	readonly looks: number;
	readonly ready: number;
	readonly ribbon: {
		readonly name: string;
		readonly duties: readonly string[];
		readonly choices: readonly string[];
	} | null;
	readonly givenOut: boolean;
	/** False: somebody lives alone, and there is nothing to share out. */
	readonly isShared: boolean;
}

export interface WeekCloth {
	readonly turn: string;
	readonly name: string;
	readonly minutes: number;
	readonly zone: ZoneMark | null;
	readonly held: boolean;
	readonly done: boolean;
}

export interface WeekLine {
	readonly id: string | null;
	readonly name: string;
	readonly words: string;
	/** Morning, midday, evening, any time. */
	readonly parts: readonly (readonly WeekCloth[])[];
	readonly minutes: number;
}

export interface WeekView {
	readonly formId: string;
	readonly week: 'this' | 'next';
	readonly title: string;
	readonly days: readonly {
		readonly date: string;
		readonly letter: string;
		readonly day: number;
		readonly minutes: number;
		readonly isToday: boolean;
		readonly isPast: boolean;
	}[];
	readonly day: string;
	readonly dayName: string;
	readonly lines: readonly WeekLine[];
	/** Minutes given in the week and how that stands to the share, by person. */
	readonly balance: readonly {
		readonly id: string;
		readonly name: string;
		readonly given: number;
		readonly off: number;
		readonly words: string;
		readonly heavy: boolean;
	}[];
	/** Minutes by which whoever is furthest from their agreed share is off, over four weeks. */
	readonly furthest: number;
	/** What stands against the agreed shares, a sentence a person. */
	readonly against: readonly string[];
	readonly givenWords: string;
	readonly isGiven: boolean;
	/** How many turns another giving-out would move. */
	readonly changes: number;
	readonly why: WhyView | null;
	readonly swaps: readonly {
		readonly id: string;
		readonly words: string;
		readonly mine: boolean;
	}[];
	/** What could come in return for the turn that is looked at: turns of those who could take it. */
	readonly inReturn: readonly {
		readonly name: string;
		readonly turns: readonly { readonly id: string; readonly words: string }[];
	}[];
	readonly trial: {
		readonly member: string;
		readonly name: string;
		readonly from: string;
		readonly to: string;
		readonly moved: readonly { readonly name: string; readonly when: string; readonly to: string }[];
		readonly more: readonly string[];
		readonly nobody: number;
	} | null;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly weekEnd: string;
	readonly today: string;
}

export interface LadderView {
	readonly formId: string;
	readonly children: readonly { readonly id: string; readonly name: string; readonly current: boolean }[];
	readonly child: { readonly id: string; readonly name: string } | null;
	readonly ladders: readonly {
		readonly job: string;
		readonly name: string;
		readonly zone: ZoneMark | null;
		readonly rungs: readonly {
			readonly rung: number;
			readonly name: string;
			readonly stage: 'with' | 'alone' | 'signed' | null;
			readonly words: string;
			readonly record: string;
			readonly ready: string | null;
		}[];
	}[];
	readonly looks: readonly {
		readonly id: string;
		readonly words: string;
		readonly when: string;
		readonly points: readonly string[];
	}[];
}

export interface MemberView {
	readonly formId: string;
	readonly revision: number;
	readonly id: string;
	readonly name: string;
	/** As it is told apart from others of that name. */
	readonly shownName: string;
	readonly role: PersonRole;
	readonly bornOn: string;
	/** What jobs of the home ask to have been learned, and what this person has learned. */
	readonly skills: readonly { readonly skill: string; readonly has: boolean }[];
	readonly kit: readonly string[];
	/** Jobs that name them. */
	readonly namedIn: number;
	readonly hasKit: boolean;
	/** What there is to have at hand: what jobs need, and the tools of the home. */
	readonly things: readonly { readonly thing: string; readonly name: string }[];
	readonly families: readonly { readonly code: string; readonly name: string; readonly out: boolean }[];
	/** Products that are for older ones, and whether an adult allowed them before; empty for grown-ups. */
	readonly early: readonly {
		readonly code: string;
		readonly name: string;
		readonly from: number;
		readonly on: boolean;
		/** Who confirmed it and when; empty where nobody did. */
		readonly said: string;
	}[];
	readonly jobs: readonly {
		readonly id: string;
		readonly name: string;
		readonly out: boolean;
		readonly disliked: boolean;
	}[];
	readonly home: readonly { readonly weekday: number; readonly name: string; readonly spans: string }[];
	readonly carries: readonly { readonly weekday: number; readonly spans: string }[];
	readonly away: string;
	readonly isAlways: boolean;
	readonly can: { readonly count: number; readonly of: number };
	readonly cannot: readonly { readonly name: string; readonly words: string }[];
}

export interface FamilyView {
	readonly formId: string;
	readonly revision: number;
	readonly by: 'equal' | 'age' | 'hours' | 'hand';
	readonly shares: readonly {
		readonly id: string;
		readonly name: string;
		readonly percent: number;
		readonly byHand: number;
	}[];
	readonly options: readonly {
		readonly by: string;
		readonly name: string;
		readonly says: string;
		readonly percents: string;
	}[];
	/** Who wears the ribbon today. */
	readonly wears: string | null;
	readonly ribbon: {
		readonly members: readonly { readonly id: string; readonly name: string; readonly on: boolean }[];
		readonly every: 'day' | 'week';
		readonly duties: string;
		readonly choices: string;
		readonly next: readonly { readonly when: string; readonly name: string }[];
	};
	readonly gate: string;
	readonly together: 'room' | 'role' | 'share';
}

/** What the server hands to the page of the laundry. */
import type { LoadKind, Stage } from '$core/laundry/laundry';

export interface LoadView {
	readonly id: string;
	readonly name: string;
	/** Whose, or what it is. */
	readonly whose: string;
	readonly kind: LoadKind;
	readonly degrees: number;
	readonly weave: string;
	readonly stage: Stage;
	readonly passed: readonly Stage[];
	readonly next: Stage | null;
	/** What hands do next, in words. */
	readonly act: string;
	readonly minutes: number | null;
	/** By the clock on the wall; null where it waits for hands. */
	readonly fetch: string | null;
	readonly isReady: boolean;
	readonly latest: string | null;
	readonly rings: boolean;
	/** Milliseconds: when it rings, and when it rings in a hurry; null for what waits for hands. */
	readonly fetchAt: number | null;
	readonly hurryAt: number | null;
	/** Its bell is for whoever looks at this page. */
	readonly heard: boolean;
	readonly where: string;
}

export interface PileLoadView {
	readonly id: string;
	readonly name: string;
	readonly degrees: number;
	/** Of which wash day it is, in words; null for what somebody put there. */
	readonly missed: string | null;
}

export interface PileRow {
	readonly aDay: number;
	readonly days: readonly { readonly name: string; readonly left: number }[];
	readonly gone: string;
	readonly chosen: boolean;
}

export interface LaundryView {
	readonly time: string;
	readonly weekday: string;
	/** Milliseconds. */
	readonly now: number;
	readonly going: readonly LoadView[];
	/** The pile: what somebody put there, and loads of wash days that went by. */
	readonly waiting: readonly PileLoadView[];
	/** Wash jobs that are on today. */
	readonly jobs: readonly { readonly line: string; readonly name: string; readonly words: string }[];
	readonly me: string;
	readonly pile: readonly PileRow[];
	readonly weekdays: readonly { readonly day: number; readonly name: string; readonly on: boolean }[];
	readonly dry: 'machine' | 'line';
	readonly maySet: boolean;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly revision: number;
	readonly formId: string;
}

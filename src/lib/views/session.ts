/** What the server hands to the pages of a pail. */
import type { Depth } from '$core/household/fields';
import type { Habit } from '$core/planner/chance';
import type { CareLine } from './supplies';
import type { WhyAside } from '$core/session/whyAside';
import type { Plan, PlanInput } from '$core/planner/plan';
import type { SessionKind } from '$core/session/kinds';
import type { SessionEvent, SessionPlan } from '$core/session/sessionPlan';
import type { ZoneMark } from './today';

import type { JobRow } from '$views/today';

/** What a job of a pail is called, for the strip and the list. */
export interface CatalogueJob {
	readonly name: string;
	readonly steps: readonly {
		readonly text: string;
		readonly roomName: string;
		readonly weave: string | null;
		readonly wait: string | null;
	}[];
}

export interface OfferView {
	readonly name: string;
	readonly title: string;
	readonly minutes: number;
	readonly steps: number;
	readonly why: string;
	/** The room or line that it is about. */
	readonly about: string | null;
	readonly href: string;
	/** How full the pail is, from 0 to 1. */
	readonly level: number;
	readonly chosen: boolean;
}

export interface FillView {
	readonly kind: SessionKind;
	readonly title: string;
	readonly lead: string;
	/** What the closing of this kind is, where it has one. */
	readonly note: string | null;
	readonly me: string;
	readonly members: readonly { readonly id: string; readonly name: string; readonly in: boolean }[];
	readonly member: string;
	readonly memberName: string;
	readonly people: readonly { readonly id: string; readonly name: string }[];
	readonly together: string;
	readonly minutes: number;
	readonly from: string;
	/** The server's instant at which the pail was filled. */
	readonly now: number;
	readonly timeZone: string;
	readonly clock: '24h' | '12h';
	readonly until: string;
	readonly zone: ZoneMark | null;
	readonly cut: boolean;
	readonly offers: readonly OfferView[];
	/** What could be in, by line. */
	readonly jobs: PailJobs;
	/** Why what is not in the plan is not in it, by line. */
	readonly why: Readonly<Record<string, WhyAside>>;
	/** Jobs that wait for a later part of the day, and the address that takes them in, or leaves them out again. */
	readonly later: number;
	readonly laterHref: string | null;
	/** What is for others, running already or not to be done by those in it, a sentence for each. */
	readonly elsewhere: readonly string[];
	/** How thoroughly, and whether floors come last; null: as the day and the home have it. */
	readonly depth: 'quick' | 'deep' | null;
	/** The depths of single jobs, as one word of an address or a form. */
	readonly depths: string;
	readonly floors: 'at-end' | 'with-room';
	/** The floors' place was chosen for this session. */
	readonly floorsAsked: boolean;
	/** The zone’s sitting follows the round, how long it is, and the address of the other way; null where there is none. */
	readonly sitting: boolean;
	readonly sittingMinutes: number;
	readonly sittingHref: string | null;
	/** Filled to the brim, and the address of the other way. */
	readonly brim: boolean;
	readonly brimHref: string | null;
	/** Lines that were taken out. */
	readonly taken: readonly string[];
	readonly input: PlanInput;
	readonly plan: Plan;
	readonly catalogue: Readonly<Record<string, CatalogueJob>>;
	readonly habits: Readonly<Record<string, Habit>>;
	readonly chance: number;
	readonly held: readonly string[];
	/** Jobs that were asked for and do not fit, in words. */
	readonly cannot: readonly string[];
	/** `visitors`: the rooms that can be shown. */
	readonly rooms: readonly { readonly id: string; readonly name: string; readonly in: boolean }[];
	/** `clearing`: where a spot can be. */
	readonly clearRooms: readonly { readonly id: string; readonly name: string; readonly chosen: boolean }[];
	readonly spot: string;
	readonly allRooms: readonly { readonly id: string; readonly name: string }[];
	/** Rooms that it keeps to; none: all. */
	readonly inRooms: readonly string[];
	readonly running: string | null;
	readonly formId: string;
}

export interface RunView {
	readonly id: string;
	readonly member: string;
	/** Whose lane this device follows; null: all of them. */
	readonly as: string | null;
	readonly names: Readonly<Record<string, string>>;
	readonly plan: SessionPlan;
	readonly events: readonly SessionEvent[];
	/** The server's instant when this was read. */
	readonly now: number;
	readonly timeZone: string;
	readonly clock: '24h' | '12h';
	readonly zones: Readonly<Record<string, ZoneMark | null>>;
	readonly rooms: readonly {
		readonly id: string;
		readonly name: string;
		readonly kind: string;
		readonly storey: number;
		readonly walkOrder: number;
		readonly weave: string | null;
	}[];
	/** What to mind in each step, by its place in the plan. */
	readonly cautions: readonly (readonly CareLine[])[];
	/** What each step is done with, by its place in the plan. */
	readonly tools: readonly (readonly string[])[];
	/** What was written to whoever does a line: for every time of it, and for this one. */
	readonly notes: Readonly<Record<string, readonly string[]>>;
	/** What becomes of a job that is not finished, by line. */
	readonly after: Readonly<Record<string, string>>;
	/** What can still be put in. */
	readonly spare: readonly { readonly line: string; readonly name: string; readonly minutes: number }[];
	/** Clearing: who could carry the bag off, and the next errand days. */
	readonly errands: readonly { readonly date: string; readonly words: string }[];
	/** Whoever looks can call a grown-up from here. */
	readonly mayCall: boolean;
	/** Cloths and tools of its jobs that go into the hot wash after. */
	readonly toWash: readonly string[];
	/** Whoever looks can put a load on the laundry's list. */
	readonly mayWash: boolean;
	readonly leftHouse: { readonly binned: number; readonly given: number } | null;
	readonly formId: string;
}

/** What the page knows of a job that could be in the pail. */
export interface PailJob {
	readonly name: string;
	readonly late: boolean;
	/** What to take along for it: kits by their letters, and what is in none. */
	readonly needs: readonly string[];
	/** What it needs and cannot have, a sentence each. */
	readonly missing: readonly string[];
	/** How it hangs aside where it is not in; null for what need not be said: only open, or a small job of the session's. */
	readonly aside: JobRow | null;
	/** Addresses of this pail with the job taken out, held or let go of, and put in. */
	readonly out: string;
	readonly hold: string;
	readonly put: string;
	/** The depths that it has, where there are several, each with the address of this pail with it. */
	readonly depths: readonly { readonly depth: Depth; readonly href: string }[];
	/** The one it is planned with. */
	readonly depth: Depth;
}

export type PailJobs = Readonly<Record<string, PailJob>>;

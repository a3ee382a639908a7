/** What the server hands to the pages of a pail. */
import type { SessionEvent, SessionPlan } from '$core/session/clock';
import type { TagView, ZoneMark } from '../today/view';

export interface FillLine {
	readonly tag: TagView;
	readonly minutes: number;
	readonly steps: readonly {
		readonly text: string;
		readonly at: string;
		readonly minutes: number;
		readonly wait: string | null;
		readonly room: string;
	}[];
}

export interface FillView {
	readonly me: string;
	readonly members: readonly { readonly id: string; readonly name: string }[];
	readonly member: string;
	readonly memberName: string;
	readonly minutes: number;
	readonly from: string;
	readonly until: string;
	readonly zone: ZoneMark | null;
	readonly why: string;
	readonly planned: number;
	readonly cut: boolean;
	readonly rows: readonly {
		readonly text: string;
		readonly job: string;
		readonly room: string;
		readonly at: string;
		readonly minutes: number;
		readonly wait: string | null;
		readonly weave: string | null;
		readonly start: number;
	}[];
	readonly jobs: readonly TagView[];
	readonly left: readonly { readonly tag: TagView; readonly why: string }[];
	/** The pail that this person has running already. */
	readonly running: string | null;
	readonly formId: string;
}

export interface RunView {
	readonly id: string;
	readonly member: string;
	readonly plan: SessionPlan;
	readonly events: readonly SessionEvent[];
	/** The server's instant when this was read. */
	readonly now: number;
	readonly timeZone: string;
	readonly clock: '24h' | '12h';
	readonly zones: Readonly<Record<string, ZoneMark | null>>;
	readonly cautions: Readonly<
		Record<string, readonly { readonly headline: string; readonly text: string }[]>
	>;
	/** What becomes of a job that is not finished, by line. */
	readonly after: Readonly<Record<string, string>>;
	readonly formId: string;
}

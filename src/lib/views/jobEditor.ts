/** What the server hands to the rhythm editor of a job. */
import type { Household, Job, Room } from '$core/household/home';
import type { SeriesProjection } from '$core/schedule/projection';
import type { Span } from '$core/calendar/pauses';
import type { ZoneMark } from './today';

export interface JobEditorView {
	readonly isNew: boolean;
	readonly revision: number;
	readonly formId: string;
	readonly job: Job;
	readonly household: Household;
	readonly room: Room;
	readonly zone: ZoneMark | null;
	readonly lastWords: string;
	readonly today: number;
	readonly projection: { readonly id: string; readonly line: SeriesProjection } | null;
	readonly pauses: readonly Span[];
	readonly zoneDays: readonly number[];
	readonly rooms: readonly { readonly id: string; readonly name: string; readonly zone: string | null }[];
	readonly people: readonly { readonly id: string; readonly name: string; readonly why: string | null }[];
	readonly others: readonly { readonly id: string; readonly name: string }[];
	readonly late: string | null;
	readonly estimate: string | null;
}

export interface LibraryView {
	readonly revision: number;
	readonly formId: string;
	readonly words: string;
	readonly room: string;
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
	readonly count: number;
	readonly jobs: readonly {
		readonly id: string;
		readonly name: string;
		readonly subject: string;
		readonly layer: string;
		readonly minutes: number;
		readonly rhythm: string;
		readonly fromAge: number | null;
		readonly steps: readonly string[];
		readonly needs: readonly string[];
		readonly cautions: readonly string[];
		readonly rungs: readonly string[];
		readonly lookRound: readonly string[];
		readonly places: readonly { readonly id: string; readonly name: string; readonly has: boolean }[];
	}[];
}

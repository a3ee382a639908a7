/** What the server hands to the rhythm editor of a job. */
import type { Household, Job, Layer, Room } from '$core/household/home';
import type { SeriesProjection } from '$core/schedule/projection';
import type { SeriesVersions } from '$core/schedule/series';
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
	/** Its rules, with the days from which they hold. */
	readonly versions: SeriesVersions;
	readonly projection: { readonly id: string; readonly line: SeriesProjection } | null;
	readonly pauses: readonly Span[];
	readonly zoneDays: readonly number[];
	readonly rooms: readonly { readonly id: string; readonly name: string; readonly zone: string | null }[];
	readonly people: readonly { readonly id: string; readonly name: string; readonly why: string | null }[];
	readonly others: readonly { readonly id: string; readonly name: string }[];
	/** Products of the home, with what is in them. */
	readonly products: readonly {
		readonly id: string;
		readonly name: string;
		readonly families: readonly string[];
	}[];
	/** Tools of the home, and products that the job needs at hand. */
	readonly things: readonly { readonly id: string; readonly name: string }[];
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
	/** How many of them the home has somewhere. */
	readonly had: number;
	/** Only what the home does not have yet. */
	readonly missing: boolean;
	readonly sections: readonly LibrarySection[];
}

/** The jobs of a kind of room. */
export interface LibrarySection {
	readonly kind: string;
	readonly name: string;
	readonly had: number;
	readonly jobs: readonly {
		readonly id: string;
		readonly name: string;
		readonly subject: string;
		readonly layer: Layer;
		readonly minutes: number;
		readonly rhythm: string;
		readonly fromAge: number | null;
		readonly steps: readonly string[];
		readonly needs: readonly string[];
		readonly cautions: readonly string[];
		readonly rungs: readonly string[];
		readonly lookRound: readonly string[];
		/** Rooms that it is for, and how many of them have it. */
		readonly had: number;
		readonly places: readonly { readonly id: string; readonly name: string; readonly has: boolean }[];
	}[];
}

/** What the server hands to House. */
import type { Layer } from '$core/household/home';
import type { WeaveName } from '$core/household/weaves';
export interface HouseRoom {
	readonly id: string;
	readonly name: string;
	readonly kind: string;
	readonly kindName: string;
	readonly storey: number;
	readonly storeyName: string;
	readonly minutes: number;
	readonly zone: string | null;
	readonly weave: string | null;
	readonly number: number | null;
	/** The weave that the proposal would give it. */
	readonly next: string | null;
	readonly jobs: number;
	/** Of the parts of the work that are on, on average. */
	readonly minutesAWeek: number;
}

export interface HouseZone {
	readonly id: string;
	readonly number: number;
	readonly name: string;
	readonly weave: string;
	/** Minutes that a visit asks and holds, on average over the year. */
	readonly asked: number;
	readonly held: number;
	readonly words: string;
	readonly heavy: boolean;
	/** How far the yoke tips: -1 left down to 1 right down. */
	readonly tilt: number;
	readonly clutter: 'clear' | 'nearly' | 'not-yet' | null;
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
}

export interface ProposalView {
	readonly title: string;
	readonly text: string;
	readonly moves: readonly { readonly room: string; readonly zone: string }[];
}

export interface ZoneItemView {
	readonly id: string;
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
	readonly every: 1 | 2;
	readonly season: readonly number[];
}

export interface ZoneRoomJob {
	readonly id: string;
	readonly name: string;
	readonly room: string;
	readonly minutes: number;
	readonly rhythm: string;
}

export interface HouseView {
	/** Parts of the work that are switched off. */
	readonly layersOff: readonly Layer[];
	readonly revision: number;
	readonly formId: string;
	readonly household: string;
	readonly summary: string;
	readonly cat: string | null;
	readonly rooms: readonly HouseRoom[];
	readonly zones: readonly HouseZone[];
	readonly hasZones: boolean;
	readonly proposal: ProposalView | null;
	/** Months in which a zone gets no day. */
	readonly missed: readonly string[];
	readonly room:
		| (HouseRoom & {
				/** As the home wrote it: where rooms are called alike, `name` tells them apart. */
				readonly ownName: string;
				/** Visitors see it. */
				readonly seen: boolean;
				readonly jobList: readonly {
					readonly id: string;
					readonly name: string;
					readonly rhythm: string;
					readonly minutes: number;
					readonly layer: string;
				}[];
		  })
		| null;
	readonly zone:
		| (HouseZone & {
				readonly orderBy: 'list' | 'need';
				readonly items: readonly ZoneItemView[];
				/** Where zones have days of their own: the weekly and monthly work of its rooms. */
				readonly ofRooms: readonly ZoneRoomJob[];
				readonly days: number;
				readonly visits: number;
		  })
		| null;
	readonly kinds: readonly { readonly kind: string; readonly name: string }[];
	readonly storeys: readonly { readonly storey: number; readonly name: string }[];
	readonly weaves: readonly WeaveName[];
}

/** The last changes of the home, newest first. */
export interface ChangesView {
	readonly formId: string;
	readonly changes: readonly {
		readonly revision: number;
		readonly when: string;
		readonly texts: readonly string[];
	}[];
}

interface AsOption {
	readonly value: string;
	readonly label: string;
}

/** All jobs of a home, and what they can be changed to. */
export interface AllJobsView {
	readonly revision: number;
	readonly formId: string;
	readonly jobs: readonly {
		readonly id: string;
		readonly name: string;
		readonly room: string;
		readonly layer: string;
		readonly often: string;
		readonly who: string;
		readonly minutes: number;
	}[];
	readonly rooms: readonly AsOption[];
	readonly members: readonly AsOption[];
	readonly layers: readonly AsOption[];
	readonly weekdays: readonly AsOption[];
}

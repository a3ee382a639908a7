/** The cookie that asks for pages that are hydrated in one go; until the browser is closed. */
export const WHOLE_PAGES = 'whole';

/** What stands around a page: the contract between the layout's load and the frame. */
export interface FrameView {
	readonly path: string;
	readonly household: string;
	/** What whoever looks may open. */
	readonly places: readonly { readonly href: string; readonly name: string }[];
	readonly homes: readonly {
		readonly id: string;
		readonly name: string;
		readonly isDemo: boolean;
		readonly current: boolean;
	}[];
	readonly isDemo: boolean;
	/** In the demo: as whom it is looked at, and who else one can be. */
	readonly as: {
		readonly name: string;
		readonly others: readonly { readonly id: string; readonly name: string }[];
	} | null;
	readonly hasKeys: boolean;
	readonly isDevice: boolean;
	/** Whoever is signed in at a device of the family. */
	readonly atDevice: boolean;
	readonly maySay: boolean;
	readonly light: string;
}

/** What the server hands to the pages of the cupboard. */
import type { Contents, Description, Vessel } from '$core/cupboard/products';
import type { Level, ToBuy } from '$core/cupboard/shopping';
import type { Pet } from '$core/cupboard/cautions';

/** What to mind, as a line: what, and why or how; `grave` is read first. */
export interface CareLine {
	readonly headline: string;
	readonly text: string;
	readonly grave: boolean;
	/** Said of a product: its label comes first. */
	readonly ofProduct: boolean;
}

export interface ProductView extends Contents {
	readonly id: string;
	readonly name: string;
	readonly vessel: Vessel;
	readonly level: Level;
	/** What is in it, in words. */
	readonly contents: string;
	/** Good no longer. */
	readonly isOver: boolean;
}

/** The product that was chosen, with what is worth knowing of it. */
export interface ProductDetail extends ProductView {
	/** What it is, where it stands, on one line. */
	readonly line: string;
	readonly cares: readonly CareLine[];
	readonly goodOn: string;
	readonly notOn: string;
	readonly briefly: string;
	readonly who: string;
	readonly usedFor: string;
	/** What it was told with, and its plain facts, for the form. */
	readonly descriptions: readonly Description[];
	readonly place: string;
	readonly locked: boolean;
	readonly openedOn: string;
	readonly bestBefore: string;
	readonly strength: string;
	/** Until when it is good, in words; empty where nothing is said. */
	readonly until: string;
}

export interface KitView {
	readonly id: string;
	readonly name: string;
	readonly letter: string;
	readonly weave: string;
	readonly place: string;
	readonly rooms: readonly string[];
	readonly contents: readonly string[];
	readonly words: string;
}

export interface ToBuyView extends Omit<ToBuy, 'neededOn' | 'neededBy'> {
	readonly words: string;
}

export interface AskPerson {
	readonly id: string;
	readonly name: string;
	readonly age: number | null;
	readonly excludes: readonly string[];
	readonly allows: readonly string[];
}

export interface SuppliesView {
	readonly revision: number;
	readonly formId: string;
	readonly mayEdit: boolean;
	readonly products: readonly ProductView[];
	readonly low: number;
	readonly out: number;
	readonly chosen: ProductDetail | null;
	readonly kits: readonly KitView[];
	readonly toBuy: readonly ToBuyView[];
	readonly people: readonly AskPerson[];
	readonly pets: readonly Pet[];
	/** Surfaces that rooms of the home have, by code, with the names of those rooms. */
	readonly here: Readonly<Record<string, readonly string[]>>;
	readonly starters: readonly { readonly id: string; readonly name: string }[];
	/** What was asked in the address. */
	readonly asked: {
		readonly product: string;
		readonly surface: string;
		readonly after: string;
		readonly person: string;
	};
}

export interface KitsView {
	readonly revision: number;
	readonly formId: string;
	readonly mayEdit: boolean;
	readonly kits: readonly KitView[];
	readonly tools: readonly {
		readonly id: string;
		readonly name: string;
		readonly boundTo: string;
		readonly hotWash: boolean;
		readonly words: string;
		/** The jobs that need it. */
		readonly jobs: readonly string[];
	}[];
	/** All jobs, room after room. */
	readonly jobs: readonly {
		readonly id: string;
		readonly name: string;
		readonly room: string;
		readonly roomName: string;
	}[];
	readonly things: readonly { readonly id: string; readonly name: string }[];
	readonly rooms: readonly { readonly id: string; readonly name: string }[];
}

export interface MixView {
	readonly id: string;
	readonly name: string;
	readonly parts: string;
	readonly mixed: string;
	readonly until: string;
	readonly isOver: boolean;
	readonly cares: readonly CareLine[];
}

export interface MixingView {
	readonly revision: number;
	readonly formId: string;
	readonly mayEdit: boolean;
	readonly mixes: readonly MixView[];
	/** Strength of the home's own bleach, in percent, where its bottle says. */
	readonly strength: string;
}

export interface BuyingView {
	readonly list: readonly ToBuyView[];
	readonly formId: string;
}

export interface DoorView {
	readonly revision: number;
	readonly formId: string;
	readonly mayEdit: boolean;
	readonly household: string;
	readonly poisonCentre: string;
	readonly pairs: readonly {
		readonly first: string;
		readonly second: string;
		readonly what: string;
		/** The home's own bottles that must not meet; empty where one side is not here. */
		readonly ours: string;
	}[];
	readonly surfaces: readonly { readonly name: string; readonly not: string; readonly rooms: string }[];
}

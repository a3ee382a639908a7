/** Sizes of paper, and what stands on a card, in millimetres. Rules: "Printed cards". */

export const SIZES = ['A4', 'A5', 'A6', 'Letter'] as const;
export type Size = (typeof SIZES)[number];

export interface Measures {
	readonly width: number;
	readonly height: number;
	/** White around what is printed. */
	readonly margin: number;
}

/** ISO 216 for the A sizes, 8½ by 11 inches for Letter. */
export const MEASURES: Readonly<Record<Size, Measures>> = {
	A4: { width: 210, height: 297, margin: 14 },
	A5: { width: 148, height: 210, margin: 10 },
	A6: { width: 105, height: 148, margin: 7 },
	Letter: { width: 215.9, height: 279.4, margin: 14 }
};

/** A box to tick, its gap to the next, a row of a card, a heading among rows. */
export const BOX = 7.5;
export const GAP = 1.6;
export const ROW = 13;
export const HEADING = 9;
/** Weave, name and rhythm at the head; code and note at the foot. */
export const HEAD = 38;
export const FOOT = 23;
/** The frame around what is to be minded with its last line, a line in it, and how much narrower than the page it is. */
export const CAUTION = 15;
export const CAUTION_LINE = 4.9;
export const CAUTION_INSET = 8;

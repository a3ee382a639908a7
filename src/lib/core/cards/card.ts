/** A card of paper: rows with boxes, each box a line on a day. Rules: "Printed cards". */
import type { CivilDay } from '../calendar/civil';

/** A box: a line that was done if it is ticked, and the day on which that counts. */
export interface Box {
	readonly line: string;
	readonly date: CivilDay;
}

export interface CardRow {
	readonly text: string;
	/** The job that it is of: what is to be minded with it stands on the same page. */
	readonly job: string | null;
	/** A second line in small: the room, who, when. */
	readonly note: string;
	/** The place in the order of the work; null where there is none. */
	readonly number: number | null;
	/** A box a column; null where there is nothing to tick. */
	readonly boxes: readonly (Box | null)[];
	/** Begins a part of the card. */
	readonly heading: string | null;
	/** A wait that begins with this row: the row that ends it, and its least and longest time in minutes. */
	readonly wait: { readonly to: number; readonly min: number; readonly max: number | null } | null;
}

export interface CardSide {
	readonly name: string;
	/** A column is a week, and its rows stand in the order of the work; else a column is a day. */
	readonly isWeekly?: true;
	readonly minutes: number;
	readonly columns: readonly string[];
	readonly rows: readonly CardRow[];
	/** What to mind, the gravest first, each once. */
	readonly cautions: readonly CardCaution[];
}

export interface CardCaution {
	readonly headline: string;
	readonly text: string;
	/** The jobs that it is said of. */
	readonly of: readonly { readonly id: string; readonly name: string }[];
}

/** What to mind with one job. */
export interface JobCaution {
	readonly headline: string;
	readonly text: string;
	readonly grave: boolean;
}

export interface Card {
	readonly kind: 'room' | 'person' | 'zone' | 'bookmark' | 'week';
	readonly title: string;
	/** The zone whose weave and plate it bears. */
	readonly zone: string | null;
	/** First and last day that it is for. */
	readonly from: CivilDay;
	readonly to: CivilDay;
	readonly sides: readonly CardSide[];
}

export const row = (text: string, rest: Partial<CardRow>): CardRow => ({
	text,
	job: null,
	note: '',
	number: null,
	boxes: [],
	heading: null,
	wait: null,
	...rest
});

/** All boxes of a card, once each. */
export function boxesOf(card: Card): Box[] {
	const seen = new Map<string, Box>();
	for (const side of card.sides)
		for (const one of side.rows)
			for (const box of one.boxes) if (box) seen.set(`${box.line}@${box.date}`, box);
	return [...seen.values()];
}

/** Cuts a card into pages of a size, so that nothing is printed smaller than it can be read or over the edge. */
import type { Card, CardCaution, CardRow, CardSide } from './card';
import {
	BOX,
	CAUTION,
	CAUTION_INSET,
	CAUTION_LINE,
	FOOT,
	GAP,
	HEAD,
	HEADING,
	MEASURES,
	ROW,
	type Size
} from './sizes';

export interface PlacedRow extends CardRow {
	/** Its place on the whole side, from 0: waits name it. */
	readonly at: number;
	/** Millimetres from the top of the rows of its page, and its height. */
	readonly y: number;
	readonly height: number;
	readonly headingHeight: number;
	/** Lines that its name takes, and whether its boxes stand under it. */
	readonly lines: number;
	readonly under: boolean;
	/** A wait is written under it, where there is no room for a string beside the names. */
	readonly waitUnder: boolean;
}

type RowShape = Pick<PlacedRow, 'height' | 'lines' | 'under' | 'waitUnder'>;

export interface Column {
	readonly side: CardSide;
	readonly rows: readonly PlacedRow[];
	/** Of its side, from 1. */
	readonly part: number;
	readonly parts: number;
	/** What to mind, in as many words as the page has room for. */
	readonly cautions: readonly CardCaution[];
}

export interface Page {
	/** Room cards have one column a page, bookmarks two halves, the sheet of a week as many as fit. */
	readonly columns: readonly Column[];
}

/** Rows from the top down until the height is full, beside what stands under them; each part of a side as long as it can be. */
function fill(
	side: CardSide,
	height: number,
	rowOf: number | ((row: CardRow) => RowShape),
	headingHeight = HEADING,
	under: (rows: readonly CardRow[]) => number = () => 0
): PlacedRow[][] {
	const parts: PlacedRow[][] = [];
	let now: PlacedRow[] = [];
	let y = 0;
	let part: string | null = null;
	side.rows.forEach((one, at) => {
		const shape =
			typeof rowOf === 'number' ? { height: rowOf, lines: 2, under: false, waitUnder: false } : rowOf(one);
		const row = shape.height;
		let { heading } = one;
		const above = y + (heading === null ? 0 : headingHeight);
		if (now.length > 0 && above + row + under([...now, one]) > height + 1e-6) {
			parts.push(now);
			now = [];
			y = 0;
			// What goes on over the edge says again what it belongs to.
			heading ??= part;
		}
		part = one.heading ?? part;
		y += heading === null ? 0 : headingHeight;
		now.push({ ...one, ...shape, heading, at, y, headingHeight });
		y += row;
	});
	if (now.length > 0) parts.push(now);
	return parts;
}

/** A line of text of a bookmark, and a letter of it on average, in millimetres. */
const LINE = 4.7;
const LETTER = 2.7;
/** White between the halves of a bookmark, and between a name and its boxes. */
const FOLD = 8;
const BESIDE = 2.5;

/** Lines that a text takes in a width, its letters so wide (millimetres): words stay whole where they fit in one. */
export function linesOf(text: string, width: number, letter = LETTER): number {
	const most = Math.max(1, Math.floor(width / letter));
	let lines = 1;
	let used = 0;
	for (const word of text.split(/\s+/)) {
		const needs = used === 0 ? word.length : used + 1 + word.length;
		if (needs <= most) used = needs;
		else {
			lines += (used === 0 ? 0 : 1) + Math.ceil(word.length / most) - 1;
			used = word.length % most || most;
		}
	}
	return lines;
}

/** The rows of a half of a bookmark: boxes beside the names where all find room there in two lines, else under them. */
function halfRows(side: CardSide, size: Size): (row: CardRow) => RowShape {
	const { width, margin } = MEASURES[size];
	const half = (width - 2 * margin - FOLD) / 2;
	const beside = (row: CardRow) => half - widthOfBoxes(row.boxes.length) - BESIDE;
	const several = side.rows.filter((row) => row.boxes.length > 1);
	const isUnder = several.some((row) => linesOf(row.text, beside(row)) > 2);
	return (row) => {
		const under = isUnder && row.boxes.length > 1;
		const lines = linesOf(row.text, under ? half : beside(row));
		const text = lines * LINE;
		return {
			lines,
			under,
			waitUnder: false,
			height: under ? 1.8 + text + BOX : Math.max(0.6 + BOX, 1.2 + text)
		};
	};
}

/** A number before a row and its gap; a string with the time of a wait beside the names, and one with its longest time; what is the least for names. */
const NUMBER = 9.5;
const STRING = 22;
const LONG_STRING = 46;
const LEAST_NAME = 44;
/** A letter of a name in bold, and of a note, with a tenth to spare; a line of a note. */
const BOLD = 2.45;
const SMALL = 2.25;
const NOTE_LINE = 4.5;

/** The rows of a card: as high as the name and its note are, in whole words. */
function cardRows(side: CardSide, size: Size): (row: CardRow) => RowShape {
	const { width, margin } = MEASURES[size];
	const columns = Math.max(0, ...side.rows.map((row) => row.boxes.length));
	const numbers = side.rows.some((row) => row.number !== null) ? NUMBER : 0;
	const beside = width - 2 * margin - numbers - widthOfBoxes(columns) - BESIDE;
	const waits = side.rows.flatMap((row) => row.wait ?? []);
	const string = waits.length === 0 ? 0 : waits.some((wait) => wait.max !== null) ? LONG_STRING : STRING;
	const hasStrings = beside - string >= LEAST_NAME;
	const name = hasStrings ? beside - string : beside;
	return (row) => {
		const lines = linesOf(row.text, name, BOLD);
		const waitUnder = row.wait !== null && !hasStrings;
		const notes = (row.note ? linesOf(row.note, name, SMALL) : 0) + Number(waitUnder);
		return {
			lines,
			under: false,
			waitUnder,
			height: Math.max(ROW, 3 + lines * CAUTION_LINE + notes * NOTE_LINE)
		};
	};
}

const columnsOf = (
	side: CardSide,
	parts: readonly PlacedRow[][],
	cautions: (rows: readonly CardRow[]) => readonly CardCaution[] = () => []
): Column[] =>
	parts.map((rows, i) => ({ side, rows, part: i + 1, parts: parts.length, cautions: cautions(rows) }));

/** How far a row of boxes reaches, in millimetres. */
export const widthOfBoxes = (columns: number) => columns * BOX + Math.max(0, columns - 1) * GAP;

/** The height that a page has for rows and cautions. */
const roomFor = (size: Size) => MEASURES[size].height - 2 * MEASURES[size].margin - HEAD - FOOT;

/** A caution as it is printed, after it the jobs that it is said of. */
export const cautionText = ({ headline, text, of }: CardCaution): string =>
	[headline, text, of.length > 0 ? `(${[...new Set(of.map((job) => job.name))].join(', ')})` : '']
		.filter(Boolean)
		.join(' ');

/** The height of the frame with what is to be minded, in millimetres. */
export function heightOfCautions(cautions: readonly CardCaution[], size: Size): number {
	if (cautions.length === 0) return 0;
	const { width, margin } = MEASURES[size];
	const lines = cautions.reduce(
		(sum, one) => sum + linesOf(cautionText(one), width - 2 * margin - CAUTION_INSET, BOLD),
		0
	);
	return CAUTION + lines * CAUTION_LINE;
}

/** Cautions take so much of a page at most, as long as they can be said shorter. */
const MOST_OF_PAGE = 0.45;

/**
 * What a page with some rows says of cautions: those of its own jobs, in full where there is room, else without why, else
 * without the jobs too: none is ever left out.
 */
function cautionsBeside(side: CardSide, rows: readonly CardRow[], size: Size): readonly CardCaution[] {
	const jobs = new Set(rows.map((row) => row.job));
	const full = side.cautions.flatMap((one): CardCaution[] => {
		const of = one.of.filter((job) => jobs.has(job.id));
		return of.length > 0 ? [{ ...one, of }] : [];
	});
	const short = full.map((one) => ({ ...one, text: '' }));
	const headline = [...new Set(short.map((one) => one.headline))].join(' ');
	const most = roomFor(size) * MOST_OF_PAGE;
	const fits = [full, short].find((some) => heightOfCautions(some, size) <= most);
	return fits ?? [{ headline, text: '', of: [] }];
}

/**
 * The pages of a card on paper of a size. Every row stands on exactly one page. Two-sided cards begin each side on
 * a page of its own; a bookmark has its halves side by side; the week is one sheet as long as it fits on one.
 */
export function pagesOf(card: Card, size: Size): Page[] {
	if (card.kind === 'bookmark') {
		const [left, right] = card.sides as readonly [CardSide, CardSide];
		const height = roomFor(size) + 10;
		const [lefts, rights] = [left, right].map((side) =>
			columnsOf(side, fill(side, height, halfRows(side, size), HEADING - 1))
		) as [Column[], Column[]];
		return Array.from({ length: Math.max(1, lefts.length, rights.length) }, (_, i) => ({
			columns: [...lefts.slice(i, i + 1), ...rights.slice(i, i + 1)]
		}));
	}
	if (card.kind === 'week') return sheetOfWeek(card, size);
	return card.sides.flatMap((side) => {
		const cautions = (rows: readonly CardRow[]) => cautionsBeside(side, rows, size);
		const parts = fill(side, roomFor(size), cardRows(side, size), HEADING, (rows) =>
			heightOfCautions(cautions(rows), size)
		);
		return columnsOf(side, parts, cautions).map((column) => ({ columns: [column] }));
	});
}

/** The rows of a sheet for the fridge, of every day and of one: larger where there is room, never too small to read. */
const SHEET_ROWS = [
	[11, 10],
	[10, 8.6],
	[9.2, 7.4],
	[8.6, 6.4],
	[7.8, 5.4]
] as const;
const SHEET_HEAD = 24;
const SHEET_FOOT = 17;
const SHEET_HEADING = 6.5;
/** The least width of a column of it. */
const SHEET_COLUMN = 56;

function sheetOfWeek(card: Card, size: Size): Page[] {
	const [daily, others] = card.sides as readonly [CardSide, CardSide];
	const { width, height, margin } = MEASURES[size];
	const free = height - 2 * margin - SHEET_HEAD - SHEET_FOOT;
	const across = Math.max(1, Math.floor((width - 2 * margin) / SHEET_COLUMN));
	for (const [dailyRow, row] of SHEET_ROWS) {
		const every = fill(daily, Infinity, dailyRow);
		const last = every.flat().at(-1);
		const table = Math.max(daily.rows.length * dailyRow + 8, last ? last.y + last.height : 0);
		const rest = free - table;
		if (rest < row + SHEET_HEADING) continue;
		const parts = fill(others, rest, row, SHEET_HEADING);
		if (parts.length <= across)
			return [{ columns: [...columnsOf(daily, every), ...columnsOf(others, parts)] }];
	}
	// More than one sheet holds: every day on its own, then the days of the week.
	const [dailyRow, row] = SHEET_ROWS[2];
	const first = columnsOf(daily, fill(daily, free - 8, dailyRow)).map((column) => ({ columns: [column] }));
	const parts = columnsOf(others, fill(others, free, row, SHEET_HEADING));
	const pages: Page[] = [...first];
	for (let i = 0; i < parts.length; i += across) pages.push({ columns: parts.slice(i, i + across) });
	return pages;
}

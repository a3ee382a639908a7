/** Cuts a card into pages of a size, so that nothing is printed smaller than it can be read or over the edge. */
import type { Card, CardRow, CardSide } from './cards';
import { BOX, CAUTION, FOOT, GAP, HEAD, HEADING, MEASURES, ROW, type Size } from './sizes';

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
}

interface RowShape {
	readonly height: number;
	readonly lines: number;
	readonly under: boolean;
}

export interface Column {
	readonly side: CardSide;
	readonly rows: readonly PlacedRow[];
	/** Of its side, from 1. */
	readonly part: number;
	readonly parts: number;
}

export interface Page {
	/** Room cards have one column a page, bookmarks two halves, the sheet of a week as many as fit. */
	readonly columns: readonly Column[];
}

/** Rows from the top down until the height is full; each part of a side as long as it can be. */
function fill(
	side: CardSide,
	height: number,
	rowOf: number | ((row: CardRow) => RowShape),
	headingHeight = HEADING
): PlacedRow[][] {
	const parts: PlacedRow[][] = [];
	let now: PlacedRow[] = [];
	let y = 0;
	let under: string | null = null;
	side.rows.forEach((one, at) => {
		const shape = typeof rowOf === 'number' ? { height: rowOf, lines: 2, under: false } : rowOf(one);
		const row = shape.height;
		let { heading } = one;
		if (now.length > 0 && y + (heading === null ? 0 : headingHeight) + row > height + 1e-6) {
			parts.push(now);
			now = [];
			y = 0;
			// What goes on over the edge says again what it belongs to.
			heading ??= under;
		}
		under = one.heading ?? under;
		const above = heading === null ? 0 : headingHeight;
		now.push({ ...one, ...shape, heading, at, y: y + above, headingHeight });
		y += above + row;
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

/** Lines that a text takes in a width (millimetres): words stay whole where they fit in one. */
export function linesOf(text: string, width: number): number {
	const most = Math.max(1, Math.floor(width / LETTER));
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
		return { lines, under, height: under ? 1.8 + text + BOX : Math.max(0.6 + BOX, 1.2 + text) };
	};
}

const columnsOf = (side: CardSide, parts: readonly PlacedRow[][]): Column[] =>
	parts.map((rows, i) => ({ side, rows, part: i + 1, parts: parts.length }));

/** How far a row of boxes reaches, in millimetres. */
export const widthOfBoxes = (columns: number) => columns * BOX + Math.max(0, columns - 1) * GAP;

/** The height that a page has for rows. */
const roomFor = (size: Size, side: CardSide) =>
	MEASURES[size].height - 2 * MEASURES[size].margin - HEAD - FOOT - (side.caution ? CAUTION : 0);

/**
 * The pages of a card on paper of a size. Every row stands on exactly one page. Two-sided cards begin each side on
 * a page of its own; a bookmark has its halves side by side; the week is one sheet as long as it fits on one.
 */
export function pagesOf(card: Card, size: Size): Page[] {
	if (card.kind === 'bookmark') {
		const [left, right] = card.sides as readonly [CardSide, CardSide];
		const height = roomFor(size, left) + 10;
		const [lefts, rights] = [left, right].map((side) =>
			columnsOf(side, fill(side, height, halfRows(side, size), HEADING - 1))
		) as [Column[], Column[]];
		return Array.from({ length: Math.max(1, lefts.length, rights.length) }, (_, i) => ({
			columns: [...lefts.slice(i, i + 1), ...rights.slice(i, i + 1)]
		}));
	}
	if (card.kind === 'week') return sheetOfWeek(card, size);
	return card.sides.flatMap((side) =>
		columnsOf(side, fill(side, roomFor(size, side), ROW)).map((column) => ({ columns: [column] }))
	);
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

/** Cuts a card into pages of a size, so that nothing is printed smaller than it can be read or over the edge. */
import type { Card, CardRow, CardSide } from './cards';
import { BOX, CAUTION, FOOT, GAP, HEAD, HEADING, MEASURES, ROW, type Size } from './sizes';

export interface PlacedRow extends CardRow {
	/** Its place on the whole side, from 0: waits name it. */
	readonly at: number;
	/** Millimetres from the top of the rows of its page, and its height. */
	readonly y: number;
	readonly height: number;
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
function fill(side: CardSide, height: number, row: number): PlacedRow[][] {
	const parts: PlacedRow[][] = [];
	let now: PlacedRow[] = [];
	let y = 0;
	side.rows.forEach((one, at) => {
		const heading = one.heading === null ? 0 : HEADING;
		if (now.length > 0 && y + heading + row > height) {
			parts.push(now);
			now = [];
			y = 0;
		}
		now.push({ ...one, at, y: y + heading, height: row });
		y += heading + row;
	});
	if (now.length > 0) parts.push(now);
	return parts;
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
		const halves = [
			columnsOf(left, fill(left, height, ROW + 3)),
			columnsOf(right, fill(right, height, ROW))
		] as const;
		return Array.from({ length: Math.max(halves[0].length, halves[1].length, 1) }, (_, i) => ({
			columns: halves.flatMap((half) => half[i] ?? [])
		}));
	}
	if (card.kind === 'week') return sheetOfWeek(card, size);
	return card.sides.flatMap((side) =>
		columnsOf(side, fill(side, roomFor(size, side), ROW)).map((column) => ({ columns: [column] }))
	);
}

/** The rows of a sheet for the fridge: larger where there is room, never below what can be read. */
const SHEET_ROWS = [11, 10, 9.2, 8.6];
const SHEET_HEAD = 26;
const SHEET_FOOT = 18;
const SHEET_HEADING = 8;

function sheetOfWeek(card: Card, size: Size): Page[] {
	const [daily, others] = card.sides as readonly [CardSide, CardSide];
	const { width, height, margin } = MEASURES[size];
	const free = height - 2 * margin - SHEET_HEAD - SHEET_FOOT;
	const across = Math.max(1, Math.floor((width - 2 * margin) / 58));
	for (const row of SHEET_ROWS) {
		const table = daily.rows.length * row + SHEET_HEADING;
		const rest = free - table;
		if (rest < row) continue;
		const parts = fill(others, rest - SHEET_HEADING, row);
		if (parts.length <= across)
			return [{ columns: [...columnsOf(daily, fill(daily, table, row)), ...columnsOf(others, parts)] }];
	}
	// More than one sheet holds: the days on their own, then the rest of the week.
	const row = SHEET_ROWS[2] as number;
	const first = columnsOf(daily, fill(daily, free, row)).map((column) => ({ columns: [column] }));
	const parts = columnsOf(others, fill(others, free - SHEET_HEADING, row));
	const pages: Page[] = [...first];
	for (let i = 0; i < parts.length; i += across) pages.push({ columns: parts.slice(i, i + across) });
	return pages;
}

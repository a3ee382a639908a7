/** Printed cards: a code, and what its boxes stand for. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import type { Box } from '$core/cards/card';
import { codeOf } from '$core/cards/code';
import { createHash } from 'node:crypto';
import { z } from 'zod';
import type { Db, Row } from '../db/pool';

const boxesSchema = z.array(z.strictObject({ line: z.string(), date: z.string() })).max(2000);

export interface PaperCard {
	readonly code: string;
	readonly title: string;
	readonly boxes: readonly Box[];
}

const cardOf = (row: Row): PaperCard => ({
	code: row.code as string,
	title: row.title as string,
	boxes: boxesSchema
		.parse(JSON.parse(row.boxes as string))
		.map((box) => ({ line: box.line, date: toDay(box.date) }))
});

const contentOf = (title: string, boxes: readonly { readonly line: string; readonly date: CivilDay }[]) => {
	const json = JSON.stringify(boxes.map(({ line, date }) => ({ line, date: isoOf(date) })));
	return { json, content: createHash('sha256').update(`${title}\n${json}`).digest('hex') };
};

/** The codes that a card may have, in the order in which they are tried. */
const candidate = (household: string, content: string, i: number) =>
	codeOf(createHash('sha256').update(`${household} ${content} ${i}`).digest().readUIntBE(0, 6));

/** The code that a card has, or will have once it is kept. Writes nothing. */
export async function codeOfCard(
	db: Db,
	household: string,
	title: string,
	boxes: readonly { readonly line: string; readonly date: CivilDay }[]
): Promise<string> {
	const { content } = contentOf(title, boxes);
	for (let i = 0; ; i++) {
		const code = candidate(household, content, i);
		const [rows] = await db.query<Row[]>(
			'SELECT code, content_hash FROM paper_card WHERE household_id = ? AND (content_hash = ? OR code = ?)',
			[household, content, code]
		);
		const kept = rows.find((row) => row.content_hash === content);
		if (kept) return kept.code as string;
		if (rows.length === 0) return code;
	}
}

/** Keeps a card of this home, and its code: a new one the first time, the same one whenever it is printed again. */
export async function codeForCard(
	db: Db,
	household: string,
	title: string,
	boxes: readonly { readonly line: string; readonly date: CivilDay }[],
	now: number
): Promise<string> {
	const { json, content } = contentOf(title, boxes);
	const [rows] = await db.query<Row[]>(
		'SELECT code FROM paper_card WHERE household_id = ? AND content_hash = ?',
		[household, content]
	);
	if (rows[0]) return rows[0].code as string;
	for (let i = 0; ; i++) {
		const code = candidate(household, content, i);
		const [done] = await db.query(
			'INSERT IGNORE INTO paper_card (household_id, code, title, boxes, content_hash, made_at) VALUES (?, ?, ?, ?, ?, ?)',
			[household, code, title.slice(0, 160), json, content, now]
		);
		if ((done as { affectedRows: number }).affectedRows > 0) return code;
	}
}

export async function cardByCode(db: Db, household: string, code: string): Promise<PaperCard | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM paper_card WHERE household_id = ? AND code = ?', [
		household,
		code
	]);
	return rows[0] ? cardOf(rows[0]) : null;
}

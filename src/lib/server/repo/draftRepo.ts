/** Answers of the first steps, kept so that they can be left and resumed at any step. */
import { draftSchema, EMPTY_DRAFT, type Draft } from '$core/setup/draft';
import type { Db, Row } from '../db/pool';

export interface StoredDraft {
	readonly id: string;
	/** The home that came of it; null until then. */
	readonly household: string | null;
	readonly draft: Draft;
}

/** The answers with an id, or null. Answers pass the schema on their way in. */
export async function loadDraft(db: Db, id: string): Promise<StoredDraft | null> {
	const [rows] = await db.execute<Row[]>('SELECT id, household_id, answers FROM setup_draft WHERE id = ?', [
		id
	]);
	const row = rows[0];
	if (!row) return null;
	const read = draftSchema.safeParse(JSON.parse(row.answers as string));
	return read.success
		? { id, household: (row.household_id as string | null) ?? null, draft: read.data }
		: null;
}

/**
 * The answers with an id, held until the transaction ends, so that touches in quick succession build on one another;
 * empty ones where there are none yet. Null where they cannot be read any more.
 */
export async function holdDraft(db: Db, id: string, now: number): Promise<StoredDraft | null> {
	await db.query(
		'INSERT INTO setup_draft (id, household_id, answers, changed_at) VALUES (?, NULL, ?, ?) ON DUPLICATE KEY UPDATE id = id',
		[id, JSON.stringify(EMPTY_DRAFT), now]
	);
	return loadDraft(db, id);
}

export async function saveDraft(db: Db, id: string, draft: Draft, now: number): Promise<void> {
	await db.query(
		`INSERT INTO setup_draft (id, household_id, answers, changed_at) VALUES (?, NULL, ?, ?)
		ON DUPLICATE KEY UPDATE answers = IF(household_id IS NULL, VALUES(answers), answers), changed_at = VALUES(changed_at)`,
		[id, JSON.stringify(draftSchema.parse(draft)), now]
	);
}

/** Marks that a home has come of the answers: a second press then finds it, and makes no other. */
export async function finishDraft(db: Db, id: string, household: string, now: number): Promise<void> {
	await db.query('UPDATE setup_draft SET household_id = ?, changed_at = ? WHERE id = ?', [
		household,
		now,
		id
	]);
}

/** What clearings leave behind: give-away bags until they have left the house, boxes that wait for their place. */
import { isoOf, type CivilDay } from '$core/calendar/civil';
import type { SessionEvent } from '$core/session/sessionPlan';
import type { Db, Row } from '../db/pool';
import { followingId } from '../ids';

export interface GiveBag {
	readonly id: string;
	readonly things: number;
	readonly place: string;
	readonly carrier: string | null;
	/** `YYYY-MM-DD` of the next errand day; it stays on the list until it is ticked. */
	readonly leavesOn: string;
}

export interface WaitingBox {
	readonly id: string;
	readonly room: string;
	readonly things: string;
}

/** Puts the bag of a clearing where it leaves the house; a second word for the same bag moves it. */
export async function placeBag(
	db: Db,
	household: string,
	session: { readonly id: string; readonly date: CivilDay },
	event: SessionEvent,
	things: number
): Promise<void> {
	await db.query(
		`INSERT INTO give_bag (household_id, id, session_id, things, place, carrier, leaves_on) VALUES (?, ?, ?, ?, ?, ?, ?)
		ON DUPLICATE KEY UPDATE things = VALUES(things), place = VALUES(place), carrier = VALUES(carrier), leaves_on = VALUES(leaves_on)`,
		[
			household,
			followingId(session.id, 'bag'),
			session.id,
			things,
			event.place ?? 'by the door',
			event.carrier ?? null,
			event.leavesOn ?? isoOf(session.date)
		]
	);
}

/** A box beside a place that was full. */
export async function setBox(
	db: Db,
	household: string,
	session: string,
	event: SessionEvent,
	things: string
): Promise<void> {
	await db.query(
		'INSERT IGNORE INTO waiting_box (household_id, id, session_id, room_id, things, since_at) VALUES (?, ?, ?, ?, ?, ?)',
		[household, event.id, session, event.room ?? '', things.slice(0, 400), event.at]
	);
}

/** Bags that have not left, the one that leaves first before the others. */
export async function openBags(db: Db, household: string): Promise<GiveBag[]> {
	const [rows] = await db.query<Row[]>(
		'SELECT id, things, place, carrier, leaves_on FROM give_bag WHERE household_id = ? AND left_at IS NULL ORDER BY leaves_on, id',
		[household]
	);
	return rows.map((row) => ({
		id: row.id as string,
		things: row.things as number,
		place: row.place as string,
		carrier: row.carrier as string | null,
		leavesOn: row.leaves_on as string
	}));
}

export async function openBoxes(db: Db, household: string): Promise<WaitingBox[]> {
	const [rows] = await db.query<Row[]>(
		'SELECT id, room_id, things FROM waiting_box WHERE household_id = ? AND gone_at IS NULL ORDER BY since_at, id',
		[household]
	);
	return rows.map((row) => ({
		id: row.id as string,
		room: row.room_id as string,
		things: row.things as string
	}));
}

/** A bag has left the house, or has not after all. False where there is no such bag here. */
export async function bagLeft(db: Db, household: string, id: string, at: number | null): Promise<boolean> {
	const [result] = await db.query('UPDATE give_bag SET left_at = ? WHERE household_id = ? AND id = ?', [
		at,
		household,
		id
	]);
	return (result as { affectedRows: number }).affectedRows > 0;
}

/** The place has room now, and the box is empty. */
export async function boxGone(db: Db, household: string, id: string, at: number): Promise<boolean> {
	const [result] = await db.query(
		'UPDATE waiting_box SET gone_at = COALESCE(gone_at, ?) WHERE household_id = ? AND id = ?',
		[at, household, id]
	);
	return (result as { affectedRows: number }).affectedRows > 0;
}

/** What has left the house since an instant: things binned outside, and things in bags that have gone. */
export async function leftTheHouse(
	db: Db,
	household: string,
	since: number
): Promise<{ binned: number; given: number }> {
	const [binned] = await db.query<Row[]>(
		`SELECT
			SUM(CASE WHEN e.kind = 'counted' THEN 1 ELSE -1 END) AS n
		FROM session_event e
		JOIN session_event o ON o.household_id = e.household_id AND o.session_id = e.session_id AND o.kind = 'binOut'
		WHERE e.household_id = ? AND e.at >= ? AND e.kind IN ('counted', 'uncounted') AND JSON_VALUE(e.detail, '$.into') = 'bin'`,
		[household, since]
	);
	const [given] = await db.query<Row[]>(
		'SELECT COALESCE(SUM(things), 0) AS n FROM give_bag WHERE household_id = ? AND left_at >= ?',
		[household, since]
	);
	return { binned: Number(binned[0]?.n ?? 0), given: Number(given[0]?.n ?? 0) };
}

/** Times at which a family calendar says that somebody is busy. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import type { Db, Row } from '../db/pool';

export interface BusyTime {
	readonly id: string;
	readonly uid: string;
	readonly member: string | null;
	readonly date: CivilDay;
	/** Minutes after midnight. */
	readonly from: number;
	readonly to: number;
	readonly title: string;
}

export async function busyBetween(
	db: Db,
	household: string,
	from: CivilDay,
	to: CivilDay
): Promise<BusyTime[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT id, uid, member_id, date, from_minute, to_minute, title FROM busy_time WHERE household_id = ? AND date BETWEEN ? AND ? ORDER BY date, from_minute',
		[household, isoOf(from), isoOf(to)]
	);
	return rows.map((row) => ({
		id: row.id as string,
		uid: row.uid as string,
		member: (row.member_id as string | null) ?? null,
		date: toDay(row.date as string),
		from: row.from_minute as number,
		to: row.to_minute as number,
		title: row.title as string
	}));
}

/** Puts busy times in; the same id again replaces what was said with it. */
export async function saveBusy(db: Db, household: string, times: readonly BusyTime[]): Promise<void> {
	for (let i = 0; i < times.length; i += 500) {
		await db.query(
			`INSERT INTO busy_time (household_id, id, uid, member_id, date, from_minute, to_minute, title) VALUES ?
			ON DUPLICATE KEY UPDATE member_id = VALUES(member_id), date = VALUES(date), from_minute = VALUES(from_minute),
				to_minute = VALUES(to_minute), title = VALUES(title)`,
			[
				times
					.slice(i, i + 500)
					.map((one) => [
						household,
						one.id,
						one.uid,
						one.member,
						isoOf(one.date),
						one.from,
						one.to,
						one.title
					])
			]
		);
	}
}

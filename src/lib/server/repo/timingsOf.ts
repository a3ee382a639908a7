/** How long jobs really took, for the spread of a plan. */
import type { Timing } from '$core/learning/minutes';
import { z } from 'zod';
import type { Db, Row } from '../db/pool';

const rowSchema = z.object({
	job_id: z.string(),
	minutes: z.coerce.number().positive(),
	cut_off: z.coerce.boolean()
});

/** Timings looked at for a job: the newest. */
const NEWEST = 12;

/** The newest timings of each job, whoever did them; jobs without a record are left out. */
export async function timingsOf(
	db: Db,
	household: string,
	jobs: readonly string[]
): Promise<Map<string, Timing[]>> {
	const found = new Map<string, Timing[]>();
	if (jobs.length === 0) return found;
	const [rows] = await db.query<Row[]>(
		`SELECT job_id, minutes, cut_off FROM ledger
		WHERE household_id = ? AND job_id IN (?) AND outcome IN ('done', 'part') AND minutes > 0
		AND (depth IS NULL OR depth = 'usual') ORDER BY seq DESC LIMIT ?`,
		[household, jobs, NEWEST * jobs.length]
	);
	for (const row of rows) {
		const read = rowSchema.safeParse(row);
		if (!read.success) continue;
		const list = found.get(read.data.job_id) ?? [];
		if (list.length < NEWEST) list.push({ minutes: read.data.minutes, cut: read.data.cut_off });
		found.set(read.data.job_id, list);
	}
	return found;
}

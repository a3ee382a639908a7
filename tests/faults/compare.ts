/** Compares what was acknowledged with what is kept, and the projection with one that is made anew. */
import { readFileSync } from 'node:fs';
import { openPool, type Row } from '../../src/lib/server/db/pool';
import { effectiveLedger } from '../../src/lib/core/schedule/series';
import { prepareHome } from '../../src/lib/core/schedule/preparedHome';
import { projectHome } from '../../src/lib/core/schedule/projection';
import { isWork } from '../../src/lib/core/household/entry';
import { readHistory } from '../../src/lib/server/repo/homeRows';
import { allEntries } from '../../src/lib/server/repo/ledgerRepo';
import { loadProjection } from '../../src/lib/server/repo/projectionRepo';
import type { Act } from './acts';

const pool = openPool(process.env.DATABASE_URL ?? '');
const db = pool as never;
const { homes, acts } = JSON.parse(readFileSync(process.argv[2] ?? '', 'utf8')) as {
	homes: string[];
	acts: Act[];
};

const WHERE: Readonly<Record<Act['kind'], string>> = {
	tick: 'SELECT id FROM ledger WHERE household_id = ?',
	upload: 'SELECT id FROM ledger WHERE household_id = ?',
	press: 'SELECT id FROM session_event WHERE household_id = ?',
	edit: 'SELECT edit_id AS id FROM home_revision WHERE household_id = ? AND edit_id IS NOT NULL'
};

const problems: string[] = [];
for (const home of homes) {
	for (const kind of ['tick', 'upload', 'press', 'edit'] as const) {
		const [rows] = await pool.query<Row[]>(WHERE[kind], [home]);
		const kept = new Map<string, number>();
		for (const row of rows) kept.set(row.id as string, (kept.get(row.id as string) ?? 0) + 1);
		for (const act of acts.filter((one) => one.home === home && one.kind === kind)) {
			const times = act.ids.map((id) => kept.get(id) ?? 0);
			if (times.some((n) => n > 1)) problems.push(`${kind} ${act.ids[0]} is kept more than once`);
			if (act.answered && times.includes(0))
				problems.push(`${kind} ${act.ids[0]} was acknowledged and is lost`);
			// What came without an answer is there wholly, or not at all.
			if (times.includes(0) && times.some((n) => n > 0))
				problems.push(`${kind} ${act.ids[0]} is half-written`);
		}
	}
	const prepared = prepareHome(await readHistory(db, home));
	const entries = (await allEntries(db, home)).map((stored) => stored.entry);
	const seen = new Map<string, number>();
	for (const entry of effectiveLedger(entries))
		if (isWork(entry) && entry.outcome === 'done' && entry.session === null && entry.coveredBy === null) {
			const key = `${entry.job} ${entry.part} ${entry.date}`;
			seen.set(key, (seen.get(key) ?? 0) + 1);
		}
	for (const [key, times] of seen) if (times > 1) problems.push(`${key} counts ${times} times`);
	const rebuilt = projectHome(prepared, entries);
	const stored = await loadProjection(db, home);
	for (const [id, series] of rebuilt.series) {
		const own = stored.series.get(id);
		const empty = series.tail.length === 0 && series.last === null;
		if (own ? JSON.stringify(own) !== JSON.stringify(series) : !empty)
			problems.push(`the projection of ${id} is not what the ledger says`);
	}
}
await pool.end();
for (const problem of problems.slice(0, 20)) console.log(problem);
console.log(
	problems.length === 0
		? 'Nothing acknowledged was lost, nothing is doubled or half-written, every projection is as rebuilt.'
		: `${problems.length} problems.`
);
process.exit(problems.length === 0 ? 0 : 1);

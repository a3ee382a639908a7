/** The standing of a home: projections of its ledger, one row a line and a zone. */
import type { CivilDay } from '$core/calendar/civil';
import type { LedgerEntry } from '$core/household/entry';
import type { PreparedHome, Series } from '$core/schedule/preparedHome';
import {
	appendToSeries,
	effectivePauses,
	EMPTY_SERIES,
	pausesForSeries,
	projectHome,
	projectSeries,
	projectZone,
	type HomeProjection,
	type SeriesProjection,
	type ZoneProjection
} from '$core/schedule/projection';
import { z } from 'zod';
import type { Db, Row } from '../db/pool';
import { allEntries, entriesOfHome, entriesOfJobs, entriesOfLine } from './ledgerRepo';

const day = z
	.number()
	.int()
	.transform((n) => n as CivilDay);

const checkpointSchema = z.strictObject({
	through: day,
	lastDue: day.nullable(),
	old: z
		.strictObject({ first: day, opens: day, next: day.nullable(), rule: z.enum(['stays', 'catchup']) })
		.nullable(),
	settledAhead: z.array(day),
	base: day.nullable(),
	doneTurns: z.number().int(),
	lastDone: day.nullable(),
	part: z.strictObject({ day, share: z.number() }).nullable()
});

const tailSchema = z.array(
	z.strictObject({
		id: z.string(),
		outcome: z.enum(['done', 'looked', 'letgo', 'part', 'undo', 'moved', 'skipped', 'extra', 'called']),
		date: day,
		of: z.string().optional(),
		dueOn: day.optional(),
		to: day.optional(),
		share: z.number().optional()
	})
);

const lastSchema = z
	.strictObject({ date: day, by: z.string().nullable(), minutes: z.number().nullable(), entry: z.string() })
	.nullable();

const zoneSchema = z.strictObject({
	through: day,
	state: z.strictObject({ pass: z.number().int(), settled: z.array(z.string()) }),
	tail: z.array(z.strictObject({ item: z.string(), date: day }))
});

function lineOfRow(row: Row): SeriesProjection {
	return {
		checkpoint: checkpointSchema.parse(JSON.parse(row.checkpoint as string)),
		tail: tailSchema.parse(JSON.parse(row.tail as string)),
		last: row.last === null ? null : lastSchema.parse(JSON.parse(row.last as string))
	};
}

/** The standing as it is kept, with the home's own entries. */
export async function loadProjection(db: Db, household: string): Promise<HomeProjection> {
	const [[lines], [zones], home] = await Promise.all([
		db.execute<Row[]>('SELECT line_id, checkpoint, tail, last FROM standing WHERE household_id = ?', [
			household
		]),
		db.execute<Row[]>('SELECT zone_id, state FROM zone_standing WHERE household_id = ?', [household]),
		entriesOfHome(db, household)
	]);
	return {
		series: new Map(lines.map((row) => [row.line_id as string, lineOfRow(row)])),
		zones: new Map(
			zones.map((row) => [
				row.zone_id as string,
				zoneSchema.parse(JSON.parse(row.state as string)) as ZoneProjection
			])
		),
		home: home.map((stored) => stored.entry)
	};
}

async function loadLine(db: Db, household: string, line: string): Promise<SeriesProjection> {
	const [rows] = await db.execute<Row[]>(
		'SELECT checkpoint, tail, last FROM standing WHERE household_id = ? AND line_id = ?',
		[household, line]
	);
	return rows[0] ? lineOfRow(rows[0]) : EMPTY_SERIES;
}

async function saveLines(db: Db, household: string, lines: ReadonlyMap<string, SeriesProjection>) {
	if (lines.size === 0) return;
	await db.query(
		`INSERT INTO standing (household_id, line_id, checkpoint, tail, last) VALUES ?
		ON DUPLICATE KEY UPDATE checkpoint = VALUES(checkpoint), tail = VALUES(tail), last = VALUES(last)`,
		[
			[...lines].map(([id, line]) => [
				household,
				id,
				JSON.stringify(line.checkpoint),
				JSON.stringify(line.tail),
				line.last === null ? null : JSON.stringify(line.last)
			])
		]
	);
}

async function saveZones(db: Db, household: string, zones: ReadonlyMap<string, ZoneProjection>) {
	if (zones.size === 0) return;
	await db.query(
		`INSERT INTO zone_standing (household_id, zone_id, state) VALUES ?
		ON DUPLICATE KEY UPDATE state = VALUES(state)`,
		[[...zones].map(([id, zone]) => [household, id, JSON.stringify(zone)])]
	);
}

/** Rebuilds every row from the ledger. */
export async function rebuildProjection(
	db: Db,
	household: string,
	home: PreparedHome
): Promise<HomeProjection> {
	const standing = projectHome(
		home,
		(await allEntries(db, household)).map((stored) => stored.entry)
	);
	await db.query('DELETE FROM standing WHERE household_id = ?', [household]);
	await db.query('DELETE FROM zone_standing WHERE household_id = ?', [household]);
	await saveLines(db, household, standing.series);
	await saveZones(db, household, standing.zones);
	return standing;
}

/** What entries that were just inserted change: the lines they stand on, their zones, or the whole home. */
export async function followEntries(
	db: Db,
	household: string,
	home: PreparedHome,
	inserted: readonly { entry: LedgerEntry; line: Series | null }[]
) {
	const wholeHome = inserted.some(({ entry, line }) => line === null && entry.outcome !== 'enough');
	if (wholeHome && (await touchesCheckpoints(db, household, inserted))) {
		await rebuildProjection(db, household, home);
		return;
	}
	const pauses = effectivePauses((await entriesOfHome(db, household)).map((stored) => stored.entry));
	const lines = new Map<string, SeriesProjection>();
	const zones = new Set<string>();
	for (const { entry, line } of inserted) {
		if (line === null) continue;
		const before = lines.get(line.id) ?? (await loadLine(db, household, line.id));
		const linePauses = pausesForSeries(line, pauses);
		const after =
			appendToSeries(line, before, entry, linePauses) ??
			projectSeries(
				line,
				(await entriesOfLine(db, household, line.job.id, line.part)).map((stored) => stored.entry),
				linePauses
			);
		lines.set(line.id, after);
		if (line.job.cadence.type === 'zone' && line.room.zone !== null) zones.add(line.room.zone);
	}
	await saveLines(db, household, lines);
	const projected = new Map<string, ZoneProjection>();
	for (const zone of zones) {
		const items = home.zoneById.get(zone)?.list ?? [];
		const entries = await entriesOfJobs(db, household, items);
		projected.set(
			zone,
			projectZone(
				home,
				zone,
				entries.map((stored) => stored.entry)
			)
		);
	}
	await saveZones(db, household, projected);
}

/** True where a pause, or the undo of one, reaches back behind what is computed already. */
async function touchesCheckpoints(
	db: Db,
	household: string,
	inserted: readonly { entry: LedgerEntry }[]
): Promise<boolean> {
	if (inserted.some(({ entry }) => entry.outcome === 'undo')) return true;
	const froms = inserted.flatMap(({ entry }) => (entry.outcome === 'pause' ? [entry.from] : []));
	if (froms.length === 0) return false;
	const [rows] = await db.execute<Row[]>(
		"SELECT MAX(JSON_EXTRACT(checkpoint, '$.through')) AS through FROM standing WHERE household_id = ?",
		[household]
	);
	const through = rows[0]?.through as number | null | undefined;
	return through !== null && through !== undefined && Math.min(...froms) <= through;
}

/** The projection of a home: projections of its ledger, one row a line and a zone. */
import type { CivilDay } from '$core/calendar/civil';
import { seriesId, type LedgerEntry, type PauseEntry } from '$core/household/entry';
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
import { allEntries, entriesOfHome, entriesOfJobs } from './ledgerRepo';

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

/** Rows that were parsed before, by their text: most stay as they are from one request to the next. */
const parsed = new Map<string, SeriesProjection>();
const PARSED_AT_MOST = 20_000;

function lineOfRow(row: Row): SeriesProjection {
	const key = `${row.checkpoint}\n${row.tail}\n${row.last}`;
	const known = parsed.get(key);
	if (known) return known;
	const line: SeriesProjection = {
		checkpoint: checkpointSchema.parse(JSON.parse(row.checkpoint as string)),
		tail: tailSchema.parse(JSON.parse(row.tail as string)),
		last: row.last === null ? null : lastSchema.parse(JSON.parse(row.last as string))
	};
	parsed.set(key, line);
	if (parsed.size > PARSED_AT_MOST) parsed.delete(parsed.keys().next().value as string);
	return line;
}

/** The projection as it is kept, with the home's own entries. */
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

async function loadLines(
	db: Db,
	household: string,
	lines: readonly string[]
): Promise<Map<string, SeriesProjection>> {
	if (lines.length === 0) return new Map();
	const [rows] = await db.query<Row[]>(
		'SELECT line_id, checkpoint, tail, last FROM standing WHERE household_id = ? AND line_id IN (?)',
		[household, lines]
	);
	return new Map(rows.map((row) => [row.line_id as string, lineOfRow(row)]));
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
	const projection = projectHome(
		home,
		(await allEntries(db, household)).map((stored) => stored.entry)
	);
	await db.query('DELETE FROM standing WHERE household_id = ?', [household]);
	await db.query('DELETE FROM zone_standing WHERE household_id = ?', [household]);
	await saveLines(db, household, projection.series);
	await saveZones(db, household, projection.zones);
	return projection;
}

/** What entries that were just inserted change: the lines they stand on, their zones, or the whole home. */
export async function followEntries(
	db: Db,
	household: string,
	home: PreparedHome,
	inserted: readonly { entry: LedgerEntry; line: Series | null }[]
) {
	const wholeHome = inserted.some(
		({ entry, line }) => line === null && !['enough', 'dayDepth'].includes(entry.outcome)
	);
	if (wholeHome && (await touchesCheckpoints(db, household, inserted))) {
		await rebuildProjection(db, household, home);
		return;
	}
	const pauses = effectivePauses((await entriesOfHome(db, household)).map((stored) => stored.entry));
	const added = new Map<string, { line: Series; entries: LedgerEntry[] }>();
	const zones = new Set<string>();
	for (const { entry, line } of inserted) {
		if (line === null) continue;
		const own = added.get(line.id) ?? { line, entries: [] };
		own.entries.push(entry);
		added.set(line.id, own);
		if (line.job.cadence.type === 'zone' && line.room.zone !== null) zones.add(line.room.zone);
	}
	const lines = new Map<string, SeriesProjection>();
	const anew: Series[] = [];
	const projection = await loadLines(db, household, [...added.keys()]);
	for (const { line, entries } of added.values()) {
		let at: SeriesProjection | null = projection.get(line.id) ?? EMPTY_SERIES;
		const linePauses = pausesForSeries(line, pauses);
		for (const entry of entries) at = at && appendToSeries(line, at, entry, linePauses);
		if (at) lines.set(line.id, at);
		else anew.push(line);
	}
	for (const [id, line] of await projectLines(db, household, anew, pauses)) lines.set(id, line);
	await saveLines(db, household, lines);
	await saveZones(db, household, await projectZones(db, household, home, [...zones]));
}

/** Some lines projected from their entries, which are read at once. */
async function projectLines(
	db: Db,
	household: string,
	lines: readonly Series[],
	pauses: readonly PauseEntry[]
): Promise<Map<string, SeriesProjection>> {
	const stored = await entriesOfJobs(db, household, [...new Set(lines.map((line) => line.job.id))]);
	const byLine = new Map<string, LedgerEntry[]>();
	for (const { entry, job, part } of stored) {
		const id = seriesId(job ?? '', part);
		byLine.set(id, [...(byLine.get(id) ?? []), entry]);
	}
	return new Map(
		lines.map((line) => [
			line.id,
			projectSeries(line, byLine.get(line.id) ?? [], pausesForSeries(line, pauses))
		])
	);
}

async function projectZones(
	db: Db,
	household: string,
	home: PreparedHome,
	zones: readonly string[]
): Promise<Map<string, ZoneProjection>> {
	const projected = new Map<string, ZoneProjection>();
	for (const zone of zones) {
		const entries = await entriesOfJobs(db, household, home.zoneById.get(zone)?.list ?? []);
		projected.set(
			zone,
			projectZone(
				home,
				zone,
				entries.map((stored) => stored.entry)
			)
		);
	}
	return projected;
}

/**
 * What a change of the home changes in its projection: lines whose rule, or whose pauses, are others now, zones whose
 * list or days are, and what is no more. Everything else stays as it is.
 */
export async function followEdit(
	db: Db,
	household: string,
	before: PreparedHome,
	after: PreparedHome
): Promise<void> {
	const pauses = effectivePauses((await entriesOfHome(db, household)).map((stored) => stored.entry));
	const isSame = (line: Series) => {
		const old = before.seriesById.get(line.id);
		return (
			old !== undefined &&
			old.versions === line.versions &&
			(pauses.length === 0 ||
				(old.job.room === line.job.room &&
					old.job.layer === line.job.layer &&
					JSON.stringify(old.job.who) === JSON.stringify(line.job.who)))
		);
	};
	const changed = after.series.filter((line) => !isSame(line));
	const gone = before.series.filter((line) => !after.seriesById.has(line.id)).map((line) => line.id);
	const zonePlan = (home: PreparedHome, zone: string) => {
		const last = home.zoneVersions.get(zone)?.at(-1);
		return JSON.stringify([last?.items, last?.rotation, home.zoneById.get(zone)?.list]);
	};
	const zones = after.home.zones
		.map((zone) => zone.id)
		.filter((zone) => zonePlan(before, zone) !== zonePlan(after, zone));
	const goneZones = before.home.zones.map((zone) => zone.id).filter((zone) => !after.zoneById.has(zone));
	await saveLines(db, household, await projectLines(db, household, changed, pauses));
	await saveZones(db, household, await projectZones(db, household, after, zones));
	if (gone.length > 0)
		await db.query('DELETE FROM standing WHERE household_id = ? AND line_id IN (?)', [household, gone]);
	if (goneZones.length > 0)
		await db.query('DELETE FROM zone_standing WHERE household_id = ? AND zone_id IN (?)', [
			household,
			goneZones
		]);
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

/** Rows of a home and its revisions: each part lives from one revision to another. Rows in, core types out. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { homeSchema, type Home } from '$core/household/home';
import { upgradeHome } from '$core/household/upgrade';
import type { HomeVersion } from '$core/schedule/preparedHome';
import type { Db, Row } from '../db/pool';

const json = (value: unknown) => JSON.stringify(value ?? null);
const parse = (text: unknown) => (typeof text === 'string' ? JSON.parse(text) : text);

/** A table of parts that live from revision to revision: its own columns, and how a part fills them. */
interface PartTable<T> {
	readonly table: 'zone' | 'room' | 'member' | 'job';
	readonly columns: readonly string[];
	values(part: T): unknown[];
	read(row: Row): unknown;
}

const zones: PartTable<Home['zones'][number]> = {
	table: 'zone',
	columns: ['name', 'weave', 'order_by', 'list'],
	values: (zone) => [zone.name, zone.weave, zone.orderBy, json(zone.list)],
	read: (row) => ({
		id: row.id,
		name: row.name,
		weave: row.weave,
		orderBy: row.order_by,
		list: parse(row.list)
	})
};

const rooms: PartTable<Home['rooms'][number]> = {
	table: 'room',
	columns: ['name', 'kind', 'storey', 'walk_order', 'seen_by_visitors', 'zone_id', 'detail'],
	values: (room) => [
		room.name,
		room.kind,
		room.storey,
		room.walkOrder,
		room.seenByVisitors ? 1 : 0,
		room.zone,
		json({ floor: room.floor, surfaces: room.surfaces, owners: room.owners, sheds: room.sheds })
	],
	read: (row) => ({
		id: row.id,
		name: row.name,
		kind: row.kind,
		storey: row.storey,
		walkOrder: row.walk_order,
		seenByVisitors: row.seen_by_visitors === 1,
		zone: row.zone_id,
		...parse(row.detail)
	})
};

const members: PartTable<Home['members'][number]> = {
	table: 'member',
	columns: ['name', 'role', 'born_on', 'presence'],
	// Presence, and with it all else that is said of a person.
	values: ({ id: _id, name, role, bornOn, ...presence }) => [name, role, bornOn ?? null, json(presence)],
	read: (row) => ({
		id: row.id,
		name: row.name,
		role: row.role,
		...(row.born_on ? { bornOn: row.born_on } : {}),
		...parse(row.presence)
	})
};

const jobs: PartTable<Home['jobs'][number]> = {
	table: 'job',
	columns: ['name', 'room_id', 'layer', 'weight', 'miss_rule', 'starts_on', 'lead_days', 'cadence', 'detail'],
	values: ({ name, room, layer, weight, missRule, startsOn, leadDays, cadence, id: _id, ...detail }) => [
		name,
		room,
		layer,
		weight,
		missRule,
		startsOn ?? null,
		leadDays,
		json(cadence),
		json(detail)
	],
	read: (row) => ({
		id: row.id,
		name: row.name,
		room: row.room_id,
		layer: row.layer,
		weight: row.weight,
		missRule: row.miss_rule,
		...(row.starts_on ? { startsOn: row.starts_on } : {}),
		leadDays: row.lead_days,
		cadence: parse(row.cadence),
		...parse(row.detail)
	})
};

/** Writes the parts of one table that changed since the revision before, and closes the rows that no longer hold. */
async function saveParts<T extends { id: string }>(
	db: Db,
	household: string,
	revision: number,
	table: PartTable<T>,
	parts: readonly T[]
) {
	const names = ['place', ...table.columns];
	const [rows] = await db.query<Row[]>(
		`SELECT id, ${names.join(', ')} FROM ${table.table} WHERE household_id = ? AND until_revision IS NULL`,
		[household]
	);
	const before = new Map(rows.map((row) => [row.id as string, names.map((name) => String(row[name]))]));
	const changed = parts
		.map((part, place) => ({ id: part.id, values: [place, ...table.values(part)] }))
		.filter(({ id, values }) => values.map(String).join('\u0000') !== before.get(id)?.join('\u0000'));
	const gone = [...before.keys()].filter((id) => !parts.some((part) => part.id === id));
	const closing = [...changed.filter(({ id }) => before.has(id)).map(({ id }) => id), ...gone];
	if (closing.length > 0) {
		await db.query(
			`UPDATE ${table.table} SET until_revision = ? WHERE household_id = ? AND until_revision IS NULL AND id IN (?)`,
			[revision, household, closing]
		);
	}
	if (changed.length > 0) {
		await db.query(
			`INSERT INTO ${table.table} (household_id, id, since_revision, ${names.join(', ')}) VALUES ?`,
			[changed.map(({ id, values }) => [household, id, revision, ...values])]
		);
	}
}

/** Makes a household with its first home. */
export async function createHousehold(
	db: Db,
	household: string,
	home: Home,
	from: CivilDay,
	now: number,
	isDemo = false
) {
	await db.query('INSERT INTO household (id, name, revision, created_at, is_demo) VALUES (?, ?, 0, ?, ?)', [
		household,
		home.household.name,
		now,
		isDemo ? 1 : 0
	]);
	await saveHome(db, household, home, from, now);
}

/** Saves a revision of the home that holds from a day on. Runs in a transaction; returns the revision. */
export async function saveHome(
	db: Db,
	household: string,
	home: Home,
	from: CivilDay,
	now: number
): Promise<number> {
	const revision = (await revisionOf(db, household)) + 1;
	await saveParts(db, household, revision, zones, home.zones);
	await saveParts(db, household, revision, rooms, home.rooms);
	await saveParts(db, household, revision, members, home.members);
	await saveParts(db, household, revision, jobs, home.jobs);
	await db.query(
		'INSERT INTO home_revision (household_id, revision, holds_from, format_version, settings, made_at) VALUES (?, ?, ?, ?, ?, ?)',
		[
			household,
			revision,
			isoOf(from),
			home.version,
			json({ household: home.household, pets: home.pets, cupboard: home.cupboard }),
			now
		]
	);
	await db.query('UPDATE household SET revision = ?, name = ? WHERE id = ?', [
		revision,
		home.household.name,
		household
	]);
	return revision;
}

/** The parts of one table that hold in some revision after `after`. */
async function readParts<T>(db: Db, household: string, table: PartTable<T>, after: number) {
	const [rows] = await db.query<Row[]>(
		`SELECT * FROM ${table.table} WHERE household_id = ? AND (until_revision IS NULL OR until_revision > ?)`,
		[household, after + 1]
	);
	const parts = rows
		.map((row) => ({
			place: row.place as number,
			since: row.since_revision as number,
			until: (row.until_revision as number | null) ?? Infinity,
			part: table.read(row)
		}))
		.sort((a, b) => a.place - b.place);
	return (revision: number) =>
		parts.filter((p) => p.since <= revision && revision < p.until).map((p) => p.part);
}

export interface Revision extends HomeVersion {
	readonly revision: number;
	/** Bytes of its text, for the bound of what is kept. */
	readonly bytes: number;
}

/** The revisions after one of them, in order; each passes the schema on its way in. */
export async function readRevisions(db: Db, household: string, after: number): Promise<Revision[]> {
	const [revisions] = await db.query<Row[]>(
		'SELECT revision, holds_from, format_version, settings FROM home_revision WHERE household_id = ? AND revision > ? ORDER BY revision',
		[household, after]
	);
	if (revisions.length === 0) return [];
	const zonesAt = await readParts(db, household, zones, after);
	const roomsAt = await readParts(db, household, rooms, after);
	const membersAt = await readParts(db, household, members, after);
	const jobsAt = await readParts(db, household, jobs, after);
	return revisions.map((row): Revision => {
		const revision = row.revision as number;
		const plain = {
			format: 'pail-round/home',
			version: row.format_version as number,
			...parse(row.settings),
			zones: zonesAt(revision),
			rooms: roomsAt(revision),
			members: membersAt(revision),
			jobs: jobsAt(revision)
		};
		return {
			revision,
			from: toDay(row.holds_from as string),
			home: homeSchema.parse(upgradeHome(plain)),
			bytes: JSON.stringify(plain).length
		};
	});
}

/** Of several revisions of one day the last holds. */
export const lastOfDay = (revisions: readonly Revision[]) =>
	revisions.filter((one, i) => revisions[i + 1]?.from !== one.from);

/** All versions of a home, in order of their days. */
export async function readHistory(db: Db, household: string): Promise<HomeVersion[]> {
	return lastOfDay(await readRevisions(db, household, 0)).map(({ from, home }) => ({ from, home }));
}

/** The revision of a household that pages were made from. */
export async function revisionOf(db: Db, household: string): Promise<number> {
	const [rows] = await db.execute<Row[]>('SELECT revision FROM household WHERE id = ?', [household]);
	return (rows[0]?.revision as number | undefined) ?? 0;
}

/** When each revision after one of them was made, in milliseconds. */
export async function revisionTimes(db: Db, household: string, after: number): Promise<Map<number, number>> {
	const [rows] = await db.query<Row[]>(
		'SELECT revision, made_at FROM home_revision WHERE household_id = ? AND revision > ?',
		[household, after]
	);
	return new Map(rows.map((row) => [row.revision as number, Number(row.made_at)]));
}

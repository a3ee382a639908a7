/** The home of a household: its revisions, each with the day from which it holds. Rows in, core types out. */
import { isoOf, toDay, type CivilDay } from '$core/calendar/civil';
import { homeSchema, type Home } from '$core/household/home';
import { upgradeHome } from '$core/household/upgrade';
import {
	prepareHome,
	withHomeVersion,
	type HomeVersion,
	type PreparedHome
} from '$core/schedule/preparedHome';
import { env } from 'node:process';
import type { Db, Row } from '../db/pool';
import { afterCommit, keptInTransaction } from '../db/pool';
import { followEdit } from './projectionRepo';

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
			json({ household: home.household, pets: home.pets }),
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

interface Revision extends HomeVersion {
	readonly revision: number;
	/** Bytes of its text, for the bound of what is kept. */
	readonly bytes: number;
}

/** The revisions after one of them, in order; each passes the schema on its way in. */
async function readRevisions(db: Db, household: string, after: number): Promise<Revision[]> {
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
const lastOfDay = (revisions: readonly Revision[]) =>
	revisions.filter((one, i) => revisions[i + 1]?.from !== one.from);

/** All versions of a home, in order of their days. */
export async function readHistory(db: Db, household: string): Promise<HomeVersion[]> {
	return lastOfDay(await readRevisions(db, household, 0)).map(({ from, home }) => ({ from, home }));
}

interface Kept {
	readonly revision: number;
	/** When it was saved: after a restore another one may have the same number. */
	readonly madeAt: number;
	readonly home: PreparedHome;
	readonly bytes: number;
}

/** A prepared home takes about so many bytes for each byte of its text. */
const HELD_PER_BYTE = 5;

/** Prepared homes of this process, those asked for last at the end; never more than so many bytes of them. */
export class HomeCache {
	readonly #kept = new Map<string, Kept>();
	#bytes = 0;
	constructor(private readonly most: number) {}

	get bytes(): number {
		return this.#bytes;
	}

	get size(): number {
		return this.#kept.size;
	}

	get(household: string): Kept | undefined {
		const kept = this.#kept.get(household);
		if (!kept) return undefined;
		this.#kept.delete(household);
		this.#kept.set(household, kept);
		return kept;
	}

	set(household: string, kept: Kept): void {
		const before = this.#kept.get(household);
		// Another request may have read a newer one meanwhile.
		if (before && before.revision > kept.revision) return;
		this.drop(household);
		this.#kept.set(household, kept);
		this.#bytes += kept.bytes;
		for (const [oldest] of this.#kept) {
			if (this.#bytes <= this.most || oldest === household) break;
			this.drop(oldest);
		}
	}

	drop(household: string): void {
		this.#bytes -= this.#kept.get(household)?.bytes ?? 0;
		this.#kept.delete(household);
	}
}

const cache = new HomeCache(Number(env.HOME_CACHE_MB ?? 96) * 1024 * 1024);

/** Keeps a prepared home of a revision for the rest of the transaction, and for later requests once it is committed. */
function keep(household: string, kept: Kept): void {
	keptInTransaction()?.set(`home ${household}`, kept);
	afterCommit(() => cache.set(household, kept));
}

/** Whether the revision that is kept is still the one of the database, and not of one that was restored. */
async function isStill(db: Db, household: string, known: Kept): Promise<boolean> {
	const [rows] = await db.execute<Row[]>(
		'SELECT made_at FROM home_revision WHERE household_id = ? AND revision = ?',
		[household, known.revision]
	);
	return rows[0]?.made_at === known.madeAt;
}

/** The prepared home of a household at its revision: only what came since the one that is kept is read and parsed. */
export async function loadHome(db: Db, household: string): Promise<PreparedHome | null> {
	const [rows] = await db.execute<Row[]>(
		`SELECT h.revision, r.made_at FROM household h JOIN home_revision r
		ON r.household_id = h.id AND r.revision = h.revision WHERE h.id = ? AND h.deleted_at IS NULL`,
		[household]
	);
	if (!rows[0]) return null;
	const { revision, made_at: madeAt } = rows[0] as { revision: number; made_at: number };
	const known = (keptInTransaction()?.get(`home ${household}`) as Kept | undefined) ?? cache.get(household);
	if (known?.revision === revision && known.madeAt === madeAt) return known.home;
	const base = known && known.revision < revision && (await isStill(db, household, known)) ? known : null;
	const revisions = await readRevisions(db, household, base?.revision ?? 0);
	const versions = lastOfDay(revisions);
	let home = base?.home ?? null;
	for (const { from, home: next } of versions)
		home = home ? withHomeVersion(home, { from, home: next }) : prepareHome([{ from, home: next }]);
	if (!home) return null;
	const bytes = (base?.bytes ?? 0) + HELD_PER_BYTE * versions.reduce((sum, one) => sum + one.bytes, 0);
	keep(household, { revision, madeAt, home, bytes });
	return home;
}

/** The oldest household of this installation; null where there is none yet. */
export async function firstHousehold(db: Db): Promise<string | null> {
	const [rows] = await db.execute<Row[]>('SELECT id FROM household ORDER BY created_at, id LIMIT 1');
	return (rows[0]?.id as string | undefined) ?? null;
}

/** A home of this installation, as the choice of homes shows it. */
export interface HouseholdRow {
	readonly id: string;
	readonly name: string;
	readonly isDemo: boolean;
	readonly revision: number;
	/** How many changes it has seen. */
	readonly changes: number;
}

const householdOf = (row: Row): HouseholdRow => ({
	id: row.id as string,
	name: row.name as string,
	isDemo: row.is_demo === 1,
	revision: row.revision as number,
	changes: Number(row.changes)
});

/** Some homes by their ids, the newest first, then the demo homes. No other is looked at. */
export async function homesAmong(db: Db, ids: readonly string[]): Promise<HouseholdRow[]> {
	const columns = 'id, name, is_demo, revision, changes, created_at';
	const [own] =
		ids.length === 0
			? [[] as Row[]]
			: await db.query<Row[]>(
					`SELECT ${columns} FROM household WHERE id IN (?) AND is_demo = FALSE AND deleted_at IS NULL ORDER BY created_at DESC, id`,
					[ids]
				);
	// PAIL_DEMO=no closes a demo that is there: it is kept and not served.
	const [demo] =
		env.PAIL_DEMO === 'no'
			? [[] as Row[]]
			: await db.query<Row[]>(
					`SELECT ${columns} FROM household WHERE is_demo = TRUE AND deleted_at IS NULL ORDER BY created_at DESC, id`
				);
	return [...own, ...demo].map(householdOf);
}

/** True where anybody lives in this installation, the demo included. */
export async function isLivedIn(db: Db): Promise<boolean> {
	const [rows] = await db.query<Row[]>(
		'SELECT 1 FROM household WHERE deleted_at IS NULL AND (is_demo = FALSE OR ?) LIMIT 1',
		[env.PAIL_DEMO !== 'no']
	);
	return rows.length > 0;
}

export type Changed = 'saved' | 'known' | 'behind';

/**
 * Saves a changed home from a day on, in the transaction of the caller: once an id, and only where the home is
 * still the one that was changed; its projection follows. Returns whether it was saved, known already, or behind somebody else's change.
 */
export async function changeHomeOnce(
	db: Db,
	household: string,
	edit: { readonly id: string; readonly revision: number },
	home: Home,
	from: CivilDay,
	now: number
): Promise<Changed> {
	if (await isChangeKnown(db, household, edit.id)) return 'known';
	if ((await revisionOf(db, household)) !== edit.revision) return 'behind';
	const before = await loadHome(db, household);
	if (!before) throw new RangeError(`no household ${household}`);
	const revision = await saveHome(db, household, home, from, now);
	await db.query('UPDATE home_revision SET edit_id = ? WHERE household_id = ? AND revision = ?', [
		edit.id,
		household,
		revision
	]);
	const after = withHomeVersion(before, { from, home });
	const held = cache.get(household)?.bytes ?? 0;
	keep(household, {
		revision,
		madeAt: now,
		home: after,
		bytes: held + HELD_PER_BYTE * JSON.stringify(home).length
	});
	await followEdit(db, household, before, after);
	return 'saved';
}

/** True where a change of this id was saved already. */
export async function isChangeKnown(db: Db, household: string, id: string): Promise<boolean> {
	const [known] = await db.query<Row[]>(
		'SELECT revision FROM home_revision WHERE household_id = ? AND edit_id = ?',
		[household, id]
	);
	return known.length > 0;
}

/** The revision of a household that pages were made from. */
export async function revisionOf(db: Db, household: string): Promise<number> {
	const [rows] = await db.execute<Row[]>('SELECT revision FROM household WHERE id = ?', [household]);
	return (rows[0]?.revision as number | undefined) ?? 0;
}

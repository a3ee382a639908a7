/** The home of a household as it is now: read once a revision, changed once an id. */
import type { CivilDay } from '$core/calendar/civil';
import type { Home } from '$core/household/home';
import { alsoNaming, prepareHome, withHomeVersion, type PreparedHome } from '$core/schedule/preparedHome';
import { env } from 'node:process';
import { afterCommit, keptInTransaction, type Db, type Row } from '../db/pool';
import { noteWriting } from '../writing';
import { HELD_PER_BYTE, HomeCache, type Kept } from './homeCache';
import { lastOfDay, readRevisions, revisionOf, saveHome } from './homeRows';
import { followEdit } from './projectionRepo';

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

/** A home, and the state of its household that it was read at. */
export interface FoundHome {
	readonly home: PreparedHome;
	readonly revision: number;
	/** When the revision was saved. */
	readonly madeAt: number;
	/** How many changes the household has seen. */
	readonly changes: number;
}

/** The prepared home of a household at its revision: only what came since the one that is kept is read and parsed. */
export async function findHome(db: Db, household: string): Promise<FoundHome | null> {
	const [rows] = await db.execute<Row[]>(
		`SELECT h.revision, h.changes, r.made_at FROM household h JOIN home_revision r
		ON r.household_id = h.id AND r.revision = h.revision WHERE h.id = ? AND h.deleted_at IS NULL`,
		[household]
	);
	if (!rows[0]) return null;
	const { revision, made_at: madeAt } = rows[0] as { revision: number; made_at: number };
	const found = (home: PreparedHome) => {
		noteWriting(household, home.home);
		return { home, revision, madeAt, changes: Number(rows[0]?.changes) };
	};
	const known = (keptInTransaction()?.get(`home ${household}`) as Kept | undefined) ?? cache.get(household);
	if (known?.revision === revision && known.madeAt === madeAt) return found(known.home);
	const base = known && known.revision < revision && (await isStill(db, household, known)) ? known : null;
	const revisions = await readRevisions(db, household, base?.revision ?? 0);
	const versions = lastOfDay(revisions);
	let home = base?.home ?? null;
	for (const { from, home: next } of versions)
		home = home ? withHomeVersion(home, { from, home: next }) : prepareHome([{ from, home: next }]);
	if (!home) return null;
	for (const { home: short } of revisions.filter((one) => !versions.includes(one)))
		home = alsoNaming(home, short.jobs, short.rooms, short.members);
	const bytes = (base?.bytes ?? 0) + HELD_PER_BYTE * versions.reduce((sum, one) => sum + one.bytes, 0);
	keep(household, { revision, madeAt, home, bytes });
	return found(home);
}

/** The prepared home of a household; null where there is none. */
export async function loadHome(db: Db, household: string): Promise<PreparedHome | null> {
	return (await findHome(db, household))?.home ?? null;
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

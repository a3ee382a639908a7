/** Devices of the family, known by the fingerprint of their key. */
import type { Db, Row } from '../db/pool';

export interface Device {
	readonly household: string;
	readonly id: string;
	readonly name: string;
	readonly hasKey: boolean;
	readonly madeAt: number;
	readonly seenAt: number | null;
}

const deviceOf = (row: Row): Device => ({
	household: row.household_id as string,
	id: row.id as string,
	name: row.name as string,
	hasKey: row.key_hash !== null,
	madeAt: row.made_at as number,
	seenAt: row.seen_at as number | null
});

export async function devicesOf(db: Db, household: string): Promise<Device[]> {
	const [rows] = await db.execute<Row[]>(
		'SELECT * FROM device WHERE household_id = ? AND revoked_at IS NULL ORDER BY made_at',
		[household]
	);
	return rows.map(deviceOf);
}

/** The device with a key, where it has not been revoked. */
export async function deviceByKey(db: Db, keyHash: string): Promise<Device | null> {
	const [rows] = await db.execute<Row[]>('SELECT * FROM device WHERE key_hash = ? AND revoked_at IS NULL', [
		keyHash
	]);
	return rows[0] ? deviceOf(rows[0]) : null;
}

export async function addDevice(db: Db, household: string, id: string, name: string, now: number) {
	await db.query('INSERT IGNORE INTO device (household_id, id, name, made_at) VALUES (?, ?, ?, ?)', [
		household,
		id,
		name,
		now
	]);
}

export async function giveKey(db: Db, household: string, device: string, keyHash: string): Promise<void> {
	await db.query('UPDATE device SET key_hash = ? WHERE household_id = ? AND id = ? AND revoked_at IS NULL', [
		keyHash,
		household,
		device
	]);
}

export async function sawDevice(db: Db, household: string, device: string, now: number): Promise<void> {
	await db.query('UPDATE device SET seen_at = ? WHERE household_id = ? AND id = ?', [now, household, device]);
}

/** Takes a device's key away, and whoever is signed in at it out. */
export async function revokeDevice(db: Db, household: string, device: string, now: number): Promise<void> {
	await db.query('UPDATE device SET revoked_at = ? WHERE household_id = ? AND id = ?', [
		now,
		household,
		device
	]);
	await db.query(
		'UPDATE sign_in SET ended_at = ? WHERE household_id = ? AND device_id = ? AND ended_at IS NULL',
		[now, household, device]
	);
	await db.query(
		'UPDATE invitation SET used_at = ? WHERE household_id = ? AND device_id = ? AND used_at IS NULL',
		[now, household, device]
	);
}

/** When sign-ins and devices were last used: kept here, and written down beside the pages. */
import { transaction } from '../db/pool';
import { sawDevice } from '../repo/deviceRepo';
import { sawSignIn } from '../repo/signInRepo';

const signIns = new Map<string, { at: number; expiresAt: number }>();
const devices = new Map<string, { household: string; at: number }>();

/** Notes the use of a sign-in, and until when it lasts by it. */
export function noteSignIn(id: string, at: number, expiresAt: number): void {
	signIns.set(id, { at, expiresAt });
}

export function noteDevice(household: string, id: string, at: number): void {
	devices.set(id, { household, at });
}

/** Until when a sign-in lasts by what was noted and not written down yet; null for nothing. */
export const lastsByNote = (id: string): number | null => signIns.get(id)?.expiresAt ?? null;

/** Writes down what was noted. */
export async function writeSeen(): Promise<void> {
	if (signIns.size + devices.size === 0) return;
	const [ins, seen] = [[...signIns], [...devices]];
	await transaction(async (db) => {
		for (const [id, { at, expiresAt }] of ins) await sawSignIn(db, id, at, expiresAt);
		for (const [id, { household, at }] of seen) await sawDevice(db, household, id, at);
	});
	// What was noted meanwhile stays for the next time.
	for (const [id, one] of ins) if (signIns.get(id) === one) signIns.delete(id);
	for (const [id, one] of seen) if (devices.get(id) === one) devices.delete(id);
}

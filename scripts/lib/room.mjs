/** Whether the disk has room for the database, and what is said where it has none. Node built-ins only. */
import { statfsSync } from 'node:fs';

/** A database needs so many bytes to come up again. */
const LEAST = 16 * 1024 * 1024;

/** @param {string} dir */
export const noRoomText = (dir) =>
	`The disk is full, so the database cannot run. Make room for ${dir}; what was kept is safe.`;

/** False only where it is known that there is none. @param {string} dir */
export function hasRoom(dir) {
	try {
		const { bavail, bsize } = statfsSync(dir);
		return bavail * bsize >= LEAST;
	} catch {
		return true;
	}
}

/** Whether the disk that holds the app's own database has room left. */
import { statfs } from 'node:fs/promises';
import { env } from 'node:process';

/** A database needs so many bytes to come up again; with less, a disk counts as full. */
const LEAST = 16 * 1024 * 1024;

/** True where the folder of the app's own data has no room left; false also where it cannot be asked. */
export async function isDiskFull(): Promise<boolean> {
	try {
		const { bavail, bsize } = await statfs(env.PAIL_DIR ?? '.pail');
		return bavail * bsize < LEAST;
	} catch {
		// Another machine has the data, or a system that does not tell.
		return false;
	}
}

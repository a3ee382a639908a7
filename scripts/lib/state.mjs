/** Small files of state: written whole or not at all, and only one start at a time. Node built-ins only. */
import { closeSync, mkdirSync, openSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { end, noted, runs } from './processes.mjs';
import { Missing } from './tell.mjs';

/** The folder of the app's own data. */
export const dataDir = () => process.env.PAIL_DIR ?? '.pail';

/** Writes a file beside and puts it in its place: a reader sees the old one or the new one. */
export function writeWhole(file, value) {
	mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
	const beside = `${file}.${process.pid}.new`;
	writeFileSync(beside, JSON.stringify(value), { mode: 0o600 });
	renameSync(beside, file);
}

/** What a state file says: `{}` where there is none, null where it cannot be understood. */
export function readState(file) {
	let text;
	try {
		text = readFileSync(file, 'utf8');
	} catch (error) {
		if (error.code === 'ENOENT') return {};
		throw error;
	}
	try {
		const value = JSON.parse(text);
		return value !== null && typeof value === 'object' && !Array.isArray(value) ? value : null;
	} catch {
		return null;
	}
}

/**
 * Takes the folder for this start. Another start that runs there is told, with its address; one that was killed is
 * cleared away, its server too, and no process but its own.
 * @returns {Promise<{ say(more: object): void, leave(): void }>}
 */
export async function takeFolder(dir) {
	const file = join(dir, 'app.json');
	mkdirSync(dir, { recursive: true, mode: 0o700 });
	for (let tries = 0; ; tries++) {
		try {
			closeSync(openSync(file, 'wx', 0o600));
			break;
		} catch (error) {
			if (error.code !== 'EEXIST') throw error;
		}
		const other = readState(file);
		if (other && runs(other.start)) {
			throw new Missing(
				other.address
					? `Pail Round runs here already: open ${other.address}\nTo stop it, press Ctrl-C where it was started, or end process ${other.start.pid}.`
					: `Pail Round is just being started here, by process ${other.start.pid}. Wait a moment, then open it.`
			);
		}
		// Just made by another start, which has not written who it is yet.
		if (other && !other.start && tries < 40) {
			await new Promise((done) => setTimeout(done, 50));
			continue;
		}
		if (other?.server) await end(other.server, 5);
		rmSync(file, { force: true });
	}
	let state = { start: noted(process.pid) };
	writeWhole(file, state);
	return {
		say(more) {
			state = { ...state, ...more };
			writeWhole(file, state);
		},
		leave() {
			if (readState(file)?.start?.pid === process.pid) rmSync(file, { force: true });
		}
	};
}

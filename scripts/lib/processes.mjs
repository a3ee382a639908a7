/** Which process is which: a number alone is given again to others. Node built-ins only. */
import { readFileSync } from 'node:fs';

/** When a process began, in the kernel's ticks; null where there is none of that number. */
export function beganAt(pid) {
	try {
		const text = readFileSync(`/proc/${pid}/stat`, 'utf8');
		// The name in brackets may hold spaces; what follows it does not.
		const fields = text.slice(text.lastIndexOf(')') + 2).split(' ');
		return fields[0] === 'Z' ? null : Number(fields[19]);
	} catch {
		return isThere(pid) && process.platform !== 'linux' ? 0 : null;
	}
}

function isThere(pid) {
	try {
		process.kill(pid, 0);
		return true;
	} catch (error) {
		return error.code === 'EPERM';
	}
}

/** The words a process was started with. */
export function wordsOf(pid) {
	try {
		return readFileSync(`/proc/${pid}/cmdline`, 'utf8').split('\0').filter(Boolean);
	} catch {
		return [];
	}
}

/** A process as it is written down: its number, and when it began. */
export const noted = (pid) => ({ pid, began: beganAt(pid) });

/** True where the process that was written down is still running. */
export function runs(note) {
	if (!note?.pid) return false;
	const began = beganAt(note.pid);
	return began !== null && (note.began === undefined || note.began === null || began === note.began);
}

/** Ends a process: kindly, then for good. */
export async function end(note, seconds = 30) {
	if (!runs(note)) return;
	try {
		process.kill(note.pid, 'SIGTERM');
		for (let i = 0; i < seconds * 20 && runs(note); i++) await new Promise((done) => setTimeout(done, 50));
		if (runs(note)) process.kill(note.pid, 'SIGKILL');
	} catch {
		// It ended meanwhile.
	}
}

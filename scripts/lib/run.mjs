/** Running other programs. Node built-ins only. */
import { spawn } from 'node:child_process';
import { accessSync, constants } from 'node:fs';
import { delimiter, join } from 'node:path';

/**
 * Runs a program to its end. Resolves to its exit code; with `capture` to its output too.
 * @param {string} command
 * @param {string[]} args
 * @param {{ capture?: boolean } & import('node:child_process').SpawnOptions} [options]
 * @returns {Promise<{ code: number, output: string }>}
 */
export function run(command, args, { capture = false, ...options } = {}) {
	return new Promise((resolve, reject) => {
		const child = spawn(command, args, {
			stdio: capture ? ['ignore', 'pipe', 'pipe'] : 'inherit',
			...options
		});
		let output = '';
		child.stdout?.on('data', (data) => (output += data));
		child.stderr?.on('data', (data) => (output += data));
		child.on('error', reject);
		child.on('close', (code, signal) => resolve({ code: code ?? (signal ? 1 : 0), output }));
	});
}

/** The path of a program, or null. Server programs live in sbin, which is not on everybody's PATH. */
export function which(name) {
	for (const dir of [...(process.env.PATH ?? '').split(delimiter), '/usr/sbin', '/usr/local/sbin']) {
		const path = join(dir, name);
		try {
			accessSync(path, constants.X_OK);
			return path;
		} catch {
			// Not here; the next folder may have it.
		}
	}
	return null;
}

/**
 * The one clock of the server. `PAIL_CLOCK` names a file with an instant (ISO, or `+seconds` of shift), read at
 * each question: tests and pictures set the time with it. Without it the machine's own clock counts.
 */
import { readFileSync } from 'node:fs';
import { env } from 'node:process';

export function now(): number {
	const file = env.PAIL_CLOCK;
	if (!file) return Date.now();
	const text = readFileSync(file, 'utf8').trim();
	if (text.startsWith('+')) return Date.now() + Number(text.slice(1)) * 1000;
	const at = Date.parse(text);
	if (Number.isNaN(at)) throw new RangeError(`PAIL_CLOCK names ${file}, which holds no instant`);
	return at;
}

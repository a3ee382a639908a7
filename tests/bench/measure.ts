/** Timing for the bench: medians, and one line a figure. */
import { performance } from 'node:perf_hooks';

export function median(times: readonly number[]): number {
	const sorted = [...times].sort((a, b) => a - b);
	return sorted[Math.floor(sorted.length / 2)] as number;
}

/** Milliseconds of `runs` runs after some to warm up. */
export async function time(runs: number, work: () => unknown): Promise<number> {
	for (let i = 0; i < Math.max(2, runs / 5); i++) await work();
	const times: number[] = [];
	for (let i = 0; i < runs; i++) {
		const begin = performance.now();
		await work();
		times.push(performance.now() - begin);
	}
	return median(times);
}

let missed = 0;

/** Says a figure, what it is held against, and whether it is reached. */
export function say(name: string, figure: string, against: string, reached: boolean): void {
	if (!reached) missed++;
	console.log(`${reached ? 'reached' : 'MISSED '}  ${name}: ${figure}   (${against})`);
}

export const missedFigures = () => missed;
export const ms = (n: number) => `${n < 10 ? n.toFixed(2) : n.toFixed(1)} ms`;
export const kB = (bytes: number) => `${(bytes / 1024).toFixed(1)} kB`;

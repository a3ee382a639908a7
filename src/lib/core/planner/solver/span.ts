/** Which places of an order the rules between steps leave to one more step. */
import type { Problem } from './problem';

/** True where a step that stands already has to go before `s`. */
function goesBefore(problem: Problem, s: number, other: number): boolean {
	const { job, room, class: classes, level, topDown, floorsAtEnd, before } = problem;
	const c = classes[s] as number;
	const k = classes[other] as number;
	if (c > 0 && k > 0) {
		const [r, o] = [room[s] as number, room[other] as number];
		if (o === r && k < c) return true;
		if (floorsAtEnd && (c === 6 || c === 7) && k < 6) return true;
		if (topDown && (level[o] as number) < (level[r] as number)) return true;
	}
	const earlier = before[job[s] as number] as Int32Array;
	return earlier.length > 0 && earlier.includes(job[other] as number);
}

/** True where a step that stands already has to go after `s`; after the whole of its job only where it is `whole`. */
function goesAfter(problem: Problem, s: number, other: number, whole: boolean): boolean {
	const { job, room, class: classes, level, topDown, floorsAtEnd, after } = problem;
	const c = classes[s] as number;
	const k = classes[other] as number;
	if (c > 0 && k > 0) {
		const [r, o] = [room[s] as number, room[other] as number];
		if (o === r && k > c) return true;
		if (floorsAtEnd && c < 6 && (k === 6 || k === 7)) return true;
		if (topDown && (level[o] as number) > (level[r] as number)) return true;
	}
	const follows = after[job[s] as number] as Int32Array;
	return whole && follows.length > 0 && follows.includes(job[other] as number);
}

/** The first of the places from `from` on that class order and pairs leave to a step. */
export function firstPlace(problem: Problem, order: Int32Array, n: number, s: number, from: number): number {
	let place = n;
	while (place > from && !goesBefore(problem, s, order[place - 1] as number)) place--;
	return place;
}

/** The last place that class order and pairs leave to a step; `whole`: its job ends with it. */
export function lastPlace(problem: Problem, order: Int32Array, n: number, s: number, whole: boolean): number {
	let place = 0;
	while (place < n && !goesAfter(problem, s, order[place] as number, whole)) place++;
	return place;
}

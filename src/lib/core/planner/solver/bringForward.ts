/**
 * Brings forward in an order what is worth most, without losing anything of it: the same jobs, the same people, no
 * later end. For visitors, who may come early: best effect first. Rules: "What makes a plan better".
 */
import type { Problem } from './problem';
import type { State } from './state';
import type { Timing } from './timing';

/** Sweeps over the order before it is left as it is. */
const SWEEPS = 6;

/** Changes `state.order` in place; its times are those of `timed` for the order it ends with. */
export function bringForward(problem: Problem, state: State, timed: Timing): void {
	const { job, worth, jobMinutes } = problem;
	const { order, n, who } = state;
	/** Worth by the minute times how late it comes: a job counts when its last step is done. */
	const wait = () => {
		let sum = 0;
		for (let i = 0; i < n; i++) {
			const s = order[i] as number;
			const j = job[s] as number;
			const share = (problem.minutes[s] as number) / Math.max(0.5, jobMinutes[j] as number);
			sum += (worth[j] as number) * share * (timed.end[s] as number);
		}
		return sum;
	};
	if (n === 0 || !timed.time(order, n, who)) return;
	const latest = timed.endCost();
	let least = wait();
	// A room as a whole, everybody's and each one's: one step of it alone would only be a walk there and back.
	const runs = [...new Set([...order.subarray(0, n)].map((s) => problem.room[s] as number))].flatMap((room) =>
		[null, ...new Set(who)].map((person) => ({ room, person }))
	);
	/** Jobs that leave their room in between stay where they are, so that no step overtakes one of its own job. */
	const roomOf = new Map<number, number>();
	for (const s of order.subarray(0, n)) {
		const [j, room] = [job[s] as number, problem.room[s] as number];
		roomOf.set(j, (roomOf.get(j) ?? room) === room ? room : -1);
	}
	const before = new Int32Array(n);
	for (let sweep = 0; sweep < SWEEPS; sweep++) {
		let better = false;
		for (const { room, person } of runs) {
			before.set(order.subarray(0, n));
			const goes = (s: number) =>
				roomOf.get(job[s] as number) === room && (person === null || who[job[s] as number] === person);
			const first = before.filter(goes);
			order.set(first, 0);
			order.set(
				before.filter((s) => !goes(s)),
				first.length
			);
			const now =
				first.length > 0 && timed.time(order, n, who) && timed.endCost() <= latest ? wait() : Infinity;
			if (now < least - 1e-9) {
				least = now;
				better = true;
			} else order.set(before, 0);
		}
		for (let from = 1; from < n; from++) {
			const s = order[from] as number;
			let at = from;
			for (let to = from - 1; to >= 0 && job[order[to] as number] !== job[s]; to--) {
				move(order, at, to);
				if (timed.time(order, n, who) && timed.endCost() <= latest) {
					const now = wait();
					if (now < least - 1e-9) {
						least = now;
						at = to;
						better = true;
						continue;
					}
				}
				move(order, to, at);
			}
		}
		if (!better) break;
	}
	timed.time(order, n, who);
}

function move(order: Int32Array, from: number, to: number): void {
	const s = order[from] as number;
	if (to < from) order.copyWithin(to + 1, to, from);
	else order.copyWithin(from, from + 1, to + 1);
	order[to] = s;
}

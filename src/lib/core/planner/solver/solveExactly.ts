/** Looks at all orders of a small problem, leaving out what cannot be better; null where there are too many. */
import type { Problem } from './problem';
import { copyState, emptyState, type State } from './state';
import { Timing } from './timing';

const EPS = 1e-9;

/** Two neighbouring steps that do not stand in each other's way need be looked at in one order only. */
function independence(problem: Problem): Uint8Array {
	const { steps, job, room, class: classes, appliance, uses, before, first } = problem;
	const free = new Uint8Array(steps * steps);
	const isFloor = (c: number) => c === 6 || c === 7;
	for (let a = 0; a < steps; a++) {
		for (let b = 0; b < steps; b++) {
			const [ja, jb] = [job[a] as number, job[b] as number];
			const [ca, cb] = [classes[a] as number, classes[b] as number];
			const related =
				ja === jb ||
				(room[a] === room[b] && ca > 0 && cb > 0 && ca !== cb) ||
				(problem.topDown &&
					ca > 0 &&
					cb > 0 &&
					problem.level[room[a] as number] !== problem.level[room[b] as number]) ||
				(problem.floorsAtEnd && ca > 0 && cb > 0 && isFloor(ca) !== isFloor(cb)) ||
				((appliance[a] as number) >= 0 && appliance[a] === appliance[b]) ||
				before[ja]?.includes(jb) ||
				before[jb]?.includes(ja) ||
				(uses[a] ?? []).some((use) => (uses[b] ?? []).some((other) => other.surface === use.surface)) ||
				first[ja] === undefined;
			free[a * steps + b] = related ? 0 : 1;
		}
	}
	return free;
}

/** The best plan of all, at least as good as `known`; null where more than `nodes` beginnings would have to be tried. */
export function solveExactly(problem: Problem, known: State, nodes: number): State | null {
	const { jobs, steps, people, first, count, worth, jobMinutes, minutes, waitMin, from } = problem;
	const timed = new Timing(problem);
	const free = independence(problem);
	const best = emptyState(problem);
	copyState(known, best);
	const mustCount = problem.must.reduce((sum, one) => sum + one, 0);
	const now = emptyState(problem);
	const done = new Int32Array(jobs);
	let looked = 0;
	let open = 0;
	let mustIn = 0;
	let bestMusts = 0;
	for (let j = 0; j < jobs; j++) if (problem.must[j] === 1 && best.in[j] === 1) bestMusts++;
	// Chains: attended minutes and least waits from a step to the end of its job.
	const tail = new Float64Array(steps + 1);
	for (let j = 0; j < jobs; j++) {
		const [a, n] = [first[j] as number, count[j] as number];
		for (let k = n - 1; k >= 0; k--) {
			const s = a + k;
			tail[s] = (minutes[s] as number) + (k + 1 < n ? (waitMin[s] as number) + (tail[s + 1] as number) : 0);
		}
	}

	/** No plan that begins like this ends earlier. */
	function earliestEnd(spare: number): number {
		let bound = timed.endCost();
		let sum = 0;
		for (let p = 0; p < people; p++) sum += Math.max(timed.laneEnd[p] as number, from[p] as number);
		for (let j = 0; j < jobs; j++) {
			const k = done[j] as number;
			const s = (first[j] as number) + k;
			if (k > 0 && k < (count[j] as number)) {
				const ready = (timed.end[s - 1] as number) + (waitMin[s - 1] as number);
				if (ready + (tail[s] as number) > bound) bound = ready + (tail[s] as number);
				for (let i = k; i < (count[j] as number); i++) sum += minutes[(first[j] as number) + i] as number;
			} else if (k === 0 && (worth[j] as number) > spare + EPS) {
				// Without this one the worth is not reached any more.
				sum += jobMinutes[j] as number;
				if ((tail[s] as number) > bound) bound = tail[s] as number;
			}
		}
		return Math.max(bound, sum / people);
	}

	/** The worth of what is in, has begun, or still finds the minutes in some lane. */
	function reachable(): number {
		let widest = 0;
		for (let p = 0; p < people; p++)
			widest = Math.max(widest, (problem.until[p] as number) - (timed.laneEnd[p] as number));
		let sum = 0;
		for (let j = 0; j < jobs; j++)
			if ((done[j] as number) > 0 || (jobMinutes[j] as number) <= widest) sum += worth[j] as number;
		return sum;
	}

	function better(): boolean {
		if (mustIn !== bestMusts) return mustIn > bestMusts;
		if (Math.abs(now.worth - best.worth) > EPS) return now.worth > best.worth;
		if (Math.abs(now.endCost - best.endCost) > EPS) return now.endCost < best.endCost;
		return now.moves < best.moves;
	}

	/** False where the budget is spent. */
	function descend(last: number): boolean {
		if (++looked > nodes) return false;
		if (open === 0 && now.n > 0) {
			now.endCost = timed.endCost();
			now.moves = timed.moves();
			if (better()) {
				copyState(now, best);
				bestMusts = mustIn;
			}
		}
		// What has not begun may still come in.
		const spare = reachable() - best.worth;
		if (bestMusts === mustCount) {
			if (spare < -EPS) return true;
			const bound = earliestEnd(spare);
			if (spare <= EPS && bound > best.endCost + EPS) return true;
			if (spare <= EPS && bound > best.endCost - EPS && best.moves === 0) return true;
		}
		for (let j = 0; j < jobs; j++) {
			const k = done[j] as number;
			if (k >= (count[j] as number)) continue;
			const s = (first[j] as number) + k;
			const list = problem.who[j] as Int32Array;
			for (let w = 0; w < (k === 0 ? list.length : 1); w++) {
				if (k === 0) now.who[j] = list[w] as number;
				if (last >= 0) {
					const other = problem.job[last] as number;
					if (now.who[other] !== now.who[j] && free[last * steps + s] === 1 && s < last) continue;
				}
				now.order[now.n] = s;
				if (!timed.time(now.order, now.n + 1, now.who)) continue;
				now.n++;
				done[j] = k + 1;
				const whole = k + 1 === count[j];
				if (k === 0) open++;
				if (whole) {
					open--;
					now.in[j] = 1;
					now.worth += worth[j] as number;
					if (problem.must[j] === 1) mustIn++;
				}
				const went = descend(s);
				if (whole) {
					open++;
					now.in[j] = 0;
					now.worth -= worth[j] as number;
					if (problem.must[j] === 1) mustIn--;
				}
				if (k === 0) open--;
				done[j] = k;
				now.n--;
				if (!went) return false;
			}
		}
		return true;
	}
	timed.time(now.order, 0, now.who);
	return descend(-1) ? best : null;
}

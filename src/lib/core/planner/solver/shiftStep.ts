/** One step of an order is moved past another that stands in its way, where its own job leaves it room. */
import type { Problem } from './problem';
import type { State } from './state';

function moveStep(order: Int32Array, from: number, to: number): void {
	const s = order[from] as number;
	if (to < from) order.copyWithin(to + 1, to, from);
	else order.copyWithin(from, from + 1, to + 1);
	order[to] = s;
}

/** True where the order of two steps makes a difference: one person, one appliance, one room. */
function inTheWay(problem: Problem, state: State, s: number, other: number): boolean {
	const { job, appliance, room, class: classes } = problem;
	const { who } = state;
	return (
		who[job[s] as number] === who[job[other] as number] ||
		((appliance[s] as number) >= 0 && appliance[s] === appliance[other]) ||
		(room[s] === room[other] && (classes[s] as number) > 0 && (classes[other] as number) > 0)
	);
}

/** Moves past further ones with this chance each. */
const FURTHER = 0.3;

/** Moves a step chosen by chance and returns what moves it back; null where it stays. */
export function shiftStep(problem: Problem, state: State, random: () => number): (() => void) | null {
	const { order, n } = state;
	const { job } = problem;
	const at = Math.floor(random() * n);
	const s = order[at] as number;
	const j = job[s] as number;
	const by = random() < 0.5 ? -1 : 1;
	let to = at;
	for (let i = at + by; i >= 0 && i < n; i += by) {
		const other = order[i] as number;
		if (job[other] === j) break;
		if (!inTheWay(problem, state, s, other)) continue;
		to = i;
		if (random() >= FURTHER) break;
	}
	if (to === at) return null;
	moveStep(order, at, to);
	return () => moveStep(order, to, at);
}

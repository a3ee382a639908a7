/**
 * Gives out work so that everybody comes as near as can be to the share that was agreed. Rules: "Fair shares": the largest deviation first; then few changes for habits and many for what should change; then what is
 * disliked, spread evenly. Every choice is made in a fixed order, so the same question has the same answer.
 */

export interface Sharer {
	readonly id: string;
	/** The agreed part of all the work; all of them add up to 1. */
	readonly share: number;
	/** Minutes that count already. */
	readonly minutesSoFar: number;
}

export interface ShareItem {
	readonly id: string;
	readonly minutes: number;
	/** Who can take it, by id. Nobody: it is not given out. */
	readonly can: readonly string[];
	/** Who had it the time before. */
	readonly before?: string | null | undefined;
	/** Whether it should stay with whoever had it, or go to somebody else. */
	readonly wish?: 'keep' | 'change' | undefined;
	/** Who dislikes it. */
	readonly dislikedBy?: readonly string[] | undefined;
}

export interface ShareResult {
	/** Who takes what, by the item's id; items that nobody can take are left out. */
	readonly given: ReadonlyMap<string, string>;
	/** The largest |minutes / total − share| over the people. */
	readonly spread: number;
	/** True where no other way has a smaller one. */
	readonly exact: boolean;
}

/** Nodes of the exact search: fixed, so that the result does not depend on the machine. */
const NODES = 150_000;
/** Up to so many items the exact search is tried. */
const FEW = 20;
const ALIKE = 1e-9;

interface Work {
	readonly minutes: number;
	readonly can: readonly number[];
	/** 1 at the place of each person who can: asked more often than anything else here. */
	readonly may: Uint8Array;
	readonly before: number;
	readonly wish: 'keep' | 'change' | undefined;
	readonly disliked: ReadonlySet<number>;
}

interface State {
	/** Person of each item. */
	readonly at: Int32Array;
	/** Minutes beyond the share (negative: below it), by person. */
	readonly off: Float64Array;
}

const largest = (off: Float64Array) => off.reduce((most, one) => Math.max(most, Math.abs(one)), 0);

/** The longest first, those with the fewest takers before others, each to whoever is furthest below their share. */
function begin(work: readonly Work[], off: Float64Array): State {
	const at = new Int32Array(work.length).fill(-1);
	const order = work
		.map((_, i) => i)
		.sort((a, b) => {
			const [x, y] = [work[a] as Work, work[b] as Work];
			return Number(x.can.length > 1) - Number(y.can.length > 1) || y.minutes - x.minutes || a - b;
		});
	for (const i of order) {
		const { can, minutes } = work[i] as Work;
		const to = can.reduce((best, one) => ((off[one] as number) < (off[best] as number) ? one : best));
		at[i] = to;
		off[to] = (off[to] as number) + minutes;
	}
	return { at, off };
}

/** What a change of two people's minutes does to the sum of squares: less is nearer to the shares. */
const squares = (a: number, b: number) => a * a + b * b;

/** Moves and swaps of items, for as long as the sum of squared deviations falls. */
function even(work: readonly Work[], { at, off }: State) {
	for (let again = true, rounds = 0; again && rounds < 400; rounds++) {
		again = false;
		for (let i = 0; i < work.length; i++) {
			const mine = work[i] as Work;
			for (const to of mine.can) {
				const now = at[i] as number;
				if (to === now) continue;
				const [a, b] = [off[now] as number, off[to] as number];
				if (squares(a - mine.minutes, b + mine.minutes) < squares(a, b) - ALIKE) {
					at[i] = to;
					off[now] = a - mine.minutes;
					off[to] = b + mine.minutes;
					again = true;
				}
			}
			for (let k = 0; k < work.length; k++) {
				const other = work[k] as Work;
				const [p, q] = [at[i] as number, at[k] as number];
				if (p === q || mine.minutes <= other.minutes || !mine.may[q] || !other.may[p]) continue;
				const by = mine.minutes - other.minutes;
				const [a, b] = [off[p] as number, off[q] as number];
				if (squares(a - by, b + by) < squares(a, b) - ALIKE) {
					at[i] = q;
					at[k] = p;
					off[p] = a - by;
					off[q] = b + by;
					again = true;
				}
			}
		}
	}
}

/**
 * Looks through all ways for one with a smaller largest deviation. Returns the best found, and whether the search
 * ended by itself.
 */
function search(work: readonly Work[], first: State, start: Float64Array): { state: State; exact: boolean } {
	const people = start.length;
	const order = work
		.map((_, i) => i)
		.sort((a, b) => (work[b] as Work).minutes - (work[a] as Work).minutes || a - b);
	let best = largest(first.off);
	let bestAt = first.at;
	const at = new Int32Array(work.length).fill(-1);
	const off = Float64Array.from(start);
	// What each person could still get, from each place of the order on.
	const reach = Array.from({ length: order.length + 1 }, () => new Float64Array(people));
	for (let i = order.length - 1; i >= 0; i--) {
		const item = work[order[i] as number] as Work;
		for (let p = 0; p < people; p++)
			(reach[i] as Float64Array)[p] =
				((reach[i + 1] as Float64Array)[p] as number) + (item.may[p] ? item.minutes : 0);
	}
	let nodes = 0;
	const go = (depth: number): boolean => {
		if (++nodes > NODES) return false;
		const rest = reach[depth] as Float64Array;
		for (let p = 0; p < people; p++) {
			const have = off[p] as number;
			if (have >= best - ALIKE || have + (rest[p] as number) <= ALIKE - best) return true;
		}
		if (depth === order.length) {
			best = largest(off);
			bestAt = Int32Array.from(at);
			return true;
		}
		const i = order[depth] as number;
		const item = work[i] as Work;
		const takers = [...item.can].sort((a, b) => (off[a] as number) - (off[b] as number) || a - b);
		for (const to of takers) {
			at[i] = to;
			off[to] = (off[to] as number) + item.minutes;
			const whole = go(depth + 1);
			off[to] = (off[to] as number) - item.minutes;
			if (!whole) return false;
		}
		return true;
	};
	const exact = go(0);
	const found = Float64Array.from(start);
	bestAt.forEach((to, i) => (found[to] = (found[to] as number) + (work[i] as Work).minutes));
	return { state: { at: bestAt, off: found }, exact };
}

/** Wishes that an item's taker goes against: a habit that changes, an occurrence that stays. */
const against = (item: Work, to: number) =>
	item.wish === undefined || item.before < 0
		? 0
		: Number(item.wish === 'keep' ? to !== item.before : to === item.before);

/** The second and third aim: moves and swaps that leave the largest deviation as small as it is. */
function wishes(work: readonly Work[], { at, off }: State) {
	const limit = largest(off) + ALIKE;
	const loathed = new Float64Array(off.length);
	at.forEach((to, i) => {
		if ((work[i] as Work).disliked.has(to)) loathed[to] = (loathed[to] as number) + 1;
	});
	const fits = (p: number, by: number) => Math.abs((off[p] as number) + by) <= limit;
	const spread = () => loathed.reduce((sum, one) => sum + one * one, 0);
	/** Lets items change hands where that is better; puts them back where it is not. */
	const change = (moves: readonly (readonly [number, number])[]): boolean => {
		const was = moves.map(([i]) => at[i] as number);
		const cost = () => moves.reduce((sum, [i]) => sum + against(work[i] as Work, at[i] as number), 0);
		const before = [cost(), spread()] as const;
		const put = (i: number, to: number) => {
			const item = work[i] as Work;
			const from = at[i] as number;
			off[from] = (off[from] as number) - item.minutes;
			off[to] = (off[to] as number) + item.minutes;
			if (item.disliked.has(from)) loathed[from] = (loathed[from] as number) - 1;
			if (item.disliked.has(to)) loathed[to] = (loathed[to] as number) + 1;
			at[i] = to;
		};
		for (const [i, to] of moves) put(i, to);
		const after = [cost(), spread()] as const;
		if (after[0] < before[0] || (after[0] === before[0] && after[1] < before[1])) return true;
		moves.forEach(([i], k) => put(i, was[k] as number));
		return false;
	};
	for (let again = true, rounds = 0; again && rounds < 100; rounds++) {
		again = false;
		for (let i = 0; i < work.length; i++) {
			const mine = work[i] as Work;
			for (const to of mine.can) {
				const from = at[i] as number;
				if (to !== from && fits(from, -mine.minutes) && fits(to, mine.minutes) && change([[i, to]]))
					again = true;
			}
			for (let k = i + 1; k < work.length; k++) {
				const other = work[k] as Work;
				const [p, q] = [at[i] as number, at[k] as number];
				if (p === q || !mine.may[q] || !other.may[p]) continue;
				const by = mine.minutes - other.minutes;
				if (
					fits(p, -by) &&
					fits(q, by) &&
					change([
						[i, q],
						[k, p]
					])
				)
					again = true;
			}
		}
	}
}

/** Shares that are all nothing count as equal ones; others are brought to add up to 1. */
export function normalShares(parts: readonly number[]): number[] {
	const sum = parts.reduce((total, part) => total + part, 0);
	return parts.map((part) => (sum > 0 ? part / sum : 1 / parts.length));
}

/**
 * Gives out `items` among `people`.
 * @returns who takes what, and the largest deviation from the agreed shares as a part of all the work (0 to 1).
 * Items that nobody can take are left out and count for nothing; with no work at all the spread is 0.
 * Rules: "Fair shares"; the kind `share` of the worked examples.
 */
export function assign(people: readonly Sharer[], items: readonly ShareItem[]): ShareResult {
	const place = new Map(people.map((one, i) => [one.id, i]));
	const taken = items.filter((item) => item.can.some((id) => place.has(id)));
	const total =
		taken.reduce((sum, item) => sum + item.minutes, 0) +
		people.reduce((sum, one) => sum + one.minutesSoFar, 0);
	if (total <= 0) return { given: new Map(), spread: 0, exact: true };
	const work = taken.map((item): Work => {
		const can = [...new Set(item.can)].flatMap((id) => place.get(id) ?? []).sort((a, b) => a - b);
		const may = new Uint8Array(people.length);
		for (const p of can) may[p] = 1;
		return {
			minutes: item.minutes,
			can,
			may,
			before: item.before ? (place.get(item.before) ?? -1) : -1,
			wish: item.wish,
			disliked: new Set((item.dislikedBy ?? []).flatMap((id) => place.get(id) ?? []))
		};
	});
	const start = Float64Array.from(people, (one) => one.minutesSoFar - one.share * total);
	let state = begin(work, Float64Array.from(start));
	even(work, state);
	let exact = work.every((item) => item.can.length === 1);
	if (!exact && work.length <= FEW) ({ state, exact } = search(work, state, start));
	wishes(work, state);
	return {
		given: new Map(taken.map((item, i) => [item.id, (people[state.at[i] as number] as Sharer).id])),
		spread: largest(state.off) / total,
		exact
	};
}

/** The fewest moves of single rooms that make the largest ratio as small as possible. Rules: "Load and capacity of zones". */
import { type Unit, largest, improve } from './improveZones';

/** A room as the balance sees it: what it asks of each visit, whatever zone it lies in. */
export interface BalanceRoom {
	readonly id: string;
	/** Place of its zone. */
	readonly zone: number;
	/** Minutes that one visit of its zone is asked for it. */
	readonly minutes: number;
	/** Rooms of one group stay in one zone. */
	readonly group?: string | undefined;
	/** Places of zones that hold rooms of its kind: of moves that do as much, one to these is taken. */
	readonly likes?: readonly number[] | undefined;
}

export interface BalanceZone {
	readonly visits: number;
	readonly capacity: number;
}

export interface BalanceInput {
	readonly rooms: readonly BalanceRoom[];
	readonly zones: readonly BalanceZone[];
}

export interface Move {
	readonly room: string;
	readonly from: number;
	readonly to: number;
}

export interface Proposal {
	/** The largest load/capacity now, and after all moves. */
	readonly before: number;
	readonly after: number;
	readonly moves: readonly Move[];
	/** True where no other way has a smaller largest ratio. */
	readonly exact: boolean;
}

/** Ratios within this share of the best are alike: among them the fewest moves count. */
const ALIKE = 1e-9;

/** Nodes of the search; it is exact where it ends by itself. Fixed, so that the result is the same everywhere. */
const NODES = 50_000;

function unitsOf(rooms: readonly BalanceRoom[]): Unit[] {
	const groups = new Map<string, BalanceRoom[]>();
	rooms.forEach((room, i) => {
		const key = room.group ?? `room ${i}`;
		groups.set(key, [...(groups.get(key) ?? []), room]);
	});
	return [...groups.values()].map((members) => ({
		rooms: members,
		zone: (members[0] as BalanceRoom).zone,
		minutes: members.reduce((sum, room) => sum + room.minutes, 0)
	}));
}

function movesOf(unit: Unit, zone: number): number {
	let moves = 0;
	for (const room of unit.rooms) if (room.zone !== zone) moves++;
	return moves;
}

/** How much of a zone's capacity one minute a visit takes: visits / capacity. */
const rateOf = (zone: BalanceZone) => (zone.capacity > 0 ? zone.visits / zone.capacity : Infinity);

/** The lowest largest ratio that any assignment can have: all zones filled alike, and the largest unit somewhere. */
export function balanceBound(input: BalanceInput): number {
	const units = unitsOf(input.rooms);
	const rates = input.zones.map(rateOf);
	const whole = units.reduce((sum, unit) => sum + unit.minutes, 0);
	const hold = rates.reduce((sum, rate) => sum + (rate === Infinity ? 0 : 1 / rate), 0);
	const best = Math.min(...rates);
	return Math.max(hold > 0 ? whole / hold : Infinity, ...units.map((unit) => unit.minutes * best));
}

/**
 * The moves of single rooms that make the largest load/capacity ratio as small as possible, with as few moves as
 * possible for that ratio. Branch and bound over the units, heaviest first, from a local search's result; it says
 * whether it ended by itself.
 */
export function proposeMoves(input: BalanceInput): Proposal {
	const rates = input.zones.map(rateOf);
	const units = [...unitsOf(input.rooms)].sort((a, b) => b.minutes - a.minutes);
	const count = input.zones.length;
	const now = units.map((unit) => unit.zone);
	const sumsOf = (places: readonly number[]) => {
		const sums = new Array<number>(count).fill(0);
		units.forEach(
			(unit, i) => (sums[places[i] as number] = (sums[places[i] as number] as number) + unit.minutes)
		);
		return sums;
	};
	const countMoves = (places: readonly number[]) =>
		units.reduce((sum, unit, i) => sum + movesOf(unit, places[i] as number), 0);
	const before = largest(sumsOf(now), rates);
	let best = improve(units, now, rates, count);
	let bestRatio = largest(sumsOf(best), rates);
	let bestMoves = countMoves(best);
	const better = (ratio: number, moves: number) =>
		ratio < bestRatio * (1 - ALIKE) || (ratio <= bestRatio * (1 + ALIKE) && moves < bestMoves);

	// What the units from i on weigh, for the bound.
	const rest = new Array<number>(units.length + 1).fill(0);
	for (let i = units.length - 1; i >= 0; i--) rest[i] = (rest[i + 1] as number) + (units[i] as Unit).minutes;
	const floor = balanceBound(input);
	const sums = new Array<number>(count).fill(0);
	const places = new Array<number>(units.length).fill(0);
	let nodes = 0;
	const whole = rest[0] as number;
	const holds = rates.reduce((sum, rate) => sum + (rate === Infinity ? 0 : 1 / rate), 0);
	const level = whole / holds;
	/** All that is left poured in as water: the common level that it reaches. */
	const bound = (i: number): number => {
		let low = level;
		for (let z = 0; z < count; z++) {
			const ratio = (sums[z] as number) * (rates[z] as number);
			if (ratio > low) low = ratio;
		}
		let free = 0;
		for (let z = 0; z < count; z++) {
			const room = low / (rates[z] as number) - (sums[z] as number);
			if (room > 0) free += room;
		}
		// Full zones hold none of it: the others rise higher.
		return free < (rest[i] as number) * (1 - 1e-12) ? low + ((rest[i] as number) - free) / holds : low;
	};
	const orders = units.map(() => new Int8Array(count));
	const costs = new Float64Array(count);
	const orderOf = (i: number, unit: Unit): Int8Array => {
		const order = orders[i] as Int8Array;
		for (let z = 0; z < count; z++) {
			costs[z] = movesOf(unit, z) * 1e6 + ((sums[z] as number) + unit.minutes) * (rates[z] as number);
			let k = z;
			for (; k > 0 && (costs[order[k - 1] as number] as number) > (costs[z] as number); k--)
				order[k] = order[k - 1] as number;
			order[k] = z;
		}
		return order;
	};
	const search = (i: number, moves: number): void => {
		if (nodes++ > NODES) return;
		if (i === units.length) {
			const ratio = largest(sums, rates);
			if (better(ratio, moves)) {
				best = [...places];
				bestRatio = ratio;
				bestMoves = moves;
			}
			return;
		}
		const unit = units[i] as Unit;
		const order = orderOf(i, unit);
		for (let k = 0; k < count; k++) {
			const zone = order[k] as number;
			const own = sums[zone] as number;
			sums[zone] = own + unit.minutes;
			const m = moves + movesOf(unit, zone);
			places[i] = zone;
			const low = bound(i + 1);
			if (low < bestRatio * (1 - ALIKE) || (low <= bestRatio * (1 + ALIKE) && m < bestMoves))
				search(i + 1, m);
			sums[zone] = own;
		}
	};
	if (count > 1) search(0, 0);
	const exact = nodes <= NODES || bestRatio <= floor * (1 + ALIKE);
	// Too many rooms to try all: undo moves that the ratio does not need.
	if (!exact) {
		const trimmed = [...best];
		units.forEach((unit, i) => {
			const was = trimmed[i] as number;
			trimmed[i] = unit.zone;
			if (largest(sumsOf(trimmed), rates) > bestRatio * (1 + ALIKE)) trimmed[i] = was;
		});
		best = trimmed;
	}
	const moves = units.flatMap((unit, i) =>
		unit.rooms
			.filter((room) => room.zone !== best[i])
			.map((room): Move => ({ room: room.id, from: room.zone, to: best[i] as number }))
	);
	return { before, after: bestRatio, moves: bestRatio < before * (1 - 1e-6) ? moves : [], exact };
}

/** The one move (of a room, or of rooms that keep together) that lowers the largest ratio most; null for none. */
export function bestSingleMove(input: BalanceInput): Proposal | null {
	const rates = input.zones.map(rateOf);
	const units = unitsOf(input.rooms);
	const sums = new Array<number>(input.zones.length).fill(0);
	for (const unit of units) sums[unit.zone] = (sums[unit.zone] as number) + unit.minutes;
	const before = largest(sums, rates);
	let best: Proposal | null = null;
	let moved = Infinity;
	for (const unit of units) {
		for (let to = 0; to < sums.length; to++) {
			if (to === unit.zone) continue;
			const tried = [...sums];
			tried[unit.zone] = (tried[unit.zone] as number) - unit.minutes;
			tried[to] = (tried[to] as number) + unit.minutes;
			const after = largest(tried, rates);
			const lower = after < (best?.after ?? before) * (1 - ALIKE);
			// Of moves that do as much, one to its own kind, then the one that moves least.
			const effort = unit.minutes - (unit.rooms.every((room) => room.likes?.includes(to)) ? 1e6 : 0);
			const gentler = best !== null && after <= best.after * (1 + ALIKE) && effort < moved;
			if (lower || gentler) {
				moved = effort;
				const moves = unit.rooms.map((room): Move => ({ room: room.id, from: unit.zone, to }));
				best = { before, after, moves, exact: false };
			}
		}
	}
	return best;
}

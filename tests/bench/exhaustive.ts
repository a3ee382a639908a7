/** The best of all assignments of rooms to zones, by trying each: what the proposal is held against. */
import type { BalanceInput } from '../../src/lib/core/learning/balance';

/** The best of all assignments, by trying each of them. */
export function exhaustive(input: BalanceInput): { ratio: number; moves: number } {
	const { rooms, zones } = input;
	const rates = zones.map((zone) => zone.visits / zone.capacity);
	let best = { ratio: Infinity, moves: Infinity };
	const places = new Array<number>(rooms.length).fill(0);
	const sums = new Array<number>(zones.length).fill(0);
	const walk = (i: number, moves: number): void => {
		if (i === rooms.length) {
			const ratio = Math.max(...sums.map((sum, z) => sum * (rates[z] as number)));
			if (ratio < best.ratio * (1 - 1e-9) || (ratio <= best.ratio * (1 + 1e-9) && moves < best.moves))
				best = { ratio: Math.min(ratio, best.ratio), moves };
			return;
		}
		const room = rooms[i] as BalanceInput['rooms'][number];
		for (let z = 0; z < zones.length; z++) {
			sums[z] = (sums[z] as number) + room.minutes;
			places[i] = z;
			walk(i + 1, moves + (room.zone === z ? 0 : 1));
			sums[z] = (sums[z] as number) - room.minutes;
		}
	};
	walk(0, 0);
	return best;
}

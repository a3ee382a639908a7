/** Zones for a home that has none: rooms that lie together, as even as they can be. Rules: "Suggested zones". */
import { WEAVES, type Room, type Zone } from '../household/home';
import { freeId } from './library';

export interface RoomLoad {
	readonly room: Pick<Room, 'id' | 'name' | 'storey'>;
	/** Minutes of deep work in it. */
	readonly minutes: number;
}

/**
 * Parts rooms, in the order of the walk, into at most `count` runs whose largest sum of minutes is as small as
 * possible: the linear partition, by dynamic programming. Rooms that follow each other lie together.
 */
export function partRooms(rooms: readonly RoomLoad[], count: number): RoomLoad[][] {
	const n = rooms.length;
	const parts = Math.min(count, n);
	if (parts === 0) return [];
	const sums = [0];
	rooms.forEach((r, i) => sums.push((sums[i] as number) + Math.max(1, r.minutes)));
	const cost = (from: number, to: number) => (sums[to] as number) - (sums[from] as number);
	// best[k][i]: the smallest largest sum of the first i rooms in k parts, cut[k][i]: where its last part begins.
	const best: number[][] = [Array.from({ length: n + 1 }, (_, i) => (i === 0 ? 0 : Infinity))];
	const cut: number[][] = [[]];
	for (let k = 1; k <= parts; k++) {
		const row = new Array<number>(n + 1).fill(Infinity);
		const cuts = new Array<number>(n + 1).fill(0);
		for (let i = k; i <= n; i++) {
			for (let j = k - 1; j < i; j++) {
				const value = Math.max(best[k - 1]?.[j] ?? Infinity, cost(j, i));
				if (value < (row[i] as number)) {
					row[i] = value;
					cuts[i] = j;
				}
			}
		}
		best.push(row);
		cut.push(cuts);
	}
	const runs: RoomLoad[][] = [];
	for (let k = parts, end = n; k > 0; k--) {
		const begin = cut[k]?.[end] ?? 0;
		runs.unshift(rooms.slice(begin, end));
		end = begin;
	}
	return runs;
}

/** A zone's name from its rooms: one, two, or the first and how many more. */
export function zoneName(rooms: readonly { readonly name: string }[]): string {
	const names = rooms.map((room) => room.name);
	if (names.length <= 2) return names.join(' & ').slice(0, 80);
	return `${names[0]} & ${names.length - 1} more`.slice(0, 80);
}

export interface SuggestedZone {
	readonly zone: Zone;
	readonly rooms: readonly string[];
}

/** Zones with names, weaves and rooms; their lists are empty. */
export function suggestZones(rooms: readonly RoomLoad[], count: number): SuggestedZone[] {
	const taken = new Set<string>();
	return partRooms(rooms, Math.min(count, WEAVES.length)).map((run, i) => {
		const name = zoneName(run.map((r) => r.room));
		const id = freeId(`zone-${name}`, taken);
		taken.add(id);
		return {
			zone: { id, name, weave: WEAVES[i % WEAVES.length] as Zone['weave'], list: [], orderBy: 'list' },
			rooms: run.map((r) => r.room.id)
		};
	});
}

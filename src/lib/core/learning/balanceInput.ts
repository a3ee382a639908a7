/** A prepared home as the balance sees it. */
import type { PreparedHome } from '../schedule/preparedHome';
import { type ZoneCheck, CLEARING_SITTINGS, minutesAYear } from './zoneLoad';
import { zoneItems } from '../schedule/zoneItems';
import type { BalanceRoom, BalanceInput } from './balance';

/** Kinds of room that share pipes and caddy: they belong together where they lie in one zone already. */
const WET = ['bathroom', 'toilet'];

/** The balance of a prepared home, for a proposal. Wet rooms that share a zone now keep together. */
export function balanceInput(
	home: PreparedHome,
	check: ZoneCheck,
	clearing: ReadonlySet<string>
): BalanceInput {
	const place = new Map(home.home.zones.map((zone, i) => [zone.id, i]));
	const wetInZone = new Map<string, number>();
	for (const room of home.home.rooms)
		if (room.zone !== null && WET.includes(room.kind))
			wetInZone.set(room.zone, (wetInZone.get(room.zone) ?? 0) + 1);
	const items = home.home.zones.flatMap((zone) => zoneItems(home, zone.id));
	const rooms = home.home.rooms.flatMap((room): BalanceRoom[] => {
		const zone = place.get(room.zone ?? '');
		if (zone === undefined) return [];
		const visits = check.zones[zone]?.visits ?? 0;
		const minutes =
			visits === 0
				? 0
				: items
						.filter((job) => job.room === room.id)
						.reduce((sum, job) => sum + minutesAYear(job, visits), 0) / visits;
		const together = WET.includes(room.kind) && (wetInZone.get(room.zone as string) ?? 0) > 1;
		const likes = WET.includes(room.kind)
			? home.home.rooms.flatMap((other) => {
					const at = place.get(other.zone ?? '');
					return WET.includes(other.kind) && other.id !== room.id && at !== undefined ? [at] : [];
				})
			: [];
		return [{ id: room.id, zone, minutes, group: together ? `wet ${room.zone}` : undefined, likes }];
	});
	const { sittingMinutes } = home.home.household.rhythm;
	return {
		rooms,
		zones: check.zones.map((zone) => ({
			visits: zone.visits,
			capacity: Math.max(
				0,
				zone.capacity - (clearing.has(zone.zone) ? CLEARING_SITTINGS * sittingMinutes : 0)
			)
		}))
	};
}

/** Changes of zones and of their lists. */
import { freeId } from './library';
import { WEAVES, type Home, type Zone } from '../household/home';
import { type Effect, type Edit, refuse, finish, findZone, withLists } from './edit';

export function addZone(home: Home, name: string): Edit {
	if (home.zones.length >= WEAVES.length) return refuse({ code: 'too-many-zones' });
	const used = new Set(home.zones.map((zone) => zone.weave));
	const weave = WEAVES.find((one) => !used.has(one)) ?? WEAVES[0];
	const zone: Zone = {
		id: freeId(`zone-${name}`, new Set(home.zones.map((one) => one.id))),
		name,
		weave,
		list: [],
		orderBy: 'list'
	};
	return finish({ ...home, zones: [...home.zones, zone] });
}

/** A zone's name, its weave, how it picks, or the order of its list (which keeps the same items). */
export function changeZone(
	home: Home,
	zoneId: string,
	facts: Partial<Pick<Zone, 'name' | 'weave' | 'orderBy' | 'list'>>
): Edit {
	const zone = findZone(home, zoneId);
	if (!zone) return refuse({ code: 'unknown', what: 'zone', id: zoneId });
	const swapped = facts.weave !== undefined && home.zones.find((one) => one.weave === facts.weave);
	// A list that came from a page that was open for long keeps what is new meanwhile.
	const list =
		facts.list === undefined
			? zone.list
			: [
					...facts.list.filter((id, i) => zone.list.includes(id) && facts.list?.indexOf(id) === i),
					...zone.list.filter((id) => !facts.list?.includes(id))
				];
	return finish({
		...home,
		zones: home.zones.map((one) => {
			if (one.id === zoneId) return { ...one, ...facts, list };
			return swapped && one.id === swapped.id ? { ...one, weave: zone.weave } : one;
		})
	});
}

/** One place up or down among the zones. Their numbers follow their places. */
export function reorderZone(home: Home, zoneId: string, by: -1 | 1): Edit {
	const at = home.zones.findIndex((zone) => zone.id === zoneId);
	if (at < 0) return refuse({ code: 'unknown', what: 'zone', id: zoneId });
	const zones = [...home.zones];
	const [zone] = zones.splice(at, 1);
	if (!zone || at + by < 0 || at + by > zones.length) return refuse({ code: 'same' });
	zones.splice(at + by, 0, zone);
	return finish({ ...home, zones }, [{ code: 'numbers-shift' }]);
}

/** A zone that is no more; its rooms and items go to another one, or to none. */
export function retireZone(home: Home, zoneId: string, into: string | null): Edit {
	const zone = findZone(home, zoneId);
	if (!zone) return refuse({ code: 'unknown', what: 'zone', id: zoneId });
	const other = findZone(home, into);
	if (into !== null && (!other || into === zoneId))
		return refuse({ code: 'unknown', what: 'zone', id: into });
	const rooms = home.rooms.filter((room) => room.zone === zoneId);
	const { scheme } = home.household.rhythm;
	const moved = withLists(
		{ ...home, rooms: home.rooms.map((room) => (room.zone === zoneId ? { ...room, zone: into } : room)) },
		zone.list,
		into
	);
	const effects: Effect[] = [];
	if (rooms.length > 0) {
		effects.push(
			other
				? { code: 'rooms-move', count: rooms.length, to: other.name }
				: { code: 'rooms-without-zone', count: rooms.length }
		);
	}
	if (zone.list.length > 0)
		effects.push(
			other
				? { code: 'items-move', count: zone.list.length, from: zone.name, to: other.name }
				: { code: 'items-float', count: zone.list.length }
		);
	effects.push({ code: 'numbers-shift' }, { code: 'history-stays' });
	const byWeekday =
		scheme.type === 'weekdays'
			? Object.fromEntries(
					Object.entries(scheme.byWeekday).flatMap(([day, id]) =>
						id !== zoneId ? [[day, id]] : into === null ? [] : [[day, into]]
					)
				)
			: null;
	return finish(
		{
			...moved,
			zones: moved.zones.filter((one) => one.id !== zoneId),
			household: {
				...moved.household,
				rhythm: {
					...moved.household.rhythm,
					scheme: scheme.type === 'weekdays' && byWeekday ? { ...scheme, byWeekday } : scheme
				}
			}
		},
		effects
	);
}

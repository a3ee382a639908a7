/** Zones and rooms are changed. */
import { HOUSE_SAYS } from '$words/answers/home';
import { ROOM_KINDS, WEAVES, type Room } from '$core/household/home';
import { saveJob } from '$core/setup/editJobs';
import {
	addRoom,
	changeRoom,
	mergeRooms,
	moveRoom,
	moveRooms,
	reorderRoom,
	retireRoom
} from '$core/setup/editRooms';
import { addZone, changeZone, reorderZone, retireZone } from '$core/setup/editZones';
import { KIND_NAMES } from '$core/setup/steps';
import { judge } from '../ledger/entryActions';
import type { Asker } from '../ledger/whoMay';
import { editHome } from './editHome';

const zoneOrNone = (text: string) => (text === '' ? null : text);

/** The edits of House, by the name of the form's `op`. */
export async function editHouse(asker: Asker, form: FormData) {
	const household = asker.householdId;
	const op = String(form.get('op') ?? '');
	if (op === 'clutter') return judge(asker, form);
	return editHome(
		household,
		form,
		({ home, text, list }) => {
			const by = text('by') === '-1' ? -1 : 1;
			switch (op) {
				case 'moveRoom':
					return moveRoom(home, text('room'), zoneOrNone(text('zone')));
				case 'takeProposal': {
					const moves = list('move').map((one) => one.split('>'));
					return moveRooms(
						home,
						moves.map(([room, zone]) => ({ room: room ?? '', zone: zone ?? '' }))
					);
				}
				case 'addRoom': {
					const kind = ROOM_KINDS.find((one) => one === text('kind'));
					const storey = Number(text('storey'));
					if (!kind) return { field: 'kind', says: HOUSE_SAYS.chooseWhatKindOfRoom };
					if (!Number.isInteger(storey)) return { field: 'storey', says: HOUSE_SAYS.chooseOnWhichStoreyIt };
					return addRoom(
						home,
						{ name: text('name') || KIND_NAMES[kind], kind, storey },
						zoneOrNone(text('zone'))
					);
				}
				case 'changeRoom': {
					const kind = ROOM_KINDS.find((one) => one === text('kind'));
					const facts: Partial<Omit<Room, 'id' | 'zone'>> = { name: text('name') };
					if (kind) facts.kind = kind;
					if (text('storey') !== '' && Number.isInteger(Number(text('storey'))))
						facts.storey = Number(text('storey'));
					facts.seenByVisitors = text('seen') === 'on';
					return changeRoom(home, text('room'), facts);
				}
				case 'reorderRoom':
					return reorderRoom(home, text('room'), by);
				case 'mergeRooms':
					return mergeRooms(home, text('room'), text('into'));
				case 'retireRoom':
					return retireRoom(home, text('room'));
				case 'addZone':
					return text('name') === '' ? HOUSE_SAYS.giveTheZoneAName : addZone(home, text('name'));
				case 'changeZone': {
					const weave = WEAVES.find((one) => one === text('weave'));
					const orderBy = text('orderBy');
					return changeZone(home, text('zone'), {
						...(form.has('name') ? { name: text('name') } : {}),
						...(weave ? { weave } : {}),
						...(orderBy === 'list' || orderBy === 'need' ? { orderBy } : {}),
						...(form.has('item') ? { list: list('item') } : {})
					});
				}
				case 'reorderZone':
					return reorderZone(home, text('zone'), by);
				case 'retireZone':
					return retireZone(home, text('zone'), zoneOrNone(text('into')));
				case 'moveItem': {
					const zone = home.zones.find((one) => one.id === text('zone'));
					const at = zone?.list.indexOf(text('job')) ?? -1;
					if (!zone || at < 0) return HOUSE_SAYS.thatJobIsNotOn;
					const items = [...zone.list];
					const [item] = items.splice(at, 1);
					items.splice(Math.max(0, Math.min(items.length, at + by)), 0, item as string);
					return changeZone(home, zone.id, { list: items });
				}
				case 'every': {
					const job = home.jobs.find((one) => one.id === text('job'));
					if (!job || job.cadence.type !== 'zone') return HOUSE_SAYS.thatJobIsNotOn;
					return saveJob(home, { ...job, cadence: { type: 'zone', every: text('every') === '2' ? 2 : 1 } });
				}
				default:
					return HOUSE_SAYS.thatWasNotUnderstoodReload;
			}
		},
		({ home, text }) =>
			savedWords(
				op,
				home.rooms.find((room) => room.id === text('room'))?.name ?? '',
				home.zones.find((zone) => zone.id === text('zone'))?.name ?? ''
			)
	);
}

function savedWords(op: string, room: string, zone: string): string {
	switch (op) {
		case 'moveRoom':
			return zone ? HOUSE_SAYS.liesIn(room, zone) : HOUSE_SAYS.liesInNoZone(room);
		case 'takeProposal':
			return HOUSE_SAYS.theZonesAreEvener;
		case 'retireRoom':
			return HOUSE_SAYS.isRemoved(room);
		case 'retireZone':
			return HOUSE_SAYS.isRemoved2(zone);
		case 'mergeRooms':
			return HOUSE_SAYS.hasBecomePartOfAnother(room);
		default:
			return 'Kept.';
	}
}

/** Zones and rooms are changed. */
import { SAVED } from '$words/answers/general';
import { HOUSE_SAYS } from '$words/answers/home';
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
import { byFields } from '../fieldForms';
import { judge } from '../ledger/entryActions';
import type { Asker } from '../ledger/whoMay';
import { editHome } from './editHome';
import { newRoomForm, newZoneForm, roomForm, zoneForm } from './houseForms';

const zoneOrNone = (text: string) => (text === '' ? null : text);

/** The edits of House, by the name of the form's `op`. */
export async function editHouse(asker: Asker, form: FormData) {
	const op = String(form.get('op') ?? '');
	switch (op) {
		case 'clutter':
			return judge(asker, form);
		case 'addRoom':
			return addedRoom(asker.householdId, form);
		case 'changeRoom':
			return changedRoom(asker.householdId, form);
		case 'addZone':
			return addedZone(asker.householdId, form);
		case 'nameZone':
			return namedZone(asker.householdId, form);
		default:
			return pressed(asker.householdId, op, form);
	}
}

const saved = () => SAVED;

const addedRoom = (household: string, form: FormData) =>
	byFields(newRoomForm, form, ({ kind, name, storey, zone }) =>
		editHome(
			household,
			form,
			({ home }) =>
				addRoom(home, { name: name || KIND_NAMES[kind], kind, storey: Number(storey) }, zoneOrNone(zone)),
			saved
		)
	);

const changedRoom = (household: string, form: FormData) =>
	byFields(roomForm, form, ({ room, name, kind, storey, seen }) =>
		editHome(
			household,
			form,
			({ home }) =>
				changeRoom(home, room, {
					name,
					seenByVisitors: seen,
					...(kind ? { kind } : {}),
					...(storey === '' ? {} : { storey: Number(storey) })
				}),
			saved
		)
	);

const addedZone = (household: string, form: FormData) =>
	byFields(newZoneForm, form, ({ name }) =>
		editHome(household, form, ({ home }) => addZone(home, name), saved)
	);

const namedZone = (household: string, form: FormData) =>
	byFields(zoneForm, form, ({ zone, name, weave }) =>
		editHome(
			household,
			form,
			({ home }) => changeZone(home, zone, { name, ...(weave ? { weave } : {}) }),
			saved
		)
	);

/** What is pressed, and has no words of its own. */
function pressed(household: string, op: string, form: FormData) {
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
				case 'reorderRoom':
					return reorderRoom(home, text('room'), by);
				case 'mergeRooms':
					return mergeRooms(home, text('room'), text('into'));
				case 'retireRoom':
					return retireRoom(home, text('room'));
				case 'changeZone': {
					const orderBy = text('orderBy');
					return changeZone(home, text('zone'), {
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
			return SAVED;
	}
}

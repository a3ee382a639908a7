/** What House shows, and its edits: rooms, zones, their lists, and the proposal that evens them. */
import { v7 as uuidv7 } from 'uuid';
import { householdTime } from '$core/calendar/instant';
import type { PreparedHome } from '$core/household/history';
import {
	addRoom,
	changeRoom,
	mergeRooms,
	moveRoom,
	moveRooms,
	reorderRoom,
	retireRoom
} from '$core/household/editRooms';
import { addZone, changeZone, reorderZone, retireZone } from '$core/household/editZones';
import { saveJob } from '$core/household/editJobs';
import { ROOM_KINDS, WEAVES, type Room } from '$core/household/home';
import { balanceInput } from '$core/learning/balanceInput';
import { bestSingleMove, proposeMoves } from '$core/learning/balance';
import { checkZones, type ZoneCheck } from '$core/learning/zoneLoad';
import { effectiveEntries } from '$core/routine/line';
import type { HomeStanding } from '$core/routine/standing';
import { KIND_NAMES } from '$core/setup/steps';
import type { HouseView, HouseZone, ProposalView } from '$ui/house/view';
import { rhythmWords } from '$ui/rhythmWords';
import { listNames, numberWord, plural } from '$ui/words';
import { now } from '../clock';
import { reading } from '../db/pool';
import { loadHome, revisionOf } from '../store/homeStore';
import { loadStanding } from '../store/standingStore';
import { storeyName } from './beginView';
import { editHome } from './homeEdits';
import { missedWords } from './tags';
import { judge } from './entryActions';
import type { Asker } from './who';

/** The newest judgement of clutter of each zone. */
export function clutterNow(standing: HomeStanding): Map<string, HouseZone['clutter']> {
	const found = new Map<string, HouseZone['clutter']>();
	for (const entry of effectiveEntries(standing.home as never[]) as unknown as HomeStanding['home']) {
		if (entry.outcome === 'judgement') found.set(entry.zone, entry.clutter);
	}
	return found;
}

const notClear = (clutter: ReadonlyMap<string, HouseZone['clutter']>) =>
	new Set([...clutter].filter(([, one]) => one !== null && one !== 'clear').map(([zone]) => zone));

export async function loadHouse(
	household: string,
	query: { readonly room: string | null; readonly zone: string | null }
): Promise<HouseView> {
	const [home, standing, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await loadStanding(db, household), await revisionOf(db, household)] as const;
	});
	const { date: today } = householdTime(now(), home.home.household);
	const clutter = clutterNow(standing);
	const clearing = notClear(clutter);
	const check = checkZones(home, today, clearing);
	const hasZones = home.rotation.scheme.type !== 'none' && home.home.zones.length > 0;
	const proposal = hasZones ? proposalOf(home, check, clearing) : null;
	const nextOf = new Map(
		proposal?.moves.map((move) => [move.room, home.zoneById.get(move.zone)?.weave ?? null]) ?? []
	);
	const numberOf = new Map(home.home.zones.map((zone, i) => [zone.id, i + 1]));
	const rooms = [...home.home.rooms]
		.sort((a, b) => b.storey - a.storey || a.walkOrder - b.walkOrder)
		.map((room) => {
			const jobs = home.home.jobs.filter((job) => job.room === room.id);
			return {
				id: room.id,
				name: room.name,
				kind: room.kind,
				kindName: KIND_NAMES[room.kind],
				storey: room.storey,
				storeyName: storeyName(room.storey),
				minutes: jobs.reduce((sum, job) => sum + job.depths.usual.minutes, 0),
				zone: room.zone,
				weave: home.zoneById.get(room.zone ?? '')?.weave ?? null,
				number: numberOf.get(room.zone ?? '') ?? null,
				next: nextOf.get(room.id) ?? null,
				jobs: jobs.length
			};
		});
	const zones = home.home.zones.map((zone, i) => zoneView(home, check, clutter, zone.id, i));
	const chosenRoom = rooms.find((room) => room.id === query.room) ?? null;
	const chosenZone = zones.find((zone) => zone.id === query.zone) ?? null;
	return {
		revision,
		formId: uuidv7(),
		household: home.home.household.name,
		summary: `${numberWord(rooms.length)} ${plural(rooms.length, 'room')}, ${home.home.zones.length === 0 ? 'no zones' : `${numberWord(home.home.zones.length).toLowerCase()} ${plural(home.home.zones.length, 'zone')}`}.`,
		cat: home.home.pets[0]?.kind ?? null,
		rooms,
		zones,
		hasZones,
		proposal,
		missed: missedWords(home, check.missed),
		room: chosenRoom
			? {
					...chosenRoom,
					seen: home.roomById.get(chosenRoom.id)?.seenByVisitors ?? false,
					jobList: home.home.jobs
						.filter((job) => job.room === chosenRoom.id)
						.map((job) => ({
							id: job.id,
							name: job.name,
							rhythm: rhythmWords(job),
							minutes: job.depths.usual.minutes,
							layer: job.layer
						}))
				}
			: null,
		zone: chosenZone ? zoneDetail(home, check, chosenZone) : null,
		kinds: ROOM_KINDS.map((kind) => ({ kind, name: KIND_NAMES[kind] })),
		storeys: [...new Set([...rooms.map((room) => room.storey), 2, 1, 0, -1])]
			.sort((a, b) => b - a)
			.map((storey) => ({ storey, name: storeyName(storey) })),
		weaves: [...WEAVES]
	};
}

function zoneView(
	home: PreparedHome,
	check: ZoneCheck,
	clutter: ReadonlyMap<string, HouseZone['clutter']>,
	id: string,
	i: number
): HouseZone {
	const zone = home.zoneById.get(id);
	const balance = check.zones[i];
	const visits = Math.max(1, balance?.visits ?? 1);
	const asked = Math.round((balance?.load ?? 0) / visits);
	const held = Math.round((balance?.capacity ?? 0) / visits);
	const over = asked - held;
	const ratio = balance?.ratio ?? 0;
	return {
		id,
		number: i + 1,
		name: zone?.name ?? id,
		weave: zone?.weave ?? 'stripe',
		asked,
		held,
		words:
			(balance?.visits ?? 0) === 0
				? 'has no week'
				: over > 0
					? `${over} min over`
					: `${asked} of ${held} min`,
		heavy: over > 0 || ratio === Infinity,
		tilt: ratio === Infinity ? -1 : Math.max(-1, Math.min(1, (1 - ratio) * 1.4)),
		clutter: clutter.get(id) ?? null,
		rooms: home.home.rooms
			.filter((room) => room.zone === id)
			.sort((a, b) => a.walkOrder - b.walkOrder)
			.map((room) => ({ id: room.id, name: room.name }))
	};
}

function zoneDetail(home: PreparedHome, check: ZoneCheck, view: HouseZone): NonNullable<HouseView['zone']> {
	const zone = home.zoneById.get(view.id);
	const balance = check.zones[view.number - 1];
	return {
		...view,
		orderBy: zone?.orderBy ?? 'list',
		days: balance?.days ?? 0,
		visits: balance?.visits ?? 0,
		items: (zone?.list ?? []).flatMap((id) => {
			const job = home.jobById.get(id);
			if (job?.cadence.type !== 'zone') return [];
			return [
				{
					id,
					name: job.name,
					room: home.roomById.get(job.room)?.name ?? '',
					minutes: job.depths.usual.minutes,
					every: job.cadence.every,
					season: job.season ?? []
				}
			];
		})
	};
}

/** The proposal as a label: which rooms move, and what the fullest zones come to. */
function proposalOf(
	home: PreparedHome,
	check: ZoneCheck,
	clearing: ReadonlySet<string>
): ProposalView | null {
	const input = balanceInput(home, check, clearing);
	const whole = proposeMoves(input);
	// A label for a hair's breadth helps nobody: a zone has to be too heavy, or much to be gained.
	const gain = whole.before - whole.after;
	if (whole.moves.length === 0 || (whole.before <= 1 && gain < 0.2)) return null;
	// One room at a time, where one does most of what all would.
	const one = whole.moves.length > 1 ? bestSingleMove(input) : null;
	const enough =
		one !== null && ((whole.before > 1 && one.after <= 1) || whole.before - one.after >= 0.6 * gain);
	const proposal = enough ? one : whole;
	const zones = home.home.zones;
	const moves = proposal.moves.map((move) => ({ room: move.room, zone: zones[move.to]?.id ?? '' }));
	const placed = new Map(moves.map((move) => [move.room, move.zone]));
	const perVisit = (zone: string, after: boolean) =>
		Math.round(
			input.rooms.reduce((sum, room) => {
				const at = after ? (placed.get(room.id) ?? zones[room.zone]?.id) : zones[room.zone]?.id;
				return at === zone ? sum + room.minutes : sum;
			}, 0)
		);
	const touched = [...new Set(proposal.moves.flatMap((move) => [move.from, move.to]))].slice(0, 3);
	const text = touched
		.map((i) => {
			const zone = zones[i];
			if (!zone) return '';
			const [was, will] = [perVisit(zone.id, false), perVisit(zone.id, true)];
			return `${zone.name} ${will < was ? 'drops' : 'rises'} to ${will}`;
		})
		.filter(Boolean);
	const names = moves.map((move) => home.roomById.get(move.room)?.name ?? move.room);
	const [first] = moves;
	const title =
		moves.length === 1 && first
			? `Move the ${names[0]} to zone ${zones.findIndex((zone) => zone.id === first.zone) + 1}`
			: `Move ${listNames(names.slice(0, 3))}${names.length > 3 ? ` and ${names.length - 3} more` : ''}`;
	const own = proposal.moves.every((move) =>
		input.rooms.find((room) => room.id === move.room)?.likes?.includes(move.to)
	);
	return {
		title,
		text: `${text.join(', ')} minutes a visit.${own ? ' They share the same pipes and caddy.' : ''}`,
		moves
	};
}

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
					if (!kind) return 'Choose what kind of room it is.';
					if (!Number.isInteger(storey)) return 'Choose on which storey it lies.';
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
					return text('name') === '' ? 'Give the zone a name.' : addZone(home, text('name'));
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
					if (!zone || at < 0) return 'That job is not on this list any more. Reload the page.';
					const items = [...zone.list];
					const [item] = items.splice(at, 1);
					items.splice(Math.max(0, Math.min(items.length, at + by)), 0, item as string);
					return changeZone(home, zone.id, { list: items });
				}
				case 'every': {
					const job = home.jobs.find((one) => one.id === text('job'));
					if (!job || job.cadence.type !== 'zone')
						return 'That job is not on this list any more. Reload the page.';
					return saveJob(home, { ...job, cadence: { type: 'zone', every: text('every') === '2' ? 2 : 1 } });
				}
				default:
					return 'That was not understood. Reload the page and try again.';
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
			return zone ? `${room} lies in ${zone}.` : `${room} lies in no zone.`;
		case 'takeProposal':
			return 'The zones are evener.';
		case 'retireRoom':
			return `${room} is retired.`;
		case 'retireZone':
			return `${zone} is retired.`;
		case 'mergeRooms':
			return `${room} has become part of another room.`;
		default:
			return 'Kept.';
	}
}

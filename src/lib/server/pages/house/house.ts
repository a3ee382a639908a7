/** What House shows, and its edits: rooms, zones, their lists, and the proposal that evens them. */
import { roomMinutesAWeek } from '$core/setup/fitWeek';
import { HOUSE_SAYS } from '$words/answers/house';
import { householdTime } from '$core/calendar/instant';
import { LAYERS, ROOM_KINDS, WEAVES } from '$core/household/home';
import { bestSingleMove, proposeMoves } from '$core/learning/balance';
import { balanceInput } from '$core/learning/balanceInput';
import { checkZones, type ZoneCheck } from '$core/learning/zoneLoad';
import type { PreparedHome } from '$core/schedule/preparedHome';
import { zoneItems } from '$core/schedule/zoneItems';
import type { HomeProjection } from '$core/schedule/projection';
import { effectiveEntries } from '$core/schedule/series';
import { KIND_NAMES } from '$core/setup/steps';
import type { HouseView, HouseZone, ProposalView } from '$views/house';
import { listNames, numberWord, plural } from '$words/general';
import { rhythmWords } from '$words/recurrence';
import { v7 as uuidv7 } from 'uuid';
import { now } from '../../clock';
import { reading } from '../../db/pool';
import { loadHome } from '../../repo/homeRepo';
import { revisionOf } from '../../repo/homeRows';
import { loadProjection } from '../../repo/projectionRepo';
import { storeyName } from '../setup/loadBegin';
import { missedWords } from '../today/jobRows';

/** The newest judgement of clutter of each zone. */
export function clutterNow(projection: HomeProjection): Map<string, HouseZone['clutter']> {
	const found = new Map<string, HouseZone['clutter']>();
	for (const entry of effectiveEntries(projection.home as never[]) as unknown as HomeProjection['home']) {
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
	const [home, projection, revision] = await reading(async (db) => {
		const prepared = await loadHome(db, household);
		if (!prepared) throw new RangeError(`no household ${household}`);
		return [prepared, await loadProjection(db, household), await revisionOf(db, household)] as const;
	});
	const { date: today } = householdTime(now(), home.home.household);
	const clutter = clutterNow(projection);
	const clearing = notClear(clutter);
	const check = checkZones(home, today, clearing);
	const hasZones = home.rotation.scheme.type !== 'none' && home.home.zones.length > 0;
	const proposal = hasZones ? proposalOf(home, check, clearing) : null;
	const nextOf = new Map(
		proposal?.moves.map((move) => [move.room, home.zoneById.get(move.zone)?.weave ?? null]) ?? []
	);
	const numberOf = new Map(home.home.zones.map((zone, i) => [zone.id, i + 1]));
	const rooms = [...home.rooms]
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
				jobs: jobs.length,
				minutesAWeek: roomMinutesAWeek(home.home, room.id)
			};
		});
	const zones = home.home.zones.map((zone, i) => zoneView(home, check, clutter, zone.id, i));
	const chosenRoom = rooms.find((room) => room.id === query.room) ?? null;
	const chosenZone = zones.find((zone) => zone.id === query.zone) ?? null;
	return {
		revision,
		formId: uuidv7(),
		household: home.home.household.name,
		layersOff: LAYERS.filter((layer) => !home.home.household.layers.includes(layer)),
		summary: `${numberWord(rooms.length)} ${plural(rooms.length, 'room')}, ${home.home.zones.length === 0 ? HOUSE_SAYS.noZones : `${numberWord(home.home.zones.length).toLowerCase()} ${plural(home.home.zones.length, 'zone')}`}.`,
		cat: home.home.pets[0]?.kind ?? null,
		rooms,
		zones,
		hasZones,
		proposal,
		missed: missedWords(home, check.missed, today),
		room: chosenRoom
			? {
					...chosenRoom,
					ownName: home.home.rooms.find((one) => one.id === chosenRoom.id)?.name ?? chosenRoom.name,
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
				? HOUSE_SAYS.hasNoWeek
				: balance?.load === 0
					? HOUSE_SAYS.noJobs(held)
					: HOUSE_SAYS.minNeeded(asked, held),
		heavy: over > 0 || ratio === Infinity,
		tilt: ratio === Infinity ? -1 : Math.max(-1, Math.min(1, (1 - ratio) * 1.4)),
		clutter: clutter.get(id) ?? null,
		rooms: home.rooms
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
		ofRooms: zoneItems(home, view.id)
			.filter((job) => job.cadence.type !== 'zone')
			.map((job) => ({
				id: job.id,
				name: job.name,
				room: home.roomById.get(job.room)?.name ?? '',
				minutes: job.depths.usual.minutes,
				rhythm: rhythmWords(job)
			})),
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
			? HOUSE_SAYS.moveTheToZone(names[0] ?? '', zones.findIndex((zone) => zone.id === first.zone) + 1)
			: HOUSE_SAYS.move(
					listNames(names.slice(0, 3)),
					names.length > 3 ? ` and ${names.length - 3} more` : ''
				);
	const own = proposal.moves.every((move) =>
		input.rooms.find((room) => room.id === move.room)?.likes?.includes(move.to)
	);
	return {
		title,
		text: `${text.join(', ')} minutes a visit.${own ? HOUSE_SAYS.theyShareTheSamePipes : ''}`,
		moves
	};
}

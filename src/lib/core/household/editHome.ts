/**
 * Changes of a home: plain functions from a home to the next one, with what the change does to lists and
 * history as facts, to be said beforehand. Nothing here looks at the ledger: what was done stays done.
 */
import { isoOf, type CivilDay } from '../calendar/civil';
import { freeId, jobForRoom, type LibraryJob } from '../setup/library';
import { spreadFirstDays } from '../setup/spread';
import { LAYERS, readHome, WEAVES, type Home, type Job, type Layer, type Room, type Zone } from './home';
import type { Problem } from './problems';

/** What a change does beside itself. */
export type Effect =
	| { readonly code: 'items-move'; readonly count: number; readonly from: string; readonly to: string }
	| { readonly code: 'items-float'; readonly count: number }
	| { readonly code: 'jobs-retire'; readonly count: number; readonly names: readonly string[] }
	| { readonly code: 'jobs-move'; readonly count: number; readonly to: string }
	| { readonly code: 'rooms-without-zone'; readonly count: number }
	| { readonly code: 'rooms-move'; readonly count: number; readonly to: string }
	| { readonly code: 'numbers-shift' }
	| { readonly code: 'history-stays' }
	| { readonly code: 'passes-begin-anew'; readonly zone: string };

export type EditRefusal =
	| { readonly code: 'unknown'; readonly what: 'room' | 'zone' | 'job' | 'member'; readonly id: string }
	| { readonly code: 'last-room' }
	| { readonly code: 'too-many-zones' }
	| { readonly code: 'same' }
	| { readonly code: 'has-it'; readonly room: string }
	| { readonly code: 'problems'; readonly problems: readonly Problem[] };

export type Edit =
	| { readonly ok: true; readonly home: Home; readonly effects: readonly Effect[] }
	| { readonly ok: false; readonly refusal: EditRefusal };

const refuse = (refusal: EditRefusal): Edit => ({ ok: false, refusal });

/** Lets a changed home through the schema again: the one judge of what a home may be. */
function finish(home: Home, effects: readonly Effect[] = []): Edit {
	const read = readHome(home);
	return read.ok
		? { ok: true, home: read.home, effects }
		: refuse({ code: 'problems', problems: read.problems });
}

const findZone = (home: Home, id: string | null) => home.zones.find((zone) => zone.id === id);
const zoneItemsOf = (home: Home, rooms: ReadonlySet<string>) =>
	home.jobs.filter((job) => job.cadence.type === 'zone' && rooms.has(job.room)).map((job) => job.id);

/** A zone's item that has no zone any more comes so many days after it was last done instead. */
const floatItem = (job: Job): Job => ({
	...job,
	cadence: { type: 'afterDone', min: 60, max: 90 },
	missRule: 'stays'
});

function withLists(home: Home, moving: readonly string[], to: string | null): Home {
	const items = new Set(moving);
	return {
		...home,
		zones: home.zones.map((zone) => {
			const rest = zone.list.filter((id) => !items.has(id));
			return zone.id === to ? { ...zone, list: [...rest, ...moving] } : { ...zone, list: rest };
		}),
		jobs: to === null ? home.jobs.map((job) => (items.has(job.id) ? floatItem(job) : job)) : home.jobs
	};
}

/** Puts a room into a zone, or into none; its items go to the end of that zone's list. */
export function moveRoom(home: Home, roomId: string, zoneId: string | null): Edit {
	const room = home.rooms.find((one) => one.id === roomId);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	const to = findZone(home, zoneId);
	if (zoneId !== null && !to) return refuse({ code: 'unknown', what: 'zone', id: zoneId });
	if (room.zone === zoneId) return refuse({ code: 'same' });
	const items = zoneItemsOf(home, new Set([roomId]));
	const moved = withLists(
		{ ...home, rooms: home.rooms.map((one) => (one.id === roomId ? { ...one, zone: zoneId } : one)) },
		items,
		zoneId
	);
	const effects: Effect[] = [];
	if (items.length > 0 && to)
		effects.push({
			code: 'items-move',
			count: items.length,
			from: findZone(home, room.zone)?.name ?? '',
			to: to.name
		});
	if (items.length > 0 && !to) effects.push({ code: 'items-float', count: items.length });
	effects.push({ code: 'history-stays' });
	return finish(moved, effects);
}

/** Several rooms at once, as a proposal has them. */
export function moveRooms(home: Home, moves: readonly { room: string; zone: string }[]): Edit {
	let current: Edit = { ok: true, home, effects: [] };
	const effects: Effect[] = [];
	for (const { room, zone } of moves) {
		if (!current.ok) return current;
		current = moveRoom(current.home, room, zone);
		if (current.ok) effects.push(...current.effects.filter((effect) => effect.code !== 'history-stays'));
	}
	return current.ok ? { ...current, effects: [...effects, { code: 'history-stays' }] } : current;
}

/** Changes facts of a room: its name, kind, storey, what it is made of, whose it is. */
export function changeRoom(home: Home, roomId: string, facts: Partial<Omit<Room, 'id' | 'zone'>>): Edit {
	if (!home.rooms.some((room) => room.id === roomId))
		return refuse({ code: 'unknown', what: 'room', id: roomId });
	return finish({
		...home,
		rooms: home.rooms.map((room) => (room.id === roomId ? { ...room, ...facts } : room))
	});
}

export function addRoom(home: Home, room: Pick<Room, 'name' | 'kind' | 'storey'>, zone: string | null): Edit {
	if (zone !== null && !findZone(home, zone)) return refuse({ code: 'unknown', what: 'zone', id: zone });
	const below = home.rooms.filter((one) => one.storey >= room.storey);
	const walkOrder = below.length === 0 ? 0 : Math.max(...below.map((one) => one.walkOrder)) + 1;
	const made: Room = {
		...room,
		id: freeId(room.name, new Set(home.rooms.map((one) => one.id))),
		walkOrder,
		seenByVisitors: ['hall', 'living', 'dining', 'toilet'].includes(room.kind),
		zone,
		surfaces: [],
		owners: [],
		sheds: []
	};
	return finish({
		...home,
		rooms: [
			...home.rooms.map((one) =>
				one.walkOrder >= walkOrder ? { ...one, walkOrder: one.walkOrder + 1 } : one
			),
			made
		]
	});
}

/** One place up or down in the walk through the house. */
export function reorderRoom(home: Home, roomId: string, by: -1 | 1): Edit {
	const walk = [...home.rooms].sort((a, b) => a.walkOrder - b.walkOrder);
	const at = walk.findIndex((room) => room.id === roomId);
	if (at < 0) return refuse({ code: 'unknown', what: 'room', id: roomId });
	const other = walk[at + by];
	if (!other) return refuse({ code: 'same' });
	const order = walk.map((room) => room.id);
	order[at] = other.id;
	order[at + by] = roomId;
	return finish({
		...home,
		rooms: home.rooms.map((room) => ({ ...room, walkOrder: order.indexOf(room.id) }))
	});
}

/** Takes jobs out of a home: off lists and covers. Their past stays in the ledger. */
function withoutJobs(home: Home, gone: ReadonlySet<string>): Home {
	return {
		...home,
		zones: home.zones.map((zone) => ({ ...zone, list: zone.list.filter((id) => !gone.has(id)) })),
		jobs: home.jobs
			.filter((job) => !gone.has(job.id))
			.map((job) => ({ ...job, covers: job.covers.filter((id) => !gone.has(id)) }))
	};
}

const retiring = (jobs: readonly Job[]): Effect[] =>
	jobs.length === 0
		? []
		: [{ code: 'jobs-retire', count: jobs.length, names: jobs.slice(0, 4).map((job) => job.name) }];

/** Steps of other jobs that named a room that is gone are done in those jobs' own rooms. */
const withoutRoomSteps = (job: Job, room: string): Job => {
	const clean = (depth: Job['depths']['usual'] | undefined) =>
		depth && {
			...depth,
			steps: depth.steps.map((step) => {
				if (step.room !== room) return step;
				const { room: _room, ...rest } = step;
				return rest;
			})
		};
	const { quick, usual, deep } = job.depths;
	return {
		...job,
		depths: {
			...(quick ? { quick: clean(quick) } : {}),
			usual: clean(usual) as Job['depths']['usual'],
			...(deep ? { deep: clean(deep) } : {})
		}
	};
};

/** A room that is no more, with its jobs. */
export function retireRoom(home: Home, roomId: string): Edit {
	if (!home.rooms.some((room) => room.id === roomId))
		return refuse({ code: 'unknown', what: 'room', id: roomId });
	if (home.rooms.length === 1) return refuse({ code: 'last-room' });
	const jobs = home.jobs.filter((job) => job.room === roomId);
	const rest = withoutJobs(home, new Set(jobs.map((job) => job.id)));
	return finish(
		{
			...rest,
			rooms: rest.rooms.filter((room) => room.id !== roomId),
			jobs: rest.jobs.map((job) => withoutRoomSteps(job, roomId))
		},
		[...retiring(jobs), { code: 'history-stays' }]
	);
}

/** One room becomes part of another: its jobs move, those that are there already retire. */
export function mergeRooms(home: Home, fromId: string, intoId: string): Edit {
	const from = home.rooms.find((room) => room.id === fromId);
	const into = home.rooms.find((room) => room.id === intoId);
	if (!from) return refuse({ code: 'unknown', what: 'room', id: fromId });
	if (!into) return refuse({ code: 'unknown', what: 'room', id: intoId });
	if (fromId === intoId) return refuse({ code: 'same' });
	const there = new Set(home.jobs.filter((job) => job.room === intoId).map((job) => job.library ?? job.name));
	const moving = home.jobs.filter((job) => job.room === fromId);
	const twice = moving.filter((job) => there.has(job.library ?? job.name));
	const rest = withoutJobs(home, new Set(twice.map((job) => job.id)));
	const staying = moving.filter((job) => !twice.includes(job));
	const items = staying.filter((job) => job.cadence.type === 'zone').map((job) => job.id);
	const moved: Home = {
		...rest,
		rooms: rest.rooms.filter((room) => room.id !== fromId),
		jobs: rest.jobs
			.map((job) => (job.room === fromId ? { ...job, room: intoId } : job))
			.map((job) => withoutRoomSteps(job, fromId))
	};
	const effects: Effect[] = [...retiring(twice)];
	if (staying.length > 0) effects.push({ code: 'jobs-move', count: staying.length, to: into.name });
	if (into.zone === null && items.length > 0) effects.push({ code: 'items-float', count: items.length });
	effects.push({ code: 'history-stays' });
	return finish(from.zone === into.zone ? moved : withLists(moved, items, into.zone), effects);
}

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

/** Puts a job in, or in the place of the one with its id; an item stands on the list of its room's zone. */
export function saveJob(home: Home, job: Job): Edit {
	const room = home.rooms.find((one) => one.id === job.room);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: job.room });
	const before = home.jobs.find((one) => one.id === job.id);
	const isItem = job.cadence.type === 'zone';
	const zones = home.zones.map((zone) => {
		const has = zone.list.includes(job.id);
		const should = isItem && zone.id === room.zone;
		if (has && !should) return { ...zone, list: zone.list.filter((id) => id !== job.id) };
		return !has && should ? { ...zone, list: [...zone.list, job.id] } : zone;
	});
	return finish({
		...home,
		zones,
		jobs: before ? home.jobs.map((one) => (one.id === job.id ? job : one)) : [...home.jobs, job]
	});
}

/** A job from the library into a room; its first day is found among what is there. */
export function addFromLibrary(home: Home, library: LibraryJob, roomId: string, today: CivilDay): Edit {
	const room = home.rooms.find((one) => one.id === roomId);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	if (home.jobs.some((job) => job.library === library.id && job.room === roomId))
		return refuse({ code: 'has-it', room: room.name });
	const made = jobForRoom(library, room, new Set(home.jobs.map((job) => job.id)));
	const fitted =
		made.cadence.type === 'zone' && (room.zone === null || home.household.rhythm.scheme.type === 'none')
			? floatItem(made)
			: made;
	const [job] = spreadFirstDays([fitted], home.jobs, today, home.household);
	return saveJob(home, job as Job);
}

/** The same job for another room, from today on. */
export function copyJob(home: Home, jobId: string, roomId: string, today: CivilDay): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	const room = home.rooms.find((one) => one.id === roomId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	if (job.room === roomId) return refuse({ code: 'has-it', room: room.name });
	const id = freeId(`${job.library ?? job.id}-${roomId}`, new Set(home.jobs.map((one) => one.id)));
	const copy: Job = withoutRoomSteps({ ...job, id, room: roomId, covers: [] }, job.room);
	const fitted = copy.cadence.type === 'zone' && room.zone === null ? floatItem(copy) : copy;
	const [placed] = spreadFirstDays([fitted], home.jobs, today, home.household);
	return saveJob(home, placed as Job);
}

/** A job that is no more. What was done of it stays in the ledger. */
export function retireJob(home: Home, jobId: string): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	return finish(withoutJobs(home, new Set([jobId])), [{ code: 'history-stays' }]);
}

/** Changes of the household: its name, week, rhythm, minutes a day. */
export function changeHousehold(home: Home, facts: Partial<Home['household']>): Edit {
	const { scheme } = home.household.rhythm;
	const next = facts.rhythm?.scheme;
	const effects: Effect[] = [];
	if (next && JSON.stringify(next) !== JSON.stringify(scheme)) effects.push({ code: 'history-stays' });
	return finish({ ...home, household: { ...home.household, ...facts } }, effects);
}

/**
 * Switches a layer on or off from `today`. Jobs of a layer that comes on begin then, their first dates spread
 * over one interval of each; those of a layer that goes off keep their past and ask nothing.
 */
export function switchLayer(home: Home, layer: Layer, on: boolean, today: CivilDay): Edit {
	const has = home.household.layers.includes(layer);
	if (has === on) return refuse({ code: 'same' });
	const layers = LAYERS.filter((one) => (one === layer ? on : home.household.layers.includes(one)));
	const household = { ...home.household, layers };
	if (!on) return finish({ ...home, household }, [{ code: 'history-stays' }]);
	const mine = home.jobs.filter((job) => job.layer === layer);
	const running = home.jobs.filter((job) => home.household.layers.includes(job.layer));
	const spread = new Map(spreadFirstDays(mine, running, today, household).map((job) => [job.id, job]));
	return finish({ ...home, household, jobs: home.jobs.map((job) => spread.get(job.id) ?? job) });
}

/** For any job: "last done about …" instead of a spread first date. Floating jobs count from it. */
export function lastDoneAbout(home: Home, jobId: string, day: CivilDay): Edit {
	const job = home.jobs.find((one) => one.id === jobId);
	if (!job) return refuse({ code: 'unknown', what: 'job', id: jobId });
	if (job.cadence.type !== 'afterDone') return refuse({ code: 'same' });
	return saveJob(home, { ...job, startsOn: isoOf((day + job.cadence.max) as CivilDay) });
}

/** Changes of rooms: moved, added, renamed, put in order, merged, retired. */
import { freeId } from './library';
import type { Home, Job, Room } from '../household/home';
import { type Effect, type Edit, refuse, finish, findZone, withLists, withoutJobs, retiring } from './edit';
import { withinNeeds } from '../household/stepTools';

const zoneItemsOf = (home: Home, rooms: ReadonlySet<string>) =>
	home.jobs.filter((job) => job.cadence.type === 'zone' && rooms.has(job.room)).map((job) => job.id);

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

/** A job where it is done in another room: a tool that is for one room only stays where it is. Rules: "Kits". */
export const withToolsFor = (home: Pick<Home, 'cupboard'>, job: Job): Job => {
	const elsewhere = new Set(
		home.cupboard.tools
			.filter((tool) => tool.boundTo !== undefined && tool.boundTo !== job.room)
			.map((tool) => tool.id)
	);
	return job.things.some((id) => elsewhere.has(id))
		? withinNeeds({ ...job, things: job.things.filter((id) => !elsewhere.has(id)) })
		: job;
};

/** Steps that named a room that is gone are done in the one that it became part of, else in the job's own. */
export const withoutRoomSteps = (job: Job, room: string, into: string | null = null): Job => {
	const clean = (depth: Job['depths']['usual'] | undefined) =>
		depth && {
			...depth,
			steps: depth.steps.map((step) => {
				if (step.room !== room) return step;
				const { room: _room, ...rest } = step;
				return into === null || into === job.room ? rest : { ...rest, room: into };
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

/** Another job where a room is no more: its steps, and the rooms that it covers, with the one that it became part of for it. */
export function withoutRoom(job: Job, room: string, into: string | null): Job {
	const rooms = [...new Set(job.rooms.flatMap((one) => (one === room ? (into ?? []) : one)))];
	return { ...withoutRoomSteps(job, room, into), rooms: rooms.filter((one) => one !== job.room) };
}

/**
 * The cupboard where a room is no more: kits and tools that were for it are for the one that it became part of, or
 * where there is none, a tool is for no single room any more, and leaves the kits that are carried about.
 */
export function cupboardWithoutRoom(
	cupboard: Home['cupboard'],
	room: string,
	into: string | null
): Home['cupboard'] {
	const freed = new Set(
		into === null ? cupboard.tools.filter((tool) => tool.boundTo === room).map((tool) => tool.id) : []
	);
	return {
		...cupboard,
		tools: cupboard.tools.map((tool) => {
			if (tool.boundTo !== room) return tool;
			const { boundTo: _boundTo, ...rest } = tool;
			return into === null ? rest : { ...rest, boundTo: into };
		}),
		kits: cupboard.kits.map((kit) => {
			if (!kit.rooms.includes(room)) return kit;
			const rooms = [...new Set(kit.rooms.flatMap((one) => (one === room ? (into ?? []) : one)))];
			// A kit that was for this room alone would be for the whole home: what was bound stays out of it.
			return { ...kit, rooms, contents: kit.contents.filter((id) => rooms.length > 0 || !freed.has(id)) };
		})
	};
}

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
			cupboard: cupboardWithoutRoom(rest.cupboard, roomId, null),
			jobs: rest.jobs.map((job) => withoutRoom(job, roomId, null))
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
	const there = new Set(home.jobs.flatMap((job) => (job.room === intoId ? (job.library ?? []) : [])));
	const moving = home.jobs.filter((job) => job.room === fromId);
	// What is the same work the library tells; two jobs that are merely called alike are two.
	const twice = moving.filter((job) => job.library !== undefined && there.has(job.library));
	const rest = withoutJobs(home, new Set(twice.map((job) => job.id)));
	const staying = moving.filter((job) => !twice.includes(job));
	const items = staying.filter((job) => job.cadence.type === 'zone').map((job) => job.id);
	const moved: Home = {
		...rest,
		rooms: rest.rooms.filter((room) => room.id !== fromId),
		cupboard: cupboardWithoutRoom(rest.cupboard, fromId, intoId),
		jobs: rest.jobs
			.map((job) => (job.room === fromId ? { ...job, room: intoId } : job))
			.map((job) => withoutRoom(job, fromId, intoId))
	};
	const effects: Effect[] = [...retiring(twice)];
	if (staying.length > 0) effects.push({ code: 'jobs-move', count: staying.length, to: into.name });
	if (into.zone === null && items.length > 0) effects.push({ code: 'items-float', count: items.length });
	effects.push({ code: 'history-stays' });
	return finish(from.zone === into.zone ? moved : withLists(moved, items, into.zone), effects);
}

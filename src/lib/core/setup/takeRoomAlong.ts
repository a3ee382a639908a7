/**
 * A room goes along to another home, as when a family moves house: its jobs as they are, and what was done in it.
 * Nothing changes in the home that it comes from. Rules: "A room that goes along".
 */
import type { LedgerEntry } from '../household/entry';
import type { Home, Job, Room } from '../household/home';
import { finish, floatItem, refuse, type Edit } from './edit';
import { freeId } from './library';
import { withinNeeds } from '../household/stepTools';

/** The ids that things of the home they come from have in the other one; what is not named stays behind. */
export interface RoomAlong {
	readonly room: { readonly from: string; readonly to: string };
	readonly jobs: ReadonlyMap<string, string>;
	readonly members: ReadonlyMap<string, string>;
}

export type TakenAlong = Edit & { readonly along?: RoomAlong };

/**
 * Who is who in two homes, by their ids: by the address that opens both (`emails`, of each home by member), else by id,
 * role and birthday. Nobody stands for two. Rules: "A room that goes along".
 */
export function sameMembers(
	from: Home,
	into: Home,
	emails: { readonly from: ReadonlyMap<string, string>; readonly into: ReadonlyMap<string, string> }
): Map<string, string> {
	const byEmail = new Map([...emails.into].map(([member, email]) => [email, member]));
	const found = new Map<string, string>();
	for (const member of from.members) {
		const same = byEmail.get(emails.from.get(member.id) ?? '');
		if (same !== undefined && into.members.some((one) => one.id === same)) found.set(member.id, same);
	}
	const taken = new Set(found.values());
	for (const member of from.members) {
		if (found.has(member.id) || taken.has(member.id)) continue;
		const same = into.members.find((one) => one.id === member.id);
		if (same?.role === member.role && same.bornOn === member.bornOn) found.set(member.id, same.id);
	}
	return found;
}

type Depths = Job['depths'];

/**
 * The same steps, in the room that came along; what was done in another room is done in it as well. The bottles stay
 * where they are: a step keeps what kind of product it needs.
 */
function stepsAlong(depths: Depths, room: RoomAlong['room']): Depths {
	const moved = (depth: Depths['usual']) => ({
		...depth,
		steps: depth.steps.map(({ room: where, ...step }) => ({
			...step,
			...(where === room.from ? { room: room.to } : {}),
			products: step.products.map(({ product: _product, ...use }) => use)
		}))
	});
	return {
		...(depths.quick ? { quick: moved(depths.quick) } : {}),
		usual: moved(depths.usual),
		...(depths.deep ? { deep: moved(depths.deep) } : {})
	};
}

/** Whoever does it, as far as they are known in the other home; without any of them it is free to take. */
function whoAlong(who: Job['who'], members: RoomAlong['members']): Job['who'] {
	const known = who.members.flatMap((member) => members.get(member) ?? []);
	return known.length > 0 || who.members.length === 0
		? { ...who, members: known }
		: { mode: 'free', members: [] };
}

/**
 * The home `into` with a room of `from` and its jobs. The room comes last in the walk of its storey and into no zone;
 * items of a zone's list come by days since they were last done, until the room has one. A job keeps its first day, so
 * its turns go on in step. `members`: who is who in the two homes, by their ids. Refuses a room that is not there.
 */
export function takeRoomAlong(
	from: Home,
	roomId: string,
	into: Home,
	members: ReadonlyMap<string, string>
): TakenAlong {
	const room = from.rooms.find((one) => one.id === roomId);
	if (!room) return refuse({ code: 'unknown', what: 'room', id: roomId });
	const taken = new Set(into.rooms.map((one) => one.id));
	const toRoom = freeId(room.name, taken);
	const moving = from.jobs.filter((job) => job.room === roomId);
	const ids = new Set(into.jobs.map((job) => job.id));
	const jobs = new Map(
		moving.map((job) => {
			const id = freeId(job.name, ids);
			ids.add(id);
			return [job.id, id] as const;
		})
	);
	const along: RoomAlong = { room: { from: roomId, to: toRoom }, jobs, members };
	const known = (list: readonly string[], map: ReadonlyMap<string, string>) =>
		list.flatMap((one) => map.get(one) ?? []);
	const came = moving.map((job): Job => {
		const whole: Job = {
			...job,
			id: jobs.get(job.id) as string,
			room: toRoom,
			startsOn: job.startsOn ?? from.household.startsOn,
			covers: known(job.covers, jobs),
			rooms: [],
			things: [],
			depths: stepsAlong(job.depths, along.room),
			who: whoAlong(job.who, members)
		};
		const tidy = withinNeeds(whole);
		return job.cadence.type === 'zone' ? floatItem(tidy) : tidy;
	});
	const floats = moving.filter((job) => job.cadence.type === 'zone').length;
	const above = into.rooms.filter((one) => one.storey >= room.storey);
	const walkOrder = above.length === 0 ? 0 : Math.max(...above.map((one) => one.walkOrder)) + 1;
	const made: Room = { ...room, id: toRoom, zone: null, walkOrder, owners: known(room.owners, members) };
	const edit = finish(
		{
			...into,
			rooms: [
				...into.rooms.map((one) =>
					one.walkOrder >= walkOrder ? { ...one, walkOrder: one.walkOrder + 1 } : one
				),
				made
			],
			jobs: [...into.jobs, ...came]
		},
		[
			{ code: 'jobs-come', count: came.length, room: room.name },
			...(floats > 0 ? [{ code: 'items-float' as const, count: floats }] : [])
		]
	);
	return edit.ok ? { ...edit, along } : edit;
}

/** Whom an entry names, in the other home; null for nobody that is known there. */
const memberAlong = (member: string | null, along: RoomAlong) =>
	member === null ? null : (along.members.get(member) ?? null);

/**
 * The record of what goes along, in the order made, as the other home keeps it: of its jobs, how people grew into them,
 * and what was decluttered in the room. What was taken back goes along with its taking back. `idOf` gives an entry's id
 * there.
 */
export function entriesAlong(
	entries: readonly LedgerEntry[],
	along: RoomAlong,
	idOf: (id: string) => string
): LedgerEntry[] {
	const going = new Set<string>();
	const out: LedgerEntry[] = [];
	for (const entry of entries) {
		const head = { id: idOf(entry.id), by: memberAlong(entry.by, along) };
		if (entry.outcome === 'undo') {
			if (!going.has(entry.of)) continue;
			out.push({ ...entry, ...head, of: idOf(entry.of) });
		} else if ('job' in entry) {
			const job = along.jobs.get(entry.job);
			if (job === undefined) continue;
			const moved = { ...entry, ...head, job } as typeof entry;
			out.push(
				'coveredBy' in moved
					? {
							...moved,
							session: null,
							coveredBy: moved.coveredBy !== null && going.has(moved.coveredBy) ? idOf(moved.coveredBy) : null
						}
					: moved
			);
		} else if (entry.outcome === 'note') {
			const chore = along.jobs.get(entry.chore);
			if (chore === undefined) continue;
			out.push({ ...entry, ...head, chore });
		} else if (entry.outcome === 'cleared' && entry.room === along.room.from)
			out.push({ ...entry, ...head, room: along.room.to, session: null });
		else if (entry.outcome === 'rung' || entry.outcome === 'lookround') {
			const chore = along.jobs.get(entry.chore);
			const member = along.members.get(entry.member);
			if (chore === undefined || member === undefined) continue;
			const there = (id: string | null) => (id !== null && going.has(id) ? idOf(id) : null);
			out.push(
				entry.outcome === 'rung'
					? { ...entry, ...head, chore, member }
					: { ...entry, ...head, chore, member, asking: there(entry.asking), done: there(entry.done) }
			);
		} else continue;
		going.add(entry.id);
	}
	return out;
}

/** The first steps run again on a home that is there: only what was changed changes. */
import { isoOf, type CivilDay } from '../calendar/civil';
import { addFromLibrary } from './editJobs';
import { changeRoom, cupboardWithoutRoom, moveRoom, retireRoom } from './editRooms';
import type { Edit } from './edit';
import { agreedAmong } from '../household/familySchema';
import { readHome, type Home } from '../household/home';
import type { Draft } from './draft';
import { membersOf } from './draftMembers';
import { withMembers } from './editMembers';
import { homeFromDraft } from './homeFromDraft';
import { jobsByRoom, walkRooms } from './jobsOfRooms';
import type { Library } from './library';
import type { Pattern } from './pattern';
import { stayingOfLibrary } from './roomJobs';

/** Whether this pattern lays the library's jobs of a home anew: it is another one than the home lives by. */
export const isLaidAnew = (home: Home, pattern: Pattern): boolean =>
	pattern.name !== home.household.rhythm.pattern;

/**
 * The home with the answers' changes. A room that was hung gets its usual jobs, one that was taken down retires
 * with its own; people and animals follow the answers. Another pattern lays the library's jobs anew; jobs of the
 * household's own making stay as they are. Rules: "First steps taken again".
 */
export function changeHome(
	home: Home,
	draft: Draft,
	library: Library,
	pattern: Pattern,
	today: CivilDay
): Edit {
	return isLaidAnew(home, pattern)
		? layAnew(home, draft, library, pattern, today)
		: onlyChanges(home, draft, library, today);
}

function onlyChanges(home: Home, draft: Draft, library: Library, today: CivilDay): Edit {
	let current = withPeople(home, draft);
	const steps: ((home: Home) => Edit)[] = [];
	const wanted = new Set(draft.rooms.map((room) => room.id));
	const takenDown = home.rooms
		.filter((room) => !wanted.has(room.id))
		.map((room) => (now: Home) => retireRoom(now, room.id));
	const zoneOf = new Map(
		(draft.zones ?? []).flatMap((zone) => zone.rooms.map((room) => [room, zone.id] as const))
	);
	const byRoom = jobsByRoom(draft, library, stayingOfLibrary(home, draft));
	for (const room of walkRooms(draft)) {
		const { id, ...facts } = room;
		const before = home.rooms.find((one) => one.id === id);
		const known = home.zones.some((zone) => zone.id === zoneOf.get(id));
		const zone = known ? (zoneOf.get(id) ?? null) : null;
		if (before) {
			steps.push((now) => changeRoom(now, id, facts));
			if (before.zone !== zone && draft.zones) steps.push((now) => moveRoom(now, id, zone));
			continue;
		}
		steps.push((now) => {
			const read = readHome({
				...now,
				rooms: [...now.rooms, { ...room, walkOrder: now.rooms.length, seenByVisitors: false, zone }]
			});
			return read.ok
				? { ok: true, home: read.home, effects: [] }
				: { ok: false, refusal: { code: 'problems', problems: read.problems } };
		});
		for (const job of byRoom.get(id) ?? []) {
			steps.push((now) => addFromLibrary(now, job, id, today));
		}
	}
	// A home is never without a room: where none stays, the new ones come first.
	const isNoneLeft = takenDown.length === home.rooms.length;
	for (const step of isNoneLeft ? [...steps, ...takenDown] : [...takenDown, ...steps]) {
		const next = step(current);
		// Walked last to first: nothing is kept of a change that cannot be made whole.
		if (!next.ok) {
			if (next.refusal.code === 'same') continue;
			return next;
		}
		current = next.home;
	}
	const order = new Map(walkRooms(draft).map((room, i) => [room.id, i]));
	const read = readHome({
		...current,
		rooms: current.rooms.map((room) => ({ ...room, walkOrder: order.get(room.id) ?? room.walkOrder })),
		zones: current.zones.map((zone) => ({
			...zone,
			name: draft.zones?.find((one) => one.id === zone.id)?.name ?? zone.name
		})),
		household: {
			...current.household,
			name: draft.name.trim() || current.household.name,
			minutesADay: draft.minutesADay ?? current.household.minutesADay,
			weekStart: draft.weekStart,
			rhythm: {
				...current.household.rhythm,
				freeDays: draft.freeDays ?? current.household.rhythm.freeDays,
				catchUpDays: draft.catchUpDays ?? current.household.rhythm.catchUpDays
			}
		}
	});
	return read.ok
		? { ok: true, home: read.home, effects: [{ code: 'history-stays' }] }
		: { ok: false, refusal: { code: 'problems', problems: read.problems } };
}

/** People as the answers name them; who was there already keeps what the answers do not ask. */
function withPeople(home: Home, draft: Draft): Home {
	if (draft.people.length === 0) return { ...home, pets: draft.pets };
	const asked = new Map(draft.people.map((person) => [person.id, person]));
	const members = membersOf(draft).map((member) => {
		const before = home.members.find((one) => one.id === member.id);
		return before
			? { ...before, name: member.name, ...(asked.get(member.id)?.bornOn ? { bornOn: member.bornOn } : {}) }
			: member;
	});
	const devices = home.members.filter((member) => member.role === 'device');
	return { ...withMembers(home, [...members, ...devices]), pets: draft.pets };
}

function layAnew(home: Home, draft: Draft, library: Library, pattern: Pattern, today: CivilDay): Edit {
	const made = homeFromDraft(draft, library, pattern, today);
	if (!made.ok) return { ok: false, refusal: { code: 'problems', problems: made.problems } };
	const rooms = new Set(made.home.rooms.map((room) => room.id));
	const taken = new Set(made.home.jobs.map((job) => job.id));
	const members = withPeople(home, draft).members;
	const known = new Set(members.map((member) => member.id));
	const own = home.jobs
		.filter((job) => !job.library && job.cadence.type !== 'zone' && rooms.has(job.room) && !taken.has(job.id))
		.map((job) => ({
			...job,
			covers: job.covers.filter((id) => taken.has(id)),
			who: job.who.members.every((one) => known.has(one)) ? job.who : { mode: 'shared' as const, members: [] }
		}));
	const read = readHome({
		...made.home,
		household: {
			...home.household,
			...made.home.household,
			family: agreedAmong(home.household.family, known),
			layers: home.household.layers,
			startsOn: isoOf(today)
		},
		members,
		// What stands in the cupboard has nothing to do with when the work is done.
		cupboard: home.rooms
			.filter((room) => !rooms.has(room.id))
			.reduce((cupboard, room) => cupboardWithoutRoom(cupboard, room.id, null), home.cupboard),
		jobs: [...made.home.jobs, ...own]
	});
	return read.ok
		? { ok: true, home: read.home, effects: [{ code: 'history-stays' }] }
		: { ok: false, refusal: { code: 'problems', problems: read.problems } };
}

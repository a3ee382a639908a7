/** The first steps run again on a home that is there: only what was changed changes. */
import type { CivilDay } from '../calendar/civil';
import { addFromLibrary } from './editJobs';
import { changeRoom, moveRoom, retireRoom } from './editRooms';
import type { Edit } from './edit';
import { readHome, type Home } from '../household/home';
import { minutesAnswered, type Draft } from './draft';
import { withPeople } from './draftMembers';
import { jobsByRoom, stayingOfLibrary, walkRooms } from './jobsOfRooms';
import type { MadeHome } from './homeFromDraft';
import { layAnew } from './layAnew';
import type { Library } from './library';
import type { Pattern } from './pattern';

/** Whether this pattern lays the library's jobs of a home anew: it is another one than the home lives by. */
export const isLaidAnew = (home: Home, pattern: Pattern): boolean =>
	pattern.name !== home.household.rhythm.pattern;

/** The home with the answers' changes, and where its work is laid anew, what has no place; or why not. */
export type ChangedHome =
	| {
			readonly ok: true;
			readonly home: Home;
			readonly anew: Extract<MadeHome, { ok: true }> | null;
	  }
	| Extract<Edit, { ok: false }>;

/**
 * The home with the answers' changes. A room that was hung gets its usual jobs, one that was taken down retires
 * with its own; people and animals follow the answers. Another of the `patterns` than the home lives by lays the library's
 * jobs anew. Rules: "First steps taken again", "Another way of cleaning".
 */
export function changeHome(
	home: Home,
	draft: Draft,
	library: Library,
	pattern: Pattern,
	today: CivilDay,
	patterns: readonly Pattern[]
): ChangedHome {
	if (!withPeople(home, draft).members.some((member) => member.role === 'organiser'))
		return { ok: false, refusal: { code: 'last-organiser' } };
	if (!isLaidAnew(home, pattern)) {
		const edit = onlyChanges(home, draft, library, today);
		return edit.ok ? { ok: true, home: edit.home, anew: null } : edit;
	}
	const made = layAnew(home, draft, library, { pattern, patterns }, today);
	return made.ok
		? { ok: true, home: made.home, anew: made }
		: { ok: false, refusal: { code: 'problems', problems: made.problems } };
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
			minutesADay: minutesAnswered(home.household, draft),
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

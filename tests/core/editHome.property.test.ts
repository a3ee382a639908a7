import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { toDay } from '../../src/lib/core/calendar/civil';
import { addFromLibrary, copyJob, retireJob } from '../../src/lib/core/setup/editJobs';
import { changeHousehold, switchLayer } from '../../src/lib/core/setup/editHome';
import {
	addRoom,
	changeRoom,
	mergeRooms,
	moveRoom,
	reorderRoom,
	retireRoom
} from '../../src/lib/core/setup/editRooms';
import type { Edit } from '../../src/lib/core/setup/edit';
import { addZone, changeZone, reorderZone, retireZone } from '../../src/lib/core/setup/editZones';
import { LAYERS, ROOM_KINDS, WEAVES, type Home } from '../../src/lib/core/household/home';
import { demoHome, makeHome } from './home';
import { library } from './library';

const TODAY = toDay('2027-03-03');

/** One random change of any home: its numbers pick among what is there. */
interface Change {
	readonly kind: number;
	readonly a: number;
	readonly b: number;
	readonly name: string;
}

const change: fc.Arbitrary<Change> = fc.record({
	kind: fc.nat(15),
	a: fc.nat(),
	b: fc.nat(),
	name: fc.string({ minLength: 1, maxLength: 90, unit: 'grapheme' }).map((text) => `N ${text}`.slice(0, 80))
});

const pick = <T>(list: readonly T[], n: number): T => list[n % list.length] as T;

function make(home: Home, { kind, a, b, name }: Change): Edit {
	const room = pick(home.rooms, a).id;
	const other = pick(home.rooms, b).id;
	const zone = home.zones.length > 0 ? pick(home.zones, a).id : 'none';
	const otherZone = b % 4 === 0 || home.zones.length === 0 ? null : pick(home.zones, b).id;
	const job = home.jobs.length > 0 ? pick(home.jobs, a).id : 'none';
	switch (kind) {
		case 0:
			return moveRoom(home, room, otherZone);
		case 1:
			return changeRoom(home, room, { name, storey: (b % 5) - 1, kind: pick(ROOM_KINDS, b) });
		case 2:
			return addRoom(home, { name, kind: pick(ROOM_KINDS, a), storey: (b % 5) - 1 }, otherZone);
		case 3:
			return reorderRoom(home, room, b % 2 === 0 ? 1 : -1);
		case 4:
			return mergeRooms(home, room, other);
		case 5:
			return retireRoom(home, room);
		case 6:
			return addZone(home, name);
		case 7:
			return changeZone(home, zone, {
				name,
				weave: pick(WEAVES, b),
				orderBy: b % 2 === 0 ? 'need' : 'list',
				list: [...(home.zones.find((one) => one.id === zone)?.list ?? []), 'gone'].reverse()
			});
		case 8:
			return reorderZone(home, zone, b % 2 === 0 ? 1 : -1);
		case 9:
			return retireZone(home, zone, otherZone);
		case 10:
			return addFromLibrary(home, pick(library().jobs, b), room, TODAY);
		case 11:
			return copyJob(home, job, other, TODAY);
		case 12:
			return retireJob(home, job);
		case 13:
			return switchLayer(home, pick(LAYERS, a), b % 2 === 0, TODAY);
		case 14:
			return changeHousehold(home, {
				...home.household,
				minutesADay: 5 + (a % 200),
				rhythm: {
					...home.household.rhythm,
					scheme: pick(
						[
							{ type: 'rows', extra: 'last' },
							{ type: 'weeks', extra: 'free' },
							{ type: 'none', extra: 'last' },
							{ type: 'cycle', extra: 'last', anchor: '2027-03-01' },
							{
								type: 'weekdays',
								extra: 'last',
								byWeekday: Object.fromEntries(home.zones.slice(0, 7).map((one, i) => [String(i + 1), one.id]))
							}
						] as Home['household']['rhythm']['scheme'][],
						b
					)
				}
			});
		default:
			return changeHousehold(home, { ...home.household, weekStart: pick([1, 6, 7] as const, a), name });
	}
}

/** Every zone item on one list, that of its room's zone; each list without doubles; places of the walk apart. */
function expectWhole(home: Home) {
	const zoneOf = new Map(home.rooms.map((room) => [room.id, room.zone]));
	const listed = home.zones.flatMap((zone) => zone.list.map((id) => [id, zone.id] as const));
	expect(new Set(listed.map(([id]) => id)).size).toBe(listed.length);
	const items = home.jobs.filter((job) => job.cadence.type === 'zone');
	expect(new Map(listed)).toEqual(new Map(items.map((job) => [job.id, zoneOf.get(job.room)])));
	const rooms = new Set(home.rooms.map((room) => room.id));
	const used = home.jobs.flatMap((job) => [
		job.room,
		...Object.values(job.depths).flatMap((depth) => (depth?.steps ?? []).flatMap((step) => step.room ?? []))
	]);
	expect(used.filter((id) => !rooms.has(id))).toEqual([]);
}

describe('any row of changes', () => {
	it.each([
		['the demo', demoHome],
		['a small home', makeHome]
	])(
		'leaves %s one that the schema takes; none is refused for what it would leave behind',
		(_, begin) => {
			fc.assert(
				fc.property(fc.array(change, { minLength: 1, maxLength: 9 }), (changes) => {
					let home = begin();
					for (const one of changes) {
						const edit = make(home, one);
						if (!edit.ok) {
							expect(edit.refusal).not.toMatchObject({ code: 'problems' });
							continue;
						}
						expectWhole(edit.home);
						home = edit.home;
					}
				}),
				{ numRuns: 60, seed: 7 }
			);
		},
		60_000
	);

	it('says how many jobs it takes away, and takes no other', () => {
		fc.assert(
			fc.property(change, (one) => {
				const home = demoHome();
				const edit = make(home, one);
				if (!edit.ok) return;
				const after = new Set(edit.home.jobs.map((job) => job.id));
				const gone = home.jobs.filter((job) => !after.has(job.id)).length;
				const said = edit.effects.flatMap((effect) => (effect.code === 'jobs-retire' ? [effect.count] : []));
				expect(gone).toBe(one.kind === 12 ? 1 : (said[0] ?? 0));
			}),
			{ numRuns: 60, seed: 3 }
		);
	}, 60_000);

	it('never touches the home it began from', () => {
		const home = demoHome();
		const before = JSON.stringify(home);
		fc.assert(
			fc.property(change, (one) => {
				make(home, one);
				expect(JSON.stringify(home)).toBe(before);
			}),
			{ numRuns: 75, seed: 5 }
		);
	}, 60_000);
});

describe('there and back', () => {
	it('a room moved into another zone and back leaves the same lists, in some order', () => {
		const home = demoHome();
		for (const room of home.rooms) {
			for (const zone of home.zones) {
				if (room.zone === null || room.zone === zone.id) continue;
				const there = moveRoom(home, room.id, zone.id);
				const back = there.ok ? moveRoom(there.home, room.id, room.zone) : there;
				if (!back.ok) throw new Error(JSON.stringify(back.refusal));
				const sorted = (one: Home) => one.zones.map((z) => [...z.list].sort());
				expect(sorted(back.home)).toEqual(sorted(home));
				expect(back.home.rooms).toEqual(home.rooms);
			}
		}
	});

	it('one place up and one down is no change', () => {
		const home = demoHome();
		const walk = [...home.rooms].sort((a, b) => a.walkOrder - b.walkOrder).map((room) => room.id);
		for (const room of home.rooms) {
			const down = reorderRoom(home, room.id, 1);
			if (!down.ok) {
				expect([down.refusal.code, walk[walk.length - 1]]).toEqual(['same', room.id]);
				continue;
			}
			const up = reorderRoom(down.home, room.id, -1);
			expect(
				up.ok && [...up.home.rooms].sort((a, b) => a.walkOrder - b.walkOrder).map((one) => one.id)
			).toEqual(walk);
		}
		for (const zone of home.zones.slice(0, -1)) {
			const down = reorderZone(home, zone.id, 1);
			const up = down.ok ? reorderZone(down.home, zone.id, -1) : down;
			expect(up.ok && up.home.zones).toEqual(home.zones);
		}
	});
});
